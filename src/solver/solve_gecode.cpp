#include "core/day/bound.h"
#include "solver/crew.h"
#include "solver/solve.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <gecode/int.hh>
#include <gecode/minimodel.hh>
#include <gecode/search.hh>
#include <map>
#include <memory>
#include <random>

namespace arbor::day {

namespace {

namespace Int = Gecode::Int;
using Gecode::BoolVarArgs;
using Gecode::Home;
using Gecode::IntArgs;
using Gecode::IntSet;
using Gecode::IntVar;
using Gecode::IntVarArgs;
using Gecode::IntVarArray;
using Gecode::Space;

/// What all copies of the model read and none changes.
struct Given {
    const Day& day;
    Minute horizon = 0;
    std::vector<double> setting_C;
    std::vector<std::string> inTime; ///< jobs that must not be late
    std::vector<double> order;       ///< by piece: what is taken first where two could begin
    std::mt19937 chance;
    bool thorough = true; ///< nothing is left out yet
    bool found = false;   ///< there is a plan

    explicit Given(const Day& d) : day(d), horizon(horizonOf(d)), setting_C(settingsOf(d)) {}
};

IntSet startsIn(const std::vector<Hours>& hours, Minute lasts, Minute from) {
    std::vector<std::pair<int, int>> ranges;
    for (const auto& h : hours) {
        const int first = std::max(h.from, from), last = h.until - lasts;
        if (first <= last) ranges.emplace_back(first, last);
    }
    std::vector<int> flat; // Gecode takes its ranges as an array of pairs
    for (const auto& [a, b] : ranges) {
        flat.push_back(a);
        flat.push_back(b);
    }
    return ranges.empty() ? IntSet::empty
                          : IntSet(reinterpret_cast<const int(*)[2]>(flat.data()), static_cast<int>(ranges.size()));
}

/// When somebody is there at all, over each other as the hours of the people lie.
std::vector<Hours> anyHours(const Day& day, Minute horizon) {
    std::vector<Hours> out;
    for (const auto& person : day.people)
        for (const auto& h : hoursOf(day, person.hours, horizon))
            out.push_back(h);
    return out;
}

/// From beginning to end; of what runs, at least until now.
Minute busyFor(const Piece& piece, Minute now) {
    return std::max(piece.lasts, piece.began ? now - *piece.began : 0);
}

/// Starts of all pieces.
class Model : public Gecode::IntMinimizeSpace {
public:
    explicit Model(Given& given);
    Model(Model& other) : IntMinimizeSpace(other), m_given(other.m_given), m_step(other.m_step) {
        m_start.update(*this, other.m_start);
        m_end.update(*this, other.m_end);
        m_cost.update(*this, other.m_cost);
    }
    Space* copy() override { return new Model(*this); }
    IntVar cost() const override { return m_cost; }
    void constrain(const Space& best) override;
    bool slave(const Gecode::MetaInfo& info) override;
    std::vector<Placed> placed() const; ///< but who does it

private:
    const Day& day() const { return m_given.day; }
    const Piece& piece(int i) const { return day().pieces[static_cast<std::size_t>(i)]; }
    int count() const { return static_cast<int>(day().pieces.size()); }
    void bindOrder();
    void bindStarts();
    void bindPeople();
    void bindPresses();
    void bindSource(const Source& source);
    void bindCost();
    void chooseStarts();

    Given& m_given;
    IntVarArray m_start, m_end;
    IntVar m_cost;
    int m_step = 1; ///< minutes to the next start that is tried
};

Model::Model(Given& given)
    : m_given(given), m_start(*this, count(), -7 * kDay, given.horizon),
      m_end(*this, count(), -7 * kDay, given.horizon), m_cost(*this, 0, Int::Limits::max) {
    bindOrder();
    bindStarts();
    bindPeople();
    bindPresses();
    for (const auto& source : day().sources)
        bindSource(source);
    bindCost();
    chooseStarts();
}

void Model::bindOrder() {
    for (int i = 0; i < count(); ++i) {
        const auto& p = piece(i);
        if (p.isSoak()) {
            // It leaves when what it is for begins, be that later than it has to.
            rel(*this, m_end[i] == m_start[static_cast<int>(p.into)]);
            rel(*this, m_end[i] - m_start[i] >= p.lasts);
        } else {
            const bool over = p.began && *p.began + p.lasts < day().now;
            rel(*this, m_end[i] == (over ? Gecode::LinIntExpr(day().now) : m_start[i] + p.lasts));
        }
        if (p.began) continue; // what it waited for has been
        for (const auto& after : p.after)
            rel(*this, m_start[i] >= m_end[static_cast<int>(after.piece)] + after.wait);
    }
}

void Model::bindStarts() {
    for (int i = 0; i < count(); ++i) {
        const auto& p = piece(i);
        if (p.began)
            rel(*this, m_start[i] == *p.began);
        else if (p.fixed)
            rel(*this, m_start[i] == *p.fixed);
        else
            rel(*this, m_start[i] >= day().now);
        if (p.notBefore && !p.began) rel(*this, m_start[i] >= *p.notBefore);
    }
}

/// So many at a time as there are people, less those whose hours are over.
void Model::bindPeople() {
    if (day().people.empty()) return;
    IntVarArgs starts;
    IntArgs lasts, hands;
    const auto any = anyHours(day(), m_given.horizon);
    const int people = static_cast<int>(day().people.size());
    int running = 0;
    auto runs = day().now; // until what is in hand is done, whatever the hours are
    for (int i = 0; i < count(); ++i) {
        if (!piece(i).byHand) continue;
        if (piece(i).began && ++running > people) continue; // more was begun than there are hands: that is so
        if (piece(i).began) runs = std::max(runs, *piece(i).began + piece(i).lasts);
        starts << m_start[i];
        lasts << busyFor(piece(i), day().now);
        hands << 1;
        if (!piece(i).began) dom(*this, m_start[i], startsIn(any, piece(i).lasts, day().now));
    }
    for (const auto& person : day().people) {
        if (person.hours == day().open()) continue;
        auto over = runs; // the gaps between what somebody works, where somebody else may
        for (const auto& h : hoursOf(day(), person.hours, m_given.horizon)) {
            if (h.from > over) {
                starts << IntVar(*this, over, over);
                lasts << h.from - over;
                hands << 1;
            }
            over = std::max(over, h.until);
        }
    }
    if (starts.size() > 0) cumulative(*this, people, starts, lasts, hands);
}

void Model::bindPresses() {
    for (const auto& press : day().presses) {
        IntVarArgs starts;
        IntArgs lasts;
        bool runs = false;
        for (int i = 0; i < count(); ++i) {
            if (piece(i).press != press || (piece(i).began && runs)) continue; // begun twice: that is so
            runs = runs || piece(i).began;
            starts << m_start[i];
            lasts << busyFor(piece(i), day().now);
        }
        if (starts.size() > 1) unary(*this, starts, lasts);
    }
}

void Model::bindSource(const Source& source) {
    IntVarArgs starts, lasts, ends;
    IntArgs places, room;
    std::vector<int> soaks;
    constexpr int kDecilitres = 10;
    const int litres = static_cast<int>(source.litres * kDecilitres);
    int running = 0, filled = 0;
    for (int i = 0; i < count(); ++i) {
        const auto& p = piece(i);
        if (p.source != source.id) continue;
        if (p.began && ++running > source.places) continue; // more lies in it than it holds: that is so
        soaks.push_back(i);
        starts << m_start[i];
        ends << m_end[i];
        lasts << expr(*this, m_end[i] - m_start[i]);
        places << 1;
        // What is larger than the source has it to itself; that it goes in is said elsewhere.
        const int takes =
            std::min(static_cast<int>(std::ceil(p.litres * kDecilitres)), litres - (p.began ? filled : 0));
        filled += p.began ? takes : 0;
        room << takes;
        if (source.warms && !p.began) { // nobody leaves an oven on for the night
            const auto any = anyHours(day(), m_given.horizon);
            if (any.empty()) continue;
            Minute longest = 0;
            for (const auto& h : any)
                longest = std::max(longest, h.until - h.from);
            if (p.lasts >= longest) continue; // no day is long enough: then over night
            dom(*this, m_start[i], startsIn(any, 0, day().now));
            rel(*this, m_end[i] - m_start[i] <= longest);
            // What follows from that, said at once: pressed no sooner than warmed on the same day.
            auto warmed = any;
            for (auto& h : warmed)
                h.from += p.lasts;
            dom(*this, m_end[i], startsIn(warmed, 0, day().now));
        }
    }
    if (soaks.empty()) return;
    cumulative(*this, source.places, starts, lasts, ends, places);
    if (source.litres > 0) cumulative(*this, litres, starts, lasts, ends, room);
    for (std::size_t a = 0; a < soaks.size(); ++a)
        for (std::size_t b = a + 1; b < soaks.size(); ++b) {
            const int i = soaks[a], j = soaks[b];
            const double one = m_given.setting_C[static_cast<std::size_t>(i)],
                         other = m_given.setting_C[static_cast<std::size_t>(j)];
            if (one == other || (piece(i).began && piece(j).began)) continue;
            const int change = changeOf(source, one, other);
            rel(*this, m_start[j] >= m_end[i] + change || m_start[i] >= m_end[j] + change);
        }
}

void Model::bindCost() {
    IntVarArgs parts;
    IntArgs weights;
    for (const auto& job : day().jobs) {
        IntVarArgs ends;
        for (int i = 0; i < count(); ++i)
            if (piece(i).key.job == job.job) ends << m_end[i];
        if (ends.size() == 0) continue;
        IntVar done(*this, 0, m_given.horizon);
        max(*this, ends, done);
        parts << expr(*this, done - day().now);
        weights << weightOf(job.rank);
        if (!job.by) continue;
        if (std::find(m_given.inTime.begin(), m_given.inTime.end(), job.job) != m_given.inTime.end())
            rel(*this, done <= *job.by);
        parts << expr(*this, max(done - *job.by, 0));
        weights << weightOf(job.rank) * kLateness;
    }
    linear(*this, weights, parts, Gecode::IRT_EQ, m_cost);
}

/// As work is given out: what can begin first is begun first; the moment a piece has its time, what is soaked for it is
/// laid in as late as that allows.
void Model::chooseStarts() {
    const auto merit = [](const Space& space, const IntVar& start, int i) -> double {
        const auto& model = static_cast<const Model&>(space);
        const auto& p = model.piece(i);
        constexpr double kLast = 1e9;
        if (p.isSoak()) return model.m_start[static_cast<int>(p.into)].assigned() ? -1 : kLast;
        return start.min() + model.m_given.order[static_cast<std::size_t>(i)];
    };
    const auto value = [](const Space& space, const IntVar& start, int i) -> int {
        return static_cast<const Model&>(space).piece(i).isSoak() ? start.max() : start.min();
    };
    const auto commit = [](Space& space, unsigned other, const IntVar& start, int i, int value_) {
        auto& model = static_cast<Model&>(space);
        if (other == 0)
            rel(model, start == value_);
        else if (model.piece(i).isSoak())
            rel(model, start <= value_ - model.m_step);
        else
            rel(model, start >= value_ + model.m_step);
    };
    branch(*this, m_start, Gecode::INT_VAR_MERIT_MIN(merit), Gecode::INT_VAL(value, commit));
}

/// A better plan is better by something: a minute here and there is not worth the search.
int leastGain(int cost) {
    constexpr int kShare = 400;
    return 1 + cost / kShare;
}

void Model::constrain(const Space& best) {
    const int cost = static_cast<const Model&>(best).m_cost.val();
    rel(*this, m_cost <= cost - leastGain(cost));
}

/// On each restart most of the jobs stay as the best plan has them, and two or three are placed anew; now and then all
/// are, in another order.
bool Model::slave(const Gecode::MetaInfo& info) {
    if (info.type() != Gecode::MetaInfo::RESTART || info.restart() == 0) return true;
    m_given.thorough = m_given.thorough && info.solution() > 0;
    if (m_given.thorough) return true; // on from what was just found
    const auto& jobs = day().jobs;
    auto& chance = m_given.chance;
    constexpr int kCoarse = 5, kCoarser = 15;
    m_step = info.last() ? kCoarse : kCoarser;
    constexpr unsigned kAnewEvery = 12;
    if (!info.last() || info.restart() % kAnewEvery == 0 || jobs.size() < 3) {
        constexpr double kMinutes = 120;
        std::uniform_real_distribution<double> earlier(0, kMinutes);
        std::map<std::string, double> given;
        for (const auto& job : jobs)
            given[job.job] = earlier(chance);
        for (int i = 0; i < count(); ++i)
            m_given.order[static_cast<std::size_t>(i)] = given[piece(i).key.job];
        return false;
    }
    const auto& best = static_cast<const Model&>(*info.last());
    std::vector<std::string> anew;
    std::uniform_int_distribution<std::size_t> any(0, jobs.size() - 1);
    for (std::size_t n = 0; n < std::max<std::size_t>(3, jobs.size() / 2); ++n)
        anew.push_back(jobs[any(chance)].job);
    for (int i = 0; i < count(); ++i)
        if (std::find(anew.begin(), anew.end(), piece(i).key.job) == anew.end())
            rel(*this, m_start[i] == best.m_start[i].val());
    return false;
}

std::vector<Placed> Model::placed() const {
    std::vector<Placed> out;
    out.reserve(day().pieces.size());
    for (int i = 0; i < count(); ++i)
        out.push_back({m_start[i].val(), m_end[i].val(), 0, m_given.setting_C[static_cast<std::size_t>(i)]});
    return out;
}

/// A small day is gone through to its end; of a large one there is no end, and it is begun anew soon: once there is a
/// plan. Until then it is looked for with patience.
class Cutoff : public Gecode::Search::CutoffLuby {
public:
    Cutoff(const Given& given, unsigned long thorough) : CutoffLuby(kFails), m_given(given), m_thorough(thorough) {}
    unsigned long operator()() const override {
        constexpr unsigned long kPatient = 4000;
        return m_given.thorough ? m_thorough : m_given.found ? CutoffLuby::operator()() : kPatient;
    }
    unsigned long operator++() override {
        CutoffLuby::operator++();
        return (*this)();
    }

private:
    static constexpr unsigned long kFails = 15;
    const Given& m_given;
    const unsigned long m_thorough;
};

/// So long, but until there is something ten times that.
class Patience : public Gecode::Search::Stop {
public:
    explicit Patience(const Effort& effort) : m_seconds(effort.seconds), m_stop(effort.stop) {}
    bool stop(const Gecode::Search::Statistics&, const Gecode::Search::Options&) override {
        if (m_stop && *m_stop) return true;
        constexpr double kForTheFirst = 10;
        const std::chrono::duration<double> gone = std::chrono::steady_clock::now() - m_began;
        return gone.count() > (found ? m_seconds : kForTheFirst * m_seconds);
    }
    bool found = false;

private:
    const double m_seconds;
    const std::atomic<bool>* m_stop;
    const std::chrono::steady_clock::time_point m_began = std::chrono::steady_clock::now();
};

/// Who is more urgent is first where two could begin, and then as the plan before had it.
std::vector<double> orderOf(const Day& day, const std::vector<Placed>& before) {
    constexpr double kHalfHour = 30;
    std::vector<double> out(day.pieces.size());
    for (std::size_t i = 0; i < day.pieces.size(); ++i) {
        if (i < before.size()) {
            out[i] = before[i].start / kHalfHour;
            continue;
        }
        for (const auto& job : day.jobs)
            if (job.job == day.pieces[i].key.job)
                out[i] = job.rank * kHalfHour + (job.by ? *job.by / kHalfHour : 2 * kDay / kHalfHour);
    }
    return out;
}

} // namespace

bool canSolve() {
    return true;
}

tl::expected<DayPlan, NoPlan> solve(const Day& day, const Effort& effort, const std::vector<Placed>& before) {
    Given given(day);
    given.order = orderOf(day, before);
    given.chance.seed(effort.seed);
    Patience patience(effort);
    Gecode::Search::Options options;
    options.stop = &patience;
    const auto root = std::make_unique<Model>(given);
    // Told before there is an engine: one of a model that has failed keeps its cutoff for ever.
    if (root->status() == Gecode::SS_FAILED) return tl::unexpected(NoPlan::Clashes);
    constexpr unsigned long kThorough = 40'000;
    options.cutoff = new Cutoff(given, kThorough / (1 + day.pieces.size())); // the engine deletes it
    Gecode::RBS<Model, Gecode::BAB> engine(root.get(), options);
    std::optional<DayPlan> best;
    bool nobody = false; // for a plan that would have been one but for its hours
    while (const std::unique_ptr<Model> found{engine.next()}) {
        auto at = found->placed();
        if (!giveOut(day, at)) {
            nobody = true;
            continue;
        }
        settle(day, at);
        patience.found = given.found = true;
        best = DayPlan{std::move(at), found->cost().val(), 0};
    }
    if (!best) return tl::unexpected(engine.stopped() || nobody ? NoPlan::NotInTime : NoPlan::Clashes);
    const auto proven = best->cost - leastGain(static_cast<int>(best->cost)) + 1;
    best->bound = engine.stopped() || nobody ? std::min(best->cost, lowerBound(day)) : proven;
    return *best;
}

std::optional<bool> canBe(const Day& day, const std::vector<std::string>& inTime, const Effort& effort) {
    Given given(day);
    given.order = orderOf(day, {});
    given.inTime = inTime;
    Patience patience(effort);
    patience.found = true; // it is not waited for
    Gecode::Search::Options options;
    options.stop = &patience;
    const auto root = std::make_unique<Model>(given);
    Gecode::DFS<Model> engine(root.get(), options);
    if (const std::unique_ptr<Model> found{engine.next()}) return true;
    return engine.stopped() ? std::nullopt : std::optional(false);
}

} // namespace arbor::day
