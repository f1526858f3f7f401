#include "io/arrangement_file.h"

#include "core/base/json_text.h"
#include "io/job_file.h"
#include "io/shipped_data.h"
#include "io/text_file.h"

#include <QDir>

namespace arbor::io {

Result<job::Job> loadWork(const std::string& path) {
    const auto text = readText(path);
    if (!text) return tl::unexpected(text.error());
    const auto document = parseJson(*text);
    if (!document) return inFile(document.error(), path);
    const bool alone = document->is_object() && document->value("format", nlohmann::json()) == "arbor-arrangement";
    if (!alone) return loadJob(path).map([](JobDocument&& read) { return std::move(read.job); });
    auto arrangement = parseArrangement(*text);
    if (!arrangement) return inFile(arrangement.error(), path);
    job::Job job;
    job.id = arrangement->id;
    job.title = arrangement->title;
    job.arrangement = std::move(*arrangement);
    return job;
}

std::vector<Template> shippedTemplates() {
    useShippedData();
    std::vector<Template> out;
    for (const auto& info : QDir(":/data/templates").entryInfoList({"*.json"}, QDir::Files, QDir::Name)) {
        auto text = readText(info.filePath().toStdString());
        auto read = text ? parseArrangement(*text) : tl::unexpected(text.error());
        out.push_back({info.fileName().toStdString(), std::move(read)});
    }
    return out;
}

} // namespace arbor::io
