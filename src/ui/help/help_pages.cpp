#include "ui/help/help_pages.h"

#include "ui/text.h"
#include "words/sentences.h"

#include <QFile>
#include <QObject>
#include <QRegularExpression>

namespace arbor::ui {

namespace {

QString shipped(const QString& name) {
    QFile file(":/help/" + name);
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

/// The rows of a table, below its head.
std::vector<QStringList> rowsOf(const QString& page) {
    std::vector<QStringList> out;
    for (const auto& line : page.split('\n')) {
        if (!line.startsWith(QLatin1String("| "))) continue;
        QStringList cells;
        for (const auto& cell : line.mid(1, line.lastIndexOf('|') - 1).split('|'))
            cells << cell.trimmed();
        out.push_back(std::move(cells));
    }
    if (!out.empty()) out.erase(out.begin());
    return out;
}

} // namespace

std::vector<HelpPage> helpPages() {
    static const QRegularExpression section(QStringLiteral("^## (.+)\\n<!-- (\\w+) -->\\n"),
                                            QRegularExpression::MultilineOption);
    const auto guide = shipped(QObject::tr("guide.md", "the file of this language"));
    std::vector<HelpPage> out;
    for (auto it = section.globalMatch(guide); it.hasNext();) {
        const auto head = it.next();
        const auto end = it.hasNext() ? it.peekNext().capturedStart() : guide.size();
        out.push_back(
            {head.captured(2), head.captured(1), guide.mid(head.capturedEnd(), end - head.capturedEnd()).trimmed()});
    }
    return out;
}

std::vector<HelpTerm> helpTerms() {
    std::vector<HelpTerm> out;
    for (const auto& row : rowsOf(shipped(QObject::tr("glossary.md", "the file of this language"))))
        if (row.size() == 2) out.push_back({row[0], row[1]});
    return out;
}

std::vector<HelpSource> helpSources() {
    static const QRegularExpression part(QStringLiteral("\\s*\\(.*\\)"));
    std::vector<HelpSource> out;
    for (const auto& row : rowsOf(shipped(QStringLiteral("numbers.md")))) {
        if (row.size() < 4) continue;
        HelpSource source{{}, row[1], row[2], row[3]};
        for (auto key : row[0].split(','))
            source.keys << q(words::sourceName(key.remove(part).trimmed().toStdString()));
        out.push_back(std::move(source));
    }
    return out;
}

} // namespace arbor::ui
