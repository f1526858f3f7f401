#include "words/step_words.h"

namespace arbor::words {

namespace {

std::string band(const Range& force, const Display& d) {
    return d.force(force.likely).text() + "  (" + d.forceRange(force.least, force.most) + ")";
}

std::string onGauge(const plan::PressPlan& p, const Display& d) {
    const auto unit = p.press->gaugeUnit;
    auto text = "gauge of " + p.press->id + " " + d.gauge(p.gauge->likely, unit).text();
    if (p.gaugeHold) text += ", hold " + d.gauge(*p.gaugeHold, unit).text();
    return text;
}

} // namespace

std::vector<std::string> pressLines(const plan::PressPlan& p, const Display& d) {
    std::vector<std::string> out;
    if (!(p.force_N.most > 0))
        return {(p.out ? "comes out by hand, free after " : "goes in by hand, home after ") +
                d.size(p.expected.homeTravel_mm).text() + ": the seat is loose"};
    if (p.out) {
        out.push_back("lets go at " + band(p.force_N, d) + ", free after " + d.size(p.expected.homeTravel_mm).text());
        out.push_back((p.energy_J < 0.01 ? std::string("under 0.01") : "up to " + figures(p.energy_J)) +
                      " J come free: guard up, stand clear of the line of force");
    } else {
        out.push_back("force " + band(p.force_N, d) + " just before home, home after " +
                      d.size(p.expected.homeTravel_mm).text());
        auto end = endOfPress(p.expected, d);
        if (p.expected.holds) end += "  (" + d.forceRange(p.expected.hold_N.least, p.expected.hold_N.most) + ")";
        out.push_back(std::move(end));
    }
    if (p.gauge) out.push_back(onGauge(p, d));
    return out;
}

} // namespace arbor::words
