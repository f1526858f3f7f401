#include "ui/shop/shop_view.h"

#include "ui/instruments/instrument_view.h"
#include "ui/shop/bench_page.h"
#include "ui/shop/friction_view.h"
#include "ui/shop/lists.h"
#include "ui/shop/table_page.h"
#include "ui/theme/theme.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QListWidget>
#include <QStackedWidget>

namespace arbor::ui {

namespace {

constexpr int kSectionsWidth = 184;

std::vector<TablePage::Texts> tableTexts() {
    return {{"press", QObject::tr("Presses"), QObject::tr("Presses"),
             QObject::tr("Shop presses, hand presses, vices. Daylight is the opening at each notch of the bed, one "
                         "after the other; a piston of 0 is a press without a gauge; a throat of 0 is open on both "
                         "sides. Nobody knows the force of a vice."),
             QObject::tr("Another press   Ins")},
            {"heat", QObject::tr("Heat and cold"), QObject::tr("Heat and cold"),
             QObject::tr("Ovens, plates, freezers, with the temperature they really have: type what your thermometer "
                         "said. What ships stands until it is typed over; Delete brings it back."),
             QObject::tr("One of our own   Ins")},
            {"gauge", QObject::tr("Gauges"), QObject::tr("Gauges"),
             QObject::tr("Each by the number on it. Its uncertainty counts wherever it is named beside a reading; a "
                         "calibration that has run out is a check at that reading."),
             QObject::tr("Another gauge   Ins")},
            {"person", QObject::tr("People"), QObject::tr("People"),
             QObject::tr("Who presses, measures and signs here; their names are offered wherever one is asked for."),
             QObject::tr("Another one   Ins")},
            {"price", QObject::tr("Prices"), QObject::tr("Prices"),
             QObject::tr("What quotes and invoices are made of: an hour of “work”, or of one kind of it (strip, out, "
                         "measure, in, prove, adjust, close); a piece by its designation, or as the kit list calls it; "
                         "and what is charged once a job."),
             QObject::tr("Another price   Ins")},
            {"material", QObject::tr("Materials"), QObject::tr("Materials"),
             QObject::tr("Those that ship have usual design values and stay as they are. Insert makes one of this "
                         "shop’s own like the row you stand on: type its name and figures over it, from its maker’s "
                         "sheet."),
             QObject::tr("One of our own   Ins")},
            {"bearing", QObject::tr("Bearings"), QObject::tr("Bearings of our own"),
             QObject::tr("What no catalogue has, by what the calipers say. Inside they are taken as such bearings "
                         "usually are, so their ratings are estimates."),
             QObject::tr("Another bearing   Ins")},
            {"band", QObject::tr("End play"), QObject::tr("End play a pair should have"),
             QObject::tr("By its use and the larger bore. There is no standard: the machine maker’s figure goes before "
                         "all of these. Type over a row and it becomes this shop’s own."),
             QObject::tr("Add a row   Ins")}};
}

} // namespace

ShopView::ShopView(const Around& around, QWidget* parent)
    : QWidget(parent), m_sections(new QListWidget(this)), m_pages(new QStackedWidget(this)),
      m_friction(new FrictionView(this)), m_instruments(new InstrumentView(around.instruments, around.standIns, this)),
      m_bench(new BenchPage(around.settings, around.alarms, this)) {
    setObjectName("shopView");
    m_sections->setObjectName("shopSections");
    m_sections->setAccessibleName(tr("This shop"));
    m_sections->setFixedWidth(kSectionsWidth);
    m_sections->setFrameShape(QFrame::NoFrame);
    for (const auto& texts : tableTexts()) {
        auto* page = new TablePage(texts, this);
        m_tables.push_back(page);
        m_pages->addWidget(page);
        m_sections->addItem(texts.section);
        connect(page, &TablePage::trouble, this, &ShopView::trouble);
        connect(page, &TablePage::changed, this, &ShopView::changed);
    }
    m_pages->addWidget(m_friction);
    m_sections->addItem(tr("Friction"));
    m_pages->addWidget(m_instruments);
    m_sections->addItem(tr("Instruments"));
    m_pages->addWidget(m_bench);
    m_sections->addItem(tr("This bench"));
    for (int row = 0; row < m_sections->count(); ++row)
        m_sections->item(row)->setSizeHint({0, theme::kTouch});
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_sections);
    layout->addWidget(m_pages, 1);
    connect(m_sections, &QListWidget::currentRowChanged, this, &ShopView::show);
}

void ShopView::open(Shop& shop, const JobSession* session, Section section) {
    m_shop = &shop;
    m_session = session;
    const int row = static_cast<int>(section);
    m_sections->currentRow() == row ? show(row) : m_sections->setCurrentRow(row);
    m_pages->currentWidget()->setFocus();
}

void ShopView::show(int section) {
    if (!m_shop || section < 0) return;
    m_pages->setCurrentIndex(section);
    if (section == static_cast<int>(Section::Friction)) {
        m_friction->open(*m_shop->tables());
    } else if (section == static_cast<int>(Section::Instruments)) {
        m_instruments->open(m_session);
    } else if (section == static_cast<int>(Section::Bench)) {
        m_bench->open();
    } else if (section == static_cast<int>(Section::EndPlay)) {
        m_tables.back()->open(bandList(*m_shop, m_session ? m_session->display() : words::Display()));
    } else {
        constexpr std::unique_ptr<ListModel> (*kLists[])(Shop&) = {pressList, heatList,     gaugeList,  peopleList,
                                                                   priceList, materialList, bearingList};
        m_tables[static_cast<std::size_t>(section)]->open(kLists[section](*m_shop));
    }
    emit trouble({});
    emit sectionChanged();
}

QUndoStack* ShopView::undoStack() const {
    const auto at = static_cast<std::size_t>(m_pages->currentIndex());
    return at < m_tables.size() ? &m_tables[at]->undoStack() : nullptr;
}

std::vector<QUndoStack*> ShopView::undoStacks() const {
    std::vector<QUndoStack*> out;
    for (auto* page : m_tables)
        out.push_back(&page->undoStack());
    return out;
}

void ShopView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
