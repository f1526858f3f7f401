#pragma once

#include "core/catalog/prices.h"
#include "core/day/day.h"
#include "core/job/job.h"
#include "core/plan/strip_plan.h"

#include <map>
#include <string>
#include <vector>

/// What a job costs, from what is known of it anyway.
namespace arbor::pay {

/// One line of a quote or an invoice.
struct Line {
    enum class Kind { Hours, Part, Job };
    Kind kind = Kind::Part;
    std::string what; ///< of hours: the name of the work in files; of a part: its designation, or what it is called
    double quantity = 1;
    catalog::PriceUnit unit = catalog::PriceUnit::Piece;
    std::optional<double> price; ///< of one; nothing: the shop has none for it

    double amount() const; ///< to the hundredth
};

struct Quote {
    std::string currency;
    std::vector<Line> lines;

    double total() const;
    std::size_t unpriced() const; ///< lines that the shop has no price for
};

using Hours = std::map<job::Doing, double>;
/// Hours that were taken: of what was begun and ended on one day. [h]
Hours hoursTaken(const std::vector<job::Worked>& worked);

/// Hours that are planned of work by hand: what was planned of what was begun, and what is left to do.
/// @param left  the job's pieces of a day
Hours hoursPlanned(const std::vector<job::Worked>& worked, const std::vector<day::Piece>& left);

/// What is used up, each with how many: the new parts of the kit, those of a kind together.
std::vector<Line> partsOf(const plan::StripPlan& strip);

/// Hours by the work, its own price or that of "work"; new parts of the kit; what is charged once a job.
Quote quoteOf(const plan::StripPlan& strip, const Hours& hours, const catalog::Prices& prices);

} // namespace arbor::pay
