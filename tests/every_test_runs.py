#!/usr/bin/env python3
"""Fails when a test class has a method that looks like a test but never runs: a method without
parameters that is no slot and that nothing in its file calls."""
import pathlib
import re
import sys

SECTION = re.compile(r"^\s*(public|private|protected)(\s+slots)?\s*:")
METHOD = re.compile(r"^ {4}void (\w+)\(\)\s*(const)?\s*(\{.*)?$")


def lost_methods(path):
    text = path.read_text(encoding="utf-8")
    slots = False
    for line in text.splitlines():
        if re.match(r"^(class|struct) ", line):
            slots = False
        section = SECTION.match(line)
        if section:
            slots = bool(section.group(2))
        method = METHOD.match(line)
        if method and not slots and len(re.findall(rf"\b{method.group(1)}\b", text)) == 1:
            yield method.group(1)


def main():
    lost = [(path, name) for path in sorted(pathlib.Path(sys.argv[1]).rglob("*_test.cpp"))
            for name in lost_methods(path)]
    for path, name in lost:
        print(f"{path}: {name}() is no slot and nobody calls it: it never runs")
    return 1 if lost else 0


sys.exit(main())
