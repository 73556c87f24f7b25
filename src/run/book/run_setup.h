#pragma once

#include "core/aim/aim.h"
#include "core/judge/tolerance.h"
#include "core/plan/adjustment.h"
#include "core/plan/evenness_plan.h"
#include "core/plan/fine_tune.h"
#include "core/plan/raw_values.h"
#include "core/plan/settling.h"
#include "core/profile/profile_writer.h"
#include "core/profile/reference_set.h"
#include "core/reading/certificate.h"
#include "core/reading/meter_correction.h"
#include "run/book/stage.h"

#include <array>
#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace lantern::run {

/// Light of the room as a meter with a diffuser sees it.
struct RoomLight {
    double illuminanceLux = 0;
    Chromaticity chromaticity;
    bool operator==(const RoomLight &) const = default;
};

/// Mean of several readings of the light, each counted by its illuminance. \param readings not
/// empty
RoomLight meanLight(const std::vector<RoomLight> &readings);

/// Lightness of unprinted paper. White papers have L* 93 to 95, a reflectance of 0.83 to 0.88.
inline constexpr double kPaperLightness = 94;

/// Luminance in cd/m² of paper in light of this illuminance, matt (Lambert: reflectance E / π).
/// \param paperLightness L* of the paper, 0..100
double paperLuminance(double illuminanceLux, double paperLightness);

/// From a stage on another meter took the readings of a run.
struct MeterChange {
    std::string stage; ///< key of the first stage that is the new one's
    std::string from, to;
    bool operator==(const MeterChange &) const = default;
};

/// What a profile is called unless the person says otherwise. Places: {display}, {serial}, {date},
/// {aim}, {white}, {luminance}, {tone}, {technology}, {meter}.
inline constexpr const char *kUsualNameTemplate = "{display} {date} {white} {luminance} {tone}";

enum class AdjustMode { Automatic, ByHand, Skip };

/// The monitor's own evening out of its screen.
enum class Compensation { NotKnown, Off, On };

/// "not-known", "off", "on"
std::string compensationKey(Compensation compensation);

/// How evenness is measured.
struct EvennessChoice {
    EvennessGrid grid;
    std::vector<int> greys = {255, 128}; ///< code values, see EvennessPlan
    Compensation compensation = Compensation::NotKnown;
    bool operator==(const EvennessChoice &) const = default;
};

/// A calibration as a person's eye changed it.
struct KeptTune {
    FineTune tune;
    std::optional<XYZ> white = {}; ///< as read when it was kept, cd/m²; nothing: no meter was there
    bool operator==(const KeptTune &) const = default;
};

/// Everything decided before a run starts. Stored with it, so that it can go on after a crash.
struct RunSetup {
    // Made once: what copies it is in hundreds of units.
    RunSetup();
    RunSetup(const RunSetup &);
    RunSetup(RunSetup &&) noexcept;
    RunSetup &operator=(const RunSetup &);
    RunSetup &operator=(RunSetup &&) noexcept;
    ~RunSetup();

    RunKind kind = RunKind::Calibration;
    /// For a check: the run it is held against; for what was fine-tuned: the calibration below it.
    qint64 referenceRun = 0;
    std::array<double, 2> patchShare = {0.1, 0.15}; ///< for a placement: the patch, of the screen
    std::vector<std::string> skipped = {};          ///< points of the checklist left open
    std::string displayId, displayName, serial, technology;
    /// Metadata by which the desktop's colour service finds the display for a profile.
    std::vector<std::pair<std::string, std::string>> mapping = {};
    std::string meterName, correction; ///< of the meter that the run goes on with
    std::vector<MeterChange> meterChanges = {};
    std::optional<MeterCorrection> meterCorrection = {}; ///< put on every reading
    CorrectionKind correctionKind = CorrectionKind::None;
    std::optional<Certificate> certificate = {}; ///< of the meter
    /// Known from an earlier run of this display with this meter; nothing: to be learned.
    std::optional<Settling> settling = {};
    bool learnsSettling = true; ///< false for meters that no light is too slow for: a person
    Aim aim;
    int chartPatches = 96;
    std::vector<DeviceRgb> chartList = {}; ///< patches of the person's own instead
    double expectedError = 0; ///< mean ΔE00: choose patches while measuring until it is expected
    double maxMinutes = 0;    ///< of measuring, for the same; 0: no limit
    ProfileKind profileKind = ProfileKind::Table;
    int iccVersion = 4;
    int grid = 33;                           ///< of table profiles
    std::optional<RoomLight> roomLight = {}; ///< that the profile takes into account
    double reflectance = 0;                  ///< of the screen, for it
    /// Measured to come back from the dark screen, cd/m², instead of room light and reflectance.
    std::optional<XYZ> strayLight = {};
    AdjustMode adjust = AdjustMode::Automatic;
    ControlCapabilities controls;
    std::optional<MonitorControls> startControls; ///< nothing: the display has none we can reach
    std::optional<int> linkBits;
    bool loadsLut = true; ///< false where the output has no video LUT: the tone stays native
    RawProof rawProof = RawProof::None;              ///< that no compositor changes what is shown
    std::optional<PrimarySet> claimedPrimaries = {}; ///< as the display tells, for that
    bool intoSlot = false;     ///< calibrate the monitor's own memory instead of the video LUT
    int slot = 0;              ///< of it, 0 the first
    std::string slotName = {}; ///< what the person calls it
    bool slotMixes = false;    ///< that memory mixes the aimed primaries
    std::string tolerance = "studio";           ///< by its name, see toleranceOf()
    std::optional<Tolerance> ownTolerance = {}; ///< the person's own limits instead
    std::string reference = "lantern72";        ///< colours of the validation, see referenceByKey()
    std::vector<ReferenceColour> referenceColours = {}; ///< a list of the person's own instead
    bool perceptual = false; ///< validated by that intent, with black point compensation
    bool absolute = false;   ///< validated against the aimed white instead of the measured one
    /// What the colours of a validation are sent through: empty: the profile; "aim": nothing, the
    /// display being held against its aim; else the same with a space, see targetSpaceByKey().
    std::string against = {};
    std::string profileTitle;                       ///< empty: the suggested one
    std::string nameTemplate = kUsualNameTemplate;  ///< that it is suggested by
    std::string copyright = kUsualCopyright;        ///< of the profile
    std::string startedAt = "2000-01-01T00:00:00Z"; ///< ISO 8601, UTC; also the profile's date
    EvennessChoice evenness = {};                   ///< for a measurement of evenness
    std::string pictureMode = {}; ///< for a reading of one, by its name at the monitor
    std::optional<KeptTune> fineTune =
        {};                 ///< for a profile by eye that is a calibration fine-tuned
    std::string batch = {}; ///< of the workshop, by its key; empty: of none
    /// Device whose browser shows the patches, as the person calls it; empty: an output of this
    /// computer
    std::string page = {};
    double patchGain = 0; ///< see Placement::patchGain, as last found; 0: not known
    uint64_t seed = 1;    ///< of the simulated meter; 0 for real ones
    bool operator==(const RunSetup &) const;
};

/// The limits that the run is judged by. \throws Error BadInput for a name that is not known
Tolerance toleranceOf(const RunSetup &setup);

/// The run starts with learning how long the display takes to settle.
bool learnsSettling(const RunSetup &setup);

/// The aim of the run without what nothing on this display could bring about: where no correction
/// can be loaded, tone and black stay native.
Aim aimWithinReach(const RunSetup &setup);

/// "table", "matrix" or "gamma", and back.
const char *profileKey(ProfileKind kind);
ProfileKind profileKindByKey(const std::string &key);

Json setupToJson(const RunSetup &setup);
/// \throws Error BadInput
RunSetup setupFromJson(const Json &json, const std::string &source);

/// The profile's name: the given title, else what its template makes of display, date and aim.
std::string profileName(const RunSetup &setup);

/// The date part of setup.startedAt for a profile's header.
IccDate iccDate(const RunSetup &setup);

} // namespace lantern::run
