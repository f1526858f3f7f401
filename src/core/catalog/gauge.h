#pragma once

#include "core/base/result.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace arbor::catalog {

enum class GaugeKind { Bore, Outside, Depth, Indicator, Thermometer, TorqueWrench };
inline constexpr GaugeKind kGaugeKinds[] = {GaugeKind::Bore,      GaugeKind::Outside,     GaugeKind::Depth,
                                            GaugeKind::Indicator, GaugeKind::Thermometer, GaugeKind::TorqueWrench};
std::string_view name(GaugeKind kind); ///< in files

/// A gauge of the shop, known by the number on it.
struct Gauge {
    std::string id;
    GaugeKind kind = GaugeKind::Bore;
    std::string name;
    double uncertainty_mm = 0;       ///< of one reading, of a gauge for lengths; 0: not stated
    std::string calibrationDue = {}; ///< "2027-03-31"; empty: not said
    friend bool operator==(const Gauge&, const Gauge&) = default;
};

/// Whether its calibration had run out on a day, both as "2027-03-31"; the day itself still counts. Not said: no.
bool isOverdue(const Gauge& gauge, const std::string& day);

const Gauge* findGauge(const std::vector<Gauge>& gauges, const std::string& id); ///< null: not of this shop

/// @errors Missing (id), Duplicate (id), OutOfRange (uncertainty), Malformed (date)
Result<void> checkGauges(const std::vector<Gauge>& gauges);

/// {"gauges": [...]}. @errors as checkGauges; Malformed, UnknownKey, UnknownName (kind)
Result<std::vector<Gauge>> parseGauges(std::string_view json);
std::string writeGauges(const std::vector<Gauge>& gauges);

/// Somebody who works in the shop.
struct Person {
    std::string name;
    bool releases = false;  ///< is authorised to release a job
    std::string pin = {};   ///< scrambled, as io/pin.h has it; empty: none is asked for
    std::string from = {};  ///< "07:00", when the day begins; empty: as is usual
    std::string until = {}; ///< "15:30"
    friend bool operator==(const Person&, const Person&) = default;
};

/// Minutes since midnight of "07:00"; nothing: it is no time of day.
std::optional<int> minuteOfDay(const std::string& text);

/// @errors Missing (name), Duplicate (name), Malformed (a time of day), GeometryOrder (until before from)
Result<void> checkPeople(const std::vector<Person>& people);

/// {"people": [...]}. @errors as checkPeople; Malformed, UnknownKey
Result<std::vector<Person>> parsePeople(std::string_view json);
std::string writePeople(const std::vector<Person>& people);

} // namespace arbor::catalog
