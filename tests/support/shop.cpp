#include "support/shop.h"

#include "io/library_files.h"

#include <fstream>
#include <gtest/gtest.h>
#include <sstream>
#include <stdexcept>
#include <unistd.h>

namespace arbor::testing {

namespace {

const std::string kDemo = std::string(ARBOR_SOURCE_DIR) + "/demo";

} // namespace

const plan::Library& demoLibrary() {
    static const plan::Library library = io::loadLibrary(kDemo).value();
    return library;
}

job::Job demoJob(const std::string& name) {
    return io::loadJob(kDemo + "/" + name + ".arbor.json").value().job;
}

arrangement::HousedBearing demoArrangement() {
    auto job = demoJob("seamer-turret-upper");
    job.arrangement.reset(); // the housing by its sizes
    return *plan::planJob(job, demoLibrary()).arrangement;
}

tooling::Task demoTask() {
    return tooling::taskOf(demoArrangement());
}

TemporaryShop::TemporaryShop() {
    static int number = 0;
    m_path = std::filesystem::temp_directory_path() /
             ("arbor-test-" + std::to_string(getpid()) + "-" + std::to_string(++number));
    std::filesystem::copy(kDemo, m_path, std::filesystem::copy_options::recursive);
}

TemporaryShop::~TemporaryShop() {
    std::error_code ignored;
    std::filesystem::permissions(m_path, std::filesystem::perms::owner_all, ignored);
    std::filesystem::remove_all(m_path, ignored);
}

void TemporaryShop::write(const std::string& name, const std::string& text) const {
    std::ofstream(m_path / name, std::ios::binary) << text;
}

std::string TemporaryShop::read(const std::string& name) const {
    std::ifstream in(m_path / name, std::ios::binary);
    std::ostringstream text;
    text << in.rdbuf();
    return text.str();
}

std::string replaced(std::string text, const std::string& what, const std::string& with) {
    const auto at = text.find(what);
    if (at == std::string::npos) {
        ADD_FAILURE() << "no “" << what << "” in the text";
        return text;
    }
    return text.replace(at, what.size(), with);
}

} // namespace arbor::testing
