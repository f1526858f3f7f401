"""Reads a drawing with a library the program does not use and says what it holds, as JSON."""
import json
import sys

import ezdxf

document = ezdxf.readfile(sys.argv[1])
space = document.modelspace()
lines = [[line.dxf.start.x, line.dxf.start.y, line.dxf.end.x, line.dxf.end.y]
         for line in space.query('LINE[layer=="OUTLINE"]')]
dimensions = []
for dimension in space.query("DIMENSION"):
    start, end = dimension.dxf.defpoint2, dimension.dxf.defpoint3
    across = round(dimension.dxf.get("angle", 0)) == 90
    dimensions.append({
    "across" : across, "size" : abs(end.y - start.y) if across else abs(end.x - start.x), "text" : dimension.dxf.text})
print(json.dumps({"units": document.header.get("$INSUNITS"), "lines": lines, "dimensions": dimensions,
                  "words": [text.dxf.text for text in space.query("TEXT")]}))
