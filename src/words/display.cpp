#include "words/display.h"

#include "core/base/units.h"

#include <cmath>
#include <fmt/format.h>

namespace arbor::words {

namespace {

constexpr double kNewtonPerLbf = 4.4482216152605;
constexpr double kMPaPerPsi = 0.006894757293168;
constexpr double kNmPerLbfFt = 1.3558179483314;

std::string range(double least, double most, int places) {
    return decimals(least, places) + "…" + decimals(most, places);
}

std::string trimmedZeros(std::string text) {
    if (text.find('.') == std::string::npos) return text;
    text.erase(text.find_last_not_of('0') + 1);
    if (text.back() == '.') text.pop_back();
    return text;
}

int forcePlaces(double shown) {
    return std::abs(shown) < 10 ? 2 : std::abs(shown) < 100 ? 1 : 0;
}

} // namespace

std::string decimals(double value, int places) {
    auto text = fmt::format("{:.{}f}", std::abs(value), places);
    const bool zero = text.find_first_not_of("0.") == std::string::npos;
    return value < 0 && !zero ? "−" + text : text;
}

std::string percent(double share) {
    const double p = share * 100;
    return decimals(p, p > 0 && p < 10 ? 1 : 0) + " %";
}

std::string figures(double value) {
    const double size = std::abs(value);
    return decimals(value, size < 1 ? 2 : size < 100 ? 1 : 0);
}

Quantity Display::size(double value_mm) const {
    if (inch()) return {decimals(sizeValue(value_mm), 4), "in"};
    return {trimmedZeros(decimals(value_mm, 3)), "mm"};
}

Quantity Display::reading(double value_mm) const {
    return inch() ? size(value_mm) : Quantity{decimals(value_mm, 3), "mm"};
}

Quantity Display::fine(double value_mm) const {
    if (inch()) return {decimals(fineValue(value_mm), 2), "thou"};
    const double um = fineValue(value_mm);
    return {decimals(um, std::abs(um) < 10 ? 1 : 0), "µm"};
}

Quantity Display::force(double value_N) const {
    const double shown = forceValue(value_N);
    return {decimals(shown, inch() ? 0 : forcePlaces(shown)), inch() ? "lbf" : "kN"};
}

Quantity Display::pressure(double value_MPa) const {
    return inch() ? Quantity{decimals(value_MPa / kMPaPerPsi, 0), "psi"} : Quantity{figures(value_MPa), "MPa"};
}

Quantity Display::temperature(double value_C) const {
    return inch() ? Quantity{decimals(value_C * 1.8 + 32, 0), "°F"} : Quantity{decimals(value_C, 0), "°C"};
}

Quantity Display::torque(double value_Nm) const {
    return inch() ? Quantity{figures(value_Nm / kNmPerLbfFt), "lbf·ft"} : Quantity{figures(value_Nm), "N·m"};
}

double Display::torqueTyped_Nm(double typed) const {
    return inch() ? typed * kNmPerLbfFt : typed;
}

Quantity Display::gauge(double reading, catalog::GaugeUnit unit) const {
    switch (unit) {
    case catalog::GaugeUnit::Bar:
        return {decimals(reading, 0), "bar"};
    case catalog::GaugeUnit::MegaPascal:
        return {decimals(reading, 1), "MPa"};
    case catalog::GaugeUnit::Psi:
        return {decimals(reading, 0), "psi"};
    case catalog::GaugeUnit::TonneForce:
        return {decimals(reading, 2), "tf"};
    case catalog::GaugeUnit::ShortTon:
        return {decimals(reading, 2), "ton"};
    }
    return {};
}

double Display::fineValue(double value_mm) const {
    return inch() ? value_mm / kMmPerInch * 1000 : value_mm * 1000;
}
double Display::sizeValue(double value_mm) const {
    return inch() ? value_mm / kMmPerInch : value_mm;
}
double Display::forceValue(double value_N) const {
    return inch() ? value_N / kNewtonPerLbf : value_N / 1000;
}

std::string Display::fineRange(double least_mm, double most_mm) const {
    return range(fineValue(least_mm), fineValue(most_mm), inch() ? 2 : 1);
}

std::string Display::forceRange(double least_N, double most_N) const {
    const double most = forceValue(most_N);
    return range(forceValue(least_N), most, inch() ? 0 : forcePlaces(most));
}

std::string Display::unitsLine() const {
    return inch() ? "in · lbf · °F" : "mm · kN · °C";
}

std::string toolSizes(const catalog::Tool& tool, const Display& display) {
    auto text = "Ø" + display.size(tool.outsideDia_mm).number;
    if (tool.boreDia_mm > 0) text += " / " + display.size(tool.boreDia_mm).number;
    return text + " × " + display.size(tool.length_mm).number;
}

} // namespace arbor::words
