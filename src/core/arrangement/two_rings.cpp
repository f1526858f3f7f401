#include "core/arrangement/two_rings.h"

namespace arbor::arrangement {

namespace {

section::Body ring(const std::string& id, std::vector<section::Slice> slices) {
    return {id, section::BodyKind::Housing, section::Hatch::Steel, std::move(slices)};
}

standards::SizeSpec classOf(const char* letter, int grade) {
    return standards::SizeSpec::ofClass({letter, grade});
}

} // namespace

Arrangement twoRings() {
    using section::Slice;
    Arrangement out;
    out.title = "Two rings";
    Part inner{"inner", {ring("inner", {Slice::tube(0, 5, 10, 25), Slice::tube(5, 25, 10, 20)})}};
    inner.kind = PartKind::Shaft;
    inner.label = "Inner ring";
    Part outer{"outer", {ring("outer", {Slice::tube(5, 25, 20, 30)})}};
    outer.kind = PartKind::Hub;
    outer.label = "Outer ring";
    inner.material = outer.material = "carbon_steel";
    Joint joint{"outer", "inner"};
    joint.hole.size = classOf("H", 7);
    joint.shaft.size = classOf("p", 6);
    out.assembly = {{inner, outer}, 0, {joint}};
    return out;
}

} // namespace arbor::arrangement
