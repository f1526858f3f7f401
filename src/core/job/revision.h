#pragma once

#include <string>

namespace arbor::job {

/// A released job that was changed afterwards, as it stood: the file is kept beside the job, whole.
struct Revision {
    int number = 1;     ///< of the state that is kept
    std::string who;    ///< opened it again
    std::string when;   ///< ISO 8601
    std::string reason; ///< what had to be changed
    std::string file;   ///< from the job's folder
    std::string sha256; ///< of that file, in hexadecimal
    friend bool operator==(const Revision&, const Revision&) = default;
};

} // namespace arbor::job
