#include "ui/practice/practice_slip.h"

#include "ui/text.h"

#include <algorithm>

namespace arbor::ui {

namespace {

using practice::Grade;
using sim::Fault;
using trace::Verdict;
using words::Tone;

std::string truth(Fault fault) {
    switch (fault) {
    case Fault::None:
    case Fault::StoppedShort:
        return words::tr("Nothing was wrong with it.");
    case Fault::CockedStart:
        return words::tr("It had been entered cocked.");
    case Fault::DrySeat:
        return words::tr("The seat was dry.");
    case Fault::TightBore:
        return words::tr("The bore was far too small.");
    case Fault::LooseBore:
        return words::tr("The bore was far too large.");
    case Fault::Galling:
        return words::tr("The surfaces were galling.");
    case Fault::Chip:
        return words::tr("A chip lay on the shoulder.");
    case Fault::WrongRing:
        return words::tr("The sleeve stood on the other ring.");
    case Fault::SupportSlips:
        return words::tr("The support slipped.");
    case Fault::GripsEarly:
        return words::tr("It was warm and gripped on the way.");
    case Fault::NoShoulder:
        return words::tr("The shoulder was not where the drawing has it.");
    }
    return {};
}

struct Graded {
    std::string head;
    Tone tone;
};

Graded graded(Grade grade) {
    switch (grade) {
    case Grade::Right:
        return {words::tr("Right, and in time"), Tone::Proven};
    case Grade::Late:
        return {words::tr("Right, but late"), Tone::Check};
    case Grade::WrongReason:
        return {words::tr("Stopped, but not for that"), Tone::Check};
    case Grade::Guess:
        return {words::tr("A guess: nothing showed yet"), Tone::Check};
    case Grade::FalseAlarm:
        return {words::tr("Stopped for nothing"), Tone::Check};
    case Grade::Missed:
        return {words::tr("Missed it"), Tone::Stop};
    case Grade::NotHome:
        return {words::tr("Not proven home yet"), Tone::Stop};
    }
    return {};
}

words::Figure forceFigure(const trace::Expected& e, double force_N, double at_mm, const words::Display& d) {
    const auto band = trace::forceAt(e, at_mm);
    auto f = words::figureOf("force_N", words::tr("Force now"), d.force(force_N), d.forceRange(band.least, band.most),
                             {band.least, force_N, band.most});
    f.lineTo = std::max(e.hold_N.most, force_N) * 1.1;
    f.limits = {{e.hold_N.likely, words::tr("seating load")}};
    return f;
}

words::Figure travelFigure(double home_mm, double at_mm, const words::Display& d) {
    auto f = words::figureOf("travel_mm", words::tr("Travel"), d.size(at_mm),
                             words::tr("home at {size}").with("size", d.size(home_mm).number),
                             {0, at_mm, std::max(0.0, at_mm)});
    f.lineFrom = 0;
    f.lineTo = std::max(home_mm * 1.2, at_mm);
    f.limits = {{home_mm, words::tr("home")}};
    return f;
}

void addScore(words::Sheet& sheet, const practice::Score& score) {
    auto& rows = sheet.list("score", words::tr("Score")).rows;
    rows.push_back({"drills", words::tr("Rings pressed"), std::to_string(score.drills())});
    rows.push_back({"points",
                    words::tr("Points"),
                    words::tr("{points} of {all}").with("points", score.points).with("all", 3 * score.drills()),
                    {},
                    true});
}

void addOutcome(words::Sheet& sheet, const practice::Drill& drill, const words::Display& d) {
    const auto& o = *drill.outcome();
    const auto said = graded(o.grade);
    sheet.title = said.head;
    sheet.tone = said.tone == Tone::Proven ? Tone::Plan : said.tone; // the call was right, the press was not good
    sheet.verdict = truth(drill.exercise().fault);
    auto& rows = sheet.list("outcome").rows;
    rows.push_back({"called", words::tr("You said"), callName(o.called), {}, true, said.tone});
    rows.push_back({"truth", words::tr("It was"), callName(o.truth), {}, true});
    if (o.certainAt_mm) rows.push_back({"certain_at_mm", words::tr("Certain at"), d.size(*o.certainAt_mm).text()});
    rows.push_back({"released_at_mm", words::tr("You released at"), d.size(o.letGoAt_mm).text()});
    sheet.notesTitle = words::tr("What the trace shows");
    words::addNotes(sheet, o.analysis.findings, d);
    sheet.action = words::tr("Next ring");
}

} // namespace

std::string callName(Verdict call) {
    switch (call) {
    case Verdict::Home:
        return words::tr("It is home");
    case Verdict::CockedStart:
        return words::tr("Cocked start");
    case Verdict::AboveBand:
        return words::tr("Too tight all the way");
    case Verdict::Loose:
        return words::tr("Too loose");
    case Verdict::Galling:
        return words::tr("Galling");
    case Verdict::SupportMoved:
        return words::tr("Something moved");
    case Verdict::Short:
        return words::tr("Stopped short");
    case Verdict::SoftEnd:
        return words::tr("No solid stop");
    case Verdict::GrippedEarly:
        return words::tr("Gripped on the way");
    case Verdict::OverTravel:
        return words::tr("Past home");
    default:
        return {};
    }
}

words::Sheet practiceSheet(const practice::Drill& drill, const practice::Score& score, const words::Display& d) {
    words::Sheet sheet;
    const auto& e = drill.exercise().expected;
    const auto now = drill.trace().empty() ? trace::Sample{} : drill.trace().back();
    sheet.figures = {forceFigure(e, now.force_N, now.travel_mm, d), travelFigure(e.homeTravel_mm, now.travel_mm, d)};
    if (drill.outcome()) {
        addOutcome(sheet, drill, d);
    } else {
        sheet.title = drill.pushing() ? words::tr("Pushing") : words::tr("Practice");
        sheet.verdict = words::tr("Push it home and hold it. Something may be wrong: then stop, and say what.");
        addScore(sheet, score);
        sheet.action = drill.pushing() ? words::tr("Release") : words::tr("Push");
    }
    sheet.caution =
        words::tr("At a real press: stand clear of the line of force, eye protection, and stop when in doubt.");
    return words::worstFirst(std::move(sheet));
}

QString practiceKeys(const practice::Drill& drill) {
    return drill.outcome() ? tr("N. Esc goes back.")
                           : tr("Hold Space to push. Enter: it is home. 1 to 9: stop, because… Esc goes back.");
}

} // namespace arbor::ui
