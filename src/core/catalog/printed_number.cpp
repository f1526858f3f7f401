#include "core/catalog/printed_number.h"

#include <algorithm>
#include <cctype>
#include <string_view>

namespace arbor::catalog {

namespace {

/// Letters and digits alone, in capitals: separators say nothing.
std::string bare(const std::string& text) {
    std::string out;
    for (const char c : text)
        if (std::isalnum(static_cast<unsigned char>(c)))
            out += static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
    return out;
}

using Sets = void (*)(PrintedNumber&);
struct Suffix {
    const char* text;
    Sets sets; ///< null: it changes nothing here
};

// Longer before shorter where one begins the other. Of one seal or shield the number does not tell the side: it is
// taken as drawn upwards.
constexpr Suffix kSuffixes[] = {
    {"2RSR", [](PrintedNumber& p) { p.seals = Side::Both; }},
    {"2RSH", [](PrintedNumber& p) { p.seals = Side::Both; }},
    {"2RS1", [](PrintedNumber& p) { p.seals = Side::Both; }},
    {"2RS", [](PrintedNumber& p) { p.seals = Side::Both; }},
    {"2RZ", [](PrintedNumber& p) { p.seals = Side::Both; }},
    {"2Z", [](PrintedNumber& p) { p.seals = Side::Both; }},
    {"ZZ", [](PrintedNumber& p) { p.seals = Side::Both; }},
    {"RSR", [](PrintedNumber& p) { p.seals = Side::Up; }},
    {"RS", [](PrintedNumber& p) { p.seals = Side::Up; }},
    {"Z", [](PrintedNumber& p) { p.seals = Side::Up; }},
    {"P63",
     [](PrintedNumber& p) {
         p.accuracy = "6";
         p.clearanceGroup = "C3";
     }},
    {"P62",
     [](PrintedNumber& p) {
         p.accuracy = "6";
         p.clearanceGroup = "C2";
     }},
    {"P0", [](PrintedNumber& p) { p.accuracy = "N"; }},
    {"P6", [](PrintedNumber& p) { p.accuracy = "6"; }},
    {"P5", [](PrintedNumber& p) { p.accuracy = "5"; }},
    {"CN", [](PrintedNumber& p) { p.clearanceGroup = "CN"; }},
    {"C2", [](PrintedNumber& p) { p.clearanceGroup = "C2"; }},
    {"C3", [](PrintedNumber& p) { p.clearanceGroup = "C3"; }},
    {"C4", [](PrintedNumber& p) { p.clearanceGroup = "C4"; }},
    {"NR", nullptr}, // a groove in its outside, with or without its ring
    {"N", nullptr},
    {"TN9", [](PrintedNumber& p) { p.plasticCage = true; }},
    {"TNG", [](PrintedNumber& p) { p.plasticCage = true; }},
    {"TVP", [](PrintedNumber& p) { p.plasticCage = true; }},
    {"TN", [](PrintedNumber& p) { p.plasticCage = true; }},
    {"MA", nullptr}, // a cage of brass or steel, and how it is guided
    {"MB", nullptr},
    {"M", nullptr},
    {"J", nullptr},
    {"E", nullptr}, // a stronger inside of the same outside
};

/// The longest number of the catalogue that begins what is printed.
const Bearing* begins(const std::vector<Bearing>& catalogue, const std::string& printed, std::size_t& length) {
    const Bearing* found = nullptr;
    for (const auto& bearing : catalogue) {
        const auto number = bare(bearing.designation);
        if (number.size() <= length || !printed.starts_with(number)) continue;
        found = &bearing;
        length = number.size();
    }
    return found;
}

} // namespace

Result<PrintedNumber> readPrinted(const std::vector<Bearing>& catalogue, const std::string& printed) {
    const auto text = bare(printed);
    std::size_t length = 0;
    const auto* bearing = begins(catalogue, text, length);
    if (!bearing) return refuse(ProblemCode::UnknownName, "designation", printed, wanted("a bearing of the catalogue"));
    PrintedNumber out;
    out.designation = bearing->designation;
    for (std::string_view rest = std::string_view(text).substr(length); !rest.empty();) {
        const auto* suffix = std::find_if(std::begin(kSuffixes), std::end(kSuffixes),
                                          [&](const Suffix& s) { return rest.starts_with(s.text); });
        if (suffix == std::end(kSuffixes))
            return refuse(ProblemCode::UnknownName, "designation", printed,
                          wanted("{1} with suffixes as 2RS, ZZ, C3, P5, NR, TN", bearing->designation));
        if (suffix->sets) suffix->sets(out);
        rest.remove_prefix(std::string_view(suffix->text).size());
    }
    return out;
}

} // namespace arbor::catalog
