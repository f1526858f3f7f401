#pragma once

#include "mistakes/planted.h"
#include "words/language.h"

#include <span>
#include <string>

namespace arbor::mistakes {

/// A way in which a job goes wrong. @source [HB1], split finer
struct Family {
    const char* key;
    words::Text (*name)();
    job::Station station; ///< where it must be seen at the latest
    Plant plant;
};

std::span<const Family> families();
/// Null: there is none of that key.
const Family* findFamily(const std::string& key);

} // namespace arbor::mistakes
