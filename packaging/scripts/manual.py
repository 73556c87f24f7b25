#!/usr/bin/env python3
"""Man pages of all programs, bash completion and the handbook's page of commands, from what the programs
say of themselves: `bold-lantern-cli manual` and the others' --help."""
import argparse
import json
import os
import pathlib
import re
import subprocess

from sources import translations

parser = argparse.ArgumentParser()
for program in ("gui", "cli", "keeper", "bench-meter"):
    parser.add_argument("--" + program, required=True)
parser.add_argument("--translations", required=True, type=pathlib.Path)
parser.add_argument("--out", required=True, type=pathlib.Path)
args = parser.parse_args()


def run(*command):
    """In English, whatever whoever builds this has chosen."""
    english = dict(os.environ, LC_ALL="C.UTF-8", LANGUAGE="", XDG_CONFIG_HOME=str(args.out / "no-settings"))
    return subprocess.run(command, capture_output=True, text=True, check=True, env=english).stdout


def troff(text):
    text = text.replace("\\", "\\e").replace("-", "\\-")
    return re.sub(r"^([.'])", r"\\&\1", text, flags=re.M)


def heading(name, version, summary):
    return (f'.TH {name.upper()} 1 "" "Bold Lantern {version}" "User commands"\n'
            f".SH NAME\n{troff(name)} \\- {troff(summary)}\n")


SEE_ALSO = {"bold-lantern": "bold-lantern-cli", "bold-lantern-cli": "bold-lantern",
            "bold-lantern-keeper": "bold-lantern-cli", "bold-lantern-bench-meter": "bold-lantern-cli"}


def ending(name):
    other = SEE_ALSO[name]
    return (".SH SEE ALSO\n.BR " + troff(other) + " (1)\n.PP\nThe handbook, in the window's menu Help and "
            "in\n.IR /usr/share/bold\\-lantern/handbook .\n")


def plain_page(name, program, version):
    """A page for a program whose --help is: usage, a text, then options with two blanks before."""
    said = run(program, "--help")
    usage = re.search(r"Usage: \S*?(?:/?" + re.escape(name) + r")?(?:\s+(.*))?\n", said)
    body = said[usage.end():] if usage else said
    text = re.split(r"^(?:Options|Arguments):", body, flags=re.M)[0]
    summary = " ".join(text.split()).split(".")[0]
    page = heading(name, version, summary[0].lower() + summary[1:])
    page += (f".SH SYNOPSIS\n.B {troff(name)}\n" + troff((usage.group(1) or "") if usage else "") + "\n"
             f".SH DESCRIPTION\n{troff(' '.join(text.split()))}\n.SH OPTIONS\n")
    for option, does in re.findall(r"^  (-\S.*?|\S+)\s{2,}(\S.*(?:\n {10,}\S.*)*)", body, re.M):
        page += f".TP\n.B {troff(option)}\n{troff(' '.join(does.split()))}\n"
    return page + ending(name)


def cli_page(manual):
    page = heading("bold-lantern-cli", manual["version"], "measure, profile and validate displays")
    page += (".SH SYNOPSIS\n.B bold\\-lantern\\-cli\n.I COMMAND\n[options]\n.SH DESCRIPTION\n"
             "All that the window does, for scripts. Results go to standard output, messages and progress "
             "to standard error; with\n.B \\-\\-json\nthe result is one JSON object.\n.SH COMMANDS\n")
    for command in manual["commands"]:
        page += f".SS {troff(command['name'])}\n{troff(command['does'])}\n"
        for o in command["options"]:
            value = f" \\fI{troff(o['value'])}\\fR" if o["value"] else ""
            page += f".TP\n\\fB{troff(o['name'])}\\fR{value}\n{troff(o['does'])}\n"
        if command["examples"]:
            page += ".PP\nExamples:\n"
        for e in command["examples"]:
            page += f".PP\n.nf\n{troff(e['line'])}\n.fi\n.RS\n{troff(e['does'])}\n.RE\n"
    page += (".SH EXIT STATUS\n.TP\n.B 0\ndone\n.TP\n.B 2\nan input is wrong\n.TP\n.B 3\na device failed\n"
             ".TP\n.B 4\na limit was passed, or something is missing\n")
    return page + ending("bold-lantern-cli")


def completion(manual):
    names = " ".join(c["name"] for c in manual["commands"])
    cases = ""
    for command in manual["commands"]:
        options = [o["name"] for o in command["options"] if o["name"].startswith("--")]
        cases += f"        {command['name']}) words='{' '.join(options + ['--help'])}' ;;\n"
    return f"""# bash completion of bold-lantern-cli
_bold_lantern_cli()
{{
    local word=${{COMP_WORDS[COMP_CWORD]}} words='{names} --help --version'
    if [ "$COMP_CWORD" -gt 1 ]; then
        case ${{COMP_WORDS[1]}} in
{cases}        *) words= ;;
        esac
    fi
    case $word in
        -*) mapfile -t COMPREPLY < <(compgen -W "$words" -- "$word") ;;
        *) if [ "$COMP_CWORD" -gt 1 ]; then
               mapfile -t COMPREPLY < <(compgen -f -- "$word")
           else
               mapfile -t COMPREPLY < <(compgen -W "$words" -- "$word")
           fi ;;
    esac
}}
complete -o filenames -F _bold_lantern_cli bold-lantern-cli
"""


PAGE = {
    "": ("Commands", "The program `bold-lantern-cli` does all that the window does, for scripts.", "option"),
    "de": ("Befehle", "Das Programm `bold-lantern-cli` tut alles, was das Fenster tut, für Skripte.", "Option"),
}


def commands_page(manual, language="", said=lambda text: text):
    def sentence(text):
        return said(text)[0].upper() + said(text)[1:] + "."

    title, about, option = PAGE[language]
    page = f"# {title}\n\n{about}\n"
    for command in manual["commands"]:
        page += f"\n## {command['name']}\n\n{sentence(command['does'])}\n"
        for e in command["examples"]:
            page += f"\n    {e['line']}\n\n{sentence(e['does'])}\n"
        page += f"\n| {option} | |\n|---|---|\n"
        for o in command["options"]:
            does = said(o["does"]).replace("|", "\\|") if o["does"] else ""
            page += f"| `{o['name']}` {o['value']} | {does} |\n"
    return page


manual = json.loads(run(args.cli, "manual"))
folder = args.out / "man"
folder.mkdir(parents=True, exist_ok=True)
for name, program in (("bold-lantern", args.gui), ("bold-lantern-keeper", args.keeper),
                      ("bold-lantern-bench-meter", getattr(args, "bench_meter"))):
    (folder / (name + ".1")).write_text(plain_page(name, program, manual["version"]), encoding="utf-8")
(folder / "bold-lantern-cli.1").write_text(cli_page(manual), encoding="utf-8")
(args.out / "completion").write_text(completion(manual), encoding="utf-8")
(args.out / "commands.md").write_text(commands_page(manual), encoding="utf-8")
for language, said in translations(args.translations).items():
    (args.out / f"commands_{language}.md").write_text(commands_page(manual, language, said), encoding="utf-8")
