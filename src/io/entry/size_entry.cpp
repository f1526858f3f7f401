#include "io/entry/size_entry.h"

#include "core/base/number.h"
#include "core/base/units.h"

#include <cmath>
#include <muParser.h>
#include <regex>

namespace arbor::io {

namespace {

constexpr double kDefaultUncertainty_mm = 0.002;

tl::unexpected<Problem> notASize(const std::string& typed) {
    return refuse(ProblemCode::Malformed, "size", typed,
                  wanted("a size as 61.987, 2.4405 in, 1 7/16 in, 62-0.013, 62 N7, 62 +3/-12 um"));
}

std::string replaced(std::string text, const std::string& what, const std::string& with) {
    for (auto at = text.find(what); at != std::string::npos; at = text.find(what, at + with.size()))
        text.replace(at, what.size(), with);
    return text;
}

std::string trimmed(const std::string& s) {
    const auto first = s.find_first_not_of(" \t");
    return first == std::string::npos ? "" : s.substr(first, s.find_last_not_of(" \t") - first + 1);
}

/// One spelling for what keyboards and copied text spell in several ways.
std::string normalised(std::string text) {
    const std::pair<const char*, const char*> spellings[] = {
        {"µ", "u"}, {"μ", "u"}, {"−", "-"}, {"–", "-"}, {"Ø", ""}, {"ø", ""}, {"±", "+-"}, {"\"", " in"}, {",", "."}};
    for (const auto& [from, to] : spellings)
        text = replaced(std::move(text), from, to);
    return trimmed(text);
}

struct WithUnit {
    std::string number;
    double unit_mm;
    bool written;
};

WithUnit splitUnit(const std::string& text, double defaultUnitMm) {
    static const std::regex form("^(.*?)\\s*(um|mm|in|thou)$");
    std::smatch parts;
    if (!std::regex_match(text, parts, form)) return {text, defaultUnitMm, false};
    const auto unit = parts[2].str();
    const double mm = unit == "um" ? 1e-3 : unit == "in" ? kMmPerInch : unit == "thou" ? kMmPerInch / 1000 : 1.0;
    return {trimmed(parts[1].str()), mm, true};
}

/// Sums are worked out by the parser library; only digits and arithmetic reach it, so it knows no names or functions.
Result<double> evaluate(std::string text, const std::string& typed) {
    static const std::regex allowed("[0-9.+*/() -]+");
    static const std::regex mixedFraction("(^|[^0-9./])([0-9]+)\\s+([0-9]+/[0-9]+)");
    if (!std::regex_match(text, allowed)) return notASize(typed);
    text = std::regex_replace(text, mixedFraction, "$1($2+$3)");
    static const std::regex twoNumbers("[0-9.]\\s+[0-9.(]");
    if (std::regex_search(text, twoNumbers)) return notASize(typed);
    try {
        mu::Parser parser;
        parser.SetExpr(text);
        const double value = parser.Eval();
        if (!std::isfinite(value)) return refuse(ProblemCode::NotFinite, "size", typed, wanted("a finite size"));
        return value;
    } catch (const mu::Parser::exception_type&) {
        return notASize(typed);
    }
}

Result<double> signedNumber(const std::string& text, const std::string& typed) {
    return evaluate(trimmed(text), typed);
}

/// A size as it goes into a file, where a bare number is millimetres: what was meant in inches says so.
std::string saidInFull(const std::string& text, double defaultUnitMm) {
    const auto size = trimmed(text);
    const bool bare = defaultUnitMm > 1 && !size.empty() && !splitUnit(size, defaultUnitMm).written;
    return size + (bare ? " in" : "");
}

/// The text of a toleranced size that needs neither the seat it was typed at nor the units of its job to be read again.
std::string toleranceInFull(const std::string& typed, const std::string& nominalText, const std::string& tolerance,
                            double nominal_mm, double defaultUnitMm) {
    const bool metric = defaultUnitMm == 1;
    if (trimmed(nominalText).empty()) return plain(nominal_mm) + (metric ? " " : " mm ") + tolerance;
    return metric ? typed : saidInFull(nominalText, defaultUnitMm) + " " + tolerance;
}

Result<standards::SizeSpec> withNominal(const std::string& typed, const std::string& nominalText,
                                        double contextNominal_mm, double defaultUnitMm) {
    standards::SizeSpec size;
    size.typed = typed;
    size.nominal_mm = contextNominal_mm;
    if (!trimmed(nominalText).empty()) {
        const auto nominal = parseLength(nominalText, defaultUnitMm);
        if (!nominal) return notASize(typed);
        size.nominal_mm = *nominal;
    }
    if (!(size.nominal_mm > 0)) return refuse(ProblemCode::NotPositive, "size", typed, wanted("a size > 0"));
    return size;
}

} // namespace

Result<double> parseLength(const std::string& typed, double defaultUnitMm) {
    const auto split = splitUnit(normalised(typed), defaultUnitMm);
    if (split.number.empty()) return notASize(typed);
    return evaluate(split.number, typed).map([&](double value) { return value * split.unit_mm; });
}

Result<standards::SizeSpec> parseSize(const std::string& typed, double contextNominal_mm, double defaultUnitMm) {
    const auto text = normalised(typed);
    static const std::regex classForm("^(.*?)\\s*([A-Za-z]{1,2}[0-9]{1,2})$");
    static const std::regex limitsForm(
        "^(.*?)\\s*((?:[+-]\\s*[0-9.]+|\\b0))\\s*/\\s*([+-]?\\s*[0-9.]+)\\s*(um|mm|in|thou)?$");
    static const std::regex plusMinusForm("^(.*?)\\s*\\+/?-\\s*([0-9.]+)\\s*(um|mm|in|thou)?$");
    std::smatch parts;
    if (std::regex_match(text, parts, classForm) && !splitUnit(text, 1).written) {
        auto size = withNominal(typed, parts[1].str(), contextNominal_mm, defaultUnitMm);
        const auto toleranceClass = standards::parseToleranceClass(parts[2].str());
        if (!size || !toleranceClass) return tl::unexpected(!size ? size.error() : toleranceClass.error());
        size->toleranceClass = *toleranceClass;
        size->typed = toleranceInFull(typed, parts[1].str(), parts[2].str(), size->nominal_mm, defaultUnitMm);
        return size;
    }
    const bool plusMinus = std::regex_match(text, parts, plusMinusForm);
    if (!plusMinus && !std::regex_match(text, parts, limitsForm)) return notASize(typed);
    const auto unit = splitUnit(text, defaultUnitMm);
    const auto a = signedNumber(parts[2].str(), typed);
    const auto b = plusMinus ? a.map([](double x) { return -x; }) : signedNumber(parts[3].str(), typed);
    auto size = withNominal(typed, parts[1].str(), contextNominal_mm, defaultUnitMm);
    if (!a || !b || !size) return tl::unexpected(!size ? size.error() : !a ? a.error() : b.error());
    const auto limits = trimmed(text.substr(static_cast<std::size_t>(parts.length(1))));
    size->typed =
        toleranceInFull(typed, parts[1].str(), saidInFull(limits, defaultUnitMm), size->nominal_mm, defaultUnitMm);
    size->deviation_mm = {std::min(*a, *b) * unit.unit_mm, std::max(*a, *b) * unit.unit_mm};
    if (!(std::abs(size->deviation_mm.lower) < 0.05 * size->nominal_mm &&
          std::abs(size->deviation_mm.upper) < 0.05 * size->nominal_mm))
        return refuse(ProblemCode::OutOfRange, "size", typed,
                      wanted("limits within 5 % of the size (write um for micrometres)"));
    return size;
}

Result<standards::MeasuredSize> parseMeasured(const std::string& typed, double defaultUnitMm) {
    const auto text = normalised(typed);
    standards::MeasuredSize out;
    out.typed = typed;
    out.uncertainty_mm = kDefaultUncertainty_mm;
    const auto split = text.find("+-");
    const auto value = parseLength(text.substr(0, split), defaultUnitMm);
    if (!value) return notASize(typed);
    out.value_mm = *value;
    if (defaultUnitMm > 1) out.typed = saidInFull(text.substr(0, split), defaultUnitMm);
    if (split != std::string::npos) {
        const auto uncertainty = parseLength(text.substr(split + 2), defaultUnitMm);
        if (!uncertainty || *uncertainty < 0) return notASize(typed);
        out.uncertainty_mm = *uncertainty;
        if (defaultUnitMm > 1) out.typed += " ±" + saidInFull(text.substr(split + 2), defaultUnitMm);
    }
    if (!(out.value_mm > 0)) return refuse(ProblemCode::NotPositive, "size", typed, wanted("a size > 0"));
    return out;
}

Result<double> parseReading(const std::string& typed, double nominal_mm, double defaultUnitMm) {
    const auto text = normalised(typed);
    const bool inch = defaultUnitMm > 1;
    const std::size_t places = inch ? 4 : 3;
    const bool lastDigits = text.size() == places && text.find_first_not_of("0123456789") == std::string::npos;
    if (!lastDigits) {
        auto value = parseLength(typed, defaultUnitMm);
        if (value && !(*value > 0)) return refuse(ProblemCode::NotPositive, "size", typed, wanted("a size > 0"));
        return value;
    }
    // The whole units are the ones that bring it nearest to the nominal size.
    const double fraction = readNumber("0." + text).value_or(0), nominal = nominal_mm / defaultUnitMm;
    return (std::round(nominal - fraction) + fraction) * defaultUnitMm;
}

} // namespace arbor::io
