// What a screen reader is told: every focus stop of every page, and all that stands on the slip.
#include "support/window.h"

#include "ui/text.h"
#include "words/sentences.h"

#include <QAccessible>
#include <QApplication>
#include <set>

using namespace arbor;
using arbor::testing::WindowTest;
using job::Station;

class Speech : public WindowTest {
protected:
    static QString said(QWidget* widget, QAccessible::Text what) {
        auto* spoken = QAccessible::queryAccessibleInterface(widget);
        return spoken ? spoken->text(what) : QString();
    }

    /// Every widget the Tab key may come to, now.
    std::vector<QWidget*> stops() {
        std::vector<QWidget*> out;
        for (auto* widget : window->findChildren<QWidget*>())
            if (widget->isVisible() && widget->isEnabled() && (widget->focusPolicy() & Qt::TabFocus) &&
                !widget->focusProxy())
                out.push_back(widget);
        return out;
    }

    void expectAllSpeak(const std::string& page) {
        const auto all = stops();
        EXPECT_GT(all.size(), 1u) << page;
        for (auto* widget : all) {
            auto* spoken = QAccessible::queryAccessibleInterface(widget);
            ASSERT_NE(spoken, nullptr);
            const auto what =
                page + " " + widget->objectName().toStdString() + " (" + widget->metaObject()->className() + ")";
            EXPECT_FALSE(spoken->text(QAccessible::Name).isEmpty()) << what << " has no name";
            EXPECT_NE(spoken->role(), QAccessible::NoRole) << what;
            EXPECT_NE(spoken->role(), QAccessible::Client) << what << " does not say what it is";
            if (widget->property("spokenRole").isValid()) {
                EXPECT_FALSE(spoken->text(QAccessible::Value).isEmpty()) << what << " says nothing";
            }
            ++m_met;
        }
    }

    /// All names below a widget.
    static void collect(QAccessibleInterface* from, QStringList& out) {
        if (!from) return;
        if (!from->state().invisible) out << from->text(QAccessible::Name);
        for (int i = 0; i < from->childCount(); ++i)
            collect(from->child(i), out);
    }

    int m_met = 0;
};

TEST_F(Speech, EveryFocusStopOfEveryStationHasNameRoleAndValue) {
    for (const char* name : {"seamer-turret-upper", "conveyor-tail-drum"}) {
        open(name);
        for (const auto station : job::kStations) {
            window->jobView()->go(station);
            expectAllSpeak(std::string(name) + " " + std::string(words::stationTitle(station)));
        }
    }
    EXPECT_GT(m_met, 150);
}

TEST_F(Speech, EveryFocusStopOfTheOtherPlacesHasNameRoleAndValue) {
    open();
    for (const auto& [place, key, modifiers] : {std::tuple{"arrangement", Qt::Key_G, Qt::ControlModifier},
                                                {"rack", Qt::Key_R, Qt::ControlModifier},
                                                {"log", Qt::Key_F, Qt::ControlModifier},
                                                {"friction", Qt::Key_M, Qt::ControlModifier},
                                                {"practice", Qt::Key_T, Qt::ControlModifier},
                                                {"bands", Qt::Key_B, Qt::ControlModifier},
                                                {"jobs", Qt::Key_L, Qt::ControlModifier}}) {
        QTest::keyClick(window.get(), key, modifiers);
        expectAllSpeak(place);
        QTest::keyClick(window.get(), Qt::Key_Escape);
    }
}

TEST_F(Speech, EveryFigureAndReasonOfTheSlipIsReachable) {
    int facts = 0;
    for (const char* name : {"seamer-turret-upper", "exhaust-fan-carrier", "brine-agitator"}) {
        open(name);
        for (const auto station : job::kStations) {
            window->jobView()->go(station);
            QStringList names;
            collect(QAccessible::queryAccessibleInterface(window->jobView()->slip()), names);
            const auto all = names.join('\n');
            const auto heard = [&](const std::string& text) {
                ++facts;
                EXPECT_TRUE(all.contains(ui::q(text))) << name << " " << words::stationTitle(station) << ": " << text;
            };
            const auto& sheet = slip();
            heard(sheet.title);
            heard(sheet.verdict);
            heard(sheet.action);
            heard(sheet.caution);
            for (const auto& figure : sheet.figures) {
                heard(figure.label);
                heard(figure.number);
                heard(figure.range);
                for (const auto& limit : figure.limits)
                    heard(limit.label);
            }
            for (const auto& list : sheet.rows)
                for (const auto& row : list.aside ? std::vector<words::Row>{} : list.rows) {
                    heard(row.left);
                    heard(row.right);
                }
            for (const auto& note : sheet.notes) {
                heard(note.head);
                heard(note.detail);
            }
        }
    }
    EXPECT_GT(facts, 500);
}

TEST_F(Speech, AStopIsSaidInAWordAndTheSlipIsCopied) {
    open();
    session().edit("try", [](job::Job& j) { j.arrangement.assembly.parts.clear(); });
    window->jobView()->go(Station::Strip);
    EXPECT_TRUE(window->jobView()->slip()->text().contains(ui::q(slip().title)));
    auto* scroll = window->jobView()->findChild<QWidget*>("slipScroll");
    scroll->setFocus();
    QTest::keyClick(scroll, Qt::Key_C, Qt::ControlModifier);
    EXPECT_FALSE(window->jobView()->slip()->text().isEmpty());
}

TEST_F(Speech, ChartsAndTheRackBelowTheBenchSayWhatTheyShow) {
    const std::set<std::string> charts{"forceChart", "gapChart", "rimChart", "zones", "clearanceSteps", "rackShelf"};
    std::set<std::string> said;
    for (const char* job : {"seamer-turret-upper", "exhaust-fan-carrier"}) {
        open(job);
        for (const auto station : job::kStations) {
            window->jobView()->go(station);
            for (const auto& name : charts) {
                auto* chart = window->jobView()->findChild<QWidget*>(QString::fromStdString(name));
                if (!chart || !chart->isVisible()) continue;
                auto* spoken = QAccessible::queryAccessibleInterface(chart);
                ASSERT_NE(spoken, nullptr) << name;
                EXPECT_FALSE(spoken->text(QAccessible::Name).isEmpty()) << name;
                if (!spoken->text(QAccessible::Value).isEmpty()) said.insert(name);
            }
        }
    }
    EXPECT_EQ(said, charts);
}
