#include "support/shop.h"

#include "io/shop_tables.h"

#include <fstream>
#include <gtest/gtest.h>
#include <sstream>
#include <stdexcept>
#include <unistd.h>

namespace arbor::testing {

namespace {

const std::string kDemo = std::string(ARBOR_SOURCE_DIR) + "/demo";

} // namespace

const tables::Tables& demoTables() {
    static const tables::Tables tables = io::loadShopTables(kDemo).value();
    return tables;
}

job::Job demoJob(const std::string& name) {
    return io::loadJob(kDemo + "/" + name + ".arbor.json").value().job;
}

arrangement::BlindSeat demoSeat() {
    arrangement::BlindSeat seat;
    seat.bearing.designation = "3206";
    seat.bearing.dress = {catalog::Side::Both, catalog::Side::Down};
    seat.outsideDia_mm = 92;
    seat.height_mm = 80;
    seat.flangeDia_mm = 128;
    seat.flangeThick_mm = 14;
    seat.seatDia_mm = 62;
    seat.seatDepth_mm = 46;
    seat.shoulderBoreDia_mm = 54;
    seat.leadIn_mm = 1;
    seat.groove = arrangement::Groove{65, 2.15, 22.1};
    seat.hangsBelow = arrangement::HangsBelow{"sensor cap", 74, 14};
    return seat;
}

tooling::Task taskOf(const arrangement::BlindSeat& seat, const catalog::Bearing* bearing) {
    auto assembly = arrangement::blindSeat(seat).value();
    const auto catalogue = bearing ? std::vector{*bearing} : demoTables().bearings;
    EXPECT_TRUE(arrangement::resolve(assembly, catalogue));
    const auto present = route::only(0) | route::only(1);
    auto task = tooling::tasksOf(assembly, {1, 0, route::Way::Up, present, false}).front();
    if (task.partnerMoves) task.face = {}; // nothing reaches the ring's own
    return task;
}

tooling::Task demoTask() {
    return taskOf(demoSeat());
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

void TemporaryShop::undraw(const std::string& name) const {
    auto document = io::loadJob(file(name)).value();
    document.job.arrangement.assembly = {};
    EXPECT_TRUE(io::saveJob(file(name), document));
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
