#pragma once

#include "core/base/range.h"
#include "core/base/result.h"

#include <map>
#include <string>
#include <string_view>

namespace arbor::catalog {

enum class FrictionFamily { Steel, CastIron, Aluminium };

/// Elastic and thermal constants of a material at room temperature.
struct Material {
    std::string name;
    double E_MPa = 0;
    double nu = 0;
    double alpha_perK = 0;
    double yield_MPa = 0; ///< 0.2 % proof stress, or tensile strength for brittle iron
    double density_kg_m3 = 0;
    double ceiling_C = 0; ///< how hot it may be made for assembly
    FrictionFamily family = FrictionFamily::Steel;
    double conductivity_W_mK = 0;
    double heat_J_kgK = 0; ///< specific heat
    bool own = false;      ///< the shop's, with figures of its own
    friend bool operator==(const Material&, const Material&) = default;
};

enum class Lubricant { Dry, LightOil, Grease };

/// Friction of a steel ring sliding home on a seat, by the seat's family and the lubricant.
using FrictionBands = std::map<std::pair<FrictionFamily, Lubricant>, Interval>;

using Materials = std::map<std::string, Material>;

/// @errors Malformed, UnknownKey, Duplicate, NotPositive, OutOfRange (nu)
Result<Materials> parseMaterials(std::string_view json);
/// Figures that can be and names that are told apart. @errors as parseMaterials
Result<void> checkMaterials(const Materials& materials);
/// The same text from those of the shop's own.
std::string ownMaterialsText(const Materials& all);

/// What seals, cages and rings of plastic are made of: known by name, never a seat, so without figures.
inline constexpr const char* kNonMetals[] = {"nitrile", "fluoroelastomer", "polyamide", "polymer"};

/// The key of a material by its key or its name, as it is typed: "Grey cast iron", "bronze", "nitrile".
/// @errors UnknownName with every name there is: a material is never guessed
Result<std::string> materialKey(const Materials& all, const std::string& typed);

Result<FrictionBands> parseFriction(std::string_view json);

} // namespace arbor::catalog
