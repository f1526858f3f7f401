#include "words/day_words.h"

#include "words/heat_words.h"
#include "words/shipped_names.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

namespace arbor::words {

namespace {

using day::Work;

/// @param weekday  0: Sunday
std::string weekdayName(int weekday) {
    const std::array<std::string, 7> names{tr("Sun"), tr("Mon"), tr("Tue"), tr("Wed"), tr("Thu"), tr("Fri"), tr("Sat")};
    return names.at(static_cast<std::size_t>(weekday));
}

const day::Source* sourceOf(const day::Day& day, const std::string& id) {
    const auto at = std::find_if(day.sources.begin(), day.sources.end(), [&](const auto& s) { return s.id == id; });
    return at == day.sources.end() ? nullptr : &*at;
}

std::string demandWords(const day::Demand& demand, const day::Board& board) {
    if (demand.piece)
        return tr("{job}: {what} at {time}")
            .with("job", demand.job)
            .with("what", pieceWords(board, *demand.piece))
            .with("time", timeWords(board.day, *board.day.pieces[*demand.piece].fixed));
    for (const auto& job : board.day.jobs)
        if (job.job == demand.job && job.by)
            return tr("{job} by {time}").with("job", demand.job).with("time", timeWords(board.day, *job.by));
    return demand.job;
}

/// All pieces of the plan, the first to begin first.
std::vector<std::size_t> byTime(const day::Board& board) {
    std::vector<std::size_t> out(board.day.pieces.size());
    std::iota(out.begin(), out.end(), 0);
    const auto& at = board.plan->at;
    std::stable_sort(out.begin(), out.end(), [&](std::size_t a, std::size_t b) { return at[a].start < at[b].start; });
    return out;
}

void addPlan(Sheet& sheet, const day::Board& board) {
    auto& list = sheet.list("plan", tr("The plan"), true);
    for (const auto i : byTime(board)) {
        const auto& at = board.plan->at[i];
        const auto& piece = board.day.pieces[i];
        const auto place = placeWords(board.day, i);
        const auto who = piece.byHand ? board.day.people[at.who].name : std::string();
        std::string where = place;
        if (!who.empty()) where += (where.empty() ? "" : ", ") + who;
        const auto name = piece.key.job + "/" + std::string(job::name(piece.key.work)) +
                          (piece.key.step.empty() ? "" : "/" + piece.key.step);
        list.rows.push_back({name,
                             timeWords(board.day, at.start) + " – " + timeWords(board.day, at.end) + "  " +
                                 piece.key.job + " " + pieceWords(board, i),
                             where, exactly(at.start)});
    }
}

void addWanted(Sheet& sheet, const day::Board& board) {
    auto& list = sheet.list("wanted", tr("Wanted by"));
    for (const auto& job : board.day.jobs) {
        const auto end = day::endOf(board.day, board.plan->at, job.job);
        const bool late = job.by && end > *job.by;
        const auto done = timeWords(board.day, end);
        list.rows.push_back(
            {job.job, job.job + (job.by ? "  " + timeWords(board.day, *job.by) : std::string()),
             late ? tr("{time}, {late} late").with("time", done).with("late", duration(60.0 * (end - *job.by))).text()
                  : done,
             exactly(end), late, late ? Tone::Check : Tone::Plain});
    }
}

/// The warm step that comes first, and how long its part may be carried.
void addWindow(Sheet& sheet, const day::Board& board, std::size_t piece) {
    const auto& p = board.day.pieces[piece];
    const auto& warm = p.isSoak() ? board.day.pieces[p.into] : p;
    if (!(warm.window_s > 0)) return;
    Figure figure = figureOf("carry_window_s", tr("Time available"), {clockFace(warm.window_s), tr("min")},
                             tr("transfer {time}").with("time", duration(warm.walk_s)), exactly(warm.window_s));
    figure.lineTo = warm.window_s;
    figure.value = {0, warm.walk_s, warm.walk_s};
    sheet.figures.push_back(figure);
}

void addNext(Sheet& sheet, const day::Board& board) {
    const auto next = nextPiece(board);
    if (!next) {
        sheet.title = tr("Nothing is left to begin");
        sheet.tone = Tone::Proven;
        return;
    }
    const auto& piece = board.day.pieces[*next];
    const auto& at = board.plan->at[*next];
    sheet.title = tr("Next: {job} {what}").with("job", piece.key.job).with("what", pieceWords(board, *next));
    const auto place = placeWords(board.day, *next);
    const auto when = at.start > board.day.now ? tr("in {time}, at {clock}")
                                                     .with("time", duration(60.0 * (at.start - board.day.now)))
                                                     .with("clock", timeWords(board.day, at.start))
                                               : tr("now");
    const auto who = piece.byHand ? board.day.people[at.who].name : std::string();
    sheet.verdict = when.text() + (place.empty() ? "" : ", " + place) + (who.empty() ? "" : ", " + who) + ".";
    addWindow(sheet, board, *next);
    sheet.action = tr("Open {job}").with("job", piece.key.job);
}

/// What its heat does not allow, or only just.
std::vector<Note> heatNotes(const day::Board& board, std::size_t i) {
    const auto& piece = board.day.pieces[i];
    std::vector<Note> out;
    if (piece.window_s > 0 && piece.window_s < piece.walk_s)
        out.push_back(noteOf("window/" + std::to_string(i), Tone::Stop,
                             tr("{job}: no time for the transfer").with("job", piece.key.job),
                             tr("{part} grips after {window}, the transfer takes {walk}")
                                 .with("part", piece.part)
                                 .with("window", duration(piece.window_s))
                                 .with("walk", duration(piece.walk_s))));
    const auto* source = sourceOf(board.day, piece.source);
    if (!source) return out;
    if (source->litres > 0 && piece.litres > source->litres)
        out.push_back(noteOf("room/" + std::to_string(i), Tone::Check,
                             tr("{job}: does it go in?").with("job", piece.key.job),
                             tr("{part} takes {litres} l, {source} has {room} l")
                                 .with("part", piece.part)
                                 .with("litres", decimals(piece.litres, 1))
                                 .with("source", shippedName(source->name))
                                 .with("room", decimals(source->litres, 1))));
    const auto& at = board.drawn.empty() ? day::Placed{} : board.drawn[i];
    if (source->warms && at.start / day::kDay != at.end / day::kDay)
        out.push_back(noteOf("night/" + std::to_string(i), Tone::Check,
                             tr("{job}: on over night").with("job", piece.key.job),
                             tr("{part} soaks longer than anybody is here: by local rules").with("part", piece.part)));
    return out;
}

void addNoPlan(Sheet& sheet, day::NoPlan why) {
    sheet.tone = Tone::Stop;
    switch (why) {
    case day::NoPlan::NoSolver:
        sheet.title = tr("This build plans no day");
        sheet.verdict =
            tr("It was made without the solver (Gecode, libgecode-dev). What is to be done is here, when is "
               "not.");
        return;
    case day::NoPlan::Clashes:
        sheet.title = tr("Fixed starts clash");
        sheet.verdict = tr("No plan meets all fixed starts: clear one of them.");
        return;
    case day::NoPlan::NotInTime:
        sheet.title = tr("No plan was found in time");
        sheet.verdict = tr("Nothing is proven: plan again, or clear a fixed start.");
        return;
    }
}

} // namespace

std::string timeWords(const day::Day& day, day::Minute minute) {
    const int days = static_cast<int>(std::floor(static_cast<double>(minute) / day::kDay)),
              left = minute - days * day::kDay;
    const auto two = [](int n) { return (n < 10 ? "0" : "") + std::to_string(n); };
    const auto clock = std::to_string(left / 60) + ":" + two(left % 60);
    constexpr int kWeek = 7;
    return days == 0 ? clock : weekdayName(((day.weekday + days) % kWeek + kWeek) % kWeek) + " " + clock;
}

std::string placeWords(const day::Day& day, std::size_t piece) {
    const auto& p = day.pieces[piece];
    if (!p.press.empty()) return p.press;
    const auto* source = sourceOf(day, p.source);
    return source ? shippedName(source->name) : std::string();
}

std::string pieceWords(const day::Board& board, std::size_t piece) {
    const auto& p = board.day.pieces[piece];
    switch (p.key.work) {
    case Work::Intake:
        return tr("intake");
    case Work::Strip:
        return tr("strip");
    case Work::Out:
        return tr("{part} out").with("part", p.part);
    case Work::Measure:
        return tr("measure");
    case Work::SoakOuter:
    case Work::SoakInner: {
        const double setting = board.plan ? board.plan->at[piece].setting_C : p.setting_C.lower;
        return p.part + ", " + Display().temperature(setting).text();
    }
    case Work::In:
        return tr("{part} in").with("part", p.part);
    case Work::Prove:
        return tr("prove {part}").with("part", p.part);
    case Work::Adjust:
        return tr("adjust");
    case Work::Close:
        return tr("close");
    }
    return {};
}

Sentence say(const day::Move& move, const day::Board& board) {
    const auto& piece = board.day.pieces[move.piece];
    const auto what = pieceWords(board, move.piece);
    const auto time = [&](day::Minute m) { return timeWords(board.day, m); };
    switch (move.kind) {
    case day::Move::Kind::TookLonger:
        return {tr("{job} takes {time} longer")
                    .with("job", piece.key.job)
                    .with("time", duration(60.0 * (move.is - move.was))),
                tr("{what}: until {is}, not {was}")
                    .with("what", what)
                    .with("is", time(move.is))
                    .with("was", time(move.was))};
    case day::Move::Kind::Moved:
        return {
            tr("{job} moved").with("job", piece.key.job),
            tr("{what} at {is}, not {was}").with("what", what).with("is", time(move.is)).with("was", time(move.was))};
    case day::Move::Kind::Added:
        return {tr("{job} is new").with("job", piece.key.job),
                tr("{what} at {is}").with("what", what).with("is", time(move.is))};
    }
    return {};
}

Sentence say(const day::Clash& clash, const day::Board& board) {
    const auto one = demandWords(clash.one, board);
    if (!clash.other)
        return {tr("{what} cannot be").with("what", one),
                clash.one.piece ? tr("not by itself: what comes before it, or the hours, are in its way").text()
                                : tr("its own work takes longer, with nobody in its way").text()};
    return {tr("{what} clashes").with("what", one),
            tr("with {other}: one of them can be, both cannot").with("other", demandWords(*clash.other, board))};
}

std::optional<std::size_t> nextPiece(const day::Board& board) {
    if (!board.plan) return std::nullopt;
    std::optional<std::size_t> out;
    for (std::size_t i = 0; i < board.plan->at.size(); ++i)
        if (!board.day.pieces[i].began && (!out || board.plan->at[i].start < board.plan->at[*out].start)) out = i;
    return out;
}

Sheet daySheet(const day::Board& board) {
    Sheet sheet;
    sheet.station = "day";
    sheet.mark = "open";
    if (board.none) {
        addNoPlan(sheet, *board.none);
        if (*board.none == day::NoPlan::Clashes) sheet.mark = "stop";
    } else if (board.day.pieces.empty()) {
        sheet.title = tr("Nothing to plan");
        sheet.verdict = tr("No job of this shop has an open step.");
    } else if (board.plan) {
        addNext(sheet, board);
        addWanted(sheet, board);
        addPlan(sheet, board);
        sheet.notesTitle = tr("What moved, and why");
        const double gap = 100 * board.plan->gap();
        sheet.list("how_good", tr("How good the plan is"))
            .rows.push_back({"gap_percent", tr("worse than the best there may be, at most"),
                             std::to_string(std::lround(gap)) + " %", exactly(gap)});
    }
    int n = 0;
    const auto add = [&](const char* kind, Tone tone, const Sentence& said) {
        sheet.notes.push_back(noteOf(kind + std::string("/") + std::to_string(++n), tone, said.head, said.detail));
    };
    for (const auto& move : board.moved)
        add("moved", Tone::Check, say(move, board));
    for (const auto& clash : board.clashes)
        add("clash", board.none ? Tone::Stop : Tone::Check, say(clash, board));
    for (std::size_t i = 0; i < board.day.pieces.size(); ++i)
        for (const auto& said : heatNotes(board, i))
            sheet.notes.push_back(said);
    for (const auto& stop : board.stopped)
        add("stopped", Tone::Plan,
            {tr("{job}: {where} stops").with("job", stop.job).with("where", stop.where), stop.reason});
    for (const auto& problem : board.unread)
        add("unread", Tone::Check, {tr("A job is not on the board"), say(problem)});
    return worstFirst(std::move(sheet));
}

} // namespace arbor::words
