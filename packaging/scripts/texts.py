#!/usr/bin/env python3
"""texts.py SRC: the texts of the core's messages as a C++ source that lupdate understands, context
"Core"; to standard output. Whatever may be one is taken: a text more does no harm."""
import pathlib
import re
import sys

from sources import code_of, literals

LAYERS = ("core", "run", "platform", "desk", "remote", "bench", "paper", "cli")
NOT_WORDS = re.compile(r"^bold-lantern-cli |^echo |NOT NULL|QLatin1|QString|std::|'none'|D-Bus Interface|^(SELECT|INSERT|UPDATE|DELETE|CREATE|PRAGMA|ALTER|DROP|ATTACH|DETACH|BEGIN|COMMIT"
                       r"|ROLLBACK|WITH|SET|COPY|LOCK|GRANT|<|/|\.|#|--)|[{}\\<>]|(?<!\(k )=|;(?! )|_|\n|^\W*$")
TRANSLATED_OTHERWISE = re.compile(r"(?:\btr|translate|QT_TR_NOOP|QByteArray|QLatin1String|QStringLiteral|"
                                  r"qEnvironmentVariable\w*)\s*\(\s*$")


def is_text(text, before):
    if TRANSLATED_OTHERWISE.search(before[-60:]) or NOT_WORDS.search(text):
        return False
    if re.search(r"(?:<<|\+)\s*$", before[-12:]):  # a piece of something that is put together
        return False
    if " " in text.strip():
        return bool(re.search(r"[a-z]{2}", text))
    return "%1" in text and bool(re.search(r"[a-z]{2}", text))


out, seen = [], set()
for layer in LAYERS:
    for path in sorted(pathlib.Path(sys.argv[1], layer).rglob("*.[ch]*")):
        code = code_of(path)
        for start, _, text in literals(code):
            if text not in seen and is_text(text, code[:start].rstrip(" \n") + " "[:0]):
                seen.add(text)
                out.append(text)
# Words that stand in messages as their arguments.
for text in [line.strip() for line in
             pathlib.Path(__file__).with_name("words.txt").read_text(encoding="utf-8").splitlines()]:
    if text and text not in seen:
        out.append(text)
print("const char *texts[] = {")
for text in out:
    escaped = text.replace("\\", "\\\\").replace('"', '\\"')
    print(f'QT_TRANSLATE_NOOP("Core", "{escaped}"),')
print("};")
