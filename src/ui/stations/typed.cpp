#include "ui/stations/typed.h"

#include "core/base/number.h"
#include "core/base/units.h"
#include "ui/text.h"
#include "words/sentences.h"

#include <cmath>

namespace arbor::ui {

namespace {

bool inch(const JobSession& session) {
    return session.job().units == job::Units::Inch;
}

} // namespace

double typedUnit_mm(const JobSession& session) {
    return inch(session) ? kMmPerInch : 1.0;
}

double typedFineUnit_mm(const JobSession& session) {
    return inch(session) ? kMmPerInch / 1000 : 1e-3;
}

std::optional<double> numberIn(const QString& typed) {
    return readNumber(typed.trimmed().toStdString());
}

QString numberTyped(double value, int digits) {
    return QString::number(value, 'g', digits).replace('.', QChar(words::spoken().decimalPoint()));
}

std::optional<double> temperatureIn(const QString& typed, const JobSession& session, const Interval& range_C) {
    auto value = numberIn(typed);
    if (value && inch(session)) value = (*value - 32) / 1.8;
    return value && *value >= range_C.lower && *value <= range_C.upper ? value : std::nullopt;
}

QString temperatureTyped(double value_C, const JobSession& session) {
    constexpr double kTenth = 10;
    const double shown = inch(session) ? value_C * 1.8 + 32 : value_C;
    return numberTyped(std::round(shown * kTenth) / kTenth);
}

QString temperatureRange(const Interval& range_C, const JobSession& session) {
    const auto d = session.display();
    return QObject::tr("%1 to %2").arg(q(d.temperature(range_C.lower).number), q(d.temperature(range_C.upper).text()));
}

EntrySheet::Understood refused(const Problem& problem) {
    return {false, q(words::say(problem))};
}

} // namespace arbor::ui
