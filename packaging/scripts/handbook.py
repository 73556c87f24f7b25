#!/usr/bin/env python3
"""handbook.py DOCS SRC COMMANDS.md TRANSLATIONS OUT: the handbook as HTML that needs no network. Its order is
in DOCS/contents.json; pages of another language lie in a folder of its name, the page of commands beside
COMMANDS.md. A link to a page or an anchor that is not there is an error."""
import html
import json
import pathlib
import re
import shutil
import sys

import markdown

from sources import errors, slug, translations

docs, sources, commands, words_folder, out = map(pathlib.Path, sys.argv[1:6])
shutil.rmtree(out, ignore_errors=True)
out.mkdir(parents=True)
contents = json.loads((docs / "contents.json").read_text(encoding="utf-8"))


MESSAGES = {
    "": ("What a message means",
         "Every message says what was wrong, where, and what to do. Here are those of the programs, by what they "
         "have to do with; %1, %2 … stand for names and numbers.",
         ("Something given is wrong", "A device, a disk or a file", "A limit was passed"),
         "The message names what it is about; put that right and try again."),
    "de": ("Was eine Meldung bedeutet",
           "Jede Meldung sagt, was falsch war, wo, und was zu tun ist. Hier stehen die der Programme, nach dem, womit "
           "sie zu tun haben; %1, %2 … stehen für Namen und Zahlen.",
           ("Etwas Angegebenes ist falsch", "Ein Gerät, eine Platte oder eine Datei", "Eine Grenze ist überschritten"),
           "Die Meldung nennt, worum es geht; bringen Sie das in Ordnung, und versuchen Sie es noch einmal."),
}


def messages_page(language="", said=lambda text: text):
    """Every error that the programs can raise, with its advice. Anchors are the same in every language."""
    title, about, kinds, otherwise = MESSAGES[language]
    text = f"# {title}\n\n{about}\n"
    topics, used = [], set()
    for kind, heading in zip(("BadInput", "Device", "NotGoodEnough"), kinds):
        found = [(p, a) for k, p, a in errors(sources) if k == kind]
        if not found:
            continue
        text += f"\n## {heading}\n"
        for problem, advice in sorted(found):
            anchor = slug(problem)
            while anchor in used:  # two that differ in what stands in their places
                anchor += "-2"
            used.add(anchor)
            text += (f'\n<h3 id="{anchor}">{html.escape(said(problem))}</h3>\n\n'
                     + (html.escape(said(advice)) if advice else otherwise) + "\n")
            topics.append({"text": problem, "page": "messages.html#" + anchor})
    return text, topics


def pages():
    """Name, language and text of every page."""
    for chapter in contents:
        for page in chapter["pages"]:
            if page["name"] == "commands":
                yield page["name"], "", commands.read_text(encoding="utf-8")
            elif page["name"] == "messages":
                yield page["name"], "", messages_page()[0]
            else:
                text = (docs / page.get("from", page["name"] + ".md")).read_text(encoding="utf-8")
                if "from" in page:  # of the project's documents, whose neighbours are not here
                    text = re.sub(r"\[([^\]]*)\]\((?![a-z]+:|#)[^)]*\)", r"\1", text)
                yield page["name"], "", text
    for language, said in translations(words_folder).items():
        yield "messages", language, messages_page(language, said)[0]
        yield "commands", language, commands.with_name(f"commands_{language}.md").read_text(encoding="utf-8")
    for folder in sorted(p for p in docs.iterdir() if p.is_dir() and len(p.name) == 2):
        for path in sorted(folder.glob("*.md")):
            yield path.stem, folder.name, path.read_text(encoding="utf-8")


def title_of(text):
    return re.search(r"^# (.+)$", text, re.M).group(1)


WORDS = {"": ("Contents", "Search", "en"), "de": ("Inhalt", "Suchen", "de")}
all_pages = list(pages())
titles = {(language, name): title_of(text) for name, language, text in all_pages}


def contents_list(language, up, current):
    items = ""
    for chapter in contents:
        items += f"<li><b>{html.escape(chapter['title_' + language if language else 'title'])}</b><ul>"
        for page in chapter["pages"]:
            own = language if (language, page["name"]) in titles else ""  # else it is there in English
            folder = "" if own == language else up
            mark = ' aria-current="page"' if page["name"] == current and own == language else ""
            items += (f'<li><a href="{folder}{page["name"]}.html"{mark}>'
                      f'{html.escape(titles[own, page["name"]])}</a></li>')
        items += "</ul></li>"
    return f"<ul>{items}</ul>"


def write(name, language, text):
    up = "../" if language else ""
    words = WORDS[language]
    body = markdown.markdown(text, extensions=["tables", "fenced_code", "toc", "sane_lists"])
    page = f"""<!DOCTYPE html>
<html lang="{words[2]}"><head><meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{html.escape(title_of(text))} · Bold Lantern</title>
<link rel="stylesheet" href="{up}handbook.css"></head><body>
<!--around--><nav aria-label="{words[0]}"><form role="search"><label for="find">{words[1]}</label>
<input id="find" type="search" data-up="{up}"></form><ol id="found" hidden></ol>
{contents_list(language, up, name)}</nav><!--/around-->
<main>{body}</main>
<!--around--><script src="{up}pages.js"></script><script src="{up}search.js"></script><!--/around-->
</body></html>
"""
    path = out / language / (name + ".html")
    path.parent.mkdir(exist_ok=True)
    path.write_text(page, encoding="utf-8")


index = []
for name, language, text in all_pages:
    write(name, language, text)
    plain = re.sub(r"<[^>]+>|[#*`|]|\]\([^)]*\)|\[", " ", text)
    index.append([language + "/" * bool(language) + name + ".html", title_of(text), " ".join(plain.split())])
(out / "pages.js").write_text("const PAGES = " + json.dumps(index, ensure_ascii=False) + ";\n",
                              encoding="utf-8")
(out / "messages.json").write_text(json.dumps(messages_page()[1], ensure_ascii=False), encoding="utf-8")
for extra in ("handbook.css", "search.js"):
    shutil.copy(docs / extra, out)
shutil.copytree(docs / "drawings", out / "drawings")

# Every link leads somewhere.
bad = []
anchors = {p: set(re.findall(r'id="([^"]+)"', p.read_text(encoding="utf-8"))) for p in out.rglob("*.html")}
for path in out.rglob("*.html"):
    for target in re.findall(r'(?:href|src)="([^"]+)"', path.read_text(encoding="utf-8")):
        if re.match(r"[a-z]+:", target):
            continue
        file, _, anchor = target.partition("#")
        there = (path.parent / file).resolve() if file else path
        if not there.exists() or (anchor and anchor not in anchors.get(there, set())):
            bad.append(f"{path.relative_to(out)}: {target}")
if bad:
    sys.exit("Links that lead nowhere:\n" + "\n".join(bad))
