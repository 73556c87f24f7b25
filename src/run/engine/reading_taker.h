#pragma once

#include "core/plan/settling.h"
#include "run/device/devices.h"

#include <QPointer>
#include <QTimer>

namespace lantern::run {

/// Takes one reading at a time: shows the patch, waits until it is really there, reads. Watches the
/// time, the numbers and whether the machine fell asleep meanwhile. After a screen has come back
/// (PatchPresenter::returns) the meter has to see that it follows, from black to white, before what
/// is read counts.
class ReadingTaker : public QObject {
    Q_OBJECT
public:
    explicit ReadingTaker(QObject *parent = nullptr);

    /// Uses their meter and presenter.
    void setDevices(const Devices &devices);
    /// Put on every XYZ that the meter gives.
    void setCorrection(const std::optional<Mat3> &correction) { m_correction = correction; }
    /// What the display was found to take after a change. \param before patch that was read last
    /// and may have left the screen since; nothing: none, or something else has changed since
    void setSettling(const Settling &settling, const std::optional<DeviceRgb> &before);

    /// Something other than the patch changes the light: controls, a LUT.
    void lightChanges() { m_before.reset(); }

    void take(const ReadPatch &patch);
    /// Zeroes the meter, after the person did what that needs.
    void zero();
    /// Makes sure that the meter is there and has told what it can.
    void greet();
    /// Reads the light of the room.
    void readRoom();
    /// Lets time pass.
    void wait(double seconds);
    /// Gives up what is under way; no signal follows.
    void cancel();
    [[nodiscard]] bool isBusy() const { return m_awaiting != Awaiting::Nothing; }

signals:
    void taken(const lantern::XYZ &xyz, double integrationSeconds);
    void zeroed();
    void greeted();
    void waited();
    void roomRead(const lantern::run::RoomLight &room);
    /// \param message what was wrong and what to do
    void failed(const QString &message, lantern::MeterFault fault);

private:
    enum class Awaiting {
        Nothing,
        Patch,
        Return,
        Settling,
        Reading,
        StillThere,
        Zero,
        Greeting,
        Room,
        Time
    };
    /// What is shown for the meter to see that the screen follows.
    enum class Trial { None, Black, White };
    /// What the meter gave for a patch, until it is known that the patch was there all the while.
    struct Given {
        XYZ xyz;
        double integrationSeconds = 0;
    };
    [[nodiscard]] bool isMeterAtWork() const;
    /// Notes what is asked for now; its answer carries the number that is returned.
    Request await(Awaiting what, std::optional<int> patienceMs);
    /// Whether this is the answer to it.
    [[nodiscard]] bool isAwaited(Request request, Awaiting what) const
    {
        return m_awaiting == what && request == m_request;
    }
    void end();
    void fail(MeterFault fault, const QString &detail = {});
    void onShown(Request request);
    void settle();
    void read();
    void onReading(Request request, const XYZ &xyz, double integrationSeconds);
    void onConfirmed(Request request);
    void onLost(Request request);
    void show();
    /// What is to be shown now: the patch, or the trial in its place.
    [[nodiscard]] DeviceRgb colour() const;
    void beginTrial();
    void onTried(const XYZ &xyz);
    void onTimeout();

    QPointer<Meter> m_meter; ///< may be deleted before its successor is told
    QPointer<PatchPresenter> m_presenter;
    Awaiting m_awaiting = Awaiting::Nothing;
    Request m_request = 0; ///< the last one
    QTimer *m_watchdog;
    std::optional<Mat3> m_correction;
    Settling m_settling;
    ReadPatch m_patch;
    Request m_shown = 0; ///< what the patch was asked for with
    Given m_given;
    int m_losses = 0; ///< of this patch
    Trial m_trial = Trial::None;
    int m_trials = 0;          ///< in a row without success
    int m_returnsTried = 0;    ///< the presenter's when the trial began, or was passed
    int m_returnsFollowed = 0; ///< the presenter's when its screen was last seen to follow
    double m_trialBlack = 0;   ///< cd/m²
    QByteArray m_meterBefore;  ///< a trial: the meter's state, which goes on as if there were none
    std::optional<DeviceRgb> m_before; ///< patch read last
    bool m_screenLeft = false;         ///< something else may have been on the screen since
    QTimer *m_return;                  ///< after m_screenLeft
    double m_sleptBefore = 0;          ///< seconds
};

} // namespace lantern::run
