#include <QCoreApplication>
#include <gtest/gtest.h>

int main(int argc, char** argv) {
    const QCoreApplication qt(argc, argv); // the desk answers by its events
    ::testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
