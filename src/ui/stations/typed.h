#pragma once

#include "ui/session/job_session.h"
#include "ui/stations/entry_sheet.h"

#include <optional>

namespace arbor::ui {

/// What a bare number means where sizes, or small lengths, are typed: millimetres and micrometres, or inches and
/// thousandths of them [mm].
double typedUnit_mm(const JobSession& session);
double typedFineUnit_mm(const JobSession& session);

std::optional<double> numberIn(const QString& typed); ///< with a comma or a point
QString numberTyped(double value, int digits = 6);    ///< as one would type it here
/// A temperature in the unit of the job. @return [°C]; nothing: no number, or outside the range
std::optional<double> temperatureIn(const QString& typed, const JobSession& session, const Interval& range_C);
/// What one would type for it, to a tenth.
QString temperatureTyped(double value_C, const JobSession& session);
/// "-100 to 250 °C", or the same in °F.
QString temperatureRange(const Interval& range_C, const JobSession& session);

/// A refused entry with the reason.
EntrySheet::Understood refused(const Problem& problem);

} // namespace arbor::ui
