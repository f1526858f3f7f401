#include "mistakes/lesson_choices.h"

#include "words/display.h"
#include "words/sheets/sheets.h"
#include "words/shipped_names.h"
#include "words/strip_words.h"
#include "words/tooling_words.h"

#include <algorithm>
#include <bit>

namespace arbor::mistakes {

namespace {

using job::Station;
using words::tr;

constexpr std::size_t kMostChoices = 4; // what the eye takes in
constexpr double kTooCold = 0.35;       // of the way from the room to what is right
constexpr double kTooHot_K = 40;        // over the limit
constexpr double kLeastWarmth_K = 15;   // less is no warming

std::string atBench(double mm, int places = 1) {
    return words::decimals(mm, places);
}
std::string degrees(double temp_C) {
    return words::decimals(temp_C, 0) + " °C";
}

/// In no order, and no more of them than can be taken in; the right one stays among them.
std::optional<Scene> mixed(Scene scene, Chance& chance) {
    auto& all = scene.choices;
    std::shuffle(all.begin(), all.end(), chance.hand());
    while (all.size() > kMostChoices)
        all.erase(std::find_if(all.begin(), all.end(), [](const Choice& c) { return !c.right; }));
    const bool one = std::count_if(all.begin(), all.end(), [](const Choice& c) { return c.right; }) == 1;
    if (!one || all.size() < 2) return std::nullopt;
    return scene;
}

} // namespace

std::string sizesAtTheBench(const catalog::Tool& tool) {
    auto out = "Ø" + atBench(tool.outsideDia_mm) + " / Ø" + atBench(tool.boreDia_mm) + " × " +
               atBench(tool.length_mm, 0) + " mm";
    if (tool.headThick_mm > 0) out += tr(", head Ø{size}").with("size", atBench(tool.headDia_mm, 0) + " mm").text();
    if (tool.pilotLength_mm > 0)
        out += tr(", pilot Ø{size} × {length}")
                   .with("size", atBench(tool.pilotDia_mm) + " mm")
                   .with("length", atBench(tool.pilotLength_mm) + " mm")
                   .text();
    if (tool.hardened) out += tr(", hardened").text();
    return out;
}

std::optional<Scene> choosePart(const plan::Plan& plan, Chance& chance) {
    const auto& a = plan.strip.assembly;
    auto lines = words::workLines(plan.strip, true);
    std::erase_if(lines, [](const words::WorkLine& line) { return std::popcount(line.moving) != 1; });
    if (lines.size() < 3) return std::nullopt;
    const auto now = chance.below(lines.size() - 1);
    const auto& line = lines[now];
    const route::BlockingGraph ways(a);
    const auto here = line.here & ~line.moving;
    Scene out{Station::Strip, tr("Which goes in next?"), {}};
    for (std::size_t i = 0; i < now; ++i)
        if (lines[i].frame == line.frame) out.facts.emplace_back(tr("already in"), lines[i].text);
    out.choices.push_back({line.text, true, {}});
    for (std::size_t later = now + 1; later < lines.size(); ++later) {
        if (lines[later].frame != line.frame) continue;
        const auto part = static_cast<std::size_t>(std::countr_zero(lines[later].moving));
        const auto why = words::whyNotFitted(a, ways, here, line.frame & ~lines[later].moving, part);
        if (!why.empty()) out.choices.push_back({lines[later].text, false, why});
    }
    return mixed(std::move(out), chance);
}

std::optional<Scene> chooseDriver(const plan::StepPlan& step, Chance& chance) {
    const auto* setup = step.setup();
    if (!setup || !setup->proven() || !setup->choice->driver || !setup->choice->press) return std::nullopt;
    const auto& task = step.step.tasks[step.way()->task];
    Scene out{Station::Tooling, tr("What do you push with? {step}").with("step", words::stepTitle(step.step)), {}};
    out.facts = {{tr("The face that is pushed"),
                  "Ø" + atBench(task.face.innerDia_mm) + " … Ø" + atBench(task.face.outerDia_mm) + " mm"},
                 {tr("Its seat"), "Ø" + atBench(task.seatDia_mm) + " mm"},
                 {tr("Travel"), atBench(task.travel_mm) + " mm"}};
    out.choices.push_back({sizesAtTheBench(*setup->choice->driver), true, {}});
    for (const auto& candidate : setup->drivers) {
        if (candidate.usable() || !candidate.tool || out.choices.size() == kMostChoices) continue;
        const auto& list = candidate.check.findings;
        const auto stop =
            std::find_if(list.begin(), list.end(), [](const Advice& f) { return f.severity == Severity::Stop; });
        out.choices.push_back({sizesAtTheBench(*candidate.tool), false, words::say(*stop, words::Display()).line()});
    }
    return mixed(std::move(out), chance);
}

std::optional<Scene> chooseWarmth(const plan::StepPlan& step, const plan::Heats& heats, Chance& chance) {
    const auto* heat = plan::heatOf(step.step, heats);
    if (!heat || heat->outer.temp_C < heat->room_C + kLeastWarmth_K) return std::nullopt;
    const double right = heat->outer.temp_C, cold = heat->room_C + kTooCold * (right - heat->room_C);
    const double hot = heat->outerMost_C + kTooHot_K;
    const double opened = heat->clearanceWorst_mm + heat->interference_mm.upper;
    Scene out{Station::Warm, tr("How warm? {step}").with("step", words::stepTitle(step.step)), {}};
    out.facts = {{tr("Warmed"), words::shippedName(heat->outer.label)},
                 {tr("Greatest interference"), atBench(heat->interference_mm.upper * 1000, 0) + " µm"},
                 {tr("Clearance wanted"), atBench(heat->margin_mm * 1000, 0) + " µm"},
                 {tr("Room"), degrees(heat->room_C)}};
    out.choices = {{degrees(right), true, {}},
                   {degrees(hot), false,
                    tr("{temp} is the most that it bears, with all that is warmed with it")
                        .with("temp", degrees(heat->outerMost_C))}};
    if (kTooCold * opened < heat->interference_mm.upper)
        out.choices.push_back(
            {degrees(cold), false, tr("the tightest pair still grips: it has not opened far enough")});
    return mixed(std::move(out), chance);
}

} // namespace arbor::mistakes
