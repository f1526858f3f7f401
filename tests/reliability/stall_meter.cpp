// How long the window is not there at most while a record is written and the logbook is opened, closed and searched:
// with its own logbook, with a server that takes the call and says nothing, with a file that another program holds.
//   stall_meter SHOP          a copy of the demo shop
#include "ui/rack/rack_view.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"

#include <QAction>
#include <QApplication>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QPushButton>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTcpServer>
#include <QTest>
#include <QTimer>
#include <cstdio>

namespace {

/// The longest time between two turns of the loop of events.
class Meter {
public:
    Meter() {
        QObject::connect(&m_timer, &QTimer::timeout, [this] {
            m_most = std::max(m_most, m_since.elapsed());
            m_since.restart();
        });
        m_since.start();
        m_timer.start(0);
    }
    qint64 most_ms() const { return m_most; }

private:
    QTimer m_timer;
    QElapsedTimer m_since;
    qint64 m_most = 0;
};

qint64 measure(const QString& shop, const QString& logbook) {
    QFile::remove(shop + "/settings.ini");
    arbor::ui::MainWindow window({[] { return std::string("2026-11-24T10:00:00"); },
                                  std::make_unique<QSettings>(shop + "/settings.ini", QSettings::IniFormat), logbook});
    window.show();
    window.openPath(shop + "/seamer-turret-upper.arbor.json");
    window.jobView()->go(arbor::job::Station::Close);
    auto* who = window.findChild<QLineEdit*>("recordWho");
    QTest::keyClicks(who, "Ilse Marden");
    QCoreApplication::processEvents();
    const Meter meter;
    const auto turn = [] { QTest::qWait(300); };
    turn();
    QTest::mouseClick(window.findChild<QPushButton*>("slipAction"), Qt::LeftButton);
    turn();
    QTest::keyClick(&window, Qt::Key_F, Qt::ControlModifier);
    turn();
    QTest::keyClicks(window.findChild<QLineEdit*>("logSearch"), "turret");
    static_cast<void>(QTest::qWaitFor([&] { return !window.isMaking(); }, 60'000));
    turn();
    const auto most = meter.most_ms();
    return most;
}

/// A report, and a rack of `tools` from a file of the rack's own form.
qint64 measureReport(const QString& shop) {
    arbor::ui::MainWindow window({[] { return std::string("2026-11-24T10:00:00"); },
                                  std::make_unique<QSettings>(shop + "/settings.ini", QSettings::IniFormat),
                                  {}});
    window.show();
    window.openPath(shop + "/brine-agitator.arbor.json");
    QTest::qWait(300);
    const Meter meter;
    window.findChild<QAction*>("actionReport")->trigger();
    static_cast<void>(QTest::qWaitFor([&] { return !window.isMaking(); }, 60'000));
    QTest::qWait(300);
    return meter.most_ms();
}

qint64 measureImport(const QString& shop, int tools) {
    QFile file(shop + "/many.csv");
    static_cast<void>(file.open(QIODevice::WriteOnly));
    file.write("id,kind,name,outside_mm,bore_mm,length_mm\n");
    for (int i = 0; i < tools; ++i)
        file.write(QByteArray("Z") + QByteArray::number(i) + ",sleeve,plain," + QByteArray::number(30 + i * 0.1) + ',' +
                   QByteArray::number(20 + i * 0.1) + ",60\n");
    file.close();
    arbor::ui::MainWindow window({[] { return std::string("2026-11-24T10:00:00"); },
                                  std::make_unique<QSettings>(shop + "/settings.ini", QSettings::IniFormat),
                                  {}});
    window.show();
    window.openPath(shop);
    window.findChild<QAction*>("actionRack")->trigger();
    QTest::qWait(300);
    const Meter meter;
    const auto rack = window.findChild<arbor::ui::RackView*>();
    const auto taken = rack->importFrom(file.fileName());
    if (!taken || rack->tools().size() < std::size_t(tools)) std::printf("not taken in\n");
    static_cast<void>(QTest::qWaitFor([&] { return !window.isMaking(); }, 60'000));
    QTest::qWait(300);
    return meter.most_ms();
}

} // namespace

int main(int argc, char** argv) {
    const QApplication qt(argc, argv);
    if (argc != 2) return 3;
    const auto shop = QString::fromLocal8Bit(argv[1]);
    std::printf("| logbook | the window is away at most, ms |\n|---|---|\n");
    std::printf("| its own | %lld |\n", measure(shop, {}));
    std::printf("| its own, a second record | %lld |\n", measure(shop, {}));
    QTcpServer silent;
    silent.listen(QHostAddress::LocalHost);
    std::printf("| a server that says nothing | %lld |\n",
                measure(shop, QStringLiteral("postgresql://ilse@127.0.0.1:%1/shop").arg(silent.serverPort())));
    auto db = QSqlDatabase::addDatabase("QSQLITE", "holding");
    db.setDatabaseName(shop + "/logbook.sqlite");
    db.open();
    QSqlQuery(db).exec("BEGIN EXCLUSIVE");
    std::printf("| a file that another program holds | %lld |\n", measure(shop, {}));
    db.close();
    std::printf("\n| long work | the window is away at most, ms |\n|---|---|\n");
    std::printf("| a report | %lld |\n", measureReport(shop));
    std::printf("| a rack of 1,000 tools taken in | %lld |\n", measureImport(shop, 1'000));
}
