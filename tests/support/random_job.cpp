#include "support/random_job.h"

#include "core/arrangement/edit.h"
#include "core/route/order.h"
#include "io/arrangement_file.h"
#include "support/drawing.h"
#include "support/shop.h"

#include <rapidcheck.h>

namespace arbor::testing {

namespace {

using arrangement::Assembly;

double between(double low, double high) {
    return low + (high - low) * *rc::gen::inRange(0, 1001) / 1000;
}

bool often() {
    return *rc::gen::inRange(0, 3) != 0;
}

bool holds(const Result<Assembly>& made) {
    return made && arrangement::faults(*made).empty() && route::takeApart(*made).stuck == 0;
}

/// Another bearing of the same type in the place of each, near the same size.
Assembly withOtherBearings(Assembly a) {
    const auto& all = demoTables().bearings;
    for (std::size_t p = 0; p < a.parts.size(); ++p) {
        if (!a.parts[p].catalogue || !often()) continue;
        const auto* was = catalog::findBearing(all, a.parts[p].catalogue->designation);
        std::vector<std::string> others;
        for (const auto& b : all)
            if (b.type == was->type && b.boreDia_mm > 0.7 * was->boreDia_mm && b.boreDia_mm < 2 * was->boreDia_mm)
                others.push_back(b.designation);
        if (others.empty()) continue;
        const auto made = arrangement::withBearing(a, p, *rc::gen::elementOf(others), all);
        if (holds(made)) a = *made;
    }
    return a;
}

Assembly withOtherSizes(Assembly a) {
    for (int i = 0; i < 4; ++i) {
        const auto lines = arrangement::sizeLines(a);
        const auto& line = lines[*rc::gen::inRange<std::size_t>(0, lines.size())];
        const auto made = arrangement::withSize(a, line, std::round(line.value_mm * between(0.85, 1.3) * 10) / 10);
        if (holds(made)) a = *made;
    }
    return a;
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

void sayOfSeats(Assembly& a) {
    for (auto& joint : a.pressed) {
        const auto &outer = a.parts[*indexOf(a, joint.outer)], &inner = a.parts[*indexOf(a, joint.inner)];
        const double dia = arrangement::touchOf(outer, inner)->dia_mm;
        sayOf(joint.hole, true, outer.catalogue.has_value(), dia);
        sayOf(joint.shaft, false, inner.catalogue.has_value(), dia);
    }
}

void sayOfParts(Assembly& a) {
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
    job::Job job;
    const auto shape = *rc::gen::inRange<std::size_t>(0, shapes.size());
    job.arrangement = shapes[shape].arrangement.value();
    job.id = "J-9001";
    job.title = "Made up";
    job.press = *rc::gen::element<std::string>("P30", "P2");
    auto& a = job.arrangement.assembly;
    if (!arrangement::resolve(a, demoTables().bearings)) return job;
    a = withOtherSizes(withOtherBearings(std::move(a)));
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
