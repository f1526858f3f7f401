#include "io/shipped_data.h"

#include "io/text_file.h"

#include <QDir>
#include <QDirIterator>
#include <QFileInfo>
#include <QResource>

// The macro must stand outside any namespace.
static void initialise() {
    Q_INIT_RESOURCE(shipped_data);
}

namespace arbor::io {

void useShippedData() {
    initialise();
}

Result<void> copyDemoShop(const std::string& folder) {
    useShippedData();
    const QDir target(QString::fromStdString(folder));
    QDirIterator shipped(":/demo", QDir::Files, QDirIterator::Subdirectories);
    while (shipped.hasNext()) {
        const auto file = target.filePath(shipped.next().mid(static_cast<int>(std::size(":/demo"))));
        if (QFileInfo::exists(file)) continue;
        const auto text = readText(shipped.filePath().toStdString());
        if (!text) return tl::unexpected(text.error());
        if (!QDir().mkpath(QFileInfo(file).path()))
            return refuse(ProblemCode::Unwritable, file.toStdString(), {}, wanted("a folder that can be written"));
        if (auto written = writeText(file.toStdString(), *text); !written) return written;
    }
    return {};
}

} // namespace arbor::io
