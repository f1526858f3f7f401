#include "ui/slip/slip_model.h"

#include <algorithm>

namespace arbor::ui {

namespace {

int rank(Tone tone) {
    return tone == Tone::Stop ? 0 : tone == Tone::Caution ? 1 : 2;
}

} // namespace

SlipModel worstFirst(SlipModel slip) {
    std::stable_sort(slip.notes.begin(), slip.notes.end(),
                     [](const Note& a, const Note& b) { return rank(a.tone) < rank(b.tone); });
    const bool stops = !slip.notes.empty() && slip.notes.front().tone == Tone::Stop;
    if (stops && slip.titleTone == Tone::Proven) {
        slip.subtitle = slip.title + (slip.subtitle.isEmpty() ? QString() : ": " + slip.subtitle);
        slip.title = slip.notes.front().head;
        slip.titleTone = Tone::Stop;
    }
    return slip;
}

} // namespace arbor::ui
