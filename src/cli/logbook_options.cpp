#include "cli/command_line.h"

namespace lantern::cli {

void addLog(CLI::App &app, LogOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "log",
        "all runs of a logbook, newest first; their notes; removes them and brings them back");
    c->add_option("--logbook", o.logbook, "the SQLite file")->required();
    c->add_flag("--csv", o.csv, "a line for each figure, for spreadsheets");
    auto *readings =
        c->add_flag("--readings", o.readings,
                    "with --csv: a line for each reading; with --json: the runs whole");
    c->add_flag("--trend", o.trend,
                "how the light of each display goes, and when it will leave its limits");
    c->add_option("--figure", o.figure,
                  "of --trend: luminance, white, contrast, tone, grey-mean, grey-worst, "
                  "colour-mean, colour-95, colour-worst, black, p3, even-light, even-tint or "
                  "even-colour; default luminance");
    auto *note = c->add_option("--note", o.note, "a remark, kept on the run that --on names");
    auto *on = c->add_option("--on", o.noteOn, "number of that run")->check(CLI::PositiveNumber);
    note->needs(on);
    on->needs(note);
    c->add_option("--remove", o.remove, "number of a run that no list is to show")
        ->check(CLI::PositiveNumber);
    c->add_option("--restore", o.restore, "number of a removed run that is to come back")
        ->check(CLI::PositiveNumber);
    auto *backUp = c->add_option("--back-up", o.backUp, "file for all of it, in one");
    auto *merge =
        c->add_option("--merge", o.merge,
                      "take over all runs of that logbook, or of a backup, that are not in "
                      "this one; a new logbook is made where there is none");
    auto *rescue = c->add_option("--rescue", o.rescue,
                                 "make that new logbook of what a damaged one still holds");
    backUp->excludes(merge, rescue, readings);
    merge->excludes(rescue, readings);
    rescue->excludes(readings);
    addJson(c, o.json);
}

void addAgree(CLI::App &app, AgreeOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "agree", "compares two runs, or two displays as they were read last: the ΔE00 predicted "
                 "between them over colours, and their figures; or all displays with one another");
    c->add_option("--logbook", o.logbook, "the SQLite file")->required();
    auto *first = c->add_option("--first", o.first, "number of a run, or id or name of a display");
    auto *second = c->add_option("--second", o.second, "the same");
    first->needs(second);
    second->needs(first);
    c->add_option("--reference", o.reference,
                  "set of colours that ships with the program, or a file of colours; default "
                  "lantern40");
    c->add_flag("--each-alone", o.eachAlone,
                "each seen by itself, the eye used to its white; default: side by side");
    auto *figures = c->add_flag("--figures", o.figures, "every figure of both instead of colours");
    c->add_flag("--read", o.read, "by what their proofs read of the same colours, nothing foretold")
        ->needs(first, second)
        ->excludes(figures);
    c->add_flag("--rank", o.rank,
                "which display is best for critical work, and which calibration no longer helps")
        ->excludes(first, second, figures);
    addJson(c, o.json);
}

void addCommonAim(CLI::App &app, CommonAimOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "common-aim", "the brightest white, contrast and gamut that several displays can share, "
                      "from what each was read to do, and what each gives up for it");
    c->add_option("--logbook", o.logbook, "the SQLite file")->required();
    c->add_option("--display", o.displays, "id or name, as often as there are; default: all");
    c->add_option("--aim", o.aim,
                  "white and tone to share, and at most that luminance; default: "
                  "D65, gamma 2.2");
    c->add_option("--out", o.out, "aim file for it");
    addJson(c, o.json);
}

void addBook(CLI::App &app, BookOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "book", "the shared book of a house, in PostgreSQL: made, joined, kept in step, asked");
    c->require_subcommand(1);
    const auto add = [&](const char *name, const char *what) {
        CLI::App *sub = c->add_subcommand(name, what);
        sub->add_option("--url,url", o.url,
                        "postgresql://user@host:port/database?sslmode=verify-full");
        sub->add_option("--password-file", o.passwordFile,
                        "file that only you can read; default: the desktop's secret service, or "
                        ".pgpass");
        sub->parse_complete_callback([&o, name] { o.command = name; });
        return sub;
    };
    const auto withLogbook = [&](CLI::App *sub) {
        sub->add_option("--logbook", o.logbook, "this computer's own")->required();
        return sub;
    };
    add("init", "makes the book on a server that exists, by somebody who may");
    add("admit", "lets a workstation in; prints its password once")
        ->add_option("--name", o.name, "of the workstation")
        ->required();
    add("password", "reads the password from the standard input into the desktop's secret service")
        ->add_option("--logbook", o.logbook, "whose book it is");
    CLI::App *join = withLogbook(add("join", "lets a logbook go with the book from now on"));
    join->add_option("--days", o.days, "runs of others are fetched that are not older; default 400")
        ->check(CLI::Range(1, 36500));
    join->add_flag("--bring-only", o.bringOnly, "fetch nothing of others");
    withLogbook(add("leave", "lets it go with none any more"));
    CLI::App *sync = withLogbook(add("sync", "brings own runs and fetches those of others"));
    sync->add_flag("--everything", o.everything,
                   "bring runs of other workstations that are in this logbook, too");
    addJson(sync, o.json);
    CLI::App *trend = add("trend", "how a figure of a display goes, over all its runs in the book");
    trend->add_option("--display", o.first, "id or name")->required();
    trend->add_option("--figure", o.figure, "see log --trend");
    CLI::App *agree = add("agree", "what two displays of the house make of the same colours");
    agree->add_option("--first", o.first, "id or name of a display")->required();
    agree->add_option("--second", o.second, "the same")->required();
    agree->add_option("--reference", o.reference, "see agree");
    agree->add_flag("--each-alone", o.eachAlone, "see agree");
    for (CLI::App *sub : {trend, agree}) {
        sub->add_option("--logbook", o.logbook, "whose book it is");
        addJson(sub, o.json);
    }
}

} // namespace lantern::cli
