#pragma once

#include "core/base/result.h"
#include "core/trace/trace.h"

#include <QString>
#include <string_view>
#include <variant>

namespace arbor::device {

/// What one line of an instrument says. The lines are plain text, one reading each:
///
///     press <t_s> <travel_mm> <force_N>     a press transducer, up to 1,000 a second
///     temp <degC>                           a thermometer
///     dial <mm>                             an indicator
///     # anything                            nothing
struct Temperature {
    double temp_C = 0;
};
struct Dial {
    double value_mm = 0;
};
using InstrumentLine = std::variant<std::monostate, trace::Sample, Temperature, Dial>;

/// @errors Malformed with the line, NotFinite, OutOfRange (travel beyond 5 m, force beyond 100 MN, -273 to 2000 degC)
Result<InstrumentLine> parseInstrumentLine(std::string_view line);

/// The same of a line as it comes from the client.
Result<InstrumentLine> readInstrumentLine(const QString& line);

} // namespace arbor::device
