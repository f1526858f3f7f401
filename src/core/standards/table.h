#pragma once

#include "core/base/result.h"

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace arbor::standards {

/// Named rows of values over size steps "over ... up to and including", as standards print them.
class StepTable {
public:
    /// Reads the house's JSON table format.
    /// @errors Malformed, UnknownKey, Duplicate, Missing, GeometryOrder (steps not rising), OutOfRange (row length)
    static Result<StepTable> fromJson(std::string_view text);

    /// Value of `row` for `size_mm` in the table's unit; nothing where the standard gives none.
    /// @errors UnknownName (row), OutOfRange (size outside the steps; never clamped), NotFinite
    Result<std::optional<double>> at(const std::string& row, double size_mm) const;

    bool hasRow(const std::string& row) const { return m_rows.contains(row); }
    const std::string& source() const { return m_source; }
    const std::vector<double>& steps() const { return m_steps; }
    const std::map<std::string, std::vector<std::optional<double>>>& rows() const { return m_rows; }

private:
    std::string m_id;
    std::string m_source;
    std::vector<double> m_steps;
    std::map<std::string, std::vector<std::optional<double>>> m_rows;
};

/// Points joined by straight lines.
class PointTable {
public:
    /// @errors as StepTable::fromJson
    static Result<PointTable> fromJson(std::string_view text);

    /// @errors OutOfRange outside the first and last point
    Result<double> at(double x) const;

private:
    std::string m_id;
    std::vector<double> m_x;
    std::vector<double> m_value;
};

} // namespace arbor::standards
