#include "words/arrangement_words.h"

#include "core/standards/thread.h"
#include "words/language.h"
#include "words/order_words.h"
#include "words/shipped_names.h"

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

/// A word of the arrangement's lines: as files and programs have it, and as the reader writes it. Both are read.
struct Word {
    const char* english;
    std::string shown;
    bool is(const std::string& typed) const { return typed == english || typed == shown; }
};
struct LineWords {
    Word loose{"loose", tr("loose")}, pressed{"pressed", tr("pressed")}, screwed{"screwed", tr("screwed")},
        notched{"notched", tr("notched")}, fillet{"fillet", tr("fillet")}, hole{"hole", tr("hole")},
        shaft{"shaft", tr("shaft")};
};

/// A side of a part with the way it faces.
struct FeatureWords {
    Feature feature;
    bool up;
    Word word;
};
std::vector<FeatureWords> featureWords() {
    return {{Feature::Encoder, true, {"encoder up", tr("encoder up")}},
            {Feature::Encoder, false, {"encoder down", tr("encoder down")}},
            {Feature::LargeEnd, true, {"large end up", tr("large end up")}},
            {Feature::LargeEnd, false, {"large end down", tr("large end down")}},
            {Feature::SpringSide, true, {"spring side up", tr("spring side up")}},
            {Feature::SpringSide, false, {"spring side down", tr("spring side down")}},
            {Feature::SharpEdge, true, {"sharp edge up", tr("sharp edge up")}},
            {Feature::SharpEdge, false, {"sharp edge down", tr("sharp edge down")}},
            {Feature::CurvedSide, true, {"curved side up", tr("curved side up")}},
            {Feature::CurvedSide, false, {"curved side down", tr("curved side down")}},
            {Feature::PilotSide, true, {"pilot side up", tr("pilot side up")}},
            {Feature::PilotSide, false, {"pilot side down", tr("pilot side down")}},
            {Feature::FlatSide, true, {"flat side up", tr("flat side up")}},
            {Feature::FlatSide, false, {"flat side down", tr("flat side down")}},
            {Feature::FlangeSide, true, {"flange up", tr("flange up")}},
            {Feature::FlangeSide, false, {"flange down", tr("flange down")}}};
}

constexpr double kLargestFillet_mm = 30; // of any shoulder a ring is pressed against

Problem unknownSeat(const std::string& typed) {
    return {ProblemCode::UnknownClass, "seat", typed,
            wanted("loose, pressed, screwed, or classes as N7, k6, H7/s6, measured as hole 61.978, fillet 1")};
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
        return refuse(ProblemCode::OutOfRange, "seat", word, wanted("within 1 % of {1} mm", plain(dia_mm)));
    return size;
}

/// A seat without what its line says: limits as typed, finish and gauge stay, for the line has no words for them.
Joint unsaid(Joint joint, const std::string& typed) {
    const LineWords words;
    joint.notched = false;
    joint.cutOuts = 0;
    joint.fillet_mm.reset();
    for (const bool hole : {true, false}) {
        auto& side = joint.side(hole);
        if (side.size && side.size->toleranceClass) side.size.reset();
        const auto& word = hole ? words.hole : words.shaft;
        const bool said = typed.find(word.english) != std::string::npos || typed.find(word.shown) != std::string::npos;
        if (!said) side.measured.reset();
    }
    return joint;
}

/// A number that follows, where one does; what is no number is left for the next word.
int countAfter(std::istringstream& words) {
    const auto before = words.tellg();
    int count = 0;
    if (before >= 0 && words >> count && count > 0 && count <= 12) return count;
    words.clear();
    if (before >= 0) words.seekg(before);
    return 0;
}

Result<Joint> parseClasses(Joint joint, double dia_mm, const std::string& typed) {
    std::string text = typed;
    std::replace(text.begin(), text.end(), '/', ' ');
    const LineWords known;
    std::istringstream words(text);
    for (std::string word; words >> word;) {
        if (known.pressed.is(word)) continue;
        if (known.notched.is(word)) {
            joint.notched = true;
            joint.cutOuts = countAfter(words);
        } else if (known.fillet.is(word)) {
            double radius = 0;
            if (!(words >> radius) || !(radius > 0 && radius <= kLargestFillet_mm))
                return refuse(ProblemCode::OutOfRange, "fillet", typed,
                              wanted("a radius over 0, up to {1} mm", plain(kLargestFillet_mm)));
            joint.fillet_mm = radius;
        } else if (known.hole.is(word) || known.shaft.is(word)) {
            std::string number;
            words >> number;
            const auto size = measuredSize(number, dia_mm, typed);
            if (!size) return tl::unexpected(size.error());
            auto& measured = joint.side(known.hole.is(word)).measured;
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
    switch (kind) {
    case PartKind::Housing:
        return tr("housing");
    case PartKind::Shaft:
        return tr("shaft");
    case PartKind::Hub:
        return tr("hub");
    case PartKind::Bearing:
        return tr("bearing");
    case PartKind::Cup:
        return tr("cup");
    case PartKind::Cone:
        return tr("cone");
    case PartKind::SpacerTube:
        return tr("spacer tube");
    case PartKind::LockCollar:
        return tr("lock collar");
    case PartKind::RetainerPlate:
        return tr("retainer plate");
    case PartKind::Shield:
        return tr("shield");
    case PartKind::Seal:
        return tr("seal");
    case PartKind::WearSleeve:
        return tr("wear sleeve");
    case PartKind::RetainingRing:
        return tr("retaining ring");
    case PartKind::Washer:
        return tr("washer");
    case PartKind::Nut:
        return tr("nut");
    case PartKind::Pin:
        return tr("pin", "part");
    case PartKind::Cap:
        return tr("cap");
    case PartKind::Sensor:
        return tr("sensor");
    }
    return {};
}

std::vector<PartKind> allKinds() {
    return {PartKind::Housing, PartKind::Shaft,      PartKind::Hub,           PartKind::Bearing,       PartKind::Cup,
            PartKind::Cone,    PartKind::SpacerTube, PartKind::LockCollar,    PartKind::RetainerPlate, PartKind::Shield,
            PartKind::Seal,    PartKind::WearSleeve, PartKind::RetainingRing, PartKind::Washer,        PartKind::Nut,
            PartKind::Pin,     PartKind::Cap,        PartKind::Sensor};
}

std::string seatText(const Assembly& a, std::size_t outer, std::size_t inner) {
    const auto &out = a.parts[outer].id, &in = a.parts[inner].id;
    const LineWords words;
    if (arrangement::jointOf(a.threaded, out, in)) return words.screwed.shown;
    const auto* joint = arrangement::jointOf(a.pressed, out, in);
    if (!joint) return words.loose.shown;
    std::string text;
    for (const bool hole : {true, false})
        if (const auto& size = joint->side(hole).size; size && size->toleranceClass)
            text += (text.empty() ? "" : "/") + size->toleranceClass->text();
    if (text.empty()) text = words.pressed.shown;
    for (const bool hole : {true, false})
        if (const auto& measured = joint->side(hole).measured)
            text += " " + (hole ? words.hole : words.shaft).shown + " " + plain(measured->value_mm);
    if (joint->notched) text += " " + words.notched.shown;
    if (joint->cutOuts > 0) text += " " + std::to_string(joint->cutOuts);
    if (joint->fillet_mm) text += " " + words.fillet.shown + " " + plain(*joint->fillet_mm);
    return text;
}

Result<Assembly> withSeat(const Assembly& assembly, std::size_t outer, std::size_t inner, const std::string& typed) {
    auto out = assembly;
    const auto &outerId = assembly.parts[outer].id, &innerId = assembly.parts[inner].id;
    const auto* was = arrangement::jointOf(assembly.pressed, outerId, innerId);
    auto joint = was ? unsaid(*was, typed) : Joint{outerId, innerId};
    part(out.pressed, outerId, innerId);
    part(out.threaded, outerId, innerId);
    const LineWords words;
    if (typed.empty() || words.loose.is(typed)) return out;
    if (words.screwed.is(typed)) {
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
    for (const auto& w : featureWords())
        if (w.feature == p.wayRound->feature && w.up == p.wayRound->up) return w.word.shown;
    return {};
}

Result<std::optional<arrangement::WayRound>> parseWayRound(const std::string& typed) {
    if (typed.empty()) return std::optional<arrangement::WayRound>{};
    std::string known;
    for (const auto& w : featureWords()) {
        if (w.word.is(typed)) return std::optional(arrangement::WayRound{w.feature, w.up});
        known += (known.empty() ? "" : ", ") + w.word.shown;
    }
    return refuse(ProblemCode::UnknownName, tr("way round"), typed, asListed(known));
}

namespace {

struct LipWords {
    Word in{"keeps in", tr("keeps in")}, out{"keeps out", tr("keeps out")};
};
struct YesNo {
    Word yes{"yes", tr("yes")}, no{"no", tr("no")};
};

} // namespace

std::string lipText(const arrangement::Part& part) {
    if (!part.lip) return {};
    const LipWords words;
    return *part.lip == arrangement::LipTask::KeepsIn ? words.in.shown : words.out.shown;
}

Result<std::optional<arrangement::LipTask>> parseLip(const std::string& typed) {
    using arrangement::LipTask;
    const LipWords words;
    if (typed.empty()) return std::optional<LipTask>{};
    if (words.in.is(typed)) return std::optional(LipTask::KeepsIn);
    if (words.out.is(typed)) return std::optional(LipTask::KeepsOut);
    return refuse(ProblemCode::UnknownName, tr("lip"), typed, asListed(words.in.shown + ", " + words.out.shown));
}

std::string onceText(const arrangement::Part& part) {
    const YesNo words;
    return part.once ? words.yes.shown : words.no.shown;
}

std::string lugsText(const arrangement::Part& part) {
    const YesNo words;
    return part.lugs ? words.yes.shown : words.no.shown;
}

Result<bool> parseYesNo(const std::string& typed, bool otherwise) {
    const YesNo words;
    if (typed.empty()) return otherwise;
    if (words.yes.is(typed)) return true;
    if (words.no.is(typed)) return false;
    return refuse(ProblemCode::UnknownName, tr("yes or no"), typed, asListed(words.yes.shown + ", " + words.no.shown));
}

std::string screwsText(const Assembly& a, std::size_t part) {
    for (const auto& bolts : a.bolted) {
        if (bolts.outer != a.parts[part].id) continue;
        auto text = std::to_string(bolts.count) + " " + bolts.thread + " " + bolts.inner;
        return bolts.reach_mm > 0 ? text + " " + plain(bolts.reach_mm) : text;
    }
    return {};
}

Result<Assembly> withScrews(const Assembly& assembly, std::size_t part, const std::string& typed) {
    auto out = assembly;
    const auto& id = assembly.parts[part].id;
    std::erase_if(out.bolted, [&](const arrangement::Bolting& b) { return b.outer == id; });
    if (typed.empty()) return out;
    arrangement::Bolting bolts;
    bolts.outer = id;
    std::istringstream words(typed);
    if (!(words >> bolts.count >> bolts.thread >> bolts.inner))
        return refuse(ProblemCode::Malformed, tr("screws"), typed,
                      wanted("how many, the thread and the part they screw into: 4 M10x1.5 shaft"));
    if (!(words >> bolts.reach_mm)) bolts.reach_mm = 0;
    if (auto thread = standards::parseThread(bolts.thread); !thread) return tl::unexpected(thread.error());
    std::string known;
    for (const auto& other : assembly.parts)
        if (other.id != id) known += (known.empty() ? "" : ", ") + other.id;
    if (bolts.inner == id || !arrangement::indexOf(assembly, bolts.inner))
        return refuse(ProblemCode::UnknownName, tr("screws"), bolts.inner, asListed(known));
    if (!(bolts.count >= 2 && bolts.count <= 64))
        return refuse(ProblemCode::OutOfRange, tr("screws"), std::to_string(bolts.count), wanted("2 to 64"));
    out.bolted.push_back(std::move(bolts));
    return out;
}

std::string say(const arrangement::Contradiction& c, const arrangement::Assembly& a, const Display& d) {
    const auto one = inSentence(shippedName(a.parts[c.inner.part].name())),
               other = inSentence(shippedName(a.parts[c.outer.part].name()));
    const auto text =
        c.onDiameter()
            ? tr("The {one} is Ø{size} where the bore of the {other} is Ø{limit}: one of the two must give way by {by}")
            : tr("The {one} and the {other} lie in the same {by} of the axis: one of the two must be shorter");
    return text.with("one", one)
        .with("other", other)
        .with("size", d.size(c.inner.value_mm).number)
        .with("limit", d.size(c.outer.value_mm).number)
        .with("by", d.size(c.by_mm).text())
        .text();
}

} // namespace arbor::words
