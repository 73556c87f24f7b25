#pragma once

#include "app/state/ready_points.h"
#include "app/state/session_state.h"
#include "desk/patch_window.h"
#include "desk/profile_list.h"
#include "platform/sensors.h"
#include "remote/patch_server.h"
#include "run/book/run_results.h"
#include "run/device/devices.h"

#include <QObject>
#include <QRect>

#include <optional>
#include <vector>

class QThread;

namespace lantern::app {

/// What the session needs from the world of displays: the bench for the demo, the X server's
/// outputs in earnest.
class Workplace : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// The one below those that only add to it.
    [[nodiscard]] virtual Workplace *beneath() { return this; }
    /// What the window's title says of it; may be empty.
    [[nodiscard]] virtual QString title() const = 0;
    [[nodiscard]] virtual std::vector<DisplayCard> displays() const = 0;
    [[nodiscard]] virtual MeterCard meterCard(int display) const = 0;
    /// Nothing: there is none, only the bench.
    [[nodiscard]] virtual std::optional<desk::DesktopFacts> desktop() const { return {}; }
    /// A meter has been chosen, whether it answers or not.
    [[nodiscard]] virtual bool hasMeter() const { return true; }
    /// Another meter from now on. \throws Error BadInput when there is no such one
    virtual void chooseMeter(const QString &choice) = 0;
    /// Meters of the desktop that can be chosen, see platform::sensorChoice().
    [[nodiscard]] virtual std::vector<platform::Sensor> sensors() const { return {}; }
    [[nodiscard]] virtual QString meterChoice() const = 0; ///< empty: none chosen
    /// Devices of a display. They live in `engineThread`.
    virtual run::Devices devices(int display, QThread *engineThread) = 0;
    /// Devices of a display that another device's browser shows patches on: a meter in front of it.
    /// \param id of its card
    virtual run::Devices pageDevices(const QString &id,
                                     const std::shared_ptr<remote::PagePresenter> &presenter,
                                     QThread *engineThread) = 0;
    /// The pages of other devices; null: none can be served.
    [[nodiscard]] virtual remote::PatchServer *patchServer() { return nullptr; }
    /// A run of that display is complete.
    virtual void runFinished(int display, const run::RunResults &results)
    {
        Q_UNUSED(display)
        Q_UNUSED(results)
    }
    /// In the workshop another unit hangs on that display's output; empty: it is itself again.
    virtual void attachUnit(int display, const QString &serial)
    {
        Q_UNUSED(display)
        Q_UNUSED(serial)
    }
    /// The engine's thread is about to end: what lives there is no longer held, so that it ends
    /// there too.
    virtual void letGoOfMeters() = 0;
    /// Facts of a new run on a display: ids, technology, controls, meter, seed.
    [[nodiscard]] virtual run::RunSetup setup(int display) const = 0;
    /// Puts this display's own profile and LUT in force, as if it had an output of its own.
    virtual void activate(int display, const std::optional<run::RunResults> &lastRun) = 0;
    /// What a run changes on a display from now on is only for its time: should the program end
    /// before runEnds(), the display gets back what it has now, at the latest when the program is
    /// started again.
    virtual void runBegins(int display) { Q_UNUSED(display) }
    virtual void runEnds(int display) { Q_UNUSED(display) }
    /// A run or a check has just told how good the display is. \param meanDeltaE00 of a validation
    virtual void proved(int display, std::optional<double> meanDeltaE00) = 0;
    /// When its light may leave its limits at the earliest; invalid: not known.
    virtual void foretold(int display, const QDateTime &at) = 0;
    /// What the display is to have in force, and when it is to be looked at again.
    [[nodiscard]] virtual platform::Standing standing(int display) const = 0;
    /// The profiles that were made for the display or used on it.
    [[nodiscard]] virtual std::vector<desk::KnownProfile> profiles(int display) const = 0;
    /// Another profile than the last run's, until the next run installs one; empty: none.
    /// \throws Error
    virtual void useProfile(int display, const QString &path) = 0;
    /// The run that installed what is in force was discarded: the one before may take over.
    virtual void giveUpInstalled(int display) = 0;
    /// \returns why not; empty: done
    virtual QString installForAll(int display, const QString &path) = 0;
    /// File that the desktop's colour service has for the display, empty: none; nothing: no
    /// service.
    [[nodiscard]] virtual std::optional<QString> defaultInService(int display) const
    {
        Q_UNUSED(display)
        return std::nullopt;
    }
    /// Whether the Keeper is started at every login; nothing: it has nothing to keep here.
    [[nodiscard]] virtual std::optional<bool> keeper() const { return std::nullopt; }
    virtual void setKeeper(bool wanted) { Q_UNUSED(wanted) }
    /// \param days since it was proved \param hours of use; 0: never
    virtual void setReminder(int display, int days, int hours) = 0;
    /// Loads another video LUT, for as long as something is tried. \param profile declared as well;
    /// empty: the declared one stays
    virtual void showLut(int display, const VideoLut &lut, const QByteArray &profile) = 0;
    /// Reads back what is in force.
    virtual desk::ProfileInUse readBack(int display, const run::RunResults &results) = 0;
    [[nodiscard]] virtual ReadyFacts readyFacts(int display) const = 0;
    [[nodiscard]] virtual desk::PatchWindow *patchWindow() = 0;
    /// Where a display is on the desktop, in the toolkit's coordinates.
    [[nodiscard]] virtual QRect screenOf(int display) const = 0;
    /// Another panel technology than the one detected; kept. Empty: as detected.
    virtual void setTechnology(int display, const std::string &technology) = 0;
    /// The monitor's own memory; nothing: it has none that can be reached. What is in it follows
    /// the profile in use.
    [[nodiscard]] virtual std::optional<MonitorMemory> memory(int display) const
    {
        Q_UNUSED(display)
        return std::nullopt;
    }
    /// Keeps screen saver, dimming and sleep away while measuring.
    virtual void keepAwake(bool awake) = 0;
    /// Numbers for a meter that is read by hand; ignored by others.
    virtual void enterReading(const XYZ &) {}

signals:
    /// A meter that is used, or the only one there is, was attached. \param choice for
    /// chooseMeter()
    void meterCame(const QString &choice);
    /// The button on the meter: the next step.
    void meterButtonPressed();
    /// The patch hides everything else, and the person wants to see it again.
    void pauseWanted();
    /// Displays came or went.
    void displaysChanged();
    /// They are the same, but called otherwise or of another size.
    void displaysRenamed();
    /// A meter that is read by hand wants the numbers of this patch; nothing: no more.
    void entryWanted(const std::optional<lantern::DeviceRgb> &shown);
};

/// A panel technology for people.
QString technologyTitle(const QString &technology);

/// What the Desk shows of a display before anything is known of its runs.
DisplayCard cardOf(const desk::DisplayFacts &facts);

} // namespace lantern::app
