#include "ui/materials/material_view.h"

#include "ui/stations/own_table.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "words/sentences.h"
#include "words/shipped_names.h"

#include <QKeyEvent>
#include <QPushButton>
#include <QTableWidget>
#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

using catalog::FrictionFamily;
using catalog::Material;

/// A figure of a material, and how many of its unit in the table are one inside.
struct Figure {
    double Material::*value;
    double unit;
};
const Figure kFigures[] = {{&Material::E_MPa, 1000},      {&Material::nu, 1},
                           {&Material::alpha_perK, 1e-6}, {&Material::yield_MPa, 1},
                           {&Material::density_kg_m3, 1}, {&Material::conductivity_W_mK, 1},
                           {&Material::heat_J_kgK, 1},    {&Material::ceiling_C, 1}};
constexpr int kFigureCount = 8, kName = 0, kFirstFigure = 1, kFamily = kFirstFigure + kFigureCount,
              kWhose = kFamily + 1;

QStringList headings() {
    return {
        QObject::tr("name"),       QObject::tr("E GPa"),       QObject::tr("ν"),     QObject::tr("expansion µm/m K"),
        QObject::tr("yield MPa"),  QObject::tr("kg/m³"),       QObject::tr("W/m K"), QObject::tr("J/kg K"),
        QObject::tr("ceiling °C"), QObject::tr("friction as"), QObject::tr("whose")};
}

QString familyText(FrictionFamily family) {
    switch (family) {
    case FrictionFamily::Steel:
        return QObject::tr("steel");
    case FrictionFamily::CastIron:
        return QObject::tr("cast iron");
    case FrictionFamily::Aluminium:
        return QObject::tr("aluminium");
    }
    return {};
}

std::optional<FrictionFamily> familyIn(const QString& typed) {
    for (const auto family : {FrictionFamily::Steel, FrictionFamily::CastIron, FrictionFamily::Aluminium})
        if (typed.trimmed().compare(familyText(family), Qt::CaseInsensitive) == 0) return family;
    return std::nullopt;
}

/// To four places, so that what was typed is shown: a ratio of 0.275 is not 0.28.
std::string asTyped(double value) {
    return plain(std::round(value * 1e4) / 1e4);
}

/// A material with one cell typed anew; nothing where that is none.
std::optional<Material> with(Material material, int column, const QString& typed) {
    if (column == kName) {
        material.name = typed.trimmed().toStdString();
        return material.name.empty() ? std::nullopt : std::optional(material);
    }
    if (column == kFamily) {
        const auto family = familyIn(typed);
        if (!family) return std::nullopt;
        material.family = *family;
        return material;
    }
    const auto value = numberIn(typed);
    if (!value) return std::nullopt;
    const auto& figure = kFigures[column - kFirstFigure];
    material.*figure.value = *value * figure.unit;
    return material;
}

} // namespace

MaterialView::MaterialView(QWidget* parent) : QWidget(parent) {
    setObjectName("materialView");
    setAttribute(Qt::WA_StyledBackground);
    const auto [table, another] = layOutOwnTable(this,
                                                 {"material", tr("Materials"),
                                                  tr("Those that ship have usual design values and stay as they are. "
                                                     "Insert makes one of this shop’s own like the "
                                                     "row you stand on: type its name and figures over it, from its "
                                                     "maker’s sheet. Delete takes an own one away."),
                                                  tr("One of our own   Ins")},
                                                 kWhose + 1);
    m_table = table;
    m_table->setHorizontalHeaderLabels(headings());
    connect(another, &QPushButton::clicked, this, &MaterialView::add);
    connect(m_table, &QTableWidget::itemChanged, this, &MaterialView::take);
}

void MaterialView::open(catalog::Materials materials) {
    m_materials = std::move(materials);
    fill();
    m_table->setCurrentCell(0, kName);
    m_table->setFocus();
}

void MaterialView::fill() {
    const QSignalBlocker quiet(m_table);
    m_keys.clear();
    for (const bool own : {false, true})
        for (const auto& [key, material] : m_materials)
            if (material.own == own) m_keys.push_back(key);
    m_table->setRowCount(static_cast<int>(m_keys.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const auto& material = m_materials.at(m_keys[static_cast<std::size_t>(row)]);
        QStringList texts{q(words::shippedName(material.name))};
        for (const auto& figure : kFigures)
            texts << q(asTyped(material.*figure.value / figure.unit));
        texts << familyText(material.family) << (material.own ? tr("this shop’s") : tr("ships with the program"));
        showRow(m_table, row, texts, material.own, material.own);
    }
    m_table->resizeColumnsToContents();
}

int MaterialView::rowOf(const std::string& key) const {
    return static_cast<int>(std::find(m_keys.begin(), m_keys.end(), key) - m_keys.begin());
}

void MaterialView::take(QTableWidgetItem* item) {
    const auto& key = m_keys.at(static_cast<std::size_t>(item->row()));
    const auto material = with(m_materials.at(key), item->column(), item->text());
    auto next = m_materials;
    if (material) next.at(key) = *material;
    const auto good =
        material ? catalog::checkMaterials(next)
                 : refuse(ProblemCode::Malformed, headings()[item->column()].toStdString(), item->text().toStdString(),
                          wanted("a name, a number, or steel, cast iron, aluminium"));
    if (!good) {
        emit trouble(q(words::say(good.error())));
        return fill();
    }
    emit trouble({});
    m_materials = std::move(next);
    fill();
    emit changed(m_materials);
}

/// Its name must be its own before the shop keeps it, so it is made with one.
void MaterialView::add() {
    const auto row = static_cast<std::size_t>(std::max(0, m_table->currentRow()));
    if (row >= m_keys.size()) return;
    auto material = m_materials.at(m_keys[row]);
    material.own = true;
    std::string key;
    int number = 0;
    do
        key = "own_" + std::to_string(++number);
    while (m_materials.contains(key));
    material.name = words::shippedName(material.name) + ", " + tr("ours").toStdString() +
                    (number > 1 ? " " + std::to_string(number) : std::string());
    m_materials.emplace(key, std::move(material));
    fill();
    m_table->setCurrentCell(rowOf(key), kName);
    m_table->setFocus();
    emit changed(m_materials);
}

void MaterialView::removeAt(int row) {
    if (row < 0 || row >= static_cast<int>(m_keys.size())) return;
    const auto key = m_keys[static_cast<std::size_t>(row)];
    if (!m_materials.at(key).own) return emit trouble(tr("This one ships with the program."));
    m_materials.erase(key);
    fill();
    m_table->setCurrentCell(std::min(row, m_table->rowCount() - 1), kName);
    emit changed(m_materials);
}

void MaterialView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    if (event->key() == Qt::Key_Insert) return add();
    if (event->key() == Qt::Key_Delete) return removeAt(m_table->currentRow());
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
