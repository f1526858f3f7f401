#pragma once

#include <QString>
#include <optional>
#include <vector>

namespace arbor::ui {

enum class Tone { Plain, Plan, Proven, Caution, Stop };

/// A limit mark on a figure's line.
struct LimitMark {
    double value = 0;
    QString label;
};

/// One large number with its band and limits on a line.
struct Figure {
    QString label;
    QString number;
    QString unit;
    QString range;
    Tone tone = Tone::Plain;
    double lineFrom = 0, lineTo = 1; ///< ends of the line, in the figure's own unit
    std::optional<double> at;        ///< likely
    double bandFrom = 0, bandTo = 0;
    std::vector<LimitMark> limits;
    bool stale = false; ///< no longer what is: shown struck through
};

/// A reason, a rejection or a thing to watch: a coloured edge, a head and a line under it.
struct Note {
    Tone tone = Tone::Plain;
    QString head;
    QString detail;
};

/// A row of the stack or of a list of sizes.
struct Row {
    QString left;
    QString right;
    bool strong = false;
    Tone tone = Tone::Plain;
};

/// Everything the slip shows for a station. Plain data: made from the plan, drawn by Slip, looked at by tests.
struct SlipModel {
    QString title;
    Tone titleTone = Tone::Plan;
    QString subtitle;
    std::vector<Figure> figures;
    QString rowsTitle;
    std::vector<Row> rows;
    QString notesTitle;
    std::vector<Note> notes;
    QString action; ///< empty: nothing to do here
    bool actionEnabled = true;
    QString hint;    ///< under the action: its key, or what it waits for
    QString caution; ///< under that: what can hurt here
};

/// What stops comes first, then what is to be checked; nothing is left out, and no proven title stands above a stop.
SlipModel worstFirst(SlipModel slip);

} // namespace arbor::ui
