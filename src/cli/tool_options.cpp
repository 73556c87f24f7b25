#include "cli/command_line.h"

#include <set>

namespace lantern::cli {

void addDisplays(CLI::App &app, DisplaysOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "displays", "the displays of this desktop, what each is able to do, and what is in force");
    addJson(c, o.json);
}

void addProfiles(CLI::App &app, ProfilesOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "profiles", "the profiles of a display, which is in use, and the way to another");
    c->add_option("--output", o.output, "name of an output, see displays")->required();
    auto *use = c->add_option("--use", o.use, "ICC file to put in use, kept at every login");
    auto *previous = c->add_flag("--previous", o.previous, "the one that was in use before");
    auto *none = c->add_flag("--none", o.none, "no profile, and no video LUT");
    use->excludes(previous)->excludes(none);
    previous->excludes(none);
    addJson(c, o.json);
}

void addKeeper(CLI::App &app, KeeperOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "keeper", "what keeps profiles in force from login to login, and reminds of checks");
    auto *install = c->add_flag("--install", o.install, "start it now and at every login");
    c->add_flag("--remove", o.remove, "end it, and start it no more")->excludes(install);
    auto *output = c->add_option("--output", o.output, "name of an output, see displays");
    auto *days = c->add_option("--remind", o.days, "days from a check to the reminder; 0: never")
                     ->check(CLI::Range(0, 3650));
    output->needs(days);
    days->needs(output);
    addJson(c, o.json);
}

void addSimulate(CLI::App &app, SimulateOptions &o)
{
    CLI::App *c =
        app.add_subcommand("simulate", "R G B (0..255) a line in, X Y Z (cd/m²) out: what "
                                       "a simulated display emits at its centre");
    c->add_option("--display", o.display, "display file")->required();
    c->add_option("--profile", o.profile, "ICC profile whose video LUT is applied");
    c->add_option("--controls", o.controls, "settings of the monitor; default: the display file's");
    c->add_option("--slot", o.slot, "slot.json of a calibrated memory slot");
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

void addConvert(CLI::App &app, ConvertOptions &o)
{
    const std::set<std::string> spaces = {"xyz", "xyy", "lab", "lch", "luv", "uv", "srgb"};
    CLI::App *c = app.add_subcommand(
        "convert", "three numbers a line in, three out. xyz and the Y of xyy and uv (u' v' Y) are "
                   "in the scale of the white; srgb is 0..1, hue in degrees");
    c->add_option("--from", o.from, "xyz xyy lab lch luv uv srgb")
        ->required()
        ->check(CLI::IsMember(spaces));
    c->add_option("--to", o.to, "the same")->required()->check(CLI::IsMember(spaces));
    c->add_option("--white", o.white,
                  "A, D50, D55, D65, D75, E (Y = 1) or X,Y,Z in any scale; default D50, with srgb "
                  "D65. srgb is adapted from D65 with Bradford");
    addJson(c, o.json);
}

void addWhite(CLI::App &app, WhiteOptions &o)
{
    CLI::App *c = app.add_subcommand("white", "chromaticity, correlated colour temperature, Duv");
    c->add_option("--cct", o.cct, "kelvin of a blackbody, 1000 to 25000");
    c->add_option("--daylight", o.daylight, "kelvin of a CIE daylight, 4000 to 25000");
    c->add_option("--xy", o.xy, "x,y");
    c->add_option("--uv", o.uv, "u',v'");
    c->add_option(
        "--panel", o.panel,
        "spectra of a panel's red, green and blue; with --daylight: what its white has to "
        "be for the 10° observer");
    addJson(c, o.json);
}

void addInspect(CLI::App &app, InspectOptions &o)
{
    CLI::App *c =
        app.add_subcommand("inspect", "header, tags, white, gamut and video LUT of a profile");
    c->add_option("profile", o.profile, "ICC profile")->required();
    c->add_option("--against", o.against, "another profile to compare the gamut with");
    addJson(c, o.json);
}

void addRecheck(CLI::App &app, RecheckOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "recheck", "computes a report's figures anew from the readings it carries; exit code 4 "
                   "when one disagrees");
    c->add_option("report", o.report, "report.json")->required();
    addJson(c, o.json);
}

void addProof(CLI::App &app, ProofOptions &o)
{
    CLI::App *c = app.add_subcommand("proof", "how well a display can show a printing condition");
    c->add_option("--characterisation", o.characterisation,
                  "CGATS file with CMYK or RGB and Lab or XYZ, or ICC output profile")
        ->required();
    c->add_option("--profile", o.profile, "ICC profile of the display")->required();
    c->add_flag("--paper-white", o.paperWhite,
                "show the paper's own white instead of the display's");
    addJson(c, o.json);
}

void addDoctor(CLI::App &app, DoctorOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "doctor", "what this machine, its desktop and displays can do, and what is missing; exit "
                  "code 4 when something is");
    addJson(c, o.json);
}

} // namespace lantern::cli
