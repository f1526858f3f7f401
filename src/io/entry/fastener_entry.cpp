#include "io/entry/fastener_entry.h"

#include "core/base/number.h"
#include "core/closing/closing.h"

#include <algorithm>
#include <map>
#include <optional>
#include <sstream>
#include <vector>

namespace arbor::io {

namespace {

const std::map<std::string, job::Pattern> kPatternWords{{"star", job::Pattern::Star}, {"round", job::Pattern::Round}};
const std::map<std::string, job::Locking> kLockingWords{{"pin", job::Locking::Pin},
                                                        {"stake", job::Locking::Stake},
                                                        {"tab", job::Locking::Tab},
                                                        {"paste", job::Locking::Paste}};

std::vector<std::string> wordsOf(const std::string& typed) {
    std::istringstream in(typed);
    std::vector<std::string> out;
    for (std::string word; in >> word;)
        out.push_back(word);
    return out;
}

/// 0, which is no count, where it is none.
int wholeOf(double value) {
    constexpr double kMost = 10'000;
    return value >= 0 && value <= kMost ? static_cast<int>(value) : 0;
}

} // namespace

Result<job::Fastener> parseFastener(const std::string& typed, double unit_Nm) {
    job::Fastener out;
    const auto words = wordsOf(typed);
    const auto wordAt = [&](std::size_t i) { return i < words.size() ? words[i] : std::string(); };
    for (std::size_t i = 0; i < words.size(); ++i) {
        const auto value = readNumber(words[i]);
        const auto after = wordAt(i + 1);
        if (value && (after == "x" || after == "×")) {
            out.count = wholeOf(*value);
            ++i;
        } else if (value && (after == "stages" || after == "stage")) {
            out.stages = wholeOf(*value);
            ++i;
        } else if (value && (after == "deg" || after == "°")) {
            out.angle_deg = *value;
            ++i;
        } else if (value && out.torque_Nm == 0) {
            out.torque_Nm = *value * unit_Nm;
        } else if (const auto pattern = kPatternWords.find(words[i]); pattern != kPatternWords.end()) {
            out.pattern = pattern->second;
        } else if (const auto locking = kLockingWords.find(words[i]); locking != kLockingWords.end()) {
            out.locking = locking->second;
        } else if (words[i] == "new") {
            out.oneTime = true;
        } else if (words[i] != "Nm" && words[i] != "N·m") {
            out.name += (out.name.empty() ? "" : " ") + words[i];
        }
    }
    if (out.name.empty()) return refuse(ProblemCode::Missing, "fastener", typed, wanted("a name: “Shaft nut 180 pin”"));
    if (auto ok = closing::check(out); !ok) return tl::unexpected(ok.error());
    return out;
}

} // namespace arbor::io
