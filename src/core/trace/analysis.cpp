#include "core/trace/analysis.h"

#include "core/trace/curve.h"
#include "core/trace/rise.h"

#include <algorithm>
#include <cmath>

namespace arbor::trace {

namespace {

constexpr int kSteps = 300;            // over the way home
constexpr double kWidestStep_mm = 0.1; // a shoulder must not be lost in one
constexpr double kContact = 1.1;       // over the slide: what it takes to feel the contact where nothing may be held
constexpr double kSteep = 4.5;         // times the likely force: no tight seat begins like that
constexpr double kGapTravel = 0.02;    // of the way home: less than that hides nothing
constexpr double kTooth = 0.12;        // of the force: a drop that counts as a tooth
constexpr int kTeeth = 3;
constexpr double kDrop = 0.3;      // of the force: a drop mid-slide that nothing of the seat explains
constexpr double kGrowing = 1.22;  // last third of the slide over its first half
constexpr double kBeginsAt = 0.12; // of the way home: the chamfer is behind it

/// Looks at one curve; each sign is asked for by itself and the worst is the verdict.
class Reader {
public:
    /// @param free_mm  of the way, before the seat begins: trace and prediction count from there
    Reader(const Trace& trace, const Expected& expected, const AnalysisInput& in, double free_mm)
        : m_trace(trace), m_e(expected), m_in(in), m_free(free_mm), m_home(expected.homeTravel_mm),
          m_c(loadingCurve(trace, std::clamp(expected.homeTravel_mm / kSteps, 1e-3, kWidestStep_mm))),
          m_threshold(std::max({40.0, 6 * m_c.noise_N, 0.04 * expected.end_N.most, 1.5 * in.gaugeStep_N})) {}

    Analysis read() {
        m_out.baseline_N = m_c.baseline_N;
        m_out.noise_N = m_c.noise_N;
        m_out.peak_N = m_c.peak_N;
        if (m_c.points.size() < 4 || m_home <= 0) return finish(Verdict::NotEnough, 0);
        m_out.endTravel_mm = m_c.points.back().travel_mm;
        m_out.hold_s = m_c.hold_s;
        findGaps();
        findRise();
        measureSlide();
        measureBand();
        setPhases();
        return judge();
    }

private:
    double likely(double x) const { return x >= m_home ? m_e.end_N.likely : forceAt(m_e, std::max(0.0, x)).likely; }
    double most(double x) const { return x >= m_home ? m_e.end_N.most : forceAt(m_e, std::max(0.0, x)).most; }
    double least(double x) const { return x >= m_home ? m_e.end_N.least : forceAt(m_e, std::max(0.0, x)).least; }
    double end() const { return m_out.endTravel_mm; }
    /// As travel is counted outside: from where the ring stood in the mouth.
    double shown(double travel_mm) const { return travel_mm + m_free; }

    /// The instrument was silent, or the disk full, while the ring moved.
    void findGaps() {
        if (m_c.coarse) return; // points read by hand are far apart
        for (std::size_t i = 1; i < m_trace.size(); ++i) {
            const auto &a = m_trace[i - 1], &b = m_trace[i];
            const double left = b.travel_mm - a.travel_mm;
            if (b.t_s - a.t_s <= kGap_s || left < kGapTravel * m_home) continue;
            mark<found::TraceGap>(a.travel_mm, a.force_N);
            mark<found::TraceGap>(b.travel_mm, b.force_N);
            m_out.findings.push_back({found::TraceGap{shown(a.travel_mm), left}, Severity::Check, "HB4.14"});
        }
    }

    void findRise() {
        const double slide =
            std::max(m_c.slope(kBeginsAt * m_home, 0.85 * std::min(end(), m_home)), m_e.end_N.likely / m_home);
        m_rise = riseOf(m_trace, m_c, {m_home, slide, m_e.hold_N.least, m_threshold});
        if (!m_rise) return;
        m_out.knee_mm = m_rise->knee_mm;
        m_out.endStiffness_N_per_mm = m_rise->stiffness_N_per_mm;
    }
    bool isStiff() const { return m_rise && m_rise->stiff; }

    double slideEnd() const {
        const auto& p = m_c.points;
        if (m_c.coarse && m_out.knee_mm) return std::min(p[p.size() - 2].travel_mm, m_home); // then it was held
        return std::min({end(), m_home, m_out.knee_mm.value_or(end())}) - 0.02 * m_home;
    }
    double slideBegin() const { return kBeginsAt * m_home; }

    template <class Use>
    void overSlide(double from, double to, Use use) const {
        for (const auto& p : m_c.points)
            if (p.travel_mm >= from && p.travel_mm <= to) use(p);
    }

    /// Least squares of the force over the likely one, through nothing: how much of it this seat takes.
    std::optional<double> ratioOver(double from, double to) const {
        double top = 0, bottom = 0;
        int count = 0;
        overSlide(from, to, [&](const Curve::Point& p) {
            top += p.force_N * likely(p.travel_mm);
            bottom += likely(p.travel_mm) * likely(p.travel_mm);
            ++count;
        });
        return count >= 2 && bottom > 0 ? std::optional(top / bottom) : std::nullopt;
    }

    void measureSlide() {
        if (slideEnd() - slideBegin() < 0.15 * m_home) return;
        m_out.ofLikely = ratioOver(slideBegin(), slideEnd());
        if (m_out.ofLikely && m_in.friction) m_out.friction = *m_out.ofLikely * m_in.friction->mid();
    }

    void measureBand() {
        int all = 0, inside = 0;
        overSlide(0, slideEnd(), [&](const Curve::Point& p) {
            ++all;
            inside += p.force_N <= most(p.travel_mm) + m_threshold && p.force_N >= least(p.travel_mm) - m_threshold;
        });
        // The rise belongs to home, up to the holding load; before that it lies outside.
        for (const auto& p : m_c.points)
            if (p.travel_mm > slideEnd()) {
                const bool home = p.travel_mm >= m_home - homeTolerance();
                ++all;
                inside += p.force_N <= (home ? m_e.hold_N.most : most(p.travel_mm)) + m_threshold;
            }
        m_out.shareInBand = all > 0 ? static_cast<double>(inside) / all : 0;
    }

    void setPhases() {
        const double first = m_c.points.front().travel_mm, knee = m_out.knee_mm.value_or(end());
        const double lead = std::min(slideBegin() / 2, knee);
        if (shown(first) < 0 || m_free > 0) m_out.phases.push_back({PhaseKind::Approach, first, std::min(0.0, end())});
        if (end() > 0) m_out.phases.push_back({PhaseKind::LeadIn, std::max(0.0, first), std::min(lead, end())});
        if (knee > lead) m_out.phases.push_back({PhaseKind::Slide, lead, knee});
        if (m_out.knee_mm) m_out.phases.push_back({PhaseKind::Rise, knee, end()});
        for (auto& phase : m_out.phases)
            phase = {phase.kind, shown(phase.from_mm), shown(phase.to_mm)};
        if (m_c.hold_s > 0.2 && m_out.knee_mm) {
            m_out.phases.push_back({PhaseKind::Hold, shown(end()), shown(end())});
            m_out.hold_N = m_c.points.back().force_N;
        }
    }

    template <class Kind>
    void mark(double travel, double force) {
        m_out.evidence.push_back({Kind::key, shown(travel), force});
    }

    /// The largest drop from a peak to the valley behind it, between two travels.
    struct Drop {
        Curve::Point peak, valley;
        double share() const { return peak.force_N > 0 ? (peak.force_N - valley.force_N) / peak.force_N : 0; }
    };
    std::optional<Drop> largestDrop(double from, double to, double within_mm) const {
        std::optional<Drop> best;
        const auto& p = m_c.points;
        for (std::size_t i = 0; i < p.size(); ++i) {
            if (p[i].travel_mm < from || p[i].travel_mm > to) continue;
            for (std::size_t k = i + 1; k < p.size() && p[k].travel_mm - p[i].travel_mm <= within_mm; ++k) {
                const Drop drop{p[i], p[k]};
                const double fall = drop.peak.force_N - drop.valley.force_N;
                if (fall > 2 * m_threshold && (!best || fall > best->peak.force_N - best->valley.force_N)) best = drop;
            }
        }
        return best;
    }

    /// Peaks that are followed by a fall of a good part of the force, and rise again.
    int teeth(Curve::Point& first) const {
        if (m_c.coarse) return 0;
        const auto& p = m_c.points;
        int count = 0;
        double peak = 0, valley = 0;
        bool falling = false;
        Curve::Point at;
        for (const auto& point : p) {
            if (point.travel_mm < slideBegin() || point.travel_mm > slideEnd()) continue;
            const double size = std::max(kTooth * peak, m_threshold);
            if (!falling && point.force_N > peak) {
                peak = point.force_N;
                at = point;
            } else if (!falling && peak - point.force_N > size) {
                falling = true;
                valley = point.force_N;
                if (count++ == 0) first = at;
            } else if (falling) {
                valley = std::min(valley, point.force_N);
                if (point.force_N - valley > size) {
                    falling = false;
                    peak = point.force_N;
                }
            }
        }
        return count;
    }

    /// First point where the force lies above what it might take a good way further on.
    std::optional<Curve::Point> tooEarly() const {
        const double ahead = 0.12 * m_home;
        for (const auto& p : m_c.points)
            if (p.travel_mm > 0.02 * m_home && p.travel_mm < kEarlyShare * m_home &&
                p.force_N > 1.25 * most(p.travel_mm + ahead) + 2 * m_threshold)
                return p;
        return std::nullopt;
    }

    /// While it runs nobody knows yet whether it will fall again: only what no tight seat does counts.
    std::optional<Curve::Point> tooSteep() const {
        for (const auto& p : m_c.points)
            if (p.travel_mm > 0.02 * m_home && p.travel_mm < kEarlyShare * m_home &&
                p.force_N > kSteep * likely(p.travel_mm) + 2 * m_threshold)
                return p;
        return std::nullopt;
    }

    bool cocked() {
        const auto drop = largestDrop(0, kEarlyShare * m_home, 0.3 * m_home);
        const auto early = m_in.ongoing ? tooSteep() : tooEarly();
        const bool fell = drop && ((drop->share() > 0.2 && standsOut(drop->peak, 1.2)) ||
                                   (drop->share() > 0.1 && standsOut(drop->peak, 1.35)));
        // A seat that is tight all the way is above its band from the start; it does not come down again.
        const bool steep = early && (fell || m_in.ongoing || !m_out.ofLikely);
        // So is one on which the press gave up before it was well begun.
        const auto& last = m_c.points.back();
        const bool stuck = !m_in.ongoing && end() < 1.1 * kEarlyShare * m_home &&
                           last.force_N > 1.15 * most(last.travel_mm) + m_threshold;
        if (!fell && !steep && !stuck) return false;
        const auto& at = fell ? drop->peak : early ? *early : last;
        mark<found::TraceCocked>(at.travel_mm, at.force_N);
        if (fell) mark<found::TraceCocked>(drop->valley.travel_mm, drop->valley.force_N);
        return say(found::TraceCocked{shown(at.travel_mm), at.force_N}, Severity::Stop,
                   (at.force_N - most(at.travel_mm)) / m_threshold);
    }

    /// Over what its band allows there, or well over what this seat goes on to take.
    bool standsOut(const Curve::Point& peak, double overOwn) const {
        const double own = m_out.ofLikely ? *m_out.ofLikely * likely(peak.travel_mm) : INFINITY;
        return peak.force_N > 1.15 * most(peak.travel_mm) + m_threshold || peak.force_N > overOwn * own + m_threshold;
    }

    bool supportMoved() {
        if (m_c.coarse) return false;
        const auto drop = largestDrop(kEarlyShare * m_home, slideEnd(), 0.12 * m_home);
        if (!drop || drop->share() < kDrop) return false;
        mark<found::TraceDropped>(drop->peak.travel_mm, drop->peak.force_N);
        mark<found::TraceDropped>(drop->valley.travel_mm, drop->valley.force_N);
        return say(found::TraceDropped{shown(drop->peak.travel_mm), drop->peak.force_N - drop->valley.force_N},
                   Severity::Stop, drop->share() / kDrop);
    }

    bool galled() {
        Curve::Point first;
        const int count = teeth(first);
        const double half = (slideBegin() + slideEnd()) / 2;
        const double third = slideEnd() - (slideEnd() - slideBegin()) / 3;
        const auto early = ratioOver(slideBegin(), half), late = ratioOver(third, slideEnd());
        const bool grows = early && late && slideEnd() > 0.6 * m_home && *early * likely(half) > m_threshold &&
                           *late > kGrowing * *early && m_c.at(slideEnd()) > most(slideEnd());
        if (count < kTeeth && !grows && !growsUntilItStalls(early, half)) return false;
        const auto at = count >= kTeeth ? first : Curve::Point{slideEnd(), m_c.at(slideEnd())};
        mark<found::TraceGalling>(at.travel_mm, at.force_N);
        return say(found::TraceGalling{shown(at.travel_mm), static_cast<double>(count)}, Severity::Stop,
                   count >= kTeeth ? count / static_cast<double>(kTeeth) : *late / *early / kGrowing);
    }

    /// It slid as it should, grew, and stood at a force that the seat could never take, with no shoulder under it yet.
    bool growsUntilItStalls(const std::optional<double>& early, double half_mm) const {
        const auto last = ratioOver(slideEnd() - 0.04 * m_home, slideEnd());
        const bool stalls = end() < m_home - homeTolerance() && (m_out.peak_N > most(end()) || !isStiff());
        return early && last && stalls && slideEnd() > 0.4 * m_home && *last > kGrowing * *early &&
               *early * likely(half_mm) > std::max(m_threshold, 0.6 * least(half_mm));
    }

    /// Next to nothing first, then the whole force within a short way.
    bool grippedEarly() {
        if (m_e.end_N.likely < 3 * m_threshold || slideEnd() < 0.3 * m_home) return false;
        double free = slideBegin();
        for (const auto& p : m_c.points)
            if (p.travel_mm > slideBegin() && p.force_N < std::max(m_threshold, 0.35 * least(p.travel_mm)))
                free = p.travel_mm;
        const bool stands = isStiff() && *m_out.knee_mm < free + 0.06 * m_home; // on a shoulder, or on a chip
        const bool wasFree = free > 0.3 * m_home && free < 0.92 * m_home && free < end() && !stands &&
                             m_c.at(0.9 * free) < 0.4 * least(0.9 * free) + m_threshold / 2;
        // By hand, a last reading at the end says how it was held, not how it got there.
        if (m_c.coarse && m_c.points[m_c.points.size() - 2].travel_mm <= free) return false;
        const double after = std::min(free + 0.1 * m_home, end());
        if (!wasFree || m_c.at(after) < 0.8 * least(after)) return false;
        if (m_out.knee_mm && free > m_home - 0.08 * m_home - m_in.homeTolerance_mm)
            return false; // that is the shoulder
        mark<found::TraceGripped>(free, m_c.at(free));
        return say(found::TraceGripped{shown(free), m_c.at(after)}, Severity::Stop, m_c.at(after) / m_threshold);
    }

    bool aboveBand() {
        if (!m_out.ofLikely || m_e.end_N.likely <= 0) return false;
        const double allowed = m_e.end_N.most / m_e.end_N.likely, over = *m_out.ofLikely / allowed;
        if (over < 1.12 || m_c.at(slideEnd()) < most(slideEnd()) + m_threshold) return false;
        for (const auto& p : m_c.points)
            if (p.travel_mm > 0 && p.force_N > most(p.travel_mm) + m_threshold) {
                mark<found::TraceAboveBand>(p.travel_mm, p.force_N);
                return say(found::TraceAboveBand{shown(p.travel_mm), p.force_N}, Severity::Stop, 1 + 5 * (over - 1.12));
            }
        return false;
    }

    bool belowBand() {
        if (!m_out.ofLikely || m_e.end_N.least < 1.5 * m_threshold || slideEnd() < 0.4 * m_home) return false;
        const double allowed = m_e.end_N.least / m_e.end_N.likely, under = *m_out.ofLikely / allowed;
        if (under > 0.85 || m_c.at(slideEnd()) > least(slideEnd()) - 0.5 * m_threshold) return false;
        const double at = slideEnd();
        mark<found::TraceBelowBand>(at, m_c.at(at));
        return say(found::TraceBelowBand{shown(at), m_c.at(at)}, Severity::Stop, 1 + 3 * (0.85 - under));
    }

    bool released() {
        // @source practice: a peak that loses six tenths has let go; what has slid out to its end with a tenth of its
        // peak left is held by nothing.
        constexpr double kFree = 0.1;
        const auto drop = largestDrop(-1e9, 1e9, 0.5 * m_home);
        const double last = m_c.points.back().force_N;
        const auto& peak = *std::max_element(m_c.points.begin(), m_c.points.end(),
                                             [](const auto& a, const auto& b) { return a.force_N < b.force_N; });
        // It fades as less and less is engaged; gone is what lies well under what is left of it.
        const bool fades = last >= 0.5 * least(end());
        const bool letGo = drop && drop->share() >= 0.6 && last <= 0.4 * drop->peak.force_N && !fades;
        const bool slidOut = end() > m_home - homeTolerance() && last < kFree * peak.force_N;
        if (!letGo && !slidOut) return false;
        const auto& from = letGo ? drop->peak : peak;
        mark<found::TraceReleased>(from.travel_mm, from.force_N);
        return say(found::TraceReleased{shown(from.travel_mm), from.force_N}, Severity::Info, 3);
    }

    double homeTolerance() const {
        return std::max(m_in.homeTolerance_mm, m_c.coarse ? 0.04 * m_home : 0.006 * m_home);
    }

    Verdict judgeEnd() {
        const double tolerance = homeTolerance(), over = end() - m_home;
        if (m_out.knee_mm && *m_out.knee_mm < m_home - tolerance) {
            mark<found::TraceShort>(*m_out.knee_mm, m_rise->kneeForce_N);
            say(found::TraceShort{shown(*m_out.knee_mm), shown(m_home)}, Severity::Stop,
                (m_home - *m_out.knee_mm) / tolerance);
            return Verdict::Short;
        }
        if (!m_out.knee_mm && end() < m_home - tolerance) {
            mark<found::TraceShort>(end(), m_c.at(end()));
            say(found::TraceShort{shown(end()), shown(m_home)}, Severity::Stop, -over / tolerance);
            return Verdict::Short;
        }
        const bool soft = m_rise && m_rise->soft;
        const double rise = m_c.points.back().force_N - m_c.at(m_home - tolerance);
        const bool givesWay = soft || (m_in.ongoing && !m_out.knee_mm && rise > 2 * m_threshold);
        if (m_out.knee_mm.value_or(end()) > m_home + tolerance &&
            !(givesWay && m_out.knee_mm.value_or(end()) < m_home + 3 * tolerance)) {
            mark<found::TraceOver>(end(), m_c.at(end()));
            say(found::TraceOver{shown(end()), shown(m_home)}, Severity::Stop, over / tolerance);
            return Verdict::OverTravel;
        }
        // Whatever yields under the rise goes further than a shoulder lets it.
        const bool yields = !m_c.coarse && over > 2 * tolerance && rise / (over + tolerance) < kSoft_N_per_mm;
        if (soft || yields) {
            const double stiffness = m_out.endStiffness_N_per_mm.value_or(rise / (over + tolerance));
            mark<found::TraceSoft>(end(), m_c.at(end()));
            say(found::TraceSoft{stiffness, kSoft_N_per_mm}, Severity::Stop, kSoft_N_per_mm / std::max(1.0, stiffness));
            return Verdict::SoftEnd;
        }
        if (!isStiff()) {
            mark<found::TraceNoRise>(end(), m_c.at(end()));
            say(found::TraceNoRise{shown(end()), shown(m_home), m_e.holds}, Severity::Check, 1.5);
            return Verdict::NotProven;
        }
        mark<found::TraceHome>(*m_out.knee_mm, m_rise->kneeForce_N);
        say(found::TraceHome{shown(*m_out.knee_mm), shown(m_home)}, Severity::Info,
            2 - std::abs(*m_out.knee_mm - m_home) / tolerance + (m_c.coarse ? 0 : 1));
        return Verdict::Home;
    }

    /// A steep rise before home while the ram is still worked: the shoulder, or something under the ring, is stiff;
    /// what bites, picks up or grips is not.
    bool mayBeOnTheWay() const {
        return m_out.knee_mm && *m_out.knee_mm < m_home - homeTolerance() &&
               (*m_out.knee_mm < kEarlyShare * m_home || !isStiff());
    }

    Analysis judge() {
        if (m_in.removal && released()) return finish(Verdict::Released);
        if (cocked()) return finish(Verdict::CockedStart);
        if (supportMoved()) return finish(Verdict::SupportMoved);
        if (grippedEarly()) return finish(Verdict::GrippedEarly);
        if (galled()) return finish(Verdict::Galling);
        if (aboveBand()) return finish(Verdict::AboveBand);
        const bool atEnd = m_out.knee_mm || end() > m_home - homeTolerance();
        if (m_in.ongoing && (!atEnd || mayBeOnTheWay())) return finish(Verdict::Sliding, 1);
        if (belowBand()) {
            if (m_in.ongoing && !m_out.knee_mm) return finish(Verdict::Loose);
            // Loose or not, what stopped short must not be taken for home.
            if (const auto verdict = judgeEnd(); verdict != Verdict::Home) return finish(verdict);
            m_out.evidence.pop_back();
            m_out.findings.pop_back();
            return finish(Verdict::Loose);
        }
        return finish(judgeEnd());
    }

    template <class Kind>
    bool say(Kind kind, Severity severity, double strength) {
        m_out.findings.push_back({kind, severity, "HB4.14"});
        m_strength = strength;
        return true;
    }

    Analysis finish(Verdict verdict) {
        return finish(verdict, std::clamp(1 - 0.5 / std::max(0.5, m_strength), 0.0, 0.99));
    }
    Analysis finish(Verdict verdict, double confidence) {
        m_out.verdict = verdict;
        m_out.confidence = confidence;
        const bool off = frictionOff();
        if (off) {
            const auto& band = *m_in.friction;
            m_out.findings.push_back(
                {found::TraceFrictionOff{*m_out.friction, *m_out.friction < band.mid() ? band.lower : band.upper},
                 Severity::Check, "HB4.14"});
        }
        if (!m_e.holds && m_out.knee_mm && m_out.peak_N > kContact * m_e.end_N.most)
            m_out.findings.push_back({found::TraceHeld{m_out.peak_N, m_e.end_N.most}, Severity::Stop, "HB8"});
        if (m_out.shareInBand > 0 && verdict != Verdict::NotEnough)
            m_out.findings.push_back({found::TraceInBand{m_out.shareInBand},
                                      m_out.shareInBand > 0.9 && !off ? Severity::Info : Severity::Check, "HB4.14"});
        m_out.endTravel_mm = shown(m_out.endTravel_mm);
        if (m_out.knee_mm) m_out.knee_mm = shown(*m_out.knee_mm);
        return std::move(m_out);
    }

    /// Even a seat as tight, or as easy, as its sizes allow would not take so much, or so little.
    bool frictionOff() const {
        if (!m_out.friction || !m_in.friction) return false;
        const auto& share = m_in.interferenceShare;
        return *m_out.friction > m_in.friction->upper * share.upper ||
               (share.lower > 0 && *m_out.friction < m_in.friction->lower * share.lower);
    }

    const Trace& m_trace;
    const Expected& m_e;
    AnalysisInput m_in;
    double m_free;
    double m_home;
    Curve m_c;
    double m_threshold;         ///< what is more than noise and less than a sign [N]
    std::optional<Rise> m_rise; ///< at the end
    double m_strength = 1;
    Analysis m_out;
};

} // namespace

namespace {

/// Of the way, before anything is in touch: what a sign looks like is judged from where the seat begins.
double freeWay_mm(const Expected& expected) {
    double free = 0;
    for (const auto& point : expected.points) {
        if (point.force_N.most > 0) break;
        free = point.travel_mm;
    }
    return std::max(0.0, free);
}

} // namespace

Analysis analyse(const Trace& trace, const Expected& expected, const AnalysisInput& input) {
    const double free = freeWay_mm(expected);
    if (!(free > 0) || free >= expected.homeTravel_mm) return Reader(trace, expected, input, 0).read();
    auto from = trace;
    for (auto& sample : from)
        sample.travel_mm -= free;
    auto fromThere = expected;
    fromThere.homeTravel_mm -= free;
    for (auto& point : fromThere.points)
        point.travel_mm -= free;
    return Reader(from, fromThere, input, free).read();
}

} // namespace arbor::trace
