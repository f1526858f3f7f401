#include "core/catalog/rack.h"

#include "core/standards/thread.h"

#include <algorithm>
#include <cmath>

namespace arbor::catalog {

namespace {

constexpr double kSameSize_mm = 0.05; // what two goes with a caliper may differ by
constexpr double kGreatest_mm = 2000;

section::BodyKind bodyKind(ToolKind kind) {
    if (isDriver(kind)) return section::BodyKind::Driver;
    return isSupport(kind) || kind == ToolKind::Plate ? section::BodyKind::Support : section::BodyKind::Spacer;
}

template <class List>
auto* findById(List& list, const std::string& id) {
    const auto found = std::find_if(list.begin(), list.end(), [&](const auto& entry) { return entry.id == id; });
    return found == list.end() ? nullptr : &*found;
}

Result<void> within(const char* column, double value, double least, double most, bool open = false) {
    const bool good = open ? value > least && value < most : value >= least && value < most;
    if (good) return {};
    return refuse(open ? ProblemCode::NotPositive : ProblemCode::OutOfRange, column, plain(value),
                  open ? wanted("over {1}, under {2}", plain(least), plain(most))
                       : wanted("{1} up to under {2}", plain(least), plain(most)));
}

/// Tools that are no solids of revolution for the bench: what is needed is their range and reach.
bool isHandTool(ToolKind kind) {
    return kind == ToolKind::JawPuller || kind == ToolKind::Collet || kind == ToolKind::SlideHammer ||
           kind == ToolKind::Drift || kind == ToolKind::Splitter;
}

Result<void> checkTube(const Tool& t) {
    if (auto ok = within("outside_mm", t.outsideDia_mm, 0, kGreatest_mm, true); !ok) return ok;
    if (auto ok = within("length_mm", t.length_mm, 0, kGreatest_mm, true); !ok) return ok;
    if (!(t.boreDia_mm >= 0 && t.boreDia_mm < t.outsideDia_mm))
        return refuse(ProblemCode::GeometryOrder, "bore_mm", plain(t.boreDia_mm),
                      wanted("0 up to under the outside {1}", plain(t.outsideDia_mm)));
    if (!(t.headThick_mm >= 0 && t.headThick_mm < t.length_mm))
        return refuse(ProblemCode::GeometryOrder, "head_mm", plain(t.headThick_mm),
                      wanted("0 up to under the length {1}", plain(t.length_mm)));
    if (auto ok = within("head_dia_mm", t.headDia_mm, 0, kGreatest_mm); !ok) return ok;
    if (!(t.headBoreDia_mm >= 0 && t.headBoreDia_mm < t.outsideDia_mm))
        return refuse(ProblemCode::GeometryOrder, "head_bore_mm", plain(t.headBoreDia_mm),
                      wanted("0 up to under the outside {1}", plain(t.outsideDia_mm)));
    if (!(t.pilotLength_mm >= 0 && t.pilotLength_mm + t.headThick_mm < t.length_mm))
        return refuse(ProblemCode::GeometryOrder, "pilot_mm", plain(t.pilotLength_mm),
                      wanted("0 up to under the length less the head {1}", plain(t.length_mm - t.headThick_mm)));
    if (t.pilotLength_mm > 0 && !(t.pilotDia_mm > t.boreDia_mm && t.pilotDia_mm < t.outsideDia_mm))
        return refuse(ProblemCode::GeometryOrder, "pilot_dia_mm", plain(t.pilotDia_mm),
                      wanted("between the bore {1} and the outside {2}", plain(t.boreDia_mm), plain(t.outsideDia_mm)));
    return {};
}

Result<void> checkOpening(const Tool& t) {
    if (!opens(t.kind)) return {};
    if (!(t.least_mm >= 0 && t.most_mm > t.least_mm && t.most_mm < kGreatest_mm))
        return refuse(ProblemCode::GeometryOrder, "most_mm", plain(t.most_mm),
                      wanted("over the least opening {1}", plain(t.least_mm)));
    const bool carries = t.kind == ToolKind::Separator || t.kind == ToolKind::Blocks;
    if (carries && !(t.most_mm < t.outsideDia_mm))
        return refuse(ProblemCode::GeometryOrder, "most_mm", plain(t.most_mm),
                      wanted("under the outside {1}", plain(t.outsideDia_mm)));
    return {};
}

Result<void> checkBolt(const Tool& t) {
    const auto thread = standards::parseThread(t.thread);
    if (!thread) return refuse(thread.error().code, "thread", t.thread, thread.error().limit);
    if (const auto strength = standards::parseStrengthClass(t.strengthClass); !strength)
        return refuse(strength.error().code, "class", t.strengthClass, strength.error().limit);
    if (!(t.outsideDia_mm > thread->dia_mm))
        return refuse(ProblemCode::GeometryOrder, "outside_mm", plain(t.outsideDia_mm),
                      wanted("its washers, over the thread {1}", plain(thread->dia_mm)));
    if (!(t.edge_mm > 0 && 2 * t.edge_mm < t.length_mm))
        return refuse(ProblemCode::GeometryOrder, "edge_mm", plain(t.edge_mm),
                      wanted("nut and washer at one end, over 0 and under half the length"));
    return {};
}

} // namespace

std::string_view name(ToolKind kind) {
    switch (kind) {
    case ToolKind::Sleeve:
        return "sleeve";
    case ToolKind::Disc:
        return "disc";
    case ToolKind::Adapter:
        return "adapter";
    case ToolKind::Socket:
        return "socket";
    case ToolKind::OldRing:
        return "old_ring";
    case ToolKind::Support:
        return "support";
    case ToolKind::Receiver:
        return "receiver";
    case ToolKind::Plate:
        return "plate";
    case ToolKind::Blocks:
        return "blocks";
    case ToolKind::Spacer:
        return "spacer";
    case ToolKind::Separator:
        return "separator";
    case ToolKind::JawPuller:
        return "jaw_puller";
    case ToolKind::Collet:
        return "collet";
    case ToolKind::SlideHammer:
        return "slide_hammer";
    case ToolKind::DrawBolt:
        return "draw_bolt";
    case ToolKind::HollowRam:
        return "hollow_ram";
    case ToolKind::Drift:
        return "drift";
    case ToolKind::Splitter:
        return "splitter";
    }
    return "";
}

bool isDriver(ToolKind kind) {
    return kind == ToolKind::Sleeve || kind == ToolKind::Disc || kind == ToolKind::Adapter ||
           kind == ToolKind::Socket || kind == ToolKind::OldRing;
}

bool isSupport(ToolKind kind) {
    return kind == ToolKind::Support || kind == ToolKind::Receiver || kind == ToolKind::Blocks ||
           kind == ToolKind::Separator;
}

bool opens(ToolKind kind) {
    return kind == ToolKind::Separator || kind == ToolKind::JawPuller || kind == ToolKind::Collet ||
           kind == ToolKind::Blocks;
}

double Tool::throughDia_mm() const {
    return headThick_mm > 0 ? std::min(boreDia_mm, headBoreDia_mm) : boreDia_mm;
}

double Tool::threadDia_mm() const {
    const auto read = standards::parseThread(thread);
    return read ? read->dia_mm : 0;
}

Result<void> checkTool(const Tool& t) {
    if (t.id.empty()) return refuse(ProblemCode::Missing, "id", {}, wanted("the engraved number"));
    for (const auto& [column, value] : {std::pair{"reach_mm", t.reach_mm},
                                        {"edge_mm", t.edge_mm},
                                        {"wrench_mm", t.wrench_mm},
                                        {"stroke_mm", t.stroke_mm},
                                        {"ram_area_mm2", t.ramArea_mm2},
                                        {"capacity_N", t.capacity_N}})
        if (auto ok = within(column, value, 0, 1e7); !ok) return ok;
    if (!isHandTool(t.kind))
        if (auto ok = checkTube(t); !ok) return ok;
    if (auto ok = checkOpening(t); !ok) return ok;
    if (t.kind == ToolKind::DrawBolt)
        if (auto ok = checkBolt(t); !ok) return ok;
    if (t.kind == ToolKind::HollowRam)
        for (const auto& [column, value] :
             {std::pair{"ram_area_mm2", t.ramArea_mm2}, {"stroke_mm", t.stroke_mm}, {"bore_mm", t.boreDia_mm}})
            if (auto ok = within(column, value, 0, 1e7, true); !ok) return ok;
    return {};
}

const Tool* Rack::tool(const std::string& id) const {
    return findById(tools, id);
}
const Press* Rack::press(const std::string& id) const {
    return findById(presses, id);
}

std::vector<Twins> doubles(const std::vector<Tool>& tools) {
    const auto same = [](double a, double b) { return std::abs(a - b) <= kSameSize_mm; };
    const auto alike = [&](const Tool& a, const Tool& b) {
        const bool sized = a.outsideDia_mm > 0 || a.most_mm > 0; // a drift has no sizes to compare
        return sized && a.kind == b.kind && same(a.outsideDia_mm, b.outsideDia_mm) &&
               same(a.boreDia_mm, b.boreDia_mm) && same(a.length_mm, b.length_mm) && same(a.headDia_mm, b.headDia_mm) &&
               same(a.headThick_mm, b.headThick_mm) && same(a.pilotDia_mm, b.pilotDia_mm) &&
               same(a.least_mm, b.least_mm) && same(a.most_mm, b.most_mm) && a.thread == b.thread;
    };
    // Twins lie within a hair of each other's outside: sorted by it, only neighbours need be compared.
    std::vector<const Tool*> byOutside;
    byOutside.reserve(tools.size());
    for (const auto& tool : tools)
        byOutside.push_back(&tool);
    std::stable_sort(byOutside.begin(), byOutside.end(),
                     [](const Tool* a, const Tool* b) { return a->outsideDia_mm < b->outsideDia_mm; });
    std::vector<Twins> out;
    for (auto one = byOutside.begin(); one != byOutside.end(); ++one)
        for (auto other = one + 1;
             other != byOutside.end() && (*other)->outsideDia_mm - (*one)->outsideDia_mm <= kSameSize_mm; ++other)
            if (alike(**one, **other)) out.push_back({(*one)->id, (*other)->id});
    return out;
}

section::Body toolBody(const Tool& t, double opening_mm) {
    using section::Slice;
    const double bore = opens(t.kind) ? std::max(opening_mm, t.least_mm) : t.boreDia_mm;
    const double tube = t.length_mm - t.headThick_mm;
    std::vector<Slice> slices;
    if (t.pilotLength_mm > 0) slices.push_back(Slice::tube(0, t.pilotLength_mm, bore / 2, t.pilotDia_mm / 2));
    slices.push_back(Slice::tube(t.pilotLength_mm, tube, bore / 2, t.outsideDia_mm / 2));
    if (t.headThick_mm > 0)
        slices.push_back(
            Slice::tube(tube, t.length_mm, t.headBoreDia_mm / 2, std::max(t.headDia_mm, t.outsideDia_mm) / 2));
    const auto kind = bodyKind(t.kind);
    const bool passesWalls = kind != section::BodyKind::Support;
    return {t.id, kind, section::Hatch::Steel, std::move(slices), 0, passesWalls ? kRunningClearance_mm / 2 : 0};
}

} // namespace arbor::catalog
