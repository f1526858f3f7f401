#pragma once

#include "core/base/advice.h"

#include <string>
#include <utility>

namespace arbor::tooling {

template <class Kind>
Advice stop(Kind kind, std::string source = {}) {
    return {std::move(kind), Severity::Stop, std::move(source)};
}
template <class Kind>
Advice look(Kind kind, std::string source = {}) {
    return {std::move(kind), Severity::Check, std::move(source)};
}
template <class Kind>
Advice info(Kind kind, std::string source = {}) {
    return {std::move(kind), Severity::Info, std::move(source)};
}

} // namespace arbor::tooling
