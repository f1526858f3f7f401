#include "io/drawing/flat.h"

#include <fmt/format.h>

namespace arbor::io {

namespace {

std::string escaped(const std::string& text) {
    std::string out;
    for (const char c : text)
        out += c == '&' ? "&amp;" : c == '<' ? "&lt;" : c == '>' ? "&gt;" : std::string(1, c);
    return out;
}

} // namespace

std::string svgOf(const Drawing& drawing) {
    const auto flat = flatten(drawing);
    std::string out = fmt::format("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{0:g}mm\" height=\"{1:g}mm\" "
                                  "viewBox=\"0 0 {0:g} {1:g}\" font-family=\"sans-serif\" font-size=\"{2:g}\">\n"
                                  "<rect width=\"{0:g}\" height=\"{1:g}\" fill=\"#fff\"/>\n",
                                  flat.width, flat.height, kDrawingText_mm);
    for (const auto& s : flat.strokes)
        out += fmt::format(
            "<line x1=\"{:g}\" y1=\"{:g}\" x2=\"{:g}\" y2=\"{:g}\" stroke=\"#000\" stroke-width=\"{:g}\" "
            "stroke-linecap=\"round\"{}/>\n",
            s.x1, s.y1, s.x2, s.y2, penWidth_mm(s.pen), s.pen == Pen::Axis ? " stroke-dasharray=\"6 1 1 1\"" : "");
    for (const auto& a : flat.arrows)
        out += fmt::format("<path d=\"M{:g} {:g} L{:g} {:g} L{:g} {:g} z\" fill=\"#000\"/>\n", a.tipX, a.tipY, a.leftX,
                           a.leftY, a.rightX, a.rightY);
    for (const auto& w : flat.words)
        out += fmt::format("<text x=\"{0:g}\" y=\"{1:g}\" text-anchor=\"{2}\"{3}>{4}</text>\n", w.x, w.y,
                           w.middle ? "middle" : "start",
                           w.upright ? fmt::format(" transform=\"rotate(-90 {:g} {:g})\"", w.x, w.y) : "",
                           escaped(w.text));
    return out + "</svg>\n";
}

} // namespace arbor::io
