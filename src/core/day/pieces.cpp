#include "core/day/pieces.h"

#include "core/day/clock.h"
#include "core/plan/job_route.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <set>

namespace arbor::day {

namespace {

using job::Station;

Minute minutes(double seconds) {
    constexpr double kSeconds = 60;
    return static_cast<Minute>(std::ceil(seconds / kSeconds));
}

/// The cylinder round it. [l]
double litresOf(const arrangement::Part& part) {
    double outside = 0, height = 0;
    for (const auto& body : part.bodies) {
        outside = std::max(outside, body.outsideDia());
        height = std::max(height, body.height());
    }
    constexpr double kLitre_mm3 = 1e6;
    return std::numbers::pi / 4 * outside * outside * height / kLitre_mm3;
}

/// What a source may be set to for one side: as its plan has it, up to where the side would end at its limit.
Interval settingsFor(const plan::HeatSide& side) {
    const double planned = side.soak->setting_C;
    const auto& settable = side.source->settable_C;
    const double end = side.source->warms ? side.temp_C + thermal::kSetBeyond_K : side.temp_C - thermal::kSetBeyond_K;
    if (side.source->warms)
        return {planned, std::max(planned, std::min(settable.upper, planned + side.ceiling_C() - end))};
    return {std::min(planned, std::max(settable.lower, planned + side.floor_C() - end)), planned};
}

/// One job's pieces, each after the one before it.
class Chain {
public:
    Chain(Day& day, const job::Job& job, const plan::Plan& plan, const Durations& durations, const std::string& date)
        : m_day(day), m_job(job), m_plan(plan), m_durations(durations), m_date(date) {}
    void add() {
        addWhole(Work::Intake, Station::Intake, 1);
        addWhole(Work::Strip, Station::Strip, partsByHand());
        for (const auto& step : m_plan.steps)
            if (step.step.out && !plan::isSettled(m_job, step, m_plan)) addOut(step);
        addWhole(Work::Measure, Station::Measure, m_plan.fits ? 2 * m_plan.fits->seats.size() : 2);
        m_measured = m_last;
        for (const auto& step : m_plan.steps)
            if (!step.step.out && !plan::isSettled(m_job, step, m_plan)) addIn(step);
        if (m_plan.adjust) addWhole(Work::Adjust, Station::Adjust, 1);
        addWhole(Work::Close, Station::Close, m_job.closing.fasteners.size());
    }

private:
    /// @param usual_min  of work by hand, which a shop's own times correct; more_min: what is worked out
    Piece& push(Work work, const std::string& step, double usual_min, Minute more_min = 0) {
        Piece piece;
        piece.key = {m_job.id, work, step};
        piece.usual_min = usual_min;
        piece.lasts = more_min + (usual_min > 0 ? m_durations.of(work, usual_min) : 0);
        if (usual_min > 0) takeBegun(piece);
        m_day.pieces.push_back(std::move(piece));
        return m_day.pieces.back();
    }
    /// Of work by hand: what was begun on another day and left is not in anybody's hand now; nothing is longer than a
    /// day.
    void takeBegun(Piece& piece) const {
        const auto hours = m_day.open();
        piece.lasts = std::min(piece.lasts, hours.until - hours.from);
        const auto* runs = begun(piece.key.work, piece.key.step);
        const auto since = runs ? minuteOf(runs->began, m_date) : std::nullopt;
        if (!since || *since < 0 || *since > m_day.now) return;
        piece.began = since;
        piece.lasts = leftOf(piece);
    }
    std::size_t follow(Piece& piece, Minute wait = 0) {
        if (m_last) piece.after.push_back({*m_last, wait});
        return *(m_last = static_cast<std::size_t>(&piece - m_day.pieces.data()));
    }
    /// What takes longer than it was thought to is thought to take some minutes more.
    Minute leftOf(const Piece& piece) const {
        constexpr Minute kMore = 5;
        return std::max(piece.lasts, m_day.now - *piece.began + kMore);
    }
    const job::Worked* begun(Work work, const std::string& step) const {
        const auto at = std::find_if(m_job.worked.begin(), m_job.worked.end(), [&](const job::Worked& w) {
            return w.ended.empty() && w.what == work && w.step == step;
        });
        return at == m_job.worked.end() ? nullptr : &*at;
    }
    bool isDone(Station station) const {
        const auto mark = m_plan.marks.find(station);
        const bool needed = mark == m_plan.marks.end() || mark->second != plan::Mark::NotNeeded;
        return !needed || m_job.done.contains(station);
    }
    void addWhole(Work work, Station station, std::size_t count) {
        if (!isDone(station)) follow(push(work, {}, usualMinutes(work, count)));
    }
    std::size_t partsByHand() const {
        const auto all = m_plan.strip.assembly.parts.size(), out = m_job.strip.out.size();
        return all > out + m_plan.strip.rings.size() ? all - out - m_plan.strip.rings.size() : 0;
    }
    static std::string pressOf(const plan::StepPlan& step) {
        const auto* tools = step.setup();
        return tools && tools->choice && tools->choice->press ? tools->choice->press->id : std::string();
    }
    void addOut(const plan::StepPlan& step) {
        auto& piece = push(Work::Out, step.step.key, usualMinutes(Work::Out));
        piece.part = step.step.label;
        piece.press = pressOf(step);
        follow(piece);
    }
    void addIn(const plan::StepPlan& step);
    void addSoak(const plan::StepPlan& step, const plan::HeatSide& side, bool outer, std::size_t into);
    void touch(const plan::StepPlan& step, std::size_t piece);
    const std::string& idOf(std::size_t part) const { return m_plan.strip.assembly.parts[part].id; }

    Day& m_day;
    const job::Job& m_job;
    const plan::Plan& m_plan;
    const Durations& m_durations;
    const std::string& m_date;
    std::optional<std::size_t> m_last;                     ///< of the pieces that follow each other
    std::optional<std::size_t> m_measured;                 ///< nothing is warmed before
    std::map<std::string, std::set<std::string>> m_joined; ///< by part: those it sits with already
    std::map<std::string, std::size_t> m_touched;          ///< by part: the last piece that had it in hand
};

void Chain::addSoak(const plan::StepPlan& step, const plan::HeatSide& side, bool outer, std::size_t into) {
    if (!side.source || !side.soak) return;
    const auto& seat = step.step.id.seat;
    const auto& id = outer ? seat.first : seat.second;
    auto& piece =
        push(outer ? Work::SoakOuter : Work::SoakInner, step.step.key, 0, std::max(1, minutes(side.soak->time_s())));
    piece.part = side.label;
    piece.byHand = false;
    piece.source = side.source->id;
    piece.into = into;
    piece.setting_C = settingsFor(side);
    const auto& parts = m_plan.strip.assembly.parts;
    for (const auto& part : parts)
        if (part.id == id || m_joined[id].contains(part.id)) piece.litres += litresOf(part);
    const auto what = outer ? job::Clock::What::Outer : job::Clock::What::Inner;
    for (const auto& clock : job::stepOf(m_job, step.step.id).heat.clocks)
        if (clock.what == what) {
            constexpr Minute kLongAgo = 3 * kDay; // it lies there since
            piece.began = std::max(minuteOf(clock.started, m_date).value_or(m_day.now), m_day.now - kLongAgo);
            piece.setting_C = {side.soak->setting_C, side.soak->setting_C}; // it lies in it as it is set
        }
    if (m_measured) piece.after.push_back({*m_measured, 0});
    if (const auto at = m_touched.find(id); at != m_touched.end()) piece.after.push_back({at->second, 0});
}

/// From now on whatever sits with one of the two is in hand with both.
void Chain::touch(const plan::StepPlan& step, std::size_t piece) {
    const auto& [outer, inner] = step.step.id.seat;
    std::set<std::string> all{outer, inner};
    for (const auto& id : {outer, inner})
        all.insert(m_joined[id].begin(), m_joined[id].end());
    for (const auto& id : all) {
        m_joined[id] = all;
        m_touched[id] = piece;
    }
}

void Chain::addIn(const plan::StepPlan& step) {
    const auto& record = job::stepOf(m_job, step.step.id);
    const auto* heat = plan::heatOf(step.step, m_plan.heats);
    const bool warm = heat && heat->needed() && !record.heat.pressCold;
    const auto course = warm ? plan::followHeat(*heat, m_job.heat.walk_s) : Result<plan::HeatCourse>{};
    const bool known = warm && course.has_value();
    Minute cools = known ? minutes(course->ready_s.value_or(0)) : 0;
    if (!record.done.contains(Station::Press)) {
        const double held_s = known ? m_job.heat.walk_s + course->gripLast_s.value_or(0) : 0;
        auto& in = push(Work::In, step.step.key, usualMinutes(Work::In), minutes(held_s));
        in.part = step.step.label;
        in.press = pressOf(step);
        if (known) {
            in.walk_s = m_job.heat.walk_s;
            in.window_s = course->lastStart_s.value_or(0);
        }
        for (const auto& clock : record.heat.clocks)
            if (clock.what == job::Clock::What::Carry || clock.what == job::Clock::What::Together)
                if (const auto since = minuteOf(clock.started, m_date); since && *since >= 0 && *since <= m_day.now)
                    in.began = in.began.value_or(*since);
        const bool begun = in.began.has_value();
        if (begun) in.lasts = leftOf(in);
        const auto at = follow(in);
        if (warm && !begun) {
            addSoak(step, heat->outer, true, at);
            addSoak(step, heat->inner, false, at);
        }
    }
    auto& prove = push(Work::Prove, step.step.key, usualMinutes(Work::Prove));
    prove.part = step.step.label;
    for (const auto& clock : record.heat.clocks)
        if (clock.what == job::Clock::What::Cool)
            if (const auto since = minuteOf(clock.started, m_date)) {
                prove.notBefore = *since + minutes(clock.lasts_s);
                cools = 0;
            }
    touch(step, follow(prove, record.done.contains(Station::Press) ? 0 : cools));
}

Hours hoursOf(const catalog::Person& person) {
    const Hours usual;
    Hours out{catalog::minuteOfDay(person.from).value_or(usual.from),
              catalog::minuteOfDay(person.until).value_or(usual.until)};
    if (out.until <= out.from) out.until = std::min(kDay, out.from + usual.until - usual.from); // one of them was said
    return out;
}

} // namespace

Day emptyDay(const tables::Tables& tables, const std::string& date, const std::string& now) {
    Day out;
    out.weekday = weekdayOf(date).value_or(1);
    out.now = minuteOf(now, date).value_or(0);
    for (const auto& press : tables.rack.presses)
        out.presses.push_back(press.id);
    const Source usual;
    for (const auto& s : tables.heatSources)
        out.sources.push_back({s.id, s.name, s.warms, s.places > 0 ? s.places : usual.places, s.litres,
                               s.change_K_min > 0 ? s.change_K_min : usual.change_K_min});
    for (const auto& person : tables.people)
        out.people.push_back({person.name, hoursOf(person)});
    if (out.people.empty()) out.people.push_back({});
    return out;
}

void addJob(Day& day, const job::Job& job, const plan::Plan& plan, const Durations& durations,
            const std::string& date) {
    Wanted wanted{job.id, minuteOf(job.wantedBy, date), job.rank};
    const auto before = day.pieces.size();
    Chain(day, job, plan, durations, date).add();
    if (day.pieces.size() > before) day.jobs.push_back(std::move(wanted));
}

void take(Day& day, const FixedStarts& starts, const std::string& date) {
    for (auto& piece : day.pieces) {
        const auto at = starts.find(piece.key);
        const auto start = at == starts.end() ? std::nullopt : minuteOf(at->second, date);
        if (start && *start >= day.now && !piece.began) piece.fixed = start;
    }
}

} // namespace arbor::day
