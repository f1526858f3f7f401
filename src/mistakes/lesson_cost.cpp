#include "mistakes/lesson.h"

#include <set>
#include <string_view>

namespace arbor::mistakes {

namespace {

using words::tr;

/// What several families cost alike.
struct Cost {
    std::set<std::string_view> families;
    words::Text (*text)();
};

const Cost kCosts[] = {
    {{"sleeve_on_wrong_ring"},
     [] {
         return tr("The force goes through balls or rollers: dented raceways, a new bearing that growls from the first "
                   "turn.");
     }},
    {{"sleeve_too_small", "sleeve_too_large"},
     [] {
         return tr(
             "A dented cage or seal, or a bore scored by the sleeve: a new bearing, and the bore to be judged again.");
     }},
    {{"sleeve_on_lip"}, [] { return tr("A seal that leaks from the first hour, and the bearing behind it."); }},
    {{"hits_sensor", "hits_stud"},
     [] { return tr("A broken sensor or a bent stud, and the machine waits for the part."); }},
    {{"pilot_too_long", "short_of_home"},
     [] { return tr("A ring that is not home moves in service: end play, a crept seat, apart once more."); }},
    {{"hard_on_hard"}, [] { return tr("A splinter of hard steel: an eye."); }},
    {{"stack_too_tall"},
     [] { return tr("A stack that kicks out from under the ram: somebody is hurt, the part is scrap."); }},
    {{"stroke_runs_out"},
     [] { return tr("Stuck half way: out again, or a second stroke on a ring that has cooled or cocked."); }},
    {{"bed_gap", "support_moved"},
     [] { return tr("A casting that cracks, or a ring pressed in crooked because the work gave way."); }},
    {{"wrong_order", "captive_part"},
     [] {
         return tr("All of it apart once more: what was shut out does not go in past a pressed ring, and the bearing "
                   "that comes out again may be scrap.");
     }},
    {{"spacer_forgotten"}, [] { return tr("The clamp closes on the bearings themselves: they seize within hours."); }},
    {{"missing_part"}, [] { return tr("A machine in pieces on the bench that waits for a part."); }},
    {{"encoder_wrong_way"},
     [] { return tr("No signal: the machine does not start, and the bearing comes out again as scrap."); }},
    {{"large_end_wrong_way"}, [] { return tr("The cone has nothing to run in: cup out again, its bore scored."); }},
    {{"spring_side_wrong_way"}, [] { return tr("Grease out or water in: the bearing rusts within weeks."); }},
    {{"sharp_edge_wrong_way", "ring_not_in_groove"},
     [] { return tr("The ring leaves its groove under load: the shaft comes out of the machine while it runs."); }},
    {{"curved_side_wrong_way"},
     [] { return tr("The ring rides on the fillet: never home, it works loose and takes the shaft with it."); }},
    {{"pilot_side_wrong_way"}, [] { return tr("The hub stops short of home: belts and wheels run out of line."); }},
    {{"drawn_wrong_way"},
     [] { return tr("Somebody after you believes the drawing: the part goes in wrong next time."); }},
    {{"spacer_short", "play_too_small", "washer_wrong_way"},
     [] { return tr("Preload that nobody wanted: the pair runs hot and seizes."); }},
    {{"spacer_flared", "spacer_out_of_square"},
     [] { return tr("The clamp tilts the rings: one-sided tracks, and the new bearing fails like the old one."); }},
    {{"loose_cup", "worn_bore", "loose_in_the_bore"},
     [] { return tr("The ring creeps and grinds its bore open: next time it is a sleeve or a new housing."); }},
    {{"worn_journal"},
     [] { return tr("The inner ring turns on the shaft: heat, rust powder, and in the end a new shaft."); }},
    {{"oval_seat"}, [] { return tr("The bore squeezes the ring out of round: it runs hot and loud."); }},
    {{"rust_pits"}, [] { return tr("A ring held by half its seat: it moves, frets and cracks."); }},
    {{"blue_ring"}, [] { return tr("A soft ring: it flakes within weeks, however well it turned on the bench."); }},
    {{"typing_error", "wrong_unit"}, [] { return tr("A good part on the scrap heap, or a bad one in the machine."); }},
    {{"too_hot", "seal_beside_it"},
     [] { return tr("Cooked grease and a hard lip in a bearing that looks new; a ring over its limit is soft."); }},
    {{"too_cold", "window_missed", "early_grip"},
     [] { return tr("It grips half way: out again by force, a scored seat and a bearing that is scrap."); }},
    {{"crooked_start", "galling"}, [] { return tr("A scored bore: it is measured again, stoned, or sleeved."); }},
    {{"chip_under_it", "burr_under_one_place", "reads_tilted"},
     [] { return tr("A ring that stands crooked: it runs on one side and fails early."); }},
    {{"wrong_part"},
     [] { return tr("A part that was never meant for this seat: too tight it cracks, too loose it creeps."); }},
    {{"gauge_of_another_press"},
     [] { return tr("Every figure is wrong by the same factor: too much force goes unseen."); }},
    {{"reads_short"},
     [] { return tr("A ring short of home: the retaining ring does not go in, or the play is wrong."); }},
    {{"play_too_large"}, [] { return tr("The pair rattles: the hub wobbles, the seal leaks, the tracks spall."); }},
};

} // namespace

std::string costOf(const Family& family) {
    for (const auto& cost : kCosts)
        if (cost.families.contains(family.key)) return cost.text();
    return {};
}

} // namespace arbor::mistakes
