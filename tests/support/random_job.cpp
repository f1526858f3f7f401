#include "support/random_job.h"

#include "io/arrangement_file.h"
#include "mistakes/made_up_job.h"
#include "support/drawing.h"
#include "support/shop.h"

#include <rapidcheck.h>

namespace arbor::testing {

namespace {

double between(double low, double high) {
    return low + (high - low) * *rc::gen::inRange(0, 1001) / 1000;
}

bool often() {
    return *rc::gen::inRange(0, 3) != 0;
}

/// Sizes of both sides: a class, typed limits or nothing, and often one that was measured.
void sayOf(arrangement::SeatSide& side, bool hole, bool ring, double dia_mm) {
    const auto classes = hole ? std::vector<std::string>{"H7", "J7", "K7", "M7", "N7", "P7"}
                              : std::vector<std::string>{"h6", "j6", "k5", "k6", "m6", "n6", "p6", "r6"};
    if (!ring && often()) side.size = sizeOf(*rc::gen::elementOf(classes));
    if (!ring && *rc::gen::inRange(0, 6) == 0)
        side.size = standards::SizeSpec{plain(dia_mm) + " +12/-14 um", dia_mm, std::nullopt, {-0.014, 0.012}};
    if (!ring && often()) {
        const double size = std::round((dia_mm + between(-0.06, 0.06)) * 1000) / 1000;
        side.measured = standards::MeasuredSize{plain(size), size};
    }
    if (often()) side.rz_mm = between(0.0005, 0.012);
}

void sayOfSeats(arrangement::Assembly& a) {
    for (auto& joint : a.pressed) {
        const auto &outer = a.parts[*indexOf(a, joint.outer)], &inner = a.parts[*indexOf(a, joint.inner)];
        const double dia = arrangement::touchOf(outer, inner)->dia_mm;
        sayOf(joint.hole, true, outer.catalogue.has_value(), dia);
        sayOf(joint.shaft, false, inner.catalogue.has_value(), dia);
    }
}

void sayOfParts(arrangement::Assembly& a) {
    for (auto& part : a.parts) {
        const bool holder = part.kind == arrangement::PartKind::Housing || part.kind == arrangement::PartKind::Hub;
        if (holder && often())
            part.material = *rc::gen::element<std::string>("grey_cast_iron", "carbon_steel", "aluminium");
        if (part.catalogue && often())
            part.catalogue->facts.clearanceGroup = *rc::gen::element<std::string>("CN", "C3");
    }
}

} // namespace

job::Job randomJob() {
    static const auto shapes = io::shippedTemplates();
    const auto shape = *rc::gen::inRange<std::size_t>(0, shapes.size());
    mistakes::Chance chance(*rc::gen::arbitrary<std::uint32_t>());
    auto job = mistakes::madeUpJob(shapes[shape].arrangement.value(), demoTables(), chance);
    job.press = *rc::gen::element<std::string>("P30", "P2");
    auto& a = job.arrangement.assembly;
    sayOfParts(a);
    sayOfSeats(a);
    job.work.load = *rc::gen::element(fit::LoadCase::InnerTurns, fit::LoadCase::OuterTurns, fit::LoadCase::NotSaid);
    job.work.speed_rpm = between(0, 3000);
    job.strip.rust = *rc::gen::element(route::Rust::None, route::Rust::Light, route::Rust::Heavy);
    job.lubricant =
        *rc::gen::element(catalog::Lubricant::Dry, catalog::Lubricant::LightOil, catalog::Lubricant::Grease);
    return job;
}

} // namespace arbor::testing
