#include "mistakes/family.h"

#include <algorithm>

namespace arbor::mistakes {

namespace {

using job::Station;
using words::tr;

// clang-format off
constexpr Family kFamilies[] = {
    {"sleeve_on_wrong_ring", [] { return tr("Sleeve on the wrong ring"); }, Station::Tooling, sleeveOnWrongRing},
    {"sleeve_too_small", [] { return tr("Sleeve too small"); }, Station::Tooling, sleeveTooSmall},
    {"sleeve_too_large", [] { return tr("Sleeve too large for the bore"); }, Station::Tooling, sleeveTooLarge},
    {"sleeve_on_lip", [] { return tr("Driver on the lip of a seal"); }, Station::Tooling, sleeveOnLip},
    {"hits_sensor", [] { return tr("Sleeve hits a sensor"); }, Station::Tooling, hitsSensor},
    {"hits_stud", [] { return tr("Sleeve hits a stud"); }, Station::Tooling, hitsStud},
    {"pilot_too_long", [] { return tr("Pilot stops it short of home"); }, Station::Tooling, pilotTooLong},
    {"hard_on_hard", [] { return tr("Hard steel on a hardened ring"); }, Station::Tooling, hardOnHard},
    {"stack_too_tall", [] { return tr("Stack too tall"); }, Station::Tooling, stackTooTall},
    {"stroke_runs_out", [] { return tr("Stroke runs out"); }, Station::Tooling, strokeRunsOut},
    {"bed_gap", [] { return tr("Gap in the bed too wide"); }, Station::Tooling, bedGap},
    {"wrong_order", [] { return tr("Wrong order"); }, Station::Strip, wrongOrder},
    {"captive_part", [] { return tr("Captive part forgotten"); }, Station::Strip, captivePart},
    {"spacer_forgotten", [] { return tr("Spacer tube forgotten"); }, Station::Strip, spacerForgotten},
    {"missing_part", [] { return tr("Part missing"); }, Station::Strip, missingPart},
    {"encoder_wrong_way", [] { return tr("Encoder away from its sensor"); }, Station::Strip, encoderWrongWay},
    {"large_end_wrong_way", [] { return tr("Taper cup the wrong way round"); }, Station::Strip, largeEndWrongWay},
    {"spring_side_wrong_way", [] { return tr("Seal the wrong way round"); }, Station::Strip, springSideWrongWay},
    {"sharp_edge_wrong_way", [] { return tr("Retaining ring the wrong way round"); }, Station::Strip, sharpEdgeWrongWay},
    {"curved_side_wrong_way", [] { return tr("Curved side away from the fillet"); }, Station::Strip, curvedSideWrongWay},
    {"pilot_side_wrong_way", [] { return tr("Pilot side the wrong way round"); }, Station::Strip, pilotSideWrongWay},
    {"drawn_wrong_way", [] { return tr("Way round written against the drawing"); }, Station::Press, drawnWrongWay},
    {"spacer_short", [] { return tr("Spacer short"); }, Station::Measure, spacerShort},
    {"spacer_flared", [] { return tr("Spacer flared"); }, Station::Measure, spacerFlared},
    {"spacer_out_of_square", [] { return tr("Spacer out of square"); }, Station::Measure, spacerOutOfSquare},
    {"loose_cup", [] { return tr("Ring loose in its bore"); }, Station::Measure, looseCup},
    {"worn_bore", [] { return tr("Bore worn"); }, Station::Measure, wornBore},
    {"worn_journal", [] { return tr("Journal worn"); }, Station::Measure, wornJournal},
    {"oval_seat", [] { return tr("Seat out of round"); }, Station::Measure, ovalBore},
    {"rust_pits", [] { return tr("Rust pits in a seat"); }, Station::Measure, rustPits},
    {"blue_ring", [] { return tr("Ring blued by heat"); }, Station::Measure, blueRing},
    {"typing_error", [] { return tr("Reading mistyped"); }, Station::Measure, typingError},
    {"wrong_unit", [] { return tr("Wrong unit"); }, Station::Measure, wrongUnit},
    {"too_hot", [] { return tr("Too hot"); }, Station::Warm, tooHot},
    {"too_cold", [] { return tr("Too cold"); }, Station::Warm, tooCold},
    {"seal_beside_it", [] { return tr("Seal in the warmth"); }, Station::Warm, sealBesideIt},
    {"window_missed", [] { return tr("Window missed"); }, Station::Warm, windowMissed},
    {"crooked_start", [] { return tr("Crooked start"); }, Station::Press, crookedStart},
    {"short_of_home", [] { return tr("Stopped short of home"); }, Station::Press, shortOfHome},
    {"chip_under_it", [] { return tr("Chip under the ring"); }, Station::Press, chipUnderIt},
    {"galling", [] { return tr("Galling"); }, Station::Press, galling},
    {"wrong_part", [] { return tr("Wrong part, or dry"); }, Station::Press, wrongPart},
    {"loose_in_the_bore", [] { return tr("Hardly tight"); }, Station::Press, looseInTheBore},
    {"early_grip", [] { return tr("Gripped early"); }, Station::Press, earlyGrip},
    {"support_moved", [] { return tr("Support moved"); }, Station::Press, supportMoved},
    {"gauge_of_another_press", [] { return tr("Gauge of another press"); }, Station::Press, gaugeOfAnotherPress},
    {"reads_short", [] { return tr("Ring short of home by its readings"); }, Station::Seat, readsShort},
    {"reads_tilted", [] { return tr("Ring out of square"); }, Station::Seat, readsTilted},
    {"burr_under_one_place", [] { return tr("Burr under one place"); }, Station::Seat, chipUnderOnePlace},
    {"ring_not_in_groove", [] { return tr("Retaining ring not in its groove"); }, Station::Seat, ringNotInGroove},
    {"play_too_large", [] { return tr("End play too large"); }, Station::Adjust, playTooLarge},
    {"play_too_small", [] { return tr("End play too small"); }, Station::Adjust, playTooSmall},
    {"washer_wrong_way", [] { return tr("Washer the wrong way"); }, Station::Adjust, washerWrongWay},
};
// clang-format on

} // namespace

std::span<const Family> families() {
    return kFamilies;
}

const Family* findFamily(const std::string& key) {
    const auto at =
        std::find_if(std::begin(kFamilies), std::end(kFamilies), [&](const Family& f) { return f.key == key; });
    return at == std::end(kFamilies) ? nullptr : &*at;
}

} // namespace arbor::mistakes
