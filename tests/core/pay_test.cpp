// What goes to the customer: prices, hours, parts, days of inspection. Worked out by hand.
#include "core/day/durations.h"
#include "core/pay/inspection.h"
#include "core/pay/quote.h"

#include <gtest/gtest.h>

using namespace arbor;
using catalog::PriceUnit;
using job::Doing;

namespace {

job::Worked worked(Doing what, const std::string& began, const std::string& ended, double usual_s = 600) {
    return {what, {}, {}, began, ended, 900, usual_s};
}

job::Job closedJob(const std::string& id, const std::string& machine, const std::string& when, const std::string& due) {
    job::Job out;
    out.id = id;
    out.title = machine + " · upper bearing";
    out.machine = machine;
    out.record = job::Record{};
    out.record->when = when;
    out.closing.nextInspection = due;
    return out;
}

} // namespace

TEST(Prices, AreReadCheckedAndWrittenBack) {
    const auto read = catalog::parsePrices(
        R"({"currency": "EUR", "prices": [{"what": "work", "unit": "hour", "amount": 60}, {"what": "3206", "unit": "piece", "amount": 41.5}]})");
    ASSERT_TRUE(read);
    EXPECT_EQ(catalog::parsePrices(catalog::writePrices(*read)), *read);
    EXPECT_EQ(catalog::findPrice(*read, " WORK ", PriceUnit::Hour)->amount, 60);
    EXPECT_FALSE(catalog::findPrice(*read, "3206", PriceUnit::Hour)) << "it is the price of a piece";
    const auto refused = [](const std::string& row) {
        const auto bad = catalog::parsePrices(R"({"prices": [)" + row + "]}");
        return bad ? ProblemCode::Duplicate : bad.error().code;
    };
    EXPECT_EQ(refused(R"({"what": "", "unit": "hour", "amount": 1})"), ProblemCode::Missing);
    EXPECT_EQ(refused(R"({"what": "x", "unit": "day", "amount": 1})"), ProblemCode::UnknownName);
    EXPECT_EQ(refused(R"({"what": "x", "unit": "hour", "amount": -1})"), ProblemCode::OutOfRange);
    EXPECT_EQ(refused(R"({"what": "x", "unit": "hour", "amount": 1, "vat": 2})"), ProblemCode::UnknownKey);
    EXPECT_FALSE(catalog::checkPrices({{"Work", PriceUnit::Hour, 1}, {"work ", PriceUnit::Hour, 2}}));
}

TEST(Hours, AreThoseBetweenBeginAndEndOfOneDay) {
    const auto taken = pay::hoursTaken({worked(Doing::In, "2026-11-30T09:00:00", "2026-11-30T09:45:00"),
                                        worked(Doing::In, "2026-11-30T10:00:00", "2026-11-30T10:15:00"),
                                        worked(Doing::Strip, "2026-11-30T15:00:00", "2026-12-01T08:00:00"),
                                        worked(Doing::Close, "2026-11-30T15:00:00", "")});
    EXPECT_EQ(taken.size(), 1U) << "a night is no work, and what runs is not taken yet";
    EXPECT_DOUBLE_EQ(taken.at(Doing::In), 1.0);
}

TEST(Hours, ArePlannedOfWhatWasBegunAndWhatIsLeft) {
    day::Piece left;
    left.key = {"J", Doing::Prove};
    left.lasts = 30;
    auto soak = left;
    soak.byHand = false;
    const auto planned =
        pay::hoursPlanned({worked(Doing::In, "2026-11-30T09:00:00", "2026-11-30T09:45:00")}, {left, soak});
    EXPECT_DOUBLE_EQ(planned.at(Doing::In), 0.25) << "900 s were planned";
    EXPECT_DOUBLE_EQ(planned.at(Doing::Prove), 0.5);
}

TEST(Quotes, CountRingsOfABearingOnceAndNameWhatHasNoPrice) {
    plan::StripPlan strip;
    const auto part = [&](const std::string& id, const std::string& designation,
                          arrangement::FromCatalogue::Piece piece) {
        arrangement::Part out;
        out.id = id;
        if (!designation.empty()) {
            out.catalogue = arrangement::FromCatalogue{};
            out.catalogue->designation = designation;
            out.catalogue->piece = piece;
        }
        strip.assembly.parts.push_back(out);
        strip.kit.push_back({id});
    };
    using Piece = arrangement::FromCatalogue::Piece;
    part("cup", "30206", Piece::Outer);
    part("cone", "30206", Piece::Inner);
    part("other", "30206", Piece::Whole);
    part("seal", "", Piece::Whole);
    catalog::Prices prices{"EUR",
                           {{"work", PriceUnit::Hour, 60},
                            {"in", PriceUnit::Hour, 90},
                            {"30206", PriceUnit::Piece, 20.005},
                            {"small parts", PriceUnit::Job, 18}}};
    const auto quote = pay::quoteOf(strip, {{Doing::In, 0.5}, {Doing::Prove, 1.0 / 3}}, prices);
    ASSERT_EQ(quote.lines.size(), 5U);
    EXPECT_EQ(quote.lines[0].amount(), 45) << "its own price goes before that of work";
    EXPECT_EQ(quote.lines[1].amount(), 20);
    EXPECT_EQ(quote.lines[2].what, "30206");
    EXPECT_EQ(quote.lines[2].quantity, 2) << "two rings and a whole one";
    EXPECT_NEAR(quote.lines[2].amount(), 40.01, 1e-9);
    EXPECT_FALSE(quote.lines[3].price);
    EXPECT_NEAR(quote.total(), 45 + 20 + 40.01 + 18, 1e-9);
    EXPECT_EQ(quote.unpriced(), 1U);
}

TEST(Durations, OfAShopGoBeforeTheUsualOnesOnceThereAreThree) {
    std::vector<job::Worked> before{worked(Doing::In, "2026-11-30T09:00:00", "2026-11-30T09:20:00"),
                                    worked(Doing::In, "2026-11-30T10:00:00", "2026-11-30T10:15:00")};
    EXPECT_EQ(day::Durations(before).of(Doing::In, 8), 8) << "two are none";
    before.push_back(worked(Doing::In, "2026-11-30T11:00:00", "2026-11-30T12:10:00"));
    EXPECT_DOUBLE_EQ(day::Durations(before).factor(Doing::In), 2) << "the median: one long day changes nothing";
    EXPECT_EQ(day::Durations(before).of(Doing::In, 8), 16);
    EXPECT_EQ(day::Durations(before).of(Doing::Prove, 4), 4);
}

TEST(Inspections, TheLatestWordOfAMachineCounts) {
    const auto all = pay::inspectionsOf({closedJob("J-1", "Seamer", "2026-01-10T10:00:00", "2026-06-01"),
                                         closedJob("J-2", "Seamer", "2026-05-10T10:00:00", "2026-12-01"),
                                         closedJob("J-3", "Pump", "2026-05-10T10:00:00", "2026-09-01"),
                                         closedJob("J-4", "Oven", "2026-05-10T10:00:00", "")});
    ASSERT_EQ(all.size(), 2U);
    EXPECT_EQ(all[0].job, "J-3") << "the first due first";
    EXPECT_EQ(all[1].job, "J-2");
}

TEST(Inspections, ADayIsSaidAsADateOrFromToday) {
    EXPECT_EQ(pay::dueDay("2027-03-31", "2026-11-30"), "2027-03-31");
    EXPECT_EQ(pay::dueDay("10 days", "2026-11-30"), "2026-12-10");
    EXPECT_EQ(pay::dueDay("6 weeks", "2026-11-30"), "2027-01-11");
    EXPECT_EQ(pay::dueDay("3 months", "2026-11-30"), "2027-02-28") << "a shorter month";
    EXPECT_EQ(pay::dueDay("1 year", "2026-11-30"), "2027-11-30");
    EXPECT_EQ(pay::dueDay("2 years", "2028-02-29"), "2030-02-28");
    EXPECT_EQ(pay::dueDay("6 Monate", "2026-11-30", {{"Monate", pay::Span::Month}}), "2027-05-30");
    for (const char* none : {"", "soon", "3 monthsx", "0 days", "3", "2027-13-01", "-1 days"})
        EXPECT_FALSE(pay::dueDay(none, "2026-11-30")) << none;
}
