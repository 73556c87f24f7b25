#include "cli/command_line.h"

namespace lantern::cli {

namespace {

/// On a simulated display or on a real one.
CLI::Option_group *addWhere(CLI::App *command, std::string &display, std::string &output)
{
    CLI::Option_group *where = command->add_option_group("where");
    where->add_option(
        "--display", display,
        "a display of the demo by its name, such as north-desk, or a display file: on the bench");
    where->add_option("--output", output, "name of an output, see displays: on the real display");
    where->require_option(1);
    return where;
}

void addProfileOptions(CLI::App *c, std::string &kind, int &icc, int &grid)
{
    c->add_option("--profile", kind,
                  "gamma (exponents and matrix), matrix (curves and matrix) or table (default)")
        ->check(CLI::IsMember({"gamma", "matrix", "table"}));
    c->add_option("--icc", icc, "ICC version, 4 (default) or 2");
    c->add_option("--grid", grid, "points a side of the tables, odd, 17 to 45; default 33");
}

void addRoomOptions(CLI::App *c, RoomOptions &o)
{
    c->add_option("--room-lux", o.lux, "illuminance on the screen that the profile accounts for")
        ->check(CLI::NonNegativeNumber);
    c->add_option("--reflectance", o.reflectance, "of the screen, default 0.012")
        ->check(CLI::Range(0.0, 1.0));
    c->add_option("--room-white", o.white, "x,y of the room's light, default D50");
}

/// A finished run: of a folder, or of a logbook.
void addFinished(CLI::App *c, std::string &run, std::string &logbook, int &id)
{
    CLI::Option_group *which = c->add_option_group("which");
    which->add_option("--run", run, "folder of a finished run");
    which->add_option("--logbook", logbook, "the window's logbook, or another");
    which->require_option(1);
    c->add_option("--id", id, "number of the run in it; default: the newest finished one")
        ->check(CLI::Range(1, 1'000'000'000));
}

} // namespace

void addRun(CLI::App &app, RunOptions &o)
{
    CLI::App *c =
        app.add_subcommand("run", "the whole job on a simulated or real display; called again on "
                                  "the same folder it goes on from the last reading");
    CLI::Option_group *where = addWhere(c, o.display, o.output);
    where->add_option(
        "--page", o.page,
        "ADDRESS:PORT of this computer: patches in the browser of a device that opens "
        "it there");
    c->add_option("--device", o.device, "with --page: the device of that name; default: the first");
    c->add_option("--panel", o.panel,
                  "with --page: display file, for the bench's meter in front of the device");
    c->add_option("--linger", o.linger,
                  "with --page: seconds in which the device may fetch profile and report")
        ->check(CLI::NonNegativeNumber);
    c->add_option("--aim", o.aim, "aim file; default: D65, 120 cd/m², gamma 2.2");
    c->add_option("--chart", o.chart,
                  "number of patches, 24 to 12000 (default 96), or a CGATS, CxF3 or CSV list");
    c->add_option(
         "--until", o.expectedError,
         "choose patches while measuring, at most --chart, until this mean ΔE00 is expected")
        ->check(CLI::NonNegativeNumber);
    c->add_option("--minutes", o.minutes, "choose patches while measuring for so long at most")
        ->check(CLI::NonNegativeNumber);
    c->add_option("--correction", o.correction, "correction file for the meter");
    c->add_option("--certificate", o.certificate,
                  "certificate of the meter, for the uncertainties");
    c->add_option("--tolerance", o.tolerance,
                  "to judge by: studio (default), general, basic, soft-proof or viewing");
    c->add_flag("--into-slot", o.intoSlot, "calibrate the monitor's own memory, not the video LUT");
    c->add_option("--slot", o.slot,
                  "slot of it, 1 the first; the aim's primaries are mixed there "
                  "where the monitor can")
        ->check(CLI::PositiveNumber);
    c->add_option("--slot-name", o.slotName, "what it is called");
    c->add_option("--out", o.out, "folder for profile, readings and report")->required();
    c->add_option("--meter", o.meter,
                  "of the bench: reference (default) or colorimeter; or driver:PROGRAM, "
                  "command:PROGRAM that prints X Y Z, or hand: numbers on standard input");
    c->add_option("--technology", o.technology, "meter correction; default: the display's own");
    c->add_option("--seed", o.seed, "of the meter's noise; default 1");
    c->add_flag("--take-over", o.takeOver,
                "take the folder's logbook over from a program on another computer that is gone");
    c->add_flag("--accept-misfit", o.acceptMisfit,
                "install the profile even where the readings do not fit it");
    c->add_flag("--no-adjust", o.noAdjust, "leave the monitor's controls alone");
    c->add_option("--fault", o.fault, "KIND@READING: make the meter fail once, e.g. unplugged@40");
    addProfileOptions(c, o.kind, o.icc, o.grid);
    addRoomOptions(c, o.room);
    addJson(c, o.json);
}

void addCheck(CLI::App &app, CheckOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "check", "does a finished run still hold? One minute of readings against it; exit code 4 "
                 "when it drifts or has to be done again");
    c->add_option("--run", o.run, "folder of the finished run")->required();
    addWhere(c, o.display, o.output);
    c->add_option("--controls", o.controls,
                  "settings of the monitor; default: those the run left, else the display file's");
    c->add_option("--meter", o.meter,
                  "of the bench: reference (default) or colorimeter; with --output "
                  "driver:PROGRAM, command:PROGRAM or hand");
    c->add_option("--seed", o.seed, "of the meter's noise; default 2");
    addJson(c, o.json);
}

void addEvenness(CLI::App &app, EvennessOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "evenness",
        "reads the same greys all over the screen; the meter is led from field to field. Called "
        "again on the same folder it goes on from the last reading; exit code 4 when a limit of "
        "the tolerance is passed");
    addWhere(c, o.display, o.output);
    c->add_option("--out", o.out, "folder for the readings")->required();
    c->add_option("--grid", o.grid, "fields across and down; default 3x3");
    c->add_option("--greys", o.greys, "code values, the brightest first; default 255,128");
    c->add_option("--compensation", o.compensation,
                  "the monitor's own evening out: on, off or not-known (default); a simulated "
                  "display is set to it")
        ->check(CLI::IsMember({"on", "off", "not-known"}));
    c->add_option("--tolerance", o.tolerance,
                  "to judge by: studio (default), general, basic, soft-proof or viewing");
    c->add_option("--meter", o.meter,
                  "of the bench: reference (default) or colorimeter; with --output "
                  "driver:PROGRAM, command:PROGRAM or hand");
    c->add_option("--technology", o.technology, "meter correction; default: the display's own");
    c->add_option("--seed", o.seed, "of the meter's noise; default 1");
    c->add_option("--fault", o.fault, "KIND@READING: make the meter fail once, e.g. unplugged@40");
    addJson(c, o.json);
}

void addValidate(CLI::App &app, ValidateOptions &o)
{
    CLI::App *c =
        app.add_subcommand("validate", "reference colours through a profile on a simulated "
                                       "display, without meter noise, or on a real one by a "
                                       "meter; prints ΔE00");
    addWhere(c, o.display, o.output);
    c->add_option("--profile", o.profile, "ICC profile; with --output default: the one in use");
    c->add_option("--meter", o.meter, "with --output: driver:PROGRAM, command:PROGRAM or hand");
    c->add_option("--out", o.out, "with --output: folder for the readings");
    c->add_option("--controls", o.controls, "settings of the monitor; default: the display file's");
    c->add_option("--slot", o.slot, "slot.json of a calibrated memory slot");
    c->add_option("--reference", o.reference,
                  "lantern40 (default), lantern72, chart24, skin, greys:COUNT, primaries, sweeps, "
                  "random:COUNT:SEED, or a CGATS, CxF3 or CSV list");
    c->add_option("--tolerance", o.tolerance,
                  "studio, general, basic, soft-proof or viewing, or a file of limits: exit code 4 "
                  "when exceeded");
    c->add_option("--formula", o.formula,
                  "difference of the colours: 2000, 76, 94, cmc or itp; default: the tolerance's")
        ->check(CLI::IsMember({"2000", "76", "94", "cmc", "itp"}));
    c->add_option("--white", o.white,
                  "what colours are relative to: measured (default) or aimed white")
        ->check(CLI::IsMember({"measured", "aimed"}));
    c->add_option("--against", o.against,
                  "hold the display against its aim, or against srgb, adobe-rgb, display-p3, "
                  "dci-p3 or rec2020, without its profile")
        ->check(CLI::IsMember({"aim", "srgb", "adobe-rgb", "display-p3", "dci-p3", "rec2020"}));
    c->add_option("--aim", o.aim,
                  "aim file to judge white, luminance and tone by; default: the "
                  "aim that the profile was made for");
    c->add_option("--intent", o.intent,
                  "colorimetric (default), or perceptual: with black point compensation, against "
                  "what the profile says is shown")
        ->check(CLI::IsMember({"colorimetric", "perceptual"}));
    addJson(c, o.json);
}

void addBuild(CLI::App &app, BuildOptions &o)
{
    CLI::App *c = app.add_subcommand("build", "a profile from readings made anywhere");
    c->add_option("--readings", o.readings, "CGATS file with RGB_* (0..255) and XYZ_* (cd/m²)")
        ->required();
    c->add_option("--out", o.out, "ICC file to write")->required();
    c->add_option("--name", o.name, "description; default: the file's DISPLAY keyword");
    c->add_option("--correction", o.correction, "correction file of the meter, applied first");
    c->add_flag("--expect", o.expect, "also tell the error to expect, by cross-validation");
    addProfileOptions(c, o.kind, o.icc, o.grid);
    addRoomOptions(c, o.room);
    addJson(c, o.json);
}

void addChart(CLI::App &app, ChartOptions &o)
{
    CLI::App *c =
        app.add_subcommand("chart", "writes a chart for run --chart, tells how long it takes");
    c->add_option("--kind", o.kind, "spread (default), grid or rendition24")
        ->check(CLI::IsMember({"spread", "grid", "rendition24"}));
    c->add_option("--count", o.count, "patches, or colours to take from a picture")
        ->check(CLI::Range(1, 12000));
    c->add_option("--picture", o.picture, "PNG, TIFF or JPEG whose key colours to take");
    c->add_option("--list", o.list, "CGATS, CxF3 or CSV list of colours");
    c->add_option("--profile", o.profile, "of the display, to place Lab colours; default: as sRGB");
    c->add_option("--luminance", o.luminance, "of white in cd/m², for the time")
        ->check(CLI::PositiveNumber);
    c->add_option("--out", o.out, "CGATS file to write")->required();
    addJson(c, o.json);
}

void addCorrection(CLI::App &app, CorrectionOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "correction",
        "a meter's correction: from readings of one display by it and by a better one, or computed "
        "from spectra");
    auto *meter =
        c->add_option("--meter", o.meter, "CGATS readings of red, green, blue, white by the meter");
    auto *reference =
        c->add_option("--reference", o.reference, "the same by the reference")->needs(meter);
    meter->needs(reference);
    auto *sensitivities = c->add_option(
        "--sensitivities", o.sensitivities,
        "CSV or CGATS: the meter's X, Y, Z over wavelength, on the scale of the CIE functions");
    auto *panel = c->add_option("--spectra", o.panel,
                                "CSV or CGATS: light of the panel's red, green, blue, white");
    sensitivities->needs(panel)->excludes(meter);
    panel->needs(sensitivities);
    c->add_option("--for", o.meterName, "name of the meter, with --spectra");
    c->add_option("--technology", o.technology, "of the panel")->required();
    c->add_option("--out", o.out, "file to write")->required();
    addJson(c, o.json);
}

void addReport(CLI::App &app, ReportOptions &o)
{
    CLI::App *c = app.add_subcommand("report", "the report of any finished run: PDF, HTML, JSON, "
                                               "the colours as CSV or the readings as CGATS");
    addFinished(c, o.run, o.logbook, o.id);
    c->add_option("--out", o.out, "file; its ending tells the kind")->required();
    c->add_option("--form", o.form, "long (default), or short: one page for a client")
        ->check(CLI::IsMember({"long", "short"}));
    c->add_option("--page", o.page, "a4 (default) or letter")
        ->check(CLI::IsMember({"a4", "letter"}));
    c->add_option("--studio", o.studio, "name of who reports");
    c->add_option("--text", o.text, "free text below it");
    c->add_option("--logo", o.logo, "PNG, JPEG or SVG file");
    addJson(c, o.json);
}

void addPlot(CLI::App &app, PlotOptions &o)
{
    CLI::App *c = app.add_subcommand(
        "plot", "a diagram of a finished run as SVG, PDF, PNG or CSV; without --diagram: which "
                "there are");
    addFinished(c, o.run, o.logbook, o.id);
    c->add_option("--diagram", o.diagram,
                  "tone, gamma, correction, lut, grey-tint, grey-uv, "
                  "gamut-uv, gamut-xy, share or roses");
    c->add_option("--out", o.out, "file; its ending tells the kind");
    c->add_option("--width", o.width, "points; default 480")->check(CLI::Range(100, 5000));
    c->add_option("--height", o.height, "points; default 340")->check(CLI::Range(100, 5000));
    addJson(c, o.json);
}

} // namespace lantern::cli
