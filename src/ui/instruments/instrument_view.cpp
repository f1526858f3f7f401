#include "ui/instruments/instrument_view.h"

#include "device/gauge_line.h"
#include "device/instrument_line.h"
#include "device/serial_ports.h"
#include "ui/instruments/stand_in.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QComboBox>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTimer>
#include <algorithm>

namespace arbor::ui {

namespace {

using State = device::LineClient::State;

constexpr int kTest_ms = 2000;
constexpr int kGaugeWidth = 110;

/// What a line says, and the one number of it that is looked at when it is tested.
struct Heard {
    QString text;
    std::optional<double> value;
    QString trouble; ///< empty: it was understood
};

Heard heardFrom(Instrument which, const QString& line) {
    if (which == Instrument::BoreGauge) {
        const auto size = device::parseGaugeLine(line.toStdString());
        if (!size) return {{}, {}, q(words::say(size.error()))};
        return *size ? Heard{QObject::tr("%1 mm").arg(**size, 0, 'f', 4), **size, {}} : Heard{};
    }
    const auto said = device::readInstrumentLine(line);
    if (!said) return {{}, {}, q(words::say(said.error()))};
    if (const auto* sample = std::get_if<trace::Sample>(&*said))
        return {QObject::tr("%1 mm, %2 N").arg(sample->travel_mm, 0, 'f', 2).arg(sample->force_N, 0, 'f', 0),
                sample->force_N,
                {}};
    if (const auto* temp = std::get_if<device::Temperature>(&*said))
        return {QObject::tr("%1 °C").arg(temp->temp_C, 0, 'f', 1), temp->temp_C, {}};
    if (const auto* dial = std::get_if<device::Dial>(&*said))
        return {QObject::tr("%1 mm").arg(dial->value_mm, 0, 'f', 4), dial->value_mm, {}};
    return {};
}

QString stateText(const device::LineClient& line) {
    switch (line.state()) {
    case State::Off:
        return QObject::tr("not connected");
    case State::Connecting:
        return QObject::tr("calling…");
    case State::On:
        return QObject::tr("connected");
    case State::Failed:
        return line.reason();
    }
    return {};
}

} // namespace

InstrumentView::InstrumentView(Instruments& instruments, StandIns& standIns, QWidget* parent)
    : QWidget(parent), m_instruments(instruments), m_standIns(standIns) {
    setObjectName("instrumentView");
    setAttribute(Qt::WA_StyledBackground);
    auto* title = new QLabel(tr("Instruments"), this);
    title->setFont(theme::typeface(theme::Text::Title));
    auto* hint = new QLabel(tr("A serial port of this machine, or 127.0.0.1:port. Every station listens to what is "
                               "connected here. No instrument at hand? 1 to 4 start a stand-in that is set to the "
                               "seat in hand, and stop it again; Ctrl+Shift+G works its ram, or pushes its button."),
                            this);
    hint->setWordWrap(true);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(theme::kGap);
    grid->setVerticalSpacing(theme::kGap);
    grid->setColumnStretch(1, 2);
    grid->setColumnStretch(3, 3);
    m_fault = new QComboBox(this);
    m_fault->setObjectName("standInFault");
    m_fault->setAccessibleName(tr("What is wrong at the stand-in press"));
    m_fault->setMinimumHeight(theme::kTouch);
    for (const auto& fault : standInFaults())
        m_fault->addItem(fault.name, fault.key);
    for (const auto which : kInstruments)
        addRow(which, grid);
    auto* faultLabel = new QLabel(tr("What is wrong at the stand-in press"), this);
    grid->addWidget(faultLabel, grid->rowCount(), 0);
    grid->addWidget(m_fault, grid->rowCount() - 1, 1);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(theme::kMargin, theme::kMargin, theme::kMargin, theme::kMargin);
    column->setSpacing(theme::kGap);
    column->addWidget(title);
    column->addWidget(hint);
    column->addLayout(grid);
    column->addStretch(1);
    connect(&m_standIns, &StandIns::changed, this, &InstrumentView::refresh);
}

void InstrumentView::addRow(Instrument which, QGridLayout* grid) {
    auto& row = m_rows[which];
    const int at = grid->rowCount();
    const auto key = static_cast<int>(which) + 1;
    const auto called = [key](const char* name) { return QString(name) + QString::number(key); };
    auto* label = new QLabel(instrumentName(which), this);
    label->setFont(theme::typeface(theme::Text::Strong));
    row.address = new QComboBox(this);
    row.address->setObjectName(called("instrumentAddress"));
    row.address->setAccessibleName(tr("Line of the %1").arg(instrumentName(which).toLower()));
    row.address->setEditable(true);
    row.address->lineEdit()->setObjectName(called("instrumentLine"));
    row.address->setInsertPolicy(QComboBox::NoInsert);
    row.address->setMinimumHeight(theme::kTouch);
    row.gauge = new QLineEdit(m_instruments.line(which).gauge(), this);
    row.gauge->setObjectName(called("instrumentGauge"));
    row.gauge->setAccessibleName(tr("Number on the %1").arg(instrumentName(which).toLower()));
    row.gauge->setPlaceholderText(tr("gauge no."));
    row.gauge->setMinimumHeight(theme::kTouch);
    row.gauge->setMaximumWidth(kGaugeWidth);
    connect(row.gauge, &QLineEdit::editingFinished, this,
            [this, which] { m_instruments.nameGauge(which, m_rows.at(which).gauge->text()); });
    row.reading = new QLabel(this);
    row.reading->setObjectName(called("instrumentReading"));
    row.reading->setFont(theme::typeface(theme::Text::Title));
    row.state = new QLabel(this);
    row.state->setObjectName(called("instrumentState"));
    row.state->setWordWrap(true);
    row.tested = new QLabel(this);
    row.tested->setObjectName(called("instrumentTested"));
    row.tested->setWordWrap(true);
    auto* test = new QPushButton(tr("Test"), this);
    test->setObjectName(called("instrumentTest"));
    row.standIn = new QPushButton(this);
    row.standIn->setObjectName(called("standIn"));
    for (auto* button : {test, row.standIn}) {
        button->setMinimumHeight(theme::kTouch);
        button->setFocusPolicy(Qt::TabFocus);
    }
    auto* said = new QVBoxLayout;
    said->setSpacing(0);
    for (auto* text : {row.reading, row.state, row.tested})
        said->addWidget(text);
    grid->addWidget(label, at, 0);
    grid->addWidget(row.address, at, 1);
    grid->addWidget(row.gauge, at, 2);
    grid->addLayout(said, at, 3);
    grid->addWidget(test, at, 4);
    grid->addWidget(row.standIn, at, 5);
    auto& line = m_instruments.line(which);
    const auto call = [this, which] {
        m_instruments.line(which).connectTo(m_rows[which].address->currentText().section(QStringLiteral("  "), 0, 0));
        setFocus();
    };
    connect(row.address->lineEdit(), &QLineEdit::returnPressed, this, call);
    connect(row.address, &QComboBox::activated, this, call);
    connect(test, &QPushButton::clicked, this, [this, which] { this->test(which); });
    connect(row.standIn, &QPushButton::clicked, this, [this, which] { toggleStandIn(which); });
    connect(&line, &device::LineClient::stateChanged, this, &InstrumentView::refresh);
    connect(&line, &device::LineClient::line, this, [this, which](const QString& text) { hear(which, text); });
}

void InstrumentView::open(const JobSession* session) {
    m_session = session;
    for (const auto which : kInstruments)
        fillAddresses(which);
    refresh();
    setFocus();
}

/// Those it was found at before, then the ports that are there.
void InstrumentView::fillAddresses(Instrument which) {
    auto* box = m_rows.at(which).address;
    const auto now = m_instruments.line(which).address();
    box->clear();
    for (const auto& address : m_instruments.remembered(which))
        box->addItem(address);
    for (const auto& port : device::serialPorts())
        if (box->findText(port.address) < 0)
            box->addItem(port.name.isEmpty() ? port.address : port.address + "  " + port.name);
    box->setCurrentText(now);
}

void InstrumentView::hear(Instrument which, const QString& line) {
    auto& row = m_rows.at(which);
    if (!isVisible() && !row.testing) return;
    const auto heard = heardFrom(which, line);
    if (row.testing) {
        ++row.lines;
        row.unread += heard.trouble.isEmpty() ? 0 : 1;
        if (heard.value) row.values << *heard.value;
    }
    if (!heard.trouble.isEmpty()) row.tested->setText(heard.trouble);
    if (!heard.text.isEmpty()) row.reading->setText(heard.text);
}

void InstrumentView::test(Instrument which) {
    auto& row = m_rows.at(which);
    row.lines = row.unread = 0;
    row.values.clear();
    row.testing = true;
    row.tested->setText(tr("listening for 2 seconds: push its button, if it has one"));
    QTimer::singleShot(kTest_ms, this, [this, which] { sayTest(which); });
}

void InstrumentView::sayTest(Instrument which) {
    auto& row = m_rows.at(which);
    row.testing = false;
    if (row.lines == 0) return row.tested->setText(tr("It said nothing."));
    const auto [least, most] = std::minmax_element(row.values.begin(), row.values.end());
    const auto spread = row.values.isEmpty() ? QString() : QString::number(*most - *least, 'g', 3);
    row.tested->setText(tr("%n lines in 2 s", "", row.lines) +
                        (row.unread > 0 ? tr(", %n could not be read", "", row.unread) : tr(", all of them read")) +
                        (spread.isEmpty() ? QString() : tr("; they differ by %1").arg(spread)));
}

void InstrumentView::toggleStandIn(Instrument which) {
    if (m_standIns.isRunning(which)) return m_standIns.stop(which);
    m_rows.at(which).reading->clear();
    m_standIns.start(which, m_session, which == Instrument::Press ? m_fault->currentData().toString() : QString());
}

void InstrumentView::refresh() {
    for (auto& [which, row] : m_rows) {
        const auto& line = m_instruments.line(which);
        row.state->setText(stateText(line));
        row.state->setStyleSheet(
            QStringLiteral("color:%1")
                .arg((line.state() == State::Failed ? theme::roles().stop : theme::roles().muted).name()));
        if (line.state() != State::On) row.reading->clear();
        if (!row.address->lineEdit()->isModified()) row.address->setCurrentText(line.address());
        const int key = static_cast<int>(which) + 1;
        row.standIn->setText(
            (m_standIns.isRunning(which) ? tr("Stop the stand-in   %1") : tr("Stand-in   %1")).arg(key));
    }
}

void InstrumentView::keyPressEvent(QKeyEvent* event) {
    const int number = event->key() - Qt::Key_1;
    if (number >= 0 && number < static_cast<int>(std::size(kInstruments))) return toggleStandIn(kInstruments[number]);
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
