#pragma once

#include "core/base/range.h"
#include "core/base/result.h"
#include "core/fit/press_joint.h"
#include "core/thermal/shrink_fit.h"

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace arbor::tables {
struct Tables;
}

namespace arbor::calc {

/// What goes in and comes out. The unit stands in the name of its field.
using Value = std::variant<double, bool, std::string, std::vector<double>, fit::Elastic, thermal::Conductor>;
using Values = std::map<std::string, Value>;

enum class Kind { Number, Numbers, Text, Choice, Material, Conductor, YesNo };

/// One input of a calculation.
struct Field {
    std::string name;
    Kind kind = Kind::Number;
    std::string what;                 ///< in a few words
    Interval allowed = {0, 0};        ///< of a number; both 0: any finite number
    std::optional<Value> preset = {}; ///< taken when it is left out
    bool optional = false;            ///< may be left out without a preset
    std::vector<std::string> choices = {};
};

/// One calculation of the bench calculator: what it is called, what it takes, how it is worked out.
struct Calculation {
    std::string name;
    std::string title;
    std::vector<std::string> alsoCalled; ///< words one would look for
    std::vector<Field> inputs;
    std::vector<std::pair<std::string, std::string>>
        outputs;        ///< name and what it is; a * stands for what was asked for
    std::string source; ///< key into docs/numbers.md
    Result<Values> (*run)(const Values& in, const tables::Tables& tables);
};

/// One thing that came out.
struct Outcome {
    std::string name;
    std::string what;
    const Value* value = nullptr; ///< in the values
};
/// What came out in the order it is listed in; what was not asked for is left out.
std::vector<Outcome> outcomes(const Calculation& calculation, const Values& out);

/// All of them, in the order they are offered.
const std::vector<Calculation>& calculations();

const Calculation* named(std::string_view name);

/// Calculations in which every word of the search begins a word of name, title or other names; best first.
std::vector<const Calculation*> find(std::string_view search);

/// Checks the inputs, fills in what is left out, and works it out.
/// @errors UnknownKey, Missing, Malformed (another kind), NotFinite, OutOfRange, UnknownName (choice, material), each
/// with the field; those of the calculation itself
Result<Values> evaluate(const Calculation& calculation, Values in, const tables::Tables& tables);

} // namespace arbor::calc
