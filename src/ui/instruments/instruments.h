#pragma once

#include "device/line_client.h"

#include <QObject>
#include <QSettings>
#include <QStringList>
#include <array>

namespace arbor::ui {

enum class Instrument { Press, BoreGauge, Indicator, Thermometer };
inline constexpr Instrument kInstruments[] = {Instrument::Press, Instrument::BoreGauge, Instrument::Indicator,
                                              Instrument::Thermometer};

QString instrumentName(Instrument which);

/// The instruments of this bench: one line for each kind, whoever listens to it. Where each one was found is
/// remembered.
class Instruments : public QObject {
    Q_OBJECT
public:
    explicit Instruments(QSettings& settings, QObject* parent = nullptr);
    device::LineClient& line(Instrument which) { return *m_lines[static_cast<std::size_t>(which)]; }
    QStringList remembered(Instrument which) const; ///< the last ones first
    /// The number on it, which is named beside every reading that comes from it.
    void nameGauge(Instrument which, const QString& number);

private:
    void remember(Instrument which);

    QSettings& m_settings;
    std::array<device::LineClient*, std::size(kInstruments)> m_lines{};
};

} // namespace arbor::ui
