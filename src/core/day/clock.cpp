#include "core/day/clock.h"

#include <charconv>
#include <chrono>
#include <cmath>

namespace arbor::day {

namespace {

std::optional<int> numberAt(const std::string& text, std::size_t from, std::size_t count) {
    if (text.size() < from + count) return std::nullopt;
    int out = 0;
    const char* end = text.data() + from + count;
    return std::from_chars(text.data() + from, end, out).ptr == end ? std::optional(out) : std::nullopt;
}

std::optional<std::chrono::sys_days> dayOf(const std::string& text) {
    const auto year = numberAt(text, 0, 4), month = numberAt(text, 5, 2), day = numberAt(text, 8, 2);
    if (!year || !month || !day) return std::nullopt;
    const std::chrono::year_month_day date{std::chrono::year(*year), std::chrono::month(static_cast<unsigned>(*month)),
                                           std::chrono::day(static_cast<unsigned>(*day))};
    return date.ok() ? std::optional(std::chrono::sys_days(date)) : std::nullopt;
}

std::string twoFigures(int number) {
    return {static_cast<char>('0' + number / 10 % 10), static_cast<char>('0' + number % 10)};
}

std::string dateText(const std::chrono::year_month_day& day) {
    const int year = static_cast<int>(day.year());
    return twoFigures(year / 100) + twoFigures(year) + "-" +
           twoFigures(static_cast<int>(static_cast<unsigned>(day.month()))) + "-" +
           twoFigures(static_cast<int>(static_cast<unsigned>(day.day())));
}

} // namespace

std::optional<Minute> minuteOf(const std::string& instant, const std::string& date) {
    const auto day = dayOf(instant), zero = dayOf(date);
    const auto hour = numberAt(instant, 11, 2), minute = numberAt(instant, 14, 2);
    if (!day || !zero || !hour || !minute) return std::nullopt;
    return static_cast<Minute>((*day - *zero).count()) * kDay + *hour * 60 + *minute;
}

std::string instantOf(Minute minute, const std::string& date) {
    const auto zero = dayOf(date).value_or(std::chrono::sys_days{});
    const int days = static_cast<int>(std::floor(static_cast<double>(minute) / kDay)), left = minute - days * kDay;
    return dateText(zero + std::chrono::days(days)) + "T" + twoFigures(left / 60) + ":" + twoFigures(left % 60) + ":00";
}

std::optional<std::string> dateAfter(const std::string& date, int days, int months) {
    const auto from = dayOf(date);
    if (!from) return std::nullopt;
    auto out = std::chrono::year_month_day(*from) + std::chrono::months(months);
    if (!out.ok()) out = out.year() / out.month() / std::chrono::last;
    return dateText(std::chrono::sys_days(out) + std::chrono::days(days));
}

std::optional<int> weekdayOf(const std::string& date) {
    const auto day = dayOf(date);
    return day ? std::optional(static_cast<int>(std::chrono::weekday(*day).c_encoding())) : std::nullopt;
}

} // namespace arbor::day
