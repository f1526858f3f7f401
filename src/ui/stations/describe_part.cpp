#include "ui/stations/describe_part.h"

#include "ui/text.h"
#include "words/order_words.h"
#include "words/sentences.h"

namespace arbor::ui {

namespace {

using section::BodyKind;

QString sizes(const section::Body& body, const words::Display& d) {
    auto text = "Ø" + q(d.size(body.outsideDia()).number);
    if (body.boreDia() > 0) text += " / " + q(d.size(body.boreDia()).number);
    return text + " × " + q(d.size(body.height()).text());
}

QString housingWords(const JobSession& s) {
    const auto& h = s.job().housing;
    auto text = QObject::tr("seat %1, %2 deep").arg(q(h.seat.typed), q(s.display().size(h.seatDepth_mm).text()));
    if (h.measured) text += QObject::tr(", measured %1").arg(q(h.measured->typed));
    return text + QObject::tr(". Carries the support on its underside.");
}

QString toolWords(const section::Body& body, const JobSession& s) {
    const auto* tool = s.library().rack.tool(body.id);
    if (!tool) return {};
    return QObject::tr("%1, %2. ").arg(q(tool->name), q(tool->place)) +
           (body.kind == BodyKind::Driver    ? QObject::tr("Passes the push to the face it stands on.")
            : body.kind == BodyKind::Support ? QObject::tr("Carries the work; nothing that hangs below may touch.")
                                             : QObject::tr("Fills the height between sleeve and ram."));
}

QString ringWords(const JobSession& s, bool outer) {
    const auto d = s.display();
    const auto& fits = s.plan().fits;
    const auto limits = fits ? fits->seats[fits->focus].shaft.size_mm.value_or(Limits{}) : Limits{};
    return outer ? QObject::tr("outside %1 / %2. The face that may be pushed.")
                       .arg(q(d.fine(limits.upper).number), q(d.fine(limits.lower).text()))
                 : QObject::tr("Not fitted yet: it must not be pushed, the force would pass the rolling elements.");
}

QString elementWords(const JobSession& s) {
    const auto d = s.display();
    const auto& bearing = s.plan().arrangement->bearing;
    const auto& load = s.step()->step.load;
    const auto name = catalog::knowledge(bearing.type).balls ? QObject::tr("balls") : QObject::tr("rollers");
    const auto carries = !(load.staticAxial_N > 0)
                             ? QObject::tr("no axial load at all")
                             : QObject::tr("axial static load rating %1%2")
                                   .arg(q(d.force(load.staticAxial_N).text()),
                                        load.staticIsEstimate ? QObject::tr(" (estimate)") : QString());
    return QObject::tr("%1 %2 Ø%3: %4. Must not be loaded while pressing.")
        .arg(bearing.elementCount)
        .arg(name, q(d.size(bearing.elementDia_mm).text()), carries);
}

} // namespace

Note describePart(const section::Body& body, const JobSession& s) {
    const auto d = s.display();
    Note note{Tone::Plan, q(body.id), sizes(body, d) + "; "};
    switch (body.kind) {
    case BodyKind::OuterRing:
    case BodyKind::InnerRing:
        note.head = q(s.job().bearing.designation + " " + body.id);
        note.detail += ringWords(s, body.kind == BodyKind::OuterRing);
        break;
    case BodyKind::RollingElements:
        note.detail = elementWords(s);
        break;
    case BodyKind::Housing:
        note.head = QObject::tr("Housing");
        note.detail += housingWords(s);
        break;
    case BodyKind::Driver:
    case BodyKind::Support:
    case BodyKind::Spacer:
        note.detail += toolWords(body, s);
        break;
    case BodyKind::Ram:
    case BodyKind::Bed:
        note.head = s.plan().press ? q(s.plan().press->name) + ", " + q(body.id) : q(body.id);
        note.detail = s.plan().press ? QObject::tr("Gives up to %1.").arg(q(d.force(s.plan().press->capacity_N).text()))
                                     : QString();
        break;
    case BodyKind::Seal:
    case BodyKind::Encoder:
    case BodyKind::KeepClear:
        note.detail += QObject::tr("must not be pushed or carry anything.");
        break;
    }
    return note;
}

Note describeInStep(const section::Body& body, const JobSession& s) {
    Note note{Tone::Plan, q(words::capital(body.id)), sizes(body, s.display())};
    if (section::isTool(body.kind))
        note.detail += "; " + toolWords(body, s);
    else if (!section::mayCarry(body.kind))
        note.detail += QObject::tr("; must not be pushed or carry anything.");
    return note;
}

} // namespace arbor::ui
