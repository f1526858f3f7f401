#include "io/drawing_migration.h"

#include "core/arrangement/blind_seat.h"
#include "core/base/units.h"
#include "io/arrangement_text.h"
#include "io/entry/size_entry.h"

#include <algorithm>
#include <optional>
#include <string>
#include <vector>

namespace arbor::io {

namespace {

using nlohmann::json;

constexpr double kTouch_mm = 0.01; // seats are drawn at nominal size
const job::SeatKey kByItsSizes{"housing", "bearing"};

bool holdsOthers(const json& part) {
    const auto kind = part.value("kind", "");
    return kind == "housing" || kind == "hub";
}

json* drawnPart(json& job, const std::string& id) {
    for (auto& part : job["arrangement"]["parts"])
        if (part.value("id", "") == id) return &part;
    return nullptr;
}

std::string designationOf(const json& part) {
    return part.value("bearing", json::object()).value("designation", "");
}

std::string pieceOf(const json& part) {
    return part.value("bearing", json::object()).value("piece", "whole");
}

/// The joint as an object, so that more can be said of it.
json& jointAt(json& job, const job::SeatKey& key) {
    for (auto& joint : job["arrangement"]["pressed"])
        if (seatOf(joint) == key) {
            joint = joint.is_array() ? json{{"outer", key.first}, {"inner", key.second}} : joint;
            return joint;
        }
    return job["arrangement"]["pressed"].emplace_back(json{{"outer", key.first}, {"inner", key.second}});
}

/// A class holds at any diameter; limits are kept as they were typed.
Result<standards::SizeSpec> sizeFrom(const std::string& typed, const std::string& place) {
    auto size = parseSize(typed, 0);
    if (!size) return tl::unexpected(at(size.error(), place));
    return size->toleranceClass ? standards::SizeSpec::ofClass(*size->toleranceClass) : *size;
}

/// A stretch of a bore along the axis.
struct Stretch {
    double from = 0, to = 0;
    bool up = true; ///< it opens upwards
};

class IntoDrawing {
public:
    explicit IntoDrawing(json job) : m_job(std::move(job)) {
        for (const char* key : {"housing", "bearing", "shaft"}) {
            m_old[key] = m_job.value(key, json());
            m_job.erase(key);
        }
        if (m_job.contains("heat")) {
            m_plasticCage = m_job["heat"].value("plastic_cage", false);
            m_job["heat"].erase("plastic_cage");
        }
    }

    Result<json> done() {
        m_job["bearing"] = m_old["bearing"]; // by which its own seat is known
        m_own = ownSeat(m_job);
        m_job.erase("bearing");
        if (auto ok = m_job.contains("arrangement") ? tell() : draw(); !ok) return tl::unexpected(ok.error());
        return std::move(m_job);
    }

private:
    std::string designation() const { return m_old.at("bearing").at("designation"); }
    const json& housing() const { return m_old.at("housing"); }

    static double rzOf(const json& of, double usual_um) { return of.value("roughness_rz_um", usual_um) * kUm; }

    Result<arrangement::SeatSide> holeSide() const {
        const auto size = sizeFrom(housing().at("seat").at("size"), "housing/seat/size");
        if (!size) return tl::unexpected(size.error());
        arrangement::SeatSide out{*size, {}, rzOf(housing(), 6)};
        if (!housing().contains("measured")) return out;
        const auto measured = parseMeasured(housing().at("measured").at("size"));
        if (!measured) return tl::unexpected(at(measured.error(), "housing/measured/size"));
        out.measured = *measured;
        return out;
    }

    Result<arrangement::SeatSide> journalSide() const {
        const auto size = sizeFrom(m_old.at("shaft").at("seat").at("size"), "shaft/seat/size");
        if (!size) return tl::unexpected(size.error());
        return arrangement::SeatSide{*size, {}, rzOf(m_old.at("shaft"), 4)};
    }

    /// Typed limits of the ring's bore or outside, in place of its accuracy.
    Result<arrangement::SeatSide> ringSide(const char* key) const {
        arrangement::SeatSide out;
        const auto& b = m_old.at("bearing");
        if (const double rz_mm = rzOf(b, 1.6); rz_mm != 1.6 * kUm) out.rz_mm = rz_mm;
        if (!b.contains(key)) return out;
        const auto size = sizeFrom(b.at(key).at("size"), std::string("bearing/") + key + "/size");
        if (!size) return tl::unexpected(size.error());
        out.size = *size;
        return out;
    }

    static void say(json& joint, const std::string& key, const arrangement::SeatSide& side) {
        if (side.size) joint[key] = side.size->typed;
        if (side.measured) joint[key + "_mm"] = side.measured->typed;
        if (side.rz_mm) joint[key + "_rz_um"] = *side.rz_mm / kUm;
    }

    /// A job that has a drawing.
    Result<void> tell() {
        const auto& parts = m_job["arrangement"]["parts"];
        const bool drawn = std::any_of(parts.begin(), parts.end(),
                                       [&](const json& part) { return designationOf(part) == designation(); });
        if (!drawn) return {}; // another bearing was drawn: nothing that is known of this one is of that
        if (auto ok = tellRings(); !ok) return ok;
        tellBearing();
        const auto* holder = drawnPart(m_job, m_own.first);
        if (holder && holdsOthers(*holder))
            if (auto ok = tellHousing(); !ok) return ok;
        return m_old.at("shaft").is_object() ? tellShaft() : Result<void>{};
    }

    /// Version 1 knew a bearing by its number alone: what it said of rings and accuracy held for each of that number,
    /// and so does it here. From now on they are two.
    Result<void> tellRings() {
        const auto outside = ringSide("outside"), bore = ringSide("bore");
        if (!outside || !bore) return tl::unexpected(!outside ? outside.error() : bore.error());
        for (auto& joint : m_job["arrangement"]["pressed"]) {
            const auto key = seatOf(joint);
            const auto *outer = drawnPart(m_job, key.first), *inner = drawnPart(m_job, key.second);
            if (outer && designationOf(*outer) == designation()) say(jointAt(m_job, key), "hole", *bore);
            if (inner && designationOf(*inner) == designation()) say(jointAt(m_job, key), "shaft", *outside);
        }
        return {};
    }

    /// Whether a part is the job's own bearing or a ring of it, and not another of the same number.
    bool isOwn(json& part) {
        for (const auto& id : {m_own.first, m_own.second}) {
            const auto* own = drawnPart(m_job, id);
            if (own && designationOf(*own) == designation() &&
                part.at("bearing").at("at_mm") == own->at("bearing").at("at_mm"))
                return designationOf(part) == designation();
        }
        return false;
    }

    void tellBearing() {
        const auto& b = m_old.at("bearing");
        for (auto& part : m_job["arrangement"]["parts"]) {
            if (designationOf(part) != designation()) continue;
            auto& drawn = part["bearing"];
            for (const char* key : {"tolerance_class", "clearance_group", "inner_raceway_mm", "outer_raceway_mm"})
                if (b.contains(key)) drawn[key] = b.at(key);
            if (!isOwn(part)) continue;
            if (b.contains("static_rating_N")) drawn["static_rating_N"] = b.at("static_rating_N");
            if (m_plasticCage) drawn["plastic_cage"] = true;
            if (pieceOf(part) == "whole") dress(drawn);
        }
    }

    /// Seals and encoder were said as the housing stands on the press.
    void dress(json& drawn) const {
        const bool onItsHead = drawn.value("turned", false) != !(boreOf(m_own) ? boreOf(m_own)->up : true);
        for (const char* key : {"seals", "encoder"}) {
            const auto side = m_old.at("bearing").value(key, "none");
            if (side != "none") drawn[key] = !onItsHead ? side : side == "up" ? "down" : side == "down" ? "up" : side;
        }
    }

    Result<void> tellHousing() {
        const auto side = holeSide();
        if (!side) return tl::unexpected(side.error());
        say(jointAt(m_job, m_own), "hole", *side);
        auto& part = *drawnPart(m_job, m_own.first);
        part["material"] = housing().at("material");
        const auto bore = boreOf(m_own);
        if (bore) chamfer(part, *bore);
        if (housing().value("hangs_below", json()).is_object()) hang(part, !bore || bore->up);
        return {};
    }

    /// The bore that holds the bearing, by the housing's own section: straight, of the seat's diameter, from where the
    /// ring stands to the mouth it comes in by.
    std::optional<Stretch> boreOf(const job::SeatKey& key) const {
        auto job = m_job;
        const auto *holder = drawnPart(job, key.first), *ring = drawnPart(job, key.second);
        const auto size = parseSize(housing().at("seat").at("size"), 0);
        if (!holder || !ring || !size || !ring->contains("bearing") ||
            holder->value("bodies", json::array()).size() != 1)
            return std::nullopt;
        const double at = ring->at("bearing").at("at_mm"), dia = size->nominal_mm;
        Stretch out{at, at, true};
        bool found = false;
        for (const auto& slice : holder->at("bodies").at(0)) {
            const double from = slice.at(0), to = slice.at(1), bore = slice.at(2);
            const bool seat = slice.size() == 4 && std::abs(bore - dia) < kTouch_mm;
            if (to > at + 1 && bore < dia - kTouch_mm) out.up = false;
            if (seat && (!found || (out.up && from >= out.from))) {
                out.from = from;
                out.to = to;
                found = true;
            }
        }
        return found ? std::optional(out) : std::nullopt;
    }

    void chamfer(json& part, const Stretch& bore) const {
        const double depth = housing().value("entry_chamfer_mm", 0.0);
        auto& slices = part["bodies"][0];
        for (std::size_t i = 0; i < slices.size(); ++i) {
            if (slices[i].at(0) != bore.from || slices[i].size() != 4) continue;
            const double from = bore.from, to = bore.to, dia = slices[i].at(2), outside = slices[i].at(3);
            if (!(depth > 0) || to - from <= depth || dia + depth >= outside) return;
            const double edge = bore.up ? to - depth : from + depth;
            slices[i][bore.up ? 1 : 0] = edge;
            const json mouth = bore.up ? json{edge, to, dia, dia + depth, outside, outside}
                                       : json{from, edge, dia + depth, dia, outside, outside};
            slices.insert(slices.begin() + static_cast<std::ptrdiff_t>(i + (bore.up ? 1 : 0)), mouth);
            return;
        }
    }

    /// What is drawn as a part comes off and goes on in its turn.
    static bool isDrawnIn(const json& job, const json& zone) {
        const auto& parts = job.at("arrangement").at("parts");
        return std::any_of(parts.begin(), parts.end(), [&](const json& part) {
            const auto kind = part.value("kind", "");
            if (holdsOthers(part) || kind == "shaft") return false;
            const auto bodies = part.value("bodies", json::array());
            return std::any_of(bodies.begin(), bodies.end(), [&](const json& body) {
                return std::any_of(body.begin(), body.end(),
                                   [&](const json& s) { return s.at(0) < zone.at(1) && s.at(1) > zone.at(0); });
            });
        });
    }

    void hang(json& part, bool up) const {
        const auto& hangs = housing().at("hangs_below");
        const double dia = hangs.at("diameter_mm"), length = hangs.at("length_mm");
        const auto& slices = part.at("bodies").at(0);
        const double foot = slices.front().at(0), head = slices.back().at(1);
        const json slice = up ? json{foot - length, foot, 0, dia} : json{head, head + length, 0, dia};
        if (isDrawnIn(m_job, slice)) return;
        part["keep_clear"] = {{{"label", hangs.at("label")}, {"slices", json::array({slice})}}};
    }

    Result<void> tellShaft() {
        const auto side = journalSide();
        if (!side) return tl::unexpected(side.error());
        const auto joints = m_job["arrangement"].value("pressed", json::array());
        for (const auto& joint : joints) {
            const auto key = seatOf(joint);
            auto *outer = drawnPart(m_job, key.first), *inner = drawnPart(m_job, key.second);
            if (!outer || !inner || !outer->contains("bearing") || !isOwn(*outer)) continue;
            say(jointAt(m_job, key), "shaft", *side);
            boreOut(*inner, m_old.at("shaft").value("bore_mm", 0.0));
            return {};
        }
        return {};
    }

    static void boreOut(json& part, double dia_mm) {
        if (!(dia_mm > 0)) return;
        for (auto& body : part["bodies"])
            for (auto& slice : body)
                if (slice.size() == 4 && slice[2] == 0 && slice[3] > dia_mm) slice[2] = dia_mm;
    }

    /// A job without a drawing.
    Result<void> draw() {
        const auto hole = holeSide();
        const auto outside = ringSide("outside"), bore = ringSide("bore");
        if (!hole || !outside || !bore)
            return tl::unexpected(!hole ? hole.error() : !outside ? outside.error() : bore.error());
        arrangement::BlindSeat sizes;
        sizes.bearing.designation = designation();
        sizes.material = housing().at("material");
        sizes.seatDia_mm = parseSize(housing().at("seat").at("size"), 0)->nominal_mm;
        sizes.outsideDia_mm = housing().at("outside_mm");
        sizes.height_mm = housing().at("height_mm");
        sizes.flangeDia_mm = housing().value("flange_mm", 0.0);
        sizes.flangeThick_mm = housing().value("flange_thick_mm", 0.0);
        sizes.seatDepth_mm = housing().at("seat_depth_mm");
        sizes.shoulderBoreDia_mm = housing().at("shoulder_bore_mm");
        sizes.leadIn_mm = housing().value("entry_chamfer_mm", 0.0);
        sizes.hole = *hole;
        sizes.ring = *outside;
        sizes.bore = *bore;
        takeGrooveAndWhatHangs(sizes);
        if (auto ok = takeShaft(sizes); !ok) return ok;
        const auto drawn = arrangement::blindSeat(sizes);
        if (!drawn) return tl::unexpected(drawn.error());
        m_job["arrangement"] = json::parse(arrangementText({m_job.at("id"), m_job.at("title"), *drawn}));
        tellBearing();
        return {};
    }

    void takeGrooveAndWhatHangs(arrangement::BlindSeat& sizes) const {
        if (const auto g = housing().value("groove", json()); g.is_object())
            sizes.groove = {g.at("diameter_mm"), g.at("width_mm"), g.at("lower_edge_depth_mm")};
        if (const auto h = housing().value("hangs_below", json()); h.is_object())
            sizes.hangsBelow = {h.at("label"), h.at("diameter_mm"), h.at("length_mm")};
    }

    Result<void> takeShaft(arrangement::BlindSeat& sizes) const {
        const auto& shaft = m_old.at("shaft");
        if (!shaft.is_object()) return {};
        const auto side = journalSide();
        if (!side) return tl::unexpected(side.error());
        const double dia = parseSize(shaft.at("seat").at("size"), 0)->nominal_mm;
        sizes.shaft = arrangement::Journal{shaft.at("material"), dia, shaft.value("bore_mm", 0.0), *side};
        return {};
    }

    json m_job;
    json m_old; ///< "housing", "bearing", "shaft" as they were
    bool m_plasticCage = false;
    job::SeatKey m_own;
};

} // namespace

job::SeatKey seatOf(const json& joint) {
    if (joint.is_array()) return {joint.at(0), joint.at(1)};
    return {joint.at("outer"), joint.at("inner")};
}

job::SeatKey ownSeat(const json& said) {
    if (!said.contains("arrangement")) return kByItsSizes;
    auto job = said;
    const auto wanted = job.at("bearing").at("designation").get<std::string>();
    std::optional<job::SeatKey> housed, held, any;
    for (const auto& joint : said.at("arrangement").value("pressed", json::array())) {
        const auto key = seatOf(joint);
        const auto *outer = drawnPart(job, key.first), *inner = drawnPart(job, key.second);
        if (!outer || !inner) continue;
        const bool inHousing = holdsOthers(*outer) && inner->contains("bearing") && pieceOf(*inner) != "inner";
        const bool ours = designationOf(*outer) == wanted || designationOf(*inner) == wanted;
        if (inHousing && ours && !housed) housed = key;
        if (ours && !held) held = key;
        if (inHousing && !any) any = key;
    }
    return housed ? *housed : held ? *held : any.value_or(kByItsSizes);
}

Result<json> intoDrawing(json job) {
    if (!job.contains("housing")) return job;
    return IntoDrawing(std::move(job)).done();
}

} // namespace arbor::io
