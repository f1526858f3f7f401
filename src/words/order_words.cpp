#include "words/order_words.h"

#include <algorithm>
#include <bit>

namespace arbor::words {

namespace {

using arrangement::Assembly;
using arrangement::Part;
using arrangement::PartKind;
using route::Order;
using route::Parts;
using route::Step;
using route::Way;

const char* outward(Way way) {
    return way == Way::Up ? "upward" : "downward";
}
const char* fromSide(Way way) {
    return way == Way::Up ? "from above" : "from below";
}

/// Walks through an order with what is present at each step.
class Telling {
public:
    explicit Telling(const Assembly& assembly) : m_assembly(assembly), m_ways(assembly) {}

    std::vector<WorkLine> strip(const Order& order) const {
        std::vector<WorkLine> out;
        strip(out, order.steps, m_ways.all(), 0);
        std::vector<std::string> stuck;
        for (std::size_t p = 0; p < m_ways.size(); ++p)
            if (order.stuck & route::only(p)) stuck.push_back(name(p));
        if (!stuck.empty())
            out.push_back({"", capital(list(stuck)) + " cannot come out on either side",
                           "it could never have been fitted so", ""});
        return out;
    }

    std::vector<WorkLine> fit(const Order& order) const {
        std::vector<WorkLine> out;
        fit(out, order.steps, m_ways.all(), 0);
        return out;
    }

private:
    std::string name(std::size_t part) const { return partName(m_assembly.parts[part]); }
    std::string names(Parts parts) const {
        std::vector<std::string> out;
        for (std::size_t p = 0; p < m_ways.size(); ++p)
            if (parts & route::only(p)) out.push_back("the " + name(p));
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

    static Parts partsOf(const Step& step) {
        Parts out = 0;
        for (const auto p : step.parts)
            out |= route::only(p);
        return out;
    }

    static WorkLine turnOver(Parts here, Parts frame, int level) {
        return {"", "Turn the work over", "", "", level, here, frame};
    }

    void strip(std::vector<WorkLine>& out, const std::vector<Step>& steps, Parts here, int level) const {
        Parts gone = 0;
        const Parts frame = here;
        for (const auto& step : steps) {
            const Parts moving = partsOf(step);
            if (step.turnedOver) out.push_back(turnOver(here, frame, level));
            auto line =
                step.parts.size() == 1
                    ? stripOne(step.parts[0], step.way, here, gone, level)
                    : WorkLine{"", capital(names(step.parts)) + " out together, " + outward(step.way), "", "", level};
            line.key = key(step.parts);
            line.here = here;
            line.frame = frame;
            line.moving = moving;
            line.way = step.way;
            out.push_back(std::move(line));
            strip(out, step.onTheBench, moving, level + 1);
            here &= ~moving;
            gone |= moving;
        }
    }

    bool sitsIn(std::size_t part, Parts partners) const {
        for (std::size_t p = 0; p < m_ways.size(); ++p)
            if ((partners & route::only(p)) && arrangement::touchOf(m_assembly.parts[p], m_assembly.parts[part]))
                return true;
        return false;
    }

    /// Without those that only waited for, or were shut out by, another of them.
    Parts nearest(Parts parts, Way way) const {
        Parts out = parts;
        for (std::size_t p = 0; p < m_ways.size(); ++p)
            if (parts & route::only(p)) out &= ~m_ways.keeps(p, way, parts);
        return out != 0 ? out : parts;
    }

    WorkLine stripOne(std::size_t part, Way way, Parts present, Parts gone, int level) const {
        const auto tight = m_ways.pressedTo(part) & present;
        const auto waited = nearest(m_ways.keeps(part, way, gone), way);
        WorkLine line{"", capital(name(part)), "", caution(part), level};
        line.text += m_assembly.parts[part].kind == PartKind::RetainingRing ? ringOut(part) + ", " + outward(way)
                     : m_assembly.parts[part].kind == PartKind::Nut         ? std::string(": unscrew")
                     : m_assembly.parts[part].kind == PartKind::Pin         ? std::string(": draw it out")
                     : tight != 0 ? std::string(": press or draw it ") + (sitsIn(part, tight) ? "out " : "off ") +
                                        outward(way) + ", it is tight with " + names(tight)
                                  : std::string(" out, ") + outward(way);
        if (waited != 0) line.why = names(waited) + (std::popcount(waited) == 1 ? " was" : " were") + " in the way";
        return line;
    }

    /// Putting together runs through the steps from the last.
    void fit(std::vector<WorkLine>& out, const std::vector<Step>& steps, Parts whole, int level) const {
        Parts later = 0;
        std::vector<std::pair<const Step*, Parts>> backwards; // with what is fitted after it
        for (const auto& step : steps) {
            backwards.push_back({&step, later});
            later |= partsOf(step);
        }
        for (auto at = backwards.rbegin(); at != backwards.rend(); ++at) {
            const auto& [step, after] = *at;
            const Parts here = whole & ~after;
            fit(out, step->onTheBench, partsOf(*step), level + 1);
            auto line =
                step->parts.size() == 1
                    ? fitOne(step->parts[0], step->way, here, after, level)
                    : WorkLine{"", capital(names(step->parts)) + " in together, " + fromSide(step->way), "", "", level};
            line.key = key(step->parts);
            line.here = here;
            line.frame = whole;
            line.moving = partsOf(*step);
            line.way = step->way;
            out.push_back(std::move(line));
            if (step->turnedOver) out.push_back(turnOver(here, whole, level));
        }
    }

    WorkLine fitOne(std::size_t part, Way way, Parts present, Parts after, int level) const {
        const auto tight = m_ways.pressedTo(part) & present;
        const auto shuts = nearest(m_ways.keeps(part, way, after), way);
        const auto kind = m_assembly.parts[part].kind;
        WorkLine line{"", capital(name(part)), "", caution(part), level};
        line.text += kind == PartKind::RetainingRing ? ": " + ringBends(part) + " it into its groove, " + fromSide(way)
                     : kind == PartKind::Nut         ? std::string(": screw it on")
                     : kind == PartKind::Pin         ? std::string(": put it through and bend it over")
                     : tight != 0 ? std::string(": press it ") + (sitsIn(part, tight) ? "in " : "on ") + fromSide(way) +
                                        ", tight with " + names(tight)
                                  : std::string(" in, ") + fromSide(way);
        if (shuts != 0) line.why = "before " + names(shuts) + ", or it is shut out";
        return line;
    }

    /// A ring in a bore is squeezed, one on a shaft spread: by how it is shaped while it travels.
    std::string ringBends(std::size_t part) const {
        const auto& ring = m_assembly.parts[part];
        const bool spread = !ring.travelling.empty() && !ring.bodies.empty() &&
                            ring.travelling.front().boreDia() > ring.bodies.front().boreDia();
        return spread ? "spread" : "squeeze";
    }
    std::string ringOut(std::size_t part) const {
        const auto& through = m_assembly.parts[part].linesUpWith;
        const bool hole = through.find("hole") != std::string::npos;
        return ": " + ringBends(part) + " it, no farther than it needs" + (hole ? ", at " + through : "");
    }

    std::string caution(std::size_t part) const {
        if (m_assembly.parts[part].kind != PartKind::RetainingRing) return "";
        const auto alone = route::heldAlone(m_ways, part, m_assembly.base);
        std::string text = "eye protection: the ring can fly";
        std::vector<std::string> held;
        for (std::size_t p = 0; p < m_ways.size(); ++p)
            if ((alone & route::only(p)) != 0 && !m_assembly.parts[p].catalogue) held.push_back(name(p));
        if (!held.empty()) text += "; it alone holds " + list(held);
        return text;
    }

    const Assembly& m_assembly;
    route::Ways m_ways;
};

} // namespace

std::string list(const std::vector<std::string>& names) {
    std::string out;
    for (std::size_t i = 0; i < names.size(); ++i)
        out += (i == 0 ? "" : i + 1 == names.size() ? " and " : ", ") + names[i];
    return out;
}

std::string capital(std::string text) {
    if (!text.empty() && text[0] >= 'a' && text[0] <= 'z') text[0] = static_cast<char>(text[0] - 'a' + 'A');
    return text;
}

std::string inSentence(const std::string& text) {
    auto out = text;
    if (out.size() > 1 && out[0] >= 'A' && out[0] <= 'Z' && out[1] >= 'a' && out[1] <= 'z')
        out[0] = static_cast<char>(out[0] - 'A' + 'a');
    return out;
}

std::string partName(const Part& part) {
    return inSentence(part.name());
}

std::vector<WorkLine> stripLines(const Assembly& assembly, const Order& order) {
    return Telling(assembly).strip(order);
}
std::vector<WorkLine> fitLines(const Assembly& assembly, const Order& order) {
    return Telling(assembly).fit(order);
}

} // namespace arbor::words
