#pragma once

#include <string>

namespace lantern::cli {

/// Options of each command as the person gave them; empty = not given. Paths are UTF-8.
struct RoomOptions {
    double lux = 0, reflectance = 0.012;
    std::string white = "0.3457,0.3585"; ///< x,y of the room's light
};
struct SimulateOptions {
    std::string display, profile, controls, slot;
    double minutes = -1; ///< since power-on; below 0 = fully warm
    bool json = false;
};
struct DifferenceOptions {
    std::string formula;
    bool json = false;
};
struct ConvertOptions {
    std::string from, to, white;
    bool json = false;
};
struct WhiteOptions {
    double cct = 0, daylight = 0; ///< kelvin; 0 = not given
    std::string xy, uv;
    std::string panel; ///< spectra of red, green and blue
    bool json = false;
};
struct BuildOptions {
    std::string readings, out, kind = "table", name, correction;
    RoomOptions room;
    int icc = 4, grid = 33;
    bool expect = false, json = false;
};
struct InspectOptions {
    std::string profile, against;
    bool json = false;
};
struct RecheckOptions {
    std::string report;
    bool json = false;
};
struct ProofOptions {
    std::string characterisation, profile;
    bool paperWhite = false, json = false;
};
struct ReportOptions {
    std::string run, logbook, out, form = "long", page = "a4", studio, text, logo;
    int id = 0; ///< of the run; 0: the newest finished one
    bool json = false;
};
struct LogOptions {
    std::string logbook, note;
    std::string figure = "luminance";        ///< of --trend
    std::string backUp, merge, rescue;       ///< files
    int noteOn = 0, remove = 0, restore = 0; ///< numbers of runs; 0: none
    bool csv = false, trend = false, readings = false, json = false;
};
struct AgreeOptions {
    std::string logbook, first, second; ///< numbers of runs, or displays
    std::string reference = "lantern40";
    bool eachAlone = false, figures = false, rank = false, json = false;
    bool read = false; ///< by what the proofs read
};
struct CommonAimOptions {
    std::string logbook, aim, out;
    std::vector<std::string> displays; ///< ids or names; empty: all
    bool json = false;
};
struct BookOptions {
    std::string command, url, logbook, name, passwordFile;
    std::string first, second, figure = "luminance", reference = "lantern40";
    int days = 400;
    bool bringOnly = false, everything = false, eachAlone = false, json = false;
};
struct PlotOptions {
    std::string run, logbook, diagram, out;
    int id = 0;
    double width = 480, height = 340; ///< points
    bool json = false;
};
struct CorrectionOptions {
    std::string meter, reference, technology, out, sensitivities, panel, meterName;
    bool json = false;
};
struct ChartOptions {
    std::string kind = "spread", picture, list, profile, out;
    int count = 96;
    double luminance = 120;
    bool json = false;
};
struct ValidateOptions {
    std::string display, profile, controls, slot, reference = "lantern40", tolerance;
    std::string aim; ///< file; empty: the one in the profile
    std::string intent = "colorimetric";
    std::string formula;            ///< empty: the tolerance's own
    std::string white = "measured"; ///< or "aimed"
    std::string against;            ///< empty: the profile
    std::string output, meter, out; ///< on a real display
    bool json = false;
};
struct CheckOptions {
    std::string run, display, output, controls, meter;
    unsigned long long seed = 2;
    bool json = false;
};
struct EvennessOptions {
    std::string display, output, meter = "reference", technology, out, fault;
    std::string grid = "3x3", greys = "255,128", tolerance = "studio";
    std::string compensation = "not-known"; ///< see compensationKey()
    unsigned long long seed = 1;
    bool json = false;
};
struct DisplaysOptions {
    bool json = false;
};
struct ProfilesOptions {
    std::string output, use;
    bool previous = false, none = false, json = false;
};
struct KeeperOptions {
    bool install = false, remove = false, json = false;
    std::string output;
    int days = -1; ///< until a reminder; below 0: as it is
};
struct DoctorOptions {
    bool json = false;
};
struct RunOptions {
    std::string display, output, aim, out, meter = "reference", technology, kind = "table", fault,
                                           chart = "96", correction, certificate,
                                           tolerance = "studio";
    RoomOptions room;
    double expectedError = 0, minutes = 0;
    std::string page, device, panel; ///< patches in the browser of a device
    int linger = 0;                  ///< seconds in which it may fetch what was made
    int icc = 4, grid = 33;
    unsigned long long seed = 1;
    bool evened = false; ///< the simulated display evens its screen out by itself
    int slot = 0;        ///< 1 is the first; 0: not said
    std::string slotName;
    bool noAdjust = false, intoSlot = false, takeOver = false, acceptMisfit = false;
    bool json = false;
};

/// Each returns the exit code 0 or 4 and throws Error for the others.
int simulate(const SimulateOptions &options);
int difference(const DifferenceOptions &options);
int convert(const ConvertOptions &options);
int white(const WhiteOptions &options);
int build(const BuildOptions &options);
int inspect(const InspectOptions &options);
int recheck(const RecheckOptions &options);
int proof(const ProofOptions &options);
int report(const ReportOptions &options);
int log(const LogOptions &options);
/// What two displays make of the same colours; which display is best.
int agree(const AgreeOptions &options);
/// The most that several displays can share.
int commonAim(const CommonAimOptions &options);
/// The shared book of a house.
int book(const BookOptions &options);
/// Backs a logbook up, merges another into it, or rescues a damaged one.
int logFiles(const LogOptions &options);
int plot(const PlotOptions &options);
int correction(const CorrectionOptions &options);
int chart(const ChartOptions &options);
int check(const CheckOptions &options);
/// How even a screen is.
int evenness(const EvennessOptions &options);
int validate(const ValidateOptions &options);
int run(const RunOptions &options);
int displays(const DisplaysOptions &options);
int profiles(const ProfilesOptions &options);
int keeper(const KeeperOptions &options);
/// What this machine, its desktop and displays can do, and what is missing.
int doctor(const DoctorOptions &options);

} // namespace lantern::cli
