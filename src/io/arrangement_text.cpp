#include "io/arrangement_text.h"

#include "core/base/json_text.h"
#include "core/base/units.h"
#include "io/entry/size_entry.h"
#include "io/json_names.h"

#include <algorithm>
#include <map>
#include <utility>

namespace arbor::io {

namespace {

using arrangement::Arrangement;
using arrangement::BearingFacts;
using arrangement::Bolting;
using arrangement::Feature;
using arrangement::FromCatalogue;
using arrangement::Joint;
using arrangement::LipTask;
using arrangement::Part;
using arrangement::PartKind;
using arrangement::SeatSide;
using arrangement::TypedSize;
using arrangement::WayRound;
using nlohmann::json;
using section::Body;
using section::BodyKind;

constexpr Name<PartKind> kPartKinds[] = {
    {PartKind::Housing, "housing"},
    {PartKind::Shaft, "shaft"},
    {PartKind::Hub, "hub"},
    {PartKind::Bearing, "bearing"},
    {PartKind::Cup, "cup"},
    {PartKind::Cone, "cone"},
    {PartKind::SpacerTube, "spacer_tube"},
    {PartKind::LockCollar, "lock_collar"},
    {PartKind::RetainerPlate, "retainer_plate"},
    {PartKind::Shield, "shield"},
    {PartKind::Seal, "seal"},
    {PartKind::WearSleeve, "wear_sleeve"},
    {PartKind::RetainingRing, "retaining_ring"},
    {PartKind::Washer, "washer"},
    {PartKind::Nut, "nut"},
    {PartKind::Pin, "pin"},
    {PartKind::Cap, "cap"},
    {PartKind::Sensor, "sensor"},
};
constexpr Name<Feature> kFeatures[] = {
    {Feature::Encoder, "encoder"},      {Feature::LargeEnd, "large_end"},     {Feature::SpringSide, "spring_side"},
    {Feature::SharpEdge, "sharp_edge"}, {Feature::CurvedSide, "curved_side"}, {Feature::PilotSide, "pilot_side"},
    {Feature::FlatSide, "flat_side"},   {Feature::FlangeSide, "flange"},
};
constexpr Name<FromCatalogue::Piece> kPieces[] = {{FromCatalogue::Piece::Whole, "whole"},
                                                  {FromCatalogue::Piece::Outer, "outer"},
                                                  {FromCatalogue::Piece::Inner, "inner"}};
constexpr Name<catalog::Side> kSides[] = {{catalog::Side::None, "none"},
                                          {catalog::Side::Down, "down"},
                                          {catalog::Side::Up, "up"},
                                          {catalog::Side::Both, "both"}};
constexpr Name<TypedSize::What> kSizes[] = {
    {TypedSize::What::Outside, "outside"}, {TypedSize::What::Bore, "bore"}, {TypedSize::What::Length, "length"}};
constexpr Name<LipTask> kLipTasks[] = {{LipTask::KeepsIn, "keeps_in"}, {LipTask::KeepsOut, "keeps_out"}};
constexpr Name<bool> kFacing[] = {{true, "up"}, {false, "down"}};

template <class E, std::size_t n>
Result<E> readNamed(const Name<E> (&names)[n], const json& text, const std::string& place) {
    std::string known;
    for (const auto& name : names) {
        if (text == name.text) return name.value;
        known += (known.empty() ? "" : ", ") + std::string(name.text);
    }
    return refuse(ProblemCode::UnknownName, place, text.is_string() ? text.get<std::string>() : text.dump(),
                  wanted("one of {1}", known));
}

section::Hatch hatchOf(const std::string& material) {
    static const std::map<std::string, section::Hatch> hatches{{"grey_cast_iron", section::Hatch::CastIron},
                                                               {"ductile_iron", section::Hatch::CastIron},
                                                               {"aluminium", section::Hatch::Aluminium},
                                                               {"wrought_aluminium", section::Hatch::Aluminium},
                                                               {"bearing_steel", section::Hatch::HardenedSteel},
                                                               {"nitrile", section::Hatch::Polymer},
                                                               {"fluoroelastomer", section::Hatch::Polymer},
                                                               {"polyamide", section::Hatch::Polymer},
                                                               {"polymer", section::Hatch::Polymer}};
    const auto found = hatches.find(material);
    return found == hatches.end() ? section::Hatch::Steel : found->second;
}

/// [from, to, bore, outside], or [from, to, bore below, bore above, outside below, outside above] where it tapers.
Result<section::Slice> readSlice(const json& d, const std::string& place) {
    const bool numbers = d.is_array() && std::all_of(d.begin(), d.end(), [](const json& n) { return n.is_number(); });
    if (!numbers || (d.size() != 4 && d.size() != 6))
        return refuse(ProblemCode::Malformed, place, d.dump(), wanted("[from_mm, to_mm, bore_mm, outside_mm]"));
    const bool tapers = d.size() == 6;
    const double from = d[0], to = d[1];
    const double bore = d[2], boreAbove = d[tapers ? 3 : 2], outside = d[tapers ? 4 : 3],
                 outsideAbove = d[tapers ? 5 : 3];
    if (!(to > from))
        return refuse(ProblemCode::GeometryOrder, place, plain(to), wanted("a height over {1}", plain(from)));
    if (!(bore >= 0 && boreAbove >= 0))
        return refuse(ProblemCode::NotPositive, place, plain(std::min(bore, boreAbove)), wanted("a bore of 0 or more"));
    if (!(outside > bore && outsideAbove > boreAbove))
        return refuse(ProblemCode::GeometryOrder, place, plain(outside), wanted("over the bore {1}", plain(bore)));
    return section::Slice{from, to, bore / 2, boreAbove / 2, outside / 2, outsideAbove / 2};
}

Result<Body> readBody(const json& d, const std::string& id, const std::string& material, const std::string& place) {
    Body body{id, BodyKind::Housing, hatchOf(material)};
    for (const auto& one : d) {
        const auto slice = readSlice(one, place);
        if (!slice) return tl::unexpected(slice.error());
        if (!body.slices.empty() && body.slices.back().zTop != slice->zBottom)
            return refuse(ProblemCode::GeometryOrder, place, plain(slice->zBottom),
                          wanted("slices without gaps, next from {1}", plain(body.slices.back().zTop)));
        body.slices.push_back(*slice);
    }
    if (body.slices.empty()) return refuse(ProblemCode::Missing, place, {}, wanted("one slice or more"));
    return body;
}

/// Appends the bodies of one key; an absent key adds none.
Result<void> readBodies(std::vector<Body>& out, const json& part, const char* key, BodyKind kind,
                        const std::string& place) {
    for (const auto& one : part.value(key, json::array())) {
        auto body = readBody(one, part.at("id"), part.value("material", ""), place + "/" + key);
        if (!body) return tl::unexpected(body.error());
        body->kind = kind;
        out.push_back(std::move(*body));
    }
    return {};
}

BearingFacts readFacts(const json& d) {
    BearingFacts out;
    out.accuracy = d.value("tolerance_class", out.accuracy);
    out.clearanceGroup = d.value("clearance_group", out.clearanceGroup);
    for (const auto& [key, target] : {std::pair{"static_rating_N", &out.staticRating_N},
                                      {"inner_raceway_mm", &out.innerRacewayDia_mm},
                                      {"outer_raceway_mm", &out.outerRacewayDia_mm}})
        if (d.contains(key)) *target = d.at(key).get<double>();
    out.plasticCage = d.value("plastic_cage", false);
    return out;
}

/// Three to five sizes off the calipers, of a bearing that no catalogue has.
Result<catalog::CaliperSizes> readSizes(const json& d, const std::string& place) {
    const auto given = d.at("sizes_mm").get<std::vector<double>>();
    if (given.size() < 3 || given.size() > 5)
        return refuse(ProblemCode::Malformed, place + "/sizes_mm", d.at("sizes_mm").dump(),
                      wanted("[bore, outside, width], and two more where they were measured"));
    const std::string name = d.value("type", "deep_groove_ball");
    const auto type = catalog::bearingType(name);
    if (!type) return refuse(ProblemCode::UnknownName, place + "/type", name, wanted("a type of the catalogue"));
    const auto at = [&](std::size_t i) { return i < given.size() ? given[i] : 0; };
    return catalog::CaliperSizes{*type, at(0), at(1), at(2), at(3), at(4)};
}

Result<FromCatalogue> readCatalogue(const json& d, const std::string& place) {
    if (auto known = onlyKeys(d, {"designation", "piece", "at_mm", "turned", "seals", "encoder", "tolerance_class",
                                  "clearance_group", "static_rating_N", "inner_raceway_mm", "outer_raceway_mm",
                                  "plastic_cage", "type", "sizes_mm"});
        !known)
        return refuse(ProblemCode::UnknownKey, place + "/" + known.error().field);
    FromCatalogue out{d.at("designation")};
    const auto piece = readNamed(kPieces, d.value("piece", "whole"), place + "/piece");
    const auto seals = readNamed(kSides, d.value("seals", "none"), place + "/seals"),
               encoder = readNamed(kSides, d.value("encoder", "none"), place + "/encoder");
    if (!piece) return tl::unexpected(piece.error());
    if (!seals || !encoder) return tl::unexpected(!seals ? seals.error() : encoder.error());
    out.piece = *piece;
    out.dress = {*seals, *encoder};
    out.at_mm = d.at("at_mm");
    out.turned = d.value("turned", false);
    out.facts = readFacts(d);
    if (d.contains("sizes_mm")) {
        const auto sizes = readSizes(d, place);
        if (!sizes) return tl::unexpected(sizes.error());
        out.sizes = *sizes;
    }
    return out;
}

Result<WayRound> readWayRound(const json& d, const std::string& place) {
    if (auto known = onlyKeys(d, {"feature", "faces"}); !known)
        return refuse(ProblemCode::UnknownKey, place + "/" + known.error().field);
    const auto feature = readNamed(kFeatures, d.at("feature"), place + "/feature");
    const auto up = readNamed(kFacing, d.at("faces"), place + "/faces");
    if (!feature) return tl::unexpected(feature.error());
    if (!up) return tl::unexpected(up.error());
    return WayRound{*feature, *up};
}

Result<void> readSection(Part& part, const json& d, const std::string& place) {
    if (auto ok = readBodies(part.bodies, d, "bodies", BodyKind::Housing, place); !ok) return ok;
    if (auto ok = readBodies(part.bodies, d, "elements", BodyKind::RollingElements, place); !ok) return ok;
    if (auto ok = readBodies(part.travelling, d, "travelling", BodyKind::Housing, place); !ok) return ok;
    for (const auto& hangs : d.value("keep_clear", json::array())) {
        auto body = readBody(hangs.at("slices"), hangs.at("label"), "polymer", place + "/keep_clear");
        if (!body) return tl::unexpected(body.error());
        body->kind = BodyKind::KeepClear;
        part.keepClear.push_back(std::move(*body));
    }
    if (d.contains("bearing")) {
        const auto from = readCatalogue(d.at("bearing"), place + "/bearing");
        if (!from) return tl::unexpected(from.error());
        part.catalogue = *from;
        if (!part.bodies.empty())
            return refuse(ProblemCode::Duplicate, place + "/bodies", {},
                          wanted("bodies or a bearing of the catalogue"));
    }
    return {};
}

/// Which sizes somebody typed: [what, body, slice] each.
Result<void> readTyped(Part& part, const json& d, const std::string& place) {
    for (const auto& one : d.value("typed", json::array())) {
        const auto at = place + "/typed";
        if (!one.is_array() || one.size() != 3)
            return refuse(ProblemCode::Malformed, at, one.dump(), wanted("[what, body, step]"));
        const auto what = readNamed(kSizes, one[0], at);
        if (!what) return tl::unexpected(what.error());
        const TypedSize size{*what, one[1].get<std::size_t>(), one[2].get<std::size_t>()};
        if (size.body >= part.bodies.size() || size.slice >= part.bodies[size.body].slices.size())
            return refuse(ProblemCode::OutOfRange, at, one.dump(), wanted("a body and a step of this part"));
        part.typed.push_back(size);
    }
    return {};
}

Result<Part> readPart(const json& d, const std::string& place) {
    if (auto known =
            onlyKeys(d, {"id", "kind", "label", "material", "bodies", "elements", "travelling", "keep_clear",
                         "locked_by", "bearing", "way_round", "lines_up_with", "lip", "once", "lugs", "typed"});
        !known)
        return refuse(ProblemCode::UnknownKey, place + "/" + known.error().field);
    Part part{d.at("id"), {}};
    const auto kind = readNamed(kPartKinds, d.at("kind"), place + "/kind");
    if (!kind) return tl::unexpected(kind.error());
    part.kind = *kind;
    part.label = d.value("label", part.id);
    part.material = d.value("material", "");
    part.lockedBy = d.value("locked_by", std::vector<std::string>{});
    part.linesUpWith = d.value("lines_up_with", "");
    part.once = d.value("once", false);
    part.lugs = d.value("lugs", true);
    if (d.contains("lip")) {
        const auto lip = readNamed(kLipTasks, d.at("lip"), place + "/lip");
        if (!lip) return tl::unexpected(lip.error());
        part.lip = *lip;
    }
    if (d.contains("way_round")) {
        const auto way = readWayRound(d.at("way_round"), place + "/way_round");
        if (!way) return tl::unexpected(way.error());
        part.wayRound = *way;
    }
    if (auto ok = readSection(part, d, place); !ok) return tl::unexpected(ok.error());
    if (auto ok = readTyped(part, d, place); !ok) return tl::unexpected(ok.error());
    return part;
}

/// A class, which holds at whatever diameter the seat has, or a size with limits, as typed.
Result<standards::SizeSpec> readSize(const std::string& typed, bool hole, const std::string& place) {
    auto size = standards::parseToleranceClass(typed)
                    .map([](const auto& read) { return standards::SizeSpec::ofClass(read); })
                    .or_else([&](const auto&) { return parseSize(typed, 0); });
    if (!size)
        return refuse(ProblemCode::UnknownClass, place, typed, wanted("a class as N7, or a size with its limits"));
    if (size->toleranceClass && size->toleranceClass->isHole() != hole)
        return refuse(ProblemCode::UnknownClass, place, typed,
                      hole ? wanted("a hole class, in capitals") : wanted("a shaft class, in small letters"));
    return *size;
}

/// Keys "hole", "hole_mm", "hole_rz_um", and the same of the shaft.
Result<SeatSide> readSide(const json& d, bool hole, const std::string& place) {
    const std::string key = hole ? "hole" : "shaft";
    SeatSide out;
    if (d.contains(key)) {
        const auto size = readSize(d.at(key), hole, place + "/" + key);
        if (!size) return tl::unexpected(size.error());
        out.size = *size;
    }
    if (d.contains(key + "_mm")) {
        const auto& found = d.at(key + "_mm");
        const auto measured = parseMeasured(found.is_string() ? found.get<std::string>() : plain(found));
        if (!measured) return tl::unexpected(at(measured.error(), place + "/" + key + "_mm"));
        out.measured = *measured;
    }
    if (d.contains(key + "_rz_um")) out.rz_mm = d.at(key + "_rz_um").get<double>() * kUm;
    return out;
}

/// A pair of ids, or an object when more is known of the seat.
Result<Joint> readJoint(const json& d, const std::string& place) {
    if (d.is_array()) return Joint{d.at(0), d.at(1)};
    if (auto known = onlyKeys(d, {"outer", "inner", "hole", "shaft", "hole_mm", "shaft_mm", "hole_rz_um", "shaft_rz_um",
                                  "notched", "cut_outs", "fillet_mm"});
        !known)
        return refuse(ProblemCode::UnknownKey, place + "/" + known.error().field);
    const auto hole = readSide(d, true, place), shaft = readSide(d, false, place);
    if (!hole || !shaft) return tl::unexpected(!hole ? hole.error() : shaft.error());
    const int cutOuts = d.value("cut_outs", 0);
    Joint out{d.at("outer"), d.at("inner"), *hole, *shaft, d.value("notched", false) || cutOuts > 0, cutOuts};
    if (d.contains("fillet_mm")) out.fillet_mm = d.at("fillet_mm").get<double>();
    return out;
}

Result<void> readJoints(std::vector<Joint>& out, const json& d, const std::string& key) {
    for (const auto& joint : d.value(key, json::array())) {
        const auto read = readJoint(joint, key + "/" + std::to_string(out.size()));
        if (!read) return tl::unexpected(read.error());
        out.push_back(*read);
    }
    return {};
}

Result<void> readBolts(std::vector<Bolting>& out, const json& d) {
    for (const auto& one : d.value("bolted", json::array())) {
        const auto place = "bolted/" + std::to_string(out.size());
        if (auto known = onlyKeys(one, {"outer", "inner", "count", "thread", "class", "reach_mm"}); !known)
            return refuse(ProblemCode::UnknownKey, place + "/" + known.error().field);
        Bolting bolts{one.at("outer"),  one.at("inner"),           one.at("count"),
                      one.at("thread"), one.value("class", "8.8"), one.value("reach_mm", 0.0)};
        out.push_back(std::move(bolts));
    }
    return {};
}

Result<Arrangement> readArrangement(const json& d) {
    if (!d.is_object()) return refuse(ProblemCode::Malformed, "the whole file", {}, wanted("an object"));
    if (auto known = onlyKeys(
            d, {"format", "version", "id", "title", "shape", "base", "parts", "pressed", "threaded", "bolted"});
        !known)
        return tl::unexpected(known.error());
    if (d.at("format") != "arbor-arrangement")
        return refuse(ProblemCode::Malformed, "format", d.at("format").dump(), wanted("arbor-arrangement"));
    Arrangement out{d.at("id"), d.at("title"), {}, d.value("shape", "")};
    if (out.shape.size() > 1 || (!out.shape.empty() && (out.shape[0] < 'A' || out.shape[0] > 'J')))
        return refuse(ProblemCode::UnknownName, "shape", out.shape, wanted("A to J"));
    auto& a = out.assembly;
    for (std::size_t i = 0; i < d.at("parts").size(); ++i) {
        auto part = readPart(d.at("parts")[i], "parts/" + std::to_string(i));
        if (!part) return tl::unexpected(part.error());
        a.parts.push_back(std::move(*part));
    }
    if (auto ok = readJoints(a.pressed, d, "pressed"); !ok) return tl::unexpected(ok.error());
    if (auto ok = readJoints(a.threaded, d, "threaded"); !ok) return tl::unexpected(ok.error());
    if (auto ok = readBolts(a.bolted, d); !ok) return tl::unexpected(ok.error());
    const std::string base = d.at("base");
    const auto found = arrangement::indexOf(a, base);
    if (!found && !a.parts.empty()) return refuse(ProblemCode::UnknownName, "base", base, wanted("one of the parts"));
    a.base = found.value_or(0);
    return out;
}

json sliceJson(const section::Slice& s) {
    if (s.innerBottom == s.innerTop && s.outerBottom == s.outerTop)
        return {s.zBottom, s.zTop, 2 * s.innerBottom, 2 * s.outerBottom};
    return {s.zBottom, s.zTop, 2 * s.innerBottom, 2 * s.innerTop, 2 * s.outerBottom, 2 * s.outerTop};
}

json bodiesJson(const std::vector<Body>& bodies, bool elements) {
    auto out = json::array();
    for (const auto& body : bodies) {
        if ((body.kind == BodyKind::RollingElements) != elements) continue;
        auto slices = json::array();
        for (auto s : body.slices) {
            s.zBottom += body.z_mm;
            s.zTop += body.z_mm;
            slices.push_back(sliceJson(s));
        }
        out.push_back(slices);
    }
    return out;
}

json catalogueJson(const FromCatalogue& c) {
    json d{{"designation", c.designation}, {"piece", nameOf(kPieces, c.piece)}, {"at_mm", c.at_mm}};
    if (c.turned) d["turned"] = true;
    if (c.dress.seals != catalog::Side::None) d["seals"] = nameOf(kSides, c.dress.seals);
    if (c.dress.encoder != catalog::Side::None) d["encoder"] = nameOf(kSides, c.dress.encoder);
    const auto& facts = c.facts;
    const BearingFacts usual;
    if (facts.accuracy != usual.accuracy) d["tolerance_class"] = facts.accuracy;
    if (facts.clearanceGroup != usual.clearanceGroup) d["clearance_group"] = facts.clearanceGroup;
    if (facts.staticRating_N) d["static_rating_N"] = *facts.staticRating_N;
    if (facts.innerRacewayDia_mm) d["inner_raceway_mm"] = *facts.innerRacewayDia_mm;
    if (facts.outerRacewayDia_mm) d["outer_raceway_mm"] = *facts.outerRacewayDia_mm;
    if (facts.plasticCage) d["plastic_cage"] = true;
    if (const auto& sizes = c.sizes) {
        d["type"] = catalog::knowledge(sizes->type).name;
        d["sizes_mm"] = {sizes->boreDia_mm, sizes->outsideDia_mm, sizes->width_mm, sizes->fourth_mm, sizes->fifth_mm};
    }
    return d;
}

json partJson(const Part& part) {
    json d{{"id", part.id}, {"kind", nameOf(kPartKinds, part.kind)}, {"label", part.label}};
    if (!part.material.empty()) d["material"] = part.material;
    if (part.catalogue) {
        d["bearing"] = catalogueJson(*part.catalogue);
    } else {
        d["bodies"] = bodiesJson(part.bodies, false);
        if (auto elements = bodiesJson(part.bodies, true); !elements.empty()) d["elements"] = elements;
    }
    if (!part.travelling.empty()) d["travelling"] = bodiesJson(part.travelling, false);
    for (const auto& hangs : part.keepClear)
        d["keep_clear"].push_back({{"label", hangs.id}, {"slices", bodiesJson({hangs}, false).front()}});
    if (!part.lockedBy.empty()) d["locked_by"] = part.lockedBy;
    if (part.wayRound)
        d["way_round"] = {{"feature", nameOf(kFeatures, part.wayRound->feature)},
                          {"faces", nameOf(kFacing, part.wayRound->up)}};
    if (!part.linesUpWith.empty()) d["lines_up_with"] = part.linesUpWith;
    if (part.lip) d["lip"] = nameOf(kLipTasks, *part.lip);
    if (part.once) d["once"] = true;
    if (!part.lugs) d["lugs"] = false;
    for (const auto& t : part.typed)
        if (!part.catalogue) d["typed"].push_back({nameOf(kSizes, t.what), t.body, t.slice});
    return d;
}

void sayOf(json& d, const std::string& key, const SeatSide& side) {
    if (side.size) d[key] = side.size->typed;
    if (side.measured) {
        const auto& m = *side.measured;
        const bool bare = m == standards::MeasuredSize{plain(m.value_mm), m.value_mm};
        d[key + "_mm"] = bare ? json(m.value_mm) : json(m.typed);
    }
    if (side.rz_mm) d[key + "_rz_um"] = *side.rz_mm / kUm;
}

json jointsJson(const std::vector<Joint>& joints) {
    auto out = json::array();
    for (const auto& j : joints) {
        json d{{"outer", j.outer}, {"inner", j.inner}};
        sayOf(d, "hole", j.hole);
        sayOf(d, "shaft", j.shaft);
        if (j.notched) d["notched"] = true;
        if (j.cutOuts > 0) d["cut_outs"] = j.cutOuts;
        if (j.fillet_mm) d["fillet_mm"] = *j.fillet_mm;
        out.push_back(d.size() == 2 ? json{j.outer, j.inner} : d);
    }
    return out;
}

json boltsJson(const std::vector<Bolting>& all) {
    auto out = json::array();
    for (const auto& b : all) {
        json d{{"outer", b.outer}, {"inner", b.inner}, {"count", b.count}, {"thread", b.thread}};
        if (b.strengthClass != Bolting{}.strengthClass) d["class"] = b.strengthClass;
        if (b.reach_mm > 0) d["reach_mm"] = b.reach_mm;
        out.push_back(std::move(d));
    }
    return out;
}

} // namespace

Result<Arrangement> parseArrangement(std::string_view text) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    try {
        return readArrangement(*document);
    } catch (const json::exception& error) {
        return tl::unexpected(jsonProblem(error));
    }
}

std::string arrangementText(const Arrangement& a) {
    auto parts = json::array();
    for (const auto& part : a.assembly.parts)
        parts.push_back(partJson(part));
    json d{{"format", "arbor-arrangement"},
           {"version", 1},
           {"id", a.id},
           {"title", a.title},
           {"base", a.assembly.parts.empty() ? std::string() : a.assembly.parts.at(a.assembly.base).id},
           {"parts", parts},
           {"pressed", jointsJson(a.assembly.pressed)},
           {"threaded", jointsJson(a.assembly.threaded)}};
    if (!a.assembly.bolted.empty()) d["bolted"] = boltsJson(a.assembly.bolted);
    if (!a.shape.empty()) d["shape"] = a.shape;
    return d.dump();
}

} // namespace arbor::io
