#include "ui/calc/calc_box.h"

#include "core/calc/into_job.h"
#include "core/plan/plan.h"
#include "io/calc_line.h"
#include "io/results/calc_json.h"
#include "ui/slip/slip_body.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"
#include "words/shipped_names.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr int kListWidth = 320, kWidth = 720, kHeight = 600, kRowHeight = 30;
constexpr std::size_t kLarge = 3; // answers shown large; the rest as rows

QString shown(const std::string& name, const calc::Value& value) {
    return q(io::valueText(name, value));
}

QString unitShown(const std::string& name) {
    auto unit = q(io::unitOf(name));
    return unit.replace("um", "µm").replace("degC", "°C").replace("deg", "°").replace("N m", "N·m");
}

/// A field as one writes it: its name without the unit.
QString fieldWords(const calc::Field& field) {
    const auto unit = unitShown(field.name);
    return q(field.name) + QStringLiteral("   ") + q(words::shippedName(field.what)) +
           (unit.isEmpty() ? QString() : " (" + unit + ")");
}

} // namespace

CalcBox::CalcBox(QWidget* parent) : QWidget(parent) {
    setObjectName("calcBox");
    setAccessibleName(tr("Bench calculator"));
    m_line = new QLineEdit(this);
    m_line->setObjectName("calcLine");
    m_line->setPlaceholderText(tr("What is wanted, then the sizes: limits 62 N7"));
    m_line->setAccessibleName(tr("Calculation and sizes"));
    m_line->setMinimumHeight(theme::kTouch);
    m_line->installEventFilter(this);
    m_list = new QListWidget(this);
    m_list->setObjectName("calcHits");
    m_list->setFixedWidth(kListWidth);
    m_list->setFocusPolicy(Qt::NoFocus);
    m_body = new SlipBody(this);
    auto* scroll = new QScrollArea(this);
    scroll->setWidget(m_body);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setFocusPolicy(Qt::NoFocus);
    m_job = new QPushButton(tr("Make a job of it  Ctrl+Enter"), this);
    m_job->setObjectName("calcJob");
    m_job->setMinimumHeight(theme::kTouch);
    m_trouble = new QLabel(this);
    m_trouble->setObjectName("calcTrouble");
    m_trouble->setWordWrap(true);
    auto* right = new QVBoxLayout;
    right->addWidget(scroll, 1);
    right->addWidget(m_trouble);
    right->addWidget(m_job);
    auto* lower = new QHBoxLayout;
    lower->addWidget(m_list);
    lower->addLayout(right, 1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kMargin, theme::kMargin, theme::kMargin, theme::kMargin);
    layout->addWidget(m_line);
    layout->addLayout(lower, 1);
    connect(m_line, &QLineEdit::textChanged, this, &CalcBox::read);
    connect(m_list, &QListWidget::currentRowChanged, this, &CalcBox::work);
    connect(m_job, &QPushButton::clicked, this, &CalcBox::makeJob);
    hide();
}

void CalcBox::open(std::shared_ptr<const tables::Tables> tables) {
    m_tables = std::move(tables);
    const auto* over = parentWidget();
    resize(std::min(kWidth, over->width() - 80), std::min(kHeight, over->height() - 120));
    move((over->width() - width()) / 2, theme::kHeaderHeight + 24);
    show();
    raise();
    m_line->setFocus();
    m_line->selectAll();
    read();
}

const calc::Calculation* CalcBox::calculation() const {
    const auto row = m_list->currentRow();
    return row >= 0 && row < static_cast<int>(m_hits.size()) ? m_hits[static_cast<std::size_t>(row)] : nullptr;
}

void CalcBox::fillHits(const std::vector<const calc::Calculation*>& hits) {
    if (hits == m_hits && m_list->count() == static_cast<int>(hits.size())) return;
    const QSignalBlocker quiet(m_list);
    m_hits = hits;
    m_list->clear();
    for (const auto* c : m_hits)
        (new QListWidgetItem(q(words::shippedName(c->title)), m_list))->setSizeHint({0, kRowHeight});
    m_list->setCurrentRow(m_hits.empty() ? -1 : 0);
}

void CalcBox::read() {
    const auto line = io::readCalcLine(m_line->text().toStdString());
    m_sizes = line.sizes;
    fillHits(line.hits);
    work();
}

void CalcBox::work() {
    m_answer.reset();
    m_trouble->clear();
    const auto* c = calculation();
    m_job->setVisible(c && calc::canBecomeJob(*c));
    m_job->setEnabled(false);
    if (!c) {
        words::Sheet none;
        none.title = words::tr("No such calculation");
        none.verdict = words::tr("Try limits, interference, force, clearance, gauge, bolt, temperature, grease.");
        return m_body->show(none);
    }
    const auto inputs = io::valuesFromSizes(*c, m_sizes, *m_tables);
    if (!inputs) return showMissing(inputs.error());
    m_inputs = *inputs;
    auto answer = calc::evaluate(*c, *inputs, *m_tables);
    if (!answer) return showMissing(answer.error());
    m_answer = std::move(*answer);
    m_job->setEnabled(true);
    showAnswer();
}

/// What is still wanted, and what was understood so far.
void CalcBox::showMissing(const Problem& problem) {
    const auto* c = calculation();
    words::Sheet sheet;
    sheet.title = words::shippedName(c->title);
    if (m_sizes.empty())
        sheet.verdict = words::tr("Type its sizes in this order, or key=value.");
    else if (problem.code == ProblemCode::Missing)
        sheet.verdict = words::tr("Still wanted: {what}.")
                            .with("what", problem.limit.empty() ? problem.field : words::wantedText(problem.limit));
    else
        sheet.verdict = words::say(problem);
    sheet.tone = m_sizes.empty() || problem.code == ProblemCode::Missing ? Tone::Plan : Tone::Stop;
    const auto known = io::valuesFromSizes(*c, m_sizes, *m_tables);
    for (const auto& field : c->inputs) {
        const auto given = known ? known->find(field.name) : calc::Values::const_iterator{};
        const bool has = known && given != known->end();
        sheet.list("inputs").rows.push_back({field.name,
                                             fieldWords(field).toStdString(),
                                             (has              ? shown(field.name, given->second)
                                              : field.preset   ? tr("default %1").arg(shown(field.name, *field.preset))
                                              : field.optional ? tr("optional")
                                                               : tr("wanted"))
                                                 .toStdString(),
                                             {},
                                             !has && !field.preset && !field.optional});
    }
    m_body->show(sheet);
}

void CalcBox::showAnswer() {
    const auto* c = calculation();
    words::Sheet sheet;
    sheet.title = words::shippedName(c->title);
    for (const auto& [name, what, value] : calc::outcomes(*c, *m_answer)) {
        // Of what comes out for each of several times, the name says which one.
        const auto label = name.find("_at_") == std::string::npos
                               ? q(words::shippedName(what))
                               : q(name).section("_at_", 1).section('_', 0, 0) + ": " + q(words::shippedName(what));
        if (sheet.figures.size() < kLarge && std::holds_alternative<double>(*value)) {
            auto figure = words::figureOf(name, label.toStdString(),
                                          {shown(name, *value).toStdString(), unitShown(name).toStdString()}, {},
                                          words::exactly(std::get<double>(*value)));
            figure.hasLine = false;
            sheet.figures.push_back(figure);
        } else {
            sheet.list("outputs").rows.push_back(
                {name, label.toStdString(), (shown(name, *value) + " " + unitShown(name)).toStdString(), {}, true});
        }
    }
    QString taken;
    for (const auto& field : c->inputs) {
        const auto given = m_inputs.find(field.name);
        if (given != m_inputs.end())
            sheet.verdict += (sheet.verdict.empty() ? "" : " · ") +
                             (shown(field.name, given->second) + " " + unitShown(field.name)).trimmed().toStdString();
        else if (field.preset)
            taken += (taken.isEmpty() ? "" : ", ") + q(field.name) + " " + shown(field.name, *field.preset);
    }
    sheet.notesTitle = words::tr("Because");
    sheet.notes.push_back(
        words::noteOf("source", Tone::Plan, words::sourceName(c->source),
                      words::tr("formula and limits: docs/numbers.md, {key}").with("key", c->source)));
    if (!taken.isEmpty())
        sheet.notes.push_back(words::noteOf("defaults", Tone::Plain, words::tr("Defaults"), taken.toStdString()));
    m_body->show(sheet);
}

void CalcBox::makeJob() {
    const auto* c = calculation();
    if (!c || !m_answer) return;
    const auto& presses = m_tables->rack.presses;
    const auto job = calc::jobFrom(*c, m_inputs, *m_tables, presses.empty() ? std::string() : presses.front().id);
    if (!job) {
        m_trouble->setStyleSheet(QStringLiteral("color:%1").arg(theme::roles().stop.name()));
        m_trouble->setText(q(words::say(job.error())));
        return;
    }
    hide();
    emit jobWanted(*job);
}

bool CalcBox::eventFilter(QObject* watched, QEvent* event) {
    if (watched != m_line || event->type() != QEvent::KeyPress) return QWidget::eventFilter(watched, event);
    const int key = static_cast<QKeyEvent*>(event)->key();
    if (key != Qt::Key_Down && key != Qt::Key_Up) return false;
    const int last = m_list->count() - 1;
    m_list->setCurrentRow(std::clamp(m_list->currentRow() + (key == Qt::Key_Down ? 1 : -1), 0, std::max(0, last)));
    return true;
}

void CalcBox::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) {
        hide();
        parentWidget()->setFocus();
        return;
    }
    // Nothing typed here may reach the station underneath.
    event->accept();
}

void CalcBox::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme::roles().card);
    painter.setPen(QPen(theme::roles().plan, 2));
    painter.drawRect(rect().adjusted(1, 1, -1, -1));
}

} // namespace arbor::ui
