#pragma once

#include "mistakes/family.h"

#include <map>
#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace arbor::mistakes {

/// One of several answers. @param why  it would not do; empty: it is the right one
struct Choice {
    std::string text;
    bool right = false;
    std::string why = {};
};

/// One thing somebody meets on the way through a job: what is drawn, what is in hand, what was read. What the program
/// makes of it is not said.
struct Scene {
    job::Station station = job::Station::Intake;
    std::string heading;
    std::vector<std::pair<std::string, std::string>> facts; ///< what, and how it is
    std::optional<trace::Expected> expected = {};           ///< of a press: as it was predicted
    trace::Trace trace = {};                                ///< and as it was
    std::vector<Choice> choices = {};                       ///< what he has to choose himself; empty: he only looks
};

/// A whole job, worked in front of somebody who practises, with one mistake in it or none.
struct Lesson {
    std::string title;
    arrangement::Assembly assembly; ///< for the drawing
    std::vector<Scene> scenes;
    const Family* hidden = nullptr; ///< null: nothing is wrong
    std::string happened;
    std::size_t showsAt = 0; ///< the scene in which it can be seen first
};

/// @param shapes  those that ship with the program
Lesson someLesson(const std::vector<arrangement::Arrangement>& shapes, Program& program, Chance& chance);

/// What may be said at a scene: the families of its station, in their order.
std::vector<const Family*> reasonsAt(job::Station station);

/// What it would have cost, had nobody seen it.
std::string costOf(const Family& family);

/// How good a call was.
enum class LessonGrade {
    Right,       ///< named where it showed
    Late,        ///< named, at a later scene
    OtherReason, ///< stopped where it showed, for something else
    FalseAlarm,  ///< stopped where nothing was wrong
    Missed,      ///< worked to the end, with the mistake in it
    Clean,       ///< worked to the end, and nothing was wrong
};

/// A lesson as it is worked: on from scene to scene, until somebody says stop or the job is done.
class LessonWalk {
public:
    explicit LessonWalk(Lesson lesson) : m_lesson(std::move(lesson)) {}

    const Lesson& lesson() const { return m_lesson; }
    const Scene& scene() const { return m_lesson.scenes[m_at]; }
    std::size_t at() const { return m_at; }
    const std::optional<LessonGrade>& grade() const { return m_grade; }
    const Family* said() const { return m_said; } ///< null: nothing was
    /// What was chosen last at this scene; null: nothing yet.
    const Choice* chosen() const { return m_chosen ? &scene().choices[*m_chosen] : nullptr; }
    /// Whether the right one was chosen at once, by station, of what was chosen so far.
    const std::vector<std::pair<job::Station, bool>>& choices() const { return m_choices; }
    void goOn(); ///< not while there is something to choose
    void choose(std::size_t choice);
    void stop(const Family& because);

private:
    Lesson m_lesson;
    std::size_t m_at = 0;
    std::optional<LessonGrade> m_grade;
    const Family* m_said = nullptr;
    std::optional<std::size_t> m_chosen;
    bool m_firstTry = true;
    std::vector<std::pair<job::Station, bool>> m_choices;
};

/// What somebody has met so far and how much of it was named, by family.
struct LessonScore {
    struct Tally {
        int met = 0;
        int named = 0;
    };
    std::map<std::string, Tally> families; ///< "none" of the jobs in which nothing was wrong
    std::map<std::string, Tally> choices;  ///< by station: those that were right at once
    void add(const LessonWalk& walk);
    int jobs() const;
    int named() const;
};

} // namespace arbor::mistakes
