// What parts are made of, bearings that no catalogue has, and the end play a pair should have.
#include "ui/shop/columns.h"
#include "ui/shop/lists.h"
#include "words/shipped_names.h"

#include <QObject>
#include <algorithm>

namespace arbor::ui {

namespace {

using adjust::PlayBand;
using catalog::BearingType;
using catalog::FrictionFamily;
using catalog::Material;
using catalog::OwnBearing;

/// A material with the key it is known by.
struct NamedMaterial {
    std::string key;
    Material material;
    bool own = false;
    friend bool operator==(const NamedMaterial&, const NamedMaterial&) = default;
};

Column<NamedMaterial> figure(const QString& heading, double Material::*value, double unit = 1) {
    return numberColumnOf<NamedMaterial>(
        heading, [value](auto& row) -> auto& { return row.material.*value; }, unit);
}

Column<NamedMaterial> materialNameColumn() {
    return {QObject::tr("name"),
            [](const NamedMaterial& row) { return q(words::shippedName(row.material.name)); },
            [](NamedMaterial& row, const QString& typed) {
                row.material.name = typed.toStdString();
                return !typed.isEmpty();
            },
            {},
            wanted("a name")};
}

/// Those that ship first, as they are looked through.
std::vector<NamedMaterial> rowsOf(const catalog::Materials& all) {
    std::vector<NamedMaterial> out;
    for (const bool own : {false, true})
        for (const auto& [key, material] : all)
            if (material.own == own) out.push_back({key, material, own});
    return out;
}

catalog::Materials materialsOf(const std::vector<NamedMaterial>& rows) {
    catalog::Materials out;
    for (const auto& row : rows) {
        out[row.key] = row.material;
        out[row.key].own = row.own;
    }
    return out;
}

/// Its name must be its own before the shop keeps it, so it is made with one.
NamedMaterial materialLike(const std::vector<NamedMaterial>& all, const NamedMaterial* like) {
    NamedMaterial out = like ? *like : all.front();
    out.key = freeId(all, &NamedMaterial::key, "own_");
    const auto base = words::shippedName(out.material.name) + ", " + QObject::tr("ours").toStdString();
    const auto taken = [&](const std::string& name) {
        return std::any_of(all.begin(), all.end(), [&](const auto& row) { return row.material.name == name; });
    };
    out.material.name = base;
    for (int number = 2; taken(out.material.name); ++number)
        out.material.name = base + " " + std::to_string(number);
    return out;
}

std::vector<std::pair<BearingType, QString>> typeWords() {
    return {{BearingType::DeepGrooveBall, QObject::tr("deep groove ball")},
            {BearingType::AngularContactBall, QObject::tr("angular contact ball")},
            {BearingType::DoubleRowAngularBall, QObject::tr("double-row angular ball")},
            {BearingType::CylindricalNU, QObject::tr("cylindrical roller NU")},
            {BearingType::CylindricalNJ, QObject::tr("cylindrical roller NJ")},
            {BearingType::CylindricalN, QObject::tr("cylindrical roller N")},
            {BearingType::TaperRoller, QObject::tr("taper roller")},
            {BearingType::InchTaperRoller, QObject::tr("inch taper roller")},
            {BearingType::NeedleRoller, QObject::tr("needle roller")},
            {BearingType::SphericalRoller, QObject::tr("spherical roller")},
            {BearingType::ThrustBall, QObject::tr("thrust ball")},
            {BearingType::HubRing, QObject::tr("hub ring")}};
}

Column<OwnBearing> caliper(const QString& heading, double catalog::CaliperSizes::*size) {
    return numberColumnOf<OwnBearing>(
        heading, [size](auto& row) -> auto& { return row.sizes.*size; });
}

/// The use is what the job keeps: another name of a row that ships is another use.
Column<PlayBand> useColumn(const std::vector<PlayBand>& known) {
    return {QObject::tr("use"),
            [](const PlayBand& band) { return q(words::shippedName(band.name)); },
            [known](PlayBand& band, const QString& typed) {
                band.name = typed.toStdString();
                const auto same = std::find_if(known.begin(), known.end(), [&](const PlayBand& b) {
                    return b.name == band.name || words::shippedName(b.name) == band.name;
                });
                if (same != known.end()) band.name = same->name;
                band.use = same == known.end() ? band.name : same->use;
                return !band.name.empty();
            },
            {},
            wanted("a name")};
}

/// A figure as the job's units have it.
template <class Of>
Column<PlayBand> shownColumn(const QString& heading, const words::Display& d,
                             words::Quantity (words::Display::*show)(double) const, double unit, Of of) {
    auto out = numberColumnOf<PlayBand>(heading, of, 1 / unit);
    out.text = [d, show, of](const PlayBand& band) { return q((d.*show)(of(band)).number); };
    return out;
}

} // namespace

std::unique_ptr<ListModel> materialList(Shop& shop) {
    ListSpec<NamedMaterial> spec;
    constexpr double kGiga = 1000, kMillionth = 1e-6;
    spec.columns = {materialNameColumn(),
                    figure(QObject::tr("E GPa"), &Material::E_MPa, kGiga),
                    figure(QObject::tr("ν"), &Material::nu),
                    figure(QObject::tr("expansion µm/m K"), &Material::alpha_perK, kMillionth),
                    figure(QObject::tr("yield MPa"), &Material::yield_MPa),
                    figure(QObject::tr("kg/m³"), &Material::density_kg_m3),
                    figure(QObject::tr("W/m K"), &Material::conductivity_W_mK),
                    figure(QObject::tr("J/kg K"), &Material::heat_J_kgK),
                    figure(QObject::tr("ceiling °C"), &Material::ceiling_C),
                    choiceColumnOf<NamedMaterial, FrictionFamily>(
                        QObject::tr("friction as"), [](auto& row) -> auto& { return row.material.family; },
                        {{FrictionFamily::Steel, QObject::tr("steel")},
                         {FrictionFamily::CastIron, QObject::tr("cast iron")},
                         {FrictionFamily::Aluminium, QObject::tr("aluminium")}}),
                    whoseColumn(&NamedMaterial::own)};
    spec.check = [](const std::vector<NamedMaterial>& rows) { return catalog::checkMaterials(materialsOf(rows)); };
    spec.another = materialLike;
    spec.keep = [&shop](const std::vector<NamedMaterial>& rows) {
        return shop.change(io::ShopList::Materials, [&](tables::Tables& t) { t.materials = materialsOf(rows); });
    };
    spec.own = &NamedMaterial::own;
    return std::make_unique<OwnList<NamedMaterial>>(std::move(spec), rowsOf(shop.tables()->materials));
}

std::unique_ptr<ListModel> bearingList(Shop& shop) {
    using Sizes = catalog::CaliperSizes;
    ListSpec<OwnBearing> spec;
    spec.columns = {textColumn(QObject::tr("no."), &OwnBearing::designation),
                    choiceColumnOf<OwnBearing, BearingType>(
                        QObject::tr("kind"), [](auto& row) -> auto& { return row.sizes.type; }, typeWords()),
                    caliper(QObject::tr("bore mm"), &Sizes::boreDia_mm),
                    caliper(QObject::tr("outside mm"), &Sizes::outsideDia_mm),
                    caliper(QObject::tr("width mm"), &Sizes::width_mm),
                    caliper(QObject::tr("inner ring Ø, cone width mm"), &Sizes::fourth_mm),
                    caliper(QObject::tr("outer ring Ø, cup width mm"), &Sizes::fifth_mm),
                    {QString(), [](const OwnBearing&) { return QString(); }}};
    const auto all = shop.tables()->bearings;
    spec.check = [all](const std::vector<OwnBearing>& rows) {
        auto with = all;
        return catalog::takeOwn(with, rows);
    };
    spec.another = [all](const std::vector<OwnBearing>& rows, const OwnBearing* like) {
        OwnBearing out{{}, like ? like->sizes : Sizes{BearingType::DeepGrooveBall, 25, 52, 15, 0, 0}};
        out.designation = freeId(rows, &OwnBearing::designation, "OWN-");
        return out;
    };
    spec.keep = [&shop](const std::vector<OwnBearing>& rows) {
        return shop.change(io::ShopList::Bearings, [&](tables::Tables& t) {
            t.ownBearings = rows;
            static_cast<void>(catalog::takeOwn(t.bearings, rows)); // the check has seen it
        });
    };
    return std::make_unique<OwnList<OwnBearing>>(std::move(spec), shop.tables()->ownBearings);
}

std::unique_ptr<ListModel> bandList(Shop& shop, const words::Display& d) {
    using words::Display;
    ListSpec<PlayBand> spec;
    const auto unit = q(d.fine(0).unit);
    spec.columns = {useColumn(shop.tables()->endPlay),
                    shownColumn(
                        QObject::tr("bore up to %1").arg(q(d.size(0).unit)), d, &Display::size, d.sizeValue(1),
                        [](auto& band) -> auto& { return band.upTo_mm; }),
                    shownColumn(
                        QObject::tr("least %1").arg(unit), d, &Display::fine, d.fineValue(1),
                        [](auto& band) -> auto& { return band.play_mm.lower; }),
                    shownColumn(
                        QObject::tr("most %1").arg(unit), d, &Display::fine, d.fineValue(1),
                        [](auto& band) -> auto& { return band.play_mm.upper; }),
                    {QObject::tr("whose"), [](const PlayBand& band) {
                         return band.own ? QObject::tr("this shop’s") : QObject::tr("practice, ships with the program");
                     }}};
    spec.check = adjust::checkBands;
    spec.another = [](const std::vector<PlayBand>&, const PlayBand* like) {
        return like ? *like : PlayBand{"general", QObject::tr("general").toStdString(), 50, {0, 0.05}};
    };
    spec.keep = [&shop](const std::vector<PlayBand>& rows) {
        return shop.change(io::ShopList::EndPlay, [&](tables::Tables& t) { t.endPlay = rows; });
    };
    spec.shipped = ListSpec<PlayBand>::Shipped::IsCopied;
    spec.own = &PlayBand::own;
    return std::make_unique<OwnList<PlayBand>>(std::move(spec), shop.tables()->endPlay);
}

} // namespace arbor::ui
