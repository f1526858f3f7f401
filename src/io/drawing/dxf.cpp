#include "io/drawing/turned_drawing.h"

#include <dxflib/dl_dxf.h>
#include <memory>
#include <numbers>

namespace arbor::io {

namespace {

const char* layerOf(Pen pen) {
    switch (pen) {
    case Pen::Outline:
        return "OUTLINE";
    case Pen::Axis:
        return "AXIS";
    case Pen::Frame:
        return "TEXT";
    }
    return "0";
}

/// One drawing being written. The library wants its sections in this order, each opened and closed.
class DxfSheet {
public:
    explicit DxfSheet(const std::string& path) : m_writer(m_dxf.out(path.c_str(), DL_Codes::AC1015)) {}
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
        DL_StyleData style("standard", 0, 0.0, 1.0, 0.0, 0, kDrawingText_mm, "txt", "");
        style.bold = false;
        style.italic = false;
        m_dxf.writeStyle(*m_writer, style);
        m_writer->tableEnd();
        m_dxf.writeView(*m_writer);
        m_dxf.writeUcs(*m_writer);
        m_writer->tableAppid(1);
        m_dxf.writeAppid(*m_writer, "ACAD");
        m_writer->tableEnd();
        m_dxf.writeDimStyle(*m_writer, kDrawingText_mm, 1.25, 0.625, 0.9, kDrawingText_mm);
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

    void line(const DrawnLine& l) {
        m_dxf.writeLine(*m_writer, DL_LineData(l.x1, l.y1, 0, l.x2, l.y2, 0), on(layerOf(l.pen)));
    }

    void dimension(const Dimension& d) {
        // An empty text shows the measured size; "<>" stands for it.
        const auto text = std::string(d.diameter ? "%%c" : "") + "<>" + (d.after.empty() ? "" : " " + d.after);
        const DL_DimensionData data(d.atX, d.atY, 0, (d.x1 + d.x2) / 2, (d.y1 + d.y2) / 2, 0, 0, 5, 1, 1.0, text,
                                    "Standard", 0);
        const double angle = d.across ? std::numbers::pi / 2 : 0;
        m_dxf.writeDimLinear(*m_writer, data, DL_DimLinearData(d.x1, d.y1, 0, d.x2, d.y2, 0, angle, 0),
                             on("DIMENSIONS"));
    }

    void words(const DrawnText& t) {
        m_dxf.writeText(*m_writer,
                        DL_TextData(t.x, t.y, 0, t.x, t.y, 0, kDrawingText_mm, 1, 0, 0, 0, t.text, "standard", 0),
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

} // namespace

Result<void> writeDxf(const std::string& path, const Drawing& drawing) {
    DxfSheet sheet(path);
    if (!sheet.good())
        return tl::unexpected(Problem{ProblemCode::Unwritable, {}, {}, wanted("a folder that can be written"), path});
    sheet.open();
    for (const auto& line : drawing.lines)
        sheet.line(line);
    for (const auto& dimension : drawing.dimensions)
        sheet.dimension(dimension);
    for (const auto& text : drawing.texts)
        sheet.words(text);
    sheet.close();
    return {};
}

} // namespace arbor::io
