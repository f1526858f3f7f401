#include "device/instrument_line.h"

#include <array>
#include <charconv>
#include <cmath>
#include <string>

namespace arbor::device {

namespace {

std::string_view nextWord(std::string_view& rest) {
    const auto from = rest.find_first_not_of(" \t\r\n");
    if (from == std::string_view::npos) return rest = {};
    rest.remove_prefix(from);
    const auto word = rest.substr(0, rest.find_first_of(" \t\r\n"));
    rest.remove_prefix(word.size());
    return word;
}

tl::unexpected<Problem> malformed(std::string_view line) {
    return refuse(ProblemCode::Malformed, "instrument line", std::string(line.substr(0, 60)),
                  wanted("press t travel force, temp degC or dial mm"));
}

/// So many numbers and nothing behind them.
template <std::size_t n>
Result<std::array<double, n>> numbers(std::string_view rest, std::string_view line) {
    std::array<double, n> out{};
    for (auto& value : out) {
        const auto word = nextWord(rest);
        const auto [end, error] = std::from_chars(word.data(), word.data() + word.size(), value);
        if (word.empty() || error != std::errc{} || end != word.data() + word.size()) return malformed(line);
        if (!std::isfinite(value)) return refuse(ProblemCode::NotFinite, "instrument line", std::string(line));
    }
    if (!nextWord(rest).empty()) return malformed(line);
    return out;
}

Result<void> within(double value, double lower, double upper, std::string_view line) {
    if (value >= lower && value <= upper) return {};
    return refuse(ProblemCode::OutOfRange, "instrument line", std::string(line),
                  wanted("{1} to {2}", plain(lower), plain(upper)));
}

} // namespace

Result<InstrumentLine> parseInstrumentLine(std::string_view line) {
    auto rest = line;
    const auto kind = nextWord(rest);
    if (kind.empty() || kind.front() == '#') return InstrumentLine{};
    if (kind == "press") {
        const auto v = numbers<3>(rest, line);
        if (!v) return tl::unexpected(v.error());
        for (const auto& [value, most] : {std::pair{(*v)[1], 5e3}, {(*v)[2], 1e8}})
            if (auto ok = within(value, -most, most, line); !ok) return tl::unexpected(ok.error());
        return InstrumentLine{trace::Sample{(*v)[0], (*v)[1], (*v)[2]}};
    }
    if (kind != "temp" && kind != "dial") return malformed(line);
    const auto v = numbers<1>(rest, line);
    if (!v) return tl::unexpected(v.error());
    const bool temp = kind == "temp";
    if (auto ok = within((*v)[0], temp ? -273 : -5e3, temp ? 2000 : 5e3, line); !ok) return tl::unexpected(ok.error());
    return temp ? InstrumentLine{Temperature{(*v)[0]}} : InstrumentLine{Dial{(*v)[0]}};
}

Result<InstrumentLine> readInstrumentLine(const QString& line) {
    const auto text = line.toStdString();
    return parseInstrumentLine(std::string_view(text));
}

} // namespace arbor::device
