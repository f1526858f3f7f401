#pragma once

#include "core/plan/plan.h"
#include "io/job_file.h"

#include <filesystem>
#include <string>

namespace arbor::testing {

/// Tables as shipped and the demo shop's rack; loaded once.
const plan::Library& demoLibrary();

/// A job of the demo shop by file name without ending.
job::Job demoJob(const std::string& name);

/// Its arrangement and load, for tests below the plan.
arrangement::HousedBearing demoArrangement();
tooling::Task demoTask(); ///< the same, as it stands in the press

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

private:
    std::filesystem::path m_path;
};

/// Replaces the first occurrence; fails the test when there is none.
std::string replaced(std::string text, const std::string& what, const std::string& with);

} // namespace arbor::testing
