#pragma once

#include "cli/command_line.h"

#include <sstream>
#include <string>
#include <vector>

namespace arbor::testing {

/// What a command line came to.
struct Run {
    int exit = -1;
    std::string out;
    std::string err;
};

inline Run run(std::vector<std::string> words, const std::string& input = {}) {
    words.insert(words.begin(), "brisk-arbor-cli");
    std::vector<const char*> argv;
    for (const auto& w : words)
        argv.push_back(w.c_str());
    std::istringstream in(input);
    std::ostringstream out, err;
    Run r;
    r.exit = arbor::cli::run(static_cast<int>(argv.size()), argv.data(), in, out, err);
    r.out = out.str();
    r.err = err.str();
    return r;
}

} // namespace arbor::testing
