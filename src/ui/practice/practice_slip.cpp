#include "ui/practice/practice_slip.h"

#include "ui/stations/slips.h"
#include "ui/text.h"

#include <QObject>
#include <algorithm>

namespace arbor::ui {

namespace {

using practice::Grade;
using sim::Fault;
using trace::Verdict;

QString truth(Fault fault) {
    switch (fault) {
    case Fault::None:
    case Fault::StoppedShort:
        return tr("Nothing was wrong with it.");
    case Fault::CockedStart:
        return tr("It had been entered crooked.");
    case Fault::DrySeat:
        return tr("The seat was dry.");
    case Fault::TightBore:
        return tr("The bore was far too small.");
    case Fault::LooseBore:
        return tr("The bore was far too large.");
    case Fault::Galling:
        return tr("The surfaces were picking up.");
    case Fault::Chip:
        return tr("A chip lay on the shoulder.");
    case Fault::WrongRing:
        return tr("The sleeve stood on the other ring.");
    case Fault::SupportSlips:
        return tr("The support slipped.");
    case Fault::GripsEarly:
        return tr("It was warm and gripped on the way.");
    case Fault::NoShoulder:
        return tr("The shoulder was not where the drawing has it.");
    }
    return {};
}

struct Graded {
    QString head;
    Tone tone;
};

Graded graded(Grade grade) {
    switch (grade) {
    case Grade::Right:
        return {tr("Right, and in time"), Tone::Proven};
    case Grade::Late:
        return {tr("Right, but late"), Tone::Caution};
    case Grade::WrongReason:
        return {tr("Stopped, but not for that"), Tone::Caution};
    case Grade::Guess:
        return {tr("A guess: nothing showed yet"), Tone::Caution};
    case Grade::FalseAlarm:
        return {tr("Stopped for nothing"), Tone::Caution};
    case Grade::Missed:
        return {tr("Missed it"), Tone::Stop};
    case Grade::NotHome:
        return {tr("Not proven home yet"), Tone::Stop};
    }
    return {};
}

Figure forceFigure(const trace::Expected& e, double force_N, double at_mm, const words::Display& d) {
    const auto band = trace::forceAt(e, at_mm);
    auto f = rangeFigure(tr("Force now"), d.force(force_N), d.forceRange(band.least, band.most),
                         {d.forceValue(band.least), d.forceValue(force_N), d.forceValue(band.most)});
    f.lineTo = d.forceValue(std::max(e.hold_N.most, force_N)) * 1.1;
    f.limits = {{d.forceValue(e.hold_N.likely), tr("hold")}};
    return f;
}

Figure travelFigure(double home_mm, double at_mm, const words::Display& d) {
    auto f = rangeFigure(tr("Travel"), d.size(at_mm), tr("home at %1").arg(q(d.size(home_mm).number)).toStdString(),
                         {0, at_mm, std::max(0.0, at_mm)});
    f.lineFrom = 0;
    f.lineTo = std::max(home_mm * 1.2, at_mm);
    f.limits = {{home_mm, tr("home")}};
    return f;
}

void scoreRows(SlipModel& slip, const practice::Score& score) {
    slip.rowsTitle = tr("Score");
    slip.rows.push_back({tr("Rings pressed"), QString::number(score.drills())});
    slip.rows.push_back({tr("Points"), tr("%1 of %2").arg(score.points).arg(3 * score.drills()), true, Tone::Plain});
}

void outcomeSlip(SlipModel& slip, const practice::Drill& drill, const words::Display& d) {
    const auto& o = *drill.outcome();
    const auto said = graded(o.grade);
    slip.title = said.head;
    slip.titleTone = said.tone == Tone::Proven ? Tone::Plan : said.tone; // the call was right, the press was not good
    slip.subtitle = truth(drill.exercise().fault);
    slip.rows = {{tr("You said"), callName(o.called), true, said.tone}, {tr("It was"), callName(o.truth), true}};
    if (o.certainAt_mm) slip.rows.push_back({tr("Certain at"), q(d.size(*o.certainAt_mm).text())});
    slip.rows.push_back({tr("You let go at"), q(d.size(o.letGoAt_mm).text())});
    slip.notesTitle = tr("What the trace shows");
    addNotes(slip, o.analysis.findings, d);
    slip.action = tr("Next ring");
    slip.hint = tr("N. Esc goes back.");
}

} // namespace

QString callName(Verdict call) {
    switch (call) {
    case Verdict::Home:
        return tr("It is home");
    case Verdict::CockedStart:
        return tr("Crooked start");
    case Verdict::AboveBand:
        return tr("Too hard all the way");
    case Verdict::Loose:
        return tr("Too easy");
    case Verdict::Galling:
        return tr("Picking up");
    case Verdict::SupportMoved:
        return tr("Something moved");
    case Verdict::Short:
        return tr("Stands before home");
    case Verdict::SoftEnd:
        return tr("Soft end");
    case Verdict::GrippedEarly:
        return tr("Gripped on the way");
    case Verdict::OverTravel:
        return tr("Past home");
    default:
        return {};
    }
}

SlipModel practiceSlip(const practice::Drill& drill, const practice::Score& score, const words::Display& d) {
    SlipModel slip;
    const auto& e = drill.exercise().expected;
    const auto now = drill.trace().empty() ? trace::Sample{} : drill.trace().back();
    slip.figures = {forceFigure(e, now.force_N, now.travel_mm, d), travelFigure(e.homeTravel_mm, now.travel_mm, d)};
    if (drill.outcome()) {
        outcomeSlip(slip, drill, d);
    } else {
        slip.title = drill.pushing() ? tr("Pushing") : tr("Practice");
        slip.subtitle = tr("Push it home and hold it. Something may be wrong: then stop, and say what.");
        scoreRows(slip, score);
        slip.action = drill.pushing() ? tr("Let go") : tr("Push");
        slip.hint = tr("Hold Space to push. Enter: it is home. 1 to 9: stop, because… Esc goes back.");
    }
    slip.caution = tr("At a real press: stand clear of the line of force, eye protection, and stop when in doubt.");
    return slip;
}

} // namespace arbor::ui
