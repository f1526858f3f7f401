#include "ui/photos/picture_row.h"

#include "io/shop_path.h"
#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QFileInfo>
#include <QPixmap>
#include <QShortcut>

namespace arbor::ui {

constexpr int kPicture = 64;

QPixmap photoOf(const std::string& photo, const std::string& job) {
    const auto path = io::pathInShop(QFileInfo(q(job)).path().toStdString(), photo);
    return path ? QPixmap(q(*path)) : QPixmap();
}

PictureRow::PictureRow(const char* name, const QString& spoken, QWidget* parent) : QListWidget(parent) {
    setObjectName(name);
    setAccessibleName(spoken);
    setIconSize({kPicture, kPicture});
    setFixedHeight(2 * kPicture);
    setToolTip(tr("Delete takes the chosen photo off the job; the file stays."));
    auto* remove = new QShortcut(Qt::Key_Delete, this, nullptr, nullptr, Qt::WidgetShortcut);
    connect(remove, &QShortcut::activated, this, [this] {
        if (currentRow() >= 0) emit removed(currentRow());
    });
    hide();
}

void PictureRow::show(const std::vector<std::string>& photos, const std::string& job) {
    if (photos == m_photos && count() == static_cast<int>(photos.size())) return;
    m_photos = photos;
    clear();
    for (const auto& photo : photos) {
        auto* item = new QListWidgetItem(QFileInfo(q(photo)).fileName(), this);
        const auto picture = photoOf(photo, job);
        if (picture.isNull())
            item->setText(item->text() + tr(" (cannot be shown)"));
        else
            item->setIcon(QIcon(picture.scaled(kPicture, kPicture, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
    }
    setVisible(count() > 0);
}

} // namespace arbor::ui
