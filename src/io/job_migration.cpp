#include "io/job_migration.h"

#include "core/base/json_text.h"
#include "core/job/step_name.h"
#include "io/drawing_migration.h"

#include <algorithm>
#include <string>
#include <vector>

namespace arbor::io {

namespace {

using nlohmann::json;

/// Of the parts of version 1's arrangement, by name.
const json* partNamed(const json& arrangement, const std::string& id) {
    for (const auto& part : arrangement.at("parts"))
        if (part.value("id", "") == id) return &part;
    return nullptr;
}

class Migration {
public:
    explicit Migration(json job) : m_job(std::move(job)) {}

    json done() {
        const auto own = job::StepKey{ownSeat(m_job), false};
        moveTools(own);
        moveHeat(own);
        move("trace", own, "trace");
        move("hand", own, "hand");
        moveReadings(own);
        moveProof(own);
        moveDone(own);
        m_job["version"] = 2;
        return std::move(m_job);
    }

private:
    json& step(const job::StepKey& key) {
        auto& d = m_job["steps"][job::nameOf(key)];
        d["outer"] = key.seat.first;
        d["inner"] = key.seat.second;
        d["way"] = key.out ? "out" : "in";
        return d;
    }

    json taken(json& from, const char* key) {
        auto value = from.value(key, json());
        from.erase(key);
        return value;
    }

    std::vector<job::SeatKey> joints() const {
        std::vector<job::SeatKey> out;
        if (m_job.contains("arrangement"))
            for (const auto& joint : m_job.at("arrangement").value("pressed", json::array()))
                out.push_back(seatOf(joint));
        return out;
    }

    void move(const char* from, const job::StepKey& key, const char* to) {
        if (auto value = taken(m_job, from); !value.is_null()) step(key)[to] = std::move(value);
    }

    /// A step was named by the part that moves: what was fixed for it holds at each of that part's seats; that of the
    /// job's own seat was said by itself as well, and comes last.
    void moveTools(const job::StepKey& own) {
        auto tooling = taken(m_job, "tooling");
        m_job["press"] = tooling.at("press");
        moveOverrides(own, tooling);
        for (const char* key : {"driver", "support"})
            if (tooling.contains(key)) step(own)[key] = tooling.at(key);
    }

    void moveOverrides(const job::StepKey& own, const json& tooling) {
        for (const auto& wish : tooling.value("steps", json::array())) {
            const auto named = wish.at("step").get<std::string>();
            const bool out = named.starts_with("out:");
            const auto part = named.substr(named.find(':') + 1);
            auto seats = joints();
            std::erase_if(seats, [&](const auto& seat) { return seat.first != part && seat.second != part; });
            if (seats.empty()) seats = {own.seat}; // it was named by its housing alone
            for (const auto& seat : seats)
                for (const char* key : {"driver", "support", "turn"})
                    if (wish.contains(key)) step({seat, out})[key] = wish.at(key);
        }
    }

    void moveHeat(const job::StepKey& own) {
        if (!m_job.contains("heat")) return;
        auto& heat = m_job.at("heat");
        const auto opened = taken(heat, "seat");
        const job::StepKey warmed{opened.is_null() ? own.seat : seatOf(opened), false};
        for (const char* key : {"press_cold", "press_at", "clocks", "readings", "counted"})
            if (auto value = taken(heat, key); !value.is_null()) step(warmed)["heat"][key] = std::move(value);
        for (auto wish : taken(heat, "seats")) {
            const job::StepKey key{seatOf(wish), false};
            wish.erase("outer");
            wish.erase("inner");
            for (const auto& [name, value] : wish.items())
                step(key)["heat"][name] = value;
        }
    }

    /// Nothing read and nothing chosen is nothing known.
    void moveReadings(const job::StepKey& own) {
        auto readings = taken(m_job, "seat_readings");
        if (readings.is_null()) readings = json::object();
        if (!readings.value("readings", json::array()).empty() || readings.value("kind", "depth") != "depth" ||
            readings.value("uncertainty_um", 10.0) != 10.0)
            step(own)["readings"] = std::move(readings);
        for (auto ring : taken(m_job, "ring_readings")) {
            const job::StepKey key{seatOf(ring), false};
            ring.erase("outer");
            ring.erase("inner");
            step(key)["readings"] = std::move(ring);
        }
    }

    /// A seal was looked at in one go for all of them.
    void moveProof(const job::StepKey& own) {
        auto proof = taken(m_job, "seat_proof");
        if (proof.is_null()) return;
        const auto flush = proof.value("checks", json::object()).value("seal_flush", json());
        step(own)["proof"] = std::move(proof);
        if (flush.is_null()) return;
        for (const auto& seat : joints())
            for (const auto& id : {seat.first, seat.second})
                if (const auto* part = partNamed(m_job.at("arrangement"), id);
                    part && part->value("kind", "") == "seal")
                    step({seat, false})["proof"]["checks"]["seal_flush"] = flush;
    }

    void moveDone(const job::StepKey& own) {
        auto kept = json::array();
        for (const auto& name : m_job.value("done", json::array())) {
            const bool ofStep = name == "tooling" || name == "warm" || name == "press" || name == "seat";
            (ofStep ? step(own)["done"] : kept).push_back(name);
        }
        if (m_job.contains("done")) m_job["done"] = std::move(kept);
    }

    json m_job;
};

} // namespace

json toVersion2(json job) {
    return Migration(std::move(job)).done();
}

Result<json> asToday(json job) {
    if (!job.is_object()) return job;
    if (job.value("version", json()) == 1) job = toVersion2(std::move(job));
    return intoDrawing(std::move(job));
}

json textAsToday(const std::string& text) {
    return parseJson(text).and_then(asToday).value_or(json::object());
}

} // namespace arbor::io
