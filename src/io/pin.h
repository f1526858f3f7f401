#pragma once

#include <string>

namespace arbor::io {

/// A PIN as it is kept in people.json: PBKDF2 with SHA-256 [RFC 8018] and a salt of its own, so that nobody reads it
/// there. It tells a colleague's hand from one's own at a bench; it is no secret of the shop's.
/// @param salt  empty: a new one
std::string scrambledPin(const std::string& pin, const std::string& salt = {});
bool isPin(const std::string& pin, const std::string& scrambled);

} // namespace arbor::io
