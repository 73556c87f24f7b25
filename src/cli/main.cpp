#include "cli/commands.h"
#include "core/error.h"

#include <CLI/CLI.hpp>
#include <QCoreApplication>

#include <iostream>

namespace {

using namespace lantern::cli;

void addJson(CLI::App *command, bool &json)
{
    command->add_flag("--json", json, "machine-readable output");
}

void addSimulate(CLI::App &app, SimulateOptions &o)
{
    CLI::App *c =
        app.add_subcommand("simulate", "R G B (0..255) a line in, X Y Z (cd/m²) out: what "
                                       "a simulated display emits at its centre");
    c->add_option("--display", o.display, "display file")->required();
    c->add_option("--profile", o.profile, "ICC profile whose video LUT is applied");
    c->add_option("--controls", o.controls, "settings of the monitor; default: the display file's");
    c->add_option("--minutes", o.minutes, "since power-on; default: fully warm")
        ->check(CLI::NonNegativeNumber);
    addJson(c, o.json);
}

void addDifference(CLI::App &app, DifferenceOptions &o)
{
    CLI::App *c =
        app.add_subcommand("difference", "six numbers a line in, their difference out: L* a* "
                                         "b* twice, reference first; X Y Z (cd/m²) twice "
                                         "for itp");
    c->add_option("--formula", o.formula, "76, 94, cmc (2:1), 2000 or itp")
        ->required()
        ->check(CLI::IsMember({"76", "94", "cmc", "2000", "itp"}));
    addJson(c, o.json);
}

void addProfileOptions(CLI::App *c, std::string &kind, int &icc)
{
    c->add_option("--profile", kind, "matrix or table (default)")
        ->check(CLI::IsMember({"matrix", "table"}));
    c->add_option("--icc", icc, "ICC version, 4 (default)");
}

void addBuild(CLI::App &app, BuildOptions &o)
{
    CLI::App *c = app.add_subcommand("build", "a profile from readings made anywhere");
    c->add_option("--readings", o.readings, "CGATS file with RGB_* (0..255) and XYZ_* (cd/m²)")
        ->required();
    c->add_option("--out", o.out, "ICC file to write")->required();
    c->add_option("--name", o.name, "description; default: the file's DISPLAY keyword");
    addProfileOptions(c, o.kind, o.icc);
    addJson(c, o.json);
}

void addValidate(CLI::App &app, ValidateOptions &o)
{
    CLI::App *c =
        app.add_subcommand("validate", "reference colours through a profile on a simulated "
                                       "display, without meter noise; prints ΔE00");
    c->add_option("--display", o.display, "display file")->required();
    c->add_option("--profile", o.profile, "ICC profile")->required();
    c->add_option("--controls", o.controls, "settings of the monitor; default: the display file's");
    c->add_option("--reference", o.reference, "lantern40 (default), chart24, or a CGATS file");
    c->add_option("--tolerance", o.tolerance,
                  "studio, general or basic: exit code 4 when exceeded");
    addJson(c, o.json);
}

void addRun(CLI::App &app, RunOptions &o)
{
    CLI::App *c =
        app.add_subcommand("run", "the whole job on a simulated display; called again on the "
                                  "same folder it goes on from the last reading");
    c->add_option("--display", o.display, "display file")->required();
    c->add_option("--aim", o.aim, "aim file; default: D65, 120 cd/m², gamma 2.2");
    c->add_option("--chart", o.chart, "number of patches, 24 to 12000; default 96");
    c->add_option("--out", o.out, "folder for profile, readings and report")->required();
    c->add_option("--meter", o.meter, "reference (default) or colorimeter")
        ->check(CLI::IsMember({"reference", "colorimeter"}));
    c->add_option("--technology", o.technology, "meter correction; default: the display's own");
    c->add_option("--seed", o.seed, "of the meter's noise; default 1");
    c->add_flag("--no-adjust", o.noAdjust, "leave the monitor's controls alone");
    c->add_option("--fault", o.fault, "KIND@READING: make the meter fail once, e.g. unplugged@40");
    addProfileOptions(c, o.kind, o.icc);
    addJson(c, o.json);
}

} // namespace

int main(int argc, char **argv)
{
    std::ios::sync_with_stdio(false);
    QCoreApplication qt(argc, argv);
    QCoreApplication::setApplicationName(QStringLiteral("bold-lantern-cli"));
    CLI::App app("Bold Lantern on the command line: measure, profile and validate displays.");
    app.require_subcommand(1);
    app.set_version_flag("--version", LANTERN_VERSION);
    SimulateOptions simulateOptions;
    DifferenceOptions differenceOptions;
    BuildOptions buildOptions;
    ValidateOptions validateOptions;
    RunOptions runOptions;
    addRun(app, runOptions);
    addBuild(app, buildOptions);
    addValidate(app, validateOptions);
    addSimulate(app, simulateOptions);
    addDifference(app, differenceOptions);

    constexpr int kBadInput = static_cast<int>(lantern::ErrorKind::BadInput);
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError &e) {
        return app.exit(e) == 0 ? 0 : kBadInput;
    }
    try {
        if (app.got_subcommand("run"))
            return run(runOptions);
        if (app.got_subcommand("build"))
            return build(buildOptions);
        if (app.got_subcommand("validate"))
            return validate(validateOptions);
        if (app.got_subcommand("simulate"))
            return simulate(simulateOptions);
        return difference(differenceOptions);
    } catch (const lantern::Error &e) {
        std::cout.flush();
        std::cerr << "bold-lantern-cli: " << e.what() << '\n';
        return static_cast<int>(e.kind);
    } catch (const std::exception &e) {
        std::cerr << "bold-lantern-cli: unexpected: " << e.what() << '\n';
        return kBadInput;
    }
}
