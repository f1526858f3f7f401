#pragma once

#include "core/base/result.h"
#include "core/section/body.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace arbor::catalog {

enum class ToolKind { Sleeve, Disc, Support, Spacer };

/// A turned tool of the rack: a tube, closed by a wider or equal head when headThick_mm > 0. Sizes in mm.
struct Tool {
    std::string id;
    ToolKind kind = ToolKind::Sleeve;
    std::string name;
    double outsideDia_mm = 0;
    double boreDia_mm = 0; ///< 0: solid
    double length_mm = 0;  ///< over all
    double headDia_mm = 0;
    double headThick_mm = 0;
    std::string place;
};

enum class GaugeUnit { Bar, MegaPascal, Psi, TonneForce, ShortTon };

/// A press as the shop knows it. Sizes in mm, forces in N.
struct Press {
    std::string id;
    std::string name;
    double capacity_N = 0;
    double ramFootDia_mm = 0;
    double stroke_mm = 0;
    std::vector<double> notchDaylight_mm; ///< opening between raised ram and bed at each bed notch, first notch first
    double bedOpening_mm = 0;             ///< width of the gap in the bed
    double pistonDia_mm = 0;              ///< 0: no gauge
    GaugeUnit gaugeUnit = GaugeUnit::Bar;
    double stiffness_N_per_mm = 20'000; ///< frame and stack
};

struct Rack {
    std::vector<Tool> tools;
    std::vector<Press> presses;

    const Tool* tool(const std::string& id) const;
    const Press* press(const std::string& id) const;
};

/// Reads a rack: id,kind,name,outside_mm,bore_mm,length_mm,head_dia_mm,head_mm,place.
/// @errors as CsvTable, Duplicate (id), NotPositive, GeometryOrder (bore not smaller than outside), UnknownName (kind)
Result<std::vector<Tool>> parseTools(std::string_view csv);

/// Reads {"presses": [...]}. @errors Malformed, NotPositive, UnknownName (gauge unit)
Result<std::vector<Press>> parsePresses(std::string_view json);

/// The tool as a body standing on z = 0, open end down.
section::Body toolBody(const Tool& tool);

} // namespace arbor::catalog
