#include "core/standards/thread.h"

#include "core/base/csv.h"

#include <numbers>
#include <utility>

namespace arbor::standards {

double Thread::stressArea_mm2() const {
    return std::numbers::pi / 4 * stressDia_mm() * stressDia_mm();
}

Result<Thread> parseThread(const std::string& text) {
    const auto expected = wanted("a metric thread with its pitch, like M20x2.5");
    const auto cross = text.find('x');
    if (text.empty() || text.front() != 'M' || cross == std::string::npos)
        return refuse(ProblemCode::Malformed, "thread", text, expected);
    const auto dia = parseNumber(std::string_view(text).substr(1, cross - 1), "thread");
    const auto pitch = parseNumber(std::string_view(text).substr(cross + 1), "thread");
    if (!dia || !pitch) return refuse(ProblemCode::Malformed, "thread", text, expected);
    const Thread thread{*dia, *pitch};
    if (!(thread.dia_mm > 0 && thread.dia_mm <= 300 && thread.pitch_mm > 0 && thread.coreDia_mm() > thread.dia_mm / 2))
        return refuse(ProblemCode::OutOfRange, "thread", text, expected);
    return thread;
}

std::optional<double> acrossFlats_mm(const Thread& thread) {
    constexpr std::pair<double, double> kFlats[] = {{6, 10},  {8, 13},  {10, 16}, {12, 18}, {14, 21},
                                                    {16, 24}, {18, 27}, {20, 30}, {22, 34}, {24, 36},
                                                    {27, 41}, {30, 46}, {33, 50}, {36, 55}};
    for (const auto& [dia, flats] : kFlats)
        if (dia == thread.dia_mm) return flats;
    return std::nullopt;
}

Result<Strength> parseStrengthClass(const std::string& text) {
    const auto expected = wanted("a strength class like 8.8");
    const auto dot = text.find('.');
    if (dot == std::string::npos || dot + 2 != text.size())
        return refuse(ProblemCode::Malformed, "class", text, expected);
    const auto tensile = parseNumber(std::string_view(text).substr(0, dot), "class");
    const auto ratio = parseNumber(std::string_view(text).substr(dot + 1), "class");
    if (!tensile || !ratio || !(*tensile >= 3 && *tensile <= 14 && *ratio >= 5 && *ratio <= 9))
        return refuse(ProblemCode::Malformed, "class", text, expected);
    return Strength{*tensile * 100, *tensile * *ratio * 10};
}

} // namespace arbor::standards
