#include "ui/report/job_report.h"

#include "core/base/units.h"
#include "core/plan/gauges.h"
#include "core/plan/step_record.h"
#include "io/file_hash.h"
#include "ui/photos/picture_row.h"
#include "ui/report/paper_sheet.h"
#include "ui/text.h"
#include "ui/tooling/setup_scene.h"
#include "words/adjust_words.h"
#include "words/heat_words.h"
#include "words/sheets/sheets.h"
#include "words/tooling_words.h"

#include <QFileInfo>
#include <QPainter>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::ui {

namespace {

constexpr int kTrace = 210, kClock = 190;

void fit(Paper& paper, const JobSession& /*session*/, const words::SheetInput& told) {
    if (!told.plan.fits) return;
    paper.heading(tr("Fit"));
    for (std::size_t i = 0; i < told.plan.fits->seats.size(); ++i) {
        const auto& seat = told.plan.fits->seats[i];
        if (!seat.fit) continue;
        const auto& measured = seat.hole.measuredDia_mm;
        const auto size = measured ? told.d.reading(*measured).text() : seat.hole.spec;
        const auto sheet = words::fitSheet(told, i);
        paper.text(tr("%1, %2").arg(q(sheet.heading), q(size)), 0, true);
        setNumbers(paper, sheet);
    }
}

void setup(Paper& paper, const JobSession& session, const plan::StepPlan& step) {
    if (!step.setup() || !step.setup()->choice) return;
    QStringList ids;
    const auto record = plan::makeRecord(session.job(), session.plan(), step, {}, {}, {});
    for (const auto& id : record.tools)
        ids << q(id);
    paper.text(tr("%1, from the bed up").arg(ids.join(", ")));
    paper.drawing(wayScene(session, step, *step.way(), 1.0).bodies,
                  step.step.out ? tr("as it was pressed out") : tr("as it was pressed home"));
}

/// Band and trace with both axes in words; black and grey only.
void paintTrace(QPainter& p, const QRectF& box, const trace::Expected& e, const trace::Trace& t,
                const words::Display& d) {
    double right = e.homeTravel_mm * 1.08, top = std::max(e.hold_N.most, e.points.front().force_N.most) * 1.15;
    for (const auto& s : t) {
        right = std::max(right, s.travel_mm);
        top = std::max(top, s.force_N * 1.05);
    }
    const QRectF plot = box.adjusted(60, 8, -20, -26);
    const auto at = [&](double x, double f) {
        return QPointF(plot.left() + plot.width() * std::max(0.0, x) / right,
                       plot.bottom() - plot.height() * std::max(0.0, f) / top);
    };
    QPolygonF band;
    for (const auto& point : e.points)
        band << at(point.travel_mm, point.force_N.most);
    for (auto point = e.points.rbegin(); point != e.points.rend(); ++point)
        band << at(point->travel_mm, point->force_N.least);
    p.setPen(QPen(Qt::gray, 0.6));
    p.setBrush(QColor(225, 225, 225));
    p.drawPolygon(band);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(Qt::black, 1));
    p.drawLine(plot.bottomLeft(), plot.bottomRight());
    p.drawLine(plot.bottomLeft(), plot.topLeft());
    p.setPen(QPen(Qt::black, 0.8, Qt::DashLine));
    p.drawLine(at(e.homeTravel_mm, 0), at(e.homeTravel_mm, top));
    QPolygonF line;
    for (const auto& s : t)
        if (const auto next = at(s.travel_mm, s.force_N);
            line.isEmpty() || (next - line.back()).manhattanLength() > 0.7)
            line << next;
    p.setPen(QPen(Qt::black, 1.6));
    p.drawPolyline(line);
    p.setPen(Qt::black);
    p.drawText(QRectF(plot.left() - 58, plot.top() - 6, 54, 16), Qt::AlignRight, q(d.force(top).text()));
    p.drawText(QRectF(plot.right() - 120, plot.bottom() + 4, 120, 16), Qt::AlignRight, q(d.size(right).text()));
    p.drawText(QRectF(at(e.homeTravel_mm, 0).x() - 104, plot.top(), 100, 16), Qt::AlignRight,
               e.end_N.most < e.points.front().force_N.most ? tr("free") : tr("home"));
}

void press(Paper& paper, const JobSession& session, const words::SheetInput& told, const plan::StepPlan& step) {
    if (!step.press) return;
    const auto& e = step.hand ? step.hand->expected : step.press->expected;
    const auto* measured = session.traceOf(step.step.id);
    const auto t = step.hand ? step.hand->trace : measured ? *measured : trace::Trace{};
    if (!t.empty())
        paper.figure(kTrace, tr("force against travel over what was expected"),
                     [&](QPainter& p, const QRectF& box) { paintTrace(p, box, e, t, told.d); });
    setSheet(paper, words::pressSheet(told, step));
    if (!step.trace) return paper.text(tr("nothing was recorded"));
    if (step.trace->friction) paper.text(tr("friction found %1").arg(q(words::decimals(*step.trace->friction, 3))));
}

/// What it was warmed to, as the clocks and the thermometer had it.
void warmed(Paper& paper, const JobSession& session, const plan::StepPlan& step) {
    const auto* heat = plan::heatOf(step.step, session.plan().heats);
    if (!heat || !plan::isWarmed(session.job(), step.step, session.plan().heats)) return;
    paper.text(tr("went in warm: %1").arg(q(words::opensLine(*heat, session.display()))));
}

/// The ring from above, each reading at its place.
void paintClock(QPainter& p, const QRectF& box, const std::vector<seating::Reading>& readings,
                const words::Display& d) {
    const double r = box.height() / 2 - 24;
    const auto spot = [&](double angle, double radius) {
        return box.center() + QPointF(radius * std::sin(angle * kRadPerDeg), -radius * std::cos(angle * kRadPerDeg));
    };
    p.setPen(QPen(Qt::black, 1));
    p.setBrush(Qt::NoBrush);
    p.drawEllipse(box.center(), r, r);
    p.drawEllipse(box.center(), r * 0.8, r * 0.8);
    for (const auto& reading : readings) {
        p.setBrush(Qt::black);
        p.drawEllipse(spot(reading.angle_deg, r * 0.9), 3, 3);
        const auto at = spot(reading.angle_deg, r + 22);
        p.drawText(QRectF(at.x() - 40, at.y() - 8, 80, 16), Qt::AlignCenter, q(d.size(reading.value_mm).number));
    }
}

void seat(Paper& paper, const words::SheetInput& told, const plan::StepPlan& step) {
    if (!step.ring) return;
    const auto& kept = job::stepOf(told.job, step.step.id);
    setSheet(paper, words::seatSheet(told, step));
    if (!kept.readings.readings.empty())
        paper.figure(kClock, tr("readings round the ring, %1").arg(q(told.d.size(0).unit)),
                     [&](QPainter& p, const QRectF& box) { paintClock(p, box, kept.readings.readings, told.d); });
    for (const auto& [check, good] : kept.proof.checks)
        paper.tick(good, q(words::seatCheck(check).head) + (good ? QString() : tr(": no")));
    if (!kept.proof.probed.empty())
        paper.text(tr("retaining ring probed at %1 places of 12").arg(kept.proof.probed.size()));
}

void photo(Paper& paper, const JobSession& session, const std::string& file, const QString& caption) {
    constexpr int kHigh = 200;
    const auto picture = photoOf(file, session.path());
    if (picture.isNull()) return;
    paper.figure(kHigh, caption, [&](QPainter& painter, const QRectF& box) {
        const auto size = QSizeF(picture.size()).scaled(box.size(), Qt::KeepAspectRatio);
        painter.drawPixmap(QRectF(box.topLeft(), size), picture, picture.rect());
    });
}

/// As found: of the whole, and of each part before it left.
void found(Paper& paper, const JobSession& session) {
    const auto& job = session.job();
    for (const auto& file : job.intake.photos)
        photo(paper, session, file, tr("as found"));
    for (const auto& [id, noted] : job.strip.parts) {
        const auto at = arrangement::indexOf(job.arrangement.assembly, id);
        const auto name = at ? q(job.arrangement.assembly.parts[*at].name()) : q(id);
        const auto place = noted.place.empty() ? QString() : ", " + q(noted.place);
        if (!noted.photo.empty()) photo(paper, session, noted.photo, tr("%1 as found%2").arg(name, place));
    }
}

/// Every pressed step that was worked, and the one in hand: setup, press and proof.
void steps(Paper& paper, const JobSession& session, const words::SheetInput& told) {
    const auto& plan = told.plan;
    for (const auto& step : plan.steps) {
        if (&step != plan.now() && !plan::wasWorked(session.job(), step)) continue;
        paper.heading(q(words::stepTitle(step.step)));
        setup(paper, session, step);
        warmed(paper, session, step);
        press(paper, session, told, step);
        seat(paper, told, step);
        for (const auto& file : job::stepOf(session.job(), step.step.id).photos)
            photo(paper, session, file, tr("as proven"));
    }
}

void adjust(Paper& paper, const JobSession& /*session*/, const words::SheetInput& told) {
    if (!told.plan.adjust) return;
    paper.heading(tr("Adjust"));
    const auto sheet = words::adjustSheet(told);
    paper.text(q(sheet.heading));
    setSheet(paper, sheet);
}

/// Every gauge that was named beside a reading, with what This shop knows of it.
void gauges(Paper& paper, const JobSession& session) {
    for (const auto& used : plan::gaugesUsed(session.job())) {
        const auto* gauge = catalog::findGauge(session.tables().gauges, used.number);
        const auto due = gauge ? q(gauge->calibrationDue) : QString();
        paper.text(tr("gauge %1%2, used on %3: %4")
                       .arg(q(used.number), gauge ? " " + q(gauge->name) : QString(), q(used.on),
                            !gauge          ? tr("not in This shop")
                            : due.isEmpty() ? tr("calibration not stated")
                                            : tr("calibration due %1").arg(due)));
    }
}

void closing(Paper& paper, const JobSession& session, const words::SheetInput& told) {
    const auto& c = session.job().closing;
    const auto d = session.display();
    paper.heading(tr("Close"));
    for (const auto& f : c.fasteners)
        paper.tick(f.read_Nm.has_value(), q(f.name) + (f.count > 1 ? QStringLiteral(" × %1").arg(f.count) : QString()),
                   tr("wanted %1, read %2")
                       .arg(f.torque_Nm > 0 ? q(d.torque(f.torque_Nm).text()) : tr("the maker’s value"),
                            f.read_Nm ? q(d.torque(*f.read_Nm).text()) : tr("nothing")));
    for (const auto& r : c.runIn.readings)
        paper.text(tr("run-in, minute %1: %2").arg(r.minute).arg(q(d.temperature(r.temp_C).text())));
    if (!c.cause.empty()) paper.text(tr("What killed the old bearing: %1").arg(q(c.cause)));
    if (!c.remedy.empty()) paper.text(tr("What was done about it: %1").arg(q(c.remedy)));
    setNotes(paper, words::closeSheet(told));
    const auto& record = session.job().record;
    if (record) {
        paper.text(tr("recorded by %1, %2").arg(q(record->who), q(record->when).left(16).replace('T', ' ')), 0, true);
        paper.text(q(record->notes));
    }
    for (const auto& list : words::closeSheet(told).rows)
        if (list.key == "release" || list.key == "lots")
            for (const auto& row : list.rows)
                paper.text(QStringLiteral("%1: %2").arg(q(row.left), q(row.right)));
    gauges(paper, session);
    if (const auto hash = io::sha256Of(session.path()))
        paper.text(tr("Job file %1, SHA-256 %2").arg(QFileInfo(q(session.path())).fileName(), q(*hash)));
    paper.signature(tr("done by%1").arg(record ? ": " + q(record->who) : QString()));
    paper.signature(tr("released by%1").arg(c.releasedBy.empty() ? QString() : ": " + q(c.releasedBy)));
}

} // namespace

void paintJobReport(QPagedPaintDevice& device, const JobSession& session) {
    const auto& job = session.job();
    const auto footer = q(job.id) + tr("   Advises and does not certify; follow local rules.");
    fillPaper(device, footer, [&](Paper& paper) {
        paper.title(q(job.title), q(job.id) + " · " + q(job.customer));
        paper.text(q(job.intake.complaint));
        const words::SheetInput told(job, session.wholePlan());
        found(paper, session);
        for (auto part : {fit, steps, adjust, closing})
            part(paper, session, told);
    });
}

Result<void> writeJobReport(const JobSession& session, const QString& file) {
    return writePdf(file, Paper::pageOf(QPageSize(QPageSize::A4)), q(session.job().title),
                    [&](QPagedPaintDevice& device) { paintJobReport(device, session); });
}

} // namespace arbor::ui
