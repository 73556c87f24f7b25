#pragma once

#include "run/devices.h"

#include <QPointer>
#include <QTimer>

namespace lantern::run {

/// Takes one reading at a time: shows the patch, waits until it is really there, reads. Watches the
/// time, the numbers and whether the machine fell asleep meanwhile.
class ReadingTaker : public QObject {
    Q_OBJECT
public:
    explicit ReadingTaker(QObject *parent = nullptr);

    /// Uses their meter, presenter and correction.
    void setDevices(const Devices &devices);

    void take(const ReadPatch &patch);
    /// Zeroes the meter, after the person did what that needs.
    void zero();
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
    void waited();
    void roomRead(const lantern::run::RoomLight &room);
    /// \param message what was wrong and what to do
    void failed(const QString &message, lantern::MeterFault fault);

private:
    enum class Awaiting { Nothing, Patch, Reading, Zero, Room, Time };
    void await(Awaiting what, std::optional<int> patienceMs);
    void end();
    void fail(MeterFault fault, const QString &detail = {});
    void onReading(const XYZ &xyz, double integrationSeconds);
    void onTimeout();

    QPointer<Meter> m_meter; ///< may be deleted before its successor is told
    QPointer<PatchPresenter> m_presenter;
    Awaiting m_awaiting = Awaiting::Nothing;
    QTimer *m_watchdog;
    std::optional<Mat3> m_correction;
    DeviceRgb m_patch;
    double m_sleptBefore = 0; ///< seconds
};

} // namespace lantern::run
