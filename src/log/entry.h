#pragma once

#include "core/plan/plan.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::log {

/// One press as the logbook keeps it. Everything that is searched or counted has a field; the whole job goes along.
struct Entry {
    std::string
        id; ///< the same wherever it is delivered, and when it is corrected: job, time of its first record, step
    std::string jobId;
    std::string title;
    std::string position; ///< on the machine, as it was said at Intake
    std::string shape;    ///< of the work, "A" to "J"; empty: not said
    std::string customer;
    std::string bearing;
    std::string family; ///< type of bearing, by its name in the catalogue; empty: not in the catalogue
    std::string bore;
    std::string step; ///< which of the job's pressed steps: "in:hub+bearing"; empty: there was but one
    std::string who;
    std::string when; ///< ISO 8601
    std::string notes;
    std::string tools; ///< ids from the bed up, blanks between
    std::string verdict;
    std::string pressVerdict;
    std::string seatMaterial;
    std::string lubricant;
    std::optional<double> interference_um;
    std::optional<double> expected_N; ///< just before home, likely
    std::optional<double> peak_N;
    std::optional<double> friction;
    std::optional<double> rise_um; ///< out of square, across the seat
    std::optional<double> outer_C; ///< of the warm part as it went in; nothing: pressed cold
    std::optional<double> inner_C;
    std::optional<double> minutes; ///< from the first clock to the record; nothing: no clock ran
    std::string document;          ///< the job file

    friend bool operator==(const Entry&, const Entry&) = default;
};

/// One of each step that has a record; of a job that was closed when it knew but one press, that one.
/// @param document  the job file as it stands
std::vector<Entry> entriesOf(const job::Job& job, const tables::Tables& tables, const std::string& document);

} // namespace arbor::log
