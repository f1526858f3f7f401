#include "ui/press/manual_sheet.h"

#include "io/entry/size_entry.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

using job::ManualMeans;
using job::ManualSign;

constexpr qsizetype kShown = 8; // of the readings, the last ones
constexpr double kMostTravel_mm = 1000, kMostTurns = 1000, kMostShown = 1e6;

QString question(ManualSign sign) {
    switch (sign) {
    case ManualSign::EvenGap:
        return QObject::tr("Gap even all round, every few blows");
    case ManualSign::Ringing:
        return QObject::tr("Sound from dull to ringing");
    case ManualSign::Stopped:
        return QObject::tr("Last blows did not move it");
    }
    return {};
}

QString shortest(double value) {
    return numberTyped(value, 4);
}

QLineEdit* tall(QLineEdit* edit) {
    edit->setMinimumHeight(theme::kTouch - 8);
    return edit;
}

} // namespace

ManualSheet::ManualSheet(QWidget* parent) : QWidget(parent) {
    m_readings = buildReadings();
    m_signs = buildSigns();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(m_readings);
    layout->addWidget(m_signs);
}

QWidget* ManualSheet::buildReadings() {
    auto* box = new QWidget(this);
    m_entry = tall(new QLineEdit(box));
    m_entry->setObjectName("handEntry");
    m_entry->setAccessibleName(tr("Reading: where, what is shown"));
    m_entry->setFixedWidth(180);
    m_bolt = new QComboBox(box);
    m_bolt->setObjectName("handBolt");
    m_bolt->setAccessibleName(tr("Draw-bolt set"));
    m_bolt->setMinimumHeight(theme::kTouch - 8);
    m_back = new QPushButton(tr("Clear the last"), box);
    m_back->setObjectName("handBack");
    m_back->setMinimumHeight(theme::kTouch - 8);
    m_read = new QLabel(box);
    m_read->setObjectName("handRead");
    m_read->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    auto* line = new QHBoxLayout;
    line->setSpacing(theme::kGap);
    line->addWidget(m_entry);
    line->addWidget(m_bolt);
    line->addStretch(1);
    line->addWidget(m_back);
    auto* both = new QVBoxLayout(box);
    both->setContentsMargins(0, 0, 0, 0);
    both->setSpacing(4);
    both->addLayout(line);
    both->addWidget(m_read);
    connect(m_entry, &QLineEdit::returnPressed, this, &ManualSheet::enter);
    connect(m_back, &QPushButton::clicked, this, &ManualSheet::takeBack);
    connect(m_bolt, &QComboBox::activated, this, [this] {
        m_session->editStep(tr("Choose draw bolt"), [this](job::StepRecord& r) {
            r.hand.bolt = m_bolt->currentData().toString().toStdString();
            r.done.erase(job::Station::Press);
        });
    });
    return box;
}

QWidget* ManualSheet::buildSigns() {
    auto* box = new QWidget(this);
    auto* line = new QHBoxLayout(box);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(theme::kGap);
    for (const auto sign : job::kManualSigns) {
        auto* answer = new QComboBox(box);
        answer->setObjectName(QStringLiteral("handSign%1").arg(m_answers.size()));
        answer->setAccessibleName(question(sign));
        answer->addItems({tr("not checked"), tr("yes"), tr("no")});
        answer->setMinimumHeight(theme::kTouch - 8);
        auto* label = new QLabel(question(sign), box);
        label->setWordWrap(true);
        line->addWidget(label, 1);
        line->addWidget(answer);
        connect(answer, &QComboBox::activated, this, [this, sign](int index) { this->answer(sign, index); });
        m_answers.push_back(answer);
    }
    return box;
}

void ManualSheet::open(JobSession* session) {
    m_session = session;
    m_bolt->clear();
    for (const auto& tool : session->tables().rack.tools)
        if (tool.kind == catalog::ToolKind::DrawBolt) m_bolt->addItem(q(tool.id + "  " + tool.thread), q(tool.id));
    m_entry->clear();
}

/// The unit of the needle, or of the wrench.
QString ManualSheet::unitShown() const {
    if (m_session->record().hand.means == ManualMeans::Wrench) return q(m_session->display().torque(0).unit);
    const auto* press = m_session->plan().press;
    return press ? q(m_session->display().gauge(0, press->gaugeUnit).unit) : QString();
}

QString ManualSheet::readSoFar() const {
    const auto& step = m_session->record();
    const auto d = m_session->display();
    const bool wrench = step.hand.means == ManualMeans::Wrench;
    if (!step.traceFile.empty()) return tr("The loaded trace counts. Clear its field to read by hand.");
    if (step.hand.points.empty())
        return wrench ? tr("Turns of the nut from the ring in the mouth, torque: 2.5 40. Enter takes it.")
                      : tr("Travel from the ring in the mouth, needle: 4 35. Enter takes it.");
    QStringList all;
    for (const auto& p : step.hand.points)
        all << tr("%1: %2").arg(wrench ? shortest(p.at) : q(d.size(p.at).number),
                                shortest(wrench ? p.shown / d.torqueTyped_Nm(1) : p.shown));
    const auto earlier = std::max<qsizetype>(0, all.size() - kShown);
    return (earlier > 0 ? tr("%1 before · ").arg(earlier) : QString()) + all.mid(earlier).join(" · ") + " " +
           unitShown();
}

void ManualSheet::refresh() {
    if (!m_session) return;
    const auto& hand = m_session->record().hand;
    const bool hammer = hand.means == ManualMeans::Hammer, wrench = hand.means == ManualMeans::Wrench;
    m_readings->setVisible(!hammer);
    m_signs->setVisible(hammer);
    m_bolt->setVisible(wrench);
    if (const auto* bolt = plan::boltOf(hand, m_session->tables().rack))
        m_bolt->setCurrentIndex(m_bolt->findData(q(bolt->id)));
    m_entry->setPlaceholderText(wrench ? tr("turns, %1").arg(unitShown())
                                       : tr("%1, %2").arg(q(m_session->display().size(0).unit), unitShown()));
    m_read->setText(readSoFar());
    m_back->setEnabled(!hand.points.empty());
    for (std::size_t i = 0; i < m_answers.size(); ++i) {
        const auto seen = hand.signs.find(job::kManualSigns[i]);
        m_answers[i]->setCurrentIndex(seen == hand.signs.end() ? 0 : seen->second ? 1 : 2);
    }
}

void ManualSheet::enter() {
    const auto typed = m_entry->text().simplified();
    const auto parts = typed.split(' ');
    const bool wrench = m_session->record().hand.means == ManualMeans::Wrench;
    const auto shown = parts.size() == 2 ? numberIn(parts[1]) : std::nullopt;
    const auto where = parts.size() == 2 ? numberIn(parts[0]) : std::nullopt;
    const double most = wrench ? kMostTurns : kMostTravel_mm / typedUnit_mm(*m_session);
    if (!shown || !where || !(*where >= -most && *where <= most) || !(*shown >= 0 && *shown <= kMostShown)) {
        emit trouble(tr("Reading “%1”: two numbers, %2 and %3, are wanted")
                         .arg(typed, wrench ? tr("turns") : q(m_session->display().size(0).unit), unitShown()));
        return;
    }
    const double unit = wrench ? 1 : typedUnit_mm(*m_session);
    const double perUnit = wrench ? m_session->display().torqueTyped_Nm(1) : 1;
    m_entry->clear();
    m_session->editStep(tr("Reading of %1").arg(typed), [&](job::StepRecord& r) {
        r.hand.points.push_back({*where * unit, *shown * perUnit});
        r.done.erase(job::Station::Press);
    });
}

void ManualSheet::takeBack() {
    m_session->editStep(tr("Clear reading"), [](job::StepRecord& r) {
        if (!r.hand.points.empty()) r.hand.points.pop_back();
        r.done.erase(job::Station::Press);
    });
}

void ManualSheet::answer(ManualSign sign, int answer) {
    m_session->editStep(tr("What was seen"), [&](job::StepRecord& r) {
        if (answer == 0)
            r.hand.signs.erase(sign);
        else
            r.hand.signs[sign] = answer == 1;
        r.done.erase(job::Station::Press);
    });
}

} // namespace arbor::ui
