#!/usr/bin/env python3
"""A second implementation of docs/simulated-bench.md, from the page alone, with Python's standard library.

Plays displays (the demo's and ones made up here) and profiles back and compares with `bold-lantern-cli
simulate` to a relative 1e-6; takes a profile apart without a colour library; and judges a whole run by what
the display then emits. The colour-matching functions are Debian's copy (package colord-data).
Usage: independent_bench.py CLI DEMO_FOLDER
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

CLI, DEMO = sys.argv[1], Path(sys.argv[2])
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
        t = []
        for i, (name, gain) in enumerate((("red", "red_gain"), ("green", "green_gain"), ("blue", "blue_gain"))):
            s = rgb[i] / 255
            if lut:
                k = min(int(s * 255), 254)
                f = s * 255 - k
                s = (lut[i][k] * (1 - f) + lut[i][k + 1] * f) / 65535
            u = quantise(s, d["link_bits"])
            g = c[gain] / 100 if d["has_rgb_gains"] else 1
            v = quantise(u * g * c["contrast"] / d["factory_controls"]["contrast"], d["panel_bits"])
            gamma, share = d["tone"][name]
            t.append((1 - share) * v ** gamma + share * v * v * (3 - 2 * v))
        out = [0.0, 0.0, 0.0]
        for i in range(3):
            a = t[i] * (1 - sum(d["crosstalk"][i][k] * t[k] for k in range(3)))
            drive = a + d["black_ratio"] * d["leak"][i]
            level = d["min_backlight"] + (1 - d["min_backlight"]) * c["brightness"] / 100
            if minutes is not None:
                level *= 1 + d["warm_up"]["amplitude"][i] * math.exp(-minutes / d["warm_up"]["tau_minutes"])
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
    assert r.returncode == 0, r.stderr
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
        worst = max([worst] + [abs(a - b) / abs(b) for a, b in zip(ours, theirs)])
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
