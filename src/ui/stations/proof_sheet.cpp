#include "ui/stations/proof_sheet.h"

#include "ui/kit/offered.h"
#include "ui/stations/gauge_line.h"

#include "core/plan/proof_plan.h"
#include "ui/kit/broken.h"
#include "ui/photos/picture_row.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/adjust_words.h"

#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace arbor::ui {

namespace {

constexpr int kProbeColumns = 6;

constexpr int kCheckText = 168; // width

QLabel* small(const QString& text, QWidget* parent) {
    auto* label = new QLabel(text, parent);
    label->setFont(theme::typeface(theme::Text::Small));
    label->setWordWrap(true);
    return label;
}

} // namespace

ProofSheet::ProofSheet(QWidget* parent) : QWidget(parent) {
    setObjectName("proofSheet");
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kGap, 12, theme::kMargin, theme::kGap);
    layout->setSpacing(4);
    auto* title = new QLabel(tr("Checked"), this);
    title->setFont(theme::typeface(theme::Text::Strong));
    layout->addWidget(title);
    int number = 0;
    for (const auto check : job::kSeatChecks) {
        auto* button = new QPushButton(this);
        button->setObjectName(QStringLiteral("seatCheck%1").arg(number++));
        button->setToolTip(q(words::seatCheck(check).detail));
        button->setMinimumHeight(theme::kTouch - 8);
        connect(button, &QPushButton::clicked, this, [this, check] { cycle(check); });
        m_checks[check] = button;
        layout->addWidget(button);
    }
    m_probeBox = new QWidget(this);
    m_probeBox->setLayout(buildProbes());
    layout->addWidget(m_probeBox);
    m_gauge = addLine("seatGauge", tr("Read with gauge no."), {});
    m_pull = addLine("proofPull", tr("Pull on string [N]"), tr("turning evenly"));
    m_radius = addLine("proofRadius", tr("at radius [mm]"), {});
    m_who = addLine("proofWho", tr("Accepted by concession, by"), tr("name"));
    m_why = addLine("proofWhy", tr("because"), tr("the reason"));
    m_photos = new PictureRow("provenPhotos", tr("Photos as proven"), this);
    layout->addWidget(m_photos);
    connect(m_photos, &PictureRow::removed, this, [this](int row) {
        m_session->editStep(tr("Remove photo"), [&](job::StepRecord& r) { r.photos.erase(r.photos.begin() + row); });
    });
    layout->addStretch(1);
    offer(m_gauge, [this] {
        return gaugesFor({catalog::GaugeKind::Depth, catalog::GaugeKind::Indicator}, *m_session);
    });
    offer(m_who, [this] { return namesOfPeople(*m_session); });
    connect(m_gauge, &QLineEdit::editingFinished, this, &ProofSheet::nameGauge);
    connect(m_pull, &QLineEdit::editingFinished, this, &ProofSheet::weigh);
    connect(m_radius, &QLineEdit::editingFinished, this, &ProofSheet::weigh);
    connect(m_who, &QLineEdit::editingFinished, this, &ProofSheet::sign);
    connect(m_why, &QLineEdit::editingFinished, this, &ProofSheet::sign);
}

QLineEdit* ProofSheet::addLine(const char* name, const QString& label, const QString& hint) {
    auto* edit = new QLineEdit(this);
    edit->setObjectName(name);
    edit->setAccessibleName(label);
    edit->setPlaceholderText(hint);
    auto* box = static_cast<QVBoxLayout*>(layout());
    box->addWidget(small(label, this));
    box->addWidget(edit);
    return edit;
}

/// Twelve places of the retaining ring, two rows of six, named by the clock.
QLayout* ProofSheet::buildProbes() {
    auto* grid = new QGridLayout;
    grid->setContentsMargins(0, 6, 0, 6);
    grid->setSpacing(3);
    m_probesTitle = small({}, this);
    grid->addWidget(m_probesTitle, 0, 0, 1, kProbeColumns);
    for (int hour = 1; hour <= plan::kProbes; ++hour) {
        auto* button = new QPushButton(QString::number(hour), this);
        button->setObjectName(QStringLiteral("probe%1").arg(hour));
        button->setAccessibleName(tr("Retaining ring probed at %1 o’clock").arg(hour));
        button->setCheckable(true);
        button->setFixedHeight(theme::kTouch - 10);
        button->setMinimumWidth(20);
        button->setStyleSheet("padding:0");
        connect(button, &QPushButton::clicked, this, [this, hour](bool felt) {
            edit(tr("Ring at %1 o’clock").arg(hour),
                 [&](job::SeatChecks& p) { felt ? void(p.probed.insert(hour)) : void(p.probed.erase(hour)); });
        });
        m_probes.push_back(button);
        grid->addWidget(button, 1 + (hour - 1) / kProbeColumns, (hour - 1) % kProbeColumns);
    }
    return grid;
}

void ProofSheet::open(JobSession* session) {
    m_session = session;
}

void ProofSheet::edit(const QString& text, const Change& change) {
    m_session->editStep(text, [&](job::StepRecord& r) {
        change(r.proof);
        r.done.erase(job::Station::Seat);
    });
}

/// Not looked at, good, bad.
void ProofSheet::cycle(job::SeatCheck check) {
    edit(q(words::seatCheck(check).head), [&](job::SeatChecks& p) {
        const auto seen = p.checks.find(check);
        if (seen == p.checks.end())
            p.checks[check] = true;
        else if (seen->second)
            seen->second = false;
        else
            p.checks.erase(seen);
    });
}

void ProofSheet::sign() {
    if (!m_who->isModified() && !m_why->isModified()) return;
    m_who->setModified(false);
    m_why->setModified(false);
    const auto who = m_who->text().trimmed().toStdString(), why = m_why->text().trimmed().toStdString();
    edit(tr("Accept the seat by concession"), [&](job::SeatChecks& p) {
        p.signedBy = who;
        p.reason = why;
    });
}

void ProofSheet::nameGauge() {
    if (!m_gauge->isModified()) return;
    m_gauge->setModified(false);
    const auto used = gaugeTyped(m_gauge->text(), *m_session);
    const auto* known = gaugeKnown(used, *m_session);
    m_session->editStep(tr("Read with gauge no."), [&](job::StepRecord& r) {
        r.readings.gauge = used;
        if (known && known->uncertainty_mm > 0) r.readings.uncertainty_mm = known->uncertainty_mm;
    });
}

void ProofSheet::weigh() {
    if (!m_pull->isModified() && !m_radius->isModified()) return;
    const auto pull = numberIn(m_pull->text()), radius = numberIn(m_radius->text());
    const bool bad = (!m_pull->text().trimmed().isEmpty() && (!pull || *pull < 0)) ||
                     (!m_radius->text().trimmed().isEmpty() && (!radius || *radius < 0));
    if (bad) return emit trouble(tr("Pull and radius: numbers, 0 or more"));
    m_pull->setModified(false);
    m_radius->setModified(false);
    edit(tr("Pull on the string"), [&](job::SeatChecks& p) {
        p.pull_N = pull;
        p.radius_mm = radius.value_or(0);
    });
}

void ProofSheet::refresh() {
    if (!m_session) return;
    m_photos->show(m_session->record().photos, m_session->path());
    const auto& proof = m_session->record().proof;
    const auto* step = m_session->step();
    const auto wanted = step ? step->checks : std::set<job::SeatCheck>{};
    for (const auto& [check, button] : m_checks) {
        const auto seen = proof.checks.find(check);
        const bool looked = seen != proof.checks.end();
        button->setVisible(wanted.contains(check));
        const auto mark = !looked ? tr("?  ") : seen->second ? tr("✓  ") : tr("✗  ");
        button->setText(broken(mark + q(words::seatCheck(check).head), button->fontMetrics(), kCheckText));
        const auto colour = !looked ? theme::roles().muted : seen->second ? theme::roles().proven : theme::roles().stop;
        button->setStyleSheet(QStringLiteral("text-align:left; color:%1").arg(colour.name()));
    }
    m_probeBox->setVisible(wanted.contains(job::SeatCheck::GrooveAllRound));
    m_probesTitle->setText(tr("Retaining ring probed at %1 of %2").arg(proof.probed.size()).arg(plan::kProbes));
    m_probesTitle->setMinimumHeight(m_probesTitle->heightForWidth(kCheckText));
    for (int hour = 1; hour <= plan::kProbes; ++hour)
        m_probes[static_cast<std::size_t>(hour - 1)]->setChecked(proof.probed.contains(hour));
    const auto show = [](QLineEdit* edit, const QString& text) {
        if (!edit->isModified() && edit->text() != text) edit->setText(text);
    };
    const auto& gauge = m_session->record().readings.gauge;
    show(m_gauge, q(gauge.number));
    m_gauge->setToolTip(gaugeSaid(gauge, *m_session));
    show(m_pull, proof.pull_N ? numberTyped(*proof.pull_N) : QString());
    show(m_radius, proof.radius_mm > 0 ? numberTyped(proof.radius_mm) : QString());
    show(m_who, q(proof.signedBy));
    show(m_why, q(proof.reason));
}

} // namespace arbor::ui
