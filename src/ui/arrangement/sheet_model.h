#pragma once

#include "core/arrangement/contradiction.h"
#include "core/arrangement/edit.h"
#include "core/plan/plan.h"
#include "ui/bench/bench_scene.h"
#include "words/display.h"

#include <QAbstractTableModel>
#include <map>
#include <optional>
#include <vector>

namespace arbor::ui {

/// An arrangement line by line: each part with its name, its bearing or its sizes, its seats and its way round. Every
/// line is typed as a machinist writes it; what is refused stays as typed and says why.
class SheetModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { What, Value, Understood, Columns };
    enum class Line { Name, Bearing, Material, Size, Seat, WayRound, LinesUp, Lip, Once, Lugs, Screws };

    using QAbstractTableModel::QAbstractTableModel;

    /// @param assembly  resolved  @param materials  by key  @param typedUnit_mm  millimetres in the unit meant when
    /// none is written
    void show(const arrangement::Assembly& assembly, const tables::Tables& tables, words::Display display,
              double typedUnit_mm);
    std::size_t partOf(int row) const { return m_rows.at(static_cast<std::size_t>(row)).part; }
    const arrangement::SizeLine& sizeOf(int row) const { return m_rows.at(static_cast<std::size_t>(row)).size; }
    Line lineOf(int row) const { return m_rows.at(static_cast<std::size_t>(row)).line; }
    /// The place of a size on the section; nothing for lines that are no size.
    std::optional<Callout> callout(int row) const;
    /// The same as a dimension of the drawing, with the classes of its seat: "62 N7".
    std::optional<Dimension> dimension(int row) const;
    /// Sizes of bearings that contradict one of the drawing: no line has them, but the drawing marks them too.
    std::vector<Dimension> wrongOfCatalogue() const;
    QString refusal(int row) const; ///< why what was typed last into that line was not taken; empty: it was
    int firstRowOf(std::size_t part) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;

signals:
    /// A line was understood: the arrangement as it is with it.
    void changed(const arbor::arrangement::Assembly& assembly);

private:
    struct Row {
        Line line;
        std::size_t part;
        arrangement::SizeLine size = {};
        std::size_t partner = 0; ///< of a seat: what the part sits in
        QString label;
        QString value;
        QString understood;
    };
    struct Refused {
        int row;
        QString typed;
        QString why;
    };
    void addPart(std::size_t part);
    void addSpecial(std::size_t part);
    void addSeats(std::size_t part);
    Result<arrangement::Assembly> taken(const Row& row, const std::string& typed) const;
    bool somethingIsTyped() const;
    bool isWrong(const arrangement::SizeLine& size) const;
    std::optional<Dimension> seatDimension(const Row& line, int row) const;
    std::string withoutItsSize(const Row& row, const std::string& typed) const;
    Result<arrangement::Assembly> takenSize(const Row& row, const std::string& typed) const;
    /// The pressed seat a diameter is one side of: outer part, inner part.
    std::optional<std::pair<std::size_t, std::size_t>> seatOf(const arrangement::SizeLine& size) const;

    arrangement::Assembly m_assembly;
    std::vector<arrangement::SizeLine> m_sizes;
    std::vector<arrangement::Contradiction> m_contradictions;
    std::vector<QString> m_loadsFrom; ///< by part
    const tables::Tables* m_tables = nullptr;
    words::Display m_display;
    double m_unit_mm = 1;
    std::vector<Row> m_rows;
    std::optional<Refused> m_refused;
};

} // namespace arbor::ui
