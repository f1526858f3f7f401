#include "cli/run.h"
#include "io/job_file.h"
#include "language/catalogue.h"
#include "support/shop.h"

#include <chrono>
#include <filesystem>
#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <iomanip>
#include <nlohmann/json.hpp>
#include <sstream>

using arbor::testing::run;
using arbor::testing::TemporaryShop;
using ::testing::HasSubstr;

namespace {

/// A text read from front to end: each fact must stand behind the one before it.
class InOrder {
public:
    explicit InOrder(std::string text) : m_text(std::move(text)) {}
    void expect(const std::string& fact, const std::string& place) {
        const auto at = m_text.find(fact, m_from);
        ++m_facts;
        if (at == std::string::npos)
            ADD_FAILURE() << place << " does not say: " << fact;
        else
            m_from = at;
    }
    int facts() const { return m_facts; }

private:
    std::string m_text;
    std::size_t m_from = 0;
    int m_facts = 0;
};

/// In the order a sheet is printed; rows are read from their own keys elsewhere.
void expectSheet(InOrder& text, const nlohmann::ordered_json& sheet, const std::string& place) {
    text.expect(sheet["title"], place);
    for (const auto& [key, figure] : sheet["figures"].items()) {
        text.expect(figure["label"], place);
        text.expect(figure["shown"], place);
        if (figure.contains("range")) text.expect(figure["range"], place);
    }
    for (const auto& note : sheet["notes"]) {
        text.expect(note["says"], place);
        if (note.contains("detail")) text.expect(note["detail"], place);
    }
    for (const char* part : {"next", "caution"})
        if (sheet.contains(part)) text.expect(sheet[part], place);
}

/// The same keys and numbers; texts may differ.
void expectSameNumbers(const nlohmann::json& one, const nlohmann::json& other, const std::string& place) {
    ASSERT_EQ(one.type(), other.type()) << place;
    ASSERT_EQ(one.size(), other.size()) << place;
    EXPECT_TRUE(!one.is_number() || one == other) << place << ": " << one << " " << other;
    if (!one.is_structured()) return;
    for (const auto& [key, value] : one.items()) {
        if (!value.is_structured() && !value.is_number()) continue;
        ASSERT_TRUE(!one.is_object() || other.contains(key)) << place << "/" << key;
        expectSameNumbers(value, one.is_object() ? other[key] : other[std::stoul(key)], place + "/" + key);
    }
}

} // namespace

TEST(PlainText, SpeaksTheReadersLanguageWithTheSameNumbers) {
    const TemporaryShop shop;
    const auto english = nlohmann::json::parse(run({"plan", shop.jobFile(), "--json"}).out);
    const arbor::language::Spoken spoken("de");
    const auto text = run({"fit", shop.jobFile()});
    EXPECT_THAT(text.out, HasSubstr("Übermaß"));
    EXPECT_THAT(text.out, HasSubstr("15,5 µm"));
    EXPECT_THAT(run({"fit", "nowhere.arbor.json"}).err, HasSubstr("lässt sich nicht öffnen"));
    EXPECT_THAT(run({"--help"}).out, HasSubstr("Alle Stationen eines Auftrags"));
    expectSameNumbers(english, nlohmann::json::parse(run({"plan", shop.jobFile(), "--json"}).out), "");
}

TEST(PlainText, TheTextSaysEveryFactOfTheJson) {
    const TemporaryShop shop;
    int facts = 0;
    for (const auto& file : std::filesystem::directory_iterator(shop.folder())) {
        const auto name = file.path().filename().string();
        if (!name.ends_with(".arbor.json")) continue;
        InOrder text(run({"plan", file.path().string()}).out);
        const auto sheets = nlohmann::ordered_json::parse(run({"plan", file.path().string(), "--json"}).out)["sheets"];
        for (const auto& sheet : sheets)
            expectSheet(text, sheet, name + " " + sheet["station"].get<std::string>() + " " + sheet.value("about", ""));
        facts += text.facts();
    }
    EXPECT_GT(facts, 1500);
}

TEST(PlainText, TellsTheClocksThatRun) {
    const TemporaryShop shop;
    auto job = arbor::io::loadJob(shop.jobFile()).value();
    auto& heat = job.job.steps[{{"housing", "bearing"}, false}].heat;
    const auto ago = [](int seconds) {
        const auto then = std::chrono::system_clock::to_time_t(std::chrono::system_clock::now()) - seconds;
        std::tm civil{};
        localtime_r(&then, &civil);
        std::ostringstream text;
        text << std::put_time(&civil, "%Y-%m-%dT%H:%M:%S");
        return text.str();
    };
    heat.clocks = {{arbor::job::Clock::What::Outer, ago(4000), 3480},
                   {arbor::job::Clock::What::Inner, ago(4000), 3480}};
    ASSERT_TRUE(arbor::io::saveJob(shop.jobFile(), job));
    EXPECT_THAT(run({"heat", shop.jobFile(), "--step", "in:bearing"}).out, HasSubstr("Ready to transfer"));
    heat.clocks.push_back({arbor::job::Clock::What::Carry, ago(20), 117});
    ASSERT_TRUE(arbor::io::saveJob(shop.jobFile(), job));
    const auto carried = run({"heat", shop.jobFile(), "--step", "in:bearing"}).out;
    EXPECT_THAT(carried, HasSubstr("Time left to start"));
}
