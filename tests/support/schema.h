#pragma once

#include "io/text_file.h"

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <string>
#include <valijson/adapters/nlohmann_json_adapter.hpp>
#include <valijson/schema.hpp>
#include <valijson/schema_parser.hpp>
#include <valijson/validation_results.hpp>
#include <valijson/validator.hpp>

namespace arbor::testing {

/// What is wrong with a command's JSON by the schema that is published for it; empty: nothing.
inline std::string schemaFaults(const std::string& command, const nlohmann::json& document) {
    const auto name = std::string(ARBOR_SOURCE_DIR "/docs/schema/arbor-") + command + ".schema.json";
    const auto text = io::readText(name);
    if (!text) return name + " is not there";
    const auto published = nlohmann::json::parse(*text);
    valijson::Schema schema;
    valijson::SchemaParser(valijson::SchemaParser::kDraft7)
        .populateSchema(valijson::adapters::NlohmannJsonAdapter(published), schema);
    valijson::ValidationResults results;
    valijson::Validator().validate(schema, valijson::adapters::NlohmannJsonAdapter(document), &results);
    std::string faults;
    valijson::ValidationResults::Error error;
    while (results.popError(error))
        faults += ::testing::PrintToString(error.context) + ": " + error.description + "\n";
    return faults;
}

} // namespace arbor::testing
