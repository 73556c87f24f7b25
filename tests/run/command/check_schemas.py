#!/usr/bin/env python3
"""check_schemas.py CLI SCHEMAS: runs commands with --json and holds what they print against the JSON Schema
files. Needs no display."""
import json
import os
import pathlib
import subprocess
import sys
import tempfile


def outputs(cli, folder):
    """(name of the schema, object) of every command that can be tried without a display."""
    def run(*args, given="", codes=(0,)):
        done = subprocess.run([cli, *args], input=given, capture_output=True, text=True, cwd=folder,
                              env={**os.environ, "LANG": "C.UTF-8", "HOME": str(folder)})
        if done.returncode not in codes:
            sys.exit(f"{' '.join(args)}: exit code {done.returncode}\n{done.stderr}")
        return [json.loads(line) for line in done.stdout.splitlines()] if "--json" in args else done.stdout

    (folder / "colours.csv").write_text("name,R,G,B\nred,200,30,30\ngrey,128,128,128\n")
    for desk in ("north-desk", "field-laptop"):
        for o in run("run", "--display", desk, "--chart", "24", "--out", desk, "--json", codes=(0, 4)):
            yield "run", o
    made = folder / "north-desk"
    yield "report-file", json.loads((made / "report.json").read_text())
    tries = [
        ("build", ["--readings", "north-desk/readings.cgats", "--out", "a.icc"]),
        ("build", ["--readings", "north-desk/readings.cgats", "--out", "b.icc", "--expect"]),
        ("validate", ["--display", "north-desk", "--profile", "north-desk/profile.icc"]),
        ("validate", ["--display", "north-desk", "--profile", "north-desk/profile.icc", "--tolerance", "general"]),
        ("check", ["--run", "north-desk", "--display", "north-desk"]),
        ("evenness", ["--display", "north-desk", "--out", "even"]),
        ("chart", ["--count", "30", "--out", "chart.cgats"]),
        ("report", ["--run", "north-desk", "--out", "r.html"]),
        ("plot", ["--run", "north-desk"]),
        ("plot", ["--run", "north-desk", "--diagram", "tone", "--out", "t.svg"]),
        ("log", ["--logbook", "north-desk/run.sqlite"]),
        ("log-trend", ["--logbook", "north-desk/run.sqlite", "--trend"]),
        ("keeper", []),
        ("doctor", []),
        ("inspect", ["a.icc"]),
        ("inspect", ["a.icc", "--against", "b.icc"]),
        ("recheck", ["north-desk/report.json"]),
        ("white", ["--daylight", "6504"]),
        ("white", ["--xy", "0.3127,0.3290"]),
    ]
    for schema, args in tries:
        for o in run(schema.split("-")[0], *args, "--json", codes=(0, 4)):
            yield schema, o
    lines = [("simulate", ["--display", "north-desk"], "255 255 255\n0 0 0\n"),
             ("difference", ["--formula", "2000"], "50 2.6772 -79.7751 50 0 -82.7485\n"),
             ("convert", ["--from", "srgb", "--to", "lab"], "0.5 0.5 0.5\n")]
    for schema, args, given in lines:
        for o in run(schema, *args, "--json", given=given):
            yield schema, o
    run("log", "--logbook", "both.sqlite", "--merge", "north-desk/run.sqlite")
    run("log", "--logbook", "both.sqlite", "--merge", "field-laptop/run.sqlite")
    for o in run("agree", "--logbook", "both.sqlite", "--first", "1", "--second", "2", "--json"):
        yield "agree", o
    for o in run("common-aim", "--logbook", "both.sqlite", "--out", "common.json", "--json"):
        yield "common-aim", o
    yield "manual", json.loads(run("manual"))


def main():
    import jsonschema
    cli, schemas = sys.argv[1], pathlib.Path(sys.argv[2])
    checked = {}
    with tempfile.TemporaryDirectory() as folder:
        for name, found in outputs(cli, pathlib.Path(folder)):
            schema = json.loads((schemas / (name + ".schema.json")).read_text(encoding="utf-8"))
            jsonschema.Draft202012Validator.check_schema(schema)
            problems = list(jsonschema.Draft202012Validator(schema).iter_errors(found))
            if problems:
                sys.exit(f"{name}: {problems[0].json_path}: {problems[0].message[:400]}")
            checked[name] = checked.get(name, 0) + 1
    left = sorted(p.name for p in schemas.glob("*.schema.json") if p.name[:-12] not in checked)
    if left:
        sys.exit(f"Nothing was held against {', '.join(left)}")
    print(f"{sum(checked.values())} outputs of {len(checked)} kinds are as their schemas say")


if __name__ == "__main__":
    main()
