#pragma once

#include "core/tooling/search.h"
#include "support/shop.h"

#include <algorithm>

namespace arbor::testing {

/// The load of the demo seat in round figures.
inline const tooling::LoadCase kLoad{3000, 4000, 33000, true};

template <class Kind>
const Advice* find(const AdviceList& list) {
    return findingOf<Kind>(list);
}

inline catalog::Tool made(catalog::ToolKind kind, const char* id, double outside_mm, double bore_mm, double length_mm) {
    catalog::Tool t;
    t.id = id;
    t.kind = kind;
    t.outsideDia_mm = outside_mm;
    t.boreDia_mm = bore_mm;
    t.length_mm = length_mm;
    return t;
}

inline catalog::Tool sleeve(double outside_mm, double bore_mm, double length_mm, double headDia_mm = 0) {
    auto t = made(catalog::ToolKind::Sleeve, "T", outside_mm, bore_mm, length_mm);
    t.headDia_mm = headDia_mm;
    t.headThick_mm = headDia_mm > 0 ? 10 : 0;
    return t;
}

inline const catalog::Press* shopPress() {
    return demoTables().rack.press("P30");
}

} // namespace arbor::testing
