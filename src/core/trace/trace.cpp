#include "core/trace/trace.h"

#include "core/base/csv.h"

#include <algorithm>
#include <cmath>

namespace arbor::trace {

namespace {

constexpr int kPoints = 120;

/// A column by its unit, and what it is multiplied by for mm or N (N per mm2 of piston for a gauge).
struct Column {
    const char* name;
    double factor;
    bool perPiston = false;
};
constexpr Column kTravels[] = {{"travel_mm", 1}, {"travel_in", 25.4}};
constexpr Column kForces[] = {
    {"force_N", 1},           {"force_kN", 1e3},      {"force_lbf", 4.4482216152605},    {"force_tf", 9806.65},
    {"gauge_bar", 0.1, true}, {"gauge_MPa", 1, true}, {"gauge_psi", 0.00689475729, true}};

template <std::size_t n>
Result<Column> columnOf(const CsvTable& table, const Column (&known)[n], const char* usual) {
    for (const auto& column : known)
        if (table.hasColumn(column.name)) return column;
    return refuse(ProblemCode::Missing, "line 1", usual, wanted("a column of that name"));
}

constexpr double kMostTravel_mm = 5000, kMostForce_N = 1e8; // of any press
constexpr std::size_t kAbsurdOf = 100;                      // one sample in so many may be none

/// A spike of the instrument, or a line cut short: no press was ever there.
bool isAbsurd(const Sample& s) {
    return !(std::abs(s.travel_mm) <= kMostTravel_mm && std::abs(s.force_N) <= kMostForce_N);
}

} // namespace

Result<Trace> parseTrace(std::string_view csv, double piston_mm2) {
    const auto table = CsvTable::parse(csv, {});
    if (!table) return tl::unexpected(table.error());
    const auto travel = columnOf(*table, kTravels, "travel_mm"), force = columnOf(*table, kForces, "force_N");
    if (!travel || !force) return tl::unexpected(!travel ? travel.error() : force.error());
    if (force->perPiston && !(piston_mm2 > 0))
        return refuse(ProblemCode::Missing, force->name, {}, wanted("a press whose piston is known"));
    const double force_N = force->factor * (force->perPiston ? piston_mm2 : 1);
    const bool timed = table->hasColumn("t_s");
    Trace out;
    std::size_t absurd = 0;
    out.reserve(table->size());
    for (std::size_t row = 0; row < table->size(); ++row) {
        const auto t = timed ? table->number(row, "t_s") : Result<double>(static_cast<double>(row));
        const auto x = table->number(row, travel->name), f = table->number(row, force->name);
        for (const auto* value : {&t, &x, &f})
            if (!*value) return tl::unexpected(value->error());
        const Sample sample{*t, *x * travel->factor, *f * force_N};
        if (isAbsurd(sample)) {
            if (++absurd > 1 + table->size() / kAbsurdOf)
                return refuse(ProblemCode::OutOfRange, table->place(row, force->name), plain(*f),
                              wanted("a travel within 5 m and a force within 100 MN"));
            continue;
        }
        if (!out.empty() && *t < out.back().t_s)
            return refuse(ProblemCode::GeometryOrder, table->place(row, "t_s"), plain(*t),
                          wanted("not before {1}", plain(out.back().t_s)));
        out.push_back(sample);
    }
    if (out.empty()) return refuse(ProblemCode::Missing, "line 2", {}, wanted("at least one sample"));
    return out;
}

Expected expectTrace(const ExpectInput& in) {
    Expected out;
    out.homeTravel_mm = in.homeTravel_mm;
    out.end_N = in.endForce_N;
    // A hold below the greatest end force could stop a tight pair short of the shoulder.
    out.hold_N = {1.1 * in.endForce_N.likely, std::max(1.3 * in.endForce_N.likely, 1.1 * in.endForce_N.most),
                  1.5 * in.endForce_N.most};
    for (int i = 0; i <= kPoints; ++i) {
        const double travel = in.homeTravel_mm * i / kPoints;
        const double share = in.fullEngagement_mm > 0 ? in.engaged_mm(travel) / in.fullEngagement_mm : 0;
        out.points.push_back({travel, in.endForce_N * share});
    }
    return out;
}

Range forceAt(const Expected& expected, double travel_mm) {
    const auto& p = expected.points;
    if (travel_mm >= p.back().travel_mm)
        return {expected.end_N.least, expected.hold_N.likely, std::max(expected.hold_N.most, expected.end_N.most)};
    if (travel_mm <= p.front().travel_mm) return p.front().force_N;
    const auto right = std::upper_bound(p.begin(), p.end(), travel_mm,
                                        [](double x, const ExpectedPoint& point) { return x < point.travel_mm; });
    const auto& a = *(right - 1);
    const auto& b = *right;
    const double share = (travel_mm - a.travel_mm) / (b.travel_mm - a.travel_mm);
    return {std::lerp(a.force_N.least, b.force_N.least, share), std::lerp(a.force_N.likely, b.force_N.likely, share),
            std::lerp(a.force_N.most, b.force_N.most, share)};
}

} // namespace arbor::trace
