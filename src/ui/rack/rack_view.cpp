#include "ui/rack/rack_view.h"

#include "io/entry/size_entry.h"
#include "io/entry/tool_entry.h"
#include "io/shop_path.h"
#include "io/text_file.h"
#include "ui/rack/import_sheet.h"
#include "ui/rack/rack_wall.h"
#include "ui/stations/entry_sheet.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/language.h"
#include "words/order_words.h"
#include "words/sentences.h"
#include "words/tooling_words.h"

#include <QComboBox>
#include <QFileDialog>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPixmap>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <QStackedWidget>
#include <QUndoCommand>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

/// The whole rack before and after: a few thousand tools are small.
class RackEdit : public QUndoCommand {
public:
    RackEdit(RackView& view, const QString& text, std::vector<catalog::Tool> after)
        : QUndoCommand(text), m_view(view), m_before(view.tools()), m_after(std::move(after)) {}
    void undo() override { m_view.replaceTools(m_before); }
    void redo() override { m_view.replaceTools(m_after); }

private:
    RackView& m_view;
    std::vector<catalog::Tool> m_before;
    std::vector<catalog::Tool> m_after;
};

namespace {

constexpr int kSideWidth = 372;

QPushButton* button(const char* name, const QString& text, QWidget* parent) {
    auto* made = new QPushButton(text, parent);
    made->setObjectName(name);
    made->setMinimumHeight(theme::kTouch);
    return made;
}

} // namespace

RackView::RackView(QSettings& settings, QWidget* parent) : QWidget(parent) {
    setObjectName("rackView");
    m_wall = new RackWall(this);
    m_scroll = new QScrollArea(this);
    m_scroll->setObjectName("rackWallScroll");
    m_scroll->setWidgetResizable(true);
    m_scroll->setFrameShape(QFrame::NoFrame);
    m_scroll->setFocusPolicy(Qt::NoFocus);
    m_scroll->setWidget(m_wall);
    connect(m_wall, &RackWall::chosen, this, &RackView::choose);
    connect(m_wall, &RackWall::seen, this, [this](const QRect& cell) {
        m_scroll->ensureVisible(cell.center().x(), cell.center().y(), cell.width() / 2, cell.height() / 2);
    });
    auto* wall = new QWidget(this);
    auto* middle = new QVBoxLayout(wall);
    middle->setContentsMargins(0, 0, 0, 0);
    middle->setSpacing(0);
    middle->addWidget(buildFilter());
    middle->addWidget(m_scroll, 1);
    m_import = new ImportSheet(settings, this);
    m_middle = new QStackedWidget(this);
    m_middle->addWidget(wall);
    m_middle->addWidget(m_import);
    const auto backToWall = [this, wall] { m_middle->setCurrentWidget(wall); };
    connect(m_import, &ImportSheet::left, this, backToWall);
    connect(m_import, &ImportSheet::accepted, this, [this, backToWall](const std::vector<catalog::Tool>& tools) {
        backToWall();
        addTools(tools, m_import->read().bad);
    });
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(m_middle, 1);
    row->addWidget(buildSide());
}

QLineEdit* RackView::addFilterField(QWidget* bar, const char* name, const QString& label) {
    auto* field = new QLineEdit(bar);
    field->setObjectName(name);
    field->setPlaceholderText(label);
    field->setAccessibleName(label);
    field->setMinimumHeight(theme::kTouch);
    field->setMaximumWidth(130);
    connect(field, &QLineEdit::textChanged, this, &RackView::refresh);
    return field;
}

QWidget* RackView::buildFilter() {
    auto* bar = new QWidget(this);
    m_kind = new QComboBox(bar);
    m_kind->setObjectName("rackKind");
    m_kind->setAccessibleName(tr("Kind of tool"));
    m_kind->setMinimumHeight(theme::kTouch);
    m_kind->addItem(tr("All kinds"));
    for (const auto kind : catalog::kToolKinds)
        m_kind->addItem(q(words::capital(words::kindName(kind))));
    connect(m_kind, &QComboBox::currentIndexChanged, this, &RackView::refresh);
    m_clears = addFilterField(bar, "rackClears", tr("Ø it must clear"));
    m_covers = addFilterField(bar, "rackCovers", tr("Ø it must cover"));
    m_search = addFilterField(bar, "rackSearch", tr("number, name, place"));
    m_search->setMaximumWidth(220);
    m_search->setMinimumWidth(170);
    m_count = new QLabel(bar);
    m_count->setObjectName("rackCount");
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(theme::kMargin, theme::kGap / 2, theme::kGap, theme::kGap / 2);
    row->addWidget(m_kind);
    row->addWidget(m_clears);
    row->addWidget(m_covers);
    row->addWidget(m_search);
    row->addWidget(m_count, 1);
    return bar;
}

QWidget* RackView::buildSide() {
    auto* side = new QWidget(this);
    side->setFixedWidth(kSideWidth);
    auto* title = new QLabel(tr("New tool"), side);
    title->setFont(theme::typeface(theme::Text::Strong));
    m_quick = new QLineEdit(side);
    m_quick->setObjectName("rackQuick");
    m_quick->setAccessibleName(tr("New tool by its sizes"));
    m_quick->setPlaceholderText(tr("outside / bore × length, as 61.2 / 54.6 × 72"));
    m_quick->setMinimumHeight(theme::kTouch);
    connect(m_quick, &QLineEdit::returnPressed, this, &RackView::quickAdd);
    m_message = new QLabel(side);
    m_message->setObjectName("rackMessage");
    m_message->setWordWrap(true);
    m_faults = new QLabel(side);
    m_faults->setObjectName("rackFaults");
    m_faults->setWordWrap(true);
    m_photo = new QLabel(side);
    m_photo->setObjectName("toolPhotoPicture");
    m_presses = new QLabel(side);
    m_presses->setObjectName("rackPresses");
    m_presses->setWordWrap(true);
    m_presses->setFont(theme::typeface(theme::Text::Small));
    auto* place = new QWidget(side);
    m_sheetPlace = new QVBoxLayout(place);
    m_sheetPlace->setContentsMargins(0, 0, 0, 0);
    auto* scroll = new QScrollArea(side);
    scroll->setObjectName("rackSheetScroll");
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidget(place);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(theme::kGap, theme::kGap, theme::kMargin, theme::kGap);
    column->addWidget(title);
    column->addWidget(m_quick);
    column->addWidget(m_message);
    column->addWidget(scroll, 1);
    column->addWidget(m_photo);
    column->addWidget(m_faults);
    column->addWidget(buildButtons());
    column->addWidget(m_presses);
    return side;
}

QWidget* RackView::buildButtons() {
    auto* box = new QWidget(this);
    auto* copy = button("rackCopy", tr("Copy"), box);
    auto* remove = button("rackRemove", tr("Remove"), box);
    auto* import = button("rackImport", tr("Import…"), box);
    auto* output = button("rackExport", tr("Export…"), box);
    connect(copy, &QPushButton::clicked, this, &RackView::copyTool);
    connect(remove, &QPushButton::clicked, this, &RackView::removeTool);
    connect(import, &QPushButton::clicked, this, [this] { askFile(true); });
    connect(output, &QPushButton::clicked, this, [this] { askFile(false); });
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->addWidget(copy, 0, 0);
    grid->addWidget(remove, 0, 1);
    grid->addWidget(import, 1, 0);
    grid->addWidget(output, 1, 1);
    return box;
}

void RackView::open(const catalog::Rack& rack, const QString& folder, const words::Display& display,
                    double typedUnit_mm) {
    m_display = display;
    m_unit_mm = typedUnit_mm;
    m_folder = folder;
    if (rack.tools != m_tools) {
        m_undo.clear();
        m_tools = rack.tools;
    }
    QStringList presses;
    for (const auto& press : rack.presses)
        presses << q(words::pressLine(press, display));
    m_presses->setText(presses.join('\n'));
    if (!tool()) m_chosen = m_tools.empty() ? std::string() : m_tools.front().id;
    m_sheetKind.reset(); // units may be others
    refresh();
    m_wall->setFocus();
}

void RackView::adopt(const std::vector<catalog::Tool>& tools) {
    m_undo.clear();
    m_tools = tools;
    if (!tool()) m_chosen = m_tools.empty() ? std::string() : m_tools.back().id;
    refresh();
}

const catalog::Tool* RackView::tool() const {
    const auto found = std::find_if(m_tools.begin(), m_tools.end(), [&](const auto& t) { return t.id == m_chosen; });
    return found == m_tools.end() ? nullptr : &*found;
}

bool RackView::isShown(const catalog::Tool& t) const {
    if (m_kind->currentIndex() > 0 && t.kind != catalog::kToolKinds[m_kind->currentIndex() - 1]) return false;
    const auto wanted = [&](const QLineEdit* field) { return io::parseLength(field->text().toStdString(), m_unit_mm); };
    if (const auto clears = wanted(m_clears); clears && !t.clears(*clears)) return false;
    if (const auto covers = wanted(m_covers); covers && !t.covers(*covers)) return false;
    const auto text = m_search->text().trimmed();
    return text.isEmpty() || q(t.id + " " + t.name + " " + t.place).contains(text, Qt::CaseInsensitive);
}

/// Twins and impossible sizes in words. @return the numbers they concern
std::vector<std::string> RackView::faults() {
    std::vector<std::string> ids;
    QStringList lines;
    for (const auto& [one, other] : catalog::doubles(m_tools)) {
        ids.insert(ids.end(), {one, other});
        lines << tr("%1 and %2 have the same sizes").arg(q(one), q(other));
    }
    for (const auto& t : m_tools)
        if (const auto ok = catalog::checkTool(t); !ok) {
            ids.push_back(t.id);
            lines << q(t.id) + ": " + q(words::say(ok.error()));
        }
    m_faults->setText(lines.mid(0, 4).join('\n'));
    m_faults->setVisible(!lines.isEmpty());
    m_faults->setStyleSheet(QStringLiteral("color:%1").arg(theme::roles().stop.name()));
    return ids;
}

void RackView::refresh() {
    std::vector<catalog::Tool> shown;
    std::copy_if(m_tools.begin(), m_tools.end(), std::back_inserter(shown),
                 [this](const auto& t) { return isShown(t); });
    m_count->setText(tr("%1 of %2").arg(shown.size()).arg(m_tools.size()));
    m_wall->show(std::move(shown), m_chosen, faults(), m_display);
    const auto* t = tool();
    if (m_sheetKind != (t ? std::optional(t->kind) : std::nullopt)) buildSheet();
    if (m_sheet) m_sheet->refresh();
    showPhoto();
}

void RackView::showPhoto() {
    const auto* t = tool();
    const auto file = t && !t->photo.empty() ? io::pathInShop(m_folder.toStdString(), t->photo) : Result<std::string>();
    const QPixmap photo(file ? q(*file) : QString());
    m_photo->setVisible(!photo.isNull());
    if (!photo.isNull()) m_photo->setPixmap(photo.scaled(kSideWidth - 40, 120, Qt::KeepAspectRatio));
}

Result<void> RackView::editTool(const QString& text, const std::function<void(catalog::Tool&)>& change) {
    auto tools = m_tools;
    for (auto& t : tools) {
        if (t.id != m_chosen) continue;
        change(t);
        if (auto ok = catalog::checkTool(t); !ok) return ok;
    }
    if (tools != m_tools) edit(text, std::move(tools));
    return {};
}

void RackView::edit(const QString& text, std::vector<catalog::Tool> tools) {
    m_undo.push(new RackEdit(*this, text, std::move(tools)));
}

void RackView::replaceTools(std::vector<catalog::Tool> tools) {
    m_tools = std::move(tools);
    if (!tool()) m_chosen = m_tools.empty() ? std::string() : m_tools.back().id;
    emit changed(m_tools);
    refresh();
}

void RackView::choose(const QString& id) {
    m_chosen = id.toStdString();
    refresh();
}

/// The number after the highest one that begins like `like`.
std::string RackView::freeId(const std::string& like) const {
    const auto letters = q(like).remove(QRegularExpression("\\d.*$"));
    int highest = 0;
    for (const auto& t : m_tools) {
        const auto rest = q(t.id).startsWith(letters) ? q(t.id).mid(letters.size()) : QString();
        bool number = false;
        const int value = rest.toInt(&number);
        if (number) highest = std::max(highest, value);
    }
    return (letters + QStringLiteral("%1").arg(highest + 1, 2, 10, QChar('0'))).toStdString();
}

/// Two caliper sizes and a length make a tool of the kind that is looked at, a sleeve where all are.
void RackView::quickAdd() {
    const auto kind =
        m_kind->currentIndex() > 0 ? catalog::kToolKinds[m_kind->currentIndex() - 1] : catalog::ToolKind::Sleeve;
    auto made = io::parseTool(m_quick->text().toStdString(), kind, m_unit_mm);
    if (!made) return say(q(words::say(made.error())), false);
    const auto like = std::find_if(m_tools.begin(), m_tools.end(), [&](const auto& t) { return t.kind == kind; });
    made->id = freeId(like == m_tools.end() ? "N" : like->id);
    made->name = words::kindName(kind);
    m_chosen = made->id;
    auto tools = m_tools;
    tools.push_back(std::move(*made));
    m_quick->clear();
    edit(tr("New tool %1").arg(q(m_chosen)), std::move(tools));
    say(tr("%1 is on the rack: engrave the tool no., say where it lies.").arg(q(m_chosen)), true);
}

void RackView::copyTool() {
    const auto* t = tool();
    if (!t) return;
    auto tools = m_tools;
    auto made = *t;
    made.id = freeId(t->id);
    m_chosen = made.id;
    tools.push_back(std::move(made));
    edit(tr("Copy"), std::move(tools));
}

void RackView::removeTool() {
    if (!tool()) return;
    auto tools = m_tools;
    const auto gone = m_chosen;
    std::erase_if(tools, [&](const auto& t) { return t.id == gone; });
    edit(tr("Remove %1").arg(q(gone)), std::move(tools));
    say(tr("%1 is off the rack; Ctrl+Z puts it back.").arg(q(gone)), true);
}

Result<void> RackView::importFrom(const QString& file) {
    const auto text = io::readText(file.toStdString());
    if (!text) return tl::unexpected(text.error());
    if (const auto own = catalog::readTools(*text)) {
        addTools(own->tools, own->bad);
        return {};
    }
    auto table = catalog::readForeign(*text);
    if (!table) return io::inFile(table.error(), file.toStdString());
    m_import->open(file, std::move(*table), m_tools);
    m_middle->setCurrentWidget(m_import);
    return {};
}

/// @param bad  rows of theirs that made no tool
void RackView::addTools(const std::vector<catalog::Tool>& made, const std::vector<catalog::BadRow>& bad) {
    auto tools = m_tools;
    QStringList kept;
    for (const auto& tool : made) {
        const auto known = std::find_if(tools.begin(), tools.end(), [&](const auto& t) { return t.id == tool.id; });
        if (known == tools.end())
            tools.push_back(tool);
        else if (*known != tool)
            kept << q(tool.id);
    }
    const auto added = tools.size() - m_tools.size();
    if (added > 0) edit(tr("Import"), std::move(tools));
    auto said = tr("%1 added").arg(added);
    if (!kept.isEmpty())
        said += tr("; these tool numbers are taken and were left as they are: %1").arg(kept.join(", "));
    if (!bad.empty())
        said += tr("; %n rows made no tool and were skipped, the first one: %1", "", static_cast<int>(bad.size()))
                    .arg(q(words::say(bad.front().problem)));
    say(said + ".", kept.isEmpty() && bad.empty());
}

Result<void> RackView::exportTo(const QString& file) const {
    std::vector<catalog::Tool> shown;
    std::copy_if(m_tools.begin(), m_tools.end(), std::back_inserter(shown),
                 [this](const auto& t) { return isShown(t); });
    return io::writeText(file.toStdString(), catalog::spreadsheetOf(shown, words::spoken().decimalPoint() == ','));
}

void RackView::askFile(bool import) {
    auto* dialog = new QFileDialog(this, import ? tr("Tools to add") : tr("Where to"), {},
                                   tr("Tables (*.csv *.txt *.tsv);;All files (*)"));
    dialog->setAcceptMode(import ? QFileDialog::AcceptOpen : QFileDialog::AcceptSave);
    dialog->setDefaultSuffix("csv");
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QFileDialog::fileSelected, this, [this, import](const QString& file) {
        const auto done = import ? importFrom(file) : exportTo(file);
        if (!done) say(q(words::say(done.error())), false);
        if (done && !import) say(tr("Written: %1").arg(file), true);
    });
    dialog->open();
}

void RackView::say(const QString& text, bool good) {
    m_message->setText(text);
    m_message->setStyleSheet(
        QStringLiteral("color:%1").arg((good ? theme::roles().muted : theme::roles().stop).name()));
}

void RackView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    if (event->key() == Qt::Key_Delete) return removeTool();
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
