// What a release is worth: who may give it, what it locks, and how it is changed afterwards.
#include "io/file_hash.h"
#include "io/job_glance.h"
#include "ui/session/job_session.h"
#include "words/sentences.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr const char* kRevisions = "revisions";

} // namespace

const catalog::Person* JobSession::person(const std::string& name) const {
    const auto& people = m_tables->people;
    const auto at = std::find_if(people.begin(), people.end(), [&](const auto& p) { return p.name == name; });
    return at == people.end() ? nullptr : &*at;
}

/// A shop that names those who may release takes nobody else; one that names none leaves it to local rules.
Result<void> JobSession::release(const std::string& who) {
    const auto& people = m_tables->people;
    const bool named = std::any_of(people.begin(), people.end(), [](const auto& p) { return p.releases; });
    const auto* by = person(who);
    if (!who.empty() && named && (!by || !by->releases))
        return refuse(ProblemCode::UnknownName, "closing/released_by", who,
                      wanted("somebody who may release by This shop, People"));
    edit(who.empty() ? tr("Take the release back") : tr("Release"),
         [&](job::Job& j) { job::release(j.closing, who, m_clock()); });
    return {};
}

bool JobSession::isLocked() const {
    return job::isLocked(job());
}

/// Why nothing can be changed; empty: it can. Another bench may have released it meanwhile.
QString JobSession::whyLocked() const {
    const auto& closing = job().closing;
    if (isLocked())
        return tr("Released by %1, %2: the record stands. To change it, open a revision on Close (Ctrl+Shift+E).")
            .arg(QString::fromStdString(closing.releasedBy),
                 QString::fromStdString(closing.releasedOn).left(16).replace('T', ' '));
    if (io::glanceAt(m_path).locked)
        return tr("This job was released on another bench meanwhile: open it again to see it. Nothing was changed.");
    return {};
}

/// The job file as it was released is copied whole before anything of it may change.
Result<void> JobSession::revise(const std::string& who, const std::string& reason) {
    if (!isLocked()) return {};
    if (who.empty()) return refuse(ProblemCode::Missing, "revisions/who", {}, wanted("who opens it again"));
    if (reason.empty()) return refuse(ProblemCode::Missing, "revisions/reason", {}, wanted("what has to be changed"));
    const auto path = QString::fromStdString(m_path);
    const int number = job::revisionOf(job());
    const auto stem = QFileInfo(path).fileName().section(QStringLiteral(".arbor.json"), 0, 0);
    const auto file = QStringLiteral("%1/%2.r%3.arbor.json").arg(kRevisions, stem).arg(number);
    const QDir home = QFileInfo(path).dir();
    const auto target = home.filePath(file);
    if (!home.mkpath(kRevisions) || (!QFileInfo::exists(target) && !QFile::copy(path, target)))
        return refuse(ProblemCode::Unwritable, target.toStdString(), {}, wanted("a folder that can be written"));
    const auto hash = io::sha256Of(target.toStdString());
    const auto now = io::sha256Of(m_path);
    if (!hash) return tl::unexpected(hash.error());
    if (!now || *hash != *now) // of a revision that was begun and lost, or somebody else's
        return refuse(ProblemCode::Unwritable, target.toStdString(), {},
                      wanted("no other file of this name: it is not this release"));
    change(tr("Open a revision"), [&](job::Job& j) {
        j.revisions.push_back({number, who, m_clock(), reason, file.toStdString(), *hash});
        job::release(j.closing, {}, {});
    });
    m_undo.clear();
    return {};
}

} // namespace arbor::ui
