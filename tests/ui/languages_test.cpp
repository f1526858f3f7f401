// The window in German, and in a made-up language whose words are 40 % longer: nothing is cut, nothing is left in
// English.
#include "support/cut_texts.h"
#include "support/window.h"

#include "language/catalogue.h"
#include "ui/text.h"
#include "words/arrangement_words.h"
#include "words/sentences.h"

#include <QMenu>
#include <QRegularExpression>
#include <cmath>

using namespace arbor;
using arbor::testing::WindowTest;

namespace {

/// Every word longer by 40 %; names in braces and numbered places stay.
class LongerTexts : public QTranslator, public words::Language {
public:
    static QString longer(const QString& text) {
        static const QRegularExpression word("(?<![\\w{%])\\p{L}{2,}(?![\\w}])");
        if (text.contains("eee")) return text; // was put in, and is longer already
        QString out;
        qsizetype from = 0;
        for (auto it = word.globalMatch(text); it.hasNext();) {
            const auto found = it.next();
            out += text.mid(from, found.capturedEnd() - from);
            out += QString(qCeil(0.4 * static_cast<double>(found.capturedLength())), 'e');
            from = found.capturedEnd();
        }
        return out + text.mid(from);
    }
    QString translate(const char*, const char* source, const char*, int) const override { return longer(source); }
    bool isEmpty() const override { return false; }
    std::string translated(const char* text, const char* note, int count) const override {
        return Language::translated(longer(text).toStdString().c_str(), note, count);
    }
};

} // namespace

class Languages : public WindowTest {
protected:
    void speak(const QString& code) {
        m_spoken.emplace(code);
        openWindow();
    }

    /// Every station of some jobs, every other place.
    void walk(const std::function<void(const std::string& page)>& at) {
        for (const char* name : {"seamer-turret-upper", "conveyor-tail-drum", "exhaust-fan-carrier"}) {
            open(name);
            for (const auto station : job::kStations)
                for (std::size_t step = 0; step < (job::isOfStep(station) ? session().plan().steps.size() : 1);
                     ++step) {
                    window->jobView()->go(station);
                    if (job::isOfStep(station))
                        session().lookBy(static_cast<int>(step) - static_cast<int>(session().inHand()));
                    at(std::string(name) + " " + std::string(words::stationTitle(station)) + " " +
                       std::to_string(step + 1));
                }
        }
        for (const char* place : {"actionArrangement", "actionRack", "actionLog", "actionFriction", "actionBands",
                                  "actionMaterials", "actionPractice", "actionShelf"}) {
            find<QAction>(place)->trigger();
            at(place);
        }
    }

    void expectNothingCut() {
        int pages = 0;
        QStringList cut;
        walk([&](const std::string& page) {
            QApplication::processEvents();
            for (const auto& text : arbor::testing::cutTexts(*window))
                if (!cut.contains(text)) {
                    cut << text;
                    ADD_FAILURE() << page << ": " << text.toStdString();
                }
            ++pages;
        });
        EXPECT_GT(pages, 60);
    }

    std::optional<language::Spoken> m_spoken;
};

TEST_F(Languages, NothingIsCutInEnglish) {
    expectNothingCut();
}

TEST_F(Languages, NothingIsCutInGerman) {
    speak("de");
    expectNothingCut();
}

TEST_F(Languages, NothingIsCutWhereWordsAreLonger) {
    const LongerTexts longer;
    QCoreApplication::installTranslator(const_cast<LongerTexts*>(&longer));
    words::speak(&longer);
    openWindow();
    expectNothingCut();
    words::speak(nullptr);
}

TEST_F(Languages, OneIsChosenInTheMenuAndSpokenByTheNextWindow) {
    open();
    QString again;
    QObject::connect(window.get(), &ui::MainWindow::remakeWanted, [&] { again = window->openedPath(); });
    find<QAction>("language_de")->trigger();
    EXPECT_EQ(again, QString::fromStdString(session().path()));
    const QSettings settings(QString::fromStdString(shop.file("settings.ini")), QSettings::IniFormat);
    speak(settings.value(ui::MainWindow::kLanguageSetting).toString());
    open();
    EXPECT_EQ(find<QAction>("actionRack")->text(), "Regal");
    EXPECT_TRUE(find<QAction>("language_de")->isChecked());
    window->jobView()->go(job::Station::Fit);
    EXPECT_EQ(slip().title, "Passung");
    EXPECT_EQ(slip().figures.front().number, "15,5");
}

TEST_F(Languages, TheArrangementsLinesAreReadInBothLanguages) {
    speak("de");
    open();
    const auto& assembly = job().arrangement.assembly;
    for (std::size_t outer = 0; outer < assembly.parts.size(); ++outer)
        for (std::size_t inner = 0; inner < assembly.parts.size(); ++inner) {
            if (!arrangement::touchOf(assembly.parts[outer], assembly.parts[inner])) continue;
            const auto shown = words::seatText(assembly, outer, inner);
            const auto read = words::withSeat(assembly, outer, inner, shown);
            ASSERT_TRUE(read) << shown;
            EXPECT_EQ(words::seatText(*read, outer, inner), shown);
        }
    EXPECT_EQ(words::parseWayRound("Geber oben").value()->up, true);
    EXPECT_EQ(words::parseWayRound("encoder down").value()->up, false);
}
