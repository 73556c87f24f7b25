"""What the C++ sources say: their string literals, and the messages of errors with their advice."""
import pathlib
import re
import xml.etree.ElementTree as xml

LITERAL = re.compile(r'(?:u8)?"((?:[^"\\\n]|\\.)*)"')
COMMENT = re.compile(r'("(?:[^"\\\n]|\\.)*"|\'(?:[^\'\\\n]|\\.)+\')|//[^\n]*|/\*.*?\*/', re.S)
RAW = re.compile(r'R"(\w*)\((.*?)\)\1"', re.S)


def code_of(path):
    """A source without comments and raw literals."""
    text = RAW.sub('""', pathlib.Path(path).read_text(encoding="utf-8"))
    return COMMENT.sub(lambda m: m.group(1) or " ", text)


def unescaped(text):
    return (text.replace(r"\"", '"').replace(r"\n", "\n").replace(r"\t", "\t")
            .replace("\\\\", "\\"))


def literals(code):
    """Adjacent literals as one: (place where the first begins, place after the last, text)."""
    found = []
    for m in LITERAL.finditer(code):
        if found and not code[found[-1][1]:m.start()].strip():
            found[-1] = (found[-1][0], m.end(), found[-1][2] + unescaped(m.group(1)))
        else:
            found.append((m.start(), m.end(), unescaped(m.group(1))))
    return found


def arguments(code, start):
    """Arguments of the call whose parenthesis opens before `start`, as pieces of code."""
    depth, begin, pieces, i = 0, start, [], start
    while i < len(code):
        c = code[i]
        if c == '"':
            i = LITERAL.match(code, i).end()
            continue
        if c in "([{":
            depth += 1
        elif c in ")]}":
            if depth == 0:
                break
            depth -= 1
        elif c == "," and depth == 0:
            pieces.append(code[begin:i])
            begin = i + 1
        i += 1
    pieces.append(code[begin:i])
    return pieces


def errors(source_folder):
    """(kind, problem, advice) of each error that the programs can raise, in the sources' order."""
    seen, out = set(), []
    for path in sorted(pathlib.Path(source_folder).rglob("*.cpp")):
        code = code_of(path)
        for m in re.finditer(r"\bError\(ErrorKind::(\w+),", code):
            pieces = arguments(code, m.end())
            texts = [literals(p) for p in pieces[1:3]]
            problem = texts[0][0][2] if texts and texts[0] else ""
            advice = texts[1][0][2] if len(texts) > 1 and texts[1] else ""
            if " " in problem and problem not in seen:
                seen.add(problem)
                out.append((m.group(1), problem, advice))
    return out


def slug(text):
    return re.sub(r"[^a-z0-9]+", "-", re.sub(r"%\d", "", text.lower())).strip("-")[:60]


def translations(folder):
    """Of each language but English, by its code: what says a text of the programs in it."""
    out = {}
    for path in sorted(pathlib.Path(folder).glob("bold-lantern_*.ts")):
        tree = xml.parse(path)
        known = {m.findtext("source"): m.findtext("translation") for m in tree.iter("message")
                 if m.get("numerus") != "yes" and not m.find("translation").get("type")}
        if path.stem != "bold-lantern_en":
            out[path.stem.split("_")[1]] = lambda text, known=known: known.get(text) or text
    return out
