#pragma once

#include <cstddef>
#include <string>

namespace arbor::io {

/// A value and what it is called in a file; the first of a list stands for anything the schema does not let through.
template <class E>
struct Name {
    E value;
    const char* text;
};

template <class E, std::size_t n>
E named(const Name<E> (&names)[n], const std::string& text) {
    for (const auto& name : names)
        if (text == name.text) return name.value;
    return names[0].value;
}
template <class E, std::size_t n>
std::string nameOf(const Name<E> (&names)[n], E value) {
    for (const auto& name : names)
        if (value == name.value) return name.text;
    return names[0].text;
}

} // namespace arbor::io
