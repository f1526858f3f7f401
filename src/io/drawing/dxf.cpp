#include "io/drawing/flat.h"

#include <cstdio>
#include <dxflib/dl_writer_ascii.h>
#include <fmt/format.h>
#include <memory>

namespace arbor::io {

namespace {

/// A layer with the type of its lines.
struct Layer {
    const char* name;
    const char* linetype;
};
constexpr Layer kLayers[] = {{"0", "CONTINUOUS"},
                             {"OUTLINE", "CONTINUOUS"},
                             {"AXIS", "CENTER"},
                             {"DIMENSIONS", "CONTINUOUS"},
                             {"TEXT", "CONTINUOUS"}};
constexpr double kArrowHead_mm = 2.5;

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

/// In the format's code page 1252, and in its own way where that lacks a letter: \U+2300. @param text  UTF-8
std::string inCodePage(const std::string& text) {
    std::string out;
    for (std::size_t i = 0; i < text.size();) {
        const auto lead = static_cast<unsigned char>(text[i]);
        const std::size_t count = lead < 0x80 ? 1 : lead < 0xE0 ? 2 : lead < 0xF0 ? 3 : 4;
        unsigned code = count == 1 ? lead : lead & (0xFFu >> (count + 1));
        for (std::size_t k = 1; k < count && i + k < text.size(); ++k)
            code = code << 6 | (static_cast<unsigned char>(text[i + k]) & 0x3Fu);
        const bool there = code < 0x80 || (code >= 0xA0 && code <= 0xFF);
        out += there ? std::string(1, static_cast<char>(code)) : fmt::format("\\U+{:04X}", code);
        i += count;
    }
    return out;
}

/// One drawing being written as release 12 of the format, which every reader knows and which needs no handles and no
/// owners. Each dimension has a block with its picture: without one a reader throws it away.
class DxfSheet {
public:
    explicit DxfSheet(const std::string& path) : m_out(path.c_str(), DL_Codes::AC1009) {}
    bool failed() const { return m_out.openFailed(); }

    void header() const {
        m_out.sectionHeader();
        m_out.dxfString(9, "$ACADVER");
        m_out.dxfString(1, "AC1009");
        m_out.dxfString(9, "$DWGCODEPAGE");
        m_out.dxfString(3, "ANSI_1252");
        m_out.dxfString(9, "$INSUNITS");
        m_out.dxfInt(70, 4); // millimetres
        m_out.sectionEnd();
    }

    void tables() const {
        m_out.sectionTables();
        table("LTYPE", 2);
        linetype("CONTINUOUS", "Solid line", {});
        linetype("CENTER", "Center ____ _ ____ _", {31.75, -6.35, 6.35, -6.35});
        m_out.tableEnd();
        table("LAYER", static_cast<int>(std::size(kLayers)));
        for (const auto& layer : kLayers) {
            entry("LAYER", layer.name);
            m_out.dxfInt(62, 7);
            m_out.dxfString(6, layer.linetype);
        }
        m_out.tableEnd();
        table("STYLE", 1);
        entry("STYLE", "STANDARD");
        for (const auto& [code, value] : {std::pair{40, 0.0}, {41, 1.0}, {50, 0.0}, {42, kDrawingText_mm}})
            m_out.dxfReal(code, value);
        m_out.dxfInt(71, 0);
        m_out.dxfString(3, "txt");
        m_out.dxfString(4, "");
        m_out.tableEnd();
        table("DIMSTYLE", 1);
        entry("DIMSTYLE", "STANDARD");
        for (const auto& [code, value] :
             {std::pair{40, 1.0}, {41, kArrowHead_mm}, {42, 0.625}, {44, 1.25}, {140, kDrawingText_mm}})
            m_out.dxfReal(code, value);
        m_out.tableEnd();
        m_out.sectionEnd();
    }

    void blocks(const Drawing& drawing) const {
        m_out.sectionBlocks();
        int number = 0;
        for (const auto& d : drawing.dimensions) {
            const auto name = blockOf(number++);
            on("BLOCK", "DIMENSIONS");
            m_out.dxfString(2, name);
            m_out.dxfInt(70, 1); // made by a program, without a name of its own
            m_out.coord(10, 0, 0);
            m_out.dxfString(3, name);
            picture(flatten(d));
            on("ENDBLK", "DIMENSIONS");
        }
        m_out.sectionEnd();
    }

    void entities(const Drawing& drawing) const {
        m_out.sectionEntities();
        for (const auto& l : drawing.lines)
            line(l.x1, l.y1, l.x2, l.y2, layerOf(l.pen));
        int number = 0;
        for (const auto& d : drawing.dimensions)
            dimension(d, blockOf(number++));
        for (const auto& t : drawing.texts)
            words(t.x, t.y, t.text, "TEXT");
        m_out.sectionEnd();
        m_out.dxfEOF();
        m_out.close();
    }

private:
    static std::string blockOf(int number) { return fmt::format("*D{}", number); }

    void table(const char* name, int entries) const {
        m_out.dxfString(0, "TABLE");
        m_out.dxfString(2, name);
        m_out.dxfInt(70, entries);
    }
    void entry(const char* kind, const char* name) const {
        m_out.dxfString(0, kind);
        m_out.dxfString(2, name);
        m_out.dxfInt(70, 0);
    }
    void linetype(const char* name, const char* shown, std::initializer_list<double> dashes) const {
        entry("LTYPE", name);
        m_out.dxfString(3, shown);
        m_out.dxfInt(72, 65);
        m_out.dxfInt(73, static_cast<int>(dashes.size()));
        double length = 0;
        for (const double dash : dashes)
            length += std::abs(dash);
        m_out.dxfReal(40, length);
        for (const double dash : dashes)
            m_out.dxfReal(49, dash);
    }
    void on(const char* kind, const char* layer) const {
        m_out.dxfString(0, kind);
        m_out.dxfString(8, layer);
    }
    void line(double x1, double y1, double x2, double y2, const char* layer) const {
        on("LINE", layer);
        m_out.coord(10, x1, y1);
        m_out.coord(11, x2, y2);
    }
    void words(double x, double y, const std::string& text, const char* layer, bool middle = false,
               bool upright = false) const {
        on("TEXT", layer);
        m_out.coord(10, x, y);
        m_out.dxfReal(40, kDrawingText_mm);
        m_out.dxfString(1, inCodePage(text));
        if (upright) m_out.dxfReal(50, 90);
        if (!middle) return;
        m_out.dxfInt(72, 1); // centred, at
        m_out.coord(11, x, y);
    }
    void picture(const Flat& flat) const {
        for (const auto& s : flat.strokes)
            line(s.x1, s.y1, s.x2, s.y2, "DIMENSIONS");
        for (const auto& a : flat.arrows) {
            on("SOLID", "DIMENSIONS");
            m_out.coord(10, a.tipX, a.tipY);
            m_out.coord(11, a.leftX, a.leftY);
            m_out.coord(12, a.rightX, a.rightY);
            m_out.coord(13, a.rightX, a.rightY);
        }
        for (const auto& w : flat.words)
            words(w.x, w.y, w.text, "DIMENSIONS", w.middle, w.upright);
    }
    /// "<>" stands for the size a reader measures itself.
    void dimension(const Dimension& d, const std::string& block) const {
        const auto text = std::string(d.diameter ? "%%c" : "") + "<>" + (d.after.empty() ? "" : " " + d.after);
        on("DIMENSION", "DIMENSIONS");
        m_out.dxfString(2, block);
        m_out.dxfString(3, "STANDARD");
        m_out.coord(10, d.atX, d.atY);
        m_out.coord(11, (d.x1 + d.x2) / 2, (d.y1 + d.y2) / 2);
        m_out.dxfInt(70, 0);
        m_out.dxfString(1, inCodePage(text));
        m_out.coord(13, d.x1, d.y1);
        m_out.coord(14, d.x2, d.y2);
        m_out.dxfReal(50, d.across ? 90 : 0);
    }

    DL_WriterA m_out;
};

} // namespace

Result<void> writeDxf(const std::string& path, const Drawing& drawing) {
    const DxfSheet sheet(path);
    if (sheet.failed())
        return tl::unexpected(Problem{ProblemCode::Unwritable, {}, {}, wanted("a folder that can be written"), path});
    sheet.header();
    sheet.tables();
    sheet.blocks(drawing);
    sheet.entities(drawing);
    return {};
}

} // namespace arbor::io
