#include "words/shipped_names.h"

#include "words/language.h"

namespace arbor::words {

namespace {

/// For lupdate, which cannot read data/: a test holds this list against what lies there.
#define QT_TRANSLATE_NOOP(context, text) text
[[maybe_unused]] constexpr const char* kShipped[] = {
    QT_TRANSLATE_NOOP("arbor", "Bearing in a one-shouldered bore, flanged spindle through it"),
    QT_TRANSLATE_NOOP("arbor", "Housing"),
    QT_TRANSLATE_NOOP("arbor", "Two rings"),
    QT_TRANSLATE_NOOP("arbor", "Inner ring"),
    QT_TRANSLATE_NOOP("arbor", "Outer ring"),
    QT_TRANSLATE_NOOP("arbor", "Bearing"),
    QT_TRANSLATE_NOOP("arbor", "Retaining ring"),
    QT_TRANSLATE_NOOP("arbor", "Shield"),
    QT_TRANSLATE_NOOP("arbor", "Flanged spindle"),
    QT_TRANSLATE_NOOP("arbor", "As A, done on the machine with a draw bolt: through bore, sensor in the wall"),
    QT_TRANSLATE_NOOP("arbor", "Flanged hub"),
    QT_TRANSLATE_NOOP("arbor", "Two taper cups in a hub, cones, seal, washer, castle nut and split pin"),
    QT_TRANSLATE_NOOP("arbor", "Hub"),
    QT_TRANSLATE_NOOP("arbor", "Inner cup"),
    QT_TRANSLATE_NOOP("arbor", "Outer cup"),
    QT_TRANSLATE_NOOP("arbor", "Inner cone"),
    QT_TRANSLATE_NOOP("arbor", "Outer cone"),
    QT_TRANSLATE_NOOP("arbor", "Lip seal"),
    QT_TRANSLATE_NOOP("arbor", "Spindle"),
    QT_TRANSLATE_NOOP("arbor", "Tab washer"),
    QT_TRANSLATE_NOOP("arbor", "Castle nut"),
    QT_TRANSLATE_NOOP("arbor", "Split pin"),
    QT_TRANSLATE_NOOP("arbor", "Opposed pair clamped through a fixed spacer"),
    QT_TRANSLATE_NOOP("arbor", "Pulley"),
    QT_TRANSLATE_NOOP("arbor", "Lower cup"),
    QT_TRANSLATE_NOOP("arbor", "Upper cup"),
    QT_TRANSLATE_NOOP("arbor", "Lower cone"),
    QT_TRANSLATE_NOOP("arbor", "Upper cone"),
    QT_TRANSLATE_NOOP("arbor", "Ground spacer"),
    QT_TRANSLATE_NOOP("arbor", "Shaft"),
    QT_TRANSLATE_NOOP("arbor", "Washer"),
    QT_TRANSLATE_NOOP("arbor", "Shaft nut"),
    QT_TRANSLATE_NOOP("arbor", "Two sealed ball bearings in a light roller with a spacer tube between"),
    QT_TRANSLATE_NOOP("arbor", "Roller"),
    QT_TRANSLATE_NOOP("arbor", "Lower bearing"),
    QT_TRANSLATE_NOOP("arbor", "Upper bearing"),
    QT_TRANSLATE_NOOP("arbor", "Spacer tube"),
    QT_TRANSLATE_NOOP("arbor", "Bearing and lock collar on a shaft, retainer plate and seal captive behind them"),
    QT_TRANSLATE_NOOP("arbor", "Retainer plate"),
    QT_TRANSLATE_NOOP("arbor", "Lock collar"),
    QT_TRANSLATE_NOOP("arbor", "Bearing in a carrier plate, then on a shaft with collar and external ring"),
    QT_TRANSLATE_NOOP("arbor", "Carrier plate"),
    QT_TRANSLATE_NOOP("arbor", "Fan shaft"),
    QT_TRANSLATE_NOOP("arbor", "Retaining collar"),
    QT_TRANSLATE_NOOP("arbor", "Adjustable hub with a preassembled seal and wear sleeve"),
    QT_TRANSLATE_NOOP("arbor", "Wear sleeve"),
    QT_TRANSLATE_NOOP("arbor", "Preassembled seal"),
    QT_TRANSLATE_NOOP("arbor", "Adjusting nut"),
    QT_TRANSLATE_NOOP("arbor", "Hub cap"),
    QT_TRANSLATE_NOOP("arbor", "Shaft with its bearing in a tube, held by a ring reached through a hole in the flange"),
    QT_TRANSLATE_NOOP("arbor", "Tube"),
    QT_TRANSLATE_NOOP("arbor", "Flanged shaft"),
    QT_TRANSLATE_NOOP("arbor", "Lip seal, wear sleeve and dust cap on their own"),
    QT_TRANSLATE_NOOP("arbor", "Dust cap"),
    QT_TRANSLATE_NOOP("arbor", "the sensor hole"),
    QT_TRANSLATE_NOOP("arbor", "the drain, gap down"),
    QT_TRANSLATE_NOOP("arbor", "the sensor in the wall"),
    QT_TRANSLATE_NOOP("arbor", "the keyway"),
    QT_TRANSLATE_NOOP("arbor", "the flat on the spindle"),
    QT_TRANSLATE_NOOP("arbor", "the hole in the flange, lugs under it"),
    QT_TRANSLATE_NOOP("arbor", "bearing steel"),
    QT_TRANSLATE_NOOP("arbor", "carbon steel"),
    QT_TRANSLATE_NOOP("arbor", "alloy steel, hardened and tempered"),
    QT_TRANSLATE_NOOP("arbor", "spring steel"),
    QT_TRANSLATE_NOOP("arbor", "cast steel"),
    QT_TRANSLATE_NOOP("arbor", "austenitic stainless steel"),
    QT_TRANSLATE_NOOP("arbor", "martensitic stainless steel"),
    QT_TRANSLATE_NOOP("arbor", "grey cast iron"),
    QT_TRANSLATE_NOOP("arbor", "ductile iron"),
    QT_TRANSLATE_NOOP("arbor", "bronze"),
    QT_TRANSLATE_NOOP("arbor", "brass"),
    QT_TRANSLATE_NOOP("arbor", "cast aluminium"),
    QT_TRANSLATE_NOOP("arbor", "wrought aluminium"),
    QT_TRANSLATE_NOOP("arbor", "oven"),
    QT_TRANSLATE_NOOP("arbor", "hot plate"),
    QT_TRANSLATE_NOOP("arbor", "hot air"),
    QT_TRANSLATE_NOOP("arbor", "induction heater"),
    QT_TRANSLATE_NOOP("arbor", "soft flame"),
    QT_TRANSLATE_NOOP("arbor", "household freezer"),
    QT_TRANSLATE_NOOP("arbor", "chest freezer"),
    QT_TRANSLATE_NOOP("arbor", "solid carbon dioxide"),
    QT_TRANSLATE_NOOP("arbor", "liquid nitrogen"),
    QT_TRANSLATE_NOOP("arbor", "general, grease, up to 1,000 rpm"),
    QT_TRANSLATE_NOOP("arbor", "shaft runs warm"),
    QT_TRANSLATE_NOOP("arbor", "slow and stiff"),
};
#undef QT_TRANSLATE_NOOP

} // namespace

std::string shippedName(const std::string& name) {
    return name.empty() ? name : spoken().translated(name.c_str(), nullptr, -1);
}

} // namespace arbor::words
