#include "words/arrangement_words.h"

#include <algorithm>
#include <cmath>
#include <sstream>
#include <utility>

namespace arbor::words {

namespace {

using arrangement::Assembly;
using arrangement::Feature;
using arrangement::Joint;
using arrangement::PartKind;

constexpr std::pair<PartKind, const char*> kKinds[] = {
    {PartKind::Housing, "housing"},
    {PartKind::Shaft, "shaft"},
    {PartKind::Hub, "hub"},
    {PartKind::Bearing, "bearing"},
    {PartKind::Cup, "cup"},
    {PartKind::Cone, "cone"},
    {PartKind::SpacerTube, "spacer tube"},
    {PartKind::LockCollar, "lock collar"},
    {PartKind::RetainerPlate, "retainer plate"},
    {PartKind::Shield, "shield"},
    {PartKind::Seal, "seal"},
    {PartKind::WearSleeve, "wear sleeve"},
    {PartKind::RetainingRing, "retaining ring"},
    {PartKind::Washer, "washer"},
    {PartKind::Nut, "nut"},
    {PartKind::Pin, "pin"},
    {PartKind::Cap, "cap"},
};

constexpr std::pair<Feature, const char*> kFeatures[] = {
    {Feature::Encoder, "encoder"},      {Feature::LargeEnd, "large end"},     {Feature::SpringSide, "spring side"},
    {Feature::SharpEdge, "sharp edge"}, {Feature::CurvedSide, "curved side"}, {Feature::PilotSide, "pilot side"},
};

Problem unknownSeat(const std::string& typed) {
    return {ProblemCode::UnknownClass, "seat", typed,
            "loose, pressed, screwed, or classes as N7, k6, H7/s6, measured as hole 61.978"};
}

void part(std::vector<Joint>& joints, const std::string& outer, const std::string& inner) {
    std::erase_if(joints, [&](const Joint& j) { return j.outer == outer && j.inner == inner; });
}

/// A measured size; within 1 % of the seat, or it is another seat's.
Result<double> measuredSize(const std::string& word, double dia_mm, const std::string& typed) {
    double size = 0;
    std::istringstream text(word);
    if (!(text >> size) || !text.eof()) return tl::unexpected(unknownSeat(typed));
    if (!(std::abs(size - dia_mm) <= 0.01 * dia_mm))
        return refuse(ProblemCode::OutOfRange, "seat", word, "within 1 % of " + plain(dia_mm) + " mm");
    return size;
}

/// A seat without what its line says: limits as typed, finish and gauge stay, for the line has no words for them.
Joint unsaid(Joint joint, const std::string& typed) {
    joint.notched = false;
    for (const bool hole : {true, false}) {
        auto& side = joint.side(hole);
        if (side.size && side.size->toleranceClass) side.size.reset();
        if (typed.find(hole ? "hole" : "shaft") == std::string::npos) side.measured.reset();
    }
    return joint;
}

Result<Joint> parseClasses(Joint joint, double dia_mm, const std::string& typed) {
    std::string text = typed;
    std::replace(text.begin(), text.end(), '/', ' ');
    std::istringstream words(text);
    for (std::string word; words >> word;) {
        if (word == "pressed") continue;
        if (word == "notched") {
            joint.notched = true;
        } else if (word == "hole" || word == "shaft") {
            std::string number;
            words >> number;
            const auto size = measuredSize(number, dia_mm, typed);
            if (!size) return tl::unexpected(size.error());
            auto& measured = joint.side(word == "hole").measured;
            if (!measured || measured->value_mm != *size) measured = standards::MeasuredSize{plain(*size), *size};
        } else {
            const auto read = standards::parseToleranceClass(word);
            if (!read) return tl::unexpected(unknownSeat(typed));
            auto& size = joint.side(read->isHole()).size;
            if (size && size->toleranceClass) return tl::unexpected(unknownSeat(typed));
            size = standards::SizeSpec::ofClass(*read);
        }
    }
    return joint;
}

} // namespace

std::string kindName(PartKind kind) {
    for (const auto& [value, name] : kKinds)
        if (value == kind) return name;
    return {};
}

std::vector<PartKind> allKinds() {
    std::vector<PartKind> out;
    for (const auto& [value, name] : kKinds)
        out.push_back(value);
    return out;
}

std::string seatText(const Assembly& a, std::size_t outer, std::size_t inner) {
    const auto &out = a.parts[outer].id, &in = a.parts[inner].id;
    if (arrangement::jointOf(a.threaded, out, in)) return "screwed";
    const auto* joint = arrangement::jointOf(a.pressed, out, in);
    if (!joint) return "loose";
    std::string text;
    for (const bool hole : {true, false})
        if (const auto& size = joint->side(hole).size; size && size->toleranceClass)
            text += (text.empty() ? "" : "/") + size->toleranceClass->text();
    if (text.empty()) text = "pressed";
    for (const bool hole : {true, false})
        if (const auto& measured = joint->side(hole).measured)
            text += (hole ? " hole " : " shaft ") + plain(measured->value_mm);
    return joint->notched ? text + " notched" : text;
}

Result<Assembly> withSeat(const Assembly& assembly, std::size_t outer, std::size_t inner, const std::string& typed) {
    auto out = assembly;
    const auto &outerId = assembly.parts[outer].id, &innerId = assembly.parts[inner].id;
    const auto* was = arrangement::jointOf(assembly.pressed, outerId, innerId);
    auto joint = was ? unsaid(*was, typed) : Joint{outerId, innerId};
    part(out.pressed, outerId, innerId);
    part(out.threaded, outerId, innerId);
    if (typed.empty() || typed == "loose") return out;
    if (typed == "screwed") {
        out.threaded.push_back({outerId, innerId});
        return out;
    }
    const auto touch = arrangement::touchOf(assembly.parts[outer], assembly.parts[inner]);
    const auto read = parseClasses(joint, touch ? touch->dia_mm : 0, typed);
    if (!read) return tl::unexpected(read.error());
    out.pressed.push_back(*read);
    return out;
}

std::string wayRoundText(const arrangement::Part& p) {
    if (!p.wayRound) return {};
    for (const auto& [feature, name] : kFeatures)
        if (feature == p.wayRound->feature) return std::string(name) + (p.wayRound->up ? " up" : " down");
    return {};
}

Result<std::optional<arrangement::WayRound>> parseWayRound(const std::string& typed) {
    if (typed.empty()) return std::optional<arrangement::WayRound>{};
    std::string known;
    for (const auto& [feature, name] : kFeatures) {
        for (const bool up : {true, false})
            if (typed == std::string(name) + (up ? " up" : " down"))
                return std::optional(arrangement::WayRound{feature, up});
        known += std::string(name) + ", ";
    }
    return refuse(ProblemCode::UnknownName, "way round", typed, known + "then up or down");
}

} // namespace arbor::words
