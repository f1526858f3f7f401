#include "words/order_words.h"

#include "words/language.h"
#include "words/shipped_names.h"

#include <algorithm>
#include <bit>

namespace arbor::words {

namespace {

using arrangement::Assembly;
using arrangement::Part;
using arrangement::PartKind;
using route::Order;
using route::PartSet;
using route::Step;
using route::Way;

std::string outward(Way way) {
    return way == Way::Up ? tr("upward") : tr("downward");
}
std::string fromSide(Way way) {
    return way == Way::Up ? tr("from above") : tr("from below");
}

/// Walks through an order with what is present at each step.
class WorkTexts {
public:
    explicit WorkTexts(const Assembly& assembly) : m_assembly(assembly), m_ways(assembly) {}

    std::vector<WorkLine> strip(const Order& order) const {
        std::vector<WorkLine> out;
        strip(out, order.steps, m_ways.all(), 0);
        std::vector<std::string> stuck;
        for (std::size_t p = 0; p < m_ways.size(); ++p)
            if (order.stuck & route::only(p)) stuck.push_back(name(p));
        if (!stuck.empty())
            out.push_back({"", capital(tr("{parts} cannot come out on either side").with("parts", list(stuck))),
                           tr("it cannot be assembled as drawn"), ""});
        return out;
    }

    std::vector<WorkLine> fit(const Order& order) const {
        std::vector<WorkLine> out;
        fit(out, order.steps, m_ways.all(), 0);
        return out;
    }

private:
    std::string name(std::size_t part) const { return partName(m_assembly.parts[part]); }
    std::string names(PartSet parts) const {
        std::vector<std::string> out;
        for (std::size_t p = 0; p < m_ways.size(); ++p)
            if (parts & route::only(p)) out.push_back(tr("the {part}").with("part", name(p)));
        return list(out);
    }
    std::string names(const std::vector<std::size_t>& parts) const {
        std::vector<std::string> out;
        out.reserve(parts.size());
        for (const auto p : parts)
            out.push_back(name(p));
        return list(out);
    }

    std::string key(const std::vector<std::size_t>& parts) const {
        std::string out;
        for (const auto p : parts)
            out += (out.empty() ? "" : "+") + m_assembly.parts[p].id;
        return out;
    }

    static PartSet partsOf(const Step& step) {
        PartSet out = 0;
        for (const auto p : step.parts)
            out |= route::only(p);
        return out;
    }

    static WorkLine turnOver(PartSet here, PartSet frame, int level) {
        return {"", tr("Turn the work over"), "", "", level, here, frame};
    }

    /// What is on the work at that line, and what of it moves where.
    WorkLine placed(WorkLine line, const Step& step, PartSet here, PartSet frame) const {
        line.key = key(step.parts);
        line.here = here;
        line.frame = frame;
        line.moving = partsOf(step);
        line.way = step.way;
        return line;
    }

    void strip(std::vector<WorkLine>& out, const std::vector<Step>& steps, PartSet here, int level) const {
        PartSet gone = 0;
        const PartSet frame = here;
        for (const auto& step : steps) {
            const PartSet moving = partsOf(step);
            if (step.turnedOver) out.push_back(turnOver(here, frame, level));
            auto line = step.parts.size() == 1 ? stripOne(step.parts[0], step.way, here, gone, level)
                                               : WorkLine{"",
                                                          capital(tr("{parts} out together, {way}")
                                                                      .with("parts", names(step.parts))
                                                                      .with("way", outward(step.way))),
                                                          "", "", level};
            out.push_back(placed(std::move(line), step, here, frame));
            strip(out, step.onTheBench, moving, level + 1);
            here &= ~moving;
            gone |= moving;
        }
    }

    bool sitsIn(std::size_t part, PartSet partners) const {
        for (std::size_t p = 0; p < m_ways.size(); ++p)
            if ((partners & route::only(p)) && arrangement::touchOf(m_assembly.parts[p], m_assembly.parts[part]))
                return true;
        return false;
    }

    /// Without those that only waited for, or were shut out by, another of them.
    PartSet nearest(PartSet parts, Way way) const {
        PartSet out = parts;
        for (std::size_t p = 0; p < m_ways.size(); ++p)
            if (parts & route::only(p)) out &= ~m_ways.keeps(p, way, parts);
        return out != 0 ? out : parts;
    }

    WorkLine stripOne(std::size_t part, Way way, PartSet present, PartSet gone, int level) const {
        const auto tight = m_ways.pressedTo(part) & present;
        const auto waited = nearest(m_ways.keeps(part, way, gone), way);
        const auto kind = m_assembly.parts[part].kind;
        const auto text = kind == PartKind::RetainingRing ? ringOut(part)
                          : kind == PartKind::Nut         ? tr("{part}: unscrew it")
                          : kind == PartKind::Pin         ? tr("{part}: pull it out")
                          : tight == 0                    ? tr("{part} out, {way}")
                          : sitsIn(part, tight) ? tr("{part}: press or draw it out {way}, tight in {partners}")
                                                : tr("{part}: press or draw it off {way}, tight on {partners}");
        WorkLine line{"", told(text, part, outward(way), tight), "", caution(part), level};
        if (waited != 0) line.why = tr("{parts} must come out first").with("parts", names(waited));
        return line;
    }

    /// Putting together runs through the steps from the last.
    void fit(std::vector<WorkLine>& out, const std::vector<Step>& steps, PartSet whole, int level) const {
        PartSet later = 0;
        std::vector<std::pair<const Step*, PartSet>> backwards; // with what is fitted after it
        for (const auto& step : steps) {
            backwards.push_back({&step, later});
            later |= partsOf(step);
        }
        for (auto at = backwards.rbegin(); at != backwards.rend(); ++at) {
            const auto& [step, after] = *at;
            const PartSet here = whole & ~after;
            fit(out, step->onTheBench, partsOf(*step), level + 1);
            auto line = step->parts.size() == 1 ? fitOne(step->parts[0], step->way, here, after, level)
                                                : WorkLine{"",
                                                           capital(tr("{parts} in together, {way}")
                                                                       .with("parts", names(step->parts))
                                                                       .with("way", fromSide(step->way))),
                                                           "", "", level};
            out.push_back(placed(std::move(line), *step, here, whole));
            if (step->turnedOver) out.push_back(turnOver(here, whole, level));
        }
    }

    WorkLine fitOne(std::size_t part, Way way, PartSet present, PartSet after, int level) const {
        const auto tight = m_ways.pressedTo(part) & present;
        const auto shuts = nearest(m_ways.keeps(part, way, after), way);
        const auto kind = m_assembly.parts[part].kind;
        const auto text = kind == PartKind::RetainingRing ? ringIn(part)
                          : kind == PartKind::Nut         ? tr("{part}: screw it on")
                          : kind == PartKind::Pin         ? tr("{part}: push it through and bend it over")
                          : tight == 0                    ? tr("{part} in, {way}")
                          : sitsIn(part, tight)           ? tr("{part}: press it in {way}, tight in {partners}")
                                                          : tr("{part}: press it on {way}, tight on {partners}");
        WorkLine line{"", told(text, part, fromSide(way), tight), "", caution(part), level};
        if (shuts != 0)
            line.why = tr("it goes on before {parts}, or there is no access for it").with("parts", names(shuts));
        return line;
    }

    /// A ring in a bore is squeezed, one on a shaft spread: by how it is shaped while it travels.
    bool isSpread(std::size_t part) const {
        const auto& ring = m_assembly.parts[part];
        return !ring.travelling.empty() && !ring.bodies.empty() &&
               ring.travelling.front().boreDia() > ring.bodies.front().boreDia();
    }
    Text ringOut(std::size_t part) const {
        const auto& through = m_assembly.parts[part].linesUpWith;
        if (through.find("hole") != std::string::npos)
            return (isSpread(part) ? tr("{part}: spread it no farther than it needs, at {place}, {way}")
                                   : tr("{part}: squeeze it no farther than it needs, at {place}, {way}"))
                .with("place", shippedName(through));
        return isSpread(part) ? tr("{part}: spread it no farther than it needs, {way}")
                              : tr("{part}: squeeze it no farther than it needs, {way}");
    }
    Text ringIn(std::size_t part) const {
        return isSpread(part) ? tr("{part}: spread it into its groove, {way}")
                              : tr("{part}: squeeze it into its groove, {way}");
    }

    std::string told(const Text& text, std::size_t part, const std::string& way, PartSet partners) const {
        return capital(text.with("part", name(part)).with("way", way).with("partners", names(partners)));
    }

    std::string caution(std::size_t part) const {
        if (m_assembly.parts[part].kind != PartKind::RetainingRing) return "";
        const auto alone = route::heldAlone(m_ways, part, m_assembly.base);
        std::string text = tr("eye protection: the ring can fly");
        std::vector<std::string> held;
        for (std::size_t p = 0; p < m_ways.size(); ++p)
            if ((alone & route::only(p)) != 0 && !m_assembly.parts[p].catalogue) held.push_back(name(p));
        if (held.empty()) return text;
        return tr("{caution}; it alone holds {parts}").with("caution", text).with("parts", list(held));
    }

    const Assembly& m_assembly;
    route::BlockingGraph m_ways;
};

} // namespace

std::string list(const std::vector<std::string>& names) {
    std::string out;
    for (std::size_t i = 0; i + 1 < names.size(); ++i)
        out += (i == 0 ? "" : ", ") + names[i];
    if (names.size() < 2) return names.empty() ? out : names.front();
    return tr("{several} and {last}").with("several", out).with("last", names.back());
}

std::string capital(std::string text) {
    if (!text.empty() && text[0] >= 'a' && text[0] <= 'z') text[0] = static_cast<char>(text[0] - 'a' + 'A');
    return text;
}

std::string inSentence(const std::string& text) {
    auto out = shippedName(text);
    if (spoken().nounsAreCapital()) return out;
    if (out.size() > 1 && out[0] >= 'A' && out[0] <= 'Z' && out[1] >= 'a' && out[1] <= 'z')
        out[0] = static_cast<char>(out[0] - 'A' + 'a');
    return out;
}

std::string partName(const Part& part) {
    return inSentence(part.name());
}

std::vector<WorkLine> stripLines(const Assembly& assembly, const Order& order) {
    return WorkTexts(assembly).strip(order);
}
std::vector<WorkLine> fitLines(const Assembly& assembly, const Order& order) {
    return WorkTexts(assembly).fit(order);
}

} // namespace arbor::words
