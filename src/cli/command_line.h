#pragma once

#include <iosfwd>

namespace arbor::cli {

/// The command line twin of the window.
/// @return 0 all is well, 1 a verdict is "stop", 2 the input is wrong (file, place and reason on `err`)
int run(int argc, const char* const* argv, std::istream& in, std::ostream& out, std::ostream& err);

} // namespace arbor::cli
