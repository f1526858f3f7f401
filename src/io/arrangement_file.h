#pragma once

#include "core/job/job.h"
#include "io/arrangement_text.h"

#include <string>
#include <vector>

namespace arbor::io {

/// A job file, or a file that holds an arrangement by itself, read as a job that has nothing else.
/// @errors those of loadJob and parseArrangement, with the file
Result<job::Job> loadWork(const std::string& path);

/// A shape to start an arrangement from, as it ships with the program.
struct Template {
    std::string file;
    Result<arrangement::Arrangement> arrangement;
};
/// All of them, by file name: shape A to J.
std::vector<Template> shippedTemplates();

} // namespace arbor::io
