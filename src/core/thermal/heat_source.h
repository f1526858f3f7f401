#pragma once

#include "core/base/range.h"
#include "core/base/result.h"
#include "core/thermal/cooling.h"

#include <optional>
#include <set>
#include <string>
#include <string_view>
#include <vector>

namespace arbor::thermal {

/// What is warmed or chilled.
enum class PartClass { Housing, Ring, Shaft };

/// An oven, a plate, a flame, a freezer: what it does to a part.
struct HeatSource {
    std::string id;
    std::string name;
    bool warms = true;
    Interval settable_C;   ///< both the same: it has one temperature
    double h_W_m2K = 0;    ///< on the skin it reaches
    double emissivity = 0; ///< of that skin against its walls
    double skinShare = 1;  ///< of the skin; the rest stands in the room
    double power_W = 0;    ///< put into the part itself
    std::set<PartClass> parts;
    bool withGrease = true;  ///< may be used on a part with grease or seals in it
    bool own = false;        ///< the shop's, with the temperatures it really has
    int places = 0;          ///< parts at a time; 0: not said
    double litres = 0;       ///< room inside; 0: not said
    double change_K_min = 0; ///< how fast it comes to another temperature; 0: not said
    friend bool operator==(const HeatSource&, const HeatSource&) = default;
};

/// Figures that can be. @errors Missing (name), OutOfRange, GeometryOrder (least over most), NotPositive
Result<void> checkHeatSource(const HeatSource& source);

/// @errors as checkHeatSource; Malformed, UnknownKey, UnknownName (part)
Result<std::vector<HeatSource>> parseHeatSources(std::string_view json);
/// The same text from those of the shop's own.
std::string ownHeatSourcesText(const std::vector<HeatSource>& all);

/// A shop's own take the place of those of their id, others come to the end; all of them are marked.
void takeOwn(std::vector<HeatSource>& all, std::vector<HeatSource> own);

const HeatSource* findSource(const std::vector<HeatSource>& sources, const std::string& id);

/// A part as it lies in the oven.
struct SoakPart {
    double mass_kg = 0;
    double heat_J_kgK = 0;
    double area_m2 = 0;
    double wall_mm = 0; ///< thickest wall
    double diffusivity_m2s = 0;
};

struct Soak {
    double setting_C = 0; ///< of the source
    double skin_s = 0;    ///< until it has the temperature, as one lump
    double through_s = 0; ///< until that has gone through its wall
    double time_s() const { return skin_s + through_s; }
};

/// How long a part lies in a source until it has a temperature all through. The source is set so that the part would
/// end a little beyond the temperature wanted, but never beyond `beyond_C`; it counts as soaked two kelvin short of
/// where it ends.
/// @param beyond_C  the part's own ceiling, or floor
/// @return nothing when the source does not bring it there
/// @errors those of timeTo
/// @source [HB4.11] (a): lumped balance, then the wall, s^2 / a
Result<std::optional<Soak>> soak(const HeatSource& source, const SoakPart& part, double room_C, double to_C,
                                 double beyond_C);

/// An oven is set so much beyond what is wanted: the last kelvin would take for ever.
inline constexpr double kSetBeyond_K = 5;

/// Air that stands round a part in the shop: likely, and as it may differ. @source [HB4.11] (b) 5 to 15 W/m2K
inline constexpr double kStillAir_W_m2K[] = {5, 10, 15};
inline constexpr double kMachinedEmissivity = 0.3; // oiled or oxidised a little; bright is less, rusty more

} // namespace arbor::thermal
