#include "io/results/result_json.h"

#include "words/sentences.h"

namespace arbor::io {

namespace {

using json = nlohmann::ordered_json;

} // namespace

json orNull(const std::optional<double>& value, double unit) {
    return value ? json(*value / unit) : json();
}

json rangeJson(const Range& r, double unit) {
    return {{"least", r.least / unit}, {"likely", r.likely / unit}, {"most", r.most / unit}};
}

json limitsJson(const Limits& l, double unit) {
    return {{"lower", l.lower / unit}, {"upper", l.upper / unit}};
}

json adviceJson(const AdviceList& list, const words::Display& display) {
    auto out = json::array();
    for (const auto& a : list) {
        const char* severity = a.severity == Severity::Stop ? "stop" : a.severity == Severity::Look ? "look" : "info";
        json entry{{"severity", severity}, {"says", words::say(a, display).line()}};
        if (!a.source.empty()) entry["source"] = words::sourceName(a.source);
        out.push_back(entry);
    }
    return out;
}

} // namespace arbor::io
