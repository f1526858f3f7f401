// Who works here, and what they measure with.
#include "io/pin.h"
#include "ui/shop/columns.h"
#include "ui/shop/lists.h"

#include <QObject>

namespace arbor::ui {

namespace {

using catalog::Gauge;
using catalog::GaugeKind;
using catalog::Person;

constexpr double kMicro = 0.001;

std::vector<std::pair<GaugeKind, QString>> kindWords() {
    return {
        {GaugeKind::Bore, QObject::tr("bore gauge")},         {GaugeKind::Outside, QObject::tr("micrometer, outside")},
        {GaugeKind::Depth, QObject::tr("depth gauge")},       {GaugeKind::Indicator, QObject::tr("indicator")},
        {GaugeKind::Thermometer, QObject::tr("thermometer")}, {GaugeKind::TorqueWrench, QObject::tr("torque wrench")}};
}

Column<Gauge> dueColumn() {
    auto out = textColumn(QObject::tr("calibration due"), &Gauge::calibrationDue);
    out.wants = wanted("a day as 2027-03-31");
    return out;
}

Column<Gauge> standsColumn(const std::string& today) {
    return {QObject::tr("state"), [today](const Gauge& gauge) {
                if (catalog::isOverdue(gauge, today)) return QObject::tr("calibration overdue");
                return gauge.calibrationDue.empty() ? QObject::tr("calibration not stated") : QObject::tr("good");
            }};
}

/// Typed over it is another; emptied, none is asked for. What it is nobody reads there.
Column<Person> pinColumn() {
    return {QObject::tr("PIN"),
            [](const Person& person) { return person.pin.empty() ? QString() : QStringLiteral("••••"); },
            [](Person& person, const QString& typed) {
                const auto pin = typed.trimmed().toStdString();
                person.pin = pin.empty() ? std::string() : io::scrambledPin(pin);
                return true;
            }};
}

Column<Person> timeColumn(const QString& heading, std::string Person::*time) {
    auto out = textColumn(heading, time);
    out.wants = wanted("a time of day as 07:00");
    return out;
}

} // namespace

std::unique_ptr<ListModel> gaugeList(Shop& shop) {
    ListSpec<Gauge> spec;
    spec.columns = {textColumn(QObject::tr("no."), &Gauge::id),
                    choiceColumn(QObject::tr("kind"), &Gauge::kind, kindWords()),
                    textColumn(QObject::tr("name"), &Gauge::name),
                    numberColumn(QObject::tr("uncertainty µm"), &Gauge::uncertainty_mm, kMicro),
                    dueColumn(),
                    standsColumn(shop.tables()->today)};
    spec.check = catalog::checkGauges;
    spec.another = [](const std::vector<Gauge>& all, const Gauge* like) {
        auto out = like ? *like : Gauge{{}, GaugeKind::Bore, {}, 0.003, {}};
        out.id = freeId(all, &Gauge::id, "G-");
        return out;
    };
    spec.keep = [&shop](const std::vector<Gauge>& rows) {
        return shop.change(io::ShopList::Gauges, [&](tables::Tables& t) { t.gauges = rows; });
    };
    return std::make_unique<OwnList<Gauge>>(std::move(spec), shop.tables()->gauges);
}

std::unique_ptr<ListModel> peopleList(Shop& shop) {
    ListSpec<Person> spec;
    spec.columns = {textColumn(QObject::tr("name"), &Person::name),
                    yesColumn(QObject::tr("may release"), &Person::releases),
                    pinColumn(),
                    timeColumn(QObject::tr("from"), &Person::from),
                    timeColumn(QObject::tr("until"), &Person::until),
                    {QString(), [](const Person&) { return QString(); }}};
    spec.check = catalog::checkPeople;
    spec.another = [](const std::vector<Person>& all, const Person*) {
        return Person{freeId(all, &Person::name, QObject::tr("Machinist").toStdString() + " ")};
    };
    spec.keep = [&shop](const std::vector<Person>& rows) {
        return shop.change(io::ShopList::People, [&](tables::Tables& t) { t.people = rows; });
    };
    return std::make_unique<OwnList<Person>>(std::move(spec), shop.tables()->people);
}

std::unique_ptr<ListModel> priceList(Shop& shop) {
    using catalog::Price;
    using catalog::PriceUnit;
    ListSpec<Price> spec;
    spec.columns = {textColumn(QObject::tr("what", "price"), &Price::what),
                    choiceColumn(QObject::tr("of one"), &Price::unit,
                                 {{PriceUnit::Hour, QObject::tr("hour")},
                                  {PriceUnit::Piece, QObject::tr("piece")},
                                  {PriceUnit::Job, QObject::tr("job")}}),
                    numberColumn(QObject::tr("price"), &Price::amount),
                    {QString(), [](const Price&) { return QString(); }}};
    spec.check = catalog::checkPrices;
    spec.another = [](const std::vector<Price>& all, const Price* like) {
        auto out = like ? *like : Price{{}, PriceUnit::Hour, 0};
        out.what = all.empty() ? "work" : freeId(all, &Price::what, QObject::tr("line", "price").toStdString() + " ");
        return out;
    };
    spec.keep = [&shop](const std::vector<Price>& rows) {
        return shop.change(io::ShopList::Prices, [&](tables::Tables& t) { t.prices.all = rows; });
    };
    return std::make_unique<OwnList<Price>>(std::move(spec), shop.tables()->prices.all);
}

} // namespace arbor::ui
