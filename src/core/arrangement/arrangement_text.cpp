#include "core/arrangement/arrangement_text.h"

#include "core/base/json_text.h"

#include <algorithm>
#include <map>

namespace arbor::arrangement {

namespace {

using nlohmann::json;
using section::Body;
using section::BodyKind;

const std::map<std::string, PartKind> kKinds{
    {"housing", PartKind::Housing},
    {"shaft", PartKind::Shaft},
    {"hub", PartKind::Hub},
    {"bearing", PartKind::Bearing},
    {"cup", PartKind::Cup},
    {"cone", PartKind::Cone},
    {"spacer_tube", PartKind::SpacerTube},
    {"lock_collar", PartKind::LockCollar},
    {"retainer_plate", PartKind::RetainerPlate},
    {"shield", PartKind::Shield},
    {"seal", PartKind::Seal},
    {"wear_sleeve", PartKind::WearSleeve},
    {"retaining_ring", PartKind::RetainingRing},
    {"washer", PartKind::Washer},
    {"nut", PartKind::Nut},
    {"pin", PartKind::Pin},
    {"cap", PartKind::Cap},
};

section::Hatch hatchOf(const std::string& material) {
    static const std::map<std::string, section::Hatch> hatches{{"grey_cast_iron", section::Hatch::CastIron},
                                                               {"aluminium", section::Hatch::Aluminium},
                                                               {"bearing_steel", section::Hatch::HardenedSteel},
                                                               {"nitrile", section::Hatch::Polymer}};
    const auto found = hatches.find(material);
    return found == hatches.end() ? section::Hatch::Steel : found->second;
}

Result<section::Slice> readSlice(const json& d, const std::string& place) {
    if (!d.is_array() || d.size() != 4 || !std::all_of(d.begin(), d.end(), [](const json& n) { return n.is_number(); }))
        return refuse(ProblemCode::Malformed, place, d.dump(), "[from_mm, to_mm, bore_mm, outside_mm]");
    const double from = d[0], to = d[1], bore = d[2], outside = d[3];
    if (!(to > from)) return refuse(ProblemCode::GeometryOrder, place, plain(to), "a height over " + plain(from));
    if (!(bore >= 0)) return refuse(ProblemCode::NotPositive, place, plain(bore), "a bore of 0 or more");
    if (!(outside > bore))
        return refuse(ProblemCode::GeometryOrder, place, plain(outside), "over the bore " + plain(bore));
    return section::Slice::tube(from, to, bore / 2, outside / 2);
}

Result<Body> readBody(const json& d, const std::string& id, const std::string& material, const std::string& place) {
    Body body{id, BodyKind::Housing, hatchOf(material)};
    for (const auto& one : d) {
        const auto slice = readSlice(one, place);
        if (!slice) return tl::unexpected(slice.error());
        if (!body.slices.empty() && body.slices.back().zTop != slice->zBottom)
            return refuse(ProblemCode::GeometryOrder, place, plain(slice->zBottom),
                          "slices without gaps, next from " + plain(body.slices.back().zTop));
        body.slices.push_back(*slice);
    }
    if (body.slices.empty()) return refuse(ProblemCode::Missing, place, {}, "one slice or more");
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

Result<Part> readPart(const json& d, const std::string& place) {
    if (auto known = onlyKeys(d, {"id", "kind", "label", "material", "bodies", "elements", "travelling", "locked_by"});
        !known)
        return refuse(ProblemCode::UnknownKey, place + "/" + known.error().field);
    Part part{d.at("id"), {}};
    const auto kind = kKinds.find(d.at("kind"));
    if (kind == kKinds.end()) return refuse(ProblemCode::UnknownName, place + "/kind", d.at("kind"), "a kind of part");
    part.kind = kind->second;
    part.label = d.value("label", part.id);
    part.material = d.value("material", "");
    part.lockedBy = d.value("locked_by", std::vector<std::string>{});
    if (auto ok = readBodies(part.bodies, d, "bodies", BodyKind::Housing, place); !ok)
        return tl::unexpected(ok.error());
    if (auto ok = readBodies(part.bodies, d, "elements", BodyKind::RollingElements, place); !ok)
        return tl::unexpected(ok.error());
    if (auto ok = readBodies(part.travelling, d, "travelling", BodyKind::Housing, place); !ok)
        return tl::unexpected(ok.error());
    return part;
}

Result<Arrangement> readArrangement(const json& d) {
    if (!d.is_object()) return refuse(ProblemCode::Malformed, "the whole file", {}, "an object");
    if (auto known = onlyKeys(d, {"format", "version", "id", "title", "base", "parts", "pressed", "threaded"}); !known)
        return tl::unexpected(known.error());
    if (d.at("format") != "arbor-arrangement")
        return refuse(ProblemCode::Malformed, "format", d.at("format").dump(), "arbor-arrangement");
    Arrangement out{d.at("id"), d.at("title"), {}};
    auto& parts = out.assembly.parts;
    for (std::size_t i = 0; i < d.at("parts").size(); ++i) {
        auto part = readPart(d.at("parts")[i], "parts/" + std::to_string(i));
        if (!part) return tl::unexpected(part.error());
        parts.push_back(std::move(*part));
    }
    for (const auto& [key, joints] :
         {std::pair{"pressed", &out.assembly.pressed}, {"threaded", &out.assembly.threaded}})
        for (const auto& joint : d.value(key, json::array()))
            joints->push_back({joint.at(0), joint.at(1)});
    const std::string base = d.at("base");
    const auto found = std::find_if(parts.begin(), parts.end(), [&](const Part& p) { return p.id == base; });
    if (found == parts.end()) return refuse(ProblemCode::UnknownName, "base", base, "one of the parts");
    out.assembly.base = static_cast<std::size_t>(found - parts.begin());
    if (auto ok = validate(out.assembly); !ok) return tl::unexpected(ok.error());
    return out;
}

} // namespace

Result<Arrangement> parseArrangement(std::string_view text) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    try {
        return readArrangement(*document);
    } catch (const json::exception& error) {
        return refuse(ProblemCode::Malformed, "the whole file", {}, error.what());
    }
}

} // namespace arbor::arrangement
