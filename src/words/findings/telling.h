#pragma once

#include "core/base/advice.h"
#include "words/display.h"
#include "words/language.h"
#include "words/order_words.h"
#include "words/sentences.h"
#include "words/shipped_names.h"

namespace arbor::words {

/// What a finding is told with: how grave it is, and in which units. The files beside this one hold a say() for each
/// kind of finding; findings.cpp alone reads them.
struct SayContext {
    Severity severity;
    const Display& d;

    // Sentences with {value} and {limit} as differences, sizes, pressures, forces.
    std::string fines(const Text& sentence, double value_mm, double limit_mm = 0) const {
        return with(sentence, d.fine(value_mm), d.fine(limit_mm));
    }
    std::string sizes(const Text& sentence, double value_mm, double limit_mm = 0) const {
        return with(sentence, d.size(value_mm), d.size(limit_mm));
    }
    std::string pressures(const Text& sentence, double value_MPa, double limit_MPa) const {
        return with(sentence, d.pressure(value_MPa), d.pressure(limit_MPa));
    }
    std::string forces(const Text& sentence, double value_N, double limit_N) const {
        return with(sentence, d.force(value_N), d.force(limit_N));
    }
    /// {value} as a place on the way, {force} as what was there.
    std::string forceAt(const Text& sentence, double at_mm, double force_N) const {
        return sentence.with("value", d.size(at_mm).text()).with("force", d.force(force_N).text());
    }

private:
    static std::string with(const Text& sentence, const Quantity& value, const Quantity& limit) {
        return sentence.with("value", value.text()).with("limit", limit.text());
    }
};

} // namespace arbor::words
