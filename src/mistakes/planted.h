#pragma once

#include "mistakes/program.h"

#include <optional>
#include <set>
#include <string>
#include <vector>

namespace arbor::mistakes {

/// One mistake in a world, told by a hand that does not know of it, and what must be said of it.
struct Planted {
    std::string happened;                  ///< what really is, in words: to be shown when all is over
    std::set<std::string> keys;            ///< the findings that name it
    std::vector<std::string> names;        ///< of which one must be named; empty: the place says it
    std::vector<job::Station> stations;    ///< where it can be said, up to the step at which it does harm
    std::optional<job::StepKey> step = {}; ///< in hand
    std::optional<bool> partnerMoves = {}; ///< the way of that step the hand means: under a press, pushing this one
    std::string moves = {};                ///< a line of the order of work the hand goes to; empty: none
    bool together = false;                 ///< of that line
    bool beyondAnybody = false;            ///< smaller than what the means can tell
};

/// A sound world with the plan that it gives, to plant something in.
struct Plot {
    World& world;
    Program& program;
    const plan::Plan& plan;
    Chance& chance;
};
/// @return nothing where the shape has no place for it
using Plant = std::optional<Planted> (*)(Plot& plot);

/// @name What goes wrong with tools
/// @{
std::optional<Planted> sleeveOnWrongRing(Plot& plot);
std::optional<Planted> sleeveTooSmall(Plot& plot);
std::optional<Planted> sleeveTooLarge(Plot& plot);
std::optional<Planted> sleeveOnLip(Plot& plot);
std::optional<Planted> hitsSensor(Plot& plot);
std::optional<Planted> hitsStud(Plot& plot);
std::optional<Planted> pilotTooLong(Plot& plot);
std::optional<Planted> hardOnHard(Plot& plot);
std::optional<Planted> stackTooTall(Plot& plot);
std::optional<Planted> strokeRunsOut(Plot& plot);
std::optional<Planted> bedGap(Plot& plot);
/// @}
/// @name In the order of the work, and with the parts
/// @{
std::optional<Planted> wrongOrder(Plot& plot);
std::optional<Planted> captivePart(Plot& plot);
std::optional<Planted> spacerForgotten(Plot& plot);
std::optional<Planted> missingPart(Plot& plot);
std::optional<Planted> encoderWrongWay(Plot& plot);
std::optional<Planted> largeEndWrongWay(Plot& plot);
std::optional<Planted> springSideWrongWay(Plot& plot);
std::optional<Planted> sharpEdgeWrongWay(Plot& plot);
std::optional<Planted> curvedSideWrongWay(Plot& plot);
std::optional<Planted> pilotSideWrongWay(Plot& plot);
std::optional<Planted> drawnWrongWay(Plot& plot);
/// @}
/// @name With what is measured
/// @{
std::optional<Planted> spacerShort(Plot& plot);
std::optional<Planted> spacerFlared(Plot& plot);
std::optional<Planted> spacerOutOfSquare(Plot& plot);
std::optional<Planted> looseCup(Plot& plot);
std::optional<Planted> wornBore(Plot& plot);
std::optional<Planted> wornJournal(Plot& plot);
std::optional<Planted> ovalBore(Plot& plot);
std::optional<Planted> rustPits(Plot& plot);
std::optional<Planted> blueRing(Plot& plot);
std::optional<Planted> typingError(Plot& plot);
std::optional<Planted> wrongUnit(Plot& plot);
/// @}
/// @name With heat
/// @{
std::optional<Planted> tooHot(Plot& plot);
std::optional<Planted> tooCold(Plot& plot);
std::optional<Planted> sealBesideIt(Plot& plot);
std::optional<Planted> windowMissed(Plot& plot);
/// @}
/// @name At the press
/// @{
std::optional<Planted> crookedStart(Plot& plot);
std::optional<Planted> shortOfHome(Plot& plot);
std::optional<Planted> chipUnderIt(Plot& plot);
std::optional<Planted> galling(Plot& plot);
std::optional<Planted> wrongPart(Plot& plot);
std::optional<Planted> looseInTheBore(Plot& plot);
std::optional<Planted> earlyGrip(Plot& plot);
std::optional<Planted> supportMoved(Plot& plot);
std::optional<Planted> gaugeOfAnotherPress(Plot& plot);
/// @}
/// @name When it is proven and set
/// @{
std::optional<Planted> readsShort(Plot& plot);
std::optional<Planted> readsTilted(Plot& plot);
std::optional<Planted> chipUnderOnePlace(Plot& plot);
std::optional<Planted> ringNotInGroove(Plot& plot);
std::optional<Planted> playTooLarge(Plot& plot);
std::optional<Planted> playTooSmall(Plot& plot);
std::optional<Planted> washerWrongWay(Plot& plot);
/// @}

} // namespace arbor::mistakes
