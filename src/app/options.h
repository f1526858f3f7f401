#pragma once

#include "core/job/names.h"
#include "core/plan/plan.h"

#include <QCommandLineParser>
#include <QString>
#include <optional>

namespace arbor::app {

/// What the command line asks for, in the reader's language.
class Options {
public:
    Options();

    /// Tells what was asked of it, and ends. What it cannot do is told by trouble().
    void tellHelpAndVersion();

    bool has(const char* name) const { return m_parser.isSet(name); }
    QString operator[](const char* name) const { return m_parser.value(name); }
    QString path() const { return m_parser.positionalArguments().value(0); } ///< empty: the shop that was open last
    bool isPicture() const { return has("shot") || has("card") || has("report"); }
    std::optional<job::Station> station() const;
    bool together() const { return (*this)["station"] == "together"; }
    const char* place() const; ///< the action that opens it; null: a station, or none

    /// What cannot be done, in one line; empty: nothing.
    QString trouble() const;

private:
    void option(const char* name, const QString& value, const QString& what);

    QCommandLineParser m_parser;
    bool m_understood = false;
};

} // namespace arbor::app
