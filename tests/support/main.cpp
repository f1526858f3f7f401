#include "support/locale.h"

#include <gtest/gtest.h>

int main(int argc, char** argv) {
    arbor::testing::takeLocale();
    ::testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
