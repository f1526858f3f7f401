// Every field that job/fields.h lists: kept, cleared, told apart from every other, and published.
#include "core/job/fresh_copy.h"
#include "io/fields_json.h"
#include "io/job_difference.h"
#include "io/job_file.h"
#include "io/job_json.h"
#include "io/text_file.h"
#include "support/shop.h"

#include <cmath>
#include <functional>
#include <gtest/gtest.h>

using namespace arbor;
using job::Listed;
using job::Rule;
using nlohmann::json;

namespace {

/// Gives every field a value that no other field has, within its limits and never the usual one.
class Filler {
public:
    template <Listed T>
    T filled() {
        T out{};
        job::eachField<T>([&](const auto& field) { fill(out, field); });
        return out;
    }

private:
    template <class T, class... Path>
    void fill(T& whole, const job::Field<Path...>& field) {
        set(field.in(whole), field.rule);
    }
    template <class T, class... Fields>
    void fill(T& whole, const job::Group<Fields...>& group) {
        std::apply([&](const auto&... fields) { (fill(whole, fields), ...); }, group.fields);
    }

    double number(const Rule& rule) {
        const double least = rule.least.value_or(1), most = rule.most.value_or(least + 1000);
        return least + (most - least) * (++m_count % 89 + 1) / 100.0;
    }
    void set(bool& value, const Rule&) { value = !value; }
    void set(int& value, const Rule& rule) {
        for (const int usual = value; value == usual;)
            value = static_cast<int>(std::ceil(number(rule)));
    }
    void set(double& value, const Rule& rule) {
        for (const double usual = value; value == usual;)
            value = number(rule) * rule.unit;
    }
    void set(std::string& value, const Rule&) { value = "said " + std::to_string(++m_count); }
    void set(Interval& value, const Rule& rule) { value = {number(rule) * rule.unit, 2000 * rule.unit}; }
    void set(Range& value, const Rule& rule) { value = Range{1, number(rule), 3000} * rule.unit; }
    template <io::fields::Kind E>
    void set(E& value, const Rule& rule) {
        const auto names = job::namesOf(job::Tag<E>{});
        for (std::size_t i = rule.firstName; i < names.size(); ++i)
            if (names[i].value != value) return void(value = names[i].value);
    }
    template <Listed T>
    void set(T& value, const Rule&) {
        value = filled<T>();
    }
    template <class T>
    T one(const Rule& rule) {
        T out{};
        set(out, rule);
        return out;
    }
    template <class T>
    void set(std::optional<T>& value, const Rule& rule) {
        value = one<T>(rule);
    }
    template <class T>
    void set(std::vector<T>& list, const Rule& rule) {
        list = {one<T>(rule), one<T>(rule)};
    }
    template <class T>
    void set(std::set<T>& list, const Rule& rule) {
        list = {one<T>(rule), one<T>(rule)};
    }
    template <class K, class T>
    void set(std::map<K, T>& map, const Rule& rule) {
        map[one<K>(rule)] = one<T>(rule);
    }
    template <class T>
    void set(std::map<std::string, T>& map, const Rule& rule) {
        map[rule.keys ? "grease" : "part"] = one<T>(rule);
    }
    void set(std::map<job::SeatKey, job::SeatCard>& seats, const Rule&) {
        seats[{"housing", "bearing"}] = filled<job::SeatCard>();
    }
    void set(std::map<job::StepKey, job::StepRecord>& steps, const Rule&) {
        steps[{{"housing", "bearing"}, false}] = filled<job::StepRecord>();
    }

    int m_count = 0;
};

/// Does something with every field of a job, down to those of each entry of its lists.
class Walker {
public:
    explicit Walker(std::function<void(const char* key, const Rule& rule, const std::function<void()>& clear)> act)
        : m_act(std::move(act)) {}

    template <Listed T>
    void walk(T& whole) {
        job::eachField<T>([&](const auto& field) { each(whole, field); });
    }

private:
    template <class T, class... Path>
    void each(T& whole, const job::Field<Path...>& field) {
        auto& value = field.in(whole);
        m_act(field.key, field.rule, [&] {
            const T usual{};
            value = field.in(usual);
        });
        into(value);
    }
    template <class T, class... Fields>
    void each(T& whole, const job::Group<Fields...>& group) {
        std::apply([&](const auto&... fields) { (each(whole, fields), ...); }, group.fields);
    }
    template <class T>
    void into(T&) {}
    template <Listed T>
    void into(T& value) {
        walk(value);
    }
    template <Listed T>
    void into(std::optional<T>& value) {
        if (value) walk(*value);
    }
    template <Listed T>
    void into(std::vector<T>& list) {
        for (auto& entry : list)
            walk(entry);
    }
    template <class K, Listed T>
    void into(std::map<K, T>& map) {
        for (auto& [key, entry] : map)
            walk(entry);
    }

    std::function<void(const char*, const Rule&, const std::function<void()>&)> m_act;
};

job::Job filledJob() {
    auto job = Filler().filled<job::Job>();
    job.arrangement = arbor::testing::demoJob("seamer-turret-upper").arrangement;
    return job;
}

std::string saved(const job::Job& job, const std::string& over) {
    return io::jobText({job, over});
}

} // namespace

TEST(Fields, EveryOneIsKept) {
    const auto job = filledJob();
    const auto read = io::parseJob(saved(job, "{}"));
    ASSERT_TRUE(read) << read.error().field << " " << read.error().limit.english();
    EXPECT_EQ(io::jobToJson(read->job), io::jobToJson(job));
    auto said = io::jobToJson(job);
    said.erase("arrangement"); // not of the list
    const auto flat = said.flatten();
    for (const auto& [place, value] : flat.items())
        EXPECT_FALSE(value.is_null()) << place << " has its usual value, or is not written";
}

/// Set, saved, cleared, saved, read: gone.
TEST(Fields, WhatIsClearedStaysCleared) {
    const auto whole = filledJob();
    const auto text = saved(whole, "{}");
    int fields = 0;
    auto counted = whole;
    Walker([&](const char*, const Rule&, const auto&) { ++fields; }).walk(counted);
    EXPECT_GT(fields, 200);
    for (int wanted = 0; wanted < fields; ++wanted) {
        auto job = whole;
        int at = 0;
        std::string key;
        bool needed = false;
        Walker([&](const char* name, const Rule& rule, const auto& clear) {
            if (at++ != wanted) return;
            key = name;
            needed = rule.isNeeded;
            if (!needed) clear();
        }).walk(job);
        if (needed) continue; // no file goes without
        const auto now = io::parseJob(saved(job, text));
        ASSERT_TRUE(now) << key << ": " << now.error().field;
        EXPECT_EQ(io::jobToJson(now->job), io::jobToJson(job)) << key << " came back";
    }
}

TEST(Fields, ANewJobHasNothingThatWasFound) {
    const auto whole = filledJob();
    auto copy = job::freshCopy(whole);
    copy.arrangement = whole.arrangement; // not of the list
    Walker([&](const char* key, const Rule& rule, const auto& clear) {
        if (!rule.isFound) return;
        const auto before = io::jobToJson(copy);
        clear();
        EXPECT_EQ(io::jobToJson(copy), before) << key << " went along";
    }).walk(copy);
    auto described = whole;
    Walker([](const char*, const Rule& rule, const auto& clear) {
        if (rule.isFound) clear();
    }).walk(described);
    EXPECT_EQ(io::jobToJson(copy), io::jobToJson(described)) << "and all that describes it";
}

TEST(Fields, ADifferenceSaysTheUsualValueToo) {
    const auto ours = arbor::testing::demoJob("seamer-turret-upper");
    auto theirs = ours;
    theirs.heat.walk_s = 45;
    theirs.adjust.school = adjust::SettingMethod::SnugTwice;
    std::set<std::string> said;
    for (const auto& d : io::differences(ours, theirs))
        said.insert(d.place + ": " + d.ours + " / " + d.theirs);
    EXPECT_EQ(said, (std::set<std::string>{"heat/walk_s: 30.0 / 45.0", "adjust/school: indicator / snug_twice"}));
}

TEST(Fields, ThePublishedSchemaIsTheirs) {
    const std::string folder = std::string(ARBOR_SOURCE_DIR) + "/docs/schema/";
    const auto drawing = json::parse(io::readText(folder + "arbor-arrangement.schema.json").value());
    const auto text = io::jobSchema(drawing).dump(2) + "\n";
    if (text == io::readText(folder + "arbor-job.schema.json").value_or("")) return;
    const auto now = ::testing::TempDir() + "arbor-job.schema.json";
    ASSERT_TRUE(io::writeText(now, text));
    FAIL() << "publish what the fields say now: cp " << now << " " << folder;
}

TEST(Fields, WhatIsOutOfItsLimitsIsRefusedWithItsPlace) {
    const auto text = saved(filledJob(), "{}");
    const auto refused = [&](const char* place, const json& value) {
        auto document = json::parse(text);
        document[json::json_pointer(place)] = value;
        const auto read = io::parseJob(document.dump());
        return read ? std::string("taken") : read.error().field;
    };
    EXPECT_EQ(refused("/work/load_share", 1.5), "work/load_share");
    EXPECT_EQ(refused("/work/load_share", 1), "taken");
    EXPECT_EQ(refused("/measured/seats/0/hole/readings/0/direction_deg", 180),
              "measured/seats/0/hole/readings/0/direction_deg");
    EXPECT_EQ(refused("/measured/seats/0/hole/overrule/verdict", "not_measured"),
              "measured/seats/0/hole/overrule/verdict");
    EXPECT_EQ(refused("/adjust/nut/pitch_mm", 0), "adjust/nut/pitch_mm");
    EXPECT_EQ(refused("/heat/lowered_degC", {{"seal", 50}}), "heat");
    EXPECT_EQ(refused("/done", {"a station of tomorrow"}), "taken");
    EXPECT_EQ(refused("/strip/rust", "a lot"), "strip/rust");
}
