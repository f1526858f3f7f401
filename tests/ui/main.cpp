#include "support/locale.h"

#include <QApplication>
#include <gtest/gtest.h>

int main(int argc, char** argv) {
    // Also run by test discovery on machines without a screen.
    if (!qEnvironmentVariableIsSet("DISPLAY") && !qEnvironmentVariableIsSet("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    arbor::testing::takeLocale();
    QApplication app(argc, argv);
    QApplication::setApplicationName("brisk-arbor-tests");
    ::testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
