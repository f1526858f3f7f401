#include "core/pay/inspection.h"

#include "core/day/clock.h"

#include <algorithm>
#include <charconv>
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

const SpanWords& spanWords() {
    static const SpanWords kWords{{"day", Span::Day},    {"days", Span::Day},    {"week", Span::Week},
                                  {"weeks", Span::Week}, {"month", Span::Month}, {"months", Span::Month},
                                  {"year", Span::Year},  {"years", Span::Year}};
    return kWords;
}

std::optional<std::string> dueDay(const std::string& typed, const std::string& today, const SpanWords& words) {
    if (day::weekdayOf(typed) && typed.size() == 10) return typed;
    int number = 0;
    const char* end = typed.data() + typed.size();
    const auto [at, error] = std::from_chars(typed.data(), end, number);
    constexpr int kMost = 3650;
    if (error != std::errc() || number < 1 || number > kMost) return std::nullopt;
    const auto span = words.find(std::string(std::find_if(at, end, [](char c) { return c != ' '; }), end));
    if (span == words.end()) return std::nullopt;
    constexpr int kWeek = 7, kMonths = 12;
    switch (span->second) {
    case Span::Day:
        return day::dateAfter(today, number, 0);
    case Span::Week:
        return day::dateAfter(today, number * kWeek, 0);
    case Span::Month:
        return day::dateAfter(today, 0, number);
    case Span::Year:
        return day::dateAfter(today, 0, number * kMonths);
    }
    return std::nullopt;
}

} // namespace arbor::pay
