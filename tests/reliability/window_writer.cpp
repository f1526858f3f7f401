// The window, typed into: a letter more of the notes at Close each round, said once the window has saved it.
//   window_writer FOLDER ROUNDS
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"

#include <QApplication>
#include <QPlainTextEdit>
#include <QTest>
#include <cstdio>

int main(int argc, char** argv) {
    const QApplication qt(argc, argv);
    if (argc != 3) return 3;
    const auto folder = QString::fromLocal8Bit(argv[1]);
    arbor::ui::MainWindow window({[] { return std::string("2026-11-24T10:00:00"); },
                                  std::make_unique<QSettings>(folder + "/settings.ini", QSettings::IniFormat)});
    window.show();
    window.openPath(folder + "/seamer-turret-upper.arbor.json");
    if (!window.session()) return 2;
    window.jobView()->go(arbor::job::Station::Close);
    auto* notes = window.findChild<QPlainTextEdit*>("recordNotes");
    notes->setFocus();
    bool all = true;
    for (int round = 1; round <= std::atoi(argv[2]); ++round) {
        QTest::keyClick(notes, Qt::Key_X);
        const bool safe = !window.session()->isUnsaved();
        std::printf("%s %d\n", safe ? "safe" : "refused", round);
        std::fflush(stdout);
        all = all && safe;
    }
    return all ? 0 : 2;
}
