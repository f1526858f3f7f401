#include "core/standards/table.h"

#include "core/base/json_text.h"

#include <algorithm>
#include <cmath>

namespace arbor::standards {

namespace {

using nlohmann::json;

Result<void> wantRising(const std::vector<double>& x, const char* field) {
    if (x.size() < 2) return refuse(ProblemCode::Missing, field, std::to_string(x.size()), wanted("two or more"));
    const auto flat = std::adjacent_find(x.begin(), x.end(), [](double a, double b) { return !(a < b); });
    if (flat != x.end())
        return refuse(ProblemCode::GeometryOrder, field, plain(*flat), wanted("each larger than the one before"));
    return {};
}

template <class Read>
auto guarded(const json& document, Read read) -> decltype(read()) {
    if (!document.is_object()) return refuse(ProblemCode::Malformed, "/", {}, wanted("an object"));
    try {
        return read();
    } catch (const json::exception& error) {
        return tl::unexpected(jsonProblem(error));
    }
}

} // namespace

Result<StepTable> StepTable::fromJson(std::string_view text) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    return guarded(*document, [&]() -> Result<StepTable> {
        const auto& d = *document;
        if (auto known = onlyKeys(
                d, {"id", "version", "source", "interval", "lookup", "size_unit", "value_unit", "size_steps", "rows"});
            !known)
            return tl::unexpected(known.error());
        StepTable table;
        table.m_id = d.at("id").get<std::string>();
        table.m_source = d.at("source").get<std::string>();
        table.m_steps = d.at("size_steps").get<std::vector<double>>();
        if (auto rising = wantRising(table.m_steps, "size_steps"); !rising) return tl::unexpected(rising.error());
        for (const auto& [name, values] : d.at("rows").items()) {
            auto& row = table.m_rows[name];
            for (const auto& v : values)
                row.push_back(v.is_null() ? std::nullopt : std::optional<double>(v.get<double>()));
            if (row.size() + 1 != table.m_steps.size())
                return refuse(ProblemCode::OutOfRange, "rows/" + name, std::to_string(row.size()),
                              wanted("{1} values", std::to_string(table.m_steps.size() - 1)));
        }
        return table;
    });
}

Result<std::optional<double>> StepTable::at(const std::string& row, double size_mm) const {
    const auto found = m_rows.find(row);
    if (found == m_rows.end()) return refuse(ProblemCode::UnknownName, m_id, row);
    if (!(size_mm > m_steps.front() && size_mm <= m_steps.back()))
        return refuse(ProblemCode::OutOfRange, "size_mm", plain(size_mm),
                      wanted("over {1} up to {2}", plain(m_steps.front()), plain(m_steps.back())));
    const auto step = std::lower_bound(m_steps.begin(), m_steps.end(), size_mm) - m_steps.begin() - 1;
    return found->second[static_cast<std::size_t>(step)];
}

Result<PointTable> PointTable::fromJson(std::string_view text) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    return guarded(*document, [&]() -> Result<PointTable> {
        const auto& d = *document;
        if (auto known = onlyKeys(d, {"id", "version", "source", "lookup", "x_unit", "value_unit", "x", "value"});
            !known)
            return tl::unexpected(known.error());
        PointTable table;
        table.m_id = d.at("id").get<std::string>();
        table.m_x = d.at("x").get<std::vector<double>>();
        table.m_value = d.at("value").get<std::vector<double>>();
        if (auto rising = wantRising(table.m_x, "x"); !rising) return tl::unexpected(rising.error());
        if (table.m_x.size() != table.m_value.size())
            return refuse(ProblemCode::OutOfRange, "value", std::to_string(table.m_value.size()),
                          wanted("{1} values", std::to_string(table.m_x.size())));
        return table;
    });
}

Result<double> PointTable::at(double x) const {
    if (!(x >= m_x.front() && x <= m_x.back()))
        return refuse(ProblemCode::OutOfRange, m_id, plain(x),
                      wanted("{1} to {2}", plain(m_x.front()), plain(m_x.back())));
    const auto right = std::max<std::ptrdiff_t>(1, std::lower_bound(m_x.begin(), m_x.end(), x) - m_x.begin());
    const auto i = static_cast<std::size_t>(right);
    return std::lerp(m_value[i - 1], m_value[i], (x - m_x[i - 1]) / (m_x[i] - m_x[i - 1]));
}

} // namespace arbor::standards
