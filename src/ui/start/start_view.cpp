#include "ui/start/start_view.h"

#include "core/arrangement/edit.h"
#include "core/arrangement/two_rings.h"
#include "core/plan/plan_job.h"
#include "io/arrangement_file.h"
#include "ui/slip/slip.h"
#include "ui/start/job_details.h"
#include "ui/start/shape_gallery.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"
#include "words/shipped_names.h"
#include "words/strip_words.h"

#include <QComboBox>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>
#include <set>

namespace arbor::ui {

namespace {

using words::Tone;

constexpr int kGalleryHeight = 292; // two rows of cards; more are scrolled to

/// The ten that ship, and two rings of one's own.
std::vector<ShapeGallery::Shape> shapesFor(const tables::Tables& tables) {
    std::vector<ShapeGallery::Shape> out;
    for (auto& one : io::shippedTemplates()) {
        if (!one.arrangement || !arrangement::resolve(one.arrangement->assembly, tables.bearings)) continue;
        QString found;
        for (const auto& part : one.arrangement->assembly.parts)
            found += " " + q(words::shippedName(part.name()));
        out.push_back({q(words::shapeName(one.arrangement->shape)),
                       (q(words::shippedName(one.arrangement->title)) + found).toLower(), std::move(*one.arrangement)});
    }
    out.push_back(
        {QObject::tr("Two rings of my own"), QObject::tr("two rings of my own").toLower(), arrangement::twoRings()});
    return out;
}

/// Every bearing of it becomes the one that was typed. @errors where it could not sit there
Result<arrangement::Assembly> withBearings(arrangement::Assembly assembly, const std::string& typed,
                                           const tables::Tables& tables) {
    std::set<std::string> others;
    for (const auto& part : assembly.parts)
        if (part.catalogue) others.insert(part.catalogue->designation);
    if (others.empty())
        return refuse(ProblemCode::UnknownName, "designation", typed, wanted("a part that is a bearing"));
    for (std::size_t p = 0; p < assembly.parts.size(); ++p) {
        const auto& from = assembly.parts[p].catalogue;
        if (!from || !others.contains(from->designation)) continue;
        auto next = arrangement::withBearing(assembly, p, typed, tables.bearings);
        if (!next) return next;
        assembly = std::move(*next);
    }
    if (auto ok = arrangement::validate(assembly); !ok) return tl::unexpected(ok.error());
    return assembly;
}

/// Numbers that have the sizes that were typed; none: that is no row of sizes, or nobody makes one.
std::vector<std::string> numbersTyped(const QString& typed, const tables::Tables& tables) {
    const auto sizes = catalog::readCalipers(typed.trimmed().toStdString());
    return sizes ? catalog::numbersOfSize(tables.bearings, sizes->second) : std::vector<std::string>{};
}

std::optional<catalog::Bearing> bearingTyped(const QString& typed, const tables::Tables& tables) {
    const auto text = typed.trimmed().toStdString();
    if (text.empty()) return std::nullopt;
    if (const auto* known = catalog::bearingPrinted(tables.bearings, text)) return *known;
    if (const auto numbers = numbersTyped(typed, tables); !numbers.empty())
        return *catalog::findBearing(tables.bearings, numbers.front());
    if (const auto sizes = catalog::readCalipers(text))
        if (const auto made = catalog::bearingOfSizes(sizes->first, sizes->second)) return *made;
    return std::nullopt;
}

/// A bearing goes where one of its kind is drawn: tapers come apart, others do not.
bool couldSit(const ShapeGallery::Shape& shape, const catalog::Bearing& bearing, const std::string& typed,
              const tables::Tables& tables) {
    for (const auto& part : shape.arrangement.assembly.parts) {
        if (!part.catalogue) continue;
        const auto* there = arrangement::bearingOf(*part.catalogue, tables.bearings);
        const bool sameKind =
            there && there->isTaper() == bearing.isTaper() &&
            (there->type == catalog::BearingType::ThrustBall) == (bearing.type == catalog::BearingType::ThrustBall);
        return sameKind && withBearings(shape.arrangement.assembly, typed, tables).has_value();
    }
    return false;
}

/// All but the first.
std::string others(const std::vector<std::string>& numbers) {
    std::string out;
    for (std::size_t i = 1; i < numbers.size(); ++i)
        out += (out.empty() ? "" : ", ") + numbers[i];
    return out;
}

QPushButton* wayButton(const QString& head, const QString& line, const char* name, QWidget* parent) {
    auto* button = new QPushButton(head + "\n" + line, parent);
    button->setObjectName(name);
    button->setMinimumHeight(2 * theme::kTouch - theme::kMargin);
    return button;
}

} // namespace

StartView::StartView(QWidget* parent) : QWidget(parent) {
    setObjectName("startView");
    m_slip = new Slip(this);
    m_slip->actionButton()->setObjectName("startAction");
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(buildLeft(), 1);
    layout->addWidget(m_slip);
    connect(m_slip, &Slip::actionTaken, this, &StartView::take);
    connect(m_search, &QLineEdit::textChanged, this, &StartView::search);
    connect(m_search, &QLineEdit::returnPressed, this, &StartView::take);
    connect(m_gallery, &ShapeGallery::changed, this, &StartView::refresh);
    connect(m_gallery, &ShapeGallery::taken, this, &StartView::take);
    connect(m_earlier, &QComboBox::activated, this, &StartView::refresh);
}

QWidget* StartView::buildLeft() {
    auto* left = new QWidget(this);
    m_heading = new QLabel(left);
    m_heading->setObjectName("startHeading");
    m_heading->setFont(theme::typeface(theme::Text::Title));
    m_search = new QLineEdit(left);
    m_search->setObjectName("startSearch");
    m_search->setMinimumHeight(theme::kTouch);
    m_search->setAccessibleName(tr("A bearing’s number, its sizes, or words"));
    m_search->setPlaceholderText(
        tr("a bearing’s number (6306-2RS), its sizes (30 x 72 x 19), or words: two cups, collar"));
    m_found = new QLabel(left);
    m_found->setObjectName("startFound");
    m_gallery = new ShapeGallery(left);
    m_earlier = new QComboBox(left);
    m_earlier->setObjectName("startEarlier");
    m_earlier->setAccessibleName(tr("Like an earlier job"));
    m_earlier->setMinimumHeight(theme::kTouch);
    m_details = new JobDetails("new",
                               {[this]() -> const job::Job& { return m_draft; },
                                [this](const QString&, const std::function<void(job::Job&)>& change) {
                                    change(m_draft);
                                    refresh();
                                },
                                [this](const std::string& number) { return m_whyNotNumber(number); }},
                               left);
    auto* scroll = new QScrollArea(left);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidget(m_gallery);
    scroll->setFixedHeight(kGalleryHeight);
    auto* column = new QVBoxLayout(left);
    column->setContentsMargins(theme::kMargin, theme::kMargin, theme::kMargin, theme::kGap);
    column->setSpacing(theme::kGap);
    for (auto* widget : std::initializer_list<QWidget*>{m_heading, m_search, m_found})
        column->addWidget(widget);
    column->addWidget(scroll);
    column->addWidget(m_earlier);
    column->addWidget(m_details);
    column->addWidget(buildWays());
    column->addStretch(1);
    return left;
}

QWidget* StartView::buildWays() {
    m_ways = new QWidget(this);
    auto* demo =
        wayButton(tr("Look at the demo shop"), tr("ten jobs, a full rack, nothing to set up"), "startDemo", m_ways);
    auto* own =
        wayButton(tr("Start your own shop"), tr("a folder for your jobs, rack and presses"), "startOwn", m_ways);
    auto* open = wayButton(tr("Open a shop"), tr("a folder that has jobs already"), "startOpen", m_ways);
    auto* row = new QHBoxLayout(m_ways);
    row->setContentsMargins(0, 0, 0, 0);
    for (auto* button : {demo, own, open})
        row->addWidget(button, 1);
    connect(demo, &QPushButton::clicked, this, &StartView::demoWanted);
    connect(own, &QPushButton::clicked, this, &StartView::ownWanted);
    connect(open, &QPushButton::clicked, this, &StartView::folderWanted);
    return m_ways;
}

void StartView::open(const tables::Tables& tables, const std::string& number, const std::vector<Earlier>& earlier,
                     bool shop) {
    m_tables = tables;
    m_tables.rack = {};
    m_shop = shop;
    m_draft = {};
    m_draft.id = number;
    m_heading->setText(shop ? tr("What is on your bench?") : tr("Welcome. What is on your bench?"));
    m_earlier->clear();
    offerEarlier(earlier);
    m_ways->setVisible(!shop);
    m_details->setVisible(shop);
    m_search->clear();
    m_gallery->show(shapesFor(m_tables));
    search({});
    m_details->refresh();
    m_search->setFocus();
}

void StartView::offerEarlier(const std::vector<Earlier>& earlier) {
    const auto chosen = m_earlier->currentData();
    m_earlier->clear();
    m_earlier->addItem(tr("Begin with the shape"));
    for (const auto& one : earlier)
        m_earlier->addItem(tr("Like: %1").arg(one.title), one.path);
    m_earlier->setCurrentIndex(std::max(0, m_earlier->findData(chosen)));
    m_earlier->setVisible(!earlier.empty());
}

/// A bearing leaves the shapes it could sit in, words those they are found by.
void StartView::search(const QString& typed) {
    const auto bearing = bearingTyped(typed, m_tables);
    const auto numbers = numbersTyped(typed, m_tables);
    m_bearing = !numbers.empty() ? numbers.front() : bearing ? typed.trimmed().toStdString() : std::string();
    const auto all = typed.toLower().split(' ', Qt::SkipEmptyParts);
    std::vector<bool> fits;
    for (const auto& shape : m_gallery->shapes())
        fits.push_back(bearing ? couldSit(shape, *bearing, m_bearing, m_tables)
                               : std::all_of(all.begin(), all.end(), [&](const QString& word) {
                                     return (shape.name.toLower() + " " + shape.words).contains(word);
                                 }));
    const auto count = static_cast<int>(std::count(fits.begin(), fits.end(), true));
    m_found->setText(
        typed.trimmed().isEmpty() ? tr("Choose what it looks like. Everything can be changed later.")
        : count == 0              ? tr("Nothing is drawn like that: other words, or a shape without it")
        : bearing
            ? tr("%1 could sit in %n shapes", "", count).arg(q(bearing->designation)) +
                  (numbers.size() > 1
                       ? tr("; of these sizes there are %1 too: type the number for another").arg(q(others(numbers)))
                       : QString())
            : tr("%n shapes", "", count));
    m_gallery->mark(std::move(fits));
}

std::optional<arrangement::Arrangement> StartView::chosen() const {
    const int at = m_gallery->chosen();
    if (at < 0) return std::nullopt;
    auto out = m_gallery->shapes()[static_cast<std::size_t>(at)].arrangement;
    if (m_bearing.empty()) return out;
    auto with = withBearings(out.assembly, m_bearing, m_tables);
    if (!with) return std::nullopt;
    out.assembly = std::move(*with);
    return out;
}

void StartView::refresh() {
    m_slip->show(sheet(), tr("Enter · arrows choose a shape · Esc goes back"));
}

void StartView::addBearing(words::Sheet& sheet) const {
    const auto shape = chosen();
    if (!shape) return;
    job::Job job = m_draft;
    job.arrangement = *shape;
    const auto plan = plan::planJob(job, m_tables);
    const words::Display d(job.units);
    if (!m_bearing.empty())
        if (const auto bearing = bearingTyped(q(m_bearing), m_tables)) {
            sheet.title = bearing->designation;
            sheet.verdict = d.size(bearing->boreDia_mm).number + " × " + d.size(bearing->outsideDia_mm).number + " × " +
                            d.size(bearing->width_mm).text();
        }
    auto& rows = sheet.list("parts", words::tr("Parts")).rows;
    for (const auto& part : shape->assembly.parts)
        rows.push_back({part.id, words::capital(words::shippedName(part.name()))});
    if (plan.fits)
        for (const auto& seat : plan.fits->seats)
            if (seat.fit)
                sheet.notes.push_back(words::noteOf(
                    "seat", Tone::Plan, words::shippedName(seat.hole.label) + " · " + d.size(seat.dia_mm).text(),
                    words::tr("{range} tight, {force} to press")
                        .with("range", d.fineRange(seat.fit->interference_mm.least, seat.fit->interference_mm.most) +
                                           " " + d.fine(0).unit)
                        .with("force", d.force(seat.fit->pressForce_N.likely).text())));
}

words::Sheet StartView::sheet() const {
    words::Sheet out;
    const auto like = m_earlier->currentData().toString();
    out.title = words::tr("New job");
    if (!like.isEmpty()) {
        out.verdict = m_earlier->currentText().toStdString();
        out.action = words::tr("Begin it");
        out.notes.push_back(words::noteOf("like", Tone::Plan, words::tr("Its description only"),
                                          words::tr("nothing that was measured, pressed or found on the earlier one")));
        return out;
    }
    if (m_gallery->chosen() < 0) {
        out.verdict = words::tr("No shape is left to choose from.");
        return out;
    }
    out.verdict = m_gallery->shapes()[static_cast<std::size_t>(m_gallery->chosen())].name.toStdString();
    addBearing(out);
    out.action = words::tr("Draw it");
    return out;
}

void StartView::take() {
    if (const auto like = m_earlier->currentData().toString(); !like.isEmpty()) return emit likeWanted(like, m_draft);
    const auto shape = chosen();
    if (!shape) return;
    auto job = m_draft;
    job.arrangement = *shape;
    job.arrangement.id = job.id;
    if (job.title.empty()) job.title = job.machine.empty() ? words::shippedName(shape->title) : job.machine;
    emit jobWanted(job);
}

void StartView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
