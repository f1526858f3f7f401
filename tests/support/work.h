// Small drawings whose numbers are worked out by hand, and what is said of them.
#pragma once

#include "core/foreman/foreman.h"
#include "core/plan/plan_job.h"
#include "support/shop.h"

#include <gtest/gtest.h>

#include <optional>
#include <string>
#include <vector>

namespace arbor::testing {

inline section::Body tube(double zBottom, double zTop, double bore, double outside,
                          section::BodyKind kind = section::BodyKind::Housing) {
    return {"", kind, section::Hatch::Steel, {section::Slice::tube(zBottom, zTop, bore / 2, outside / 2)}};
}
inline arrangement::Part part(const std::string& id, arrangement::PartKind kind, std::vector<section::Body> bodies) {
    arrangement::Part out{id, std::move(bodies)};
    out.kind = kind;
    return out;
}

/// A job about a drawing of its own, with its plan.
struct Work {
    explicit Work(arrangement::Assembly assembly) : Work(fresh(std::move(assembly))) {}
    explicit Work(job::Job wanted)
        : job(std::move(wanted)), plan(plan::planJob(job, demoTables(), {{}, {}, true, {}})) {}

    static job::Job fresh(arrangement::Assembly assembly) {
        auto job = job::Job{};
        job.press = "P30";
        job.arrangement.assembly = std::move(assembly);
        return job;
    }
    void again() { plan = plan::planJob(job, demoTables(), {{}, {}, true, {}}); }

    std::size_t index(const std::string& id) const { return *arrangement::indexOf(plan.strip.assembly, id); }
    /// Everything is there when it leaves, or when it has come.
    route::PartRemoval move(const std::string& id, route::Way way = route::Way::Up) const {
        return {index(id), way, route::BlockingGraph(plan.strip.assembly).all()};
    }
    AdviceList out(const std::string& id) const { return foreman::beforeOut(job, plan, move(id)); }
    AdviceList in(const std::string& id) const { return foreman::beforeIn(job, plan, move(id)); }
    AdviceList setUp(const std::string& key) const {
        const auto at = plan::stepNamed(plan.steps, key);
        EXPECT_TRUE(at) << key;
        const auto& step = plan.steps[at.value_or(0)];
        return foreman::atSetUp(plan, step, step.way());
    }

    job::Job job;
    plan::Plan plan;
};

/// By its value: the list may be gone when it is looked at.
template <class Kind>
std::optional<Kind> said(const AdviceList& list) {
    const Advice* advice = findingOf<Kind>(list);
    return advice ? std::optional(*advice->get<Kind>()) : std::nullopt;
}

} // namespace arbor::testing
