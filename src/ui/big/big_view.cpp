#include "ui/big/big_view.h"

#include "ui/bench/bench_view.h"
#include "ui/big/big_figure.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/heat_words.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::farRoles;

constexpr int kEdge = 40;

/// Stops first; with one of them in sight there is no other title.
QStringList stopsOf(const words::Sheet& sheet) {
    QStringList out;
    for (const auto& note : sheet.notes)
        if (note.tone == Tone::Stop) out << q(note.line());
    return out;
}

bool isDigitOrSign(int key) {
    return (key >= Qt::Key_0 && key <= Qt::Key_9) || key == Qt::Key_Period || key == Qt::Key_Comma ||
           key == Qt::Key_Minus || key == Qt::Key_Plus || key == Qt::Key_Backspace || key == Qt::Key_Delete;
}

bool isArrow(int key) {
    return key == Qt::Key_Left || key == Qt::Key_Right || key == Qt::Key_Up || key == Qt::Key_Down;
}

/// Hatched along its edges, as every stop is, so that it is known without colour.
class StopBanner : public QLabel {
public:
    using QLabel::QLabel;

protected:
    void paintEvent(QPaintEvent* event) override {
        QLabel::paintEvent(event);
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(farRoles().onPlan, 3));
        for (int x = -8; x < width(); x += 16)
            for (const int y : {0, height() - 8})
                painter.drawLine(x, y + 8, x + 8, y);
    }
};

} // namespace

BigView::BigView(QWidget* parent) : QWidget(parent) {
    setObjectName("bigView");
    setFocusPolicy(Qt::StrongFocus);
    m_job = addText("bigJob");
    m_step = addText("bigStep");
    m_clocks = addText("bigClocks");
    m_stops = addText("bigStops", new StopBanner(this));
    m_title = addText("bigTitle");
    m_verdict = addText("bigVerdict");
    m_entry = addText("bigEntry");
    m_caution = addText("bigCaution");
    m_hint = addText("bigHint");
    for (auto*& figure : m_figures)
        figure = new BigFigure(this);
    m_bench = new BenchView(this);
    m_bench->setObjectName("bigBench");
    m_bench->setFocusPolicy(Qt::NoFocus);
    m_action = addButton("bigAction", {});
    m_mark = addButton("bigMark", tr("Mark"));
    m_before = addButton("bigBefore", QStringLiteral("←"));
    m_before->setAccessibleName(tr("Previous step"));
    m_next = addButton("bigNext", QStringLiteral("→"));
    m_next->setAccessibleName(tr("Next step"));
    m_leave = addButton("bigLeave", tr("Leave  F11"));
    connect(m_action, &QPushButton::clicked, this, [this] { m_scene.moving ? emit trodden() : emit confirmed(); });
    connect(m_mark, &QPushButton::clicked, this, &BigView::marked);
    connect(m_before, &QPushButton::clicked, this, [this] { emit stepped(-1); });
    connect(m_next, &QPushButton::clicked, this, [this] { emit stepped(1); });
    connect(m_leave, &QPushButton::clicked, this, &BigView::left);
    layOut();
}

QLabel* BigView::addText(const char* name, QLabel* made) {
    auto* label = made ? made : new QLabel(this);
    label->setObjectName(name);
    label->setWordWrap(true);
    label->setTextFormat(Qt::PlainText);
    return label;
}

QPushButton* BigView::addButton(const char* name, const QString& text) {
    auto* button = new QPushButton(text, this);
    button->setObjectName(name);
    button->setMinimumHeight(kTouch);
    button->setFocusPolicy(Qt::NoFocus); // keys are the whole view's
    return button;
}

void BigView::layOut() {
    auto* heading = new QHBoxLayout;
    auto* names = new QVBoxLayout;
    names->addWidget(m_job);
    names->addWidget(m_step);
    heading->addLayout(names, 1);
    heading->addWidget(m_clocks, 0, Qt::AlignTop);
    auto* numbers = new QVBoxLayout;
    numbers->addWidget(m_figures[0], 5);
    numbers->addWidget(m_figures[1], 4);
    numbers->addWidget(m_entry);
    numbers->addWidget(m_caution);
    auto* steps = new QHBoxLayout;
    for (auto* button : {m_before, m_next, m_leave})
        steps->addWidget(button, button == m_leave ? 2 : 1);
    auto* side = new QVBoxLayout;
    side->setSpacing(theme::kGap * 2);
    side->addWidget(m_bench, 1);
    for (auto* each : std::initializer_list<QWidget*>{m_title, m_verdict, m_action, m_mark, m_hint})
        side->addWidget(each);
    side->addLayout(steps);
    auto* body = new QHBoxLayout;
    body->setSpacing(kEdge);
    body->addLayout(numbers, 19);
    body->addLayout(side, 11);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(kEdge, kEdge * 2 / 3, kEdge, kEdge * 2 / 3);
    layout->setSpacing(theme::kGap * 2);
    layout->addLayout(heading);
    layout->addWidget(m_stops);
    layout->addLayout(body, 1);
}

void BigView::show(const BigScene& scene) {
    m_scene = scene;
    const auto& sheet = m_scene.sheet;
    m_job->setText(scene.job);
    m_step->setText(scene.step);
    for (std::size_t i = 0; i < std::size(m_figures); ++i) {
        m_figures[i]->setVisible(i < sheet.figures.size());
        if (i < sheet.figures.size()) m_figures[i]->show(sheet.figures[i]);
    }
    m_bench->setVisible(!scene.bench.bodies.empty());
    auto bench = scene.bench;
    bench.title.clear();
    bench.subtitle.clear();
    bench.callouts.clear();
    bench.roomForCallouts = false;
    bench.stroke.reset();
    m_bench->show(std::move(bench));
    m_title->setText(q(sheet.title));
    m_verdict->setText(q(sheet.verdict));
    m_entry->setText(scene.entry);
    m_entry->setVisible(!scene.entry.isEmpty());
    m_caution->setText(q(sheet.caution));
    m_action->setVisible(!sheet.action.empty());
    m_action->setText(q(sheet.action).replace('&', "&&"));
    m_action->setEnabled(sheet.waitsFor.empty());
    m_mark->setVisible(scene.moving);
    m_hint->setText(!sheet.waitsFor.empty() ? q(sheet.waitsFor)
                    : scene.moving          ? tr("Space or foot switch stops. Enter marks.")
                    : sheet.footMayAct()    ? tr("Space, foot switch or Enter.")
                    : !sheet.action.empty() ? tr("Enter, when you have looked. No switch answers this.")
                                            : QString());
    showStops();
    showClocks();
    style();
    fitTexts();
    update();
}

void BigView::showStops() {
    const auto stops = stopsOf(m_scene.sheet);
    m_stops->setVisible(!stops.isEmpty() || m_scene.sheet.tone == Tone::Stop);
    m_stops->setText(stops.isEmpty() ? q(m_scene.sheet.title) : stops.join('\n'));
}

void BigView::showClocks() {
    QStringList lines;
    for (const auto& clock : m_scene.clocks)
        if (clock.clock) {
            const auto whose = clock.job.isEmpty() ? QString() : clock.job + " · ";
            lines << whose + clock.name + "  " +
                         (clock.left_s > 0 ? q(words::clockFace(clock.left_s)) : alarmWord(clock));
        }
    m_clocks->setVisible(!lines.isEmpty());
    m_clocks->setText(lines.mid(0, 3).join('\n'));
}

void BigView::fitTexts() {
    const int h = height();
    const auto set = [h](QWidget* widget, int of1000, bool bold) {
        auto font = theme::typeface(bold ? theme::Text::Strong : theme::Text::Body);
        font.setPixelSize(std::max(14, h * of1000 / 1000));
        widget->setFont(font);
    };
    set(m_job, 32, true);
    set(m_step, 27, false);
    set(m_clocks, 32, true);
    set(m_stops, 30, true);
    set(m_title, 34, true);
    set(m_verdict, 25, false);
    set(m_entry, 60, true);
    set(m_caution, 25, true);
    set(m_hint, 21, false);
    set(m_action, 34, true);
    for (auto* button : {m_mark, m_before, m_next, m_leave})
        set(button, 24, true);
    m_action->setMinimumHeight(std::max<int>(kTouch, h / 9));
}

/// Colours that are seen from two metres.
void BigView::style() {
    const auto& r = farRoles();
    const auto colour = [](QWidget* widget, const QString& rules) {
        if (widget->styleSheet() != rules) widget->setStyleSheet(rules);
    };
    const auto text = [&](QWidget* widget, const QColor& c) {
        colour(widget, QStringLiteral("color:%1").arg(c.name()));
    };
    text(m_job, r.ink);
    text(m_step, r.muted);
    text(m_clocks, r.caution);
    text(m_verdict, r.ink);
    text(m_entry, r.plan);
    text(m_caution, r.stop);
    text(m_hint, r.muted);
    const auto tone = m_scene.sheet.tone;
    text(m_title, tone == Tone::Stop     ? r.stop
                  : tone == Tone::Proven ? r.proven
                  : tone == Tone::Check  ? r.caution
                                         : r.plan);
    colour(m_stops, QStringLiteral("background:%1; color:%2; padding:14px 16px").arg(r.stop.name(), r.onPlan.name()));
    const auto& fill = m_scene.moving ? r.stop : r.plan;
    colour(m_action,
           QStringLiteral("QPushButton { background:%1; color:%2; border:3px solid %1; border-radius:6px; "
                          "padding:4px 10px; } QPushButton:disabled { background:%3; color:%4; border-color:%4 }")
               .arg(fill.name(), r.onPlan.name(), r.paper.name(), r.muted.name()));
    for (auto* button : {m_mark, m_before, m_next, m_leave})
        colour(button, QStringLiteral("background:%1; color:%2; border:2px solid %2; border-radius:6px")
                           .arg(r.paper.name(), r.ink.name()));
}

void BigView::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    fitTexts();
}

void BigView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), farRoles().paper);
}

void BigView::keyPressEvent(QKeyEvent* event) {
    const int key = event->key();
    const bool enter = key == Qt::Key_Return || key == Qt::Key_Enter;
    if (key == Qt::Key_Escape) return emit left();
    if (key == Qt::Key_Space || (m_footKey && key == m_footKey)) return event->isAutoRepeat() ? void() : emit trodden();
    if (m_scene.moving) return enter && !event->isAutoRepeat() ? emit marked() : void();
    if (!m_scene.entry.isEmpty() && (isArrow(key) || isDigitOrSign(key) || enter)) return emit typed(event);
    if (enter) return event->isAutoRepeat() ? void() : emit confirmed();
    if (key == Qt::Key_Left) return emit stepped(-1);
    if (key == Qt::Key_Right) return emit stepped(1);
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
