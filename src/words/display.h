#pragma once

#include "core/base/range.h"
#include "core/catalog/rack.h"
#include "core/job/job.h"

#include <string>
#include <string_view>

namespace arbor::words {

/// A number with its unit, ready for a screen or a line of text.
struct Quantity {
    std::string number;
    std::string unit;

    std::string text() const { return unit.empty() ? number : number + " " + unit; }
};

/// Turns the core's units into the ones a job is shown in. The only place where inch, degrees F and lbf exist besides
/// entry.
class Display {
public:
    explicit Display(job::Units units = job::Units::Metric) : m_units(units) {}

    Quantity size(double value_mm) const;    ///< dimensions of parts
    Quantity reading(double value_mm) const; ///< the same with every figure of the gauge: 62.010
    Quantity travel(double value_mm) const;  ///< of a ram, as it is read while it moves
    Quantity fine(double value_mm) const;    ///< differences: micrometres, or thousandths of an inch
    Quantity force(double value_N) const;
    Quantity pressure(double value_MPa) const;
    Quantity temperature(double value_C) const;
    Quantity temperatureRise(double value_K) const; ///< a difference
    double riseTyped_K() const; ///< what a bare number means where a temperature difference is typed
    /// Likewise of the force a tool bears, and of the area of a ram.
    double capacityTyped_N() const;
    double areaTyped_mm2() const;
    std::string capacityUnit() const;
    std::string areaUnit() const;
    Quantity torque(double value_Nm) const;
    Quantity gauge(double reading, catalog::GaugeUnit unit) const;

    std::string fineRange(double least_mm, double most_mm) const;
    std::string forceRange(double least_N, double most_N) const;
    std::string unitsLine() const; ///< for the header

    double torqueTyped_Nm(double typed) const; ///< from the unit of torque()
    double fineValue(double value_mm) const;   ///< in the unit of fine()
    double sizeValue(double value_mm) const;   ///< in the unit of size()
    double forceValue(double value_N) const;   ///< in the unit of force()

private:
    bool inch() const { return m_units == job::Units::Inch; }
    job::Units m_units;
};

/// Fixed decimals with a true minus sign, never "-0".
std::string decimals(double value, int places);
/// What a calculation gives, rounded by its quantity: sizes to a micrometre, micrometres to a tenth, temperatures to a
/// tenth, angles to a hundredth; anything else to four figures. @param unit  as the calculator writes it: "mm", "degC"
std::string rounded(double value, std::string_view unit);
/// A share; under 10 % with one decimal.
std::string percent(double share);
/// As many decimals as three or four figures need.
std::string figures(double value);
/// Sizes of a tool as a machinist reads them: outside / bore x length.
std::string toolSizes(const catalog::Tool& tool, const Display& display);

} // namespace arbor::words
