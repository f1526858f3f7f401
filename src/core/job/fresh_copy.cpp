#include "core/job/fresh_copy.h"

#include "core/job/fields.h"

namespace arbor::job {

namespace {

template <class T>
T described(const T& like);

/// Of what a list names, the fields that describe; of a list of such, of each entry.
template <class T>
void describe(T& out, const T& like) {
    if constexpr (Listed<T>)
        out = described(like);
    else
        out = like;
}
template <Listed T>
void describe(std::vector<T>& out, const std::vector<T>& like) {
    for (const auto& entry : like)
        out.push_back(described(entry));
}

template <class S, class... Path>
void describeField(S& out, const S& like, const Field<Path...>& field) {
    if (!field.rule.isFound) describe(field.in(out), field.in(like));
}
template <class S, class... Fields>
void describeField(S& out, const S& like, const Group<Fields...>& group) {
    std::apply([&](const auto&... fields) { (describeField(out, like, fields), ...); }, group.fields);
}

template <class T>
T described(const T& like) {
    T out;
    eachField<T>([&](const auto& field) { describeField(out, like, field); });
    return out;
}

arrangement::Arrangement asDrawn(arrangement::Arrangement like) {
    for (auto* joints : {&like.assembly.pressed, &like.assembly.threaded})
        for (auto& joint : *joints)
            joint.hole.measured = joint.shaft.measured = std::nullopt;
    return like;
}

} // namespace

Job freshCopy(const Job& like) {
    auto out = described(like);
    out.arrangement = asDrawn(like.arrangement);
    return out;
}

} // namespace arbor::job
