#include "core/catalog/prices.h"

#include "core/base/json_text.h"
#include "core/base/number.h"

#include <algorithm>
#include <cctype>
#include <set>

namespace arbor::catalog {

namespace {

using nlohmann::json;

std::string plainName(std::string_view text) {
    while (!text.empty() && text.front() == ' ')
        text.remove_prefix(1);
    while (!text.empty() && text.back() == ' ')
        text.remove_suffix(1);
    std::string out(text);
    std::transform(out.begin(), out.end(), out.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return out;
}

Result<Price> readPrice(const json& d) {
    if (auto known = onlyKeys(d, {"what", "unit", "amount"}); !known) return tl::unexpected(known.error());
    Price out;
    out.what = d.at("what");
    const std::string unit = d.at("unit");
    const auto at =
        std::find_if(std::begin(kPriceUnits), std::end(kPriceUnits), [&](PriceUnit u) { return name(u) == unit; });
    if (at == std::end(kPriceUnits))
        return refuse(ProblemCode::UnknownName, out.what + "/unit", unit, wanted("hour, piece or job"));
    out.unit = *at;
    out.amount = d.at("amount");
    return out;
}

} // namespace

std::string_view name(PriceUnit unit) {
    switch (unit) {
    case PriceUnit::Hour:
        return "hour";
    case PriceUnit::Piece:
        return "piece";
    case PriceUnit::Job:
        return "job";
    }
    return {};
}

const Price* findPrice(const Prices& prices, std::string_view what, PriceUnit unit) {
    const auto at = std::find_if(prices.all.begin(), prices.all.end(), [&](const Price& p) {
        return p.unit == unit && plainName(p.what) == plainName(what);
    });
    return at == prices.all.end() ? nullptr : &*at;
}

Result<void> checkPrices(const std::vector<Price>& prices) {
    constexpr double kMost = 1e7;
    std::set<std::pair<std::string, PriceUnit>> seen;
    for (const auto& price : prices) {
        if (price.what.empty()) return refuse(ProblemCode::Missing, "what", {}, wanted("what it is the price of"));
        if (!seen.insert({plainName(price.what), price.unit}).second)
            return refuse(ProblemCode::Duplicate, "what", price.what, wanted("each thing once"));
        if (!(price.amount >= 0 && price.amount <= kMost))
            return refuse(ProblemCode::OutOfRange, price.what + "/amount", plain(price.amount), wanted("0 or more"));
    }
    return {};
}

Result<Prices> parsePrices(std::string_view text) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    try {
        if (auto known = onlyKeys(*document, {"currency", "prices"}); !known) return tl::unexpected(known.error());
        Prices out{document->value("currency", "")};
        for (const auto& entry : document->at("prices")) {
            auto price = readPrice(entry);
            if (!price) return tl::unexpected(price.error());
            out.all.push_back(std::move(*price));
        }
        if (auto ok = checkPrices(out.all); !ok) return tl::unexpected(ok.error());
        return out;
    } catch (const json::exception& error) {
        return tl::unexpected(jsonProblem(error));
    }
}

std::string writePrices(const Prices& prices) {
    json all = json::array();
    for (const auto& price : prices.all)
        all.push_back({{"what", price.what}, {"unit", name(price.unit)}, {"amount", price.amount}});
    return json{{"currency", prices.currency}, {"prices", all}}.dump(2) + "\n";
}

} // namespace arbor::catalog
