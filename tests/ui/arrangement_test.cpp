// The arrangement's place: a shape to start from, lines filled by keyboard, faces dragged, everything undone again.
#include "support/drawing.h"
#include "support/window.h"

#include "ui/arrangement/arrangement_view.h"
#include "ui/arrangement/sheet_model.h"
#include "ui/bench/bench_view.h"

#include <QAction>
#include <QApplication>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPushButton>
#include <QTableView>
#include <functional>

using namespace arbor;
using arbor::testing::hole;
using arbor::testing::replaced;
using arbor::testing::sizeOf;
using arbor::testing::WindowTest;
using ui::SheetModel;

class ArrangementPlace : public WindowTest {
protected:
    void openPlace(const std::string& name = "exhaust-fan-carrier") {
        open(name);
        static_cast<void>(session().revise("Ilse Marden", "drawn anew"));
        key(Qt::Key_G, Qt::ControlModifier);
        sheet = find<QTableView>("arrangementSheet");
        bench = find<ui::BenchView>("arrangementBench");
    }
    int rowOf(const std::string& part, const QString& label) {
        const auto& assembly = job().arrangement.assembly;
        const auto index = arrangement::indexOf(assembly, part);
        for (int row = 0; row < sheet->model()->rowCount(); ++row) {
            const auto* model = qobject_cast<SheetModel*>(sheet->model());
            if (model->partOf(row) == index && sheet->model()->index(row, SheetModel::What).data() == label) return row;
        }
        ADD_FAILURE() << part << " has no line " << label.toStdString();
        return 0;
    }
    /// Types into a line as a user does: choose it, type, Enter.
    void fill(const std::string& part, const QString& label, const QString& text) {
        sheet->setFocus();
        const int row = rowOf(part, label), before = session().undoStack().index();
        sheet->setCurrentIndex(sheet->model()->index(row, SheetModel::Value));
        QTest::keyClicks(sheet, text.left(1));
        auto* editor = qobject_cast<QLineEdit*>(QApplication::focusWidget());
        ASSERT_TRUE(editor);
        QTest::keyClicks(editor, text.mid(1));
        QTest::keyClick(editor, Qt::Key_Return);
        // The line stays what it was, is refused, or is one more step of undo.
        const auto taken = [&] {
            return session().undoStack().index() != before || (row < sheet->model()->rowCount() && refused(row));
        };
        EXPECT_TRUE(QTest::qWaitFor(taken, arbor::testing::kPatience_ms)) << label.toStdString();
    }
    bool refused(int row) {
        return !sheet->model()->index(row, SheetModel::Understood).data(Qt::ToolTipRole).toString().isEmpty();
    }
    void press(QWidget* widget, Qt::Key key) {
        ++pressed;
        QTest::keyClick(widget, key);
    }
    /// The same by the keyboard alone, with every key counted.
    void fillByKeys(const std::string& part, const QString& label, const QString& text) {
        const int row = rowOf(part, label);
        while (sheet->currentIndex().row() != row)
            press(sheet, sheet->currentIndex().row() < row ? Qt::Key_Down : Qt::Key_Up);
        fill(part, label, text);
        pressed += static_cast<int>(text.size()) + 1;
        EXPECT_TRUE(
            QTest::qWaitFor([&] { return sheet->currentIndex().row() == row + 1; }, arbor::testing::kPatience_ms));
    }
    /// Drags with the left button held, as the system tells it.
    void drag(QPoint from, QPoint to) {
        QTest::mousePress(bench, Qt::LeftButton, {}, from);
        for (const auto at : {(from + to) / 2, to}) {
            QMouseEvent move(QEvent::MouseMove, QPointF(at), bench->mapToGlobal(QPointF(at)), Qt::NoButton,
                             Qt::LeftButton, Qt::NoModifier);
            QApplication::sendEvent(bench, &move);
        }
        QTest::mouseRelease(bench, Qt::LeftButton, {}, to);
    }
    QString understood(const std::string& part, const QString& label) {
        return sheet->model()->index(rowOf(part, label), SheetModel::Understood).data().toString();
    }
    double sizeOf(const std::string& part, const QString& label) {
        return sheet->model()->index(rowOf(part, label), SheetModel::Value).data().toString().toDouble();
    }
    const arrangement::Part& part(const std::string& id) {
        return session().plan().strip.assembly.parts[*arrangement::indexOf(session().plan().strip.assembly, id)];
    }
    QTableView* sheet = nullptr;
    ui::BenchView* bench = nullptr;
    int pressed = 0;
};

TEST_F(ArrangementPlace, EnterTakesALineAndGoesToTheNext) {
    openPlace();
    const int row = rowOf("carrier", "Outside Ø, step 1");
    fill("carrier", "Outside Ø, step 1", "150");
    EXPECT_EQ(part("carrier").bodies.front().outsideDia(), 150);
    EXPECT_TRUE(QTest::qWaitFor([&] { return sheet->currentIndex().row() == row + 1; }, arbor::testing::kPatience_ms));
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(part("carrier").bodies.front().outsideDia(), 140);
    EXPECT_EQ(sizeOf("carrier", "Outside Ø, step 1"), 140);
}

TEST_F(ArrangementPlace, LengthTakesEverythingAboveAlong) {
    openPlace();
    const double ring = part("ring").bodies.front().bottom();
    fill("carrier", "Length, step 1", "20");
    EXPECT_EQ(part("ring").bodies.front().bottom(), ring + 6); // 14 became 20
    EXPECT_EQ(part("bearing").bodies.front().bottom(), 20);
    EXPECT_TRUE(session().plan().strip.sound());
}

TEST_F(ArrangementPlace, DesignationCompletesTheDimensionsAndMakesRoom) {
    openPlace();
    fill("bearing", "Designation", "6308");
    const auto& outer = part("bearing").bodies.front();
    EXPECT_EQ(outer.outsideDia(), 90);
    EXPECT_EQ(outer.height(), 23);
    EXPECT_EQ(session().plan().strip.faults.size(), 0u);
    const auto touch = arrangement::touchOf(part("carrier"), part("bearing"));
    ASSERT_TRUE(touch);
    EXPECT_EQ(touch->dia_mm, 90);
    ASSERT_TRUE(arrangement::touchOf(part("bearing"), part("shaft")));
    EXPECT_EQ(arrangement::touchOf(part("bearing"), part("shaft"))->dia_mm, 40);
}

TEST_F(ArrangementPlace, WrongEntriesStayAsTypedAndSayWhy) {
    openPlace();
    const auto before = job().arrangement.assembly.parts.size();
    fill("bearing", "Designation", "9999");
    EXPECT_TRUE(understood("bearing", "Designation").contains("is not known"));
    EXPECT_EQ(sheet->model()->index(rowOf("bearing", "Designation"), SheetModel::Value).data(), "9999");
    EXPECT_EQ(part("bearing").catalogue->designation, "6206");
    fill("carrier", "Outside Ø, step 1", "12");
    EXPECT_TRUE(understood("carrier", "Outside Ø, step 1").contains("over the bore"));
    fill("carrier", "Outside Ø, step 1", "-5");
    EXPECT_TRUE(understood("carrier", "Outside Ø, step 1").contains("wanted"));
    fill("collar", "Outside Ø", "wide");
    EXPECT_FALSE(understood("collar", "Outside Ø").isEmpty());
    EXPECT_EQ(job().arrangement.assembly.parts.size(), before);
    EXPECT_FALSE(session().undoStack().canUndo());
}

TEST_F(ArrangementPlace, SeatsAndWaysRoundAreTyped) {
    openPlace();
    fill("bearing", "In the carrier plate", "P7");
    EXPECT_EQ(arrangement::jointOf(job().arrangement.assembly.pressed, "carrier", "bearing")->hole.size->typed, "P7");
    fill("shaft", "In the retaining collar", "H7/s6 notched");
    const auto* collar = arrangement::jointOf(job().arrangement.assembly.pressed, "collar", "shaft");
    EXPECT_EQ(collar->shaft.size->typed, "s6");
    EXPECT_TRUE(collar->notched);
    fill("shaft", "In the retaining collar", "loose");
    EXPECT_FALSE(arrangement::jointOf(job().arrangement.assembly.pressed, "collar", "shaft"));
    fill("shaft", "In the bearing 6206", "tight");
    EXPECT_TRUE(understood("shaft", "In the bearing 6206").contains("loose, pressed"));
    fill("bearing", "In the carrier plate", "P7 hole 61.97");
    EXPECT_EQ(arrangement::jointOf(job().arrangement.assembly.pressed, "carrier", "bearing")->hole.measured->value_mm,
              61.97);
    fill("bearing", "In the carrier plate", "P7 hole 41.97");
    EXPECT_TRUE(understood("bearing", "In the carrier plate").contains("within 1 %"));
    fill("carrier", "Material", "grey cast iron");
    EXPECT_EQ(job().arrangement.assembly.parts[0].material, "grey_cast_iron");
    fill("ring", "Way round", "sharp edge down");
    EXPECT_EQ(saved().arrangement.assembly.parts[*arrangement::indexOf(saved().arrangement.assembly, "ring")].wayRound,
              (arrangement::WayRound{arrangement::Feature::SharpEdge, false}));
    fill("ring", "Way round", "backwards");
    EXPECT_TRUE(understood("ring", "Way round").contains("sharp edge"));
}

TEST_F(ArrangementPlace, WhatSomePartsAloneAreAskedIsTyped) {
    openPlace("conveyor-tail-drum");
    const auto partOf = [&](const char* id) { return arbor::testing::partOf(saved(), id); };
    fill("seal", "Lip", "keeps out");
    EXPECT_EQ(partOf("seal").lip, arrangement::LipTask::KeepsOut);
    fill("seal", "Fitted once", "yes");
    EXPECT_TRUE(partOf("seal").once);
    fill("seal", "Lip", "sideways");
    EXPECT_TRUE(refused(rowOf("seal", "Lip")));
    EXPECT_EQ(partOf("seal").lip, arrangement::LipTask::KeepsOut) << "refused, not taken";
    fill("hub", "Screws", "4 M10x1.5 seal 30");
    ASSERT_EQ(saved().arrangement.assembly.bolted.size(), 1u);
    EXPECT_EQ(saved().arrangement.assembly.bolted.front(),
              (arrangement::Bolting{"hub", "seal", 4, "M10x1.5", "8.8", 30}));
    fill("hub", "Screws", "4 M10 seal");
    EXPECT_TRUE(refused(rowOf("hub", "Screws"))) << "the pitch is always said";
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(saved().arrangement.assembly.bolted.empty());
}

TEST_F(ArrangementPlace, ANumberNobodyKnowsIsTypedByItsSizes) {
    openPlace();
    fill("bearing", "Designation", "ZQ 17");
    EXPECT_TRUE(refused(rowOf("bearing", "Designation")));
    const auto was = *arbor::testing::partOf(saved(), "bearing").catalogue;
    fill("bearing", "Designation", "ZQ-17 ball 30x62x17x39.5x53");
    EXPECT_TRUE(
        QTest::qWaitFor([&] { return arbor::testing::partOf(saved(), "bearing").catalogue->designation == "ZQ-17"; },
                        arbor::testing::kPatience_ms));
    const auto from = *arbor::testing::partOf(saved(), "bearing").catalogue;
    EXPECT_EQ(from.designation, "ZQ-17");
    ASSERT_TRUE(from.sizes);
    EXPECT_EQ(from.sizes->fifth_mm, 53);
    const auto* problem = session().plan().problem();
    EXPECT_EQ(problem, nullptr) << problem->field << " " << problem->value;
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(arbor::testing::partOf(saved(), "bearing").catalogue->designation, was.designation);
}

TEST_F(ArrangementPlace, PartsAreTurnedSplitAndAddedByKey) {
    openPlace("conveyor-tail-drum");
    const auto parts = saved().arrangement.assembly.parts.size();
    sheet->setCurrentIndex(sheet->model()->index(rowOf("inner_cup", "Way round"), SheetModel::Value));
    key(Qt::Key_T, Qt::AltModifier);
    EXPECT_TRUE(arbor::testing::partOf(saved(), "inner_cup").wayRound->up) << "it was down";
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_FALSE(arbor::testing::partOf(saved(), "inner_cup").wayRound->up);
    sheet->setCurrentIndex(sheet->model()->index(rowOf("hub", "Length, step 4"), SheetModel::Value));
    const auto steps = part("hub").bodies[0].slices.size();
    key(Qt::Key_S, Qt::AltModifier);
    EXPECT_EQ(part("hub").bodies[0].slices.size(), steps + 1);
    key(Qt::Key_Down, Qt::AltModifier);
    EXPECT_EQ(saved().arrangement.assembly.parts.size(), parts + 1);
}

TEST_F(ArrangementPlace, SizesAreWrittenOnTheDrawing) {
    openPlace("seamer-turret-upper");
    bench->setFocus();
    auto* entry = find<QLineEdit>("dimensionEntry");
    const auto chosen = [&] { return sheet->currentIndex().row(); };
    const auto goTo = [&](int row) {
        for (int i = 0; i < 60 && chosen() != row; ++i)
            QTest::keyClick(bench, Qt::Key_Tab);
        ASSERT_EQ(chosen(), row);
    };
    const auto write = [&](const QString& text) {
        QTest::keyClicks(bench, text.left(1));
        ASSERT_TRUE(entry->isVisible());
        QTest::keyClicks(entry, text.mid(1));
        QTest::keyClick(entry, Qt::Key_Return);
    };
    const auto settles = [](const std::function<bool()>& is) {
        EXPECT_TRUE(QTest::qWaitFor(is, arbor::testing::kPatience_ms));
    };
    const int outside = rowOf("housing", "Outside Ø, step 1");
    goTo(outside);
    ASSERT_FALSE(bench->dimensionBox(outside).isEmpty()) << "it stands on the drawing";
    write("130");
    settles([&] { return part("housing").bodies[0].slices[0].outerBottom == 65; });
    EXPECT_GT(chosen(), outside) << "Enter goes on to the next";
    EXPECT_TRUE(bench->hasFocus());
    goTo(rowOf("bearing", "In the turret housing"));
    write("62 M7");
    settles([&] { return hole(saved()).size->typed == "M7"; });
    goTo(outside);
    write("12x");
    EXPECT_TRUE(bench->scene().subtitle.contains("12x")) << bench->scene().subtitle.toStdString();
    EXPECT_EQ(part("housing").bodies[0].slices[0].outerBottom, 65) << "refused, and nothing is lost";
    QTest::keyClick(bench, Qt::Key_Return);
    EXPECT_TRUE(entry->isVisible());
    QTest::keyClick(entry, Qt::Key_Escape);
    EXPECT_FALSE(entry->isVisible());
    EXPECT_TRUE(find<ui::ArrangementView>("arrangementView")->isVisible());
    click(bench, bench->dimensionBox(outside).center().toPoint());
    EXPECT_TRUE(entry->isVisible()) << "a click does the same";
    QTest::keyClick(entry, Qt::Key_Escape);
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(hole(saved()).size->typed, "N7") << "each is one step of undo";
}

TEST_F(ArrangementPlace, AFaceIsDraggedAndSnapsAndIsOneUndo) {
    openPlace();
    const auto shaft = part("shaft").bodies.front();
    const double top = shaft.top(), rad = shaft.slices.back().outerTop / 2;
    const auto from = bench->screenPoint(rad, top).toPoint(), to = bench->screenPoint(rad, top + 9.8).toPoint();
    drag(from, to);
    const double moved = part("shaft").bodies.front().top();
    EXPECT_NEAR(moved, top + 9.8, 1.0);
    EXPECT_EQ(moved, std::round(moved * 2) / 2) << "half millimetres";
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(part("shaft").bodies.front().top(), top);
    EXPECT_FALSE(session().undoStack().canUndo());
}

TEST_F(ArrangementPlace, APartIsMovedByKeys) {
    openPlace();
    sheet->setCurrentIndex(sheet->model()->index(rowOf("collar", "lock collar"), SheetModel::Value));
    const double at = part("collar").bodies.front().bottom();
    sheet->setFocus();
    key(Qt::Key_Up, Qt::AltModifier | Qt::ShiftModifier);
    EXPECT_NEAR(part("collar").bodies.front().bottom(), at + 0.5, 1e-9);
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_NEAR(part("collar").bodies.front().bottom(), at, 1e-9);
    key(Qt::Key_Down, Qt::AltModifier | Qt::ShiftModifier);
    EXPECT_NEAR(part("collar").bodies.front().bottom(), at - 0.5, 1e-9);
    EXPECT_TRUE(find<QLabel>("arrangementFaults")->isVisible()) << "into what it stood on: said";
}

TEST_F(ArrangementPlace, TwoSizesThatCannotBothBeAreMarkedOnTheDrawing) {
    openPlace("seamer-turret-upper");
    const auto marked = [&] {
        QStringList out;
        for (const auto& size : bench->scene().dimensions)
            if (size.wrong) out << size.text;
        return out;
    };
    EXPECT_TRUE(marked().isEmpty());
    session().edit("too thick a flange", [](job::Job& j) {
        for (auto& slice : arbor::testing::partOf(j, "spindle").bodies.front().slices)
            if (std::abs(slice.outerTop - 15) < 1e-9) slice.outerBottom = slice.outerTop = 15.5; // Ø31 in a bore of 30
    });
    EXPECT_TRUE(marked().contains("Ø31")) << marked().join(", ").toStdString();
    EXPECT_TRUE(marked().filter("Ø30").size() == 1) << "the bearing's too, with its name";
    EXPECT_TRUE(find<QLabel>("arrangementFaults")->text().contains("must give way"))
        << find<QLabel>("arrangementFaults")->text().toStdString();
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(marked().isEmpty());
}

TEST_F(ArrangementPlace, PartsAreAddedAndTakenOut) {
    openPlace();
    const auto before = job().arrangement.assembly.parts.size();
    sheet->setCurrentIndex(sheet->model()->index(rowOf("collar", "lock collar"), SheetModel::Value));
    find<QComboBox>("newPartKind")->setCurrentText("Washer");
    // On top of the collar stands the retaining ring already: the clash is named, nothing is lost.
    QTest::mouseClick(find<QPushButton>("addPart"), Qt::LeftButton);
    ASSERT_EQ(job().arrangement.assembly.parts.size(), before + 1);
    const auto said = find<QLabel>("arrangementFaults")->text();
    EXPECT_TRUE(said.contains("one of the two must")) << said.toStdString();
    EXPECT_TRUE(said.contains("washer") && said.contains("retaining ring")) << "by their names";
    EXPECT_FALSE(said.contains("parts/")) << "and by no internal ones";
    QTest::mouseClick(find<QPushButton>("removePart"), Qt::LeftButton);
    EXPECT_EQ(job().arrangement.assembly.parts.size(), before);
    EXPECT_FALSE(find<QLabel>("arrangementFaults")->isVisible());
    sheet->setCurrentIndex(sheet->model()->index(rowOf("carrier", "housing"), SheetModel::Value));
    QTest::mouseClick(find<QPushButton>("removePart"), Qt::LeftButton);
    EXPECT_EQ(job().arrangement.assembly.parts.size(), before) << "the base stays";
}

TEST_F(ArrangementPlace, SaysFromWhichSideAPartLoads) {
    openPlace();
    EXPECT_EQ(understood("collar", "lock collar"), "loads from above");
    EXPECT_EQ(understood("shaft", "shaft"), "loads from below");
    EXPECT_EQ(understood("carrier", "housing"), "stays put");
}

TEST_F(ArrangementPlace, PickingOnTheBenchGoesToThePartsLines) {
    openPlace();
    const auto& ring = part("ring").bodies.front();
    click(bench,
          bench->screenPoint((ring.boreDia() + ring.outsideDia()) / 4, (ring.top() + ring.bottom()) / 2).toPoint());
    EXPECT_EQ(sheet->currentIndex().row(), rowOf("ring", "retaining ring"));
}

TEST_F(ArrangementPlace, EscapeGoesBackAndStationsKeepTheirKeys) {
    openPlace();
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
    key(Qt::Key_G, Qt::ControlModifier);
    key(Qt::Key_2, Qt::ControlModifier);
    EXPECT_EQ(window->jobView()->current(), job::Station::Strip);
}

// A new arrangement of a common shape: shape A for a 6308 in a housing of other sizes. At a leisurely key a second it
// has to stay under two minutes.
TEST_F(ArrangementPlace, ANewArrangementTakesFewKeys) {
    shop.undraw("exhaust-fan-carrier.arbor.json");
    openPlace();
    EXPECT_TRUE(find<QComboBox>("shapes")->hasFocus());
    auto* shapes = find<QComboBox>("shapes");
    press(shapes, Qt::Key_Down); // shape A, and the list is left with Enter
    ++pressed;
    emit shapes->activated(shapes->currentIndex());
    ASSERT_FALSE(job().arrangement.assembly.parts.empty());
    fillByKeys("housing", "Outside Ø, step 1", "140");
    fillByKeys("housing", "Bore Ø, step 1", "78");
    fillByKeys("housing", "Length, step 1", "18");
    fillByKeys("bearing", "Designation", "6308");
    fillByKeys("spindle", "Outside Ø, step 1", "120");
    fillByKeys("spindle", "Length, step 1", "14");
    EXPECT_TRUE(session().plan().strip.sound()) << find<QLabel>("arrangementFaults")->text().toStdString();
    EXPECT_EQ(part("bearing").bodies.front().outsideDia(), 90);
    EXPECT_LT(pressed, 90);
    RecordProperty("keys", pressed);
}
