#include "core/plan/adjust_plan.h"

#include "core/adjust/play_band.h"
#include "core/job/job.h"
#include "core/job/names.h"
#include "core/measure/spacer.h"
#include "core/plan/fit_plan.h"
#include "core/plan/gauges.h"
#include "core/section/body.h"
#include "core/tables/tables.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <numbers>

namespace arbor::plan {

namespace {

using arrangement::Assembly;
using arrangement::FromCatalogue;
using arrangement::Part;
using arrangement::PartKind;

constexpr double kSameLength_mm = 5e-4;

/// An inner ring with its elements, one row that leans.
const catalog::Bearing* leaning(const Part& part, const tables::Tables& tables) {
    if (!part.catalogue || part.catalogue->piece == FromCatalogue::Piece::Outer) return nullptr;
    const auto* bearing = arrangement::bearingOf(*part.catalogue, tables.bearings);
    const bool single = bearing && bearing->rows == 1 && bearing->contactAngle_deg > 1;
    return single && bearing->type != catalog::BearingType::ThrustBall ? bearing : nullptr;
}

double middle_mm(const Part& part, const catalog::Bearing& bearing) {
    return part.catalogue->at_mm + bearing.width_mm / 2;
}

const Part* threadedNut(const Assembly& assembly) {
    for (const auto& part : assembly.parts)
        if (part.kind == PartKind::Nut &&
            std::any_of(assembly.threaded.begin(), assembly.threaded.end(),
                        [&](const auto& joint) { return joint.outer == part.id || joint.inner == part.id; }))
            return &part;
    return nullptr;
}

/// A tube that keeps the two inner rings apart: it lies between their middles and reaches most of the way.
const Part* spacerBetween(const Assembly& assembly, double low_mm, double high_mm) {
    for (const auto& part : assembly.parts)
        if (part.kind == PartKind::SpacerTube && part.bodies.front().bottom() > low_mm - 1e-9 &&
            part.bodies.front().top() < high_mm + 1e-9)
            return &part;
    return nullptr;
}

double alphaOf(const Assembly& assembly, PartKind kind, const tables::Tables& tables, double otherwise) {
    for (const auto& part : assembly.parts)
        if (part.kind == kind)
            if (const auto material = tables.materials.find(part.material); material != tables.materials.end())
                return material->second.alpha_perK;
    return otherwise;
}

const measure::SpacerState* spacerNamed(const FitPlan& fits, const std::string& label) {
    for (const auto& spacer : fits.spacers)
        if (spacer.label == label) return &spacer.state;
    return nullptr;
}

/// What Measure has scrapped: the spacer, or a seat. Empty: nothing.
std::string scrappedOf(const FitPlan* fits, const OpposedPair& pair, const measure::SpacerState* measured) {
    if (measured && measured->judgement.verdict == measure::Verdict::Replace) return pair.spacer;
    if (!fits) return {};
    for (const auto& seat : fits->seats)
        for (const bool hole : {true, false})
            if (severityOf(seat, hole) == Severity::Stop) return hole ? seat.hole.label : seat.shaft.label;
    return {};
}

class Planner {
public:
    /// @param measured  the spacer; null: it was not
    Planner(const job::Adjust& adjust, const tables::Tables& tables, OpposedPair pair,
            const measure::SpacerState* measured, std::string scrap)
        : m_adjust(adjust), m_tables(tables), m_measured(measured) {
        m_out.pair = std::move(pair);
        m_out.scrap = std::move(scrap);
    }

    Result<std::optional<AdjustPlan>> plan() {
        for (auto step : {&Planner::target, &Planner::spacer, &Planner::warmth, &Planner::nut, &Planner::grease})
            if (auto ok = (this->*step)(); !ok) return tl::unexpected(at(ok.error(), "adjust/" + ok.error().field));
        schools();
        rolling();
        judge();
        return std::optional(std::move(m_out));
    }

private:
    template <class Kind>
    void say(Kind kind, Severity severity) {
        m_out.findings.push_back({std::move(kind), severity, "HB4.15"});
    }

    Result<void> target() {
        if (m_adjust.target_mm) {
            if (!(m_adjust.target_mm->lower <= m_adjust.target_mm->upper))
                return refuse(ProblemCode::GeometryOrder, "target", plain(m_adjust.target_mm->lower),
                              wanted("up to {1}", plain(m_adjust.target_mm->upper)));
            m_out.target_mm = *m_adjust.target_mm;
            return {};
        }
        const auto* band = adjust::bandOf(m_tables.endPlay, m_adjust.use, m_out.pair.bore_mm);
        if (!band)
            return refuse(ProblemCode::UnknownName, "use", m_adjust.use, wanted("a use of the table of end play"));
        m_out.target_mm = band->play_mm;
        m_out.targetName = band->name;
        return {};
    }

    /// What the clamp takes off between the torque at which play was found and the full one.
    Result<void> spacer() {
        m_out.play_mm = m_adjust.play_mm;
        if (!m_out.onSpacer()) return {};
        adjust::ClampedPair c;
        c.nutDia_mm = m_out.pair.nutDia_mm;
        c.nutFactor = m_adjust.nutFactor;
        c.spacerLength_mm = m_out.pair.spacerLength_mm;
        c.spacerArea_mm2 = m_out.pair.spacerArea_mm2;
        for (const auto* b : {m_out.pair.firstBearing, m_out.pair.secondBearing}) {
            c.ringWidth_mm += b->innerWidth_mm;
            c.ringArea_mm2 += ringArea_mm2(*b) / 2;
        }
        auto clamped = adjust::clamp(c, m_adjust.torque_Nm);
        if (!clamped) return tl::unexpected(clamped.error());
        m_out.clamped = *clamped;
        if (!m_adjust.play_mm) return {};
        const auto play = adjust::playAt_mm(c, *m_adjust.play_mm, m_adjust.handTorque_Nm, m_adjust.torque_Nm);
        if (!play) return tl::unexpected(play.error());
        const double trial_mm = m_adjust.foundWith_mm.value_or(m_out.pair.drawnSpacer_mm);
        m_out.play_mm = *play - (trial_mm - c.spacerLength_mm);
        m_out.neededSpacer_mm = Interval{adjust::neededLength_mm(trial_mm, *play, m_out.target_mm.lower),
                                         adjust::neededLength_mm(trial_mm, *play, m_out.target_mm.upper)};
        const bool differs = std::abs(trial_mm - c.spacerLength_mm) > kSameLength_mm;
        if (differs || m_adjust.foundWith_mm)
            say(found::PlayFoundWith{trial_mm, c.spacerLength_mm, !m_adjust.foundWith_mm},
                m_adjust.foundWith_mm ? Severity::Info : Severity::Check);
        return {};
    }
    /// Of the inner ring as a tube up to its raceway.
    static double ringArea_mm2(const catalog::Bearing& b) {
        const double F = b.innerRacewayDia_mm();
        return std::numbers::pi / 4 * (F * F - b.boreDia_mm * b.boreDia_mm);
    }

    Result<void> warmth() {
        const auto lost = adjust::playLost_mm(m_out.pair.geometry, m_adjust.shaft_K, m_adjust.housing_K);
        if (!lost) return tl::unexpected(lost.error());
        m_out.lostAtWork_mm = *lost;
        if (m_out.play_mm) m_out.atWork_mm = *m_out.play_mm - *lost;
        return {};
    }

    Result<void> nut() {
        if (m_out.onSpacer()) return {}; // the spacer sets it; the nut only holds
        if (m_adjust.underClamp) {
            const auto on = adjust::onToNext_deg(m_adjust.nut, m_adjust.toNext_deg);
            if (!on) return tl::unexpected(on.error());
            m_out.on_deg = *on;
            return {};
        }
        if (auto ok = adjust::lockAngles(m_adjust.nut); !ok) return tl::unexpected(ok.error());
        if (!m_adjust.play_mm) return {};
        auto slots = adjust::chooseSlot(m_adjust.nut, *m_adjust.play_mm, m_adjust.toNext_deg, m_out.target_mm);
        if (!slots) return tl::unexpected(slots.error());
        m_out.choice = std::move(*slots);
        return {};
    }

    void schools() {
        adjust::SchoolInput in;
        in.pitch_mm = m_adjust.nut.pitch_mm;
        in.partOfATurn = m_adjust.partOfATurn;
        in.target_mm = m_out.target_mm;
        in.reading_mm = m_adjust.uncertainty_mm;
        if (const auto choice = adjust::chooseSlot(m_adjust.nut, 0, 0, m_out.target_mm)) in.step_mm = choice->step_mm;
        for (const auto school : adjust::kSchools)
            m_out.schools.emplace_back(school, adjust::playOf(school, in));
        judgeMethod();
    }

    /// What the chosen method amounts to on this thread; by the indicator it is measured, and never judged beforehand.
    void judgeMethod() {
        if (m_out.onSpacer() || m_adjust.underClamp || m_adjust.school == adjust::SettingMethod::Indicator) return;
        const auto& band = m_out.target_mm;
        for (const auto& [school, play] : m_out.schools) {
            const bool inside = play.lower >= band.lower && play.upper <= band.upper;
            if (school != m_adjust.school || inside) continue;
            const double times = band.mid() > 0 ? play.mid() / band.mid() : 0;
            say(found::MethodLeaves{std::string(job::name(school)), play.lower, play.upper, times}, Severity::Check);
        }
    }

    Result<void> grease() {
        const auto& g = m_adjust.grease;
        if (!(g.density_g_cm3 > 0))
            return refuse(ProblemCode::NotPositive, "grease/g_cm3", plain(g.density_g_cm3), wanted("> 0"));
        if (!(g.stroke_g >= 0))
            return refuse(ProblemCode::OutOfRange, "grease/stroke_g", plain(g.stroke_g), wanted("0 or more"));
        constexpr double kMm3PerCm3 = 1000;
        for (const auto* b : {m_out.pair.firstBearing, m_out.pair.secondBearing})
            m_out.grease.push_back(adjust::fillOf(route::freeVolume_mm3(*b) / kMm3PerCm3, m_adjust.cavity_cm3 / 2, g));
        return {};
    }

    void rolling() {
        if (!m_adjust.pull_N || m_adjust.radius_mm <= 0) return;
        const double torque = adjust::rollingTorque_Nm(*m_adjust.pull_N, m_adjust.radius_mm);
        m_out.rolling_Nm = torque;
        const auto& wanted = m_adjust.torque_Nm_wanted;
        const bool high = wanted && torque > wanted->upper, low = wanted && torque < wanted->lower;
        say(found::RollingTorqueIs{torque, high  ? wanted->upper
                                           : low ? wanted->lower
                                                 : 0},
            high || low ? Severity::Stop : Severity::Info);
    }

    void judge() {
        if (!m_out.play_mm) {
            say(found::PlayNotMeasured{m_out.target_mm.lower, m_out.target_mm.upper}, Severity::Info);
        } else if (m_out.inBand()) {
            say(found::PlayInBand{*m_out.play_mm}, Severity::Info);
        } else if (!m_out.scrap.empty() && m_out.target_mm.lower <= *m_out.play_mm &&
                   *m_out.play_mm <= m_out.target_mm.upper) {
            say(found::PlayOnScrap{*m_out.play_mm, m_out.scrap}, Severity::Stop);
        } else if (*m_out.play_mm > m_out.target_mm.upper) {
            say(found::PlayTooLarge{*m_out.play_mm, m_out.target_mm.upper}, Severity::Stop);
        } else {
            say(found::PlayTooSmall{*m_out.play_mm, m_out.target_mm.lower}, Severity::Stop);
        }
        if (m_out.on_deg) say(found::OnToNextSlot{*m_out.on_deg}, *m_out.on_deg > 0 ? Severity::Check : Severity::Info);
        if (m_adjust.play_mm)
            for (auto& advice : sayOfGauge(m_adjust.gauge, {catalog::GaugeKind::Indicator}, m_tables))
                m_out.findings.push_back(std::move(advice));
        judgeSlots();
        judgeSpacer();
        judgeEnds();
        if (m_out.onSpacer()) say(found::DragBare{}, Severity::Info);
        judgeWarmth();
        say(found::BedTheRollers{}, Severity::Info);
    }

    void judgeSlots() {
        if (!m_out.choice) return;
        const auto& s = *m_out.choice;
        if (s.best) {
            const auto& place = s.places[*s.best];
            say(found::SlotFits{place.turn_deg, place.play_mm}, Severity::Info);
            return;
        }
        say(found::NoSlotFits{s.step_mm}, Severity::Stop);
        for (const auto& mend : s.washerMends())
            sayMend(mend, s.places[mend.place]);
    }

    void sayMend(const adjust::WasherMend& mend, const adjust::Place& place) {
        if (mend.thicker_mm < 0) {
            say(found::FaceWasher{-mend.thicker_mm, place.turn_deg}, Severity::Check);
            return;
        }
        say(found::ThickerWasher{mend.thicker_mm, place.turn_deg}, Severity::Check);
        m_out.shimsFor_mm = mend.thicker_mm;
        auto pack = adjust::packShims(mend.thicker_mm, m_adjust.stock_mm);
        if (!pack || pack->shims_mm.empty()) {
            say(found::NoShimsInStock{}, Severity::Info);
            return;
        }
        std::string named;
        for (const double shim : pack->shims_mm)
            named += (named.empty() ? "" : " + ") + plain(shim);
        say(found::ShimsFromStock{pack->total_mm, adjust::playWithWasher_mm(place.play_mm, pack->total_mm), named},
            Severity::Info);
        m_out.shims = std::move(*pack);
    }

    void judgeSpacer() {
        if (!m_out.clamped) return;
        if (m_adjust.torque_Nm > 0)
            say(found::ClampShortens{m_out.clamped->both_mm(), m_out.clamped->force_N}, Severity::Info);
        if (m_out.neededSpacer_mm && !m_out.inBand())
            say(found::SpacerToLength{m_out.neededSpacer_mm->mid(), m_out.pair.spacerLength_mm,
                                      m_out.neededSpacer_mm->lower, m_out.neededSpacer_mm->upper},
                Severity::Check);
    }

    /// What the clamp closes at an end out of square tilts the cone on it: gap = tilt x diameter. [HB4.15]
    void judgeEnds() {
        if (!m_measured || !(m_out.pair.spacerOutside_mm > 0)) return;
        const double gap =
            std::max(m_measured->outOfParallel_mm.value_or(0), m_measured->lowerOutOfSquare_mm.value_or(0));
        if (!(gap > m_measured->limit_mm)) return;
        const double tilt_arcmin = std::atan(gap / m_out.pair.spacerOutside_mm) * 60 * 180 / std::numbers::pi;
        say(found::ClampTilts{gap, tilt_arcmin, m_out.pair.spacer}, Severity::Check);
    }

    void judgeWarmth() {
        if (m_adjust.shaft_K == 0 && m_adjust.housing_K == 0) return;
        const bool gone = m_out.atWork_mm && *m_out.atWork_mm < 0 && m_out.target_mm.lower >= 0;
        say(found::WarmthTakesPlay{m_out.lostAtWork_mm, m_out.atWork_mm}, gone ? Severity::Stop : Severity::Info);
    }

    const job::Adjust& m_adjust;
    const tables::Tables& m_tables;
    const measure::SpacerState* m_measured;
    AdjustPlan m_out;
};

} // namespace

std::optional<OpposedPair> pairOf(const Assembly& assembly, const tables::Tables& tables) {
    std::vector<std::pair<const Part*, const catalog::Bearing*>> rings;
    for (const auto& part : assembly.parts)
        if (const auto* bearing = leaning(part, tables)) rings.emplace_back(&part, bearing);
    const auto* nut = threadedNut(assembly);
    if (rings.size() != 2 || !nut) return std::nullopt;
    if (rings[0].first->catalogue->at_mm > rings[1].first->catalogue->at_mm) std::swap(rings[0], rings[1]);
    const auto& [low, lowBearing] = rings[0];
    const auto& [high, highBearing] = rings[1];
    OpposedPair out;
    out.first = low->name();
    out.second = high->name();
    out.firstBearing = lowBearing;
    out.secondBearing = highBearing;
    out.bore_mm = std::max(lowBearing->boreDia_mm, highBearing->boreDia_mm);
    out.nut = nut->name();
    out.nutDia_mm = nut->bodies.front().boreDia();
    auto& g = out.geometry;
    g.first = {lowBearing->pitchDia_mm(), lowBearing->contactAngle_deg};
    g.second = {highBearing->pitchDia_mm(), highBearing->contactAngle_deg};
    g.apart_mm = middle_mm(*high, *highBearing) - middle_mm(*low, *lowBearing);
    // The lines of contact meet the axis on the side of a ring's large end, which is up unless it is turned.
    g.pointsInside = !low->catalogue->turned;
    g.alphaShaft_perK = alphaOf(assembly, PartKind::Shaft, tables, g.alphaShaft_perK);
    g.alphaHousing_perK =
        alphaOf(assembly, PartKind::Hub, tables, alphaOf(assembly, PartKind::Housing, tables, g.alphaHousing_perK));
    if (const auto* spacer = spacerBetween(assembly, middle_mm(*low, *lowBearing), middle_mm(*high, *highBearing))) {
        const auto& body = spacer->bodies.front();
        out.spacer = spacer->name();
        out.spacerLength_mm = out.drawnSpacer_mm = body.height();
        out.spacerOutside_mm = body.outsideDia();
        out.spacerArea_mm2 = section::volume_mm3(body) / body.height();
    }
    return out;
}

Result<std::optional<AdjustPlan>> planAdjust(const job::Job& job, const StripPlan& strip, const FitPlan* fits,
                                             const tables::Tables& tables) {
    if (!strip.faults.empty()) return std::optional<AdjustPlan>{};
    auto pair = pairOf(strip.assembly, tables);
    if (!pair) return std::optional<AdjustPlan>{};
    const auto* measured = fits ? spacerNamed(*fits, pair->spacer) : nullptr;
    if (measured && measured->length_mm > 0) pair->spacerLength_mm = measured->length_mm;
    const auto scrap = scrappedOf(fits, *pair, measured);
    auto planned = Planner(job.adjust, tables, std::move(*pair), measured, scrap).plan();
    if (planned && measured)
        for (const auto& advice : measured->judgement.advice())
            (*planned)->findings.push_back(advice);
    return planned;
}

} // namespace arbor::plan
