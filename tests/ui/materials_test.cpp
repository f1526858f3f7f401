// The shop's own materials, typed into the window's table.
#include "io/shop_tables.h"
#include "support/drawing.h"
#include "support/window.h"

#include <QTableWidget>
#include <QTest>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::WindowTest;

namespace {

class MaterialsPlace : public WindowTest {
protected:
    MaterialsPlace() {
        open();
        key(Qt::Key_M, Qt::ControlModifier | Qt::ShiftModifier);
        table = find<QTableWidget>("materialTable");
    }
    int rowOf(const QString& name) const {
        for (int row = 0; row < table->rowCount(); ++row)
            if (table->item(row, 0)->text() == name) return row;
        return -1;
    }
    /// Types over a cell.
    void over(int row, int column, const QString& text) {
        table->setCurrentCell(row, column);
        const auto at = table->visualItemRect(table->item(row, column)).center();
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, at);
        QTest::mouseDClick(table->viewport(), Qt::LeftButton, {}, at);
        auto* editor = table->viewport()->findChild<QLineEdit*>();
        ASSERT_TRUE(editor);
        editor->selectAll();
        QTest::keyClicks(editor, text);
        QTest::keyClick(editor, Qt::Key_Return);
        EXPECT_TRUE(QTest::qWaitFor([this] { return !table->viewport()->findChild<QLineEdit*>(); }));
    }
    void addLike(const QString& name) {
        table->setCurrentCell(rowOf(name), 0);
        table->setFocus();
        key(Qt::Key_Insert);
    }
    tables::Tables onDisk() { return io::loadShopTables(shop.folder()).value(); }

    QTableWidget* table = nullptr;
};

} // namespace

TEST_F(MaterialsPlace, OneOfOurOwnIsTypedKeptAndUsed) {
    ASSERT_TRUE(find<QWidget>("materialView")->isVisible());
    addLike("bronze");
    ASSERT_GE(rowOf("bronze, ours"), 0);
    over(rowOf("bronze, ours"), 0, "bell metal");
    over(rowOf("bell metal"), 1, "92.5");
    over(rowOf("bell metal"), 3, "17,6");
    const auto tables = onDisk();
    const auto key_ = catalog::materialKey(tables.materials, "Bell metal").value();
    const auto& made = tables.materials.at(key_);
    EXPECT_TRUE(made.own);
    EXPECT_NEAR(made.E_MPa, 92'500, 1e-6);
    EXPECT_NEAR(made.alpha_perK, 17.6e-6, 1e-12);
    EXPECT_EQ(made.yield_MPa, tables.materials.at("bronze").yield_MPa) << "the rest is as it was";
    // The open job knows it at once.
    const double before = session().plan().fits->seats.front().fit->pressForce_N.likely;
    session().edit("of bell metal", [&](job::Job& j) { arbor::testing::partOf(j, "housing").material = "bell metal"; });
    ASSERT_FALSE(session().plan().problem());
    EXPECT_NE(session().plan().fits->seats.front().fit->pressForce_N.likely, before);
}

TEST_F(MaterialsPlace, FiguresThatCannotBeAreRefusedAndWhatShipsStays) {
    addLike("grey cast iron");
    const int row = rowOf("grey cast iron, ours");
    over(row, 2, "0.7");
    EXPECT_TRUE(window->troubleText().contains("nu"));
    EXPECT_EQ(table->item(row, 2)->text(), "0.26");
    EXPECT_EQ(table->item(rowOf("ductile iron"), 2)->text(), "0.275") << "as it is, not rounded";
    over(row, 0, "bronze");
    EXPECT_TRUE(window->troubleText().contains("bronze"));
    table->item(row, 9)->setText("glass");
    EXPECT_TRUE(window->troubleText().contains("glass"));
    EXPECT_FALSE(table->item(rowOf("bronze"), 1)->flags() & Qt::ItemIsEditable);
    table->setCurrentCell(rowOf("bronze"), 0);
    key(Qt::Key_Delete);
    EXPECT_TRUE(window->troubleText().contains("ships"));
    table->setCurrentCell(row, 0);
    key(Qt::Key_Delete);
    EXPECT_LT(rowOf("grey cast iron, ours"), 0);
    EXPECT_FALSE(catalog::materialKey(onDisk().materials, "grey cast iron, ours"));
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
}
