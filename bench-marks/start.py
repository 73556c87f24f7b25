#!/usr/bin/env python3
"""start.py WINDOW [RUNS]: how long the window takes to stand on the screen, with a logbook of so many runs
(default 10000). Makes the logbook of the demo's runs, copied with other dates. Needs Xvfb and xwininfo."""
import os
import pathlib
import sqlite3
import subprocess
import sys
import tempfile
import time

window, runs = sys.argv[1], int(sys.argv[2]) if len(sys.argv) > 2 else 10000


def columns(db, table):
    return [row[1] for row in db.execute(f"PRAGMA table_info({table})")]


def copy_runs(path):
    """Each run with its stages, figures and readings, until there are enough."""
    db = sqlite3.connect(path)
    own = [row[0] for row in db.execute("SELECT id FROM run WHERE finished_at IS NOT NULL")]
    tables = {t: columns(db, t) for t in ("run", "stage", "figure", "reading")}
    count, n = db.execute("SELECT count(*) FROM run").fetchone()[0], 0
    last = db.execute("SELECT max(id) FROM run").fetchone()[0]
    while count + n < runs:
        source, last, n = own[n % len(own)], last + 1, n + 1
        for table, names in tables.items():
            # Profiles and nine of ten readings stay out: they are read only for the runs that are opened, and
            # would fill the disk.
            values = [{"bytes": "NULL", "id": str(last) if table == "run" else "NULL", "run": str(last),
                       "identity": f"'copy-{last}'"}.get(c, c) for c in names]
            where = "id" if table == "run" else "run"
            limit = " AND id % 10 = 0" if table == "reading" else ""
            db.execute(f"INSERT INTO {table} ({','.join(names)}) SELECT {','.join(values)} FROM {table} "
                       f"WHERE {where} = {source}{limit}")
    db.commit()
    db.close()


def start(logbook, environment, wait_for):
    began = time.monotonic()
    program = subprocess.Popen([window, "--demo", "--logbook", logbook], env=environment,
                               stderr=subprocess.DEVNULL)
    try:
        while time.monotonic() - began < 120:
            if wait_for(environment):
                return time.monotonic() - began
            time.sleep(0.005)
        sys.exit("The window did not come.")
    finally:
        program.terminate()
        program.wait()


def is_viewable(environment):
    shown = subprocess.run(["xwininfo", "-root", "-tree"], env=environment, capture_output=True, text=True).stdout
    for line in shown.splitlines():
        if '"Bold Lantern' in line and "1x1" not in line:
            state = subprocess.run(["xwininfo", "-id", line.split()[0]], env=environment, capture_output=True,
                                   text=True).stdout
            return "IsViewable" in state
    return False


with tempfile.TemporaryDirectory() as home:
    number = ":" + str(300 + os.getpid() % 500)
    server = subprocess.Popen(["Xvfb", number, "-screen", "0", "1280x800x24"], stderr=subprocess.DEVNULL)
    environment = {**os.environ, "DISPLAY": number, "HOME": home, "XDG_CONFIG_HOME": home, "XDG_DATA_HOME": home}
    environment.pop("WAYLAND_DISPLAY", None)
    try:
        logbook = str(pathlib.Path(home, "logbook.sqlite"))
        prepared = lambda e: pathlib.Path(logbook).exists() and not pathlib.Path(logbook + "-journal").exists() \
            and is_viewable(e) and finished(logbook)

        def finished(path):
            try:
                db = sqlite3.connect(f"file:{path}?mode=ro", uri=True)
                return db.execute("SELECT count(*) FROM run WHERE finished_at IS NOT NULL").fetchone()[0] >= 5
            except sqlite3.Error:
                return False
        start(logbook, environment, prepared)
        copy_runs(logbook)
        size = pathlib.Path(logbook).stat().st_size >> 20
        tries = [start(logbook, environment, is_viewable) for _ in range(5)]
        print(f"Start with {runs} runs ({size} MB): window shown after {min(tries):.2f} s at best, "
              f"{sorted(tries)[2]:.2f} s in the median of five; the first one {tries[0]:.2f} s")
    finally:
        server.terminate()
        server.wait()
