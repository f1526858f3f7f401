#include "words/measure_items.h"

#include "words/language.h"
#include "words/measure_words.h"
#include "words/order_words.h"
#include "words/shipped_names.h"

namespace arbor::words {

using Kind = MeasureItem::Kind;
using measure::Verdict;

std::vector<MeasureItem> measureItems(const plan::FitPlan& fits) {
    std::vector<MeasureItem> out;
    for (std::size_t i = 0; i < fits.seats.size(); ++i)
        for (const bool hole : {true, false})
            if (!(hole ? fits.seats[i].hole : fits.seats[i].shaft).ring) out.push_back({Kind::Surface, i, hole});
    for (std::size_t i = 0; i < fits.spacers.size(); ++i)
        out.push_back({Kind::Spacer, i, true});
    out.push_back({Kind::OldBearing, 0, true});
    return out;
}

std::string itemTitle(const MeasureItem& item, const plan::FitPlan& fits) {
    switch (item.kind) {
    case Kind::Surface: {
        const auto& seat = fits.seats[item.index];
        // Two seats of one part are told apart by what sits on them.
        return surfaceTitle(seat, item.hole) + " · " + inSentence(item.hole ? seat.shaft.label : seat.hole.label);
    }
    case Kind::Spacer:
        return shippedName(fits.spacers[item.index].label);
    case Kind::OldBearing:
        return tr("Old bearing");
    }
    return {};
}

std::string itemKey(const MeasureItem& item, const plan::FitPlan& fits) {
    if (item.kind == Kind::OldBearing) return "old_bearing";
    if (item.kind == Kind::Spacer) return fits.spacers[item.index].part;
    const auto& [outer, inner] = fits.seats[item.index].key;
    return outer + "+" + inner + (item.hole ? "/hole" : "/shaft");
}

Verdict verdictOf(const MeasureItem& item, const plan::FitPlan& fits) {
    switch (item.kind) {
    case Kind::Surface:
        return (item.hole ? fits.seats[item.index].hole : fits.seats[item.index].shaft).verdict;
    case Kind::Spacer:
        return fits.spacers[item.index].state.judgement.verdict;
    case Kind::OldBearing:
        return fits.causes.empty() ? Verdict::NotMeasured : Verdict::Use;
    }
    return Verdict::NotMeasured;
}

} // namespace arbor::words
