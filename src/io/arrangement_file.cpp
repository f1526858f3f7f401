#include "io/arrangement_file.h"

#include "core/base/json_text.h"
#include "io/text_file.h"

namespace arbor::io {

Result<arrangement::Arrangement> loadArrangement(const std::string& path) {
    const auto text = readText(path);
    if (!text) return tl::unexpected(text.error());
    const auto document = parseJson(*text);
    if (!document) return inFile(document.error(), path);
    const bool isJob = document->is_object() && document->contains("format") && document->at("format") == "arbor-job";
    if (isJob && !document->contains("arrangement"))
        return inFile({ProblemCode::Missing, "arrangement", {}, "a job with an arrangement"}, path);
    auto read = arrangement::parseArrangement(isJob ? document->at("arrangement").dump() : *text);
    return read ? std::move(read) : Result<arrangement::Arrangement>(inFile(read.error(), path));
}

} // namespace arbor::io
