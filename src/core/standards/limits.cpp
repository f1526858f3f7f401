#include "core/standards/limits.h"

#include "core/base/units.h"

#include <algorithm>
#include <cctype>
#include <regex>

namespace arbor::standards {

namespace {

tl::unexpected<Problem> notDefined(double size_mm, const ToleranceClass& c) {
    return refuse(ProblemCode::NotDefined, "tolerance_class", c.text(),
                  wanted("a class that exists at {1} mm", plain(size_mm)));
}

std::string lowered(std::string letter) {
    for (auto& c : letter)
        c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return letter;
}

/// Name of the row that holds the fundamental deviation of a shaft letter at a grade.
std::string shaftRow(const std::string& letter, int grade) {
    if (letter == "j") return "j" + std::to_string(grade);
    if (letter == "k" && grade >= 4 && grade <= 7) return "k4-7";
    return letter;
}

/// es for a...h, ei for j...zc [µm].
Result<std::optional<double>> shaftDeviation(const Iso286& t, double size_mm, const ToleranceClass& c) {
    const auto row = shaftRow(c.letter, c.grade);
    if (t.shafts.hasRow(row)) return t.shafts.at(row, size_mm);
    if (t.shaftsFine.hasRow(row)) return t.shaftsFine.at(row, size_mm);
    return refuse(ProblemCode::UnknownClass, "tolerance_class", c.text(),
                  wanted("a to zc for shafts, A to ZC for holes"));
}

bool liesBelowZero(const std::string& lowerLetter) {
    return lowerLetter.front() <= 'h';
}

Result<Interval> shaftLimits(const Iso286& t, double size_mm, const ToleranceClass& c, double width_um) {
    const auto deviation = shaftDeviation(t, size_mm, c);
    if (!deviation) return tl::unexpected(deviation.error());
    if (!*deviation) return notDefined(size_mm, c);
    if (liesBelowZero(c.letter)) return Interval{(**deviation - width_um) * kUm, **deviation * kUm};
    return Interval{**deviation * kUm, (**deviation + width_um) * kUm};
}

/// Row of the holes table that replaces the mirror rule for this class, empty when the rule holds.
std::string holeExceptionRow(const Iso286& t, double size_mm, const ToleranceClass& c) {
    if (c.letter == "J") return "J" + std::to_string(c.grade);
    if ((c.letter == "K" || c.letter == "N") && c.grade > 8) return c.letter + " over 8";
    const auto m6 = t.holes.at("M6 exception", size_mm);
    return c == ToleranceClass{"M", 6} && m6 && *m6 ? "M6 exception" : "";
}

/// How far ES lies above the mirror image of the shaft's ei [µm].
Result<std::optional<double>> holeDelta(const Iso286& t, double size_mm, const ToleranceClass& c) {
    const bool transition = c.letter == "K" || c.letter == "M" || c.letter == "N";
    if (c.grade > (transition ? 8 : 7)) return 0.0;
    const auto row = "delta" + std::to_string(c.grade);
    if (!t.holes.hasRow(row)) return std::optional<double>{};
    return t.holes.at(row, size_mm);
}

Result<std::optional<double>> holeUpperDeviation(const Iso286& t, double size_mm, const ToleranceClass& c) {
    if (const auto row = holeExceptionRow(t, size_mm, c); !row.empty())
        return t.holes.hasRow(row) ? t.holes.at(row, size_mm) : std::optional<double>{};
    // The mirror image of k is its IT4 to IT7 row whatever the hole's grade: above IT8 the exception row took over.
    const ToleranceClass mirror{lowered(c.letter), c.letter == "K" ? 6 : c.grade};
    const auto ei = shaftDeviation(t, size_mm, mirror);
    const auto delta = holeDelta(t, size_mm, c);
    if (!ei || !delta) return tl::unexpected(!ei ? ei.error() : delta.error());
    if (!*ei || !*delta) return std::optional<double>{};
    return -**ei + **delta;
}

Result<Interval> holeLimits(const Iso286& t, double size_mm, const ToleranceClass& c, double width_um) {
    if (liesBelowZero(lowered(c.letter))) {
        const auto es = shaftDeviation(t, size_mm, {lowered(c.letter), c.grade});
        if (!es) return refuse(es.error().code, es.error().field, c.text(), es.error().limit);
        if (!*es) return notDefined(size_mm, c);
        return Interval{-**es * kUm, (-**es + width_um) * kUm};
    }
    const auto upper = holeUpperDeviation(t, size_mm, c);
    if (!upper) return refuse(upper.error().code, upper.error().field, c.text(), upper.error().limit);
    if (!*upper) return notDefined(size_mm, c);
    return Interval{(**upper - width_um) * kUm, **upper * kUm};
}

bool knownLetter(const std::string& letter) {
    static const std::regex known("a|b|c|cd|d|e|ef|f|fg|g|h|js|j|k|m|n|p|r|s|t|u|v|x|y|z|za|zb|zc");
    const bool oneCase = letter == lowered(letter) || std::none_of(letter.begin(), letter.end(), [](unsigned char c) {
                             return std::islower(c) != 0;
                         });
    return oneCase && std::regex_match(lowered(letter), known);
}

} // namespace

Result<ToleranceClass> parseToleranceClass(const std::string& text) {
    static const std::regex form("([A-Za-z]{1,2})([0-9]{1,2})");
    std::smatch parts;
    if (!std::regex_match(text, parts, form))
        return refuse(ProblemCode::UnknownClass, "tolerance_class", text, wanted("a letter and a grade, as N7 or k5"));
    return ToleranceClass{parts[1].str(), std::stoi(parts[2].str())};
}

Result<double> gradeWidth(const Iso286& tables, double nominalDia_mm, int grade) {
    const auto row = "IT" + std::to_string(grade);
    if (!tables.grades.hasRow(row)) return refuse(ProblemCode::UnknownClass, "grade", row, wanted("IT1 to IT18"));
    const auto width = tables.grades.at(row, nominalDia_mm);
    if (!width) return tl::unexpected(width.error());
    return width->value() * kUm;
}

Result<double> squareLimit_mm(const Iso286& tables, double dia_mm) {
    constexpr int kGrade = 5;
    return gradeWidth(tables, dia_mm, kGrade);
}

Result<Interval> limitDeviations(const Iso286& tables, double nominalDia_mm, const ToleranceClass& c) {
    if (!knownLetter(c.letter))
        return refuse(ProblemCode::UnknownClass, "tolerance_class", c.text(),
                      wanted("a to zc for shafts, A to ZC for holes"));
    const auto width = gradeWidth(tables, nominalDia_mm, c.grade);
    if (!width) return tl::unexpected(width.error());
    if (c.letter == "js" || c.letter == "JS") return Interval{-*width / 2, *width / 2};
    return c.isHole() ? holeLimits(tables, nominalDia_mm, c, *width / kUm)
                      : shaftLimits(tables, nominalDia_mm, c, *width / kUm);
}

} // namespace arbor::standards
