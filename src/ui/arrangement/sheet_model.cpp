#include "ui/arrangement/sheet_model.h"

#include "core/route/order.h"
#include "io/entry/size_entry.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/arrangement_words.h"
#include "words/order_words.h"
#include "words/sentences.h"
#include "words/shipped_names.h"

#include <QFont>
#include <QRegularExpression>
#include <algorithm>
#include <functional>

namespace arbor::ui {

namespace {

using arrangement::Assembly;
using arrangement::FromCatalogue;
using arrangement::SizeLine;

/// @param steps  how many slices the part has: one needs no number
QString sizeLabel(const SizeLine& line, std::size_t steps) {
    const auto step = steps > 1 ? QObject::tr(", step %1").arg(line.slice + 1) : QString();
    switch (line.what) {
    case SizeLine::What::Outside:
        return QObject::tr("Outside Ø") + step;
    case SizeLine::What::Bore:
        return QObject::tr("Bore Ø") + step;
    case SizeLine::What::Length:
        return QObject::tr("Length") + step;
    }
    return {};
}

/// The side each part comes in from in the order of work.
std::vector<QString> loadingSides(const Assembly& assembly) {
    std::vector<QString> out(assembly.parts.size());
    if (!arrangement::faults(assembly).empty()) return out;
    const std::function<void(const std::vector<route::Step>&)> walk = [&](const std::vector<route::Step>& steps) {
        for (const auto& step : steps) {
            for (const auto part : step.parts)
                out[part] =
                    step.way == route::Way::Up ? QObject::tr("loads from above") : QObject::tr("loads from below");
            walk(step.onTheBench);
        }
    };
    walk(route::takeApart(assembly).steps);
    return out;
}

bool hasWayRound(arrangement::PartKind kind) {
    using arrangement::PartKind;
    return kind != PartKind::Housing && kind != PartKind::Shaft;
}

/// "N7", "H7/s6"; empty: nothing is said of it.
std::string classesOf(const Assembly& a, std::size_t outer, std::size_t inner) {
    const auto* joint = arrangement::jointOf(a.pressed, a.parts[outer].id, a.parts[inner].id);
    std::string out;
    for (const bool hole : {true, false})
        if (const auto& size = joint->side(hole).size; size && size->toleranceClass)
            out += (out.empty() ? "" : "/") + size->toleranceClass->text();
    return out;
}

QString boundary(const catalog::Bearing& b, const words::Display& d) {
    return QStringLiteral("%1 × %2 × %3")
        .arg(q(d.size(b.boreDia_mm).number), q(d.size(b.outsideDia_mm).number), q(d.size(b.width_mm).number));
}

} // namespace

void SheetModel::show(const Assembly& assembly, const tables::Tables& tables, words::Display display,
                      double typedUnit_mm) {
    beginResetModel();
    m_assembly = assembly;
    m_tables = &tables;
    m_display = display;
    m_unit_mm = typedUnit_mm;
    m_sizes = arrangement::sizeLines(assembly);
    m_contradictions = arrangement::contradictions(assembly);
    m_loadsFrom = loadingSides(assembly);
    m_rows.clear();
    m_refused.reset();
    for (std::size_t part = 0; part < assembly.parts.size(); ++part)
        addPart(part);
    endResetModel();
}

void SheetModel::addPart(std::size_t part) {
    const auto& p = m_assembly.parts[part];
    m_rows.push_back({Line::Name,
                      part,
                      {},
                      0,
                      q(words::kindName(p.kind)),
                      q(p.label),
                      part == m_assembly.base ? tr("stays put") : m_loadsFrom[part]});
    if (p.catalogue) {
        const auto* bearing = arrangement::bearingOf(*p.catalogue, m_tables->bearings);
        m_rows.push_back({Line::Bearing,
                          part,
                          {},
                          0,
                          tr("Designation"),
                          q(p.catalogue->designation),
                          bearing ? boundary(*bearing, m_display) : QString()});
    } else {
        const auto known = m_tables->materials.find(p.material);
        m_rows.push_back({Line::Material,
                          part,
                          {},
                          0,
                          tr("Material"),
                          q(p.material).replace('_', ' '),
                          known == m_tables->materials.end() ? QString()
                          : known->second.own                ? tr("%1, figures of this shop").arg(q(known->second.name))
                                                             : q(words::shippedName(known->second.name))});
    }
    for (const auto& size : m_sizes)
        if (size.part == part)
            m_rows.push_back({Line::Size, part, size, 0, sizeLabel(size, p.bodies[size.body].slices.size()),
                              q(m_display.size(size.value_mm).number), q(m_display.size(0).unit)});
    addSeats(part);
    if (!hasWayRound(p.kind)) return;
    m_rows.push_back({Line::WayRound, part, {}, 0, tr("Way round"), q(words::wayRoundText(p)), {}});
    m_rows.push_back({Line::LinesUp, part, {}, 0, tr("In line with"), q(p.linesUpWith), {}});
    addSpecial(part);
}

/// What is asked of some kinds of part alone.
void SheetModel::addSpecial(std::size_t part) {
    using arrangement::PartKind;
    const auto& p = m_assembly.parts[part];
    if (p.kind == PartKind::Seal) m_rows.push_back({Line::Lip, part, {}, 0, tr("Lip"), q(words::lipText(p)), {}});
    if (p.kind == PartKind::Seal || p.kind == PartKind::SpacerTube || p.kind == PartKind::Nut)
        m_rows.push_back({Line::Once, part, {}, 0, tr("Fitted once"), q(words::onceText(p)), {}});
    if (p.kind == PartKind::RetainingRing)
        m_rows.push_back({Line::Lugs, part, {}, 0, tr("Eyes for pliers"), q(words::lugsText(p)), {}});
    if (p.kind == PartKind::Hub || p.kind == PartKind::RetainerPlate || p.kind == PartKind::Cap ||
        p.kind == PartKind::Bearing)
        m_rows.push_back({Line::Screws, part, {}, 0, tr("Screws"), q(words::screwsText(m_assembly, part)), {}});
}

void SheetModel::addSeats(std::size_t part) {
    for (std::size_t outer = 0; outer < m_assembly.parts.size(); ++outer) {
        if (outer == part) continue;
        const auto touch = arrangement::touchOf(m_assembly.parts[outer], m_assembly.parts[part]);
        if (!touch) continue;
        m_rows.push_back({Line::Seat,
                          part,
                          {},
                          outer,
                          tr("In the %1").arg(q(words::partName(m_assembly.parts[outer]))),
                          q(words::seatText(m_assembly, outer, part)),
                          QStringLiteral("Ø%1").arg(q(m_display.size(touch->dia_mm).number))});
    }
}

int SheetModel::firstRowOf(std::size_t part) const {
    for (std::size_t row = 0; row < m_rows.size(); ++row)
        if (m_rows[row].part == part) return static_cast<int>(row);
    return 0;
}

std::optional<Callout> SheetModel::callout(int row) const {
    const auto& r = m_rows.at(static_cast<std::size_t>(row));
    if (r.line != Line::Size) return std::nullopt;
    const auto& body = m_assembly.parts[r.part].bodies[r.size.body];
    const auto& s = body.slices[r.size.slice];
    const double z = body.z_mm + (s.zBottom + s.zTop) / 2;
    const double rad = r.size.what == SizeLine::What::Bore      ? s.innerBottom
                       : r.size.what == SizeLine::What::Outside ? s.outerBottom
                                                                : (s.innerBottom + s.outerBottom) / 2;
    return Callout{{rad, z}, r.label + "  " + r.value, q(words::partName(m_assembly.parts[r.part])), Tone::Plan};
}

std::optional<Dimension> SheetModel::dimension(int row) const {
    const auto& r = m_rows.at(static_cast<std::size_t>(row));
    if (r.line == Line::Seat) return seatDimension(r, row);
    if (r.line != Line::Size) return std::nullopt;
    const auto& body = m_assembly.parts[r.part].bodies[r.size.body];
    const auto& s = body.slices[r.size.slice];
    const double low = body.z_mm + s.zBottom, high = body.z_mm + s.zTop, rad = r.size.value_mm / 2;
    const bool proposed = !r.size.typed && somethingIsTyped();
    if (r.size.what == SizeLine::What::Length)
        return Dimension{false,           low, high, std::max(s.outerBottom, s.outerTop), r.value, false, proposed,
                         isWrong(r.size), row};
    auto text = QStringLiteral("Ø") + r.value;
    if (const auto seat = seatOf(r.size)) text += " " + q(classesOf(m_assembly, seat->first, seat->second));
    return Dimension{true, -rad, rad, (low + high) / 2, text.trimmed(), false, proposed, isWrong(r.size), row};
}

/// The seat of a ring whose size is its bearing's: there it is written what it is tight with.
std::optional<Dimension> SheetModel::seatDimension(const Row& r, int row) const {
    const auto &outer = m_assembly.parts[r.partner], &inner = m_assembly.parts[r.part];
    const auto* joint = arrangement::jointOf(m_assembly.pressed, outer.id, inner.id);
    if (!joint || (!outer.catalogue && !inner.catalogue)) return std::nullopt;
    const auto touch = arrangement::touchOf(outer, inner);
    if (!touch) return std::nullopt;
    const double rad = touch->dia_mm / 2, z = touch->from_mm + touch->length_mm / 2;
    const auto text = "Ø" + m_display.size(touch->dia_mm).number + " " + classesOf(m_assembly, r.partner, r.part);
    return Dimension{true, -rad, rad, z, q(text).trimmed(), false, false, false, row};
}

/// One of two that cannot both be. The lines of a part that have this very size are one size to a machinist.
bool SheetModel::isWrong(const SizeLine& size) const {
    const auto is = [&](const arrangement::Claim& claim) {
        return claim.part == size.part && claim.what == size.what &&
               std::abs(claim.value_mm - size.value_mm) < 2 * arrangement::kTouch_mm;
    };
    return std::any_of(m_contradictions.begin(), m_contradictions.end(),
                       [&](const arrangement::Contradiction& c) { return is(c.inner) || is(c.outer); });
}

std::vector<Dimension> SheetModel::wrongOfCatalogue() const {
    std::vector<Dimension> out;
    for (const auto& both : m_contradictions)
        for (const auto* claim : {&both.inner, &both.outer}) {
            const auto& part = m_assembly.parts[claim->part];
            if (!part.catalogue || claim->what == SizeLine::What::Length) continue;
            const auto& body = part.bodies[claim->body];
            const auto& slice = body.slices[claim->slice];
            const double rad = claim->value_mm / 2, z = body.z_mm + (slice.zBottom + slice.zTop) / 2;
            const auto text = q(words::shippedName(part.name())) + " Ø" + q(m_display.size(claim->value_mm).number);
            out.push_back({true, -rad, rad, z, text, false, false, true, -1});
        }
    return out;
}

/// Of a drawing in which nobody has typed a size yet, all are as good as each other.
bool SheetModel::somethingIsTyped() const {
    return std::any_of(m_sizes.begin(), m_sizes.end(), [](const SizeLine& line) { return line.typed; });
}

QString SheetModel::refusal(int row) const {
    return m_refused && m_refused->row == row ? m_refused->why : QString();
}

std::optional<std::pair<std::size_t, std::size_t>> SheetModel::seatOf(const SizeLine& size) const {
    if (size.what == SizeLine::What::Length) return std::nullopt;
    const auto& mine = m_assembly.parts[size.part].id;
    for (const auto& joint : m_assembly.pressed) {
        const bool hole = size.what == SizeLine::What::Bore;
        if ((hole ? joint.outer : joint.inner) != mine) continue;
        const auto outer = arrangement::indexOf(m_assembly, joint.outer),
                   inner = arrangement::indexOf(m_assembly, joint.inner);
        const auto touch = arrangement::touchOf(m_assembly.parts[*outer], m_assembly.parts[*inner]);
        if (touch && std::abs(touch->dia_mm - size.value_mm) < 2 * arrangement::kTouch_mm)
            return std::pair(*outer, *inner);
    }
    return std::nullopt;
}

int SheetModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

int SheetModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : Columns;
}

QVariant SheetModel::data(const QModelIndex& index, int role) const {
    const auto& row = m_rows.at(static_cast<std::size_t>(index.row()));
    const bool refused = m_refused && m_refused->row == index.row();
    const bool heads = row.line == Line::Name;
    switch (role) {
    case Qt::DisplayRole:
    case Qt::EditRole:
        if (index.column() == What) return row.label;
        if (index.column() == Value) return refused ? m_refused->typed : row.value;
        return refused ? m_refused->why : row.understood;
    case Qt::ToolTipRole:
        return refused ? m_refused->why : QVariant();
    case Qt::FontRole:
        return theme::typeface(heads && index.column() == Value ? theme::Text::Strong : theme::Text::Small);
    case Qt::ForegroundRole:
        if (refused && index.column() != What) return theme::roles().stop;
        return index.column() == Value ? theme::roles().ink : theme::roles().muted;
    case Qt::BackgroundRole:
        return heads ? QVariant(theme::roles().planPale) : QVariant();
    default:
        return {};
    }
}

Qt::ItemFlags SheetModel::flags(const QModelIndex& index) const {
    const auto base = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    return index.column() == Value ? base | Qt::ItemIsEditable : base;
}

bool SheetModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (role != Qt::EditRole || index.column() != Value) return false;
    const auto row = m_rows.at(static_cast<std::size_t>(index.row()));
    const auto typed = value.toString().trimmed();
    const bool confirms = row.line == Line::Size && !row.size.typed; // a proposed size, typed as it is
    if (typed == row.value && !confirms) {
        m_refused.reset();
        emit dataChanged(index, index.siblingAtColumn(Understood));
        return true;
    }
    auto next = taken(row, typed.toStdString());
    if (!next) {
        m_refused = Refused{index.row(), typed, q(words::say(next.error()))};
        emit dataChanged(index, index.siblingAtColumn(Understood));
        return true;
    }
    emit changed(*next);
    return true;
}

Result<Assembly> SheetModel::taken(const Row& row, const std::string& typed) const {
    auto next = m_assembly;
    switch (row.line) {
    case Line::Name:
        next.parts[row.part].label = typed;
        return next;
    case Line::Bearing:
        return arrangement::withBearing(m_assembly, row.part, typed, m_tables->bearings);
    case Line::Material: {
        const auto key = catalog::materialKey(m_tables->materials, typed);
        if (!key) return tl::unexpected(key.error());
        next.parts[row.part].material = *key;
        return next;
    }
    case Line::Size:
        return takenSize(row, typed);
    case Line::Seat:
        return words::withSeat(m_assembly, row.partner, row.part, withoutItsSize(row, typed));
    case Line::WayRound: {
        const auto way = words::parseWayRound(typed);
        if (!way) return tl::unexpected(way.error());
        next.parts[row.part].wayRound = *way;
        return next;
    }
    case Line::LinesUp:
        next.parts[row.part].linesUpWith = typed;
        return next;
    case Line::Lip:
        return words::parseLip(typed).map([&](const auto& lip) {
            next.parts[row.part].lip = lip;
            return next;
        });
    case Line::Once:
        return words::parseYesNo(typed, false).map([&](bool once) {
            next.parts[row.part].once = once;
            return next;
        });
    case Line::Lugs:
        return words::parseYesNo(typed, true).map([&](bool lugs) {
            next.parts[row.part].lugs = lugs;
            return next;
        });
    case Line::Screws:
        return words::withScrews(m_assembly, row.part, typed);
    }
    return next;
}

/// On the drawing the size of a seat may be typed before its classes: it is the bearing's, and stays.
std::string SheetModel::withoutItsSize(const Row& row, const std::string& typed) const {
    const auto touch = arrangement::touchOf(m_assembly.parts[row.partner], m_assembly.parts[row.part]);
    const auto blank = typed.find(' ');
    if (!touch || blank == std::string::npos) return typed;
    const auto size = io::parseLength(typed.substr(0, blank), m_unit_mm);
    const bool itsOwn = size && std::abs(*size - touch->dia_mm) < 2 * arrangement::kTouch_mm;
    return itsOwn ? typed.substr(blank + 1) : typed;
}

/// A size, the classes of its seat, or both: "62", "N7", "62 N7", "62 H7/s6".
Result<Assembly> SheetModel::takenSize(const Row& row, const std::string& typed) const {
    static const QRegularExpression form(
        "^(.*?)\\s*\\b([A-Za-z]{1,2}[0-9]{1,2}(?:\\s*/\\s*[A-Za-z]{1,2}[0-9]{1,2})?)$");
    const auto seat = seatOf(row.size);
    const auto split = form.match(q(typed));
    const bool classes = seat && split.hasMatch();
    auto size = classes ? split.captured(1).trimmed().toStdString() : typed;
    if (size.starts_with("Ø")) size.erase(0, std::string("Ø").size());
    auto next = Result<Assembly>(m_assembly);
    if (!size.empty()) {
        const auto length = io::parseLength(size, m_unit_mm);
        if (!length) return tl::unexpected(length.error());
        next = arrangement::withSize(m_assembly, row.size, *length);
    }
    if (!next || !classes) return next;
    return words::withSeat(*next, seat->first, seat->second, split.captured(2).toStdString());
}

} // namespace arbor::ui
