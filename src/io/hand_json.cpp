#include "io/hand_json.h"

#include "io/json_names.h"

namespace arbor::io {

namespace {

using nlohmann::json;

constexpr Name<job::HandMeans> kMeans[] = {
    {job::HandMeans::Gauge, "gauge"}, {job::HandMeans::Wrench, "wrench"}, {job::HandMeans::Hammer, "hammer"}};
constexpr Name<job::HandSign> kSigns[] = {
    {job::HandSign::EvenGap, "even_gap"}, {job::HandSign::Ringing, "ringing"}, {job::HandSign::Stopped, "stopped"}};

} // namespace

job::HandPress handFromJson(const json& d) {
    job::HandPress hand;
    hand.means = named(kMeans, d.value("means", "gauge"));
    hand.bolt = d.value("bolt", "");
    const auto points = d.value("points", json::array());
    for (const auto& p : points)
        hand.points.push_back({p.at("at"), p.at("shown")});
    const auto signs = d.value("signs", json::object());
    for (const auto& sign : kSigns)
        if (signs.contains(sign.text)) hand.signs[sign.value] = signs.at(sign.text);
    return hand;
}

json handToJson(const job::HandPress& hand) {
    json d{{"means", nameOf(kMeans, hand.means)}};
    if (!hand.bolt.empty()) d["bolt"] = hand.bolt;
    for (const auto& p : hand.points)
        d["points"].push_back({{"at", p.at}, {"shown", p.shown}});
    for (const auto& [sign, seen] : hand.signs)
        d["signs"][nameOf(kSigns, sign)] = seen;
    return d;
}

} // namespace arbor::io
