#include "mistakes/bench.h"

#include "core/job/names.h"
#include "mistakes/causes.h"
#include "mistakes/sound_world.h"

#include <algorithm>
#include <boost/math/distributions/binomial.hpp>
#include <cctype>
#include <mutex>
#include <thread>

namespace arbor::mistakes {

namespace {

constexpr int kLanes = 8;        // that a run falls into, however many threads there are
constexpr int kMistakesEach = 3; // planted in one job, one at a time
constexpr int kOneInClean = 3;
constexpr double kBoltShare = 0.1; // worked with a draw bolt on the machine

std::string lower(std::string text) {
    std::transform(text.begin(), text.end(), text.begin(), [](unsigned char c) { return std::tolower(c); });
    return text;
}

bool isNamed(const Said& said, const std::vector<std::string>& names) {
    const auto text = lower(said.about + " " + said.text);
    return names.empty() || std::any_of(names.begin(), names.end(),
                                        [&](const auto& name) { return text.find(lower(name)) != std::string::npos; });
}

/// The jobs of one lane, one after the other.
class Lane {
public:
    Lane(const Trial& wanted, const std::vector<arrangement::Arrangement>& shapes, const tables::Tables& tables)
        : m_wanted(wanted), m_shapes(shapes), m_program(tables) {}

    void job(int number) {
        m_number = number;
        Chance chance(m_wanted.seed * 1'000'003U + static_cast<std::uint32_t>(number));
        auto world = soundWorld(m_shapes, m_program, chance);
        ++m_score.jobs;
        if (m_wanted.family.empty() && number % kOneInClean == 0)
            clean(world, chance);
        else
            plant(world, chance);
    }
    Score take() { return std::move(m_score); }

private:
    void clean(World& world, Chance& chance) {
        workToTheEnd(world, m_program, chance);
        ++m_score.clean;
        const auto plan = m_program.plan(world, {{}, {}, true, {}});
        const std::vector<job::Station> all(std::begin(job::kStations), std::end(job::kStations));
        bool stopped = false, checked = false; // of a job: one stack that will not do has several reasons
        for (const auto& said : m_program.says(world, plan, all)) {
            if (isTrue(said, world, plan)) continue;
            (said.tone == words::Tone::Stop ? stopped : checked) = true;
            m_score.falseAlarms.push_back({m_wanted.seed, m_number, world.shape,
                                           std::string(job::name(said.station)) +
                                               (said.tone == words::Tone::Stop ? " STOP " : " check ") + said.key,
                                           said.about + " " + said.text});
            keep(m_score.falseAlarms.back(), world);
        }
        m_score.falseStops += stopped;
        m_score.falseChecks += checked;
    }

    /// The families in the order in which they are tried: those with the fewest first.
    std::vector<const Family*> inTurn() {
        std::vector<const Family*> out;
        for (const auto& family : families())
            if (m_wanted.family.empty() || m_wanted.family == family.key) out.push_back(&family);
        // Each lane begins elsewhere: a short run meets them all.
        std::rotate(out.begin(), out.begin() + m_number % kLanes * std::ssize(out) / kLanes, out.end());
        std::stable_sort(out.begin(), out.end(), [&](const Family* a, const Family* b) {
            return m_score.families[a->key].planted < m_score.families[b->key].planted;
        });
        return out;
    }

    void plant(World& sound, Chance& chance) {
        if (chance.happens(kBoltShare)) sound.job.means = job::Means::DrawBolt;
        const auto plan = m_program.plan(sound);
        if (!plan.fits) return;
        int made = 0;
        for (const auto* family : inTurn()) {
            if (made == kMistakesEach) return;
            auto world = sound;
            Plot plot{world, m_program, plan, chance};
            const auto planted = family->plant(plot);
            if (!planted) continue;
            ++made;
            judge(*family, world, *planted);
        }
    }

    void judge(const Family& family, const World& world, const Planted& planted) {
        auto& tally = m_score.families[family.key];
        if (planted.beyondAnybody) {
            ++tally.beyond;
            return;
        }
        ++tally.planted;
        const auto said = whatIsSaid(world, planted, m_program);
        if (isCaught(planted, said)) {
            ++tally.caught;
            return;
        }
        std::string heard;
        for (const auto& s : said)
            heard += "\n      " + s.key + ": " + s.text;
        m_score.misses.push_back({m_wanted.seed, m_number, world.shape, family.key,
                                  planted.happened + "; said was:" + (heard.empty() ? " nothing" : heard)});
        keep(m_score.misses.back(), world);
    }

    void keep(const Miss& miss, const World& world) const {
        static std::mutex one;
        const std::lock_guard lock(one);
        if (m_wanted.keep) m_wanted.keep(miss, world);
    }

    const Trial& m_wanted;
    const std::vector<arrangement::Arrangement>& m_shapes;
    Program m_program;
    Score m_score;
    int m_number = 0;
};

} // namespace

Tally Score::all() const {
    Tally out;
    for (const auto& [key, tally] : families) {
        out.planted += tally.planted;
        out.caught += tally.caught;
        out.beyond += tally.beyond;
    }
    return out;
}

void Score::add(const Score& other) {
    for (const auto& [key, tally] : other.families) {
        auto& mine = families[key];
        mine.planted += tally.planted;
        mine.caught += tally.caught;
        mine.beyond += tally.beyond;
    }
    jobs += other.jobs;
    clean += other.clean;
    falseStops += other.falseStops;
    falseChecks += other.falseChecks;
    misses.insert(misses.end(), other.misses.begin(), other.misses.end());
    falseAlarms.insert(falseAlarms.end(), other.falseAlarms.begin(), other.falseAlarms.end());
}

Interval boundsOf(int hits, int of) {
    using Binomial = boost::math::binomial_distribution<double>;
    constexpr double kTail = 0.025;
    return {Binomial::find_lower_bound_on_p(of, hits, kTail), Binomial::find_upper_bound_on_p(of, hits, kTail)};
}

bool isCaught(const Planted& planted, const std::vector<Said>& said) {
    return std::any_of(said.begin(), said.end(),
                       [&](const Said& s) { return planted.keys.contains(s.key) && isNamed(s, planted.names); });
}

std::vector<Said> whatIsSaid(const World& world, const Planted& planted, Program& program) {
    plan::Asked asked;
    asked.inHand = planted.step;
    const auto plan = program.plan(world, std::move(asked));
    if (!planted.moves.empty()) return program.saysOfLine(world, plan, planted.moves, planted.together);
    std::optional<std::size_t> step;
    for (std::size_t i = 0; planted.step && i < plan.steps.size(); ++i)
        if (plan.steps[i].step.id == *planted.step) step = i;
    if (step && planted.partnerMoves) return program.saysOfWay(world, plan, *step, *planted.partnerMoves);
    return program.says(world, plan, planted.stations, step);
}

Score run(const Trial& wanted, const std::vector<arrangement::Arrangement>& shapes, const tables::Tables& tables,
          int workers) {
    std::vector<Score> scores(kLanes);
    const auto work = [&](int worker) {
        for (int lane = worker; lane < kLanes; lane += workers) {
            Lane one(wanted, shapes, tables);
            for (int number = lane; number < wanted.jobs; number += kLanes)
                one.job(wanted.first + number);
            scores[static_cast<std::size_t>(lane)] = one.take();
        }
    };
    std::vector<std::thread> threads;
    for (int worker = 1; worker < workers; ++worker)
        threads.emplace_back(work, worker);
    work(0);
    for (auto& thread : threads)
        thread.join();
    Score out;
    for (const auto& score : scores)
        out.add(score);
    return out;
}

} // namespace arbor::mistakes
