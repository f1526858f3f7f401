#include "core/pay/quote.h"

#include "core/day/clock.h"
#include "core/job/names.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace arbor::pay {

namespace {

const catalog::Price* hourly(const catalog::Prices& prices, job::Doing doing) {
    const auto* own = catalog::findPrice(prices, job::name(doing), catalog::PriceUnit::Hour);
    return own ? own : catalog::findPrice(prices, "work", catalog::PriceUnit::Hour);
}

std::optional<double> amountOf(const catalog::Price* price) {
    return price ? std::optional(price->amount) : std::nullopt;
}

} // namespace

double Line::amount() const {
    constexpr double kHundredth = 100;
    return std::round(price.value_or(0) * quantity * kHundredth) / kHundredth;
}

double Quote::total() const {
    return std::accumulate(lines.begin(), lines.end(), 0.0, [](double sum, const Line& l) { return sum + l.amount(); });
}

std::size_t Quote::unpriced() const {
    return static_cast<std::size_t>(
        std::count_if(lines.begin(), lines.end(), [](const Line& line) { return !line.price; }));
}

Hours hoursTaken(const std::vector<job::Worked>& worked) {
    constexpr double kHour = 60;
    Hours out;
    for (const auto& work : worked) {
        if (work.began.size() < 10) continue;
        const auto date = work.began.substr(0, 10);
        const auto began = day::minuteOf(work.began, date), ended = day::minuteOf(work.ended, date);
        const bool oneDay = began && ended && *ended >= *began && *ended < day::kDay;
        if (oneDay) out[work.what] += (*ended - *began) / kHour;
    }
    return out;
}

Hours hoursPlanned(const std::vector<job::Worked>& worked, const std::vector<day::Piece>& left) {
    constexpr double kHour_s = 3600, kHour_min = 60;
    Hours out;
    for (const auto& work : worked)
        if (!work.ended.empty()) out[work.what] += work.planned_s / kHour_s;
    for (const auto& piece : left)
        if (piece.byHand) out[piece.key.work] += piece.lasts / kHour_min;
    return out;
}

std::vector<Line> partsOf(const plan::StripPlan& strip) {
    std::vector<Line> out;
    for (const auto& line : strip.kit) {
        if (line.use != route::KitUse::New) continue;
        const auto part = std::find_if(strip.assembly.parts.begin(), strip.assembly.parts.end(),
                                       [&](const arrangement::Part& p) { return p.id == line.id; });
        if (part == strip.assembly.parts.end()) continue;
        // Two rings of one bearing are ordered as one.
        const auto what = part->catalogue ? part->catalogue->designation : part->name();
        const bool ring = part->catalogue && part->catalogue->piece != arrangement::FromCatalogue::Piece::Whole;
        const double count = ring ? 0.5 : 1;
        const auto known = std::find_if(out.begin(), out.end(), [&](const Line& l) { return l.what == what; });
        if (known != out.end())
            known->quantity += count;
        else
            out.push_back({Line::Kind::Part, what, count, catalog::PriceUnit::Piece, {}});
    }
    for (auto& line : out)
        line.quantity = std::ceil(line.quantity);
    return out;
}

Quote quoteOf(const plan::StripPlan& strip, const Hours& hours, const catalog::Prices& prices) {
    Quote out{prices.currency, {}};
    for (const auto& [doing, hour] : hours)
        if (hour > 0)
            out.lines.push_back({Line::Kind::Hours, std::string(job::name(doing)), hour, catalog::PriceUnit::Hour,
                                 amountOf(hourly(prices, doing))});
    for (auto& line : partsOf(strip)) {
        line.price = amountOf(catalog::findPrice(prices, line.what, catalog::PriceUnit::Piece));
        out.lines.push_back(std::move(line));
    }
    for (const auto& price : prices.all)
        if (price.unit == catalog::PriceUnit::Job)
            out.lines.push_back({Line::Kind::Job, price.what, 1, catalog::PriceUnit::Job, price.amount});
    return out;
}

} // namespace arbor::pay
