#include "words/display.h"

#include "core/base/units.h"
#include "words/language.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <utility>

namespace arbor::words {

namespace {

constexpr double kNewtonPerLbf = 4.4482216152605;
constexpr double kMPaPerPsi = 0.006894757293168;
constexpr double kNmPerLbfFt = 1.3558179483314;

constexpr double kSizeStep_in = 0.00005, kFineStep_thou = 0.005; // a micrometre and a tenth of one, near enough

double toStep(double value, double step) {
    return std::round(value / step) * step;
}

std::string trimmedZeros(std::string text) {
    const char point = spoken().decimalPoint();
    if (text.find(point) == std::string::npos) return text;
    text.erase(text.find_last_not_of('0') + 1);
    if (text.back() == point) text.pop_back();
    return text;
}

int forcePlaces(double shown) {
    return std::abs(shown) < 10 ? 2 : std::abs(shown) < 100 ? 1 : 0;
}

constexpr double kLeast_kN = 0.05, kLeast_lbf = 10; // no press or wrench tells less

int gaugePlaces(catalog::GaugeUnit unit) {
    switch (unit) {
    case catalog::GaugeUnit::Bar:
    case catalog::GaugeUnit::MegaPascal:
        return 1;
    case catalog::GaugeUnit::Psi:
        return 0;
    case catalog::GaugeUnit::TonneForce:
    case catalog::GaugeUnit::ShortTon:
        return 2;
    }
    return 0;
}

const char* gaugeUnitName(catalog::GaugeUnit unit) {
    switch (unit) {
    case catalog::GaugeUnit::Bar:
        return "bar";
    case catalog::GaugeUnit::MegaPascal:
        return "MPa";
    case catalog::GaugeUnit::Psi:
        return "psi";
    case catalog::GaugeUnit::TonneForce:
        return "tf";
    case catalog::GaugeUnit::ShortTon:
        return "ton";
    }
    return "";
}

std::string under(const std::string& number) {
    return tr("under {number}").with("number", number);
}

/// Never a zero for what is not nothing: "under 0.1".
std::string orUnder(double value, int places) {
    const double least = std::pow(10.0, -places);
    return value > 0 && value < least / 2 ? under(decimals(least, places)) : decimals(value, places);
}

} // namespace

std::string decimals(double value, int places) {
    auto text = fmt::format("{:.{}f}", std::abs(value), places);
    const bool zero = text.find_first_not_of("0.") == std::string::npos;
    if (const auto point = text.find('.'); point != std::string::npos) text[point] = spoken().decimalPoint();
    return value < 0 && !zero ? "−" + text : text;
}

std::string rounded(double value, std::string_view unit) {
    static constexpr std::pair<std::string_view, int> kPlaces[] = {
        {"mm", 3}, {"um", 1}, {"degC", 1}, {"deg", 2}, {"arcmin", 2}};
    for (const auto& [name, places] : kPlaces)
        if (unit == name && (value == 0 || std::abs(value) >= 0.5 * std::pow(10.0, -places)))
            return decimals(value, places);
    if (value == 0) return "0";
    return decimals(value, std::clamp(3 - static_cast<int>(std::floor(std::log10(std::abs(value)))), 0, 12));
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
    if (inch()) return {decimals(toStep(sizeValue(value_mm), kSizeStep_in), 5), "in"};
    return {trimmedZeros(decimals(value_mm, 3)), "mm"};
}

Quantity Display::reading(double value_mm) const {
    return inch() ? size(value_mm) : Quantity{decimals(value_mm, 3), "mm"};
}

Quantity Display::travel(double value_mm) const {
    return inch() ? Quantity{decimals(sizeValue(value_mm), 2), "in"} : Quantity{decimals(value_mm, 1), "mm"};
}

Quantity Display::fine(double value_mm) const {
    if (inch()) return {decimals(toStep(fineValue(value_mm), kFineStep_thou), 3), "thou"};
    return {decimals(fineValue(value_mm), 1), "µm"};
}

Quantity Display::force(double value_N) const {
    const double shown = forceValue(value_N), least = inch() ? kLeast_lbf : kLeast_kN;
    const char* unit = inch() ? "lbf" : "kN";
    if (shown == 0) return {"0", unit};
    if (std::abs(shown) < least) return {under(decimals(least, inch() ? 0 : 2)), unit};
    return {decimals(shown, inch() ? 0 : forcePlaces(shown)), unit};
}

Quantity Display::pressure(double value_MPa) const {
    return inch() ? Quantity{decimals(value_MPa / kMPaPerPsi, 0), "psi"} : Quantity{figures(value_MPa), "MPa"};
}

Quantity Display::temperature(double value_C) const {
    return inch() ? Quantity{decimals(value_C * 1.8 + 32, 0), "°F"} : Quantity{decimals(value_C, 0), "°C"};
}

Quantity Display::temperatureRise(double value_K) const {
    return inch() ? Quantity{decimals(value_K * 1.8, 0), "°F"} : Quantity{decimals(value_K, 0), "K"};
}

double Display::riseTyped_K() const {
    return inch() ? 1 / 1.8 : 1;
}
double Display::capacityTyped_N() const {
    return inch() ? kNewtonPerLbf : 1;
}
double Display::areaTyped_mm2() const {
    return inch() ? kMmPerInch * kMmPerInch : 1;
}
std::string Display::capacityUnit() const {
    return inch() ? "lbf" : "N";
}
std::string Display::areaUnit() const {
    return inch() ? "in²" : "mm²";
}

Quantity Display::torque(double value_Nm) const {
    return inch() ? Quantity{figures(value_Nm / kNmPerLbfFt), "lbf·ft"} : Quantity{figures(value_Nm), "N·m"};
}

double Display::torqueTyped_Nm(double typed) const {
    return inch() ? typed * kNmPerLbfFt : typed;
}

Quantity Display::gauge(double reading, catalog::GaugeUnit unit) const {
    return {orUnder(reading, gaugePlaces(unit)), gaugeUnitName(unit)};
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
    return fine(least_mm).number + "…" + fine(most_mm).number;
}

std::string Display::forceRange(double least_N, double most_N) const {
    const double least = forceValue(least_N), most = forceValue(most_N);
    const double smallest = inch() ? kLeast_lbf : kLeast_kN;
    if (std::abs(most) < smallest) return force(most_N).number;
    const int places = inch() ? 0 : forcePlaces(most);
    return (std::abs(least) < smallest ? std::string("0") : decimals(least, places)) + "…" + decimals(most, places);
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
