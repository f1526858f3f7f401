#include "ui/stations/closing_sheet.h"

#include "core/pay/inspection.h"

#include "ui/kit/offered.h"
#include "ui/stations/gauge_line.h"

#include "core/closing/closing.h"
#include "io/entry/fastener_entry.h"
#include "io/pin.h"
#include "ui/stations/bolt_circle.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/adjust_words.h"
#include "words/sentences.h"
#include "words/shipped_names.h"

#include <QFormLayout>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace arbor::ui {

namespace {

constexpr int kBesideCircle = 210, kAlone = 300; // width of a fastener's words

QLabel* heading(const QString& text, QWidget* parent) {
    auto* label = new QLabel(text, parent);
    label->setFont(theme::typeface(theme::Text::Strong));
    return label;
}

/// "4 × 25 N·m, star, 2 stages of 12.5, then 90°, new, tab"
QString described(const job::Fastener& f, const words::Display& d) {
    QStringList out;
    const auto torque = f.torque_Nm > 0 ? q(d.torque(f.torque_Nm).text()) : QObject::tr("maker’s figure");
    out << (f.count > 1 ? QStringLiteral("%1 × %2").arg(f.count).arg(torque) : torque);
    if (f.count > 1 && f.pattern != job::Pattern::Single) out << q(words::patternName(f.pattern));
    if (f.stages > 1)
        out << QObject::tr("%1 stages, first %2").arg(f.stages).arg(q(d.torque(closing::stage_Nm(f, 1)).text()));
    if (f.angle_deg > 0) out << QObject::tr("then %1° on").arg(f.angle_deg);
    if (f.oneTime) out << QObject::tr("used once");
    if (f.locking != job::Locking::None) out << q(words::lockingName(f.locking));
    return out.join(", ");
}

} // namespace

ClosingSheet::ClosingSheet(QWidget* parent) : QWidget(parent) {
    setObjectName("closingSheet");
    setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kMargin, 12, theme::kMargin, theme::kGap);
    layout->setSpacing(4);
    layout->addWidget(heading(tr("Tightening list"), this));
    m_add = addLine(
        layout, "fastenerAdd",
        tr("Another line: name, count x value, then star or round, 2 stages, 90 deg, new, pin, stake, tab, paste"),
        tr("Plate screws 4 x 25 star tab"));
    m_list = new QVBoxLayout;
    m_list->setSpacing(2);
    layout->addLayout(m_list);
    m_wrench = addLine(layout, "wrenchNumber", tr("Torque wrench no."), {});
    connect(m_wrench, &QLineEdit::editingFinished, this, [this] {
        if (!m_wrench->isModified()) return;
        m_wrench->setModified(false);
        edit(tr("Torque wrench no."),
             [used = gaugeTyped(m_wrench->text(), *m_session)](job::Closing& c) { c.wrench = used; });
    });
    offer(m_wrench, [this] { return gaugesFor({catalog::GaugeKind::TorqueWrench}, *m_session); });
    layout->addSpacing(theme::kGap);
    layout->addWidget(heading(tr("Run-in"), this));
    auto* plan = new QFormLayout;
    plan->setLabelAlignment(Qt::AlignLeft);
    m_room = numberLine(plan, "runInRoom", tr("Ambient"));
    m_allowed = numberLine(plan, "runInAllowed", tr("Permitted rise"));
    m_runInPlan = plan;
    layout->addLayout(plan);
    m_runIn = addLine(layout, "runIn", tr("Minute and temperature at the bearing: 15 38"), tr("15 38"));
    m_runInText = new QLabel(this);
    m_runInText->setObjectName("runInText");
    m_runInText->setWordWrap(true);
    layout->addWidget(m_runInText);
    layout->addSpacing(theme::kGap);
    layout->addWidget(heading(tr("The old bearing"), this));
    m_cause = addText(layout, "cause", tr("What killed it"), tr("unknown"),
                      [](job::Closing& c, const std::string& typed) { c.cause = typed; });
    m_remedy = addText(layout, "remedy", tr("What was done about it"), QString(),
                       [](job::Closing& c, const std::string& typed) { c.remedy = typed; });
    m_inspection = addLine(layout, "nextInspection", tr("Next inspection"), tr("2027-03-31, or 6 months"));
    connect(m_inspection, &QLineEdit::editingFinished, this, &ClosingSheet::takeInspection);
    layout->addSpacing(theme::kGap);
    layout->addWidget(heading(tr("Lot or serial numbers"), this));
    m_lots = new QFormLayout;
    m_lots->setRowWrapPolicy(QFormLayout::WrapLongRows);
    layout->addLayout(m_lots);
    layout->addSpacing(theme::kGap);
    layout->addWidget(heading(tr("Released"), this));
    m_released = addLine(layout, "releasedBy",
                         tr("By the person authorised for it, by local rules and the machine maker’s"), tr("name"));
    connect(m_released, &QLineEdit::editingFinished, this, &ClosingSheet::takeRelease);
    m_pin = addLine(layout, "releasePin", tr("PIN of that person"), {});
    m_pin->setEchoMode(QLineEdit::Password);
    m_pin->setMaximumWidth(120);
    connect(m_pin, &QLineEdit::returnPressed, this, &ClosingSheet::takeRelease);
    buildRevision(layout);
    offer(m_released, [this] {
        QStringList out;
        for (const auto& person : m_session->tables().people)
            if (person.releases) out << q(person.name);
        return out;
    });
    layout->addStretch(1);
    connect(m_add, &QLineEdit::returnPressed, this, &ClosingSheet::add);
    connect(m_runIn, &QLineEdit::returnPressed, this, &ClosingSheet::takeRunIn);
}

/// In English and in the reader's language.
static pay::SpanWords spanWords() {
    auto out = pay::spanWords();
    const auto add = [&](const QString& one, const QString& more, pay::Span span) {
        for (const auto& word : {one, more})
            out[word.toStdString()] = span;
    };
    add(QObject::tr("day", "span"), QObject::tr("days", "span"), pay::Span::Day);
    add(QObject::tr("week", "span"), QObject::tr("weeks", "span"), pay::Span::Week);
    add(QObject::tr("month", "span"), QObject::tr("months", "span"), pay::Span::Month);
    add(QObject::tr("year", "span"), QObject::tr("years", "span"), pay::Span::Year);
    return out;
}

void ClosingSheet::takeInspection() {
    const auto typed = m_inspection->text().trimmed().toStdString();
    const auto& before = m_session->job().closing.nextInspection;
    if (typed == before) return;
    const auto due =
        typed.empty() ? std::optional(std::string()) : pay::dueDay(typed, m_session->now().substr(0, 10), spanWords());
    if (!due) {
        m_inspection->setText(q(before));
        return emit trouble(
            tr("“%1” is no day: 2027-03-31, or 10 days, 6 weeks, 6 months, 1 year from now.").arg(q(typed)));
    }
    m_session->edit(tr("Next inspection"), [&](job::Job& j) { j.closing.nextInspection = *due; });
}

/// By name; by name and PIN, where that person has one.
void ClosingSheet::takeRelease() {
    const auto who = m_released->text().trimmed().toStdString();
    if (who == m_session->job().closing.releasedBy) return;
    const auto* person = m_session->person(who);
    const bool asks = person && !person->pin.empty();
    showLine(m_pin, asks);
    if (asks && m_pin->text().isEmpty()) return m_pin->setFocus();
    if (asks && !io::isPin(m_pin->text().toStdString(), person->pin)) {
        m_pin->clear();
        return emit trouble(tr("That is not the PIN of %1: nothing was released.").arg(q(who)));
    }
    m_pin->clear();
    showLine(m_pin, false);
    m_released->setModified(false);
    if (const auto done = m_session->release(who); !done) {
        m_released->setText(q(m_session->job().closing.releasedBy));
        emit trouble(q(words::say(done.error())));
    }
}

/// How a released job is opened again.
void ClosingSheet::buildRevision(QVBoxLayout* layout) {
    m_reviseWho = addLine(layout, "reviseWho", tr("To change a released record, open a revision. By"), tr("name"));
    m_reviseWhy = addLine(layout, "reviseReason", tr("Because"), tr("what has to be changed"));
    m_revise = new QPushButton(tr("Open a revision"), this);
    m_revise->setObjectName("revise");
    m_revise->setMinimumHeight(theme::kTouch);
    layout->addWidget(m_revise);
    connect(m_revise, &QPushButton::clicked, this, [this] {
        const auto text = [](QLineEdit* line) { return line->text().trimmed().toStdString(); };
        const auto opened = m_session->revise(text(m_reviseWho), text(m_reviseWhy));
        if (!opened) return emit trouble(q(words::say(opened.error())));
        m_reviseWho->clear();
        m_reviseWhy->clear();
    });
    offer(m_reviseWho, [this] { return namesOfPeople(*m_session); });
}

/// A line with the label over it.
void ClosingSheet::showLine(QLineEdit* line, bool visible) {
    line->setVisible(visible);
    static_cast<QWidget*>(line->property("label").value<QObject*>())->setVisible(visible);
}

void ClosingSheet::showRevision() {
    const bool locked = m_session->isLocked();
    showLine(m_reviseWho, locked);
    showLine(m_reviseWhy, locked);
    m_revise->setVisible(locked);
}

/// A line that says one text of what is closed.
QLineEdit* ClosingSheet::addText(QVBoxLayout* layout, const char* name, const QString& label, const QString& hint,
                                 TakeText* take) {
    auto* line = addLine(layout, name, label, hint);
    connect(line, &QLineEdit::editingFinished, this, [this, line, label, take] {
        if (!line->isModified()) return;
        line->setModified(false);
        edit(label, [line, take](job::Closing& c) { take(c, line->text().trimmed().toStdString()); });
    });
    return line;
}

QLineEdit* ClosingSheet::addLine(QVBoxLayout* layout, const char* name, const QString& label, const QString& hint) {
    auto* text = new QLabel(label, this);
    text->setFont(theme::typeface(theme::Text::Small));
    text->setWordWrap(true);
    auto* edit = new QLineEdit(this);
    edit->setObjectName(name);
    edit->setAccessibleName(label);
    edit->setPlaceholderText(hint);
    layout->addWidget(text);
    layout->addWidget(edit);
    edit->setProperty("label", QVariant::fromValue<QObject*>(text));
    return edit;
}

QLineEdit* ClosingSheet::numberLine(QFormLayout* layout, const char* name, const QString& label) {
    auto* text = new QLabel(label, this);
    text->setFont(theme::typeface(theme::Text::Small));
    auto* edit = new QLineEdit(this);
    edit->setObjectName(name);
    edit->setAccessibleName(label);
    edit->setFixedWidth(72);
    layout->addRow(text, edit);
    connect(edit, &QLineEdit::editingFinished, this, &ClosingSheet::takeRunInPlan);
    return edit;
}

/// How warm it may get is the machine maker's to say; the figure that stands there is a practice value.
void ClosingSheet::takeRunInPlan() {
    constexpr Interval kRooms{-40, 60};
    constexpr double kMost_K = 120;
    if (!m_room->isModified() && !m_allowed->isModified()) return;
    auto run = m_session->job().closing.runIn;
    // Only what was typed: the other field shows its value rounded.
    if (m_room->isModified()) {
        const auto room = temperatureIn(m_room->text(), *m_session, kRooms);
        if (!room) return emit trouble(tr("Ambient of the run-in: %1").arg(temperatureRange(kRooms, *m_session)));
        run.room_C = *room;
    }
    if (m_allowed->isModified()) {
        const auto allowed = numberIn(m_allowed->text());
        const auto d = m_session->display();
        if (!allowed || !(*allowed > 0 && *allowed * d.riseTyped_K() <= kMost_K))
            return emit trouble(
                tr("Permitted temperature rise: above 0, up to %1").arg(q(d.temperatureRise(kMost_K).text())));
        run.allowed_K = *allowed * d.riseTyped_K();
    }
    m_room->setModified(false);
    m_allowed->setModified(false);
    edit(tr("Run-in plan"), [&](job::Closing& c) { c.runIn = run; });
}

void ClosingSheet::open(JobSession* session) {
    m_session = session;
    m_shown.clear();
    rebuildList();
    rebuildLots();
}

void ClosingSheet::edit(const QString& text, const Change& change) {
    m_session->edit(text, [&](job::Job& j) { change(j.closing); });
}

void ClosingSheet::add() {
    const double unit = m_session->display().torqueTyped_Nm(1);
    const auto line = io::parseFastener(m_add->text().toStdString(), unit);
    if (!line) return emit trouble(q(words::say(line.error())));
    m_add->clear();
    edit(tr("Add %1").arg(q(line->name)), [&](job::Closing& c) { c.fasteners.push_back(*line); });
}

void ClosingSheet::readIn(std::size_t index, const QString& typed) {
    const auto value = numberIn(typed);
    if (!typed.trimmed().isEmpty() && (!value || *value < 0))
        return emit trouble(tr("Torque read “%1”: a number, 0 or more").arg(typed));
    const double unit = m_session->display().torqueTyped_Nm(1);
    edit(tr("Torque read"),
         [&](job::Closing& c) { c.fasteners.at(index).read_Nm = value ? std::optional(*value * unit) : std::nullopt; });
}

QWidget* ClosingSheet::lineOf(std::size_t index) {
    const auto& f = m_shown[index];
    const auto d = m_session->display();
    auto* box = new QWidget(this);
    auto* line = new QGridLayout(box);
    line->setContentsMargins(0, 4, 0, 4);
    line->setHorizontalSpacing(10);
    line->setVerticalSpacing(4);
    line->setColumnStretch(1, 1);
    const bool circle = f.count > 1 && f.pattern != job::Pattern::Single;
    if (circle) line->addWidget(new BoltCircle(f, box), 0, 0, 2, 1);
    auto* text = new QLabel(
        QStringLiteral("<b>%1</b><br>%2").arg(q(f.name).toHtmlEscaped(), described(f, d).toHtmlEscaped()), box);
    text->setTextFormat(Qt::RichText);
    text->setWordWrap(true);
    text->setMinimumHeight(text->heightForWidth(circle ? kBesideCircle : kAlone)); // a low window squeezes no line
    line->addWidget(text, 0, 1);
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    row->addStretch(1);
    line->addLayout(row, 1, 1);
    const auto toggle = [&](const QString& name, const QString& label, bool job::Fastener::*field) {
        auto* button = new QPushButton(label, box);
        button->setObjectName(name + QString::number(index));
        button->setCheckable(true);
        button->setChecked(f.*field);
        connect(button, &QPushButton::clicked, this, [this, index, field, label](bool on) {
            edit(label, [&](job::Closing& c) { c.fasteners.at(index).*field = on; });
        });
        row->addWidget(button);
    };
    if (f.oneTime) toggle("fastenerNew", tr("new"), &job::Fastener::renewed);
    auto* read = new QLineEdit(f.read_Nm ? numberTyped(*f.read_Nm / d.torqueTyped_Nm(1), 5) : QString(), box);
    read->setObjectName(QStringLiteral("fastenerRead%1").arg(index));
    read->setAccessibleName(tr("Torque read on %1").arg(q(f.name)));
    read->setPlaceholderText(q(d.torque(0).unit));
    read->setFixedWidth(64);
    connect(read, &QLineEdit::editingFinished, this, [this, index, read] {
        if (!read->isModified()) return;
        read->setModified(false);
        // The line goes with the list that is built anew.
        QMetaObject::invokeMethod(
            this, [this, index, typed = read->text()] { readIn(index, typed); }, Qt::QueuedConnection);
    });
    row->addWidget(read);
    if (f.locking != job::Locking::None)
        toggle("fastenerLocked", q(words::lockingName(f.locking)), &job::Fastener::locked);
    auto* remove = new QPushButton(tr("×"), box);
    remove->setObjectName(QStringLiteral("fastenerRemove%1").arg(index));
    remove->setAccessibleName(tr("Remove %1 from the list").arg(q(f.name)));
    remove->setFixedWidth(28);
    remove->setStyleSheet("padding:0");
    connect(remove, &QPushButton::clicked, this, [this, index] {
        edit(tr("Remove from the list"),
             [&](job::Closing& c) { c.fasteners.erase(c.fasteners.begin() + static_cast<std::ptrdiff_t>(index)); });
    });
    row->addWidget(remove);
    return box;
}

void ClosingSheet::rebuildList() {
    while (auto* item = m_list->takeAt(0)) {
        item->widget()->deleteLater();
        delete item;
    }
    for (std::size_t i = 0; i < m_shown.size(); ++i) {
        auto* line = lineOf(i);
        m_list->addWidget(line);
        line->show(); // hidden, it would take no height yet
    }
    keepHeight();
}

/// A line for each bearing that goes in.
void ClosingSheet::rebuildLots() {
    while (m_lots->rowCount() > 0)
        m_lots->removeRow(0);
    for (const auto& part : m_session->job().arrangement.assembly.parts) {
        if (!part.catalogue) continue;
        auto* line = new QLineEdit(this);
        line->setObjectName("lot_" + q(part.id));
        const auto label = q(words::shippedName(part.label));
        line->setAccessibleName(tr("Lot or serial number of %1").arg(label));
        m_lots->addRow(label, line);
        connect(line, &QLineEdit::editingFinished, this, [this, line, id = part.id] {
            if (!line->isModified()) return;
            line->setModified(false);
            const auto lot = line->text().trimmed().toStdString();
            edit(line->accessibleName(), [&](job::Closing& c) {
                if (lot.empty())
                    c.lots.erase(id);
                else
                    c.lots[id] = lot;
            });
        });
    }
}

void ClosingSheet::showLots() {
    const auto& lots = m_session->job().closing.lots;
    for (int row = 0; row < m_lots->rowCount(); ++row) {
        auto* line = static_cast<QLineEdit*>(m_lots->itemAt(row, QFormLayout::FieldRole)->widget());
        const auto lot = lots.find(line->objectName().mid(4).toStdString());
        if (!line->isModified()) line->setText(lot == lots.end() ? QString() : q(lot->second));
    }
}

/// The scroll area around it would squeeze texts that are broken over several lines.
void ClosingSheet::keepHeight() {
    setMinimumHeight(layout()->totalHeightForWidth(width()));
}

/// Its lines may have grown: they are made, and get their looks, one after the other.
bool ClosingSheet::event(QEvent* event) {
    if (event->type() == QEvent::LayoutRequest) keepHeight();
    return QWidget::event(event);
}

void ClosingSheet::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    keepHeight();
}

void ClosingSheet::takeRunIn() {
    const auto parts = m_runIn->text().simplified().split(' ');
    const auto minute = parts.size() == 2 ? numberIn(parts[0]) : std::nullopt;
    const auto temp = parts.size() == 2 ? temperatureIn(parts[1], *m_session, {-40, 300}) : std::nullopt;
    const auto& before = m_session->job().closing.runIn.readings;
    if (!minute || !temp || *minute < (before.empty() ? 0 : before.back().minute))
        return emit trouble(
            tr("Run-in “%1”: minute and temperature are wanted, each later than the one before").arg(m_runIn->text()));
    m_runIn->clear();
    edit(tr("Run-in reading"), [&](job::Closing& c) { c.runIn.readings.push_back({*minute, *temp}); });
}

QString ClosingSheet::runInText() const {
    const auto& run = m_session->job().closing.runIn;
    const auto d = m_session->display();
    QStringList out;
    for (const auto& r : run.readings)
        out << tr("%1 min %2 %3")
                   .arg(r.minute)
                   .arg(temperatureTyped(r.temp_C, *m_session), q(d.temperature(r.temp_C).unit));
    return out.isEmpty() ? tr("Read every quarter of an hour until it settles.") : out.join(" · ");
}

void ClosingSheet::refresh() {
    if (!m_session) return;
    const auto& closing = m_session->job().closing;
    if (m_shown != closing.fasteners) {
        m_shown = closing.fasteners;
        rebuildList();
    }
    m_runInText->setText(runInText());
    const auto show = [](QLineEdit* edit, const QString& text) {
        if (!edit->isModified() && edit->text() != text) edit->setText(text);
    };
    show(m_room, temperatureTyped(closing.runIn.room_C, *m_session));
    const auto d = m_session->display();
    show(m_allowed, numberTyped(closing.runIn.allowed_K / d.riseTyped_K()));
    const auto label = tr("Permitted rise [%1]").arg(q(d.temperatureRise(0).unit));
    static_cast<QLabel*>(m_runInPlan->labelForField(m_allowed))->setText(label);
    m_allowed->setAccessibleName(label);
    show(m_cause, q(closing.cause));
    show(m_inspection, q(closing.nextInspection));
    show(m_remedy, q(closing.remedy));
    show(m_wrench, q(closing.wrench.number));
    m_wrench->setToolTip(gaugeSaid(closing.wrench, *m_session));
    show(m_released, q(closing.releasedBy));
    if (m_pin->text().isEmpty()) showLine(m_pin, false);
    showRevision();
    showLots();
}

} // namespace arbor::ui
