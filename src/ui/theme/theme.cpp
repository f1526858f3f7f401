#include "ui/theme/theme.h"

#include <QApplication>
#include <QFontDatabase>
#include <QFontInfo>
#include <QFontMetrics>
#include <QPainter>
#include <QPalette>
#include <QResource>
#include <QStyleFactory>
#include <QWidget>
#include <algorithm>
#include <cmath>

static void useShippedUi() {
    Q_INIT_RESOURCE(ui_assets);
}

namespace arbor::ui::theme {

namespace {

const Roles kLight{.paper = QColor("#F3F0E8"),
                   .card = QColor("#FBF9F4"),
                   .ink = QColor("#20292E"),
                   .muted = QColor("#5F676C"),
                   .rule = QColor("#CFCABD"),
                   .plan = QColor("#1F4F7A"),
                   .planPale = QColor("#D9E4EE"),
                   .proven = QColor("#2C7663"),
                   .provenPale = QColor("#E1EDE7"),
                   .caution = QColor("#86601F"),
                   .cautionPale = QColor("#EFE3CB"),
                   .stop = QColor("#B8401B"),
                   .stopPale = QColor("#F9E6DF"),
                   .steel = QColor("#CDD2D5"),
                   .hardened = QColor("#DDE7F0"),
                   .iron = QColor("#E3DFD3"),
                   .onPlan = QColor("#FFFFFF")};

const Roles kNight{.paper = QColor("#171C20"),
                   .card = QColor("#1E252A"),
                   .ink = QColor("#ECE8DD"),
                   .muted = QColor("#A3ABB0"),
                   .rule = QColor("#3C464C"),
                   .plan = QColor("#8DBBE4"),
                   .planPale = QColor("#25394B"),
                   .proven = QColor("#7CC7B2"),
                   .provenPale = QColor("#1F3A34"),
                   .caution = QColor("#DDB067"),
                   .cautionPale = QColor("#463820"),
                   .stop = QColor("#F08C68"),
                   .stopPale = QColor("#4A2A20"),
                   .steel = QColor("#4B545A"),
                   .hardened = QColor("#3A4A59"),
                   .iron = QColor("#45443E"),
                   .onPlan = QColor("#10181F")};

Roles seenFromFar(Roles r, const char* muted, const char* plan, const char* proven, const char* caution,
                  const char* stop) {
    r.muted = QColor(muted);
    r.plan = QColor(plan);
    r.proven = QColor(proven);
    r.caution = QColor(caution);
    r.stop = QColor(stop);
    return r;
}

const Roles kLightFar = seenFromFar(kLight, "#444B50", "#194570", "#1B5445", "#5F420C", "#8A2B0E");
const Roles kNightFar = seenFromFar(kNight, "#B4BBC0", "#9CC6EC", "#86CFBB", "#E3BC7A", "#F6A282");

Variant g_variant = Variant::Light; // the running application has exactly one look
double g_scale = 1;

void loadFonts() {
    static const bool loaded = [] {
        useShippedUi();
        for (const auto* file :
             {":/fonts/ArborB612-Regular.otf", ":/fonts/ArborB612-Bold.otf", ":/fonts/ArborB612-Italic.otf"})
            QFontDatabase::addApplicationFont(file);
        return true;
    }();
    Q_UNUSED(loaded);
}

QString styleSheet(const Roles& r) {
    return QStringLiteral(
               "QLineEdit, QComboBox, QPlainTextEdit { background:%1; color:%2; border:1px solid %3; "
               "border-radius:2px; padding:2px 6px; }"
               "QLineEdit:focus, QComboBox:focus, QPlainTextEdit:focus { border:2px solid %4; padding:1px 5px; }"
               "QComboBox::drop-down { border:none; width:24px; }"
               "QComboBox::down-arrow { image:url(:/icons/chevron-down.svg); width:16px; height:16px; }"
               "QLineEdit[wrong=\"true\"] { border:2px solid %5; }"
               "QPushButton { background:%1; color:%4; border:1px solid %4; border-radius:3px; padding:4px 14px; "
               "font-weight:bold; }"
               "QPushButton:focus { border:2px solid %2; }"
               "QPushButton[primary=\"true\"] { background:%4; color:%6; border:2px solid %4; font-size:%9px; }"
               "QPushButton[primary=\"true\"]:focus { border:2px solid %2; }"
               "QPushButton:disabled { background:%3; color:%7; border-color:%3; }"
               "QScrollBar:vertical { background:transparent; width:8px; } QScrollBar::handle:vertical { "
               "background:%3; border-radius:4px; min-height:30px; }"
               "QScrollBar::add-line, QScrollBar::sub-line { height:0; } QScrollBar::add-page, QScrollBar::sub-page { "
               "background:transparent; }"
               "QPushButton::menu-indicator { image:none; width:0; }"
               "QTableWidget { background:%1; color:%2; border:none; } QHeaderView::section { background:%1; "
               "color:%7; border:none; border-bottom:1px solid %3; padding:4px; text-align:left; }"
               "QToolTip { background:%1; color:%2; border:1px solid %3; }"
               "QMenu { background:%1; color:%2; border:1px solid %3; } QMenu::item:selected { background:%8; "
               "color:%2; }"
               "QMenu::item:disabled { color:%7; }"
               "QListWidget { background:transparent; color:%2; border:none; padding-left:14px; }"
               "QListWidget::item:selected { background:%8; color:%2; }"
               "*[touched=\"true\"] QLineEdit, *[touched=\"true\"] QComboBox, *[touched=\"true\"] QPushButton { "
               "min-height:%10px; padding-top:1px; padding-bottom:1px; }"
               "*[touched=\"true\"] QCheckBox { min-height:%11px; }"
               "QScrollArea, QScrollArea > QWidget > QWidget { background:transparent; border:none; }")
        .arg(r.card.name(), r.ink.name(), r.rule.name(), r.plan.name(), r.stop.name(), r.onPlan.name(), r.muted.name(),
             r.planPale.name())
        .arg(tall(15))
        .arg(kTouch - 2) // and its border
        .arg(kTouch);
}

} // namespace

const Roles& roles() {
    return g_variant == Variant::Light ? kLight : kNight;
}
const Roles& farRoles() {
    return g_variant == Variant::Light ? kLightFar : kNightFar;
}
void use(Variant variant) {
    g_variant = variant;
}
Variant variant() {
    return g_variant;
}

void apply() {
    loadFonts();
    const auto& r = roles();
    QApplication::setStyle(QStyleFactory::create("Fusion"));
    QApplication::setFont(typeface(Text::Body));
    QPalette p;
    for (const auto& [role, colour] : {std::pair{QPalette::Window, r.card},
                                       {QPalette::WindowText, r.ink},
                                       {QPalette::Base, r.card},
                                       {QPalette::AlternateBase, r.paper},
                                       {QPalette::Text, r.ink},
                                       {QPalette::Button, r.card},
                                       {QPalette::ButtonText, r.ink},
                                       {QPalette::Highlight, r.plan},
                                       {QPalette::HighlightedText, r.onPlan},
                                       {QPalette::PlaceholderText, r.muted},
                                       {QPalette::ToolTipBase, r.card},
                                       {QPalette::ToolTipText, r.ink},
                                       {QPalette::Link, r.plan}})
        p.setColor(role, colour);
    QApplication::setPalette(p);
    qApp->setStyleSheet(styleSheet(r));
}

void setTextScale(double scale) {
    // A desktop that is set to larger texts has a larger font of its own; its default is not over this.
    constexpr double kUsual_px = 16;
    static const double desktop = std::max(1.0, QFontInfo(QGuiApplication::font()).pixelSize() / kUsual_px);
    g_scale = std::clamp(scale * desktop, 1.0, 1.6);
}
double textScale() {
    return g_scale;
}
int tall(int pixels) {
    return static_cast<int>(std::lround(pixels * g_scale));
}
int wide(int pixels) {
    constexpr double kShare = 0.6;
    return static_cast<int>(std::lround(pixels * (1 + kShare * (g_scale - 1))));
}

Drawn::Drawn(QPainter& painter) : m_outer(g_scale) {
    painter.scale(m_outer, m_outer);
    g_scale = 1;
}
Drawn::~Drawn() {
    g_scale = m_outer;
}
QRect Drawn::room(const QWidget& widget) const {
    return {0, 0, static_cast<int>(widget.width() / m_outer), static_cast<int>(widget.height() / m_outer)};
}

void drawElided(QPainter& painter, const QRectF& box, int align, const QString& text) {
    const auto fitting =
        QFontMetrics(painter.font()).elidedText(text, Qt::ElideRight, static_cast<int>(std::floor(box.width())));
    painter.drawText(box, align, fitting);
}

void drawHeading(QPainter& painter, const QWidget& of, const QString& title, const QString& shows) {
    painter.fillRect(of.rect(), roles().card);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().ink);
    QRect line(kMargin, 10, of.width() - 2 * kMargin, tall(20));
    painter.drawText(line, Qt::AlignVCenter, title);
    line.setLeft(line.left() + painter.fontMetrics().horizontalAdvance(title) + kMargin);
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    drawElided(painter, line, Qt::AlignVCenter | Qt::AlignRight, shows);
}

QFont typeface(Text text) {
    QFont f(QStringLiteral("Arbor B612"));
    f.setPixelSize(13);
    switch (text) {
    case Text::Small:
        f.setPixelSize(12);
        break;
    case Text::Body:
        break;
    case Text::Strong:
        f.setBold(true);
        break;
    case Text::Title:
        f.setPixelSize(19);
        f.setBold(true);
        break;
    case Text::Figure:
        f.setPixelSize(29);
        f.setBold(true);
        break;
    }
    f.setPixelSize(tall(f.pixelSize()));
    return f;
}

} // namespace arbor::ui::theme
