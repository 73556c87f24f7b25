#!/usr/bin/env python3
"""pseudo.py FROM.ts TO.ts: a made-up language of all texts in FROM. Every letter is replaced by one
with an accent, and each text is a third longer and in brackets: what is not translated stands out, and
what does not fit is cut off."""
import re
import sys
import xml.etree.ElementTree as xml

ACCENTED = str.maketrans("AEIOUaeiouycnsz", "ÀÉÎÖÛàéîöûýçñšž")
KEPT = re.compile(r"(%L?\d|%n|&\w|\{\w+\}|<[^>]+>|\*\.\w+)")


def pseudo(text):
    parts = KEPT.split(text)
    words = "".join(p if KEPT.fullmatch(p) else p.translate(ACCENTED) for p in parts)
    if text.endswith((")", "*")) and "*." in text:  # kinds of files
        return words
    if not re.search(r"[A-Za-z]{3}", re.sub(r"&|lx|cd/m", "", text)):  # units are the same in every language
        return text
    return f"⟦{words}{'·' * (len(text) // 3)}⟧"


tree = xml.parse(sys.argv[1])
tree.getroot().set("language", "de")
for message in tree.iter("message"):
    source = message.find("source").text or ""
    translation = message.find("translation")
    translation.attrib.pop("type", None)
    forms = translation.findall("numerusform")
    if message.get("numerus") == "yes":
        for form in list(forms):
            translation.remove(form)
        translation.text = None
        for _ in range(2):
            xml.SubElement(translation, "numerusform").text = pseudo(source)
    else:
        translation.text = pseudo(source)
tree.write(sys.argv[2], encoding="utf-8", xml_declaration=True)
