#include "solver/crew.h"

#include <algorithm>
#include <gecode/int.hh>
#include <gecode/minimodel.hh>
#include <gecode/search.hh>
#include <memory>

namespace arbor::day {

namespace {

using Gecode::IntVar;
using Gecode::IntVarArray;
using Gecode::Space;

/// Who does what, when all of it has its time.
class Crew : public Space {
public:
    Crew(const Day& day, const std::vector<Placed>& at);
    Crew(Crew& other) : Space(other), m_day(other.m_day), m_at(other.m_at) { m_who.update(*this, other.m_who); }
    Space* copy() override { return new Crew(*this); }
    std::size_t who(std::size_t piece) const { return static_cast<std::size_t>(m_who[static_cast<int>(piece)].val()); }

private:
    bool together(std::size_t i, std::size_t k) const {
        return m_at[i].start < m_at[k].end && m_at[k].start < m_at[i].end;
    }
    int inHand(const Crew& crew, const IntVar& who, int piece) const;

    const Day& m_day;
    const std::vector<Placed>& m_at;
    IntVarArray m_who;
};

Crew::Crew(const Day& day, const std::vector<Placed>& at)
    : m_day(day), m_at(at), m_who(*this, static_cast<int>(at.size()), 0, static_cast<int>(day.people.size()) - 1) {
    for (std::size_t i = 0; i < at.size(); ++i) {
        const auto& piece = day.pieces[i];
        const auto who = m_who[static_cast<int>(i)];
        if (!piece.byHand) {
            rel(*this, who == 0);
            continue;
        }
        for (std::size_t k = 0; k < day.people.size() && !piece.began; ++k) { // who is at it stays on until it is done
            const auto hours = hoursOf(day, day.people[k].hours, at[i].end + kDay);
            if (std::none_of(hours.begin(), hours.end(),
                             [&](const Hours& h) { return h.from <= at[i].start && at[i].end <= h.until; }))
                rel(*this, who != static_cast<int>(k));
        }
        for (std::size_t k = 0; k < i; ++k)
            if (day.pieces[k].byHand && together(i, k) && !(piece.began && day.pieces[k].began))
                rel(*this, who != m_who[static_cast<int>(k)]);
    }
    const auto first = [](const Space& space, const IntVar&, int i) -> double {
        return static_cast<const Crew&>(space).m_at[static_cast<std::size_t>(i)].start;
    };
    const auto value = [](const Space& space, const IntVar& var, int i) {
        const auto& crew = static_cast<const Crew&>(space);
        return crew.inHand(crew, var, i);
    };
    branch(*this, m_who, Gecode::INT_VAR_MERIT_MIN(first), Gecode::INT_VAL(value));
}

/// Whoever has the job in hand goes on with it, where that can be.
int Crew::inHand(const Crew& crew, const IntVar& who, int piece) const {
    const auto i = static_cast<std::size_t>(piece);
    int latest = -1;
    for (std::size_t k = 0; k < m_at.size(); ++k) {
        const auto& other = crew.m_who[static_cast<int>(k)];
        if (k != i && m_day.pieces[k].byHand && m_day.pieces[k].key.job == m_day.pieces[i].key.job &&
            other.assigned() && who.in(other.val()) &&
            (latest < 0 || m_at[k].start > m_at[static_cast<std::size_t>(latest)].start))
            latest = static_cast<int>(k);
    }
    return latest < 0 ? who.min() : crew.m_who[latest].val();
}

} // namespace

bool giveOut(const Day& day, std::vector<Placed>& at) {
    if (day.people.empty()) return true;
    const auto root = std::make_unique<Crew>(day, at);
    Gecode::DFS<Crew> engine(root.get());
    const std::unique_ptr<Crew> crew{engine.next()};
    for (std::size_t i = 0; crew && i < at.size(); ++i)
        at[i].who = crew->who(i);
    return crew != nullptr;
}

} // namespace arbor::day
