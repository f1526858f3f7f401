#include "mistakes/lesson.h"

#include "mistakes/lesson_choices.h"
#include "mistakes/sound_world.h"
#include "words/display.h"
#include "words/heat_words.h"
#include "words/sheets/sheets.h"
#include "words/shipped_names.h"
#include "words/strip_words.h"
#include "words/tooling_words.h"

#include <algorithm>

namespace arbor::mistakes {

namespace {

using job::Station;
using words::tr;

constexpr double kCleanShare = 0.2;
constexpr int kTries = 200; // families that a job has no place for

/// Sizes for reading only: always metric, as on the practice press.
std::string mm(double size, int places = 2) {
    return words::decimals(size, places) + " mm";
}

/// Shows a world piece by piece.
class Scenes {
public:
    Scenes(const World& world, const plan::Plan& plan) : m_world(world), m_plan(plan) {}

    Scene intake() const {
        Scene out{Station::Intake, tr("On the bench, before it is stripped"), {}};
        const auto& there = m_world.job.strip.onTheBench;
        for (const auto& line : m_plan.strip.kit)
            out.facts.emplace_back(words::kitLine(line, m_plan.strip.assembly).head,
                                   there.contains(line.id) ? tr("on the bench") : tr("not there"));
        return out;
    }

    /// The order in which the hand means to work. @param planted  null: as it should be
    Scene order(bool together, const Planted* planted, bool wrongWay) const {
        Scene out{Station::Strip, together ? tr("Put together, in this order") : tr("Taken apart, in this order"), {}};
        auto lines = words::workLines(m_plan.strip, together);
        std::erase_if(lines, [](const words::WorkLine& line) { return line.key.empty(); });
        const bool here = planted && !planted->moves.empty() && planted->together == together;
        if (here && !wrongWay) moveForward(lines, planted->moves, together);
        for (std::size_t i = 0; i < lines.size(); ++i)
            out.facts.emplace_back(std::to_string(i + 1) + ". " + lines[i].text,
                                   together ? wayOf(lines[i], here && wrongWay && lines[i].key == planted->moves) : "");
        return out;
    }

    Scene surface(const plan::SeatPlan& seat, bool hole) const {
        const auto& s = hole ? seat.hole : seat.shaft;
        const auto& card = m_world.job.measured.seats.at(seat.key);
        const auto& told = hole ? card.hole : card.shaft;
        Scene out{Station::Measure, tr("Measured: {part}").with("part", s.label), {}};
        out.facts.emplace_back(tr("Wanted"),
                               mm(seat.dia_mm + s.size_mm->lower, 3) + " … " + mm(seat.dia_mm + s.size_mm->upper, 3));
        out.facts.emplace_back(tr("Out of round and taper, at most"), mm(s.formLimit_mm, 3));
        std::map<double, std::string> byDepth;
        for (const auto& reading : told.readings)
            byDepth[reading.depth_mm] +=
                (byDepth[reading.depth_mm].empty() ? "" : "   ") + words::decimals(reading.dia_mm, 3);
        for (const auto& [depth, row] : byDepth)
            out.facts.emplace_back(tr("{depth} deep").with("depth", mm(depth, 1)), row);
        const auto& c = told.condition;
        out.facts.emplace_back(tr("Rust"), c.pits == measure::Pits::Deep    ? tr("deep pits")
                                           : c.pits == measure::Pits::Light ? tr("light pits")
                                                                            : tr("none"));
        out.facts.emplace_back(tr("Pushed or turned by hand"), c.movesByHand ? tr("it moves") : tr("it stays"));
        return out;
    }

    Scene spacer(const plan::SpacerPlan& spacer) const {
        const auto& told = m_world.job.measured.spacers.at(spacer.part);
        Scene out{Station::Measure, tr("Measured: {part}").with("part", spacer.label), {}};
        const auto list = [](const std::vector<seating::Reading>& readings) {
            std::string row;
            for (const auto& reading : readings)
                row += (row.empty() ? "" : "   ") + words::decimals(reading.value_mm, 3);
            return row;
        };
        out.facts = {{tr("Length as drawn"), mm(spacer.drawn_mm)},
                     {tr("Length at four places"), list(told.lengths)},
                     {tr("Indicator round the lower end"), list(told.lowerEnd)},
                     {tr("Ends square within"), mm(spacer.state.limit_mm, 3)},
                     {tr("Outside in the middle"), mm(*told.middleOutside_mm)},
                     {tr("Outside over the ends"), mm(*told.lowerOutside_mm) + "   " + mm(*told.upperOutside_mm)}};
        return out;
    }

    Scene oldBearing() const {
        Scene out{Station::Measure, tr("The old bearing"), {}};
        const bool hot = m_world.job.measured.oldBearing.contains(measure::Sign::HeatColour);
        out.facts = {{tr("Its rings are"), hot ? tr("straw and blue in one place") : tr("bright")},
                     {tr("Turned by hand"), tr("smooth")}};
        return out;
    }

    /// @param made  with the tools that were searched for this step
    Scene tools(const plan::Plan& made, std::size_t at, const Planted* planted) const {
        const auto& step = made.steps[at];
        Scene out{Station::Tooling, tr("Under the press: {step}").with("step", words::stepTitle(step.step)), {}};
        const auto* task = step.task() ? step.task() : &step.step.tasks.front();
        out.facts = {{tr("The face that is pushed"),
                      "Ø" + mm(task->face.innerDia_mm, 1) + " … Ø" + mm(task->face.outerDia_mm, 1)},
                     {tr("Its seat"), "Ø" + mm(task->seatDia_mm, 1)},
                     {tr("Travel"), mm(task->travel_mm, 1)}};
        const auto& overrides = job::stepOf(m_world.job, step.step.id).overrides;
        const auto* setup = step.setup();
        const auto* choice = setup && setup->choice ? &*setup->choice : nullptr;
        const auto tool = [&](const std::optional<std::string>& own, const catalog::Tool* chosen) {
            return own ? m_world.rack->tool(*own) : chosen;
        };
        if (const auto* driver = tool(overrides.driver, choice ? choice->driver : nullptr))
            out.facts.emplace_back(tr("In hand, to push with"), sizesAtTheBench(*driver));
        if (const auto* support = tool(overrides.support, choice ? choice->support : nullptr))
            out.facts.emplace_back(tr("Under the work"), sizesAtTheBench(*support));
        const auto* press = m_world.rack->press(m_world.job.press);
        if (press) {
            out.facts.emplace_back(tr("Stroke of the ram"), mm(press->stroke_mm, 0));
            out.facts.emplace_back(tr("Gap in the bed"), mm(press->bedOpening_mm, 0));
        }
        out.facts.emplace_back(tr("It is worked with"),
                               m_world.job.means == job::Means::Hand ? tr("a hammer") : tr("the press"));
        if (planted)
            for (const auto& part : m_world.job.arrangement.assembly.parts)
                for (const auto& body : part.keepClear)
                    if (body.id == "sensor" || body.id == "stud")
                        out.facts.emplace_back(body.id == "sensor" ? tr("A sensor in the bore, Ø at its tip")
                                                                   : tr("Studs round the bore, Ø inside them"),
                                               mm(body.boreDia(), 1));
        return out;
    }

    Scene warm(std::size_t at) const {
        const auto& step = m_plan.steps[at];
        const auto& heat = *plan::heatOf(step.step, m_plan.heats);
        const auto& mine = job::stepOf(m_world.job, step.step.id).heat;
        Scene out{Station::Warm, tr("Warmed: {step}").with("step", words::stepTitle(step.step)), {}};
        const auto row = [&](const plan::HeatSide& side, const std::optional<double>& own) {
            out.facts.emplace_back(words::shippedName(side.label),
                                   words::decimals(own.value_or(side.temp_C), 0) + " °C");
        };
        row(heat.outer, mine.overrides.outer_C);
        row(heat.inner, mine.overrides.inner_C);
        const auto& a = m_plan.strip.assembly;
        for (const auto& joint : a.pressed)
            if (joint.outer == heat.key.first) {
                const auto& part = a.parts[*indexOf(a, joint.inner)];
                const bool sealed = part.catalogue && part.catalogue->dress.seals != catalog::Side::None;
                out.facts.emplace_back(words::capital(words::partName(part)),
                                       sealed ? tr("sealed, with its grease") : tr("without seals"));
            }
        const double waited = m_world.waited_s > 0 ? m_world.waited_s : m_world.job.heat.walk_s;
        out.facts.emplace_back(tr("Out of the oven since"), words::duration(waited));
        return out;
    }

    std::optional<Scene> press(const plan::StepPlan& step) const {
        const auto trace = m_world.traces.find(step.step.id);
        if (!step.press || trace == m_world.traces.end()) return std::nullopt;
        Scene out{Station::Press, tr("Pressed: {step}").with("step", words::stepTitle(step.step)), {}};
        out.expected = step.press->expected;
        out.trace = trace->second;
        const auto& end = out.expected->end_N;
        out.facts = {{tr("It should take, just before home"),
                      words::decimals(end.least / 1000, 2) + " … " + words::decimals(end.most / 1000, 2) + " kN"},
                     {tr("Home is at"), mm(out.expected->homeTravel_mm, 1)},
                     {tr("It ended at"), mm(out.trace.back().travel_mm, 1)}};
        return out;
    }

    std::optional<Scene> seat(const plan::StepPlan& step) const {
        const auto& record = job::stepOf(m_world.job, step.step.id);
        if (!step.ring || record.readings.readings.empty()) return std::nullopt;
        Scene out{Station::Seat, tr("Read: {step}").with("step", words::stepTitle(step.step)), {}};
        const auto& in = step.ring->input;
        const bool depth = record.readings.kind == seating::ReadingKind::Depth;
        out.facts.emplace_back(depth ? tr("Depth when home") : tr("Gap when home"), mm(depth ? in.homeDepth_mm : 0));
        out.facts.emplace_back(tr("Square within"), mm(in.squareLimit_mm, 3));
        for (const auto& reading : record.readings.readings)
            out.facts.emplace_back(tr("At {hour} o’clock").with("hour", seating::clockPosition(reading.angle_deg)),
                                   mm(reading.value_mm, 3));
        if (!step.checks.contains(job::SeatCheck::GrooveAllRound)) return out;
        std::string felt;
        for (const int hour : record.proof.probed)
            felt += (felt.empty() ? "" : " ") + std::to_string(hour);
        out.facts.emplace_back(tr("Retaining ring felt in its groove at"), felt);
        return out;
    }

    std::optional<Scene> adjust() const {
        if (!m_plan.adjust || !m_world.job.adjust.play_mm) return std::nullopt;
        Scene out{Station::Adjust, tr("End play, by the indicator"), {}};
        const auto& band = m_plan.adjust->target_mm;
        out.facts = {{tr("Wanted"), mm(band.lower, 3) + " … " + mm(band.upper, 3)},
                     {tr("Read"), mm(*m_world.job.adjust.play_mm, 3)}};
        return out;
    }

private:
    /// The line goes before those that should come first.
    static void moveForward(std::vector<words::WorkLine>& lines, const std::string& moves, bool together) {
        const auto at = std::find_if(lines.begin(), lines.end(), [&](const auto& line) { return line.key == moves; });
        if (at == lines.end()) return;
        const auto to = together && at - lines.begin() > 1 ? at - 1 : lines.begin();
        std::rotate(together ? to : lines.begin(), at, at + 1);
    }
    std::string wayOf(const words::WorkLine& line, bool wrong) const {
        const auto* part = words::partOf(line, m_plan.strip);
        if (!part || !part->wayRound) return {};
        auto turned = *part;
        if (wrong) turned.wayRound->up = !turned.wayRound->up;
        return tr("drawn: {drawn}; in hand: {hand}")
            .with("drawn", words::inSentence(words::wayRound(*part).head))
            .with("hand", words::inSentence(words::wayRound(turned).head));
    }

    const World& m_world;
    const plan::Plan& m_plan;
};

bool isWayRound(const Family& family) {
    return std::string(family.key).ends_with("_wrong_way");
}

/// Writes a lesson scene by scene; of each, as it is in the sound world, or with the mistake in it.
class Writer {
public:
    Writer(Program& program, const World& sound, const plan::Plan& plan, Lesson& lesson, Chance& chance)
        : m_program(program), m_sound(sound), m_plan(plan), m_lesson(lesson), m_chance(chance) {}

    /// @return whether the mistake can be seen in any scene
    bool write(const World& spoilt, const Planted* planted) {
        const auto changed = m_program.plan(spoilt);
        const Scenes before(m_sound, m_plan), after(spoilt, changed);
        const bool here = planted != nullptr;
        const auto& scenes = here ? after : before;
        const bool wayRound = here && isWayRound(*m_lesson.hidden);
        add(scenes.intake(), here && at(planted, Station::Intake));
        add(scenes.order(false, planted, wayRound), here && !planted->moves.empty() && !planted->together);
        measured(scenes, here ? changed : m_plan, here && at(planted, Station::Measure));
        add(scenes.order(true, planted, wayRound), here && !planted->moves.empty() && planted->together);
        choose(choosePart(m_plan, m_chance));
        for (std::size_t i = 0; i < m_plan.steps.size(); ++i)
            if (!m_plan.steps[i].step.out && !m_plan.steps[i].step.tasks.empty()) step(spoilt, planted, i);
        if (const auto scene = scenes.adjust()) add(*scene, here && at(planted, Station::Adjust));
        return m_shown > 0;
    }

private:
    static bool at(const Planted* planted, Station station) {
        return planted->moves.empty() && !planted->stations.empty() && planted->stations.front() == station;
    }
    void add(Scene scene, bool shows) {
        if (shows && m_shown++ == 0) m_lesson.showsAt = m_lesson.scenes.size();
        m_lesson.scenes.push_back(std::move(scene));
    }

    /// Something to choose, which nothing is wrong with.
    void choose(std::optional<Scene> scene) {
        if (scene) m_lesson.scenes.push_back(std::move(*scene));
    }

    /// The mistake is in the scene that is no longer what it was.
    void measured(const Scenes& scenes, const plan::Plan& plan, bool here) {
        const Scenes sound(m_sound, m_plan);
        const auto put = [&](const Scene& scene, const Scene& before) {
            add(scene, here && scene.facts != before.facts);
        };
        put(scenes.oldBearing(), sound.oldBearing());
        for (std::size_t i = 0; i < plan.fits->seats.size() && i < m_plan.fits->seats.size(); ++i)
            for (const bool hole : {true, false})
                if (m_sound.surfaces.contains({m_plan.fits->seats[i].key, hole}))
                    put(scenes.surface(m_plan.fits->seats[i], hole), sound.surface(m_plan.fits->seats[i], hole));
        for (const auto& spacer : m_plan.fits->spacers)
            if (m_sound.spacers.contains(spacer.part)) put(scenes.spacer(spacer), sound.spacer(spacer));
    }

    void step(const World& spoilt, const Planted* planted, std::size_t i) {
        const auto& id = m_plan.steps[i].step.id;
        const bool mine = planted && planted->step == id;
        const auto& world = mine ? spoilt : m_sound;
        const auto made = m_program.plan(world, {{}, id, false, {}});
        const Scenes scenes(world, made);
        const auto same =
            std::find_if(made.steps.begin(), made.steps.end(), [&](const auto& s) { return s.step.id == id; });
        if (same == made.steps.end()) return;
        const auto index = static_cast<std::size_t>(same - made.steps.begin());
        if (!mine) choose(chooseDriver(*same, m_chance));
        if (same->setup() || (mine && at(planted, Station::Tooling)))
            add(scenes.tools(made, index, mine ? planted : nullptr), mine && at(planted, Station::Tooling));
        const bool warmed = mine && at(planted, Station::Warm);
        const auto* heat = plan::heatOf(same->step, made.heats);
        if (!mine) choose(chooseWarmth(*same, made.heats, m_chance));
        if (heat && (heat->needed() || warmed)) add(scenes.warm(index), warmed);
        if (auto scene = scenes.press(*same)) add(std::move(*scene), mine && at(planted, Station::Press));
        if (auto scene = scenes.seat(*same)) add(std::move(*scene), mine && at(planted, Station::Seat));
    }

    Program& m_program;
    const World& m_sound;
    const plan::Plan& m_plan;
    Lesson& m_lesson;
    Chance& m_chance;
    int m_shown = 0;
};

/// Of whom a lesson can show all that is needed to see it; a gauge of another press has no picture.
bool canBeShown(const Family& family, const Planted& planted) {
    const std::string key = family.key;
    return key != "gauge_of_another_press" && key != "drawn_wrong_way" && !planted.beyondAnybody;
}

} // namespace

Lesson someLesson(const std::vector<arrangement::Arrangement>& shapes, Program& program, Chance& chance) {
    auto sound = soundWorld(shapes, program, chance);
    workToTheEnd(sound, program, chance);
    const auto plan = program.plan(sound);
    if (!plan.fits) return someLesson(shapes, program, chance);
    Lesson bare;
    bare.title = words::shippedName(sound.job.arrangement.title);
    bare.assembly = plan.strip.assembly;
    if (!chance.happens(kCleanShare))
        for (int tries = 0; tries < kTries; ++tries) {
            const auto& family = families()[chance.below(families().size())];
            auto world = sound;
            Plot plot{world, program, plan, chance};
            const auto planted = family.plant(plot);
            if (!planted || !canBeShown(family, *planted)) continue;
            auto out = bare;
            out.hidden = &family;
            out.happened = planted->happened;
            if (Writer(program, sound, plan, out, chance).write(world, &*planted)) return out;
        }
    Writer(program, sound, plan, bare, chance).write(sound, nullptr);
    return bare;
}

std::vector<const Family*> reasonsAt(Station station) {
    std::vector<const Family*> out;
    for (const auto& family : families())
        if (family.station == station) out.push_back(&family);
    // What lies on the bench is asked for before it is stripped.
    if (station == Station::Intake) out.push_back(findFamily("missing_part"));
    return out;
}

void LessonWalk::goOn() {
    const bool open = !scene().choices.empty() && !(chosen() && chosen()->right);
    if (m_grade || open) return;
    m_chosen.reset();
    m_firstTry = true;
    if (m_at + 1 < m_lesson.scenes.size()) {
        ++m_at;
        return;
    }
    m_grade = m_lesson.hidden ? LessonGrade::Missed : LessonGrade::Clean;
}

void LessonWalk::choose(std::size_t choice) {
    if (m_grade || choice >= scene().choices.size() || (chosen() && chosen()->right)) return;
    m_chosen = choice;
    if (!chosen()->right) {
        m_firstTry = false;
        return;
    }
    m_choices.emplace_back(scene().station, m_firstTry);
}

void LessonWalk::stop(const Family& because) {
    if (m_grade) return;
    m_said = &because;
    const bool shows = m_lesson.hidden && m_at >= m_lesson.showsAt;
    const bool right = m_lesson.hidden == &because;
    m_grade = !shows                    ? LessonGrade::FalseAlarm
              : !right                  ? LessonGrade::OtherReason
              : m_at > m_lesson.showsAt ? LessonGrade::Late
                                        : LessonGrade::Right;
}

void LessonScore::add(const LessonWalk& walk) {
    auto& tally = families[walk.lesson().hidden ? walk.lesson().hidden->key : "none"];
    ++tally.met;
    const auto grade = walk.grade().value_or(LessonGrade::Missed);
    tally.named += grade == LessonGrade::Right || grade == LessonGrade::Late || grade == LessonGrade::Clean;
    for (const auto& [station, atOnce] : walk.choices()) {
        auto& mine = choices[std::string(job::name(station))];
        ++mine.met;
        mine.named += atOnce;
    }
}

int LessonScore::jobs() const {
    int out = 0;
    for (const auto& [key, tally] : families)
        out += tally.met;
    return out;
}

int LessonScore::named() const {
    int out = 0;
    for (const auto& [key, tally] : families)
        out += tally.named;
    return out;
}

} // namespace arbor::mistakes
