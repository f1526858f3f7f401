#include "core/pay/inspection.h"

#include "core/day/clock.h"

#include <algorithm>
#include <charconv>
#include <chrono>
#include <map>

namespace arbor::pay {

std::vector<Inspection> inspectionsOf(const std::vector<job::Job>& jobs) {
    std::map<std::pair<std::string, std::string>, const job::Job*> latest; // by machine and place
    for (const auto& job : jobs) {
        if (!job.record) continue;
        const auto machine = job.machine.empty() ? job.title : job.machine;
        auto& known = latest[{machine, job.machine.empty() ? std::string() : job.title}];
        if (!known || known->record->when < job.record->when) known = &job;
    }
    std::vector<Inspection> out;
    for (const auto& [key, job] : latest)
        if (!job->closing.nextInspection.empty())
            out.push_back({job->closing.nextInspection, key.first, job->customer, job->id, job->title});
    std::sort(out.begin(), out.end(), [](const Inspection& a, const Inspection& b) {
        return std::tie(a.due, a.machine) < std::tie(b.due, b.machine);
    });
    return out;
}

std::optional<std::string> dueDay(const std::string& typed, const std::string& today) {
    if (day::weekdayOf(typed) && typed.size() == 10) return typed;
    int number = 0;
    const char* end = typed.data() + typed.size();
    const auto [at, error] = std::from_chars(typed.data(), end, number);
    constexpr int kMost = 3650;
    if (error != std::errc() || number < 1 || number > kMost) return std::nullopt;
    auto unit = std::string(at, end);
    unit.erase(0, unit.find_first_not_of(' '));
    constexpr int kWeek = 7, kHours = 24;
    if (unit.starts_with("day")) return day::instantOf(number * kHours * 60, today).substr(0, 10);
    if (unit.starts_with("week")) return day::instantOf(number * kWeek * kHours * 60, today).substr(0, 10);
    const bool year = unit.starts_with("year");
    if (!year && !unit.starts_with("month")) return std::nullopt;
    int y = 0, m = 0, d = 0;
    std::from_chars(today.data(), today.data() + 4, y);
    std::from_chars(today.data() + 5, today.data() + 7, m);
    std::from_chars(today.data() + 8, today.data() + 10, d);
    using namespace std::chrono;
    auto due = year_month_day(std::chrono::year(y), std::chrono::month(static_cast<unsigned>(m)),
                              std::chrono::day(static_cast<unsigned>(d))) +
               months(year ? 12 * number : number);
    if (!due.ok()) due = due.year() / due.month() / last; // the thirty-first of a shorter month
    const auto days = (sys_days(due) - sys_days(std::chrono::year(y) / m / d)).count();
    return day::instantOf(static_cast<int>(days) * day::kDay, today).substr(0, 10);
}

} // namespace arbor::pay
