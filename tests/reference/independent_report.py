"""Recomputes what a report says of its colours from their readings, with nothing of the program.

CIELAB with Bradford to D50 (ICC.1:2022, Annex E) and CIEDE2000 after Sharma, Wu, Dalal (2005);
prints the largest difference found. Usage: independent_report.py report.json colours.csv
"""
import csv
import json
import math
import sys

D50 = (0.9642, 1.0, 0.8249)
BRADFORD = ((0.8951, 0.2664, -0.1614), (-0.7502, 1.7135, 0.0367), (0.0389, -0.0685, 1.0296))


def times(m, v):
    return [sum(a * b for a, b in zip(row, v)) for row in m]


def inverse(m):
    (a, b, c), (d, e, f), (g, h, i) = m
    det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g)
    adj = ((e * i - f * h, c * h - b * i, b * f - c * e),
           (f * g - d * i, a * i - c * g, c * d - a * f),
           (d * h - e * g, b * g - a * h, a * e - b * d))
    return [[v / det for v in row] for row in adj]


def pcs_lab(xyz, white):
    relative = [v / white[1] for v in xyz]
    source = times(BRADFORD, [v / white[1] for v in white])
    target = times(BRADFORD, D50)
    cone = times(BRADFORD, relative)
    adapted = times(inverse(BRADFORD), [c * t / s for c, t, s in zip(cone, target, source)])

    def f(t):
        return t ** (1 / 3) if t > (6 / 29) ** 3 else t * (29 / 6) ** 2 / 3 + 4 / 29
    x, y, z = (f(v / w) for v, w in zip(adapted, D50))
    return 116 * y - 16, 500 * (x - y), 200 * (y - z)


def de2000(one, two):
    l1, a1, b1 = one
    l2, a2, b2 = two
    mean_c = (math.hypot(a1, b1) + math.hypot(a2, b2)) / 2
    g = 0.5 * (1 - math.sqrt(mean_c ** 7 / (mean_c ** 7 + 25 ** 7)))
    a1, a2 = (1 + g) * a1, (1 + g) * a2
    c1, c2 = math.hypot(a1, b1), math.hypot(a2, b2)
    h1 = math.degrees(math.atan2(b1, a1)) % 360 if c1 else 0
    h2 = math.degrees(math.atan2(b2, a2)) % 360 if c2 else 0
    dh = 0
    if c1 * c2:
        dh = h2 - h1
        dh -= 360 if dh > 180 else -360 if dh < -180 else 0
    big_dh = 2 * math.sqrt(c1 * c2) * math.sin(math.radians(dh / 2))
    mean_l, mean_cp = (l1 + l2) / 2, (c1 + c2) / 2
    mean_h = h1 + h2
    if c1 * c2:
        mean_h = mean_h / 2 if abs(h1 - h2) <= 180 else (mean_h + 360) / 2 if mean_h < 360 \
            else (mean_h - 360) / 2

    def cos(x):
        return math.cos(math.radians(x))
    t = (1 - 0.17 * cos(mean_h - 30) + 0.24 * cos(2 * mean_h) + 0.32 * cos(3 * mean_h + 6)
         - 0.20 * cos(4 * mean_h - 63))
    theta = 30 * math.exp(-((mean_h - 275) / 25) ** 2)
    rc = 2 * math.sqrt(mean_cp ** 7 / (mean_cp ** 7 + 25 ** 7))
    sl = 1 + 0.015 * (mean_l - 50) ** 2 / math.sqrt(20 + (mean_l - 50) ** 2)
    sc, sh = 1 + 0.045 * mean_cp, 1 + 0.015 * mean_cp * t
    rt = -math.sin(math.radians(2 * theta)) * rc
    dl, dc, dhh = (l2 - l1) / sl, (c2 - c1) / sc, big_dh / sh
    return math.sqrt(dl * dl + dc * dc + dhh * dhh + rt * dc * dhh)


def main():
    with open(sys.argv[1], encoding="utf-8") as file:
        report = json.load(file)
    validation = report["validation"]
    white = validation["white_xyz"]
    worst = 0.0
    deltas = []
    for patch in validation["patches"]:
        lab = pcs_lab(patch["measured_xyz"], white)
        delta = de2000(patch["aimed_lab"], lab)
        deltas.append(delta)
        worst = max(worst, abs(delta - patch["delta_e_2000"]),
                    abs(math.dist(lab, patch["aimed_lab"]) - patch["delta_e_76"]),
                    math.dist(lab, patch["measured_lab"]))
    deltas.sort()
    said = validation["delta_e_2000"]
    mean = sum(deltas) / len(deltas)
    worst = max(worst, abs(mean - said["mean"]), abs(deltas[-1] - said["max"]))
    with open(sys.argv[2], encoding="utf-8", newline="") as file:
        rows = list(csv.DictReader(file))
    assert len(rows) == len(deltas)
    for row, patch in zip(rows, validation["patches"]):
        assert row["name"] == patch["name"]
        worst = max(worst, abs(float(row["delta_e_2000"]) - patch["delta_e_2000"]))
    print(f"{len(deltas)} colours, largest difference {worst:.2e}")
    return 0 if worst < 1e-4 else 1


sys.exit(main())
