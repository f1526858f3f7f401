#pragma once

#include "mistakes/world.h"
#include "words/sheet.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::mistakes {

/// One thing the program has said, of those that hold somebody back.
struct Said {
    job::Station station = job::Station::Intake;
    std::string about; ///< key of the step, the seat, the surface
    std::string key;   ///< of the finding
    words::Tone tone = words::Tone::Check;
    std::string text; ///< with the heading it stands under
};

/// The program as its users meet it: it is given what was told and asked for its sheets.
class Program {
public:
    explicit Program(const tables::Tables& tables) : m_tables(tables), m_shopRack(tables.rack) {}

    /// @param asked  traces are the world's own
    /// @return good until another world is asked for
    plan::Plan plan(const World& world, plan::Asked asked = {});
    /// Every stop and every check of these stations, in their order. @param step  of those that belong to one
    std::vector<Said> says(const World& world, const plan::Plan& plan, const std::vector<job::Station>& stations,
                           std::optional<std::size_t> step = {}) const;
    /// What Set up says of a step when it is pressed in one way: by its part, or by its partner
    std::vector<Said> saysOfWay(const World& world, const plan::Plan& plan, std::size_t step, bool partnerMoves) const;
    /// What Strip says of one line of the order of work when the hand goes to it; nothing: there is no such line.
    /// @param moves  keys of the parts, as the line has them
    std::vector<Said> saysOfLine(const World& world, const plan::Plan& plan, const std::string& moves,
                                 bool together) const;
    const tables::Tables& tables() const { return m_tables; }
    const catalog::Rack& shopRack() const { return m_shopRack; }

private:
    tables::Tables m_tables; ///< its rack is that of the world asked for last: a plan points into it
    catalog::Rack m_shopRack;
    std::shared_ptr<const catalog::Rack> m_rack;
    std::shared_ptr<plan::ToolMemory> m_memory; ///< of that rack
};

/// Stops and checks of a sheet.
void addSaid(std::vector<Said>& out, job::Station station, const words::Sheet& sheet);

} // namespace arbor::mistakes
