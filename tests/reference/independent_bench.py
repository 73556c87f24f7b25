#!/usr/bin/env python3
"""A second implementation of docs/simulated-bench.md, from the page alone, with Python's standard library.

Plays displays (the demo's and ones made up here) and profiles back and compares with `bold-lantern-cli
simulate` to a relative 1e-6; takes a profile apart without a colour library; and judges a whole run by what
the display then emits. The colour-matching functions are Debian's copy (package colord-data).
Usage: independent_bench.py CLI DEMO_FOLDER MARKS_FOLDER
"""
import copy
import json
import math
import random
import struct
import subprocess
import sys
import tempfile
from pathlib import Path

CLI, DEMO, MARKS = sys.argv[1], Path(sys.argv[2]), Path(sys.argv[3])
CMF_FILE = Path("/usr/share/colord/cmf/CIE1931-2deg-XYZ.cmf")
LIMIT = 1e-6


def load_cmf():
    lines = CMF_FILE.read_text().split("\n")
    rows = [line.split() for line in lines[lines.index("BEGIN_DATA") + 1:lines.index("END_DATA")]]
    first = (380 - 360) // 5
    return [[float(v) for v in row[first:first + 81]] for row in rows]


CMF = load_cmf()
WAVES = [380 + 5 * i for i in range(81)]


def solve3(m, v):
    def det(a):
        return (a[0][0] * (a[1][1] * a[2][2] - a[1][2] * a[2][1]) - a[0][1] * (a[1][0] * a[2][2] - a[1][2] * a[2][0])
                + a[0][2] * (a[1][0] * a[2][1] - a[1][1] * a[2][0]))
    d = det(m)
    out = []
    for c in range(3):
        n = [row[:] for row in m]
        for r in range(3):
            n[r][c] = v[r]
        out.append(det(n) / d)
    return out


def quantise(x, bits):
    top = 2 ** bits - 1
    return math.floor(min(max(x, 0), 1) * top + 0.5) / top


def clamp(x):
    return min(max(x, 0), 1)


def picture_mode(o, u):
    m = [o["matrix"][3 * r:3 * r + 3] for r in range(3)]
    if m != [[1, 0, 0], [0, 1, 0], [0, 0, 1]]:
        light = [v ** o["gamma"] for v in u]
        u = [clamp(sum(m[r][k] * light[k] for k in range(3))) ** (1 / o["gamma"]) for r in range(3)]
    most, least = u.index(max(u)), u.index(min(u))
    if most != least:
        middle = u[3 - most - least]
        primary, secondary = 2 * most, {0: 3, 1: 5, 2: 1}[least]
        u = [clamp(u[k] + (u[most] - middle) * o["axes"][3 * primary + k]
                   + (middle - u[least]) * o["axes"][3 * secondary + k]) for k in range(3)]
    n = o["points"]
    if n == 0:
        return u
    low = [min(int(v * (n - 1)), n - 2) for v in u]
    f = [v * (n - 1) - i for v, i in zip(u, low)]
    out = [0.0, 0.0, 0.0]
    for corner in range(8):
        up = [corner >> k & 1 for k in range(3)]
        weight = math.prod(f[k] if up[k] else 1 - f[k] for k in range(3))
        at = ((low[0] + up[0]) * n + low[1] + up[1]) * n + low[2] + up[2]
        for k in range(3):
            out[k] += weight * o["table"][3 * at + k]
    return out


def panel(d, i, v):
    def tone(x):
        if "ends" in d:
            low, high = d["ends"]["crush"][i], d["ends"]["clip"][i]
            x = clamp((x - low) / (high - low))
        if "ripple" in d:
            turn = 2 * math.pi * d["ripple"]["steps"]
            x -= d["ripple"]["depth"] / turn * math.sin(turn * x)
        gamma, share = d["tone"][("red", "green", "blue")[i]]
        return (1 - share) * x ** gamma + share * x * x * (3 - 2 * x)

    if "dither" not in d:
        return tone(quantise(v, d["panel_bits"]))
    top, frames = 2 ** d["dither"]["bits"] - 1, d["dither"]["frames"]
    w = math.floor(clamp(v) * top * frames + 0.5) / frames
    f = w - math.floor(w)
    return (1 - f) * tone(math.floor(w) / top) + (f * tone((math.floor(w) + 1) / top) if f else 0)


def mixed(d, a):
    shift = d.get("level_shift", [0] * 9)
    b = [a[i] + sum(shift[3 * i + k] * a[k] * (1 - a[k]) for k in range(3)) for i in range(3)]
    if "white_subpixel" in d:
        o = d["white_subpixel"]
        b = [b[i] + o["share"][i] * min(a) ** o["exponent"] for i in range(3)]
    if "power_limit" in d:
        o = d["power_limit"]
        load = o["lit_area"] * sum(w * x for w, x in zip(o["weights"], a))
        if load > o["threshold"]:
            b = [x * (o["threshold"] / load) ** o["strength"] for x in b]
    if "off_axis" in d:
        o = d["off_axis"]
        b = [(1 - o["share"]) * b[i] + o["share"] * (o["gain"][i] * max(b[i], 0) ** o["exponent"] + o["black"])
             for i in range(3)]
    return b


class Display:
    def __init__(self, d):
        self.d = d
        shapes = []
        for name in ("red", "green", "blue"):
            shapes.append([sum(p["area"] * math.exp(-4 * math.log(2) * (w - p["peak"]) ** 2 / p["fwhm"] ** 2) / p["fwhm"]
                               for p in d["primaries"][name]) for w in WAVES])
        m = [[683 * 5 * sum(s * f for s, f in zip(shapes[c], CMF[k])) for c in range(3)] for k in range(3)]
        x, y = d["native_white"]
        white = [d["white_luminance"] * x / y, d["white_luminance"], d["white_luminance"] * (1 - x - y) / y]
        factors = solve3(m, white)
        self.xyz = [[m[k][c] * factors[c] for c in range(3)] for k in range(3)]

    def emit(self, rgb, controls=None, lut=None, minutes=None):
        d = self.d
        c = controls or d["controls"]
        t, u_all = [], []
        for i in range(3):
            s = rgb[i] / 255
            if lut:
                k = min(int(s * 255), 254)
                f = s * 255 - k
                s = (lut[i][k] * (1 - f) + lut[i][k + 1] * f) / 65535
            u = quantise(s, d["link_bits"])
            u_all.append(u)
        if "picture_mode" in d:
            u_all = picture_mode(d["picture_mode"], u_all)
        for i, gain in enumerate(("red_gain", "green_gain", "blue_gain")):
            g = c[gain] / 100 if d["has_rgb_gains"] else 1
            t.append(panel(d, i, u_all[i] * g * c["contrast"] / d["factory_controls"]["contrast"]))
        out = [0.0, 0.0, 0.0]
        lit = mixed(d, [t[i] * (1 - sum(d["crosstalk"][i][k] * t[k] for k in range(3))) for i in range(3)])
        for i in range(3):
            drive = lit[i] + d["black_ratio"] * d["leak"][i]
            level = d["min_backlight"] + (1 - d["min_backlight"]) * c["brightness"] / 100
            if minutes is not None:
                level *= 1 + d["warm_up"]["amplitude"][i] * math.exp(-minutes / d["warm_up"]["tau_minutes"])
                if "drift" in d:
                    o = d["drift"]
                    level *= (1 + o["per_hour"][i] * minutes / 60
                              + o["swing"] * math.sin(2 * math.pi * minutes / o["period_minutes"]))
            level *= 2 ** (-d["hours"] / d["half_life_hours"][i])
            for k in range(3):
                out[k] += drive * level * self.xyz[k][i]
        return out


def tags(icc):
    count = struct.unpack(">I", icc[128:132])[0]
    out = {}
    for i in range(count):
        sig, offset, size = struct.unpack(">4sII", icc[132 + 12 * i:144 + 12 * i])
        out[sig.decode()] = icc[offset:offset + size]
    return out


def video_lut(icc):
    tag = tags(icc)["vcgt"]
    kind, channels, entries, size = struct.unpack(">IHHH", tag[8:18])
    assert (kind, channels, entries, size) == (0, 3, 256, 2), (kind, channels, entries, size)
    values = struct.unpack(">768H", tag[18:18 + 1536])
    return [values[i * 256:(i + 1) * 256] for i in range(3)]


def cli(*arguments, text=None):
    r = subprocess.run([CLI, *map(str, arguments)], input=text, capture_output=True, text=True)
    over = 4  # of a run whose display cannot do what is aimed at: its figures are judged all the same
    assert r.returncode == 0 or (arguments[0] == "run" and r.returncode == over), r.stderr
    return r.stdout


def compare(name, model, folder, **options):
    file = Path(folder) / "model.json"
    file.write_text(json.dumps(model))
    arguments = ["simulate", "--display", file]
    if "minutes" in options:
        arguments += ["--minutes", options["minutes"]]
    lut = None
    if "profile" in options:
        arguments += ["--profile", options["profile"]]
        lut = video_lut(options["profile"].read_bytes())
    controls = options.get("controls")
    if controls:
        other = Path(folder) / "controls.json"
        other.write_text(json.dumps(controls))
        arguments += ["--controls", other]
    rnd = random.Random(7)
    codes = [[255, 255, 255], [0, 0, 0], [1, 1, 1]] + [[rnd.uniform(0, 255) for _ in range(3)] for _ in range(200)]
    answer = cli(*arguments, text="\n".join(" ".join(map(repr, c)) for c in codes) + "\n").split("\n")
    display = Display(model)
    worst = 0
    for code, line in zip(codes, answer):
        ours = display.emit(code, controls, lut, options.get("minutes"))
        theirs = list(map(float, line.split()))
        worst = max([worst] + [abs(a - b) / max(abs(b), 1e-9) for a, b in zip(ours, theirs)])
    print(f"{name}: worst relative difference {worst:.2e}")
    assert worst <= LIMIT, name


def made_up(rnd, base):
    """A display that is in no file: numbers drawn inside the page's ranges."""
    d = copy.deepcopy(base)
    d["link_bits"], d["panel_bits"] = rnd.choice([6, 8, 10]), rnd.choice([6, 8, 10, 12])
    d["primaries"]["red"][0].update(peak=rnd.uniform(605, 640), fwhm=rnd.uniform(8, 60))
    d["primaries"]["green"][0].update(peak=rnd.uniform(525, 550), fwhm=rnd.uniform(20, 80))
    d["primaries"]["blue"][0].update(peak=rnd.uniform(445, 465), fwhm=rnd.uniform(15, 40))
    d["crosstalk"] = [[0 if i == k else rnd.uniform(0, 0.05) for k in range(3)] for i in range(3)]
    d["tone"] = {c: [rnd.uniform(1.8, 2.6), rnd.uniform(0, 0.4)] for c in ("red", "green", "blue")}
    d["black_ratio"], d["leak"] = rnd.uniform(0, 0.002), [rnd.uniform(0.5, 2) for _ in range(3)]
    d["white_luminance"], d["hours"] = rnd.uniform(250, 500), rnd.uniform(0, 20000)
    d["native_white"] = [rnd.uniform(0.295, 0.325), rnd.uniform(0.305, 0.335)]
    return d


def uv(c):
    s = c[0] + 15 * c[1] + 3 * c[2]
    return 4 * c[0] / s, 9 * c[1] / s


def judge_run(model, folder):
    """A whole run on a display the code has not been tuned to, judged by this implementation."""
    file = Path(folder) / "model.json"
    file.write_text(json.dumps(model))
    out = Path(tempfile.mkdtemp(dir=folder))
    cli("run", "--display", file, "--chart", 60, "--out", out)
    icc = (out / "profile.icc").read_bytes()
    assert struct.unpack(">I", icc[:4])[0] == len(icc) and icc[36:40] == b"acsp"
    controls = json.loads((out / "controls.json").read_text())
    white = Display(model).emit([255, 255, 255], controls, video_lut(icc))
    aim = [120 * 0.3127 / 0.3290, 120, 120 * 0.3583 / 0.3290]
    distance = math.dist(uv(white), uv(aim))
    print(f"run: white {distance:.5f} from D65 in u'v', {white[1]:.2f} cd/m2 of 120")
    assert distance <= 0.0015 and abs(white[1] / 120 - 1) <= 0.02


with tempfile.TemporaryDirectory() as folder:
    north = json.loads((DEMO / "north-desk.json").read_text())
    rnd = random.Random(3)
    for name in ("north-desk", "south-desk", "field-laptop"):
        compare(name, json.loads((DEMO / f"{name}.json").read_text()), folder)
    for file in sorted(MARKS.glob("*.json")):
        compare(file.stem, json.loads(file.read_text()), folder, minutes=50)
    compare("cold", north, folder, minutes=2.5)
    compare("controls", north, folder, controls={"brightness": 31, "contrast": 55, "red_gain": 80,
                                                 "green_gain": 93, "blue_gain": 100})
    for i in range(6):
        compare(f"made up {i}", made_up(rnd, north), folder)
    out = Path(folder) / "north"
    cli("run", "--display", DEMO / "north-desk.json", "--chart", 30, "--out", out)
    compare("through a profile", north, folder, profile=out / "profile.icc")
    for _ in range(4):
        judge_run(made_up(rnd, north), folder)
print("all agree")
