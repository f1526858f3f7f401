// Photos at the step: as found, as proven, from a file, a folder and the clipboard; shown where the part goes back, and
// in the report.
#include "support/steps.h"
#include "support/window.h"

#include "ui/photos/photo_folder.h"
#include "ui/report/papers_view.h"
#include "ui/shop/bench_page.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMimeData>
#include <QProcess>

using namespace arbor;
using arbor::testing::ownKey;
using arbor::testing::WindowTest;
using job::Station;

class Photos : public WindowTest {
protected:
    Photos() {
        open();
        session().lookAt(ownKey(session().job()));
    }
    QString camera() {
        const auto folder = QString::fromStdString(shop.file("camera"));
        QDir().mkpath(folder);
        return folder;
    }
    static bool draw(const QString& file, Qt::GlobalColor colour) {
        QImage image(80, 60, QImage::Format_RGB32);
        image.fill(colour);
        return image.save(file);
    }
    const job::StepRecord& step() { return session().record(); }
};

TEST_F(Photos, OneThatArrivesIsTakenWhereOneStands) {
    key(Qt::Key_H, Qt::ControlModifier | Qt::ShiftModifier);
    type("photoFolder", camera());
    key(Qt::Key_Escape);
    window->jobView()->go(Station::Seat);
    ASSERT_TRUE(draw(camera() + "/IMG_0001.png", Qt::red));
    ASSERT_TRUE(QTest::qWaitFor([&] { return window->troubleText().contains("IMG_0001.png has arrived"); }, 10'000));
    key(Qt::Key_F12);
    ASSERT_EQ(step().photos, std::vector<std::string>{"photos/IMG_0001.png"}) << "as proven";
    EXPECT_TRUE(find<QListWidget>("provenPhotos")->count() == 1);
    key(Qt::Key_F12);
    EXPECT_TRUE(window->troubleText().contains("No photo has arrived"));
}

TEST_F(Photos, ACameraThatBeginsAnewOverwritesNothing) {
    window->jobView()->go(Station::Seat);
    const auto first = camera() + "/IMG_0001.png";
    ASSERT_TRUE(draw(first, Qt::red));
    ASSERT_TRUE(window->jobView()->takePhoto(first.toStdString()));
    ASSERT_TRUE(draw(first, Qt::blue));
    ASSERT_TRUE(window->jobView()->takePhoto(first.toStdString()));
    ASSERT_TRUE(window->jobView()->takePhoto(first.toStdString())) << "the same once more is there already";
    const std::vector<std::string> all{"photos/IMG_0001.png", "photos/IMG_0001-2.png", "photos/IMG_0001-2.png"};
    EXPECT_EQ(step().photos, all);
    EXPECT_FALSE(window->jobView()->takePhoto(shop.file("rack.csv"))) << "no picture";
}

TEST_F(Photos, APictureOfTheClipboardIsKept) {
    window->jobView()->go(Station::Intake);
    QMimeData copied;
    window->pastePhoto(copied);
    EXPECT_TRUE(window->troubleText().contains("no picture"));
    QImage image(40, 40, QImage::Format_RGB32);
    image.fill(Qt::green);
    copied.setImageData(image);
    const auto before = saved().intake.photos.size();
    window->pastePhoto(copied);
    ASSERT_EQ(saved().intake.photos.size(), before + 1);
    EXPECT_EQ(saved().intake.photos.back(), "photos/photo-2026-11-24T100000.png");
}

TEST_F(Photos, AsFoundIsShownWhereThePartGoesBackAndPrinted) {
    const auto& now = *session().step();
    const auto part = session().plan().strip.assembly.parts[now.step.part].id;
    const auto file = camera() + "/found.png";
    ASSERT_TRUE(draw(file, Qt::red));
    ASSERT_TRUE(session().attachPhotoOf(part, file.toStdString()));
    ASSERT_TRUE(session().attachProof(file.toStdString()));
    window->jobView()->go(Station::Tooling);
    EXPECT_TRUE(find<QLabel>("asFoundCard")->isVisible());
    find<QAction>("actionReport")->trigger();
    key(Qt::Key_Return);
    QProcess run;
    run.start("pdfimages", {"-list", find<ui::PapersView>("papersView")->lastWritten()});
    ASSERT_TRUE(run.waitForFinished(30'000));
    EXPECT_GE(QString::fromUtf8(run.readAllStandardOutput()).count("80    60"), 2) << "as found and as proven";
}
