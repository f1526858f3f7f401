#pragma once

#include <QColor>
#include <QFont>

class QPainter;
class QRect;
class QRectF;
class QString;
class QWidget;

/// The one place for colours, type and spacing. Widgets ask for roles, never for values.
namespace arbor::ui::theme {

enum class Variant { Light, Night };

struct Roles {
    QColor paper; ///< bench and shelf ground
    QColor card;  ///< slip, strip, route rule
    QColor ink;   ///< text and outlines
    QColor muted; ///< secondary text
    QColor rule;  ///< hairlines
    QColor plan;  ///< planned or active
    QColor planPale;
    QColor proven;
    QColor provenPale;
    QColor caution; ///< heat and look-here
    QColor cautionPale;
    QColor stop;
    QColor stopPale;
    QColor steel;
    QColor hardened;
    QColor iron;
    QColor onPlan; ///< text on the plan colour
};

const Roles& roles();
/// The same roles for what is read from two metres: every text on paper, card or its own fill at 7 to 1.
const Roles& farRoles();
void use(Variant variant);
Variant variant();

/// Loads the shipped typeface once and sets the application's font, palette and base style.
void apply();

/// Texts larger than drawn, 1 to 1.6; said before apply(). A larger text of the desktop's own counts in.
void setTextScale(double scale);
double textScale();
int tall(int pixels); ///< of a text, or of a line of it
int wide(int pixels); ///< of a column of texts: wider with them, by less, for others need room too

/// While it lives, the painter draws in pixels as designed, and all of it grows with the texts: lines and room with
/// them.
class Drawn {
public:
    explicit Drawn(QPainter& painter);
    ~Drawn();
    Drawn(const Drawn&) = delete;
    Drawn& operator=(const Drawn&) = delete;
    QRect room(const QWidget& widget) const; ///< of the widget, in those pixels

private:
    const double m_outer;
};

enum class Text { Small, Body, Strong, Title, Figure };
QFont typeface(Text text);

/// One line of text in the painter's font, cut with an ellipsis where it would leave the box.
void drawElided(QPainter& painter, const QRectF& box, int align, const QString& text);

/// Title of a chart at its upper edge, and at the right, as far as there is room, what it shows. On the card's ground.
void drawHeading(QPainter& painter, const QWidget& of, const QString& title, const QString& shows);

/// Spacing grid in logical pixels.
inline constexpr int kGap = 8;
inline constexpr int kMargin = 20;
inline constexpr int kHairline = 1;
inline constexpr int kTouch = 40; ///< least height of what is touched at the press
inline constexpr int kHeaderHeight = 46;
inline constexpr int kRuleWidth = 228;
inline constexpr int kSlipWidth = 340;
inline constexpr int kSheetWidth = 364; ///< entries beside the bench

} // namespace arbor::ui::theme
