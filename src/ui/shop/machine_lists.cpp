// What presses, warms and chills.
#include "core/catalog/presses.h"
#include "io/table_files.h"
#include "ui/shop/columns.h"
#include "ui/shop/lists.h"
#include "words/shipped_names.h"

#include <QObject>
#include <algorithm>
#include <set>

namespace arbor::ui {

namespace {

using catalog::GaugeUnit;
using catalog::Press;
using catalog::PressKind;
using thermal::HeatSource;
using thermal::PartClass;

constexpr double kKilo = 1000;

/// The opening at each notch of the bed, one after the other.
Column<Press> daylightColumn() {
    return {QObject::tr("daylight mm"),
            [](const Press& press) {
                QStringList out;
                for (const double opening : press.notchDaylight_mm)
                    out << numberTyped(opening);
                return out.join(' ');
            },
            [](Press& press, const QString& typed) {
                std::vector<double> all;
                for (const auto& word : typed.split(' ', Qt::SkipEmptyParts)) {
                    const auto opening = numberIn(word);
                    if (!opening) return false;
                    all.push_back(*opening);
                }
                press.notchDaylight_mm = std::move(all);
                return true;
            },
            {},
            wanted("the opening at each notch, in mm, with a blank between them")};
}

/// To begin with: a common shop press, to be typed over.
Press usualPress(const std::vector<Press>& all, const Press*) {
    Press out;
    out.id = freeId(all, &Press::id, "P");
    out.name = QObject::tr("Shop press").toStdString();
    out.capacity_N = 100'000;
    out.ramFootDia_mm = 40;
    out.stroke_mm = 150;
    out.notchDaylight_mm = {600};
    out.bedOpening_mm = 120;
    return out;
}

Result<void> checkPresses(const std::vector<Press>& presses) {
    std::set<std::string> seen;
    for (const auto& press : presses) {
        if (auto ok = catalog::checkPress(press); !ok) return ok;
        if (!seen.insert(press.id).second)
            return refuse(ProblemCode::Duplicate, "id", press.id, wanted("a number of its own"));
    }
    return {};
}

std::vector<std::pair<PartClass, QString>> partWords() {
    return {{PartClass::Housing, QObject::tr("housing", "heated")},
            {PartClass::Ring, QObject::tr("ring", "heated")},
            {PartClass::Shaft, QObject::tr("shaft", "heated")}};
}

Column<HeatSource> partsColumn() {
    return {QObject::tr("for"),
            [](const HeatSource& source) {
                QStringList out;
                for (const auto& [part, word] : partWords())
                    if (source.parts.contains(part)) out << word;
                return out.join(' ');
            },
            [](HeatSource& source, const QString& typed) {
                std::set<PartClass> parts;
                for (const auto& said : typed.split(' ', Qt::SkipEmptyParts)) {
                    const auto all = partWords();
                    const auto at = std::find_if(all.begin(), all.end(), [&](const auto& known) {
                        return known.second.compare(said, Qt::CaseInsensitive) == 0;
                    });
                    if (at == all.end()) return false;
                    parts.insert(at->first);
                }
                source.parts = std::move(parts);
                return true;
            },
            {},
            wanted("housing, ring or shaft")};
}

/// A freezer has one temperature: both ends of what it can be set to go together.
Column<HeatSource> leastColumn() {
    auto out = numberColumnOf<HeatSource>(
        QObject::tr("least °C"), [](auto& s) -> auto& { return s.settable_C.lower; });
    out.take = [take = out.take](HeatSource& source, const QString& typed) {
        const bool fixed = source.settable_C.width() == 0;
        const bool good = take(source, typed);
        if (good && fixed) source.settable_C.upper = source.settable_C.lower;
        return good;
    };
    return out;
}

Column<HeatSource> sourceNameColumn() {
    return {QObject::tr("name"), [](const HeatSource& s) { return q(words::shippedName(s.name)); },
            [](HeatSource& source, const QString& typed) {
                if (typed.toStdString() != words::shippedName(source.name)) source.name = typed.toStdString();
                return true;
            }};
}

/// 0: not said, and taken as one.
Column<HeatSource> placesColumn() {
    return {QObject::tr("places"),
            [](const HeatSource& s) { return QString::number(s.places); },
            [](HeatSource& source, const QString& typed) {
                bool is = false;
                const int places = typed.trimmed().toInt(&is);
                if (is) source.places = places;
                return is;
            },
            {},
            wanted("a number")};
}

std::optional<HeatSource> shippedSource(const HeatSource& own) {
    const auto shipped = io::loadShippedTables();
    const auto* at = shipped ? thermal::findSource(shipped->heatSources, own.id) : nullptr;
    return at ? std::optional(*at) : std::nullopt;
}

} // namespace

std::unique_ptr<ListModel> pressList(Shop& shop) {
    ListSpec<Press> spec;
    spec.columns = {
        textColumn(QObject::tr("no."), &Press::id),
        textColumn(QObject::tr("name"), &Press::name),
        choiceColumn(QObject::tr("kind"), &Press::kind,
                     {{PressKind::Frame, QObject::tr("press", "machine")}, {PressKind::Vice, QObject::tr("vice")}}),
        daylightColumn(),
        choiceColumn(QObject::tr("gauge in"), &Press::gaugeUnit,
                     {{GaugeUnit::Bar, "bar"},
                      {GaugeUnit::MegaPascal, "MPa"},
                      {GaugeUnit::Psi, "psi"},
                      {GaugeUnit::TonneForce, "tf"},
                      {GaugeUnit::ShortTon, "short_ton"}}),
        numberColumn(QObject::tr("capacity kN"), &Press::capacity_N, kKilo),
        numberColumn(QObject::tr("ram foot mm"), &Press::ramFootDia_mm),
        numberColumn(QObject::tr("stroke mm"), &Press::stroke_mm),
        numberColumn(QObject::tr("bed gap mm"), &Press::bedOpening_mm),
        numberColumn(QObject::tr("piston mm"), &Press::pistonDia_mm),
        numberColumn(QObject::tr("throat mm"), &Press::throat_mm),
        numberColumn(QObject::tr("frame kN/mm"), &Press::stiffness_N_per_mm, kKilo)};
    spec.check = checkPresses;
    spec.another = usualPress;
    spec.keep = [&shop](const std::vector<Press>& rows) {
        return shop.change(io::ShopList::Presses, [&](tables::Tables& t) { t.rack.presses = rows; });
    };
    return std::make_unique<OwnList<Press>>(std::move(spec), shop.tables()->rack.presses);
}

std::unique_ptr<ListModel> heatList(Shop& shop) {
    ListSpec<HeatSource> spec;
    spec.columns = {sourceNameColumn(),
                    choiceColumn(QObject::tr("kind"), &HeatSource::warms,
                                 {{true, QObject::tr("warms")}, {false, QObject::tr("chills")}}),
                    leastColumn(),
                    numberColumnOf<HeatSource>(
                        QObject::tr("most °C"), [](auto& s) -> auto& { return s.settable_C.upper; }),
                    partsColumn(),
                    yesColumn(QObject::tr("with grease"), &HeatSource::withGrease),
                    numberColumn(QObject::tr("W/m²K"), &HeatSource::h_W_m2K),
                    numberColumn(QObject::tr("emissivity"), &HeatSource::emissivity),
                    numberColumn(QObject::tr("share of surface"), &HeatSource::skinShare),
                    numberColumn(QObject::tr("power W"), &HeatSource::power_W),
                    placesColumn(),
                    numberColumn(QObject::tr("litres"), &HeatSource::litres),
                    numberColumn(QObject::tr("K per min"), &HeatSource::change_K_min),
                    whoseColumn(&HeatSource::own)};
    spec.check = [](const std::vector<HeatSource>& all) -> Result<void> {
        for (const auto& source : all)
            if (auto ok = thermal::checkHeatSource(source); !ok) return ok;
        return {};
    };
    spec.another = [](const std::vector<HeatSource>& all, const HeatSource* like) {
        auto out = like ? *like : all.front();
        out.id = freeId(all, &HeatSource::id, "own_");
        out.name = words::shippedName(out.name) + ", " + QObject::tr("ours").toStdString();
        return out;
    };
    spec.keep = [&shop](const std::vector<HeatSource>& rows) {
        return shop.change(io::ShopList::Heat, [&](tables::Tables& t) { t.heatSources = rows; });
    };
    spec.shipped = ListSpec<HeatSource>::Shipped::IsReplaced;
    spec.own = &HeatSource::own;
    spec.shippedInPlace = shippedSource;
    return std::make_unique<OwnList<HeatSource>>(std::move(spec), shop.tables()->heatSources);
}

} // namespace arbor::ui
