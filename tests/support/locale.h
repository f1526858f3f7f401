#pragma once

#include <clocale>
#include <cstdio>
#include <cstdlib>
#include <cstring>

namespace arbor::testing {

/// Takes the locale the environment names, as the programs do through Qt. A German run that silently fell back to C
/// would prove nothing, so it ends there.
inline void takeLocale() {
    const bool taken = std::setlocale(LC_ALL, "") != nullptr;
    const char* wanted = std::getenv("LC_ALL");
    const bool german = wanted && std::strncmp(wanted, "de_DE", 5) == 0;
    if (!german || (taken && std::strcmp(std::localeconv()->decimal_point, ",") == 0)) return;
    std::fputs("the German locale is not there: tools/make_locale.sh makes it, LOCPATH leads to it\n", stderr);
    std::exit(1);
}

} // namespace arbor::testing
