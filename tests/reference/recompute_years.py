#!/usr/bin/env python3
"""Computes anew, with nothing of the program's, what the command line says of a logbook's trends and
of how two runs agree: from the readings it exports. Usage: recompute_years.py CLI LOGBOOK FIRST SECOND

Sources: those of plain_colour.py, ordinary least squares with a level for each calibration, Student's t by
numerical integration, the forecast's range after Fieller (1954)."""

import json
import math
import subprocess
import sys
from datetime import datetime

from plain_colour import delta_e_2000, lab_of_profiles

CLI, LOGBOOK, FIRST, SECOND = sys.argv[1:5]
failures = []


def ask(*arguments):
    out = subprocess.run([CLI, *arguments, "--logbook", LOGBOOK, "--json"], check=True, capture_output=True)
    return json.loads(out.stdout)


def near(what, mine, told, allowed):
    print(f"{what}: {mine:.6g}, the program says {told:.6g}")
    if not abs(mine - told) <= allowed:
        failures.append(what)


# --- agreement: what both were read to show for the same named colours ------------------------------

runs = {r["identity"]: r for r in ask("log", "--readings")}
numbers = {line["run"]: line["identity"] for line in ask("log")}


def proof(number):
    """White, and light of each named colour, of a run's proof."""
    record = runs[numbers[number]]
    names = record["stages"]["columns"]
    for row in record["stages"]["rows"]:
        stage = dict(zip(names, row))
        if stage["stage"] == "validate":
            result = json.loads(stage["result"])
            return result["state"]["white"], {p["aimed"]["reference"]["name"]: p["measured"] for p in result["patches"]}
    raise SystemExit(f"run {number} has no proof")


white1, first = proof(int(FIRST))
white2, second = proof(int(SECOND))
brighter = max(white1, white2, key=lambda w: w[1])
agreement = ask("agree", "--first", FIRST, "--second", SECOND)
both = [c for c in agreement["colours"] if c["name"] in first and c["name"] in second]
assert len(both) > 20, "the proofs share too few colours"
read = [delta_e_2000(lab_of_profiles(first[c["name"]], brighter), lab_of_profiles(second[c["name"]], brighter)) for c in both]
mean = sum(read) / len(read)
told = sum(c["delta_e_2000"] for c in both) / len(both)
# Both rest upon the same meter, so that what it is off by cancels; what is left is what profiles are
# off by, of which this is one outcome.
near("mean ΔE00 between the two", mean, told, 0.15)
near("luminance of the whites", white2[1] / white1[1], agreement["luminance_ratio"], 1e-6)
for c in both:  # the program's own colours, by this program's formula; the rest is what profiles are off
    plain = delta_e_2000(c["first"], c["second"])
    if plain > c["delta_e_2000"] + 0.25 or plain < c["delta_e_2000"] - 1:
        failures.append(f"{c['name']}: {plain} against {c['delta_e_2000']}")

# --- trends -----------------------------------------------------------------------------------------


def student_t(probability, freedom):
    """The t below which Student's distribution has that probability."""
    norm = math.exp(math.lgamma((freedom + 1) / 2) - math.lgamma(freedom / 2)) / math.sqrt(freedom * math.pi)
    total, t, step = 0.5, 0.0, 1e-4
    while total < probability:
        middle = t + step / 2
        total += step * norm * (1 + middle * middle / freedom) ** (-(freedom + 1) / 2)
        t += step
    return t


def independent(columns):
    """Those of the columns that are no sum of the ones before."""
    kept, basis = [], []
    for k, column in enumerate(columns):
        rest = list(column)
        for q in basis:
            share = sum(r * c for r, c in zip(rest, q))
            rest = [r - share * c for r, c in zip(rest, q)]
        length = math.sqrt(sum(r * r for r in rest))
        if length > 1e-6 * math.sqrt(sum(c * c for c in column) or 1):
            basis.append([r / length for r in rest])
            kept.append(k)
    return kept


def inverse(m):
    n = len(m)
    rows = [list(row) + [float(i == k) for k in range(n)] for i, row in enumerate(m)]
    for i in range(n):
        pivot = max(range(i, n), key=lambda r: abs(rows[r][i]))
        rows[i], rows[pivot] = rows[pivot], rows[i]
        rows[i] = [v / rows[i][i] for v in rows[i]]
        for r in range(n):
            if r != i:
                rows[r] = [v - rows[r][i] * w for v, w in zip(rows[r], rows[i])]
    return [row[n:] for row in rows]


def trend(display):
    """Slope of the logarithm, a level for each calibration, an offset for each meter; and when it
    leaves its limits."""
    points, level, levels = [], 0, []
    for p in display["points"]:
        level += p["kind"] == "calibration"
        if not p["odd"]:
            points.append(p)
            levels.append(level)
    if len(points) < 4 or "per_day_log" not in display:
        return False
    day = [datetime.fromisoformat(p["at"].replace("Z", "+00:00")).timestamp() / 86400 for p in points]
    value = [math.log(p["value"]) for p in points]
    newest = [d for d, l in zip(day, levels) if l == levels[-1]]
    middle = sum(newest) / len(newest)
    kinds = sorted(set(levels))
    meters = sorted({p["meter"] for p in points})[1:]

    def row(d, l, meter):
        return [d - middle] + [float(l == k) for k in kinds] + [float(meter == m) for m in meters]

    model = [row(d, l, p["meter"]) for d, l, p in zip(day, levels, points)]
    kept = independent(list(zip(*model)))
    reduced = [[r[k] for k in kept] for r in model]
    cross = inverse([[sum(r[i] * r[k] for r in reduced) for k in range(len(kept))] for i in range(len(kept))])
    right = [sum(r[i] * v for r, v in zip(reduced, value)) for i in range(len(kept))]
    found = [sum(c * v for c, v in zip(line, right)) for line in cross]
    slope = found[0]
    near(f"{display['display']}: drift of a day", slope, display["per_day_log"], 1e-9)
    residual = sum((v - sum(r * f for r, f in zip(x, found))) ** 2 for x, v in zip(reduced, value))
    freedom = 10 + len(points) - len(kept)  # 0.2 % of scatter is known, as ten degrees of freedom
    scatter = math.sqrt((10 * 0.002**2 + residual) / freedom)
    near(f"{display['display']}: its error", scatter * math.sqrt(cross[0][0]), display["per_day_log_error"], 1e-9)
    forecast = display.get("forecast")
    if not forecast or forecast["state"] != "leaves" or display["low"] is None:
        return True
    now = datetime.now().timestamp() / 86400
    t = student_t(0.9, freedom)
    edges = [math.log(display[e]) for e in ("low", "high")]

    def at(d):
        full = row(d, levels[-1], points[-1]["meter"])
        return [full[k] for k in kept]

    def line(d):
        return sum(a * f for a, f in zip(at(d), found))

    def half(d):
        x = at(d)
        return t * scatter * math.sqrt(sum(x[i] * cross[i][k] * x[k] for i in range(len(x)) for k in range(len(x))))

    def first_day(is_out):
        return next((d for d in range(3651) if is_out(now + d)), None)

    near(f"{display['display']}: days until it leaves", first_day(lambda d: not edges[0] <= line(d) <= edges[1]),
         forecast["in_days"], 1)
    near(f"{display['display']}: days at the earliest",
         first_day(lambda d: line(d) - half(d) < edges[0] or line(d) + half(d) > edges[1]), forecast["earliest_in_days"], 1)
    return True


trends = ask("log", "--trend")
assert any([trend(display) for display in trends]), "no display was read often enough"

if failures:
    sys.exit("differs: " + "; ".join(failures))
