#pragma once

#include <string>

namespace arbor::words {

/// A text the core or the data that ship gave (parts of a shape, materials, heat sources, uses, what a calculation asks
/// for) in the reader's language. What is not in the catalogue, as a shop's own names are not, stays as it was written.
std::string shippedName(const std::string& name);

} // namespace arbor::words
