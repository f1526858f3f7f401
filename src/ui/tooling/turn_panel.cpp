#include "ui/tooling/turn_panel.h"

#include "io/entry/size_entry.h"
#include "ui/report/paper.h"
#include "ui/report/tool_drawing.h"
#include "ui/stations/entry_sheet.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/tooling_words.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

/// The drawing on its white sheet, as large as it goes.
class DrawingPicture : public QWidget {
public:
    explicit DrawingPicture(QWidget* parent) : QWidget(parent) {
        setObjectName("turnDrawing");
        setMinimumSize(260, 180);
    }
    void show(std::optional<io::Flat> flat) {
        m_flat = std::move(flat);
        update();
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.fillRect(rect(), theme::roles().card);
        if (m_flat) paintDrawing(painter, *m_flat, QRectF(rect()).adjusted(6, 6, -6, -6));
    }

private:
    std::optional<io::Flat> m_flat;
};

TurnPanel::TurnPanel(QWidget* parent) : QWidget(parent) {
    setObjectName("turnPanel");
    setMinimumHeight(220);
    m_picture = new DrawingPicture(this);
    m_verdict = new QLabel(this);
    m_verdict->setObjectName("turnVerdict");
    m_verdict->setWordWrap(true);
    m_take = new QPushButton(tr("Put it on the rack"), this);
    m_take->setObjectName("turnToRack");
    connect(m_take, &QPushButton::clicked, this, &TurnPanel::putOnRack);
    buildSheet();
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(m_take, 1);
    for (const auto* ending : {"dxf", "svg", "pdf"}) {
        auto* button = new QPushButton(QString(ending).toUpper(), this);
        button->setObjectName(QStringLiteral("turn_%1").arg(ending));
        button->setToolTip(tr("Write the drawing beside the job"));
        connect(button, &QPushButton::clicked, this, [this, ending] { writeDrawing(ending); });
        buttons->addWidget(button);
        m_writers.push_back(button);
    }
    for (auto* button : findChildren<QPushButton*>())
        button->setMinimumHeight(theme::kTouch);
    auto* side = new QWidget(this);
    side->setFixedWidth(390);
    auto* scroll = new QScrollArea(side);
    scroll->setObjectName("turnScroll");
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidget(m_sheet);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, theme::kGap, theme::kGap);
    column->addWidget(scroll, 1);
    column->addWidget(m_verdict);
    column->addLayout(buttons);
    m_verdict->setContentsMargins(theme::kMargin, 0, 0, 0);
    buttons->setContentsMargins(theme::kMargin, 0, 0, 0);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(side);
    row->addWidget(m_picture, 1);
}

void TurnPanel::buildSheet() {
    m_sheet = new EntrySheet(this);
    using catalog::Tool;
    using tooling::TurnOverrides;
    addSize("turnOutside", tr("Outside"), &TurnOverrides::outsideDia_mm, &Tool::outsideDia_mm);
    addSize("turnBore", tr("Bore"), &TurnOverrides::boreDia_mm, &Tool::boreDia_mm);
    addSize("turnLength", tr("Length"), &TurnOverrides::length_mm, &Tool::length_mm);
    addSize("turnRelief", tr("Relief depth"), &TurnOverrides::relief_mm, nullptr);
    addSize("turnPilotDia", tr("Pilot Ø"), &TurnOverrides::pilotDia_mm, &Tool::pilotDia_mm);
    addSize("turnPilot", tr("Pilot length"), &TurnOverrides::pilotLength_mm, &Tool::pilotLength_mm);
}

/// A size that is designed until it is typed; emptied, it is designed again.
void TurnPanel::addSize(const char* name, const QString& label,
                        std::optional<double> tooling::TurnOverrides::*overrides, double catalog::Tool::*made) {
    const auto overridden = [this, overrides]() -> std::optional<double> {
        return m_session ? m_session->record().overrides.turn.*overrides : std::nullopt;
    };
    m_sheet->addField(
        name, label,
        [this, overrides, label](const QString& typed) -> EntrySheet::Understood {
            if (!m_session->step()) return {false, tr("nothing to turn it for")};
            std::optional<double> size;
            if (!typed.trimmed().isEmpty()) {
                const auto read = io::parseLength(typed.toStdString(), typedUnit_mm(*m_session));
                if (!read) return refused(read.error());
                size = *read;
            }
            m_session->editStep(tr("Turn: %1").arg(label),
                                [&](job::StepRecord& r) { r.overrides.turn.*overrides = size; });
            return {};
        },
        [this, overridden] { return overridden() ? q(m_session->display().size(*overridden()).number) : QString(); },
        [this, overridden, made] {
            if (overridden()) return tr("yours");
            const double size = m_sleeve && made ? m_sleeve->tool.*made : 0;
            return size > 0 ? tr("designed %1").arg(q(m_session->display().size(size).text())) : tr("none");
        });
}

void TurnPanel::open(JobSession* session) {
    m_session = session;
    refresh();
}

void TurnPanel::begin() {
    refresh();
    m_sheet->first()->setFocus();
}

void TurnPanel::refresh() {
    if (!m_session) return;
    m_sleeve.reset();
    m_refused.clear();
    if (m_session->step()) {
        auto made = turnedInHand(*m_session);
        if (made)
            m_sleeve = std::move(*made);
        else
            m_refused = q(words::say(made.error()));
    }
    m_sheet->refresh();
    m_picture->show(m_sleeve ? std::optional(io::flatten(drawingOf(*m_session, *m_sleeve))) : std::nullopt);
    m_verdict->setText(verdict());
    m_verdict->setStyleSheet(
        QStringLiteral("color:%1")
            .arg((m_sleeve && worst(m_sleeve->check.findings) < Severity::Stop ? theme::roles().ink
                                                                               : theme::roles().stop)
                     .name()));
    m_take->setEnabled(m_sleeve.has_value());
    for (auto* button : m_writers)
        button->setEnabled(m_sleeve.has_value());
}

QString TurnPanel::verdict() const {
    if (!m_sleeve) return m_refused.isEmpty() ? tr("Nothing to make here.") : m_refused;
    const auto d = m_session->display();
    const auto& findings = m_sleeve->check.findings;
    const auto told = std::max_element(findings.begin(), findings.end(),
                                       [](const Advice& a, const Advice& b) { return a.severity < b.severity; });
    auto text = told == findings.end() ? QString() : q(words::say(*told, d).line());
    if (m_sleeve->wallNeeded_mm > 0)
        text += tr(". Wall needed %1").arg(q(d.size(std::ceil(m_sleeve->wallNeeded_mm * 100) / 100).text()));
    return text + tr(". Round bar %1 × %2, carbon steel.")
                      .arg(q(d.size(m_sleeve->barDia_mm).number), q(d.size(m_sleeve->barLength_mm).text()));
}

void TurnPanel::writeDrawing(const QString& ending) {
    if (!m_sleeve) return;
    auto file = q(m_session->path());
    if (file.endsWith(".arbor.json")) file.chop(static_cast<int>(std::size(".arbor.json")) - 1);
    file = freeName(QStringLiteral("%1.%2.%3").arg(file, q(m_sleeve->tool.id), q(m_session->now()).left(10)), ending);
    const auto drawing = drawingOf(*m_session, *m_sleeve);
    const auto written =
        ending == "pdf" ? writeDrawingPdf(file, drawing) : io::writeDrawing(file.toStdString(), drawing);
    if (!written) return emit trouble(q(words::say(written.error())));
    m_verdict->setText(tr("Written: %1").arg(QFileInfo(file).fileName()));
}

void TurnPanel::putOnRack() {
    if (!m_sleeve) return;
    auto tool = m_sleeve->tool;
    const auto base = tool.id;
    for (int number = 2; m_session->tables().rack.tool(tool.id); ++number)
        tool.id = base + "-" + std::to_string(number);
    emit toolMade(tool);
}

void TurnPanel::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit finished();
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
