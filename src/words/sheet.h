#pragma once

#include "core/base/advice.h"
#include "core/base/range.h"
#include "words/display.h"

#include <deque>
#include <optional>
#include <string>
#include <vector>

namespace arbor::words {

enum class Tone { Plain, Plan, Proven, Check, Stop };

/// A limit on a figure's line, in the unit of the figure's key.
struct LimitMark {
    double value = 0;
    std::string label;
};

/// One large number with its band and its limits on a line.
struct Figure {
    std::string key; ///< stable, with the unit of every number here: "interference_um"
    std::string label;
    std::string number; ///< as it is shown, in the job's units
    std::string unit;
    std::string range;
    Range value;
    std::vector<LimitMark> limits = {};
    Tone tone = Tone::Plain;
    double lineFrom = 0, lineTo = 1;
    bool hasLine = true;
    bool stale = false; ///< no longer what is: shown struck through
};

/// A line of a list of sizes, of a stack, of causes.
struct Row {
    std::string key; ///< stable, with the unit of `value`; of a list: the id of what it is
    std::string left;
    std::string right = {};
    std::optional<Range> value = {};
    bool strong = false;
    Tone tone = Tone::Plain;
};

struct Rows {
    std::string key; ///< stable
    std::string title = {};
    std::vector<Row> rows = {};
    bool aside = false; ///< not on the slip, where there is no room: command line, JSON and paper have it
};

/// A reason, a rejection or a thing to watch.
struct Note {
    std::string key; ///< stable
    Tone tone = Tone::Plain;
    std::string head;
    std::string detail = {};
    std::string source = {}; ///< as people write it; empty: none

    std::string line() const;
};

/// Numbers behind a curve, for who goes on working with them.
struct Series {
    std::string key;
    std::vector<std::string> columns; ///< with their units
    std::vector<std::vector<double>> rows = {};
};

/// All that is said at a station: of the whole job, of one surface, seat or step. Made once, and then drawn by the
/// slip, printed by the command line, set on paper and written as JSON.
struct Sheet {
    std::string station; ///< key of it
    std::string about;   ///< key of the step, the seat, the surface; empty: the job
    std::string heading; ///< what it is about, where several stand below each other
    std::string mark;    ///< key: "open", "done", "check", "stop", "not_needed"
    std::string title;
    Tone tone = Tone::Plan; ///< of the title
    std::string verdict;
    std::vector<Figure> figures;
    std::deque<Rows> rows; ///< what list() has given stays where it is
    std::string notesTitle;
    std::vector<Note> notes; ///< what stops comes first, then what is to be checked
    std::string action;      ///< the one next thing; empty: nothing to do here
    bool byFoot = false;     ///< it begins, goes on or stops something, and answers for nothing that was looked at
    std::string waitsFor;    ///< why that cannot be done yet; empty: it can
    std::string caution;     ///< what can hurt here
    std::vector<Series> series;

    /// Whether a switch that is trodden on may do it: one never confirms a stop, a check or a release.
    bool footMayAct() const;
    bool stops() const; ///< by its mark; one without has none of its own to judge by but its notes
    Rows& list(const std::string& key, const std::string& title = {}, bool aside = false); ///< found, or begun
};

/// What stops comes first, then what is to be checked, nothing is left out; and no proven title stands above a stop.
Sheet worstFirst(Sheet sheet);

Tone toneOf(Severity severity);
Note noteOf(const Advice& advice, const Display& display);
void addNotes(Sheet& sheet, const AdviceList& list, const Display& display);
/// One note "head: detail".
Note noteOf(std::string key, Tone tone, std::string head, std::string detail = {});

/// A figure on a line from nothing to beyond its band. @param value  in the unit of the key
Figure figureOf(std::string key, std::string label, const Quantity& shown, std::string range, const Range& value);
Range scaled(const Range& range, double unit); ///< from the core's unit into that of a key
inline Range exactly(double value) {
    return {value, value, value};
}

} // namespace arbor::words
