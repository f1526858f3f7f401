#pragma once

#include "core/arrangement/blind_seat.h"
#include "core/plan/plan.h"
#include "io/job_file.h"

#include <filesystem>
#include <string>

namespace arbor::testing {

/// Tables as shipped and the demo shop's rack; loaded once.
const tables::Tables& demoTables();

/// A job of the demo shop by file name without ending.
job::Job demoJob(const std::string& name);

/// The seat of the seamer turret by its sizes, for tests below the plan: 3206 with seals and encoder, 46 deep, groove
/// above it, a sensor cap below.
arrangement::BlindSeat demoSeat();
/// Its bearing going in from above, with nothing else there. @param bearing  null: that of the catalogue
tooling::Task taskOf(const arrangement::BlindSeat& seat, const catalog::Bearing* bearing = nullptr);
tooling::Task demoTask();

/// A fresh copy of the demo shop in a temporary folder, removed again at the end of its life.
class TemporaryShop {
public:
    TemporaryShop();
    ~TemporaryShop();
    std::string folder() const { return m_path.string(); }
    std::string file(const std::string& name) const { return (m_path / name).string(); }
    std::string jobFile() const { return file("seamer-turret-upper.arbor.json"); }
    void write(const std::string& name, const std::string& text) const;
    std::string read(const std::string& name) const;
    void undraw(const std::string& name) const; ///< of a job: as if nothing had been drawn yet

private:
    std::filesystem::path m_path;
};

/// Replaces the first occurrence; fails the test when there is none.
std::string replaced(std::string text, const std::string& what, const std::string& with);

} // namespace arbor::testing
