#include "core/plan/heat_plan.h"

#include "core/fit/press_joint.h"
#include "core/plan/heat_sides.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <tuple>

namespace arbor::plan {

namespace {

using thermal::HeatSource;

constexpr double kStartShare = 0.5;    // of the margin: with less clearance left nobody starts any more
constexpr double kStep_K = 1;          // temperatures are asked for in whole kelvins
constexpr double kContact_W_m2K = 100; // from here on it is metal on metal, no longer air
constexpr double kSpare_s = 10;        // over the walk, to set it down
constexpr double kChillShort_K = 2;    // a chilled part counts as soaked so far short of its freezer
constexpr double kBackInRoom_K = 2;    // so near to the room it may be measured
constexpr double kWindow_s = 600, kCourse_s = 6 * 3600;

/// Chooses the temperatures of one seat.
class TemperatureChoice {
public:
    TemperatureChoice(const job::Job& job, const tables::Tables& lib, HeatPlan& out)
        : m_job(job), m_tables(lib), m_out(out), m_overrides(job::stepOf(job, {out.key, false}).heat.overrides) {}

    Result<void> choose() {
        if (auto ok = takeOverrides(); !ok) return ok;
        offerWays();
        const auto& way = m_out.ways[m_out.chosen];
        m_out.outer.temp_C = m_overrides.outer_C.value_or(way.outer_C);
        m_out.inner.temp_C = m_overrides.inner_C.value_or(way.inner_C);
        m_out.byUser = m_overrides.outer_C || m_overrides.inner_C;
        for (auto* side : {&m_out.outer, &m_out.inner})
            if (auto ok = soakSide(*side, side == &m_out.outer); !ok) return ok;
        judge();
        return {};
    }

private:
    Result<void> takeOverrides() {
        m_out.margin_mm = m_overrides.margin_mm.value_or(fit::assemblyMargin(m_out.dia_mm));
        m_out.least_mm = kStartShare * m_out.margin_mm;
        const auto place = "steps/in:" + m_out.key.first + "+" + m_out.key.second + "/heat";
        if (!(m_out.margin_mm > 0))
            return refuse(ProblemCode::NotPositive, place + "/margin_um", plain(m_out.margin_mm * 1000), wanted("> 0"));
        for (const auto& [field, value] :
             {std::pair{"outer_degC", m_overrides.outer_C}, {"inner_degC", m_overrides.inner_C}})
            if (value && !(*value >= -200 && *value <= 500))
                return refuse(ProblemCode::OutOfRange, place + "/" + field, plain(*value), wanted("-200 to 500 degC"));
        for (const auto& [field, id] :
             {std::pair{"outer_source", m_overrides.outerSource}, {"inner_source", m_overrides.innerSource}})
            if (id && !thermal::findSource(m_tables.heatSources, *id))
                return refuse(ProblemCode::UnknownName, place + "/" + field, *id, wanted("a heat source of the table"));
        return {};
    }

    thermal::ShrinkFit shrinkFit() const {
        thermal::ShrinkFit fit;
        fit.seatDia_mm = m_out.dia_mm;
        fit.interference_mm = m_out.interference_mm.upper;
        fit.inner = m_out.inner.tube;
        fit.outer = m_out.outer.tube;
        return fit;
    }
    double open(double outer_C, double inner_C) const { return thermal::clearanceAt(shrinkFit(), inner_C, outer_C); }

    /// Temperature of the outer part for the margin, then as much more as the walk takes.
    double outerFor(double inner_C) const {
        const fit::HeatInput heat{m_out.dia_mm,
                                  m_out.interference_mm.upper,
                                  m_out.margin_mm,
                                  m_out.outer.tube.material.alpha_perK,
                                  m_out.inner.tube.material.alpha_perK,
                                  inner_C};
        double temp = std::ceil(fit::assemblyTemperature(heat).value() / kStep_K) * kStep_K;
        while (temp < outerLimit(inner_C) && !staysOpen(temp, inner_C))
            temp += kStep_K;
        return std::max(temp, m_out.room_C);
    }

    /// Once it is in, the ring gets as warm as the two together: the outer part must not bring it beyond its own
    /// ceilings either. @source balance of heat, [HB4.11]
    double outerLimit(double inner_C) const {
        const auto capacity = [](const HeatSide& s) { return s.soakPart.mass_kg * s.soakPart.heat_J_kgK; };
        const double ceiling = m_out.inner.ceiling_C();
        return std::min(m_out.outer.ceiling_C(),
                        ceiling + (ceiling - inner_C) * capacity(m_out.inner) / capacity(m_out.outer));
    }

    /// One way with the outer part warmed as far as it must be, or may be.
    HeatOption warmedWay(HeatMix mix, double inner_C) const {
        const double wanted = outerFor(inner_C), limit = std::floor(outerLimit(inner_C) - thermal::kSetBeyond_K);
        return {mix, std::max(std::min(wanted, limit), m_out.room_C), inner_C, wanted <= limit};
    }

    bool staysOpen(double outer_C, double inner_C) const {
        const double time = m_job.heat.walk_s + kSpare_s;
        const auto after = [&](const HeatSide& side, double start) {
            thermal::Lump lump{side.soakPart.mass_kg,
                               side.soakPart.heat_J_kgK,
                               side.soakPart.area_m2,
                               {thermal::kStillAir_W_m2K[2], thermal::kMachinedEmissivity, m_out.room_C}};
            return thermal::temperatureAfter(lump, start, time).value_or(m_out.room_C);
        };
        return open(after(m_out.outer, outer_C), after(m_out.inner, inner_C)) >= m_out.least_mm;
    }

    /// The coldest the inner part gets in what the shop would put it in.
    std::optional<double> chilled() const {
        const auto* source = sourceFor(m_out.inner, false, m_overrides.innerSource);
        if (!source) return std::nullopt;
        return std::max(source->settable_C.lower + kChillShort_K, m_out.inner.floor_C());
    }

    void offerWays() {
        const double room = m_out.room_C;
        if (open(room, room) >= m_out.margin_mm || m_out.likely_mm <= 0) {
            m_out.ways = {{HeatMix::Nothing, room, room, true}};
            return;
        }
        m_out.ways.push_back(warmedWay(HeatMix::OuterOnly, room));
        if (const auto cold = chilled()) m_out.ways.push_back(warmedWay(HeatMix::Both, *cold));
        const double alone = std::floor(room - (m_out.interference_mm.upper + m_out.margin_mm) /
                                                   (m_out.dia_mm * m_out.inner.tube.material.alpha_perK));
        const auto reached = chilled();
        m_out.ways.push_back({HeatMix::InnerOnly, room, alone, reached && alone >= *reached});
        std::stable_sort(m_out.ways.begin(), m_out.ways.end(),
                         [](const HeatOption& a, const HeatOption& b) { return a.within > b.within; });
        // When nothing opens it, both ends as far as they may go leave the least to press.
        const auto both = std::find_if(m_out.ways.begin(), m_out.ways.end(),
                                       [](const HeatOption& w) { return w.mix == HeatMix::Both; });
        if (!m_out.ways.front().within && both != m_out.ways.end()) std::rotate(m_out.ways.begin(), both, both + 1);
    }

    bool suits(const HeatSource& source, const HeatSide& side, bool warms) const {
        return source.warms == warms && source.parts.contains(side.part) && (source.withGrease || !side.withGrease) &&
               (warms || source.settable_C.lower >= side.floor_C());
    }

    const HeatSource* sourceFor(const HeatSide& side, bool warms, const std::optional<std::string>& overridden) const {
        if (overridden)
            if (const auto* own = thermal::findSource(m_tables.heatSources, *overridden); own && own->warms == warms)
                return own;
        static const std::vector<const char*> usual{"oven", "freezer", "chest_freezer"};
        for (const char* id : usual)
            if (const auto* source = thermal::findSource(m_tables.heatSources, id);
                source && suits(*source, side, warms))
                return source;
        return nullptr;
    }

    Result<void> soakSide(HeatSide& side, bool outer) {
        const double change = side.temp_C - m_out.room_C;
        side.tube.start_C = side.temp_C;
        if (std::abs(change) < kStep_K) return {};
        side.source = sourceFor(side, change > 0, outer ? m_overrides.outerSource : m_overrides.innerSource);
        if (!side.source) return {};
        const auto time = thermal::soak(*side.source, side.soakPart, m_out.room_C, side.temp_C,
                                        change > 0 ? side.ceiling_C() : side.floor_C());
        if (!time) return tl::unexpected(time.error());
        side.soak = *time;
        if (!suits(*side.source, side, change > 0))
            m_out.findings.push_back(
                {found::SourceNotForPart{side.source->name, side.label}, Severity::Stop, "HB4.10"});
        // Where it touches, the part gets as hot as what it lies on, whatever the rest of it has.
        if (change > 0 && side.soak && side.soak->setting_C > side.ceiling_C() + kStep_K)
            m_out.findings.push_back(
                {found::SourceAboveCeiling{side.soak->setting_C, side.ceiling_C(), side.source->name},
                 side.source->h_W_m2K >= kContact_W_m2K ? Severity::Stop : Severity::Check, "HB4.10"});
        if (!side.soak)
            m_out.findings.push_back(
                {found::SourceTooWeak{side.temp_C,
                                      change > 0 ? std::min(side.source->settable_C.upper, side.ceiling_C())
                                                 : side.source->settable_C.lower,
                                      side.source->name},
                 Severity::Stop, "HB4.11"});
        return {};
    }

    void judgeSide(const HeatSide& side) {
        if (side.temp_C > side.ceiling_C())
            m_out.findings.push_back({found::TooHotFor{side.temp_C, side.ceiling_C(), side.ceilings.front().what,
                                                       whose(side.ceilings.front(), side)},
                                      Severity::Stop, "HB4.10"});
        if (side.temp_C < side.floor_C())
            m_out.findings.push_back({found::TooColdFor{side.temp_C, side.floor_C(), side.floors.front().what,
                                                        whose(side.floors.front(), side)},
                                      Severity::Stop, "HB4.10"});
    }

    void judgeOnceIn() {
        const double limit = outerLimit(m_out.inner.temp_C);
        if (m_out.outer.temp_C <= limit + kStep_K || m_out.outer.temp_C > m_out.outer.ceiling_C()) return;
        m_out.findings.push_back({found::TooHotOnceIn{m_out.outer.temp_C, limit, m_out.inner.ceilings.front().what,
                                                      whose(m_out.inner.ceilings.front(), m_out.inner)},
                                  Severity::Stop, "HB4.11"});
    }

    void judgeThermometer() {
        const auto& heat = job::stepOf(m_job, {m_out.key, false}).heat;
        if (heat.readings.empty()) return;
        for (auto& advice : sayOfGauge(heat.thermometer, {catalog::GaugeKind::Thermometer}, m_tables))
            m_out.findings.push_back(std::move(advice));
    }

    /// The part, or the seal by its own name.
    static std::string whose(const TempLimit& limit, const HeatSide& side) {
        if (limit.what == TempLimit::What::Seal) return limit.subject;
        return limit.of.empty() ? side.label : limit.of;
    }

    void judge() {
        m_out.clearanceWorst_mm = open(m_out.outer.temp_C, m_out.inner.temp_C);
        m_out.outerMost_C = outerLimit(m_out.inner.temp_C);
        judgeSide(m_out.outer);
        judgeSide(m_out.inner);
        judgeOnceIn();
        judgeThermometer();
        if (!m_out.needed() && !m_out.byUser) {
            const bool loose = m_out.interference_mm.upper <= 0;
            m_out.findings.push_back(
                loose ? Advice{found::NoHeatNeeded{}, Severity::Info, "HB4.10"}
                      : Advice{found::PressLightly{m_out.interference_mm.upper}, Severity::Info, "HB4.10"});
            return;
        }
        const auto margin = m_out.clearanceWorst_mm;
        if (margin <= 0)
            m_out.findings.push_back({found::NotOpened{-margin, m_out.margin_mm}, Severity::Check, "HB4.10"});
        else if (margin < m_out.margin_mm)
            m_out.findings.push_back({found::OpenedTooLittle{margin, m_out.margin_mm}, Severity::Check, "HB4.10"});
        else
            m_out.findings.push_back({found::OpenedBy{margin, m_out.margin_mm}, Severity::Info, "HB4.10"});
    }

    const job::Job& m_job;
    const tables::Tables& m_tables;
    HeatPlan& m_out;
    job::HeatOverrides m_overrides;
};

Result<void> checkRoom(const job::Heat& heat) {
    for (const auto& [field, value, lower, upper] : {std::tuple{"heat/room_degC", heat.room_C, -20.0, 50.0},
                                                     {"heat/walk_s", heat.walk_s, 0.0, 600.0},
                                                     {"heat/oven_off_K", heat.off_K, -50.0, 50.0}})
        if (!(value >= lower && value <= upper))
            return refuse(ProblemCode::OutOfRange, field, plain(value),
                          wanted("{1} to {2}", plain(lower), plain(upper)));
    return {};
}

void setFilms(thermal::Tube& tube, double h, double room_C) {
    tube.free = tube.seat = {h, thermal::kMachinedEmissivity, room_C};
}

std::vector<double> courseTimes(double end) {
    std::vector<double> out;
    for (double t = 0; t <= std::min(end, kWindow_s); t += 2)
        out.push_back(t);
    for (double t = kWindow_s * 1.05; t < end; t *= 1.05)
        out.push_back(t);
    out.push_back(end + 1);
    return out;
}

} // namespace

std::string_view name(TempLimit::What what) {
    switch (what) {
    case TempLimit::What::Metal:
        return "metal";
    case TempLimit::What::Grease:
        return "grease";
    case TempLimit::What::Encoder:
        return "encoder";
    case TempLimit::What::Cage:
        return "cage";
    case TempLimit::What::Seal:
        return "lip_seal";
    case TempLimit::What::Sleeve:
        return "repair_sleeve";
    }
    return "metal";
}

Result<HeatPlan> planHeat(const Given& given, std::size_t index) {
    const auto& job = given.job;
    if (auto ok = checkRoom(job.heat); !ok) return tl::unexpected(ok.error());
    const auto& seat = given.fits.seats.at(index);
    if (!seat.fit)
        return refuse(ProblemCode::Missing, "arrangement/pressed/" + seat.key.first + "+" + seat.key.second, {},
                      wanted("the sizes of both sides"));
    HeatPlan out;
    out.key = seat.key;
    out.dia_mm = seat.dia_mm;
    out.length_mm = seat.length_mm;
    out.interference_mm = seat.fit->interferenceWorst_mm;
    out.likely_mm = seat.fit->interference_mm.likely;
    out.room_C = job.heat.room_C;
    out.outer = outerSide(given, seat);
    out.inner = innerSide(given, seat);
    if (auto ok = TemperatureChoice(job, given.tables, out).choose(); !ok) return tl::unexpected(ok.error());
    return out;
}

Result<HeatCourse> followHeat(const HeatPlan& plan, double walk_s, double off_K) {
    HeatCourse out;
    out.walk_s = walk_s;
    const auto run = [&](double interference, double h, double end) -> Result<HeatRun> {
        thermal::ShrinkFit fit;
        fit.seatDia_mm = plan.dia_mm;
        fit.interference_mm = interference;
        fit.least_mm = plan.least_mm;
        fit.inner = plan.inner.tube;
        fit.outer = plan.outer.tube;
        for (auto* tube : {&fit.inner, &fit.outer}) {
            const double change = tube->start_C - plan.room_C;
            if (change != 0) tube->start_C += change > 0 ? -off_K : off_K;
            setFilms(*tube, h, plan.room_C);
        }
        fit.apart_s = kCourse_s;
        auto apart = thermal::follow(fit, courseTimes(kWindow_s));
        fit.apart_s = walk_s;
        auto together = thermal::follow(fit, courseTimes(end));
        if (!apart || !together) return tl::unexpected(apart ? together.error() : apart.error());
        return HeatRun{std::move(*apart), std::move(*together)};
    };
    const auto& air = thermal::kStillAir_W_m2K;
    auto tight = run(plan.interference_mm.upper, air[2], kCourse_s), likely = run(plan.likely_mm, air[1], kCourse_s),
         loose = run(plan.interference_mm.lower, air[0], kCourse_s);
    for (const auto* one : {&tight, &likely, &loose})
        if (!*one) return tl::unexpected(one->error());
    out.tight = std::move(*tight);
    out.likely = std::move(*likely);
    out.loose = std::move(*loose);
    out.lastStart_s = out.tight.apart.tooSmall_s;
    const auto after = [&](const HeatRun& r) {
        return r.together.grip_s ? std::optional(*r.together.grip_s - walk_s) : std::nullopt;
    };
    out.gripFirst_s = after(out.tight);
    out.gripLast_s = after(out.loose);
    for (const auto& s : out.likely.together.states)
        if (s.t_s > walk_s && std::abs(s.inner_C - plan.room_C) < kBackInRoom_K &&
            std::abs(s.outer_C - plan.room_C) < kBackInRoom_K) {
            out.ready_s = s.t_s - walk_s;
            break;
        }
    return out;
}

HeatPlan correctedBy(const HeatPlan& plan, const std::vector<Measured_C>& readings) {
    auto out = plan;
    if (readings.empty()) return out;
    const auto& part = plan.outer.soakPart;
    const auto lump = [&](double skin) {
        return thermal::Lump{part.mass_kg,
                             part.heat_J_kgK,
                             part.area_m2 * skin,
                             {thermal::kStillAir_W_m2K[1], thermal::kMachinedEmissivity, plan.room_C}};
    };
    const auto& first = readings.front();
    // How much faster or slower than worked out it loses its heat: the factor the later readings ask for on the whole.
    double best = 1, least = INFINITY;
    for (double skin = 0.25; readings.size() > 1 && skin <= 4; skin *= 1.05) {
        double squares = 0;
        for (const auto& r : readings)
            squares += std::pow(
                thermal::temperatureAfter(lump(skin), first.temp_C, std::max(0.0, r.t_s - first.t_s)).value_or(0) -
                    r.temp_C,
                2);
        if (squares < least) {
            least = squares;
            best = skin;
        }
    }
    // Back from the first reading to what it had when it left.
    double start = first.temp_C;
    for (int i = 0; i < 20; ++i)
        start += first.temp_C - thermal::temperatureAfter(lump(best), start, first.t_s).value_or(first.temp_C);
    out.outer.temp_C = out.outer.tube.start_C = start;
    const auto& t = out.outer.tube;
    const double rims = std::numbers::pi * (t.boreDia_mm + t.outsideDia_mm) * t.width_mm;
    out.outer.tube.face_mm2 = std::max(0.0, (t.face_mm2 + rims) * best - rims);
    out.outer.soakPart.area_m2 *= best;
    return out;
}

HeatSchedule scheduleOf(const HeatPlan& plan, double walk_s) {
    HeatSchedule out;
    out.carry_s = walk_s;
    if (plan.outer.soak) out.outer_s = walk_s + plan.outer.soak->time_s();
    if (plan.inner.soak) out.inner_s = walk_s + plan.inner.soak->time_s();
    return out;
}

std::optional<Advice> windowShort(const HeatCourse& course) {
    if (!course.lastStart_s || *course.lastStart_s >= course.walk_s) return std::nullopt;
    return Advice{found::WindowShort{*course.lastStart_s, course.walk_s}, Severity::Check, "HB4.11"};
}

} // namespace arbor::plan
