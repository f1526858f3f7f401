#include "ui/start/job_details.h"

#include "ui/text.h"

#include <QLineEdit>

namespace arbor::ui {

JobDetails::JobDetails(const QString& name, Of of, QWidget* parent) : EntrySheet(parent), m_of(std::move(of)) {
    setObjectName(name);
    addText(
        "Title", tr("Title"), [](job::Job& j) -> std::string& { return j.title; }, false);
    addText(
        "Machine", tr("Machine"), [](job::Job& j) -> std::string& { return j.machine; }, true);
    addText(
        "Place", tr("Place on it"), [](job::Job& j) -> std::string& { return j.intake.position; }, true);
    addText(
        "Customer", tr("Customer"), [](job::Job& j) -> std::string& { return j.customer; }, true);
    addText(
        "Number", tr("Number"), [](job::Job& j) -> std::string& { return j.id; }, false);
    addText(
        "Complaint", tr("What is wrong"), [](job::Job& j) -> std::string& { return j.intake.complaint; }, true);
}

void JobDetails::addText(const char* name, const QString& label, std::string& (*text)(job::Job&), bool mayBeEmpty) {
    const bool number = QLatin1String(name) == QLatin1String("Number");
    widen(addField(
        objectName() + name, label,
        [this, label, text, mayBeEmpty, number](const QString& typed) -> Understood {
            const auto said = typed.trimmed().toStdString();
            auto now = m_of.job();
            if (text(now) == said) return {};
            if (said.empty() && !mayBeEmpty) return {false, tr("it cannot be empty")};
            if (number)
                if (const auto why = m_of.whyNotNumber(said); !why.isEmpty()) return {false, why};
            m_of.edit(label, [text, &said](job::Job& j) { text(j) = said; });
            return {};
        },
        [this, text] {
            auto now = m_of.job();
            return q(text(now));
        },
        [] { return QString(); }));
}

} // namespace arbor::ui
