#pragma once

#include "core/arrangement/contradiction.h"
#include "words/display.h"

#include <string>
#include <vector>

namespace arbor::words {

std::string kindName(arrangement::PartKind kind);
/// Every kind of part, in the order they are offered.
std::vector<arrangement::PartKind> allKinds();

/// Two sizes that cannot both be, as the shop calls them: "spindle Ø36, bore of the cone Ø35: Ø1 too much".
std::string say(const arrangement::Contradiction& contradiction, const arrangement::Assembly& assembly,
                const Display& display);

/// A seat as it is typed: "loose", "pressed", "screwed", "N7", "k6", "H7/s6", each with "hole 61.978" or "shaft 30.004"
/// where it was measured [mm], "notched" where the shoulder behind it has notches, and "fillet 1" the radius in its
/// corner.
std::string seatText(const arrangement::Assembly& assembly, std::size_t outer, std::size_t inner);
/// The arrangement with that seat as typed. @errors UnknownClass, with what would do
Result<arrangement::Assembly> withSeat(const arrangement::Assembly& assembly, std::size_t outer, std::size_t inner,
                                       const std::string& typed);

/// A way round as it is typed: "encoder up", "spring side down"; empty: none.
std::string wayRoundText(const arrangement::Part& part);
/// @errors UnknownName, with what would do
Result<std::optional<arrangement::WayRound>> parseWayRound(const std::string& typed);

/// What the lip of a seal is for, as it is typed: "keeps in", "keeps out"; empty: not said.
std::string lipText(const arrangement::Part& part);
/// @errors UnknownName, with what would do
Result<std::optional<arrangement::LipTask>> parseLip(const std::string& typed);

/// Whether a part is fitted once: "yes", "no". @errors UnknownName
std::string onceText(const arrangement::Part& part);
std::string lugsText(const arrangement::Part& part); ///< likewise, of a retaining ring's eyes
Result<bool> parseYesNo(const std::string& typed, bool otherwise);

/// The screws that close a part's joint with another: "4 M10x1.5 shaft 30" with what they screw into and, where it is
/// known, how much thread they have beyond what they clamp [mm]; empty: none.
std::string screwsText(const arrangement::Assembly& assembly, std::size_t part);
/// @errors Malformed, UnknownName (another part), those of parseThread
Result<arrangement::Assembly> withScrews(const arrangement::Assembly& assembly, std::size_t part,
                                         const std::string& typed);

} // namespace arbor::words
