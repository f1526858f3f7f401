#include "core/standards/bearing_limits.h"

#include "core/base/units.h"

namespace arbor::standards {

namespace {

Result<double> rowValue(const StepTable& table, const std::string& row, double size_mm, const std::string& asked) {
    if (!table.hasRow(row)) return refuse(ProblemCode::UnknownClass, "bearing_class", asked);
    const auto value = table.at(row, size_mm);
    if (!value) return tl::unexpected(value.error());
    if (!*value)
        return refuse(ProblemCode::NotDefined, "bearing_class", asked,
                      wanted("a class given at {1} mm", plain(size_mm)));
    return **value * kUm;
}

/// ISO 492 prints the lower deviation; the upper one of these rings is zero.
Result<Interval> belowZero(const StepTable& table, double size_mm, const std::string& bearingClass) {
    return rowValue(table, bearingClass, size_mm, bearingClass).map([](double lower) { return Interval{lower, 0}; });
}

} // namespace

Result<Interval> boreDeviation(const BearingTables& tables, double boreDia_mm, const std::string& bearingClass) {
    return belowZero(tables.bore, boreDia_mm, bearingClass);
}

Result<Interval> outsideDeviation(const BearingTables& tables, double outsideDia_mm, const std::string& bearingClass) {
    return belowZero(tables.outside, outsideDia_mm, bearingClass);
}

Result<Interval> inchTaperDeviation(const BearingTables& tables, double size_mm, const std::string& bearingClass,
                                    bool bore) {
    return rowValue(bore ? tables.inchBore : tables.inchOutside, bearingClass, size_mm, bearingClass)
        .map([](double upper) {
            return Interval{0, upper};
        });
}

Result<Interval> radialClearance(const StepTable& clearances, double boreDia_mm, const std::string& group) {
    const auto least = rowValue(clearances, group + " min", boreDia_mm, group);
    const auto most = rowValue(clearances, group + " max", boreDia_mm, group);
    if (!least || !most) return tl::unexpected(!least ? least.error() : most.error());
    return Interval{*least, *most};
}

} // namespace arbor::standards
