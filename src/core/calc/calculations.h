#pragma once

#include "core/calc/calculation.h"

namespace arbor::calc {

std::vector<Calculation> sizeCalculations();    ///< limits of classes and rings, clearances, interference
std::vector<Calculation> jointCalculations();   ///< pressed joints, clearance left, temperature
std::vector<Calculation> thermalCalculations(); ///< cooling, and a ring dropped in
std::vector<Calculation> adjustCalculations();  ///< nuts, pairs, spacers, shims, grease
std::vector<Calculation> benchCalculations();   ///< gauge, breakaway, seat plane, wedging, ratings, grease

// How a calculation reads what evaluate() has checked.
inline double number(const Values& in, const char* name) {
    return std::get<double>(in.at(name));
}
inline std::optional<double> maybe(const Values& in, const char* name) {
    const auto at = in.find(name);
    return at == in.end() ? std::nullopt : std::optional(std::get<double>(at->second));
}
inline const std::string& text(const Values& in, const char* name) {
    return std::get<std::string>(in.at(name));
}
inline const std::vector<double>& numbers(const Values& in, const char* name) {
    return std::get<std::vector<double>>(in.at(name));
}
inline const fit::Elastic& material(const Values& in, const char* name) {
    return std::get<fit::Elastic>(in.at(name));
}

inline const thermal::Conductor& conductor(const Values& in, const char* name) {
    return std::get<thermal::Conductor>(in.at(name));
}

inline constexpr Interval kSize{1e-3, 3000};   // diameters and lengths on a shop press [mm]
inline constexpr Interval kBore{0, 3000};      // where 0 means solid or endless
inline constexpr Interval kMicro{-5000, 5000}; // differences of size [um]
inline constexpr Interval kFinish{0, 100};     // Rz [um]
inline constexpr Interval kTemp{-270, 500};    // [degC]

} // namespace arbor::calc
