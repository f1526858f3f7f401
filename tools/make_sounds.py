#!/usr/bin/env python3
"""Makes the sounds of the alarms, one a kind, in data/sounds/. Told apart by rhythm and by which way the tone goes, so
that they are known over a running machine and by somebody who does not hear high tones.
  tools/make_sounds.py data/sounds
"""
import array
import math
import sys
import wave

RATE_HZ = 22050
EDGE_S = 0.012  # of each tone: none begins or ends with a click

# Tones as (frequency Hz, seconds); 0 Hz is silence. A square's third harmonic carries through noise.
SOUNDS = {
    "ready": [(523, 0.16), (0, 0.04), (659, 0.16), (0, 0.04), (784, 0.34)],
    "hurry": [(880, 0.11), (0, 0.09)] * 4,
    "too_late": [(698, 0.3), (554, 0.3), (415, 0.5)],
    "stop": [(988, 0.12), (494, 0.12)] * 5,
}


def tone(frequency, seconds):
    count = int(seconds * RATE_HZ)
    for i in range(count):
        t = i / RATE_HZ
        edge = min(1, t / EDGE_S, (seconds - t) / EDGE_S)
        turn = 2 * math.pi * frequency * t
        yield 0.6 * edge * (math.sin(turn) + math.sin(3 * turn) / 4) if frequency else 0.0


def main(folder):
    for name, tones in SOUNDS.items():
        samples = array.array("h", (int(32767 * v) for f, s in tones for v in tone(f, s)))
        if sys.byteorder == "big":
            samples.byteswap()
        with wave.open(f"{folder}/{name}.wav", "wb") as out:
            out.setnchannels(1)
            out.setsampwidth(2)
            out.setframerate(RATE_HZ)
            out.writeframes(samples.tobytes())


if __name__ == "__main__":
    main(sys.argv[1])
