#pragma once

#include "core/base/advice.h"

#include <string>
#include <utility>

namespace arbor::tooling {

inline Advice stop(Finding id, double value = 0, double limit = 0, std::string subject = {}, std::string source = {}) {
    return {id, Severity::Stop, value, limit, std::move(subject), std::move(source)};
}
inline Advice look(Finding id, double value = 0, double limit = 0, std::string subject = {}, std::string source = {}) {
    return {id, Severity::Look, value, limit, std::move(subject), std::move(source)};
}
inline Advice info(Finding id, double value = 0, double limit = 0, std::string subject = {}, std::string source = {}) {
    return {id, Severity::Info, value, limit, std::move(subject), std::move(source)};
}

} // namespace arbor::tooling
