#pragma once

#include "core/seating/seating.h"
#include "words/display.h"

#include <QWidget>
#include <optional>

namespace arbor::ui {

inline constexpr double kSame_deg = 0.5; ///< readings closer than this stand at one place

/// The ring's face as a clock: arrows go round, digits enter, Enter keeps and goes on, Delete empties, + and - change
/// the places.
class SeatClock : public QWidget {
    Q_OBJECT
public:
    explicit SeatClock(QWidget* parent = nullptr);

    void show(const std::vector<seating::Reading>& readings, const seating::Seating* seating, seating::ReadingKind kind,
              const words::Display& display);
    /// A heading and a line under it, in place of those of the Seat station.
    void setWords(const QString& heading, const QString& line);
    void setHead(int pixels) { m_head = pixels; } ///< kept free above the face
    int places() const { return m_places; }
    void setPlaces(int places); ///< 3 to 12
    double angleOf(int place) const { return 360.0 * place / m_places; }
    int current() const { return m_current; }
    void keep();  ///< takes over what is typed at the current place
    void start(); ///< back to the first place, with nothing typed
    /// A reading from an instrument at the current place; goes on to the next.
    void take(const QString& reading);
    const QString& typing() const { return m_typing; }

signals:
    /// What was typed at a place; the page reads it. An empty text takes the reading away.
    void entered(double angle_deg, const QString& typed);
    void moved(); ///< to another place, or something is being typed

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

private:
    QString spokenNow() const; ///< the place one stands at, with its reading
    void changed();            ///< repaints, and tells a screen reader where it stands
    QPointF spot(double angle_deg, double radius) const;
    double faceRadius() const;
    const seating::Reading* readingAt(double angle_deg) const;
    void go(int by);
    void paintFace(QPainter& painter) const;
    void paintPlaces(QPainter& painter) const;
    void paintHighSide(QPainter& painter) const;

    std::vector<seating::Reading> m_readings;
    std::optional<seating::Seating> m_seating;
    seating::ReadingKind m_kind = seating::ReadingKind::Depth;
    words::Display m_display;
    int m_head = 58;
    int m_places = 8;
    int m_current = 0;
    QString m_typing;
    QString m_heading;
    QString m_line;
};

} // namespace arbor::ui
