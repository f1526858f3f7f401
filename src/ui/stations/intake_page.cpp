#include "ui/stations/intake_page.h"

#include "io/shop_path.h"
#include "ui/bench/bench_view.h"
#include "ui/kit/beside.h"
#include "ui/kit/broken.h"
#include "ui/kit/scrolled.h"
#include "ui/photos/picture_row.h"
#include "ui/stations/entry_sheet.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/strip_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QShortcut>
#include <QVBoxLayout>

namespace arbor::ui {

namespace {

constexpr int kKitHeight = 232;
constexpr int kKitColumns = 3;
constexpr int kKitText = 178;    // width
constexpr int kMostKitRows = 64; // an arrangement has no more parts
constexpr int kPhoto = 48;

QString foundText(const job::Intake& intake, job::Check check) {
    const auto found = intake.checks.find(check);
    return found == intake.checks.end() ? "none" : found->second == job::Found::Fine ? "fine" : "bad";
}

} // namespace

IntakePage::IntakePage(QWidget* parent) : StationPage(parent) {
    setObjectName("intakePage");
    setProperty("touched", true);
    m_sheet = new EntrySheet(this);
    m_bench = new BenchView(this);
    m_bench->setObjectName("intakeBench");
    auto* side = new QWidget(this);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(m_sheet, 1);
    column->addWidget(buildPhotos());
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(new Beside(scrolled(side, this, "intakeScroll"), m_bench, {}, this), 1);
    layout->addWidget(buildKit());
}

QWidget* IntakePage::buildKit() {
    m_kit = new QWidget(this);
    m_kit->setObjectName("kit");
    auto* heading = new QLabel(tr("On the bench before it is stripped"), m_kit);
    heading->setFont(theme::typeface(theme::Text::Strong));
    auto* list = new QWidget(m_kit);
    m_kitGrid = new QGridLayout(list);
    m_kitGrid->setContentsMargins(0, 0, 0, 0);
    m_kitGrid->setVerticalSpacing(2);
    m_kitGrid->setRowStretch(kMostKitRows, 1);
    for (int column = 0; column < kKitColumns; ++column)
        m_kitGrid->setColumnStretch(column, 1);
    m_kitGrid->setHorizontalSpacing(theme::kMargin);
    auto* scroll = new QScrollArea(m_kit);
    scroll->setWidget(list);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* column = new QVBoxLayout(m_kit);
    column->setContentsMargins(theme::kMargin, theme::kGap, theme::kGap, theme::kGap);
    column->addWidget(heading);
    column->addWidget(scroll, 1);
    m_kit->setFixedHeight(kKitHeight);
    return m_kit;
}

QWidget* IntakePage::buildPhotos() {
    auto* box = new QWidget(this);
    auto* attach = new QPushButton(tr("Attach a photo…"), box);
    attach->setObjectName("attachPhoto");
    attach->setMinimumHeight(theme::kTouch);
    connect(attach, &QPushButton::clicked, this, &IntakePage::choosePhoto);
    m_photos = new PictureRow("photos", tr("Photos"), box);
    connect(m_photos, &PictureRow::removed, this, [this](int row) {
        m_session->edit(tr("Remove photo"), [&](job::Job& j) { j.intake.photos.erase(j.intake.photos.begin() + row); });
    });
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(theme::kMargin, 0, theme::kGap, theme::kGap);
    column->addWidget(m_photos);
    column->addWidget(attach);
    return box;
}

void IntakePage::open(JobSession* session) {
    const bool first = !m_session && session;
    m_session = session;
    if (first) buildSheet();
    refresh();
}

void IntakePage::buildSheet() {
    const auto text = [this](const char* name, const QString& label, std::string job::Intake::*member) {
        auto* field = m_sheet->addField(
            name, label,
            [this, label, member](const QString& typed) -> EntrySheet::Understood {
                m_session->edit(label, [&](job::Job& j) { j.intake.*member = typed.trimmed().toStdString(); });
                return {};
            },
            [this, member] { return q(m_session->job().intake.*member); }, [] { return QString(); });
        m_sheet->widen(field);
    };
    m_sheet->addHeading(tr("The complaint"));
    text("complaint", tr("What is wrong"), &job::Intake::complaint);
    text("position", tr("Where"), &job::Intake::position);
    m_sheet->addHeading(tr("Check before you strip"));
    for (const auto check : job::kChecks) {
        const auto words = words::check(check);
        auto* box = m_sheet->addChoice(
            "check" + q(words.title), q(words.title), {tr("not checked"), tr("fine"), tr("bad")},
            {"none", "fine", "bad"},
            [this, check](const QString& v) {
                m_session->edit(tr("Check"), [&](job::Job& j) {
                    if (v == "none")
                        j.intake.checks.erase(check);
                    else
                        j.intake.checks[check] = v == "fine" ? job::Found::Fine : job::Found::Bad;
                });
            },
            [this, check] { return foundText(m_session->job().intake, check); });
        box->setToolTip(q(words.how));
    }
    m_sheet->addHeading(tr("One side or both"));
    m_sheet->addChoice(
        "sides", tr("Replace"), {tr("not decided"), tr("both sides: same wear"), tr("only this one")},
        {"none", "both", "one"},
        [this](const QString& v) {
            m_session->edit(tr("One side or both"), [&](job::Job& j) {
                j.intake.bothSides = v == "none" ? std::nullopt : std::optional(v == "both");
            });
        },
        [this]() -> QString {
            const auto& both = m_session->job().intake.bothSides;
            return !both ? "none" : *both ? "both" : "one";
        });
    text("sideReason", tr("Because"), &job::Intake::sideReason);
    for (auto* line : m_sheet->findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
        line->show();
}

void IntakePage::choosePhoto() {
    auto* dialog = new QFileDialog(this, tr("Photo"), {}, tr("Pictures (*.png *.jpg *.jpeg)"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QFileDialog::fileSelected, this, &IntakePage::attachPhoto);
    dialog->open();
}

void IntakePage::attachPhoto(const QString& file) {
    if (const auto attached = m_session->attachPhoto(file.toStdString()); !attached)
        emit trouble(q(words::say(attached.error())));
}

void IntakePage::refresh() {
    if (!m_session) return;
    m_sheet->refresh();
    showKit();
    m_photos->show(m_session->job().intake.photos, m_session->path());
    showSection();
    emit slipChanged();
}

void IntakePage::showKit() {
    const auto& strip = m_session->plan().strip;
    const auto& lines = strip.kit;
    const bool same = lines.size() == m_boxes.size() && std::all_of(lines.begin(), lines.end(), [&](const auto& line) {
                          return m_boxes.contains(line.id);
                      });
    if (!same) {
        qDeleteAll(m_kit->findChildren<QCheckBox*>());
        m_boxes.clear();
    }
    int row = 0;
    for (const auto& line : lines) {
        auto*& box = m_boxes[line.id];
        if (!box) {
            box = new QCheckBox(m_kit);
            box->setObjectName("kit_" + q(line.id));
            box->setMinimumHeight(theme::kTouch - 8);
            box->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed); // columns of one width
            m_kitGrid->addWidget(box, row / kKitColumns, row % kKitColumns);
            connect(box, &QCheckBox::clicked, this, [this, id = line.id](bool there) {
                m_session->edit(tr("Kit"), [&](job::Job& j) {
                    if (there)
                        j.strip.onTheBench.insert(id);
                    else
                        j.strip.onTheBench.erase(id);
                });
            });
            box->show();
        }
        const auto said = words::kitLine(line, strip.assembly);
        box->setText(broken(q(said.head), box->fontMetrics(), kKitText));
        box->setToolTip(q(said.detail));
        box->setChecked(m_session->job().strip.onTheBench.contains(line.id));
        ++row;
    }
    m_kit->setVisible(!lines.empty());
}

void IntakePage::showSection() {
    BenchScene scene;
    scene.title = tr("What is on the machine");
    scene.subtitle = tr("Section to scale. Ctrl+G changes the arrangement.");
    scene.emptyText = tr("No arrangement yet. Ctrl+G starts one from a shape.");
    scene.bodies = arrangement::bodiesOf(m_session->plan().strip.assembly);
    m_bench->show(std::move(scene));
}

words::Sheet IntakePage::sheet() const {
    return words::intakeSheet(m_session->told());
}

bool IntakePage::act() {
    m_session->setDone(job::Station::Intake, true);
    return true;
}

QWidget* IntakePage::firstFocus() {
    return m_sheet->first();
}

} // namespace arbor::ui
