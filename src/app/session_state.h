#pragma once

#include "run/devices.h"
#include "run/run_engine.h"

#include <QDateTime>
#include <QPoint>
#include <QSize>
#include <QSizeF>
#include <QString>

#include <optional>
#include <vector>

namespace lantern::app {

/// How a figure stands; told by shape and word.
enum class Mark { NotMeasured, Within, Near, Over, Stale };
QString markWord(Mark mark);

/// The views, in the order of the View menu.
enum class ViewId { Ready, Aim, White, Tone, Gamut, Accuracy, Profile, Compare };

/// A display as the Desk shows it.
struct DisplayCard {
    QString id, name, model, detail;
    QSize pixels;
    QSizeF sizeMm;
    QPoint origin;
    bool remoteControls = false, gains = false;
    std::optional<QDateTime> lastValidated;
    std::optional<double> lastMean; ///< ΔE00
    Mark mark = Mark::NotMeasured;
};

/// One point of the checklist.
struct ReadyPoint {
    QString title, reason;
    bool automatic = false; ///< the program checks it by itself
    bool done = false;
    QString finding; ///< what an automatic check found
};

/// What the meter shows at the right end of the Desk.
struct MeterCard {
    QString name, kind, state;
    std::optional<XYZ> lastReading;
    std::optional<run::RoomLight> room;
};

/// How much to measure.
struct MeasureChoice {
    enum class Until { Patches, GoodEnough, Time };
    Until until = Until::Patches;
    int patches = 96;           ///< exactly for Patches
    double expectedError = 0.1; ///< mean ΔE00, for GoodEnough
    double minutes = 5;         ///< for Time
    bool operator==(const MeasureChoice &) const = default;
};

/// Whether the profile of this run is really the one in use, read back from the display server.
struct ProfileInUse {
    bool checked = false;
    bool profileMatches = false;
    bool lutMatches = false;
    QString found; ///< what is in use, in words
};

/// Everything the window shows, a plain value.
struct SessionState {
    std::vector<DisplayCard> displays;
    int selected = 0;
    MeterCard meter;
    Aim aim;
    /// Why the selected display cannot do what the aim asks, judged by what was read of it; empty:
    /// nothing speaks against it.
    QString aimProblem;
    std::vector<Aim> ownAims;
    MeasureChoice measure;
    std::vector<ReadyPoint> ready;
    bool readyConfirmed = false;
    ViewId view = ViewId::Ready;
    run::RunStatus status;
    run::RunResults results;
    std::vector<Reading> liveReadings;       ///< of the running stage
    std::optional<run::RunResults> lastTime; ///< newest finished run of this display
    std::optional<qint64> unfinishedRun;     ///< of this display, offered for resuming
    bool freshRunWanted = false;             ///< the person chose a new run instead
    ProfileInUse inUse;
    QString notice;         ///< an error or a finished errand, under the main action
    bool preparing = false; ///< the demo's earlier runs are being made

    [[nodiscard]] bool hasRun() const
    {
        return status.run != 0 && status.activity != run::Activity::Idle;
    }
    [[nodiscard]] bool isMeasuring() const
    {
        return status.activity == run::Activity::Working ||
               status.activity == run::Activity::Paused ||
               status.activity == run::Activity::Faulted;
    }
};

/// Display state as far as the run knows it now: after the chart, else after calibration, else from
/// the last white.
DisplayState presentState(const SessionState &state);

} // namespace lantern::app
