#!/usr/bin/env python3
"""changelog.py CHANGELOG.md debian|version|metainfo: the changelog as Debian writes it, its newest
version, or its releases as AppStream wants them. Its headings are "## VERSION, YYYY-MM-DD"."""
import datetime
import html
import re
import sys
import textwrap

text = open(sys.argv[1], encoding="utf-8").read()
releases = [(version, date, re.findall(r"^- (.*(?:\n  .*)*)", body, re.M))
            for version, date, body in re.findall(
                r"^## (\S+), (\d{4}-\d\d-\d\d)\n(.*?)(?=^## |\Z)", text, re.M | re.S)]
if not releases:
    sys.exit(f"{sys.argv[1]}: no heading is of the form '## VERSION, YYYY-MM-DD'")
form = sys.argv[2]
if form == "version":
    print(releases[0][0])
elif form == "metainfo":
    for version, date, lines in releases:
        points = "".join(f"<li>{html.escape(' '.join(line.split()))}</li>" for line in lines)
        print(f'    <release version="{version}" date="{date}"><description><ul>{points}'
              "</ul></description></release>")
else:
    for version, date, lines in releases:
        day = datetime.date.fromisoformat(date)
        print(f"bold-lantern ({version}) stable; urgency=medium\n")
        for line in lines:
            print(textwrap.fill(" ".join(line.split()), 76, initial_indent="  * ", subsequent_indent="    "))
        print("\n -- Bold Lantern developers <developers@boldlantern.org>  "
              + day.strftime("%a, %d %b %Y") + " 12:00:00 +0000\n")
