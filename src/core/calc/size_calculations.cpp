#include "core/base/units.h"
#include "core/calc/calculations.h"
#include "core/tables/tables.h"

namespace arbor::calc {

namespace {

Result<Values> asMicrometres(const Result<Interval>& limits) {
    if (!limits) return tl::unexpected(limits.error());
    return Values{{"lower_um", limits->lower / kUm}, {"upper_um", limits->upper / kUm}};
}

Result<Values> isoLimits(const Values& in, const tables::Tables& lib) {
    const auto toleranceClass = standards::parseToleranceClass(text(in, "tolerance_class"));
    if (!toleranceClass) return refuse(ProblemCode::UnknownClass, "tolerance_class", text(in, "tolerance_class"));
    const double nominal = number(in, "nominal_mm");
    const auto limits = standards::limitDeviations(lib.iso286, nominal, *toleranceClass);
    if (!limits && limits.error().code == ProblemCode::NotDefined) return Values{{"defined", false}};
    auto out = asMicrometres(limits);
    if (!out) return out;
    (*out)["defined"] = true;
    (*out)["least_mm"] = nominal + limits->lower;
    (*out)["greatest_mm"] = nominal + limits->upper;
    return out;
}

/// Limits of a ring's surface by the table of its kind.
Result<Interval> ringLimits(const std::string& surface, double size, const std::string& ringClass,
                            const tables::Tables& lib) {
    const auto& t = lib.bearingTables;
    if (surface == "bore") return standards::boreDeviation(t, size, ringClass);
    if (surface == "od") return standards::outsideDeviation(t, size, ringClass);
    if (surface == "metric_tapered_bore") return standards::boreDeviation(t, size, "taper " + ringClass);
    if (surface == "metric_tapered_od") return standards::outsideDeviation(t, size, "taper " + ringClass);
    return standards::inchTaperDeviation(t, size, ringClass, surface == "inch_tapered_bore");
}

Result<Values> bearingLimits(const Values& in, const tables::Tables& lib) {
    return asMicrometres(ringLimits(text(in, "surface"), number(in, "size_mm"), text(in, "class"), lib));
}

Result<Values> bearingClearance(const Values& in, const tables::Tables& lib) {
    const auto& t = lib.bearingTables;
    const auto& kind = text(in, "kind");
    const auto& table = kind == "ball" ? t.clearance : kind == "roller" ? t.rollerClearance : t.sphericalClearance;
    const auto limits = standards::radialClearance(table, number(in, "bore_mm"), text(in, "group"));
    if (!limits) return tl::unexpected(limits.error());
    return Values{{"min_um", limits->lower / kUm}, {"max_um", limits->upper / kUm}};
}

Result<Values> interferenceRange(const Values& in, const tables::Tables& lib) {
    const bool bore = text(in, "surface") == "bore";
    const double nominal = number(in, "nominal_mm");
    const auto toleranceClass = standards::parseToleranceClass(text(in, "tolerance_class"));
    if (!toleranceClass) return refuse(ProblemCode::UnknownClass, "tolerance_class", text(in, "tolerance_class"));
    if (toleranceClass->isHole() == bore)
        return refuse(ProblemCode::UnknownClass, "tolerance_class", toleranceClass->text(),
                      bore ? wanted("a shaft class, in small letters") : wanted("a hole class, in capitals"));
    const auto seat = standards::limitDeviations(lib.iso286, nominal, *toleranceClass);
    const auto ring = ringLimits(bore ? "bore" : "od", nominal, text(in, "bearing_class"), lib);
    if (!seat || !ring) return tl::unexpected(!seat ? seat.error() : ring.error());
    const auto& male = bore ? *seat : *ring;
    const auto& female = bore ? *ring : *seat;
    return Values{{"interference_min_um", (male.lower - female.upper) / kUm},
                  {"interference_mid_um", (male.mid() - female.mid()) / kUm},
                  {"interference_max_um", (male.upper - female.lower) / kUm}};
}

} // namespace

std::vector<Calculation> sizeCalculations() {
    const std::pair<std::string, std::string> lower{"lower_um", forReader("lower deviation from the nominal size")},
        upper{"upper_um", forReader("upper deviation")};
    return {
        {"iso_limits",
         forReader("Limits of a tolerance class"),
         {"ISO 286", "tolerance", "deviation", "shaft", "hole"},
         {{"nominal_mm", Kind::Number, forReader("nominal diameter"), {1e-6, 500}},
          {"tolerance_class", Kind::Text, forReader("as written: N7 for a hole, k5 for a shaft")}},
         {lower,
          upper,
          {"least_mm", forReader("least size")},
          {"greatest_mm", forReader("greatest size")},
          {"defined", forReader("the class exists at this size")}},
         "ISO286-1",
         isoLimits},
        {"bearing_limits",
         forReader("Limits of a bearing ring"),
         {"ISO 492", "ring", "bore", "outside", "taper", "tolerance"},
         {{"surface",
           Kind::Choice,
           forReader("which surface"),
           {},
           std::nullopt,
           false,
           {"bore", "od", "metric_tapered_bore", "metric_tapered_od", "inch_tapered_bore", "inch_tapered_od"}},
          {"size_mm", Kind::Number, forReader("its nominal diameter"), {0.6, 2000}},
          {"class",
           Kind::Text,
           forReader("N, 6 or 5; N or 5 of metric tapers; 4, 2, 3, 0 or 00 of inch tapers"),
           {},
           Value("N")}},
         {lower, upper},
         "ISO492",
         bearingLimits},
        {"bearing_clearance",
         forReader("Radial clearance of a bearing as made"),
         {"ISO 5753", "C2", "CN", "C3", "C4", "internal", "play"},
         {{"bore_mm", Kind::Number, forReader("bore of the bearing"), {0.6, 2000}},
          {"group",
           Kind::Choice,
           forReader("clearance group"),
           {},
           Value("CN"),
           false,
           {"C2", forReader("CN"), "C3", "C4"}},
          {"kind",
           Kind::Choice,
           forReader("kind of bearing"),
           {},
           Value("ball"),
           false,
           {"ball", "roller", "spherical"}}},
         {{"min_um", forReader("least")}, {"max_um", forReader("greatest")}},
         "ISO5753-1",
         bearingClearance},
        {"interference_range",
         forReader("Interference of a class against a ring"),
         {"fit", "tight", "loose", "seat"},
         {{"surface",
           Kind::Choice,
           forReader("of the ring: bore on a shaft, od in a housing"),
           {},
           std::nullopt,
           false,
           {"bore", "od"}},
          {"nominal_mm", Kind::Number, forReader("nominal diameter of the seat"), {0.6, 500}},
          {"tolerance_class", Kind::Text, forReader("class of the seat")},
          {"bearing_class", Kind::Text, forReader("N, 6 or 5"), {}, Value("N")}},
         {{"interference_min_um", forReader("loosest pair")},
          {"interference_mid_um", forReader("both at the middle")},
          {"interference_max_um", forReader("tightest pair")}},
         "HB4.1",
         interferenceRange},
    };
}

} // namespace arbor::calc
