#pragma once

#include "core/plan/job_route.h"
#include "core/plan/plan.h"
#include "words/heat_stand.h"
#include "words/measure_items.h"
#include "words/order_words.h"
#include "words/sheet.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::words {

/// What every sheet is made from.
struct SheetInput {
    const job::Job& job;
    const plan::Plan& plan;
    Display d;
    bool aside = true; ///< with the long lists that the slip has no room for

    SheetInput(const job::Job& theJob, const plan::Plan& thePlan, bool withAside = true)
        : job(theJob), plan(thePlan), d(theJob.units), aside(withAside) {}
};

Sheet intakeSheet(const SheetInput& told);

/// Where the work stands at one line of the order of work.
struct StripStand {
    bool together = false;
    bool done = false;     ///< this line
    bool stays = false;    ///< its part is left where it is
    bool finished = false; ///< every line of this direction
    bool wantsWayRound = false;
    bool ahead = false;         ///< another line is in hand: only what this one will need is told
    route::PartSet present = 0; ///< on the work now, in the stretch the line belongs to
    std::string whyNot;         ///< why the line cannot be done now; empty: it can
};
StripStand standOf(const SheetInput& told, const std::vector<WorkLine>& lines, std::size_t line, bool together);
/// It is done, or its part stays where it is.
bool isTicked(const SheetInput& told, const WorkLine& line, bool together);
std::vector<WorkLine> workLines(const plan::StripPlan& strip, bool together); ///< none where there is no order
/// The part a line moves; null: none, or several together.
const arrangement::Part* partOf(const WorkLine& line, const plan::StripPlan& strip);

Sheet stripSheet(const SheetInput& told, const WorkLine& line, const StripStand& stand);
/// When there is no order to go by: nothing is drawn, or what is drawn is wrong.
Sheet noOrderSheet(const SheetInput& told);
/// The whole order of work, line by line.
Sheet orderSheet(const SheetInput& told, bool together);

/// @param next  what the action goes to; nothing: the next station
Sheet measureSheet(const SheetInput& told, const MeasureItem& item, const std::optional<MeasureItem>& next);
Sheet fitSheet(const SheetInput& told, std::size_t seat);
/// @param way  into the step's setups
Sheet toolingSheet(const SheetInput& told, const plan::StepPlan& step, std::size_t way = 0);
Sheet warmSheet(const SheetInput& told, const plan::StepPlan& step, const HeatTold& heat);
/// @param wrench  what is read where a bolt is turned by hand; nothing: it is not
Sheet pressSheet(const SheetInput& told, const plan::StepPlan& step,
                 const std::optional<plan::WrenchScale>& wrench = {});
Sheet seatSheet(const SheetInput& told, const plan::StepPlan& step);
Sheet adjustSheet(const SheetInput& told);
Sheet closeSheet(const SheetInput& told);

/// Of a station that waits for a size to be put right, or for another station. @param title  empty: that a size is
/// missing or invalid
Sheet brokenSheet(const SheetInput& told, const std::string& title = {});

/// The order of work, then every line of it.
std::vector<Sheet> stripSheets(const SheetInput& told, bool together);
/// A sleeve that is to be made for a step.
Sheet turnedSheet(const SheetInput& told, const plan::WorkStep& step, const tooling::TurnedSleeve& sleeve);

/// Every heat of a plan followed to the end, or that of one step; where it cannot be, the trouble.
/// @param since  of the clocks that run; empty: they are not told
std::vector<HeatTold> followHeats(const SheetInput& told, std::optional<std::size_t> step = {},
                                  const SecondsSince& since = {});

/// All that is to be said at a station, in the order of the work. Of one that belongs to a step: of each step, or of
/// the one named.
/// @param followed  what followHeats gave; empty: no course is told
std::vector<Sheet> sheetsOf(job::Station station, const SheetInput& told, const std::vector<HeatTold>& followed,
                            std::optional<std::size_t> step = {});

} // namespace arbor::words
