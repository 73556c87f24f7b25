#!/usr/bin/env python3
"""Computes anew, with nothing of the program's, how even a screen is and what evening it out would cost,
from the readings that the command line prints. Usage: recompute_desk.py EVENNESS.json

The drift of white is what the returns to the middle say, linear in between; its figures are those of
plain_colour.py."""

import json
import math
import sys

from plain_colour import delta_e_2000, lab, uv

told = json.load(open(sys.argv[1]))
failures = []


def near(what, mine, theirs, allowed):
    if not abs(mine - theirs) <= allowed:
        failures.append(f"{what}: {mine:.6g}, the program says {theirs:.6g}")


def mean(colours):
    return [sum(c[k] for c in colours) / len(colours) for k in range(3)]


# What was read at each stop of the meter: R G B X Y Z seconds.
stops = {}
for r in told["readings"]:
    spot = (r["spot"]["column"], r["spot"]["row"])
    stop = stops.setdefault((r["visit"], r["level"]), {"spot": spot, "level": r["level"], "xyz": [], "at": []})
    stop["xyz"].append(r["reading"][3:6])
    stop["at"].append(r["seconds"])
for stop in stops.values():
    stop["at"] = sum(stop["at"]) / len(stop["at"])
    stop["xyz"] = mean(stop["xyz"])
for (visit, _), stop in stops.items():  # all greys at the time of the stop's white
    stop["at"] = stops[visit, 0]["at"]

MIDDLE = (0, 0)
whites = sorted((s["at"], s["xyz"]) for s in stops.values() if s["spot"] == MIDDLE and s["level"] == 0)


def white_at(when):
    if when <= whites[0][0]:
        return whites[0][1]
    for (before, a), (after, b) in zip(whites, whites[1:]):
        if when <= after:
            t = (when - before) / (after - before)
            return [x + t * (y - x) for x, y in zip(a, b)]
    return whites[-1][1]


fields = {}
for stop in stops.values():
    now = white_at(stop["at"])
    steady = [c * first / w for c, first, w in zip(stop["xyz"], whites[0][1], now)]
    fields.setdefault((stop["level"], stop["spot"]), []).append(steady)
fields = {key: mean(all_) for key, all_ in fields.items()}

columns, rows = told["grid"]["columns"], told["grid"]["rows"]
own_middle = ((columns + 1) // 2, (rows + 1) // 2) if columns % 2 and rows % 2 else None
white = fields[0, MIDDLE]
worst = {"light": 0.0, "uv": 0.0, "de": 0.0}
for f in told["fields"]:
    spot = (f["spot"]["column"], f["spot"]["row"])
    here = fields[f["level"], MIDDLE if spot == own_middle else spot]
    middle = fields[f["level"], MIDDLE]
    name = f"field {spot} in grey {told['greys'][f['level']]}"
    near(name + ", luminance", here[1] / middle[1], f["ratio"], 1e-9)
    distance = math.dist(uv(here), uv(middle))
    near(name + ", u'v'", distance, f["delta_uv"], 1e-9)
    difference = delta_e_2000(lab(here, white), lab(middle, white))
    near(name + ", ΔE00", difference, f["delta_e_2000"], 1e-6)
    worst["light"] = max(worst["light"], abs(here[1] / middle[1] - 1))
    worst["uv"] = max(worst["uv"], distance)
    worst["de"] = max(worst["de"], difference)
assert len(told["fields"]) == columns * rows * len(told["greys"]), "fields are missing"

for figure in told["verdict"]["figures"]:
    mine = {"even_light": worst["light"], "even_delta_uv": worst["uv"], "even_delta_e_2000": worst["de"]}
    near("worst " + figure["figure"], mine[figure["figure"]], figure["as_read"], 1e-6)

# --- what evening it out costs: each channel down to the field that has least of it ----------------


def solve(m, v):
    """Three equations by Cramer's rule; m as rows."""
    def det(a):
        return (a[0][0] * (a[1][1] * a[2][2] - a[1][2] * a[2][1]) - a[0][1] * (a[1][0] * a[2][2] - a[1][2] * a[2][0])
                + a[0][2] * (a[1][0] * a[2][1] - a[1][1] * a[2][0]))
    whole = det(m)
    return [det([[v[r] if c == k else m[r][c] for c in range(3)] for r in range(3)]) / whole for k in range(3)]


black = told["colours"][3][3:6] if len(told["colours"]) > 3 else [0, 0, 0]
primaries = [[c - b for c, b in zip(told["colours"][k][3:6], black)] for k in range(3)]
channels = [[primaries[k][r] for k in range(3)] for r in range(3)]
full = solve(channels, white)
in_white = [fields[0, MIDDLE if (c, r) == own_middle else (c, r)] for r in range(1, rows + 1) for c in range(1, columns + 1)]
near("cost of light", 1 - min(1, min(f[1] / white[1] for f in in_white)), told["cost"]["of_light"], 1e-9)
shares = [min(s / w for s, w in zip(solve(channels, f), full)) for f in in_white]
near("cost with colour", 1 - min(1, min(shares)), told["cost"]["of_colour"], 1e-6)

print(f"{len(told['fields'])} fields, worst {100 * worst['light']:.2f} % of light, Δu'v' {worst['uv']:.4f}, ΔE00 {worst['de']:.2f}")
if failures:
    sys.exit("differs: " + "; ".join(failures))
