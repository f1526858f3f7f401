#include "core/plan/surface_plan.h"

#include "core/plan/gauges.h"
#include "core/plan/seat_sides.h"
#include "core/plan/seat_sources.h"
#include "core/tables/tables.h"

#include <cmath>

namespace arbor::plan {

namespace {

using job::Job;
using standards::SizeSpec;

constexpr double kGaugeAlpha_perK = 1.15e-5; // steel gauges and masters

Result<Interval> limitsOf(const SizeSpec& size, const tables::Tables& lib, bool hole, double dia,
                          const std::string& place) {
    // A size written in full is that of this seat; limits alone, and classes, hold at any size.
    if (size.nominal_mm > 0 && std::abs(size.nominal_mm - dia) > 1e-6)
        return refuse(ProblemCode::GeometryOrder, place, plain(size.nominal_mm),
                      wanted("the seat's {1} mm", plain(dia)));
    if (!size.toleranceClass) return size.deviation_mm;
    if (size.toleranceClass->isHole() != hole)
        return refuse(ProblemCode::UnknownClass, place, size.toleranceClass->text(),
                      hole ? wanted("a hole class, in capitals") : wanted("a shaft class, in small letters"));
    const auto limits = standards::limitDeviations(lib.iso286, dia, *size.toleranceClass);
    return limits ? limits : tl::unexpected(at(limits.error(), place));
}

bool isNear(double dia, double nominal) {
    return std::abs(dia - nominal) <= 0.01 * nominal;
}

/// Works out one side: limits, measured size, verdict.
class Surface {
public:
    Surface(const Job& job, const tables::Tables& lib, const DrawnSeat& source, bool hole)
        : m_job(job), m_tables(lib), m_source(source), m_side(hole ? source.outer : source.inner), m_hole(hole) {}

    Result<SurfacePlan> plan() {
        SurfacePlan out;
        out.part = m_side.id;
        out.label = m_side.label;
        out.ring = m_side.ring != nullptr;
        out.rz_mm = m_side.rz_mm;
        for (auto step : {&Surface::takeSize, &Surface::takeReadings})
            if (auto ok = (this->*step)(out); !ok) return tl::unexpected(ok.error());
        if (!out.ring) judgeIt(out);
        return out;
    }

private:
    std::string place(const std::string& what) const {
        return "measured/seats/" + m_source.key.first + "+" + m_source.key.second + "/" +
               (m_hole ? "hole/" : "shaft/") + what;
    }
    const job::SurfaceCard* card() const {
        const auto found = m_job.measured.seats.find(m_source.key);
        if (found == m_job.measured.seats.end()) return nullptr;
        return m_hole ? &found->second.hole : &found->second.shaft;
    }

    Result<void> takeSize(SurfacePlan& out) {
        if (m_side.size) {
            const auto limits = limitsOf(*m_side.size, m_tables, m_hole, m_source.dia_mm, m_side.place);
            if (!limits) return tl::unexpected(limits.error());
            out.size_mm = *limits;
            out.spec = standards::textOf(*m_side.size, m_source.dia_mm);
            out.toleranceClass = m_side.size->toleranceClass;
        } else if (m_side.ring) {
            const auto& accuracy = m_side.facts.accuracy;
            const auto limits = ringLimits(m_tables, *m_side.ring, accuracy, m_hole);
            if (!limits && accuracy != arrangement::BearingFacts{}.accuracy)
                return tl::unexpected(
                    at(limits.error(), "arrangement/parts/" + m_side.id + "/bearing/tolerance_class"));
            if (!limits) return {}; // a thrust washer: not tabulated, so not known
            out.size_mm = *limits;
            const bool inch = m_side.ring->type == catalog::BearingType::InchTaperRoller;
            out.spec = inch ? "ISO 578 " + (accuracy == "N" ? "4" : accuracy) : "ISO 492 " + accuracy;
        }
        return {};
    }

    Result<void> takeReadings(SurfacePlan& out) {
        const auto* c = card();
        if (c && !c->readings.empty()) {
            const auto form = measure::formOf(c->readings, c->gauge, m_side.material->alpha_perK, kGaugeAlpha_perK);
            if (!form) return tl::unexpected(at(form.error(), place(form.error().field)));
            if (isNear(form->mean_mm, m_source.dia_mm)) {
                out.form = *form;
                out.measuredDia_mm = form->mean_mm;
                out.uncertainty_mm = form->uncertainty_mm;
            } else {
                // The seat was given another size since; the readings are kept, but say nothing about it.
                m_stray_mm = form->mean_mm;
            }
        }
        // A size typed at Fit is meant: it stands in for the mean of the readings.
        if (const auto& m = m_side.measured) {
            out.measuredDia_mm = m->value_mm;
            out.uncertainty_mm = m->uncertainty_mm;
        }
        if (!(m_side.rz_mm >= 0 && m_side.rz_mm <= 0.1))
            return refuse(ProblemCode::OutOfRange, m_side.place + "_rz_um", plain(m_side.rz_mm * 1000),
                          wanted("0 to 100 um"));
        if (c && c->condition.roughness_mm()) out.rz_mm = *c->condition.roughness_mm();
        if (!(out.rz_mm >= 0 && out.rz_mm <= 0.1))
            return refuse(ProblemCode::OutOfRange, place("roughness_rz_um"), plain(out.rz_mm * 1000),
                          wanted("0 to 100 um"));
        const auto from = m_side.measured ? m_side.measuredPlace : place("readings");
        return out.measuredDia_mm ? checkMeasured(*out.measuredDia_mm, m_source.dia_mm, out.uncertainty_mm, from)
                                  : Result<void>{};
    }

    void judgeIt(SurfacePlan& out) const {
        const auto* c = card();
        measure::SurfaceState s;
        s.hole = m_hole;
        s.hub = m_side.hub && m_hole;
        const bool standsStill = m_hole ? m_source.inner.ring && m_job.work.load == fit::LoadCase::InnerTurns
                                        : m_source.outer.ring && m_job.work.load == fit::LoadCase::OuterTurns;
        s.maySlide = standsStill && out.size_mm && isSlidingClass(*out.size_mm, m_hole);
        s.nominal_mm = m_source.dia_mm;
        const double other = m_side.otherDia_mm;
        s.wallRad_mm = m_hole ? (other > 0 ? (other - s.nominal_mm) / 2 : s.nominal_mm) : (s.nominal_mm - other) / 2;
        if (c) s.condition = c->condition;
        out.runOutLimit_mm = s.runOutLimit_mm = standards::squareLimit_mm(m_tables.iso286, s.nominal_mm).value_or(0.01);
        if (out.size_mm) {
            s.size_mm = *out.size_mm;
            s.form = out.form;
            s.measuredDia_mm = out.measuredDia_mm;
            s.measuredUncertainty_mm = out.uncertainty_mm;
            out.formLimit_mm = measure::formLimit(*out.size_mm);
            if (c && c->formLimit_mm) out.formLimit_mm = *c->formLimit_mm;
            s.formLimit_mm = out.formLimit_mm;
        }
        out.judgement = measure::judge(s);
        if (m_stray_mm) takeStray(out.judgement, *m_stray_mm);
        if (c && !c->readings.empty()) sayOfIts(c->gaugeUsed, out.judgement);
        out.verdict = out.judgement.verdict;
        if (!c || !c->overrule) return;
        out.verdict = c->overrule->verdict;
        out.overruled = true;
    }

    /// Readings of another size say nothing of this one: it is not measured, and must not pass for good. What was seen
    /// of it stands where that calls for more.
    void takeStray(measure::Judgement& judgement, double mean_mm) const {
        using measure::Verdict;
        judgement.reasons.insert(
            judgement.reasons.begin(),
            {Verdict::NotMeasured, {found::ReadingsOfOtherSize{mean_mm, m_source.dia_mm}, Severity::Check, "HB3.3"}});
        if (judgement.verdict == Verdict::Use) judgement.verdict = Verdict::NotMeasured;
    }

    void sayOfIts(const job::GaugeUsed& gauge, measure::Judgement& judgement) const {
        using catalog::GaugeKind;
        for (auto& advice : sayOfGauge(gauge, {m_hole ? GaugeKind::Bore : GaugeKind::Outside}, m_tables))
            judgement.reasons.push_back({measure::Verdict::NotMeasured, std::move(advice)});
    }

    const Job& m_job;
    const tables::Tables& m_tables;
    const DrawnSeat& m_source;
    const DrawnSide& m_side;
    bool m_hole;
    std::optional<double> m_stray_mm; ///< mean of readings that belong to another size
};

} // namespace

Result<void> checkMeasured(double dia, double nominal, double uncertainty, const std::string& place) {
    // A gauge set to the wrong master is off by more than any seat that is worth working out.
    if (!isNear(dia, nominal))
        return refuse(ProblemCode::OutOfRange, place, plain(dia), wanted("within 1 % of {1} mm", plain(nominal)));
    if (!(uncertainty >= 0 && uncertainty <= 0.1))
        return refuse(ProblemCode::OutOfRange, place, plain(uncertainty), wanted("an uncertainty of 0 to 0.1 mm"));
    return {};
}

bool isSlidingClass(const Interval& limits, bool hole) {
    return hole ? limits.lower >= 0 : limits.upper <= 0;
}

Result<SurfacePlan> planSurface(const Job& job, const tables::Tables& tables, const DrawnSeat& source, bool hole) {
    return Surface(job, tables, source, hole).plan();
}

} // namespace arbor::plan
