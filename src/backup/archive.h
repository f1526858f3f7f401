#pragma once

#include "core/base/result.h"

#include <archive.h>
#include <archive_entry.h>
#include <functional>
#include <memory>
#include <string>
#include <string_view>

namespace arbor::backup {

/// A .tar.gz that is being written.
class ArchiveWriter {
public:
    static Result<ArchiveWriter> to(const std::string& file);
    /// @param mode  permissions of the file @errors Unwritable
    Result<void> add(const std::string& name, std::string_view content, unsigned mode);
    Result<void> close(); ///< all of it is in the file @errors Unwritable

private:
    struct Free {
        void operator()(::archive* a) const { ::archive_write_free(a); }
    };
    std::unique_ptr<::archive, Free> m_archive;
    std::string m_file;
};

/// One file of an archive.
struct ArchivedFile {
    std::string name;
    std::string content;
    unsigned mode = 0;
};
/// Reads an archive to its end, file by file; what is no ordinary file is refused.
/// @param take  false: it is not wanted any more @errors Unreadable, NotDefined (not wanted any more), those of `take`
Result<void> readArchive(const std::string& file, const std::function<Result<void>(ArchivedFile)>& take);

} // namespace arbor::backup
