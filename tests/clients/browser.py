#!/usr/bin/env python3
"""What a browser makes of our profiles: shows sRGB patches on a private X server whose root window carries a
profile in _ICC_PROFILE, reads the pixels back, compares them with what Little CMS makes of the same profile's
colorants and curves, and plays them on the bench's display to see what a person would.

Usage: browser.py CLI DISPLAY_FILE OUT.md  (needs firefox-esr, Xvfb, ImageMagick, xdotool and Pillow)
"""
import ctypes
import json
import os
import random
import struct
import subprocess
import sys
import tempfile
import time
from pathlib import Path

from PIL import Image, ImageCms

CLI, DISPLAY_FILE, OUT = sys.argv[1], sys.argv[2], Path(sys.argv[3])
KINDS = [("table", 4), ("table", 2), ("matrix", 4), ("matrix", 2), ("gamma", 4), ("gamma", 2)]
SIDE, COLUMNS = 60, 16
PREFERENCES = {
    "gfx.color_management.mode": 1,  # all colours, not only tagged pictures
    "browser.shell.checkDefaultBrowser": False,
    "browser.aboutwelcome.enabled": False,
    "datareporting.policy.dataSubmissionEnabled": False,
    "toolkit.telemetry.reportingpolicy.firstRun": False,
}


def cli(*arguments, text=None):
    return subprocess.run([CLI, *map(str, arguments)], input=text, capture_output=True, text=True, check=True).stdout


def patches():
    chance = random.Random(1)
    greys = [(v, v, v) for v in (255, 0, 4, 8, 12, 16, 24, 32, 48, 64, 96, 128, 160, 192, 224, 250)]
    corners = [(r, g, b) for r in (0, 255) for g in (0, 255) for b in (0, 255)][1:7]
    return greys + corners + [tuple(chance.randrange(256) for _ in range(3)) for _ in range(74)]


def page(folder, colours):
    parts = ["<!DOCTYPE html><html><body style='margin:0;background:#000;overflow:hidden'>"]
    for i, (r, g, b) in enumerate(colours):
        parts.append(f"<div style='position:absolute;left:{SIDE * (i % COLUMNS)}px;top:{SIDE * (i // COLUMNS)}px;"
                     f"width:{SIDE}px;height:{SIDE}px;background:rgb({r},{g},{b})'></div>")
    path = folder / "page.html"
    path.write_text("".join(parts) + "</body></html>")
    return path


def set_root_profile(display, icc):
    x = ctypes.CDLL("libX11.so.6")
    x.XOpenDisplay.restype = ctypes.c_void_p
    x.XDefaultRootWindow.restype = ctypes.c_ulong
    x.XDefaultRootWindow.argtypes = [ctypes.c_void_p]
    x.XInternAtom.restype = ctypes.c_ulong
    x.XInternAtom.argtypes = [ctypes.c_void_p, ctypes.c_char_p, ctypes.c_int]
    x.XChangeProperty.argtypes = [ctypes.c_void_p, ctypes.c_ulong, ctypes.c_ulong, ctypes.c_ulong, ctypes.c_int,
                                  ctypes.c_int, ctypes.c_char_p, ctypes.c_int]
    x.XCloseDisplay.argtypes = [ctypes.c_void_p]
    connection = x.XOpenDisplay(display.encode())
    if not connection:
        raise SystemExit(f"no X server on {display}")
    cardinal, replace = 6, 0
    x.XChangeProperty(connection, x.XDefaultRootWindow(connection), x.XInternAtom(connection, b"_ICC_PROFILE", 0),
                      cardinal, 8, replace, icc, len(icc))
    x.XCloseDisplay(connection)


def look(image, colours):
    """The middle of each patch; the page begins where the first patch, white, does."""
    top = next((y for y in range(image.height - SIDE)
                if image.getpixel((SIDE // 2, y)) == (255, 255, 255) and image.getpixel((SIDE * 3 // 2, y)) < (90, 90, 90)),
               None)
    if top is None:
        return None
    return [image.getpixel((SIDE * (i % COLUMNS) + SIDE // 2, top + SIDE * (i // COLUMNS) + SIDE // 2))
            for i in range(len(colours))]


def shown_by_browser(folder, icc, colours):
    number = next(n for n in range(70, 200) if not os.path.exists(f"/tmp/.X11-unix/X{n}"))
    display = f":{number}"
    server = subprocess.Popen(["Xvfb", display, "-screen", "0", "1280x800x24", "-noreset"], stderr=subprocess.DEVNULL)
    browser = None
    try:
        for _ in range(100):
            if os.path.exists(f"/tmp/.X11-unix/X{number}"):
                break
            time.sleep(0.1)
        if icc:
            set_root_profile(display, icc)
        home = Path(tempfile.mkdtemp(dir=folder))
        (home / "user.js").write_text("".join(f"user_pref({json.dumps(k)}, {json.dumps(v)});\n"
                                              for k, v in PREFERENCES.items()))
        environment = dict(os.environ, DISPLAY=display, HOME=str(home))
        browser = subprocess.Popen(["firefox-esr", "--no-remote", "--profile", str(home), "--kiosk",
                                    page(folder, colours).as_uri()], env=environment, stdout=subprocess.DEVNULL,
                                   stderr=subprocess.DEVNULL)
        picture = folder / "screen.png"
        before = None
        for _ in range(60):  # until two looks in a row agree
            time.sleep(1)
            subprocess.run(["import", "-window", "root", str(picture)], env=environment, check=True)
            seen = look(Image.open(picture).convert("RGB"), colours)
            if seen and seen == before:
                return seen
            before = seen
        raise SystemExit("the browser never showed the page")
    finally:
        for process in (browser, server):
            if process:
                process.terminate()
                process.wait()


def without_tables(icc):
    """The same profile with its tables renamed to tags that nobody knows."""
    out = bytearray(icc)
    for i in range(struct.unpack(">I", icc[128:132])[0]):
        at = 132 + 12 * i
        if out[at:at + 3] in (b"A2B", b"B2A"):
            out[at:at + 1] = b"x"
    return bytes(out)


def by_little_cms(folder, icc, colours):
    path = folder / "little.icc"
    path.write_bytes(icc)
    image = Image.new("RGB", (len(colours), 1))
    image.putdata(colours)
    converted = ImageCms.profileToProfile(image, ImageCms.createProfile("sRGB"), str(path),
                                          renderingIntent=ImageCms.Intent.RELATIVE_COLORIMETRIC)
    return list(converted.getdata())


def lab(xyz, white):
    """Relative to white, brought to D50 with Bradford; as docs/colour-engine.md has it."""
    m = [[0.8951, 0.2664, -0.1614], [-0.7502, 1.7135, 0.0367], [0.0389, -0.0685, 1.0296]]
    inverse = [[0.9869929, -0.1470543, 0.1599627], [0.4323053, 0.5183603, 0.0492912], [-0.0085287, 0.0400428, 0.9684867]]
    d50 = (0.9642, 1.0, 0.8249)
    cone = lambda v: [sum(m[i][k] * v[k] for k in range(3)) for i in range(3)]
    relative = [c / white[1] for c in xyz]
    scaled = [c * a / b for c, a, b in zip(cone(relative), cone(d50), cone([c / white[1] for c in white]))]
    v = [sum(inverse[i][k] * scaled[k] for k in range(3)) / d50[i] for i in range(3)]
    f = [t ** (1 / 3) if t > 216 / 24389 else (24389 / 27 * t + 16) / 116 for t in v]
    return 116 * f[1] - 16, 500 * (f[0] - f[1]), 200 * (f[1] - f[2])


def srgb_lab(colour):
    linear = [c / 255 / 12.92 if c / 255 <= 0.04045 else ((c / 255 + 0.055) / 1.055) ** 2.4 for c in colour]
    rows = [(0.4124, 0.3576, 0.1805), (0.2126, 0.7152, 0.0722), (0.0193, 0.1192, 0.9505)]  # IEC 61966-2-1
    return lab([sum(a * b for a, b in zip(row, linear)) for row in rows], (0.9505, 1.0, 1.0890))


def seen_difference(profile, controls, codes, colours):
    """Mean and worst ΔE00 from the sRGB colours of what the display shows for these code values."""
    answer = json.loads(cli("simulate", "--display", DISPLAY_FILE, "--profile", profile, "--controls", controls, "--json",
                            text="".join("%d %d %d\n" % tuple(c) for c in [(255, 255, 255)] + list(codes))))
    white, *xyz = answer["xyz"]
    lines = "".join(" ".join(map(str, srgb_lab(c) + lab(v, white))) + "\n" for c, v in zip(colours, xyz))
    values = [float(line) for line in cli("difference", "--formula", "2000", text=lines).split()]
    return sum(values) / len(values), max(values)


def main():
    colours = patches()
    rows = []
    with tempfile.TemporaryDirectory() as name:
        folder = Path(name)
        job = folder / "job"
        cli("run", "--display", DISPLAY_FILE, "--out", job, "--chart", "200")
        controls = job / "controls.json"
        bare = shown_by_browser(folder, None, colours)
        if bare != colours:
            raise SystemExit("without a profile the browser changes colours: nothing can be compared")
        rows.append(("none", "", "", *seen_difference(job / "profile.icc", controls, bare, colours), "", ""))
        for kind, version in KINDS:
            run = folder / f"{kind}{version}"
            cli("run", "--display", DISPLAY_FILE, "--out", run, "--chart", "200", "--profile", kind, "--icc", version)
            icc = (run / "profile.icc").read_bytes()
            seen = shown_by_browser(folder, icc, colours)
            wanted = by_little_cms(folder, without_tables(icc), colours)
            off = [max(abs(a - b) for a, b in zip(s, w)) for s, w in zip(seen, wanted)]
            rows.append((f"{kind}, v{version}", f"{sum(off) / len(off):.2f}", str(max(off)),
                         *seen_difference(run / "profile.icc", run / "controls.json", seen, colours),
                         *seen_difference(run / "profile.icc", run / "controls.json", by_little_cms(folder, icc, colours), colours)))
    version = subprocess.run(["firefox-esr", "--version"], capture_output=True, text=True).stdout.strip()
    lines = [f"{version}; {len(colours)} sRGB colours on `{Path(DISPLAY_FILE).name}`, 200 patches.", "",
             "| profile | codes off, mean | worst | ΔE00 seen, mean | worst | with Little CMS, mean | worst |",
             "|---|---|---|---|---|---|---|"]
    for row in rows:
        lines.append("| " + " | ".join(v if isinstance(v, str) else f"{v:.2f}" for v in row) + " |")
    OUT.write_text("\n".join(lines) + "\n")
    print("\n".join(lines))
    apart = max(abs(row[3] - row[5]) for row in rows[1:])
    sys.exit(0 if apart <= 0.05 else 1)  # what a person sees is what the profile's own mathematics says


main()
