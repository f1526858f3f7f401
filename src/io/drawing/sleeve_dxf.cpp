#include "io/drawing/sleeve_dxf.h"

#include <dxflib/dl_dxf.h>
#include <fmt/format.h>
#include <memory>
#include <numbers>

namespace arbor::io {

namespace {

constexpr double kText_mm = 3.5;

/// One drawing being written. The library wants its sections in this order, each opened and closed.
class Sheet {
public:
    explicit Sheet(const std::string& path) : m_writer(m_dxf.out(path.c_str(), DL_Codes::AC1015)) {}
    bool good() const { return m_writer != nullptr; }

    void open() {
        m_dxf.writeHeader(*m_writer);
        m_writer->dxfString(9, "$INSUNITS");
        m_writer->dxfInt(70, 4); // millimetres
        m_writer->sectionEnd();
        m_writer->sectionTables();
        m_dxf.writeVPort(*m_writer);
        writeLinetypes();
        writeLayers();
        m_writer->table("STYLE", 1);
        DL_StyleData style("standard", 0, 0.0, 1.0, 0.0, 0, kText_mm, "txt", "");
        style.bold = false;
        style.italic = false;
        m_dxf.writeStyle(*m_writer, style);
        m_writer->tableEnd();
        m_dxf.writeView(*m_writer);
        m_dxf.writeUcs(*m_writer);
        m_writer->tableAppid(1);
        m_dxf.writeAppid(*m_writer, "ACAD");
        m_writer->tableEnd();
        m_dxf.writeDimStyle(*m_writer, kText_mm, 1.25, 0.625, 0.9, kText_mm);
        m_dxf.writeBlockRecord(*m_writer);
        m_writer->sectionEnd();
        m_writer->sectionBlocks();
        for (const char* block : {"*Model_Space", "*Paper_Space", "*Paper_Space0"}) {
            m_dxf.writeBlock(*m_writer, DL_BlockData(block, 0, 0.0, 0.0, 0.0));
            m_dxf.writeEndBlock(*m_writer, block);
        }
        m_writer->sectionEnd();
        m_writer->sectionEntities();
    }

    void close() {
        m_writer->sectionEnd();
        m_dxf.writeObjects(*m_writer);
        m_dxf.writeObjectsEnd(*m_writer);
        m_writer->dxfEOF();
        m_writer->close();
    }

    void line(double x1, double y1, double x2, double y2, const char* layer = "OUTLINE") {
        m_dxf.writeLine(*m_writer, DL_LineData(x1, y1, 0, x2, y2, 0), on(layer));
    }

    /// A dimension between two points, its line through (atX, atY). @param along  0 degrees: along x, 90: across
    void dimension(double x1, double y1, double x2, double y2, double atX, double atY, double along,
                   const std::string& text) {
        const DL_DimensionData data(atX, atY, 0, (x1 + x2) / 2, (y1 + y2) / 2, 0, 0, 5, 1, 1.0, text, "Standard", 0);
        m_dxf.writeDimLinear(*m_writer, data, DL_DimLinearData(x1, y1, 0, x2, y2, 0, along * std::numbers::pi / 180, 0),
                             on("DIMENSIONS"));
    }

    void words(double x, double y, const std::string& text) {
        m_dxf.writeText(*m_writer, DL_TextData(x, y, 0, x, y, 0, kText_mm, 1, 0, 0, 0, text, "standard", 0),
                        on("TEXT"));
    }

private:
    static DL_Attributes on(const char* layer) {
        return {layer, 256, -1, std::string(layer) == "AXIS" ? "CENTER" : "BYLAYER", 1.0};
    }

    void writeLinetypes() {
        m_writer->tableLinetypes(4);
        for (const char* name : {"BYBLOCK", "BYLAYER", "CONTINUOUS", "CENTER"})
            m_dxf.writeLinetype(*m_writer, DL_LinetypeData(name, name, 0, 0, 0.0));
        m_writer->tableEnd();
    }

    void writeLayers() {
        m_writer->tableLayers(5);
        for (const char* name : {"0", "OUTLINE", "AXIS", "DIMENSIONS", "TEXT"})
            m_dxf.writeLayer(*m_writer, DL_LayerData(name, 0),
                             DL_Attributes("", DL_Codes::black, 100, "CONTINUOUS", 1.0));
        m_writer->tableEnd();
    }

    DL_Dxf m_dxf;
    std::unique_ptr<DL_WriterA> m_writer;
};

std::string deviations(const Limits& d) {
    return fmt::format("{:+.2f}/{:+.2f}", d.upper, d.lower);
}

/// Both halves of the section: pushing face at x = 0, closed end at the right.
void outline(Sheet& sheet, const tooling::TurnedSleeve& s) {
    const auto& t = s.tool;
    const double tube = t.length_mm - t.headThick_mm, c = s.chamfer_mm;
    for (const double side : {1.0, -1.0}) {
        const double outer = side * t.outsideDia_mm / 2, inner = side * t.boreDia_mm / 2,
                     head = side * t.headDia_mm / 2;
        sheet.line(0, inner, 0, outer - side * c);
        sheet.line(0, outer - side * c, c, outer);
        sheet.line(c, outer, tube, outer);
        sheet.line(tube, outer, tube, head);
        sheet.line(tube, head, t.length_mm, head);
        sheet.line(t.length_mm, head, t.length_mm, 0);
        sheet.line(0, inner, tube, inner);
        sheet.line(tube, inner, tube, 0);
    }
    sheet.line(-5, 0, t.length_mm + 5, 0, "AXIS");
}

void dimensions(Sheet& sheet, const tooling::TurnedSleeve& s) {
    const auto& t = s.tool;
    const double outer = t.outsideDia_mm / 2, inner = t.boreDia_mm / 2, head = t.headDia_mm / 2;
    const double tube = t.length_mm - t.headThick_mm, below = -head - 12;
    // An empty text shows the measured size; "<>" stands for it.
    sheet.dimension(0, -inner, 0, inner, -12, 0, 90, "%%c<> " + deviations(s.bore_mm));
    sheet.dimension(0, -outer, 0, outer, -24, 0, 90, "%%c<> " + deviations(s.outside_mm));
    sheet.dimension(t.length_mm, -head, t.length_mm, head, t.length_mm + 14, 0, 90, "%%c<>");
    sheet.dimension(tube, -head, t.length_mm, -head, tube, below, 0, "<>");
    sheet.dimension(0, -outer, t.length_mm, -head, 0, below - 12, 0, "<> " + deviations(s.length_mm));
}

void titleBlock(Sheet& sheet, const tooling::TurnedSleeve& s, const TitleBlock& block) {
    const double top = -s.tool.headDia_mm / 2 - 40;
    const std::string lines[] = {
        block.title,
        block.job + "   " + block.shop,
        fmt::format("carbon steel, round bar {:g} x {:g} mm", s.barDia_mm, s.barLength_mm),
        fmt::format("both faces square to the axis within {:g} mm, edges broken, pushing face chamfered {:g} mm",
                    s.square_mm, s.chamfer_mm),
        "sizes in mm; advises and does not certify",
    };
    double y = top;
    for (const auto& text : lines) {
        sheet.words(-24, y, text);
        y -= 2 * kText_mm;
    }
    sheet.line(-28, top + 2 * kText_mm, s.tool.length_mm + 40, top + 2 * kText_mm, "TEXT");
}

} // namespace

Result<void> writeSleeveDxf(const std::string& path, const tooling::TurnedSleeve& sleeve, const TitleBlock& block) {
    Sheet sheet(path);
    if (!sheet.good())
        return tl::unexpected(Problem{ProblemCode::Unwritable, {}, {}, "a folder that can be written", path});
    sheet.open();
    outline(sheet, sleeve);
    dimensions(sheet, sleeve);
    titleBlock(sheet, sleeve, block);
    sheet.close();
    return {};
}

} // namespace arbor::io
