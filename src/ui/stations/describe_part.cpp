#include "ui/stations/describe_part.h"

#include "ui/text.h"
#include "words/order_words.h"
#include "words/sentences.h"

#include <algorithm>

namespace arbor::ui {

namespace {

using section::BodyKind;

QString sizes(const section::Body& body, const words::Display& d) {
    auto text = "Ø" + q(d.size(body.outsideDia()).number);
    if (body.boreDia() > 0) text += " / " + q(d.size(body.boreDia()).number);
    return text + " × " + q(d.size(body.height()).text());
}

/// Each side of a seat that a part has: by the drawing, and as measured.
QString seatWords(const std::string& part, const JobSession& s) {
    if (!s.plan().fits) return {};
    const auto d = s.display();
    QString text;
    for (const auto& seat : s.plan().fits->seats)
        for (const auto* side : {&seat.hole, &seat.shaft}) {
            if (side->part != part || !side->size_mm) continue;
            text += QObject::tr("; seat Ø%1, %2").arg(q(d.size(seat.dia_mm).number), q(side->spec));
            if (side->measuredDia_mm) text += QObject::tr(", measured %1").arg(q(d.size(*side->measuredDia_mm).text()));
        }
    return text;
}

QString toolWords(const section::Body& body, const JobSession& s) {
    const auto* tool = s.tables().rack.tool(body.id);
    if (!tool) return {};
    return QObject::tr("%1, %2. ").arg(q(tool->name), q(tool->place)) +
           (body.kind == BodyKind::Driver    ? QObject::tr("Passes the push to the face it stands on.")
            : body.kind == BodyKind::Support ? QObject::tr("Carries the work; nothing that hangs below may touch.")
                                             : QObject::tr("Fills the height between sleeve and ram."));
}

QString elementWords(const catalog::Bearing& bearing, const tooling::LoadCase& load, const words::Display& d) {
    const auto name = bearing.type == catalog::BearingType::NeedleRoller ? QObject::tr("needles")
                      : catalog::knowledge(bearing.type).balls           ? QObject::tr("balls")
                                                                         : QObject::tr("rollers");
    const auto carries = !(load.staticAxial_N > 0) ? QObject::tr("no axial load at all")
                                                   : QObject::tr("axial static load rating %1%2")
                                                         .arg(q(d.force(load.staticAxial_N).text()),
                                                              load.staticIsEstimate ? QObject::tr(" (estimate)") : "");
    return QObject::tr("%1 %2 Ø%3: %4. Must not be loaded while pressing.")
        .arg(bearing.elementCount)
        .arg(name, q(d.size(bearing.elementDia_mm).text()), carries);
}

} // namespace

PartNote describePart(const section::Body& body, const JobSession& s) {
    const auto& parts = s.plan().strip.assembly.parts;
    const auto part = std::find_if(parts.begin(), parts.end(), [&](const auto& p) { return p.id == body.id; });
    PartNote note{q(words::capital(part == parts.end() ? body.id : part->name())), sizes(body, s.display())};
    if (!section::mayCarry(body.kind)) note.detail += QObject::tr("; must not be pushed or carry anything.");
    if (part == parts.end() || !section::mayCarry(body.kind)) return note;
    if (body.kind == BodyKind::OuterRing) note.head += QObject::tr(", outer ring");
    if (body.kind == BodyKind::InnerRing) note.head += QObject::tr(", inner ring");
    note.detail += seatWords(body.id, s);
    return note;
}

PartNote describeInStep(const section::Body& body, const JobSession& s) {
    const auto d = s.display();
    PartNote note{q(words::capital(body.id)), sizes(body, d)};
    const auto* press = s.plan().press;
    const auto* step = s.step();
    if (press && (body.kind == BodyKind::Ram || body.kind == BodyKind::Bed))
        return {q(press->name) + ", " + q(body.id),
                QObject::tr("Capacity %1.").arg(q(d.force(press->capacity_N).text()))};
    if (section::isTool(body.kind))
        note.detail += "; " + toolWords(body, s);
    else if (body.kind == BodyKind::RollingElements && step && step->step.bearing)
        note.detail = elementWords(*step->step.bearing, step->step.load, d);
    else if (!section::mayCarry(body.kind))
        note.detail += QObject::tr("; must not be pushed or carry anything.");
    return note;
}

} // namespace arbor::ui
