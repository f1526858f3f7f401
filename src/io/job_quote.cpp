#include "io/job_quote.h"

#include "core/base/number.h"
#include "core/day/pieces.h"

#include <cmath>

namespace arbor::io {

namespace {

const char* kindName(pay::Line::Kind kind) {
    switch (kind) {
    case pay::Line::Kind::Hours:
        return "hours";
    case pay::Line::Kind::Part:
        return "part";
    case pay::Line::Kind::Job:
        return "job";
    }
    return "";
}

/// In quotes where it has a comma, a quote or a line's end in it. A cell that a spreadsheet would work out is text.
std::string cell(std::string text) {
    if (!text.empty() && std::string_view("=+-@").find(text.front()) != std::string_view::npos) text.insert(0, "'");
    if (text.find_first_of(",\"\n\r") == std::string::npos) return text;
    std::string out = "\"";
    for (const char c : text)
        out += c == '"' ? "\"\"" : std::string(1, c);
    return out + "\"";
}

} // namespace

pay::Quote quoteOfJob(const job::Job& job, const plan::Plan& plan, const tables::Tables& tables,
                      const std::vector<job::Worked>& before, bool taken, const std::string& now) {
    if (taken) return pay::quoteOf(plan.strip, pay::hoursTaken(job.worked), tables.prices);
    const auto date = now.substr(0, 10);
    auto day = day::emptyDay(tables, date, now);
    if (!job.record) day::addJob(day, job, plan, day::Durations(before), date);
    return pay::quoteOf(plan.strip, pay::hoursPlanned(job.worked, day.pieces), tables.prices);
}

std::string quoteCsv(const std::string& job, const pay::Quote& quote, const std::vector<std::string>& named) {
    std::string out = "job,line,kind,what,quantity,unit,price,amount,currency\n";
    for (std::size_t i = 0; i < quote.lines.size(); ++i) {
        const auto& line = quote.lines[i];
        out += cell(job) + "," + std::to_string(i + 1) + "," + kindName(line.kind) + "," + cell(named.at(i)) + "," +
               plain(std::round(line.quantity * 1000) / 1000) + "," + std::string(catalog::name(line.unit)) + "," +
               (line.price ? plain(*line.price) : "") + "," + (line.price ? plain(line.amount()) : "") + "," +
               cell(quote.currency) + "\n";
    }
    return out;
}

} // namespace arbor::io
