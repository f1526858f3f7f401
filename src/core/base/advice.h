#pragma once

#include "core/base/findings.h"

#include <algorithm>
#include <memory>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace arbor {

enum class Severity { Info, Check, Stop };

/// One finding with its numbers: a reason, an advisory or a rejection, told apart by severity and place.
class Advice {
public:
    template <class Kind>
    Advice(Kind kind, Severity how, std::string by = {})
        : severity(how), source(std::move(by)), m_key(Kind::key),
          m_found(std::make_shared<const Kind>(std::move(kind))) {}

    Severity severity;
    std::string source; ///< key into docs/numbers.md

    std::string_view key() const { return m_key; }
    template <class Kind>
    bool is() const {
        return m_key == Kind::key;
    }
    /// Null: it is of another kind.
    template <class Kind>
    const Kind* get() const {
        return is<Kind>() ? static_cast<const Kind*>(m_found.get()) : nullptr;
    }

private:
    std::string_view m_key;
    std::shared_ptr<const void> m_found;
};

using AdviceList = std::vector<Advice>;

inline Severity worst(const AdviceList& list) {
    auto severity = Severity::Info;
    for (const auto& a : list)
        severity = std::max(severity, a.severity);
    return severity;
}

/// The first of a kind; null: there is none.
template <class Kind>
const Advice* findingOf(const AdviceList& list) {
    const auto at = std::find_if(list.begin(), list.end(), [](const Advice& a) { return a.is<Kind>(); });
    return at == list.end() ? nullptr : &*at;
}

} // namespace arbor
