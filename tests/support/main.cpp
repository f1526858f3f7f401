#include "support/locale.h"

#include <gtest/gtest.h>

/// glibc keeps the folders of LOCPATH it has once taken apart.
extern "C" const char* __lsan_default_suppressions() { // NOLINT(bugprone-reserved-identifier): its name is given
    return "leak:argz_add_sep\n";
}

int main(int argc, char** argv) {
    arbor::testing::takeLocale();
    ::testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
