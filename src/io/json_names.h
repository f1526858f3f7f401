#pragma once

#include <cstddef>
#include <nlohmann/json.hpp>
#include <optional>
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

/// What a job file says under a key; nothing where it is absent or null.
template <class T = double>
std::optional<T> maybe(const nlohmann::json& d, const char* key) {
    const auto at = d.find(key);
    return at == d.end() || at->is_null() ? std::nullopt : std::optional(at->template get<T>());
}
inline std::optional<double> maybe(const nlohmann::json& d, const char* key, double unit) {
    const auto value = maybe<double>(d, key);
    return value ? std::optional(*value * unit) : std::nullopt;
}
template <class T>
nlohmann::json valueOrNull(const std::optional<T>& value) {
    return value ? nlohmann::json(*value) : nlohmann::json();
}

} // namespace arbor::io
