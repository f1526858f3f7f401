#pragma once

#include "core/base/result.h"

#include <string>
#include <string_view>
#include <vector>

namespace arbor::catalog {

/// What a line of a quote is counted in.
enum class PriceUnit { Hour, Piece, Job };
inline constexpr PriceUnit kPriceUnits[] = {PriceUnit::Hour, PriceUnit::Piece, PriceUnit::Job};
std::string_view name(PriceUnit unit); ///< in files

/// A price of the shop's.
struct Price {
    std::string
        what; ///< of a piece: its designation, or as the kit list has it; of an hour: the work, or "work" for all
    PriceUnit unit = PriceUnit::Piece;
    double amount = 0; ///< in the shop's currency
    friend bool operator==(const Price&, const Price&) = default;
};

struct Prices {
    std::string currency = {}; ///< as it is printed; empty: none is
    std::vector<Price> all = {};
    friend bool operator==(const Prices&, const Prices&) = default;
};

/// The price of that; capitals and blanks at the ends do not count. Null: the shop has none.
const Price* findPrice(const Prices& prices, std::string_view what, PriceUnit unit);

/// @errors Missing (what), Duplicate, OutOfRange (amount)
Result<void> checkPrices(const std::vector<Price>& prices);
/// {"currency": "EUR", "prices": [...]}. @errors as checkPrices; Malformed, UnknownKey, UnknownName (unit)
Result<Prices> parsePrices(std::string_view json);
std::string writePrices(const Prices& prices);

} // namespace arbor::catalog
