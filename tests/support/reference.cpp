#include "support/reference.h"

#include <cmath>
#include <fstream>
#include <gtest/gtest.h>

namespace arbor::testing {

std::vector<nlohmann::json> referenceCases(const std::string& topic) {
    std::ifstream in(std::string(ARBOR_SOURCE_DIR) + "/tests/data/reference.json");
    std::vector<nlohmann::json> out;
    const auto document = nlohmann::json::parse(in);
    for (const auto& c : document.at("cases"))
        if (c.at("topic") == topic) out.push_back(c);
    EXPECT_FALSE(out.empty()) << "no cases of " << topic;
    return out;
}

void expectReference(const nlohmann::json& c, const std::string& key, double value) {
    const double expected = c.at("expected").at(key);
    const auto tol = c.at("tol").at(key);
    const double allowed = tol.value("abs", 0.0) + tol.value("rel", 0.0) * std::abs(expected);
    EXPECT_NEAR(value, expected, allowed) << c.at("id") << " " << c.at("title") << ": " << key;
}

} // namespace arbor::testing
