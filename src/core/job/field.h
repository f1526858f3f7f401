#pragma once

#include <cstddef>
#include <optional>
#include <tuple>

// What a field of a file is: its key, what holds for it, and where it lies in memory.
namespace arbor::job {

/// What holds for a field in a file, and in a new job like this one. Limits are in the file's unit.
struct Rule {
    const char* tells = ""; ///< what it is, for the published schema
    double unit = 1;        ///< one of the file's in that of the struct
    std::optional<double> least = {}, most = {};
    bool beyondLeast = false, belowMost = false; ///< the limit itself is out
    std::size_t mostEntries = 0;                 ///< of a list; 0: any number
    std::size_t firstName = 0;                   ///< of a kind: the names before it are not let through
    const char* entry = nullptr;                 ///< key of the value in the entry of a list that is a map by part
    const char* keys = nullptr;                  ///< of a map by name: those it may have, blanks between
    bool isAlways = false;                       ///< written where it is the usual too
    bool isNeeded = false;                       ///< there is no file without it
    bool isFilled = false;                       ///< a text that is not empty
    bool isOpen = false;                         ///< names that this program does not know belong to a newer one
    bool isFound = false; ///< found, chosen or written on this one job: a new job like it starts without

    constexpr Rule about(const char* text) const {
        auto out = *this;
        out.tells = text;
        return out;
    }
    constexpr Rule in(double fileUnit) const {
        auto out = *this;
        out.unit = fileUnit;
        return out;
    }
    constexpr Rule from(double limit) const {
        auto out = *this;
        out.least = limit;
        return out;
    }
    constexpr Rule to(double limit) const {
        auto out = *this;
        out.most = limit;
        return out;
    }
    constexpr Rule over(double limit) const {
        auto out = *this;
        out.least = limit;
        out.beyondLeast = true;
        return out;
    }
    constexpr Rule under(double limit) const {
        auto out = *this;
        out.most = limit;
        out.belowMost = true;
        return out;
    }
    constexpr Rule entries(std::size_t number) const {
        auto out = *this;
        out.mostEntries = number;
        return out;
    }
    constexpr Rule fromName(std::size_t number) const {
        auto out = *this;
        out.firstName = number;
        return out;
    }
    constexpr Rule by(const char* key) const {
        auto out = *this;
        out.entry = key;
        return out;
    }
    constexpr Rule of(const char* names) const {
        auto out = *this;
        out.keys = names;
        return out;
    }
    constexpr Rule always() const {
        auto out = *this;
        out.isAlways = true;
        return out;
    }
    constexpr Rule needed() const {
        auto out = *this;
        out.isAlways = out.isNeeded = true;
        return out;
    }
    constexpr Rule filled() const {
        auto out = *this;
        out.isAlways = out.isNeeded = out.isFilled = true;
        return out;
    }
    constexpr Rule open() const {
        auto out = *this;
        out.isOpen = true;
        return out;
    }
    constexpr Rule found() const {
        auto out = *this;
        out.isFound = true;
        return out;
    }
};

/// One field: its key in the file, its rule, and the way to it through the members of the struct that is listed.
template <class... Path>
struct Field {
    const char* key;
    Rule rule;
    std::tuple<Path...> path;

    template <class S>
    auto& in(S& whole) const {
        return std::apply(
            [&](auto... steps) -> auto& { return (whole.*....*steps); }, path);
    }
};

/// Fields that lie in an object of their own in the file, and in none in memory.
template <class... Fields>
struct Group {
    const char* key;
    std::tuple<Fields...> fields;
};

template <class... Path>
constexpr auto field(const char* key, const Rule& rule, Path... path) {
    return Field<Path...>{key, rule, {path...}};
}
template <class S, class M, class... Path>
constexpr auto field(const char* key, M S::*first, Path... path) {
    return Field<M S::*, Path...>{key, Rule{}, {first, path...}};
}
template <class... Fields>
constexpr auto group(const char* key, Fields... fields) {
    return Group<Fields...>{key, {fields...}};
}

} // namespace arbor::job
