#!/usr/bin/env python3
"""Writes demo/past_presses.json: some two hundred made-up presses of the demo shop, the same every time.

Every figure is drawn from a fixed random stream around what the product's own formulas give for such a seat.
Usage: tools/make_past_presses.py [count] > demo/past_presses.json
"""
import datetime
import json
import random
import sys

# what, position, shape of work, bearing, its type, bore, seat, force expected just before home [N], share that goes
# wrong, how warm the outer part goes in [degC], 0: cold
PLACES = [
    ("Seamer turret · upper bearing", "turret, upper", "A", "3206", "double_row_angular_ball", "62 N7", "grey_cast_iron", 1400, 0.05, 0),
    ("Seamer turret · lower bearing", "turret, lower", "A", "3206", "double_row_angular_ball", "62 N7", "grey_cast_iron", 1500, 0.06, 0),
    ("Retort trolley roller", "trolley 4, rear left", "E", "6204", "deep_groove_ball", "47 M7", "aluminium", 900, 0.12, 95),
    ("Conveyor tail drum · idle end cups", "tail end, idle side", "C", "32208", "taper_roller", "80 P7", "grey_cast_iron", 5200, 0.08, 0),
    ("Conveyor tail drum · drive end cups", "tail end, drive side", "C", "32208", "taper_roller", "80 P7", "grey_cast_iron", 5400, 0.25, 0),
    ("Filler pump shaft", "drive end", "F", "6306", "deep_groove_ball", "30 k6", "carbon_steel", 2600, 0.05, 0),
    ("Labeller pulley · pair on a spacer", "labeller, idler", "D", "32006", "taper_roller", "55 N7", "grey_cast_iron", 2300, 0.10, 0),
    ("Exhaust fan carrier", "fan 2, drive end", "G", "6205", "deep_groove_ball", "52 N7", "carbon_steel", 2200, 0.04, 110),
    ("Brine agitator · hub", "tank 3", "H", "32009", "taper_roller", "75 P7", "grey_cast_iron", 4300, 0.18, 90),
]
PEOPLE = ["Ilse Marden", "Piet Oduya", "Wren Halloran"]
TOOLS = ["P30 R05 S14", "P30 R03 S12", "P30 R04 S18", "P2 S05", "P30 R05 S20", "P30 S22"]
TROUBLE = [("not_home", "short", "chip under the ring at 7 o'clock, lifted out and cleaned"),
           ("tilted", "cocked_start", "started crooked, bore dressed"),
           ("not_judged", "galling", "picked up halfway, bore scored"),
           ("home_and_square", "above_band", "bore smaller than the drawing, went home hard"),
           ("home_and_square", "loose", "bore worn, sleeve next time")]
NOTES = ["went in straight", "housing warmed a little", "old ring kept as a driver", "shoulder cleaned twice", ""]


def press(stream, warmth, number, day):
    what, position, shape, bearing, family, bore, seat, expected, bad_share, warm = stream.choice(PLACES)
    bad = stream.random() < bad_share
    verdict, trace, note = stream.choice(TROUBLE) if bad else ("home_and_square", "home", stream.choice(NOTES))
    friction = stream.gauss(0.104 if seat != "aluminium" else 0.085, 0.007)
    expected = expected * stream.uniform(0.85, 1.2)
    # The prediction stands at the middle of the book's band; the shop's own friction moves the force.
    peak = expected * friction / 0.105 * stream.gauss(1, 0.04) * {"above_band": 1.9, "loose": 0.2}.get(trace, 1)
    when = f"{day.isoformat()}T{stream.randint(7, 16):02d}:{stream.randint(0, 59):02d}:00"
    job = f"A-{number:04d}"  # the shop's earlier numbering
    return {
        "id": f"{job}@{when}", "job": job, "title": what, "position": position, "shape": shape, "customer": "Harrow Bay Cannery", "bearing": bearing,
        "family": family, "bore": bore, "who": stream.choice(PEOPLE), "when": when, "notes": note,
        "tools": stream.choice(TOOLS), "verdict": verdict, "press_verdict": trace, "seat_material": seat,
        "lubricant": "light_oil", "interference_um": round(stream.uniform(8, 24), 1), "expected_N": round(expected),
        "peak_N": round(peak), "friction": round(friction, 4) if trace == "home" else None,
        "rise_um": round(abs(stream.gauss(0, 4)) + (25 if verdict == "tilted" else 0), 1),
        "outer_degC": round(warm + warmth.gauss(0, 3), 1) if warm else None, "inner_degC": 20.0 if warm else None,
        "minutes": round(stream.uniform(35, 70) * (2 if bad else 1)), "document": "{}",
    }


def main():
    count = int(sys.argv[1]) if len(sys.argv) > 1 else 200
    stream, warmth = random.Random(20261126), random.Random(20261127)
    day = datetime.date(2024, 1, 8)
    all_presses = []
    for n in range(count):
        day += datetime.timedelta(days=stream.choice([1, 2, 3, 5, 8]))
        all_presses.append(press(stream, warmth, 10 + n, day))
    print("[\n" + ",\n".join(json.dumps(p, ensure_ascii=False) for p in all_presses) + "\n]")


if __name__ == "__main__":
    main()
