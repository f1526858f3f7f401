#include "cli/command_line.h"
#include "language/catalogue.h"

#include <iostream>

int main(int argc, char** argv) {
    const arbor::language::Spoken language({}); // LANG and its kin
    return arbor::cli::run(argc, argv, std::cin, std::cout, std::cerr);
}
