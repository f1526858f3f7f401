#include "ui/practice/lesson_view.h"

#include "core/job/names.h"
#include "io/arrangement_file.h"
#include "ui/bench/bench_view.h"
#include "ui/charts/force_chart.h"
#include "ui/kit/spoken.h"
#include "ui/slip/slip.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QSettings>
#include <QStackedWidget>
#include <QTimer>
#include <QVBoxLayout>

namespace arbor::ui {

namespace {

using mistakes::LessonGrade;
using words::Tone;

constexpr int kAsks_ms = 30; // whether the job is there
constexpr int kReasonColumns = 2;

mistakes::Lesson made(const tables::Tables& tables, std::uint32_t seed) {
    std::vector<arrangement::Arrangement> shapes;
    for (const auto& shape : io::shippedTemplates())
        if (shape.arrangement) shapes.push_back(*shape.arrangement);
    mistakes::Program program(tables);
    mistakes::Chance chance(seed);
    return mistakes::someLesson(shapes, program, chance);
}

struct LessonWord {
    std::string head;
    Tone tone;
};
LessonWord wordFor(LessonGrade grade) {
    switch (grade) {
    case LessonGrade::Right:
        return {words::tr("Right, and in time"), Tone::Proven};
    case LessonGrade::Late:
        return {words::tr("Right, but late"), Tone::Check};
    case LessonGrade::OtherReason:
        return {words::tr("Stopped, but not for that"), Tone::Check};
    case LessonGrade::FalseAlarm:
        return {words::tr("Stopped for nothing"), Tone::Check};
    case LessonGrade::Missed:
        return {words::tr("Missed it"), Tone::Stop};
    case LessonGrade::Clean:
        return {words::tr("Right: nothing was wrong"), Tone::Proven};
    }
    return {};
}

QString letterOf(std::size_t reason) {
    return QString(QChar('A' + static_cast<int>(reason)));
}

QLabel* plainLabel(const std::string& text, QWidget* parent) {
    auto* label = new QLabel(q(text), parent);
    label->setTextFormat(Qt::PlainText);
    label->setWordWrap(true);
    return label;
}

} // namespace

LessonView::LessonView(QSettings& settings, QWidget* parent)
    : QWidget(parent), m_settings(settings), m_hand(std::random_device{}()), m_ready(new QTimer(this)) {
    setObjectName("lessonView");
    setFocusPolicy(Qt::StrongFocus);
    speakAs(*this, QAccessible::Document, tr("A whole job to practise on"));
    m_title = new QLabel(this);
    m_title->setFont(theme::typeface(theme::Text::Title));
    m_title->setTextFormat(Qt::PlainText);
    m_heading = new QLabel(this);
    m_heading->setObjectName("lessonHeading");
    m_heading->setTextFormat(Qt::PlainText);
    m_heading->setFont(theme::typeface(theme::Text::Title));
    m_slip = new Slip(this);
    m_slip->actionButton()->setObjectName("lessonAction");
    m_slip->actionButton()->setFocusPolicy(Qt::NoFocus);
    auto* left = new QVBoxLayout;
    left->setContentsMargins(theme::kMargin, theme::kMargin, theme::kMargin, theme::kMargin);
    left->setSpacing(theme::kGap);
    left->addWidget(m_title);
    left->addWidget(m_heading);
    left->addWidget(buildPictures(), 3);
    left->addWidget(buildBelow(), 2);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addLayout(left, 1);
    layout->addWidget(m_slip);
    connect(m_slip, &Slip::actionTaken, this, &LessonView::goOn);
    connect(m_ready, &QTimer::timeout, this, &LessonView::take);
}

QWidget* LessonView::buildPictures() {
    m_pictures = new QStackedWidget(this);
    m_bench = new BenchView(this);
    m_bench->setFocusPolicy(Qt::NoFocus);
    m_chart = new ForceChart(this);
    m_pictures->addWidget(m_bench);
    m_pictures->addWidget(m_chart);
    return m_pictures;
}

/// What is seen on the left, what may be said of it on the right.
QWidget* LessonView::buildBelow() {
    auto* below = new QWidget(this);
    m_facts = new QScrollArea(below);
    m_facts->setObjectName("lessonFacts");
    m_facts->setWidgetResizable(true);
    m_facts->setFrameShape(QFrame::NoFrame);
    m_facts->setFocusPolicy(Qt::NoFocus);
    m_name = new QLineEdit(below);
    m_name->setObjectName("lessonName");
    m_name->setPlaceholderText(tr("Who practises"));
    m_name->setText(m_settings.value("lesson/name").toString());
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        m_settings.setValue("lesson/name", m_name->text());
        readScore();
        refresh();
        setFocus();
    });
    m_reasonGrid = new QGridLayout;
    m_reasonGrid->setSpacing(theme::kGap / 2);
    auto* right = new QVBoxLayout;
    right->addWidget(m_name);
    right->addWidget(plainLabel(tr("Stop, because:").toStdString(), below));
    right->addLayout(m_reasonGrid);
    right->addStretch(1);
    auto* layout = new QHBoxLayout(below);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(m_facts, 1);
    layout->addLayout(right, 1);
    return below;
}

void LessonView::open(const tables::Tables& tables) {
    m_tables = tables;
    readScore();
    if (!m_walk && !m_coming.valid()) begin(another());
    refresh();
    setFocus();
}

std::uint32_t LessonView::another() {
    return static_cast<std::uint32_t>(m_hand());
}

void LessonView::begin(std::uint32_t seed) {
    if (!m_tables || m_coming.valid()) return;
    // With tables of its own: others may be opened while the job is being made.
    m_coming = std::async(std::launch::async, made, *m_tables, seed);
    m_ready->start(kAsks_ms);
}

void LessonView::take() {
    if (m_coming.wait_for(std::chrono::seconds(0)) != std::future_status::ready) return;
    m_ready->stop();
    m_walk = std::make_unique<mistakes::LessonWalk>(m_coming.get());
    refresh();
}

void LessonView::goOn() {
    if (!m_walk || m_walk->grade()) return begin(another());
    m_walk->goOn();
    if (m_walk->grade()) writeScore();
    refresh();
    setFocus();
}

std::vector<const mistakes::Family*> LessonView::reasons() const {
    return mistakes::reasonsAt(m_walk->scene().station);
}

void LessonView::choose(std::size_t choice) {
    if (!m_walk || m_walk->grade()) return;
    m_walk->choose(choice);
    refresh();
}

/// What came of a choice, or what there is to do.
void LessonView::addTask(words::Sheet& sheet) const {
    const auto* chosen = m_walk->chosen();
    if (m_walk->scene().choices.empty() || (chosen && chosen->right)) {
        sheet.verdict = chosen
                            ? words::tr("Right: {choice}.").with("choice", chosen->text).text()
                            : words::tr("One thing may be wrong in this job. Go on while all is well; stop when it is "
                                        "not, and say why.")
                                  .text();
        sheet.action = words::tr("Go on");
        return;
    }
    sheet.verdict = words::tr("Choose by its number.");
    if (!chosen) return;
    sheet.tone = Tone::Check;
    sheet.verdict = words::tr("Not that one: {choice}.").with("choice", chosen->text);
    sheet.notes.push_back(words::noteOf("why_not", Tone::Check, words::tr("Why not"), chosen->why));
}

void LessonView::stop(std::size_t reason) {
    if (!m_walk || m_walk->grade() || reason >= reasons().size()) return;
    m_walk->stop(*reasons()[reason]);
    writeScore();
    refresh();
}

void LessonView::refresh() {
    if (m_walk) {
        m_title->setText(q(m_walk->lesson().title));
        m_heading->setText(q(words::stationTitle(m_walk->scene().station) + "  ·  " + m_walk->scene().heading));
        showFacts();
        showPicture();
        showReasons();
    }
    m_slip->show(sheet(), keys());
    speak(*this, m_heading->text() + ". " + q(m_slip->sheet().title) + ". " + q(m_slip->sheet().verdict));
}

QString LessonView::keys() const {
    if (m_walk && m_walk->grade()) return tr("Enter: another job. Esc goes back.");
    const bool open = m_walk && !m_walk->scene().choices.empty() && !(m_walk->chosen() && m_walk->chosen()->right);
    return open ? tr("A number: choose. Esc goes back.") : tr("Enter: go on. A letter: stop, because… Esc goes back.");
}

void LessonView::showFacts() {
    auto* table = new QWidget;
    auto* grid = new QGridLayout(table);
    grid->setContentsMargins(0, 0, theme::kGap, 0);
    int row = 0;
    for (const auto& [what, how] : m_walk->scene().facts) {
        grid->addWidget(plainLabel(what, table), row, 0);
        grid->addWidget(plainLabel(how, table), row++, 1);
    }
    const auto& choices = m_walk->scene().choices;
    for (std::size_t i = 0; i < choices.size(); ++i) {
        auto* button = new QPushButton(QStringLiteral("%1   %2").arg(i + 1).arg(q(choices[i].text)), table);
        button->setObjectName(QStringLiteral("choice%1").arg(i + 1));
        button->setFocusPolicy(Qt::NoFocus);
        button->setMinimumHeight(theme::kTouch);
        connect(button, &QPushButton::clicked, this, [this, i] { choose(i); });
        grid->addWidget(button, row++, 0, 1, 2);
    }
    grid->setRowStretch(row, 1);
    m_facts->setWidget(table);
}

void LessonView::showPicture() {
    const auto& scene = m_walk->scene();
    m_pictures->setCurrentIndex(scene.expected ? 1 : 0);
    if (scene.expected) return m_chart->show(*scene.expected, scene.trace, nullptr, words::Display());
    BenchScene drawn;
    drawn.bodies = arrangement::bodiesOf(m_walk->lesson().assembly);
    m_bench->show(std::move(drawn));
}

void LessonView::showReasons() {
    qDeleteAll(m_reasons);
    m_reasons.clear();
    const auto all = reasons();
    for (std::size_t i = 0; i < all.size(); ++i) {
        auto* button = new QPushButton(letterOf(i) + "   " + q(all[i]->name()), this);
        button->setObjectName(QStringLiteral("reason%1").arg(q(all[i]->key)));
        button->setFocusPolicy(Qt::NoFocus);
        button->setMinimumHeight(theme::kTouch);
        button->setEnabled(!m_walk->grade());
        connect(button, &QPushButton::clicked, this, [this, i] { stop(i); });
        m_reasonGrid->addWidget(button, static_cast<int>(i) / kReasonColumns, static_cast<int>(i) % kReasonColumns);
        button->show();
        m_reasons.push_back(button);
    }
}

words::Sheet LessonView::sheet() const {
    words::Sheet out;
    out.title = words::tr("Practice");
    if (!m_walk) {
        out.verdict = words::tr("A job is being made.");
        return out;
    }
    const auto& walk = *m_walk;
    if (walk.grade()) {
        addOutcome(out);
    } else {
        addTask(out);
    }
    auto& rows = out.list("score", words::tr("Score")).rows;
    rows.push_back({"scene", words::tr("Place in the job"),
                    words::tr("{count} of {all}")
                        .with("count", static_cast<int>(walk.at()) + 1)
                        .with("all", static_cast<int>(walk.lesson().scenes.size()))});
    rows.push_back({"jobs", words::tr("Jobs worked"), std::to_string(m_score.jobs())});
    rows.push_back({"named", words::tr("Named rightly"), std::to_string(m_score.named()), {}, true});
    for (const auto station : {job::Station::Strip, job::Station::Tooling, job::Station::Warm}) {
        const auto tally = m_score.choices.find(std::string(job::name(station)));
        if (tally == m_score.choices.end()) continue;
        rows.push_back(
            {"chosen_" + tally->first,
             words::tr("{station}: chosen rightly at once").with("station", words::stationTitle(station)),
             words::tr("{count} of {all}").with("count", tally->second.named).with("all", tally->second.met)});
    }
    out.caution =
        words::tr("At a real press: stand clear of the line of force, eye protection, and stop when in doubt.");
    return out;
}

void LessonView::addOutcome(words::Sheet& sheet) const {
    const auto& walk = *m_walk;
    const auto& lesson = walk.lesson();
    const auto said = wordFor(*walk.grade());
    sheet.title = said.head;
    sheet.tone = said.tone == Tone::Proven ? Tone::Plan : said.tone;
    sheet.verdict = lesson.hidden ? lesson.happened + "." : words::tr("Nothing was wrong with it.").text();
    auto& rows = sheet.list("outcome").rows;
    if (walk.said()) rows.push_back({"called", words::tr("You said"), walk.said()->name(), {}, true, said.tone});
    if (lesson.hidden) {
        rows.push_back({"truth", words::tr("It was"), lesson.hidden->name(), {}, true});
        sheet.notes.push_back(words::noteOf("shown_at", Tone::Plan, words::tr("It could be seen at"),
                                            lesson.scenes[lesson.showsAt].heading));
        sheet.notes.push_back(
            words::noteOf("cost", Tone::Plan, words::tr("What it would have cost"), mistakes::costOf(*lesson.hidden)));
        const auto tally = m_score.families.find(lesson.hidden->key);
        if (tally != m_score.families.end())
            rows.push_back(
                {"family", words::tr("Of these, named"),
                 words::tr("{count} of {all}").with("count", tally->second.named).with("all", tally->second.met)});
    }
    sheet.action = words::tr("Another job");
}

void LessonView::keyPressEvent(QKeyEvent* event) {
    const int key = event->key();
    if (key == Qt::Key_Return || key == Qt::Key_Enter)
        goOn();
    else if (key == Qt::Key_Escape)
        emit left();
    else if (key == Qt::Key_Up || key == Qt::Key_Down)
        m_facts->verticalScrollBar()->triggerAction(key == Qt::Key_Up ? QAbstractSlider::SliderSingleStepSub
                                                                      : QAbstractSlider::SliderSingleStepAdd);
    else if (key >= Qt::Key_1 && key <= Qt::Key_9)
        choose(static_cast<std::size_t>(key - Qt::Key_1));
    else if (key >= Qt::Key_A && key <= Qt::Key_Z && event->modifiers() == Qt::NoModifier)
        stop(static_cast<std::size_t>(key - Qt::Key_A));
    else
        QWidget::keyPressEvent(event);
}

namespace {

using Tallies = std::map<std::string, mistakes::LessonScore::Tally>;

/// Each a line "met named" of the group.
Tallies readTallies(QSettings& settings, const QString& group) {
    Tallies out;
    settings.beginGroup(group);
    for (const auto& name : settings.childKeys()) {
        const auto counts = settings.value(name).toString().split(' ');
        if (counts.size() == 2) out[name.toStdString()] = {counts[0].toInt(), counts[1].toInt()};
    }
    settings.endGroup();
    return out;
}

void writeTallies(QSettings& settings, const QString& group, const Tallies& tallies) {
    settings.beginGroup(group);
    for (const auto& [name, tally] : tallies)
        settings.setValue(q(name), QStringLiteral("%1 %2").arg(tally.met).arg(tally.named));
    settings.endGroup();
}

} // namespace

/// By name: "lesson/score/NAME/FAMILY", and "lesson/choices/NAME/STATION".
QString LessonView::scoreGroup(const char* of) const {
    return QStringLiteral("lesson/%1/").arg(of) + (m_name->text().isEmpty() ? QStringLiteral("-") : m_name->text());
}

void LessonView::readScore() {
    m_score = {readTallies(m_settings, scoreGroup("score")), readTallies(m_settings, scoreGroup("choices"))};
}

void LessonView::writeScore() {
    m_score.add(*m_walk);
    writeTallies(m_settings, scoreGroup("score"), m_score.families);
    writeTallies(m_settings, scoreGroup("choices"), m_score.choices);
}

} // namespace arbor::ui
