#pragma once

#include <QString>
#include <QStringList>
#include <vector>

namespace arbor::ui {

/// A page of the guide: one place of the program, what is asked there and how.
struct HelpPage {
    QString key; ///< of the place: "tooling"; the same in every language
    QString title;
    QString text; ///< markdown
};

/// A term of the screen and what is meant by it.
struct HelpTerm {
    QString term, meaning; ///< markdown
};

/// Where a number comes from.
struct HelpSource {
    QStringList keys; ///< as they stand at a reason on the screen
    QString calculation, formula, limits;
};

/// What ships of it, in the reader's language; the sources are the same in every one.
std::vector<HelpPage> helpPages();
std::vector<HelpTerm> helpTerms();
std::vector<HelpSource> helpSources();

} // namespace arbor::ui
