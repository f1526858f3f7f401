// The lines of the rack's sheet: which sizes a kind of tool has, and how each is taken over.
#include "ui/rack/rack_view.h"

#include "io/entry/size_entry.h"
#include "ui/stations/entry_sheet.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "words/order_words.h"
#include "words/tooling_words.h"

#include <QLineEdit>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

void RackView::buildSheet() {
    if (m_sheet) {
        m_sheet->hide(); // one of its fields may be the sender
        m_sheet->deleteLater();
    }
    m_sheet = nullptr;
    const auto* t = tool();
    m_sheetKind = t ? std::optional(t->kind) : std::nullopt;
    if (!t) return;
    using catalog::Tool;
    using catalog::ToolKind;
    m_sheet = new EntrySheet(this);
    m_sheetPlace->addWidget(m_sheet);
    addCommon();
    const bool hand = t->kind == ToolKind::Drift || t->kind == ToolKind::Splitter || t->kind == ToolKind::SlideHammer;
    const bool grips = t->kind == ToolKind::JawPuller || t->kind == ToolKind::Collet;
    if (!hand && !grips) {
        addSize("toolOutside", t->kind == ToolKind::DrawBolt ? tr("Washers Ø") : tr("Outside"), &Tool::outsideDia_mm);
        addSize("toolLength", tr("Length"), &Tool::length_mm);
        if (!catalog::opens(t->kind) && t->kind != ToolKind::DrawBolt)
            addSize("toolBore", tr("Bore"), &Tool::boreDia_mm);
    }
    if (catalog::isDriver(t->kind) || t->kind == ToolKind::Receiver) {
        addSize("toolHeadDia", tr("Head Ø"), &Tool::headDia_mm);
        addSize("toolHead", tr("Head thickness"), &Tool::headThick_mm);
        addSize("toolHeadBore", tr("Head bore"), &Tool::headBoreDia_mm);
        addSize("toolPilotDia", tr("Pilot Ø"), &Tool::pilotDia_mm);
        addSize("toolPilot", tr("Pilot length"), &Tool::pilotLength_mm);
    }
    if (catalog::opens(t->kind)) {
        addSize("toolLeast", tr("Min. opening"), &Tool::least_mm);
        addSize("toolMost", tr("Max. opening"), &Tool::most_mm);
        if (grips) addSize("toolReach", tr("Reach"), &Tool::reach_mm);
        addSize("toolEdge", t->kind == ToolKind::JawPuller ? tr("Jaw thickness") : tr("Knife-edge height"),
                &Tool::edge_mm);
    }
    if (t->kind == ToolKind::DrawBolt) {
        addText("toolThread", tr("Thread"), &Tool::thread);
        addText("toolClass", tr("Class"), &Tool::strengthClass);
        addSize("toolEdge", tr("Nut and washer"), &Tool::edge_mm);
        addSize("toolWrench", tr("Wrench length"), &Tool::wrench_mm);
    }
    if (t->kind == ToolKind::HollowRam) {
        addSize("toolArea", tr("Effective ram area [%1]").arg(q(m_display.areaUnit())), &Tool::ramArea_mm2,
                m_display.areaTyped_mm2());
        addSize("toolStroke", tr("Stroke"), &Tool::stroke_mm);
    }
    if (grips || hand || t->kind == ToolKind::HollowRam)
        addSize("toolCapacity", tr("Capacity [%1]").arg(q(m_display.capacityUnit())), &Tool::capacity_N,
                m_display.capacityTyped_N());
    m_sheet->refresh();
}

void RackView::addCommon() {
    using catalog::Tool;
    m_sheet->addField(
        "toolId", tr("Tool no."),
        [this](const QString& typed) -> EntrySheet::Understood {
            const auto id = typed.trimmed().toStdString();
            const auto same = [&](const Tool& t) { return t.id == id && t.id != m_chosen; };
            if (id.empty() || std::any_of(m_tools.begin(), m_tools.end(), same))
                return {false, id.empty() ? tr("a number") : tr("%1 is there already").arg(q(id))};
            const auto was = m_chosen;
            auto tools = m_tools;
            for (auto& t : tools)
                if (t.id == was) t.id = id;
            m_chosen = id;
            edit(tr("Tool no. %1").arg(q(id)), std::move(tools));
            return {};
        },
        [this] { return q(m_chosen); }, [] { return QString(); });
    QStringList texts, values;
    for (const auto kind : catalog::kToolKinds) {
        texts << q(words::capital(words::kindName(kind)));
        values << q(std::string(catalog::name(kind)));
    }
    m_sheet->addChoice(
        "toolKind", tr("Kind"), texts, values,
        [this, values](const QString& value) {
            const auto kind = catalog::kToolKinds[values.indexOf(value)];
            takeChoice(tr("Kind"), [kind](Tool& t) { t.kind = kind; });
        },
        [this] { return tool() ? q(std::string(catalog::name(tool()->kind))) : QString(); });
    addText("toolName", tr("Name"), &Tool::name);
    addText("toolPlace", tr("Place"), &Tool::place);
    addText("toolCondition", tr("Condition"), &Tool::condition);
    addText("toolPhoto", tr("Photo file"), &Tool::photo);
    m_sheet->addChoice(
        "toolHard", tr("Hardened"), {tr("no"), tr("yes: pressed only")}, {"no", "yes"},
        [this](const QString& value) { takeChoice(tr("Hardened"), [&](Tool& t) { t.hardened = value == "yes"; }); },
        [this] { return tool() && tool()->hardened ? QStringLiteral("yes") : QStringLiteral("no"); });
}

/// A choice that the tool's sizes do not bear goes back, with the reason.
void RackView::takeChoice(const QString& text, const std::function<void(catalog::Tool&)>& change) {
    const auto done = editTool(text, change);
    say(done ? QString() : q(words::say(done.error())), done.has_value());
    if (!done) m_sheet->refresh();
}

void RackView::addSize(const QString& name, const QString& label, double catalog::Tool::*size, double unit) {
    m_sheet->addField(
        name, label,
        [this, size, label, unit](const QString& typed) -> EntrySheet::Understood {
            double value = 0;
            if (!typed.trimmed().isEmpty()) {
                const auto read = io::parseLength(typed.toStdString(), unit > 0 ? unit : m_unit_mm);
                if (!read) return refused(read.error());
                value = *read;
            }
            const auto done = editTool(label, [&](catalog::Tool& t) { t.*size = value; });
            return done ? EntrySheet::Understood{} : refused(done.error());
        },
        [this, size, unit] {
            const auto* t = tool();
            if (!t || t->*size == 0) return QString();
            return unit > 0 ? numberTyped(t->*size / unit) : q(m_display.size(t->*size).number);
        },
        [] { return QString(); });
}

void RackView::addText(const QString& name, const QString& label, std::string catalog::Tool::*text) {
    auto* field = m_sheet->addField(
        name, label,
        [this, text, label](const QString& typed) -> EntrySheet::Understood {
            const auto done = editTool(label, [&](catalog::Tool& t) { t.*text = typed.trimmed().toStdString(); });
            return done ? EntrySheet::Understood{} : refused(done.error());
        },
        [this, text] { return tool() ? q(tool()->*text) : QString(); }, [] { return QString(); });
    m_sheet->widen(field);
}

} // namespace arbor::ui
