#include "ui/instruments/instruments.h"

namespace arbor::ui {

namespace {

constexpr qsizetype kRemembered = 5; // addresses of each kind
constexpr const char* kGaugeSuffix = "_gauge";

/// In the settings.
QString keyOf(Instrument which) {
    switch (which) {
    case Instrument::Press:
        return QStringLiteral("instruments/press");
    case Instrument::BoreGauge:
        return QStringLiteral("instruments/bore_gauge");
    case Instrument::Indicator:
        return QStringLiteral("instruments/indicator");
    case Instrument::Thermometer:
        return QStringLiteral("instruments/thermometer");
    }
    return {};
}

} // namespace

QString instrumentName(Instrument which) {
    switch (which) {
    case Instrument::Press:
        return QObject::tr("Press transducer");
    case Instrument::BoreGauge:
        return QObject::tr("Bore gauge");
    case Instrument::Indicator:
        return QObject::tr("Indicator");
    case Instrument::Thermometer:
        return QObject::tr("Thermometer");
    }
    return {};
}

Instruments::Instruments(QSettings& settings, QObject* parent) : QObject(parent), m_settings(settings) {
    for (const auto which : kInstruments) {
        auto* line = m_lines[static_cast<std::size_t>(which)] = new device::LineClient(this);
        line->setPersistent(true);
        line->setGauge(settings.value(keyOf(which) + kGaugeSuffix).toString());
        connect(line, &device::LineClient::stateChanged, this, [this, which] { remember(which); });
    }
}

void Instruments::nameGauge(Instrument which, const QString& number) {
    line(which).setGauge(number);
    m_settings.setValue(keyOf(which) + kGaugeSuffix, line(which).gauge());
}

QStringList Instruments::remembered(Instrument which) const {
    return m_settings.value(keyOf(which)).toStringList();
}

void Instruments::remember(Instrument which) {
    const auto& line = this->line(which);
    if (line.state() != device::LineClient::State::On) return;
    auto all = remembered(which);
    all.removeAll(line.address());
    all.prepend(line.address());
    m_settings.setValue(keyOf(which), QStringList(all.mid(0, kRemembered)));
}

} // namespace arbor::ui
