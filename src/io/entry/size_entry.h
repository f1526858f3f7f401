#pragma once

#include "core/standards/size.h"

#include <string>

namespace arbor::io {

/// A length as a machinist writes it: `61.987`, `2.4405 in`, `1 7/16 in`, `62-0.013`, `12 um`. @return [mm]
/// @param defaultUnitMm  millimetres in the unit meant when none is written
/// @errors Malformed (with what was typed), NotFinite
Result<double> parseLength(const std::string& typed, double defaultUnitMm = 1.0);

/// A toleranced size: `62 N7`, `62 -9/-39 um`, `62 +0.03/0`, `+3/-12 um` (on `contextNominal_mm`), or a class alone
/// `N7`. The text that is kept can be read again without context: a missing nominal size or unit is written in.
/// @errors Malformed, NotPositive (nominal), GeometryOrder (limits), UnknownClass
Result<standards::SizeSpec> parseSize(const std::string& typed, double contextNominal_mm, double defaultUnitMm = 1.0);

/// A measured size: any length, or a length with `±` (or `+-`) and the gauge's uncertainty.
/// @errors as parseLength, NotPositive
Result<standards::MeasuredSize> parseMeasured(const std::string& typed, double defaultUnitMm = 1.0);

/// A reading of a diameter next to its nominal size: any length, or only its last digits, 978 for 61.978 at 62 mm
/// (thousandths of a millimetre, ten-thousandths of an inch), taken on the side that is nearer.
/// @errors as parseLength, NotPositive
Result<double> parseReading(const std::string& typed, double nominal_mm, double defaultUnitMm = 1.0);

} // namespace arbor::io
