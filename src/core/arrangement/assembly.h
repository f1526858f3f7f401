#pragma once

#include "core/base/result.h"
#include "core/catalog/bearing.h"
#include "core/section/body.h"
#include "core/standards/size.h"

#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace arbor::arrangement {

/// Faces closer than this touch; on the radius, for seats are drawn at nominal size.
inline constexpr double kTouch_mm = 0.005;

enum class PartKind {
    Housing,
    Shaft,
    Hub,
    Bearing,
    Cup,
    Cone,
    SpacerTube,
    LockCollar,
    RetainerPlate,
    Shield,
    Seal,
    WearSleeve,
    RetainingRing,
    Washer,
    Nut,
    Pin,
    Cap,
    Sensor, ///< reaches into the bore from the side: the bore of its body is the diameter at its tip
};

/// A side of a part that must face a certain way.
enum class Feature { Encoder, LargeEnd, SpringSide, SharpEdge, CurvedSide, PilotSide, FlatSide, FlangeSide };
struct WayRound {
    Feature feature = Feature::SpringSide;
    bool up = true; ///< the side with the feature faces up
    friend bool operator==(const WayRound&, const WayRound&) = default;
};

/// What the lip of a seal is there for; the spring side faces it.
enum class LipTask {
    KeepsIn, ///< grease or oil, towards the bearing
    KeepsOut ///< water and dirt, away from it
};

/// What is known of one bearing beyond its number.
struct BearingFacts {
    std::string accuracy = "N"; ///< ISO 492; of inch tapers 4 to 00
    std::string clearanceGroup = "CN";
    std::optional<double> staticRating_N = {};     ///< as printed; nothing: estimated
    std::optional<double> innerRacewayDia_mm = {}; ///< nothing: by the tube model
    std::optional<double> outerRacewayDia_mm = {};
    bool plasticCage = false;
    friend bool operator==(const BearingFacts&, const BearingFacts&) = default;
};

/// A bearing of the catalogue, or one of its rings: the catalogue gives its section.
struct FromCatalogue {
    enum class Piece { Whole, Outer, Inner }; ///< Inner carries the elements where they stay with it
    std::string designation;
    Piece piece = Piece::Whole;
    double at_mm = 0;    ///< height of the assembled bearing's lower face
    bool turned = false; ///< stands on its head
    catalog::BearingDress dress = {};
    BearingFacts facts = {};
    std::optional<catalog::CaliperSizes> sizes = {};  ///< of a bearing no catalogue has, as the calipers gave them
    std::shared_ptr<const catalog::Bearing> own = {}; ///< made of these by resolve()
};
/// The bearing of a resolved part; null: the catalogue does not know it.
const catalog::Bearing* bearingOf(const FromCatalogue& from, const std::vector<catalog::Bearing>& catalogue);

/// A size of a part that somebody typed or dragged: nothing else changes it.
struct TypedSize {
    enum class What { Outside, Bore, Length };
    What what = What::Length;
    std::size_t body = 0;
    std::size_t slice = 0;
    friend bool operator==(const TypedSize&, const TypedSize&) = default;
};

/// One part of an axial stack: bodies that keep together, each at its height in the finished assembly.
struct Part {
    std::string id;
    std::vector<section::Body> bodies;
    PartKind kind = PartKind::Housing;
    std::string label = {};    ///< as the shop calls it
    std::string material = {}; ///< key into the materials, where it is one of them
    /// How it is shaped while it travels, when that differs: a retaining ring squeezed out of its groove. Empty: as
    /// fitted.
    std::vector<section::Body> travelling = {};
    /// What hangs on it and no tool may touch: a plug, a sensor, a stud circle. Of the arrangement's parts none minds
    /// it.
    std::vector<section::Body> keepClear = {};
    /// Parts that hold it without standing in its way: the split pin of a nut, the bolts of a plate.
    std::vector<std::string> lockedBy = {};
    std::optional<FromCatalogue> catalogue = {}; ///< then `bodies` are filled by resolve()
    std::optional<WayRound> wayRound = {};
    std::string linesUpWith = {}; ///< what it must be turned to: a hole with a sensor, a key, a notch; empty: nothing
    std::optional<LipTask> lip = {};   ///< of a seal; nothing: not said
    std::vector<TypedSize> typed = {}; ///< the others were only proposed, and follow
    bool lugs = true;                  ///< of a retaining ring: eyes for pliers
    bool once = false;                 ///< fitted once: crushed to its length, staked, or in two halves that part

    const std::string& name() const { return label.empty() ? id : label; }
    const std::vector<section::Body>& onTheWay() const { return travelling.empty() ? bodies : travelling; }
};

/// One side of a seat: what the drawing asks of it, and what was measured. A ring of the catalogue is made to the
/// limits of its accuracy where the drawing says nothing.
struct SeatSide {
    std::optional<standards::SizeSpec> size = {};
    std::optional<standards::MeasuredSize> measured = {};
    std::optional<double> rz_mm = {}; ///< nothing: as such a surface is usually finished
    friend bool operator==(const SeatSide&, const SeatSide&) = default;
};

/// Two parts joined where they touch.
struct Joint {
    std::string outer;
    std::string inner;
    SeatSide hole = {};
    SeatSide shaft = {};
    bool notched = false;                 ///< the shoulder behind the ring has notches for a drift
    int cutOuts = 0;                      ///< how many; 0: nobody has counted them
    std::optional<double> fillet_mm = {}; ///< radius in the corner of shoulder and seat; nothing: not said

    SeatSide& side(bool ofHole) { return ofHole ? hole : shaft; }
    const SeatSide& side(bool ofHole) const { return ofHole ? hole : shaft; }
};

/// Screws of the job's own that close a joint: through the flange of the outer part into the inner one, or the other
/// way round. Long enough, they draw it home.
struct Bolting {
    std::string outer;
    std::string inner;
    int count = 0;
    std::string thread; ///< "M10x1.5"
    std::string strengthClass = "8.8";
    double reach_mm = 0; ///< of thread, beyond what they clamp when it is home; 0: not said
    friend bool operator==(const Bolting&, const Bolting&) = default;
};

/// Coaxial parts around a base that stays where it is: the housing, or the shaft when the work is done on the shaft.
struct Assembly {
    std::vector<Part> parts;
    std::size_t base = 0;
    std::vector<Joint> pressed = {};  ///< seats with interference: parted only by pressing or drawing
    std::vector<Joint> threaded = {}; ///< screwed: parted by turning, never by sliding along
    std::vector<Bolting> bolted = {}; ///< closed by screws
};

/// Two parts that claim the same space.
struct Clash {
    std::size_t upper = 0;
    std::size_t lower = 0;
    double overlapRad_mm = 0;
    double z_mm = 0;
};

/// Every pair of parts whose bodies overlap as assembled; seats at nominal size and faces in touch do not.
std::vector<Clash> clashes(const Assembly& assembly);

/// A number as it is printed on the bearing, "6204-2RS/C3", becomes the catalogue's; what its suffixes say is taken.
/// @errors those of readPrinted
Result<void> takePrinted(FromCatalogue& from, const std::vector<catalog::Bearing>& catalogue);

/// Gives every part from the catalogue its section; printed numbers are taken apart.
/// @errors UnknownName ("parts/id/designation") when the catalogue has no such bearing
Result<void> resolve(Assembly& assembly, const std::vector<catalog::Bearing>& catalogue);

/// Everything that is wrong with a resolved assembly, each with its place: no parts or a part without a section
/// (Missing), a name twice (Duplicate), locks and joints with unknown names (UnknownName), a base that is none or more
/// than 64 parts (OutOfRange), two parts that overlap (GeometryOrder, both named), a ring, seal, collar or sleeve that
/// touches nothing it could sit on, a joint of parts that do not touch, a retaining ring outside any groove (NoSeat).
std::vector<Problem> faults(const Assembly& assembly);

/// The first of the faults, if any.
Result<void> validate(const Assembly& assembly);

/// Where two parts touch around each other: the diameter of the seat and the length in touch; nothing: nowhere.
struct Touch {
    double dia_mm = 0;
    double length_mm = 0;
    double from_mm = 0; ///< height where it begins
};
std::optional<Touch> touchOf(const Part& outer, const Part& inner);

/// Whether two parts are rings of one bearing: drawn apart, in the same place.
bool sameBearing(const Part& one, const Part& other);

/// Every body as it lies in the arrangement, and what hangs on the parts; to be drawn.
std::vector<section::Body> bodiesOf(const Assembly& assembly);

std::optional<std::size_t> indexOf(const Assembly& assembly, const std::string& id);
const Joint* jointOf(const std::vector<Joint>& joints, const std::string& one, const std::string& other);

/// The parts that are this bearing: itself, or cup and cone of it. None where it is no bearing.
std::vector<std::size_t> piecesOf(const Assembly& assembly, std::size_t part);

} // namespace arbor::arrangement
