#pragma once

#include "core/job/names.h"

#include <cstddef>
#include <string>

namespace arbor::io {

using job::Name;

/// Of a list; the first of it stands for anything that has no name there.
template <class E, std::size_t n>
std::string nameOf(const Name<E> (&names)[n], E value) {
    for (const auto& name : names)
        if (value == name.value) return name.text;
    return names[0].text;
}

} // namespace arbor::io
