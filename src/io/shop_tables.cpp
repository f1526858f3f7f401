#include "io/shop_tables.h"

#include "core/catalog/presses.h"
#include "io/job_file.h"
#include "io/table_files.h"
#include "io/text_file.h"

#include <QDate>
#include <QFileInfo>
#include <QString>
#include <algorithm>
#include <array>
#include <sstream>

namespace arbor::io {

namespace {

/// What could not be read of a rack goes on lying in it, under this mark.
constexpr const char* kNotRead = "# not read: ";

/// Parses a text and hands what it says to the tables.
template <class Parse, class Put>
Result<void> taken(std::string_view text, Parse parse, Put put) {
    auto read = parse(text);
    if (!read) return tl::unexpected(read.error());
    return put(std::move(*read));
}

/// A shop's own materials have names of their own: no figure of the table is changed behind anybody's back.
Result<void> addMaterials(catalog::Materials& all, const catalog::Materials& own) {
    for (const auto& [key, material] : own) {
        if (catalog::materialKey(all, key) || catalog::materialKey(all, material.name))
            return refuse(ProblemCode::Duplicate, key, {}, wanted("a name of its own"));
        all.emplace(key, material).first->second.own = true;
    }
    return {};
}

Result<void> addBearings(tables::Tables& tables, std::vector<catalog::OwnBearing> own) {
    if (auto ok = catalog::takeOwn(tables.bearings, own); !ok) return ok;
    tables.ownBearings = std::move(own);
    return {};
}

Result<void> addBands(std::vector<adjust::PlayBand>& all, std::vector<adjust::PlayBand> own) {
    for (auto& band : own) {
        band.own = true;
        all.push_back(std::move(band));
    }
    return {};
}

Result<void> take(ShopList list, std::string_view text, tables::Tables& t) {
    const auto into = [](auto& place) {
        return [&place](auto read) -> Result<void> {
            place = std::move(read);
            return {};
        };
    };
    switch (list) {
    case ShopList::Rack:
        return taken(text, catalog::parseTools, into(t.rack.tools));
    case ShopList::Presses:
        return taken(text, catalog::parsePresses, into(t.rack.presses));
    case ShopList::Heat:
        return taken(text, thermal::parseHeatSources, [&t](auto own) -> Result<void> {
            thermal::takeOwn(t.heatSources, std::move(own));
            return {};
        });
    case ShopList::Gauges:
        return taken(text, catalog::parseGauges, into(t.gauges));
    case ShopList::People:
        return taken(text, catalog::parsePeople, into(t.people));
    case ShopList::Materials:
        return taken(text, catalog::parseMaterials, [&t](const auto& own) { return addMaterials(t.materials, own); });
    case ShopList::Bearings:
        return taken(text, catalog::parseOwnBearings, [&t](auto own) { return addBearings(t, std::move(own)); });
    case ShopList::EndPlay:
        return taken(text, adjust::parsePlayBands, [&t](auto own) { return addBands(t.endPlay, std::move(own)); });
    case ShopList::Prices:
        return taken(text, catalog::parsePrices, into(t.prices));
    }
    return {};
}

/// Remarks at its head, and what could not be read of it.
std::string headOfRack(const std::string& path) {
    const auto before = readText(path);
    if (!before) return {};
    std::string head;
    std::istringstream lines(*before);
    for (std::string line; std::getline(lines, line) && line.starts_with('#');)
        head += line + "\n";
    if (const auto read = catalog::readTools(*before))
        for (const auto& bad : read->bad)
            head += kNotRead + bad.line + "\n";
    return head;
}

std::string textOf(const std::string& path, ShopList list, const tables::Tables& t) {
    switch (list) {
    case ShopList::Rack:
        return headOfRack(path) + catalog::writeTools(t.rack.tools);
    case ShopList::Presses:
        return catalog::writePresses(t.rack.presses);
    case ShopList::Heat:
        return thermal::ownHeatSourcesText(t.heatSources);
    case ShopList::Gauges:
        return catalog::writeGauges(t.gauges);
    case ShopList::People:
        return catalog::writePeople(t.people);
    case ShopList::Materials:
        return catalog::ownMaterialsText(t.materials);
    case ShopList::Bearings:
        return catalog::writeOwnBearings(t.ownBearings);
    case ShopList::EndPlay:
        return adjust::playBandsText(t.endPlay);
    case ShopList::Prices:
        return catalog::writePrices(t.prices);
    }
    return {};
}

std::string pathOf(const std::string& folder, ShopList list) {
    return folder + "/" + fileOf(list);
}

bool isThere(const std::string& path) {
    return QFileInfo::exists(QString::fromStdString(path));
}

/// One bad row takes no other tool off the rack.
Result<void> takeTools(const std::string& path, std::string_view text, ShopTables& shop) {
    auto read = catalog::readTools(text);
    if (!read) return tl::unexpected(read.error());
    shop.tables.rack.tools = std::move(read->tools);
    for (auto& bad : read->bad) {
        bad.problem.file = path;
        shop.skipped.push_back(std::move(bad.problem));
    }
    return {};
}

void takeFrom(const std::string& folder, ShopList list, ShopTables& shop) {
    const auto path = pathOf(folder, list);
    if (!isThere(path)) return;
    const auto text = readText(path);
    auto taken = !text                    ? Result<void>(tl::unexpected(text.error()))
                 : list == ShopList::Rack ? takeTools(path, *text, shop)
                                          : take(list, *text, shop.tables);
    if (taken) return;
    taken.error().file = path;
    shop.unread.push_back(taken.error());
}

/// Most jobs of a full shelf have none: they need not be read for it.
bool mayHave(const char* key, const std::string& path) {
    const auto text = readText(path);
    return text && text->find(std::string("\"") + key + "\"") != std::string::npos;
}

/// One of each step; of a job that was closed when it had but one, that one.
void addRecords(const job::Job& job, std::vector<job::Record>& records) {
    const auto before = records.size();
    for (const auto& [key, step] : job.steps)
        if (step.record) records.push_back(*step.record);
    if (records.size() == before && job.record) records.push_back(*job.record);
}

} // namespace

const char* fileOf(ShopList list) {
    switch (list) {
    case ShopList::Rack:
        return "rack.csv";
    case ShopList::Presses:
        return "presses.json";
    case ShopList::Heat:
        return "heat_sources.json";
    case ShopList::Gauges:
        return "gauges.json";
    case ShopList::People:
        return "people.json";
    case ShopList::Materials:
        return "materials.json";
    case ShopList::Bearings:
        return "bearings.csv";
    case ShopList::EndPlay:
        return "end_play.json";
    case ShopList::Prices:
        return "prices.json";
    }
    return "";
}

Result<ShopTables> readShop(const std::string& folder) {
    ShopTables shop;
    auto tables = loadTables();
    if (!tables) {
        shop.unread.push_back(tables.error());
        tables = loadShippedTables();
    }
    if (!tables) return tl::unexpected(tables.error());
    shop.tables = std::move(*tables);
    shop.tables.today = QDate::currentDate().toString(Qt::ISODate).toStdString();
    for (const auto list : kShopLists)
        takeFrom(folder, list, shop);
    return shop;
}

std::vector<job::Record> closedRecords(const std::string& folder) {
    std::vector<job::Record> records;
    for (const auto& path : jobFiles(folder)) {
        if (!mayHave("record", path)) continue;
        if (const auto document = loadJob(path)) addRecords(document->job, records);
    }
    return records;
}

std::vector<job::Worked> workedTimes(const std::string& folder) {
    std::vector<job::Worked> out;
    for (const auto& path : jobFiles(folder)) {
        if (!mayHave("worked", path)) continue;
        if (const auto document = loadJob(path))
            std::copy_if(document->job.worked.begin(), document->job.worked.end(), std::back_inserter(out),
                         [](const job::Worked& w) { return !w.ended.empty(); });
    }
    return out;
}

Result<tables::Tables> loadShopTables(const std::string& folder) {
    auto shop = readShop(folder);
    if (!shop) return tl::unexpected(shop.error());
    for (const auto* problems : {&shop->unread, &shop->skipped})
        if (!problems->empty()) return tl::unexpected(problems->front());
    shop->tables.records = closedRecords(folder);
    return std::move(shop->tables);
}

Result<catalog::Rack> loadRack(const std::string& folder) {
    ShopTables shop;
    for (const auto list : {ShopList::Rack, ShopList::Presses})
        takeFrom(folder, list, shop);
    for (const auto* problems : {&shop.unread, &shop.skipped})
        if (!problems->empty()) return tl::unexpected(problems->front());
    return std::move(shop.tables.rack);
}

Result<void> saveList(const std::string& folder, ShopList list, const tables::Tables& tables) {
    const auto path = pathOf(folder, list);
    return writeTextKeeping(path, textOf(path, list, tables));
}

} // namespace arbor::io
