#pragma once

#include "core/plan/adjustment.h"
#include "core/plan/plan.h"
#include "core/reading/meter_fault.h"
#include "run/book/meter_spectrum.h"
#include "run/book/run_setup.h"

#include <QByteArray>
#include <QObject>
#include <QString>
#include <QThread>
#include <QTimer>

#include <memory>
#include <optional>

namespace lantern::run {

/// Number of something asked of a device. Its answer carries it, so that whoever has given up and
/// asked anew is not told what belongs to the question before.
using Request = quint64;

/// A meter. Whatever is asked of it arrives later; it does one thing at a time. A task ends in
/// exactly one of the signals.
class Meter : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    [[nodiscard]] virtual QString name() const = 0;
    /// Starts a reading of what is in front of the meter: `shown`, if all is well. Meters that look
    /// for themselves do not need to know.
    void startReading(Request request, const DeviceRgb &shown)
    {
        m_request = request;
        read(shown);
    }
    /// Starts measuring its dark signal. Meters that have none are zeroed at once.
    void startZero(Request request)
    {
        m_request = request;
        zero();
    }
    /// Makes sure that it is there and has told what it is and can.
    void startGreeting(Request request)
    {
        m_request = request;
        greet();
    }
    /// Starts reading the light of the room, with the diffuser in front.
    void startRoom(Request request)
    {
        m_request = request;
        room();
    }
    /// Lets time pass between readings. Simulated meters live faster.
    void startWait(Request request, double seconds)
    {
        m_request = request;
        wait(seconds);
    }
    /// False where a person has to cover the meter first: it is then only zeroed when it asks.
    /// Known once it was greeted.
    [[nodiscard]] virtual bool zeroesByItself() const { return true; }
    /// False for a person, who takes a reading long after a patch has settled.
    [[nodiscard]] virtual bool readsAtOnce() const { return true; }
    /// Tells what kind of panel it looks at, for meters that correct themselves.
    virtual void setTechnology(const QString &technology) { Q_UNUSED(technology) }
    [[nodiscard]] virtual bool correctsForTechnology() const { return false; }
    /// Readings to come are to bring their spectra, where the meter sees those.
    virtual void wantSpectra(bool wanted) { Q_UNUSED(wanted) }
    /// Of the reading that was finished last; nothing: it has none.
    [[nodiscard]] virtual std::optional<MeterSpectrum> lastSpectrum() const { return {}; }
    /// Gives up what was started; no signal follows.
    virtual void cancel() = 0;
    /// How long a task may take at most; nothing: as long as a person likes.
    [[nodiscard]] virtual std::optional<int> patienceMs() const { return 60'000; }
    /// Whatever the meter needs to go on after a crash as if nothing had happened; kept with each
    /// reading. Real meters have nothing to say here.
    [[nodiscard]] virtual QByteArray state() const { return {}; }
    virtual void restore(const QByteArray &state) { Q_UNUSED(state) }

signals:
    void readingFinished(lantern::run::Request request, const lantern::XYZ &xyz,
                         double integrationSeconds);
    void zeroed(lantern::run::Request request);
    void greeted(lantern::run::Request request);
    void waited(lantern::run::Request request);
    void roomRead(lantern::run::Request request, const lantern::run::RoomLight &room);
    /// \param detail in the meter's own words, may be empty
    void failed(lantern::run::Request request, lantern::MeterFault fault, const QString &detail);

protected:
    /// Of the task under way, for its signal.
    [[nodiscard]] Request request() const { return m_request; }
    virtual void read(const DeviceRgb &shown) = 0;
    virtual void zero() { emit zeroed(request()); }
    virtual void greet() { emit greeted(request()); }
    virtual void room() { emit failed(request(), MeterFault::CannotDo, {}); }
    virtual void wait(double seconds)
    {
        QTimer::singleShot(static_cast<int>(1000 * seconds), this,
                           [this, asked = request()] { emit waited(asked); });
    }

private:
    Request m_request = 0;
};

/// Shows patches on the display that is being measured.
class PatchPresenter : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// Shows a patch at its usual place, or a lit part of an otherwise black screen; shown()
    /// follows when it is really there, failed() when it cannot be.
    virtual void show(Request request, const DeviceRgb &rgb,
                      const std::optional<ScreenRegion> &region) = 0;
    virtual void hide() {}
    /// Words on the dark part of the screen beside a lit one, until others are said; empty: none.
    virtual void say(const QString &words) { Q_UNUSED(words) }
    /// Takes away what covers a whole screen with the program's own windows behind it; the next
    /// patch brings it back.
    virtual void uncover() {}
    /// How long it may take until a patch is there.
    [[nodiscard]] virtual int patienceMs() const { return 10'000; }
    /// How often its screen has come back: a page that connected, or came to the front. What is told
    /// to be shown after that may be on the glass later than the screen itself knows.
    [[nodiscard]] virtual int returns() const { return 0; }
    /// Asks whether what was shown has been there ever since: confirmed() or lost() follows.
    virtual void confirm(Request request) { emit confirmed(request); }

signals:
    void shown(lantern::run::Request request);
    void confirmed(lantern::run::Request request);
    /// What was shown has not been there all the time; whether or not anybody asked.
    void lost(lantern::run::Request request);
    void failed(lantern::run::Request request, const QString &reason);
};

/// The monitor's own controls over its control channel. Calls throw Error Device.
class ControlsDevice {
public:
    virtual ~ControlsDevice() = default;
    /// What the program can turn by itself.
    [[nodiscard]] virtual ControlCapabilities capabilities() const = 0;
    /// The present values, or nothing where the monitor does not tell.
    virtual std::optional<MonitorControls> read() = 0;
    virtual void write(const MonitorControls &controls) = 0;
    /// Reading them takes no time worth mentioning, so that a run can watch whether something else
    /// turns them.
    [[nodiscard]] virtual bool tellsAtOnce() const { return false; }
};

/// The video LUT of the display. Calls throw Error Device.
class VideoLutDevice {
public:
    virtual ~VideoLutDevice() = default;
    virtual VideoLut read() = 0;
    virtual void load(const VideoLut &lut) = 0;
    /// What is in force now, bit for bit, in the device's own words; and back.
    virtual QByteArray save();
    virtual void restore(const QByteArray &saved);
    /// Whether this LUT is in force, as well as the device can hold it.
    virtual bool holds(const VideoLut &lut) { return read() == lut; }
};

/// The monitor's own memory: slots, one of which or none is active. Calls throw Error Device.
class MemorySlotDevice {
public:
    virtual ~MemorySlotDevice() = default;
    [[nodiscard]] virtual int count() const = 0;
    /// It mixes primaries, see SlotTable.
    [[nodiscard]] virtual bool mixes() const = 0;
    /// Fills a slot and makes it the active one. \param slot 0..count() - 1
    virtual void load(int slot, const SlotTable &table) = 0;
    virtual std::optional<int> active() = 0;                   ///< nothing: none
    virtual void activate(const std::optional<int> &slot) = 0; ///< with what it holds
};

/// Hangs the meter over another place of the screen. Calls throw Error Device.
class MeterMover {
public:
    virtual ~MeterMover() = default;
    /// \param x, y in shares of the screen's width and height, 0..1
    virtual void moveTo(double x, double y) = 0;
};

/// Where profiles are installed and which one is in use. Calls throw Error Device.
class ProfileStore {
public:
    virtual ~ProfileStore() = default;
    /// Installs for this user and puts in use; returns the path of the file.
    virtual QString install(const QByteArray &icc, const QString &name) = 0;
    /// Bytes of the profile that is declared to be in use for the display; empty when none is.
    virtual QByteArray inUse() = 0;
};

/// The devices of one run, handed to the engine as a set and replaced as one. What must end in the
/// thread it lives in has a deleter that sees to it (see inItsThread()).
struct Devices {
    std::shared_ptr<Meter> meter;
    std::shared_ptr<PatchPresenter> presenter;
    std::shared_ptr<ControlsDevice> controls; ///< null: none that can be reached
    std::shared_ptr<VideoLutDevice> lut;      ///< null: the output has none
    std::shared_ptr<ProfileStore> store;
    std::shared_ptr<MemorySlotDevice> slot; ///< null: the monitor has none
    std::shared_ptr<MeterMover> mover = {}; ///< null: a person's hand
};

/// A device that somebody else keeps alive for as long as the engine has it.
template <class T> std::shared_ptr<T> keptElsewhere(T &device)
{
    return {std::shared_ptr<void>(), &device};
}

/// An object that is deleted by the thread it lives in, whoever lets go of it last.
template <class T> std::shared_ptr<T> inItsThread(T *object)
{
    return {object, [](T *last) {
                if (last->thread() && last->thread()->isRunning())
                    last->deleteLater();
                else
                    delete last;
            }};
}

} // namespace lantern::run
