// Made-up jobs of all ten shapes: every station says one and the same of a seat, and speaks of nothing that is not
// drawn; a new job has none of the findings; what is erased is gone.
#include "core/job/fresh_copy.h"
#include "core/plan/plan_job.h"
#include "core/plan/work_steps.h"
#include "io/job_file.h"
#include "io/results/sheet_json.h"
#include "support/printed_sheets.h"
#include "support/random_job.h"
#include "support/shop.h"
#include "words/sheets/sheets.h"

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <rapidcheck.h>

using namespace arbor;
using arbor::testing::demoTables;
using arbor::testing::PrintedSheets;
using arbor::testing::randomJob;
using arbor::testing::rowOf;
using nlohmann::json;

namespace {

Range rangeOf(const json& d, double unit = 1) {
    if (d.contains("value")) return arbor::Range{d["value"], d["value"], d["value"]} * unit;
    return {d.at("least").get<double>() * unit, d.at("likely").get<double>() * unit, d.at("most").get<double>() * unit};
}

bool near(const Range& a, const Range& b) {
    const auto close = [](double x, double y) { return std::abs(x - y) <= 1e-9 * std::max(1.0, std::abs(y)); };
    return close(a.least, b.least) && close(a.likely, b.likely) && close(a.most, b.most);
}

/// Forces off and on, by Strip, by the step's tools and by its press, are those of Fit.
void stationsAgree(const plan::Plan& p) {
    for (const auto& ring : p.strip.rings) {
        if (!ring.seat) continue;
        const auto& seat = p.fits->seats[*ring.seat];
        RC_ASSERT(ring.breakaway->force_N == seat.off->force_N);
        RC_ASSERT(ring.pressIn_N == seat.fit->pressForce_N);
    }
    for (const auto& s : p.steps) {
        if (!s.step.seat) continue;
        const auto& seat = p.fits->seats[*s.step.seat];
        RC_ASSERT(seat.key == s.step.id.seat);
        RC_ASSERT(s.step.load.interference_mm == seat.fit->interference_mm.likely);
        const auto press =
            s.press ? s.press : plan::pressOf(s.step, nullptr, *p.fits); // tools are not what is asked here
        if (press) RC_ASSERT(press->force_N == (s.step.out ? seat.off->force_N : seat.fit->pressForce_N));
        if (const auto* heat = plan::heatOf(s.step, p.heats)) {
            RC_ASSERT(heat->key == seat.key);
            RC_ASSERT(heat->interference_mm == seat.fit->interferenceWorst_mm);
        }
    }
}

/// What the command line prints as JSON of every station.
void jsonAgrees(const job::Job& job, const plan::Plan& p) {
    const words::SheetInput told(job, p);
    std::vector<words::Sheet> sheets;
    for (const auto station : job::kStations)
        for (auto& sheet : words::sheetsOf(station, told, {}))
            sheets.push_back(std::move(sheet));
    const PrintedSheets printed(io::sheetsJson("plan", job, sheets).dump());
    for (std::size_t i = 0; i < p.fits->seats.size(); ++i) {
        const auto& seat = p.fits->seats[i];
        const auto& said = printed.sheet("fit", seat.key.first + "+" + seat.key.second);
        if (!seat.fit) continue;
        RC_ASSERT(near(rangeOf(said["figures"]["interference_um"], 1e-3), seat.fit->interference_mm));
        RC_ASSERT(near(rangeOf(said["figures"]["press_force_N"]), seat.fit->pressForce_N));
        RC_ASSERT(near(rangeOf(rowOf(said, "seat", "removal_force_N")), seat.off->force_N));
        if (said["figures"].contains("outer_degC"))
            RC_ASSERT(said["figures"]["outer_degC"]["value"] == p.heats[i]->outer.temp_C);
    }
    for (const auto& ring : p.strip.rings) {
        if (!ring.seat) continue;
        const auto& line = printed.sheet("strip", p.strip.assembly.parts[ring.site.ring].id);
        if (line.contains("figures") && line["figures"].contains("removal_force_N"))
            RC_ASSERT(near(rangeOf(line["figures"]["removal_force_N"]), p.fits->seats[*ring.seat].off->force_N));
    }
}

/// Every seat, step, bearing and warmed part is one of the drawing.
void speaksOfWhatIsDrawn(const plan::Plan& p) {
    const auto drawn = [&](const std::string& id) { return arrangement::indexOf(p.strip.assembly, id).has_value(); };
    for (const auto& seat : p.fits->seats) {
        RC_ASSERT(drawn(seat.key.first) && drawn(seat.key.second));
        RC_ASSERT(drawn(seat.hole.part) && drawn(seat.shaft.part));
    }
    for (const auto& bearing : p.fits->bearings)
        RC_ASSERT(drawn(bearing.part));
    for (const auto& s : p.steps)
        RC_ASSERT(drawn(s.step.id.seat.first) && drawn(s.step.id.seat.second));
}

void nothingIsLeft(const job::Job& job) {
    const auto fresh = job::freshCopy(job);
    RC_ASSERT(fresh.steps.empty() && fresh.measured == job::Measured{} && !fresh.record);
    for (const auto& joint : fresh.arrangement.assembly.pressed)
        RC_ASSERT(!joint.hole.measured && !joint.shaft.measured);
    // Saved, erased, saved, read.
    const auto text = io::jobText({job, "{}"});
    auto document = io::parseJob(text).value();
    RC_ASSERT(io::jobText({document.job, "{}"}) == text);
    for (auto& joint : document.job.arrangement.assembly.pressed)
        joint.hole = joint.shaft = {};
    const auto erased = io::parseJob(io::jobText(document)).value();
    for (const auto& joint : erased.job.arrangement.assembly.pressed)
        RC_ASSERT(joint.hole == arrangement::SeatSide{} && joint.shaft == arrangement::SeatSide{});
}

} // namespace

TEST(OneTruth, OfEveryMadeUpJob) {
    ASSERT_TRUE(rc::check("one figure for one seat", [] {
        const auto job = randomJob();
        nothingIsLeft(job);
        const auto p = plan::planJob(job, demoTables());
        RC_ASSERT(p.strip.faults.empty());
        if (!p.fits) return; // a clearance group its table does not have at this size
        stationsAgree(p);
        jsonAgrees(job, p);
        speaksOfWhatIsDrawn(p);
    }));
}
