#include "core/adjust/play_band.h"

#include "core/base/json_text.h"

namespace arbor::adjust {

namespace {

constexpr double kMostPlay_mm = 5; // of any end play that is meant

} // namespace

Result<void> checkBands(const std::vector<PlayBand>& bands) {
    for (std::size_t i = 0; i < bands.size(); ++i) {
        const auto& band = bands[i];
        const auto place = "bands/" + std::to_string(i);
        if (band.name.empty() || band.use.empty()) return refuse(ProblemCode::Missing, place, {}, wanted("a name"));
        if (!(band.upTo_mm > 0)) return refuse(ProblemCode::NotPositive, place, plain(band.upTo_mm), wanted("> 0"));
        if (!(band.play_mm.lower <= band.play_mm.upper))
            return refuse(ProblemCode::GeometryOrder, place, plain(band.play_mm.upper),
                          wanted("at least {1}", plain(band.play_mm.lower)));
        if (!(band.play_mm.lower >= -kMostPlay_mm && band.play_mm.upper <= kMostPlay_mm))
            return refuse(ProblemCode::OutOfRange, place, plain(band.play_mm.upper), wanted("within 5 mm"));
    }
    return {};
}

Result<std::vector<PlayBand>> parsePlayBands(std::string_view text) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    try {
        std::vector<PlayBand> out;
        for (const auto& d : document->at("bands")) {
            out.push_back({d.at("use"),
                           d.at("name"),
                           d.at("up_to_mm"),
                           {d.at("least_um").get<double>() / 1000, d.at("most_um").get<double>() / 1000}});
        }
        if (auto ok = checkBands(out); !ok) return tl::unexpected(ok.error());
        return out;
    } catch (const nlohmann::json::exception& error) {
        return tl::unexpected(jsonProblem(error));
    }
}

std::string playBandsText(const std::vector<PlayBand>& bands) {
    auto rows = nlohmann::json::array();
    for (const auto& band : bands)
        if (band.own)
            rows.push_back({{"use", band.use},
                            {"name", band.name},
                            {"up_to_mm", band.upTo_mm},
                            {"least_um", band.play_mm.lower * 1000},
                            {"most_um", band.play_mm.upper * 1000}});
    return nlohmann::json{{"source", "this shop"}, {"bands", rows}}.dump(2);
}

namespace {

/// The smallest row that holds a bore, else the largest.
const PlayBand* rowOf(const std::vector<PlayBand>& bands, const std::string& use, double bore_mm, bool own) {
    const PlayBand* best = nullptr;
    for (const auto& band : bands) {
        if (band.use != use || band.own != own) continue;
        const bool holds = bore_mm <= band.upTo_mm;
        if (!best || (holds ? bore_mm > best->upTo_mm || band.upTo_mm < best->upTo_mm
                            : bore_mm > best->upTo_mm && band.upTo_mm > best->upTo_mm))
            best = &band;
    }
    return best;
}

} // namespace

const PlayBand* bandOf(const std::vector<PlayBand>& bands, const std::string& use, double bore_mm) {
    const auto* own = rowOf(bands, use, bore_mm, true);
    if (own && bore_mm <= own->upTo_mm) return own;
    const auto* shipped = rowOf(bands, use, bore_mm, false);
    return shipped ? shipped : own;
}

} // namespace arbor::adjust
