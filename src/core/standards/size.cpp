#include "core/standards/size.h"

#include "core/base/number.h"

#include <cmath>

namespace arbor::standards {

SizeSpec onNominal(const SizeSpec& size, double nominal_mm) {
    auto out = size;
    out.nominal_mm = nominal_mm;
    const auto um = [](double mm) { return (mm < 0 ? "" : "+") + plain(std::round(mm * 1e4) / 10); };
    out.typed = plain(nominal_mm) + " " +
                (size.toleranceClass ? size.toleranceClass->text()
                                     : um(size.deviation_mm.upper) + "/" + um(size.deviation_mm.lower) + " um");
    return out;
}

std::string textOf(const SizeSpec& size, double dia_mm) {
    return size.nominal_mm > 0 ? size.typed : onNominal(size, dia_mm).typed;
}

} // namespace arbor::standards
