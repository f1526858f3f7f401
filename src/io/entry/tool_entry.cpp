#include "io/entry/tool_entry.h"

#include "io/entry/size_entry.h"

#include <QRegularExpression>
#include <QStringList>

namespace arbor::io {

Result<catalog::Tool> parseTool(const std::string& typed, catalog::ToolKind kind, double defaultUnitMm) {
    auto text = QString::fromStdString(typed);
    text.replace(QChar(0xd7), 'x').remove(QChar(0xd8)); // multiplication sign, diameter sign
    const QString slash = text.contains(" / ") ? "\\s+/\\s+" : "\\s*/\\s*";
    const auto parts = text.split(QRegularExpression(slash + "|\\s*[x;]\\s*"), Qt::SkipEmptyParts);
    if (parts.size() != 2 && parts.size() != 3)
        return refuse(ProblemCode::Malformed, "sizes", typed, wanted("outside / bore x length, or outside x length"));
    catalog::Tool made;
    made.kind = kind;
    double* sizes[] = {&made.outsideDia_mm, parts.size() == 3 ? &made.boreDia_mm : &made.length_mm, &made.length_mm};
    for (int i = 0; i < parts.size(); ++i) {
        const auto size = parseLength(parts[i].trimmed().toStdString(), defaultUnitMm);
        if (!size) return tl::unexpected(size.error());
        *sizes[i] = *size;
    }
    made.id = "new"; // it gets its number from whoever keeps the rack
    if (auto ok = catalog::checkTool(made); !ok) return tl::unexpected(ok.error());
    made.id.clear();
    return made;
}

} // namespace arbor::io
