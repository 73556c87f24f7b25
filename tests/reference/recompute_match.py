#!/usr/bin/env python3
"""Computes anew, with nothing of the program's, what several displays can share, and how alike two of them
are, from the readings that the command line prints. Usage: recompute_match.py COMMON-AIM.json AGREE.json

COMMON-AIM.json is what `common-aim --json` says, AGREE.json what `agree --read --json` says. Sources beside
those of plain_colour.py: IEC 61966-2-1 and SMPTE EG 432-1 (primaries)."""

import json
import math
import sys

from plain_colour import delta_e_2000, lab_of_profiles, uv

common, alike = (json.load(open(path)) for path in sys.argv[1:3])
failures = []


def near(what, mine, theirs, allowed):
    if not abs(mine - theirs) <= allowed:
        failures.append(f"{what}: {mine:.6g}, the program says {theirs:.6g}")


def solve(columns, v):
    """Amounts of three lights that mix v, by Cramer's rule."""
    def det(a, b, c):
        return (a[0] * (b[1] * c[2] - b[2] * c[1]) - b[0] * (a[1] * c[2] - a[2] * c[1])
                + c[0] * (a[1] * b[2] - a[2] * b[1]))
    r, g, b = columns
    whole = det(r, g, b)
    return det(v, g, b) / whole, det(r, v, b) / whole, det(r, g, v) / whole


# --- what all can share: D65, the most light that the channels mix at it, less a reserve of 5 % ------------

assert "6500" in json.dumps(common["aim"]["white"]), common["aim"]
T = 6500 * 1.4388 / 1.4380  # CIE 15:2018, 4.1.2 with its note
X = -4.6070e9 / T**3 + 2.9678e6 / T**2 + 0.09911e3 / T + 0.244063
Y = -3 * X * X + 2.870 * X - 0.275


def luminance_at(xy, channels, white):
    """The largest luminance at a chromaticity: what a channel gives in white ends it."""
    x, y = xy
    unit = (x / y, 1.0, (1 - x - y) / y)
    most = solve(channels, white)
    low, high = 0.0, white[1]
    for _ in range(200):  # by halving: nothing to be solved for
        middle = (low + high) / 2
        if all(a <= m for a, m in zip(solve(channels, [middle * u for u in unit]), most)):
            low = middle
        else:
            high = middle
    return low


peaks = []
for d in common["displays"]:
    r = d["read"]
    peak = luminance_at((X, Y), r["channels"], r["white"]) / r["backlight"]
    near(d["display"] + ", peak", peak / d["peak"], 1, 1e-4)
    peaks.append(d["peak"])
    contrast = d["peak"] * r["backlight"] / r["black"][1]
    if not r["dims"]:
        contrast = common["aim"]["luminance"] / r["black"][1]
    near(d["display"] + ", contrast", contrast / d["contrast"], 1, 1e-6)
near("luminance", math.floor(0.95 * min(peaks)), common["aim"]["luminance"], 0)
least = min(d["contrast"] for d in common["displays"])
if common["aim"]["black"] != "native":
    near("contrast", 10 * math.floor(least / 10), common["aim"]["black"]["contrast"], 0)
for d in common["displays"]:
    near(d["display"] + ", light given up", 1 - common["aim"]["luminance"] / d["peak"], d["light_given_up"], 1e-9)


# --- gamuts: polygons in u'v', cut by one another (Sutherland, Hodgman) -------------------------------------

def area(p):
    return sum(a[0] * b[1] - b[0] * a[1] for a, b in zip(p, p[1:] + p[:1])) / 2


def cut(subject, by):
    by = by if area(by) > 0 else by[::-1]
    for a, b in zip(by, by[1:] + by[:1]):
        def side(p):
            return (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0])
        out = []
        for p, q in zip(subject, subject[1:] + subject[:1]):
            if side(p) >= 0:
                out.append(p)
            if (side(p) > 0) != (side(q) > 0) and side(p) != side(q):
                t = side(p) / (side(p) - side(q))
                out.append((p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1])))
        subject = out
    return subject


def of_xy(x, y):
    return 4 * x / (-2 * x + 12 * y + 3), 9 * y / (-2 * x + 12 * y + 3)


triangles = [[uv(c) for c in d["read"]["channels"]] for d in common["displays"]]
shared = triangles[0]
for t in triangles[1:]:
    shared = cut(shared, t)
for key, xy in (("gamut_srgb", ((0.64, 0.33), (0.30, 0.60), (0.15, 0.06))),
                ("gamut_p3", ((0.680, 0.320), (0.265, 0.690), (0.150, 0.060)))):
    space = [of_xy(*c) for c in xy]
    near(key, abs(area(cut(shared, space)) / area(space)), common[key], 5e-3)

# --- how alike two are: the same colours, read on both, the eye used to the brighter white ------------------

whites = alike["whites"]
brighter = max(whites, key=lambda w: w[1])
differences = []
for c in alike["colours"]:
    mine = delta_e_2000(lab_of_profiles(c["first"], brighter), lab_of_profiles(c["second"], brighter))
    near(c["name"], mine, c["delta_e_2000"], 1e-5)
    differences.append(mine)
near("mean ΔE00", sum(differences) / len(differences), alike["mean"], 1e-6)
near("largest ΔE00", max(differences), alike["max"], 1e-5)
near("whites", math.dist(uv(whites[0]), uv(whites[1])), alike["white_delta_uv"], 1e-9)
near("luminance", whites[1][1] / whites[0][1], alike["luminance_ratio"], 1e-9)

print(f"{len(common['displays'])} displays, {common['aim']['luminance']} cd/m²; {len(differences)} colours,"
      f" mean ΔE00 {alike['mean']:.2f}")
if failures:
    sys.exit("differs: " + "; ".join(failures))
