#include "io/job_json.h"

#include "io/arrangement_text.h"
#include "io/fields_json.h"
#include "io/job_file.h"

namespace arbor::io {

using nlohmann::json;

Result<job::Job> jobFromJson(const json& d) {
    auto job = fields::Reader::taken<job::Job>(d, {});
    auto arrangement = parseArrangement(d.at("arrangement").dump());
    if (!arrangement) return tl::unexpected(at(arrangement.error(), "arrangement/" + arrangement.error().field));
    job.arrangement = std::move(*arrangement);
    return job;
}

json jobToJson(const job::Job& job, bool usualToo) {
    auto d = fields::Writer{usualToo}.written(job, {});
    for (auto& value : d)
        if (fields::Writer::isEmpty(value)) value = nullptr;
    d["format"] = "arbor-job";
    d["version"] = kJobVersion;
    d["arrangement"] = json::parse(arrangementText(job.arrangement));
    return d;
}

json jobSchema(const json& arrangement) {
    auto out = fields::Describer::schemaOf(fields::Type<job::Job>{}, {});
    out["$schema"] = "http://json-schema.org/draft-07/schema#";
    out["$id"] = "arbor-job.schema.json";
    out["title"] = "Brisk Arbor job, version " + std::to_string(kJobVersion);
    out["description"] = "One job at the bench. Sizes that may carry a tolerance are kept as typed (\"62 N7\", "
                         "\"61.987\"). Keys that this version does not know are kept; what is absent is not said.";
    out["properties"]["format"] = {{"const", "arbor-job"}};
    out["properties"]["version"] = {{"type", "integer"}, {"minimum", kJobVersion}};
    out["properties"]["arrangement"] = {{"$ref", "#/definitions/arrangement"}};
    for (const char* key : {"format", "version", "arrangement"})
        out["required"].push_back(key);
    out["definitions"] = arrangement.at("definitions");
    return out;
}

} // namespace arbor::io
