#!/usr/bin/env python3
"""contexts.py FOUND.ts KEPT.ts …: brings KEPT up to the texts in FOUND, which lupdate wrote. All texts are in
one context: a text is translated alike wherever it stands; where it must not be, it has a comment. So it does
not matter how lupdate takes the classes of our sources."""
import sys
import xml.etree.ElementTree as xml


def key(message):
    comment = message.find("comment")
    return message.find("source").text or "", (comment.text or "") if comment is not None else ""


found = {}
for message in xml.parse(sys.argv[1]).iter("message"):
    k = key(message)
    found[k] = found.get(k, False) or message.get("numerus") == "yes"
for path in sys.argv[2:]:
    kept = {key(m): m for m in xml.parse(path).iter("message")}
    root = xml.Element("TS", xml.parse(path).getroot().attrib)
    context = xml.SubElement(root, "context")
    xml.SubElement(context, "name").text = "Bold Lantern"
    left = 0
    for (source, comment), numerus in sorted(found.items()):
        if path.endswith("_en.ts") and not numerus:  # English needs forms of plurals only
            continue
        message = xml.SubElement(context, "message", {"numerus": "yes"} if numerus else {})
        xml.SubElement(message, "source").text = source
        if comment:
            xml.SubElement(message, "comment").text = comment
        old = kept.get((source, comment))
        if old is not None and old.find("translation").get("type") != "unfinished":
            message.append(old.find("translation"))
        else:
            xml.SubElement(message, "translation", {"type": "unfinished"})
            left += 1
    xml.indent(root, " ")
    with open(path, "w", encoding="utf-8") as file:
        file.write('<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n'
                   + xml.tostring(root, encoding="unicode") + "\n")
    print(f"{path}: {len(context) - 1} texts, {left} to be translated")
