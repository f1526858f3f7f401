#include "ui/strip/found_sheet.h"

#include "io/entry/size_entry.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "words/strip_words.h"

#include <QComboBox>
#include <QFileDialog>
#include <QLineEdit>

namespace arbor::ui {

namespace {

constexpr double kDeepest_mm = 1000;

/// What can be found of a part of its kind; nothing: nothing special.
std::optional<job::AsFound> conditionOf(const arrangement::Part& part) {
    if (part.kind == arrangement::PartKind::RetainingRing) return job::AsFound::LugBroken;
    if (part.kind == arrangement::PartKind::Bearing) return job::AsFound::InnerRingMissing;
    return std::nullopt;
}

} // namespace

FoundSheet::FoundSheet(QWidget* parent) : EntrySheet(parent) {
    setObjectName("foundSheet");
}

void FoundSheet::show(JobSession* session, const std::string& part) {
    if (!m_session) {
        m_session = session;
        m_part = part;
        build();
    }
    m_session = session;
    m_part = part;
    const auto& a = session->job().arrangement.assembly;
    const auto condition = conditionOf(a.parts[*arrangement::indexOf(a, part)]);
    m_condition->setEnabled(condition.has_value());
    m_condition->setItemText(1, q(words::asFoundName(condition.value_or(job::AsFound::LugBroken))));
    refresh();
    setVisible(true);
}

job::PartAsFound FoundSheet::noted() const {
    const auto& parts = m_session->job().strip.parts;
    const auto found = parts.find(m_part);
    return found == parts.end() ? job::PartAsFound{} : found->second;
}

/// A part of which nothing is noted any more is not kept.
void FoundSheet::change(const QString& text, const std::function<void(job::PartAsFound&)>& how) {
    m_session->edit(text, [&](job::Job& j) {
        auto part = noted();
        how(part);
        if (part == job::PartAsFound{})
            j.strip.parts.erase(m_part);
        else
            j.strip.parts[m_part] = part;
    });
}

EntrySheet::Understood FoundSheet::takeDepth(const QString& typed) {
    std::optional<double> depth;
    if (!typed.trimmed().isEmpty()) {
        const auto read = io::parseLength(typed.toStdString(), typedUnit_mm(*m_session));
        if (!read) return refused(read.error());
        if (!(*read >= 0 && *read <= kDeepest_mm)) return {false, tr("0 to 1000 mm")};
        depth = *read;
    }
    change(tr("Depth as found"), [&](auto& part) { part.depth_mm = depth; });
    return {};
}

void FoundSheet::build() {
    addHeading(tr("Before it leaves"));
    addChoice(
        "foundWay", tr("Way round"), {tr("not looked"), tr("as drawn"), tr("the other way")},
        {"none", "drawn", "other"},
        [this](const QString& v) {
            change(tr("Way round as found"),
                   [&](auto& part) { part.otherWay = v == "none" ? std::nullopt : std::optional(v == "other"); });
        },
        [this]() -> QString {
            const auto other = noted().otherWay;
            return !other ? "none" : *other ? "other" : "drawn";
        });
    addField(
        "foundDepth", tr("Depth"), [this](const QString& typed) { return takeDepth(typed); },
        [this] {
            const auto depth = noted().depth_mm;
            return depth ? q(m_session->display().size(*depth).number) : QString();
        },
        [this] { return q(m_session->display().size(0).unit); });
    widen(addField(
        "foundPlace", tr("Place, angle"),
        [this](const QString& typed) -> Understood {
            change(tr("Place as found"), [&](auto& part) { part.place = typed.trimmed().toStdString(); });
            return {};
        },
        [this] { return q(noted().place); }, [] { return QString(); }));
    m_condition = addChoice(
        "foundCondition", tr("Broken"), {tr("nothing"), QString()}, {"none", "broken"},
        [this](const QString& v) {
            const auto& a = m_session->job().arrangement.assembly;
            const auto what = conditionOf(a.parts[*arrangement::indexOf(a, m_part)]);
            if (!what) return;
            change(tr("As found"), [&](auto& part) {
                v == "none" ? (void)part.condition.erase(*what) : (void)part.condition.insert(*what);
            });
        },
        [this]() -> QString { return noted().condition.empty() ? "none" : "broken"; });
    auto* photo = addField(
        "foundPhoto", tr("Photo"),
        [this](const QString& typed) -> Understood {
            if (!typed.trimmed().isEmpty()) return {false, tr("press Enter on the empty field to choose one")};
            change(tr("Photo as found"), [&](auto& part) { part.photo.clear(); });
            return {};
        },
        [this] { return q(noted().photo); }, [] { return QString(); });
    widen(photo);
    photo->setPlaceholderText(tr("Enter chooses a picture"));
    connect(photo, &QLineEdit::returnPressed, this, [this, photo] {
        if (photo->text().isEmpty()) choosePhoto();
    });
    for (auto* line : findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
        line->show();
}

void FoundSheet::choosePhoto() {
    auto* dialog = new QFileDialog(this, tr("Photo"), {}, tr("Pictures (*.png *.jpg *.jpeg)"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QFileDialog::fileSelected, this, [this](const QString& file) {
        if (const auto kept = m_session->attachPhotoOf(m_part, file.toStdString()); !kept)
            emit trouble(q(words::say(kept.error())));
    });
    dialog->open();
}

} // namespace arbor::ui
