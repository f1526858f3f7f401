#include "ui/shelf/shelf_page.h"

#include "ui/log/delivery_text.h"
#include "ui/shelf/shelf_view.h"
#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFileInfo>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <QUndoCommand>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

enum Order { ByFile, ByMachine, ByCustomer, ByDate };

std::string keyOf(const io::JobGlance& job, Order order) {
    switch (order) {
    case ByFile:
        return job.path;
    case ByMachine:
        return job.machine;
    case ByCustomer:
        return job.customer;
    case ByDate:
        return QFileInfo(q(job.path)).lastModified().toString(Qt::ISODate).toStdString();
    }
    return job.path;
}

bool hasWords(const io::JobGlance& job, const QStringList& words) {
    const auto text = q(job.id + " " + job.title + " " + job.machine + " " + job.customer).toLower();
    return std::all_of(words.begin(), words.end(), [&](const QString& word) { return text.contains(word); });
}

} // namespace

/// A job file goes to a folder of its own below the shop, and back.
class MoveJob : public QUndoCommand {
public:
    MoveJob(ShelfPage& page, QString from, QString to, const QString& text)
        : QUndoCommand(text), m_page(page), m_from(std::move(from)), m_to(std::move(to)) {}
    void redo() override { setObsolete(!m_page.move(m_from, m_to)); }
    void undo() override { m_page.move(m_to, m_from); }

private:
    ShelfPage& m_page;
    QString m_from, m_to;
};

ShelfPage::ShelfPage(QWidget* parent) : QWidget(parent) {
    setObjectName("shelfPage");
    m_words = new QLineEdit(this);
    m_words->setObjectName("shelfWords");
    m_words->setMinimumHeight(theme::kTouch);
    m_words->setAccessibleName(tr("Find a job"));
    m_words->setPlaceholderText(tr("F: find by number, title, machine, customer"));
    m_words->setClearButtonEnabled(true);
    m_order = new QComboBox(this);
    m_order->setObjectName("shelfOrder");
    m_order->setAccessibleName(tr("Order of the jobs"));
    m_order->setMinimumHeight(theme::kTouch);
    m_order->addItems({tr("by file"), tr("by machine"), tr("by customer"), tr("newest first")});
    m_openOnly = new QCheckBox(tr("open ones only"), this);
    m_openOnly->setObjectName("shelfOpenOnly");
    m_shelf = new ShelfView(this);
    m_scroll = new QScrollArea(this);
    m_scroll->setWidgetResizable(true);
    m_scroll->setFrameShape(QFrame::NoFrame);
    m_scroll->setObjectName("shelfScroll");
    m_scroll->setFocusPolicy(Qt::NoFocus);
    m_scroll->setWidget(m_shelf);
    m_delivery = deliveryLine(this);
    m_delivery->setContentsMargins(theme::kMargin, theme::kGap, theme::kMargin, theme::kGap);
    setFocusProxy(m_shelf);
    auto* head = new QHBoxLayout;
    head->setContentsMargins(theme::kMargin, theme::kGap, theme::kMargin, 0);
    head->setSpacing(theme::kGap);
    head->addWidget(m_words, 1);
    head->addWidget(m_order);
    head->addWidget(m_openOnly);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addLayout(head);
    column->addWidget(m_scroll, 1);
    column->addWidget(m_delivery);
    connect(m_words, &QLineEdit::textChanged, this, &ShelfPage::refresh);
    connect(m_words, &QLineEdit::returnPressed, m_shelf, [this] { m_shelf->setFocus(); });
    connect(m_order, &QComboBox::currentIndexChanged, this, &ShelfPage::refresh);
    connect(m_openOnly, &QCheckBox::toggled, this, &ShelfPage::refresh);
}

void ShelfPage::open(Shop& shop) {
    if (!m_shop) connect(&shop.jobs(), &JobIndex::changed, this, &ShelfPage::refresh);
    m_shop = &shop;
    if (m_folder != shop.folder().path()) m_undo.clear();
    m_folder = shop.folder().path();
    m_shelf->show(io::jobFiles(m_folder.toStdString()), m_folder.toStdString(), shop.tables());
    shop.jobs().read(m_folder);
}

void ShelfPage::sayDelivery(const QString& line) {
    showDelivery(m_delivery, line);
}

void ShelfPage::refresh() {
    if (!m_shop || m_folder != m_shop->folder().path()) return; // another shop is being opened
    const auto order = static_cast<Order>(m_order->currentIndex());
    const auto words = m_words->text().toLower().split(' ', Qt::SkipEmptyParts);
    std::vector<std::pair<std::string, std::string>> found; // what it is sorted by, path
    for (const auto& job : m_shop->jobs().jobs()) {
        const bool wanted = hasWords(job, words) && !(m_openOnly->isChecked() && !job.closed.empty());
        if (wanted) found.emplace_back(keyOf(job, order), job.path);
    }
    std::stable_sort(found.begin(), found.end(), [&](const auto& a, const auto& b) {
        return order == ByDate ? a.first > b.first : a.first < b.first;
    });
    std::vector<std::string> paths;
    paths.reserve(found.size());
    for (auto& [key, path] : found)
        paths.push_back(std::move(path));
    m_shelf->show(std::move(paths), m_folder.toStdString(), m_shop->tables());
}

bool ShelfPage::move(const QString& from, const QString& to) {
    QDir().mkpath(QFileInfo(to).path());
    if (QFileInfo::exists(to) || !QFile::rename(from, to)) {
        emit trouble(tr("%1 could not be moved to %2: that name is taken, or the folder cannot be written")
                         .arg(QFileInfo(from).fileName(), QFileInfo(to).path()));
        return false;
    }
    m_shop->jobs().gone(from);
    if (QFileInfo(to).path() == m_folder) m_shop->jobs().added(to);
    refresh();
    return true;
}

void ShelfPage::moveAway(const char* folder, const QString& text) {
    const auto path = q(m_shelf->chosenPath());
    if (path.isEmpty() || isReading()) return;
    if (m_isOpen(path)) return emit trouble(tr("That job is the one on the bench: open another one first."));
    const QFileInfo file(path);
    auto target = file.path() + "/" + folder + "/" + file.fileName();
    for (int n = 2; QFileInfo::exists(target); ++n)
        target = file.path() + "/" + folder + "/" + QString::number(n) + "-" + file.fileName();
    m_undo.push(new MoveJob(*this, path, target, text));
}

void ShelfPage::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_F:
        return m_words->setFocus();
    case Qt::Key_A:
        return moveAway("archive", tr("Put away"));
    case Qt::Key_Delete:
        return moveAway("deleted", tr("Throw away"));
    case Qt::Key_Escape:
        m_words->clear();
        return m_shelf->setFocus();
    case Qt::Key_Down: // out of the line of words
        return m_shelf->setFocus();
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace arbor::ui
