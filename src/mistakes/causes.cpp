#include "mistakes/causes.h"

#include <set>

namespace arbor::mistakes {

bool isTrue(const Said& said, const World&, const plan::Plan&) {
    // What is to be done, and no word of anything being wrong.
    static const std::set<std::string> kInstructions = {
        "try_it_cold", "home_within", "grip", "caution", "if_it_goes_wrong", "falls_free", "square", "squeeze_first"};
    if (kInstructions.contains(said.key)) return true;
    // What says once more what stands elsewhere, and what is asked for next.
    static const std::set<std::string> kRepeated = {"title", "waits_for", "asks"};
    if (kRepeated.contains(said.key) || said.key.starts_with("where_it_stands/")) return true;
    return false;
}

} // namespace arbor::mistakes
