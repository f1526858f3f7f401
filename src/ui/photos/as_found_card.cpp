#include "ui/photos/as_found_card.h"

#include "ui/photos/picture_row.h"
#include "ui/session/job_session.h"
#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QPainter>

namespace arbor::ui {

AsFoundCard::AsFoundCard(QWidget* parent) : QLabel(parent) {
    setObjectName("asFoundCard");
    setAttribute(Qt::WA_TransparentForMouseEvents);
    hide();
}

void AsFoundCard::show(const JobSession& session) {
    constexpr QSize kRoom{168, 126};
    const auto* step = session.step();
    const auto& parts = session.job().strip.parts;
    const auto noted =
        step && !step->step.out ? parts.find(session.plan().strip.assembly.parts[step->step.part].id) : parts.end();
    const auto photo = noted == parts.end() ? QPixmap() : photoOf(noted->second.photo, session.path());
    setVisible(!photo.isNull());
    if (photo.isNull()) return;
    const auto small = photo.scaled(kRoom, Qt::KeepAspectRatio, Qt::SmoothTransformation);
    const int words = theme::tall(20);
    QPixmap card(small.width(), small.height() + words);
    card.fill(theme::roles().card);
    QPainter painter(&card);
    painter.drawPixmap(0, words, small);
    painter.setFont(theme::typeface(theme::Text::Small));
    painter.setPen(theme::roles().ink);
    const auto place = q(noted->second.place);
    const auto said = place.isEmpty() ? tr("As found") : tr("As found: %1").arg(place);
    theme::drawElided(painter, QRectF(4, 0, card.width() - 8, words), Qt::AlignVCenter, said);
    setPixmap(card);
    setAccessibleName(said);
    resize(card.size());
}

} // namespace arbor::ui
