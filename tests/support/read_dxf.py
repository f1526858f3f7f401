"""Reads a drawing with a library the program does not use and says what it holds, as JSON."""
import json
import sys

import ezdxf

document = ezdxf.readfile(sys.argv[1])
audit = document.audit()
space = document.modelspace()
lines = [[line.dxf.start.x, line.dxf.start.y, line.dxf.end.x, line.dxf.end.y]
         for line in space.query('LINE[layer=="OUTLINE"]')]
dimensions = []
for dimension in space.query("DIMENSION"):
    start, end = dimension.dxf.defpoint2, dimension.dxf.defpoint3
    across = round(dimension.dxf.get("angle", 0)) == 90
    dimensions.append({
    "across" : across, "size" : abs(end.y - start.y) if across else abs(end.x - start.x), "text" : dimension.dxf.text})
print(json.dumps({"faults": [entry.message for entry in audit.errors + audit.fixes],
                  "linetypes": {layer.dxf.name: layer.dxf.linetype for layer in document.layers},
                  "dashes": {kind.dxf.name: len(kind.pattern_tags.tags) for kind in document.linetypes},
                  "drawn": [len(document.blocks.get(dimension.dxf.geometry)) for dimension in space.query("DIMENSION")],
                  "units": document.header.get("$INSUNITS"), "lines": lines, "dimensions": dimensions,
                  "words": [text.dxf.text for text in space.query("TEXT")]}))
