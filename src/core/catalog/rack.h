#pragma once

#include "core/base/result.h"
#include "core/section/body.h"

#include <optional>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace arbor::catalog {

/// On the diameter, between a tool of any kind and what passes it: what a machinist leaves so that nothing scrapes.
/// @source [HB8], "at least 0.2 mm on diameter for tools in bores"
inline constexpr double kRunningClearance_mm = 0.2;

enum class ToolKind {
    Sleeve,
    Disc,
    Adapter, ///< stepped: a pilot below the pushing face
    Socket,  ///< used as a sleeve
    OldRing, ///< an old outer ring, outside ground undersize
    Support,
    Receiver, ///< receiving sleeve: carries the work, and takes in what comes out
    Plate,
    Blocks, ///< a pair of V-blocks or parallels, set apart
    Spacer,
    Separator,
    JawPuller,
    Collet,
    SlideHammer,
    DrawBolt,
    HollowRam,
    Drift,
    Splitter, ///< grinding disc and chisel
};
inline constexpr ToolKind kToolKinds[] = {
    ToolKind::Sleeve,    ToolKind::Disc,      ToolKind::Adapter, ToolKind::Socket,      ToolKind::OldRing,
    ToolKind::Support,   ToolKind::Receiver,  ToolKind::Plate,   ToolKind::Blocks,      ToolKind::Spacer,
    ToolKind::Separator, ToolKind::JawPuller, ToolKind::Collet,  ToolKind::SlideHammer, ToolKind::DrawBolt,
    ToolKind::HollowRam, ToolKind::Drift,     ToolKind::Splitter};

std::string_view name(ToolKind kind); ///< in files
bool isDriver(ToolKind kind);         ///< pushes a face: sleeve, disc, adapter, socket, old ring
bool isSupport(ToolKind kind);        ///< stands under the work: support, receiver, blocks, separator
bool opens(ToolKind kind);            ///< is set to an opening: separator, jaws, collet, blocks

/// A tool of the rack. A turned tool is a tube, closed or bored by a wider or equal head when headThick_mm > 0, with a
/// pilot below its pushing face when pilotLength_mm > 0. Sizes in mm.
struct Tool {
    std::string id;
    ToolKind kind = ToolKind::Sleeve;
    std::string name;
    double outsideDia_mm = 0; ///< of a draw bolt: of its washers; of plates and blocks: as wide as they carry
    double boreDia_mm = 0;    ///< 0: solid
    double length_mm = 0;     ///< over all; of a plate its thickness; of a draw bolt between its ends
    double headDia_mm = 0;
    double headThick_mm = 0;
    std::string place;
    double headBoreDia_mm = 0; ///< right through the head, for a draw bolt; 0: closed
    double pilotDia_mm = 0;
    double pilotLength_mm = 0;
    double least_mm = 0;            ///< what it opens to, at least: separator, jaws, collet, blocks
    double most_mm = 0;             ///< and at most
    double reach_mm = 0;            ///< of jaws, or of a collet into the bore
    double edge_mm = 0;             ///< thickness of a knife edge or jaw; of a draw bolt: nut and washer at each end
    std::string thread = {};        ///< of a draw bolt: "M20x2.5"
    std::string strengthClass = {}; ///< "8.8"
    bool thrustBearing = false;     ///< under the nut that is turned
    double wrench_mm = 0;           ///< length of the wrench it is turned with
    double ramArea_mm2 = 0;         ///< of a hollow ram
    double stroke_mm = 0;           ///< of a hollow ram; of a draw bolt how far its nut can be run, 0: all its length
    double capacity_N = 0;          ///< 0: not stated
    bool hardened = false;          ///< can shatter: pressed only, never struck
    std::string condition = {};     ///< empty: good
    std::string photo = {};         ///< file beside the rack
    std::vector<std::pair<std::string, std::string>> others = {}; ///< columns of the shop's own

    /// The widest bar that goes right through it; 0: none. A draw bolt needs it.
    double throughDia_mm() const;
    double threadDia_mm() const; ///< of a draw bolt; 0: none, or one that cannot be read
    /// Something of this diameter goes into it, or through what it opens to.
    bool clears(double dia_mm) const { return boreDia_mm > dia_mm || most_mm > dia_mm; }
    /// Its wall lies over a circle of this diameter.
    bool covers(double dia_mm) const { return boreDia_mm < dia_mm && outsideDia_mm > dia_mm; }
    friend bool operator==(const Tool&, const Tool&) = default;
};

/// What is wrong with a tool's sizes: the column, what it says, what would do.
/// @errors Missing (id), NotPositive, GeometryOrder, OutOfRange, Malformed (thread, class) with the column as field
Result<void> checkTool(const Tool& tool);

enum class GaugeUnit { Bar, MegaPascal, Psi, TonneForce, ShortTon };

enum class PressKind {
    Frame,
    Vice, ///< a bench vice: the jaws are bed and ram, and nobody knows the force
};

/// A press as the shop knows it. Sizes in mm, forces in N.
struct Press {
    std::string id;
    std::string name;
    PressKind kind = PressKind::Frame;
    double capacity_N = 0;
    double ramFootDia_mm = 0;
    double stroke_mm = 0;
    std::vector<double> notchDaylight_mm; ///< opening between raised ram and bed at each bed notch, first notch first
    double bedOpening_mm = 0;             ///< width of the gap in the bed
    double pistonDia_mm = 0;              ///< 0: no gauge
    GaugeUnit gaugeUnit = GaugeUnit::Bar;
    double stiffness_N_per_mm = 20'000; ///< frame and stack
    double throat_mm = 0;               ///< from the ram's axis to the frame; 0: open on both sides
    friend bool operator==(const Press&, const Press&) = default;
};

struct Rack {
    std::vector<Tool> tools;
    std::vector<Press> presses;

    const Tool* tool(const std::string& id) const;
    const Press* press(const std::string& id) const;
};

/// Two tools of one kind and the same sizes within 0.05 mm: most likely one entered twice.
struct Twins {
    std::string one;
    std::string other;
};
std::vector<Twins> doubles(const std::vector<Tool>& tools);

/// The columns of a rack, as its file calls them.
std::vector<std::string> rackColumns();

/// A row of a rack that makes no tool.
struct BadRow {
    std::string line; ///< as it stands
    Problem problem;  ///< with "line N, column"
};
struct RackRead {
    std::vector<Tool> tools;
    std::vector<BadRow> bad;
};

/// Reads what can be read of a rack: one bad row takes no other tool with it.
/// @errors those of its header: Missing (column), Malformed (open quote)
Result<RackRead> readTools(std::string_view csv);

/// The same where every row must be good. Reads a rack: id,kind,name,outside_mm,bore_mm,length_mm must be there; every
/// further size has its own column, see docs/rack.md.
/// @errors as CsvTable and checkTool with "line N, column", Duplicate (id), UnknownName (kind)
Result<std::vector<Tool>> parseTools(std::string_view csv);

/// The same back as CSV, with the columns that any of the tools needs and those of the shop's own.
std::string writeTools(const std::vector<Tool>& tools);

/// Reads {"presses": [...]}. @errors Malformed, NotPositive, UnknownName (gauge unit)
Result<std::vector<Press>> parsePresses(std::string_view json);

/// The tool as a body standing on z = 0, open end (or pilot) down.
/// @param opening_mm  what a separator or blocks are set to; others do not look at it
section::Body toolBody(const Tool& tool, double opening_mm = 0);

} // namespace arbor::catalog
