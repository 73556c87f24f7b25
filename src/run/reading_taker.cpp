#include "run/reading_taker.h"

#include <algorithm>
#include <ctime>

namespace lantern::run {

namespace {

constexpr int kPatchTimeoutMs = 10'000;
constexpr double kNoticedSleepSeconds = 2;
/// Outside these cd/m² a number is no light of a display.
constexpr double kDarkestReading = -5;
constexpr double kBrightestReading = 20'000;

bool isPlausible(const XYZ &c)
{
    if (!isFinite(c))
        return false;
    return std::min({c.X, c.Y, c.Z}) >= kDarkestReading &&
           std::max({c.X, c.Y, c.Z}) <= kBrightestReading;
}

/// Seconds this machine has been suspended since it was started.
double secondsSlept()
{
    timespec awake{}, all{};
    clock_gettime(CLOCK_MONOTONIC, &awake);
    clock_gettime(CLOCK_BOOTTIME, &all);
    return static_cast<double>(all.tv_sec - awake.tv_sec) +
           static_cast<double>(all.tv_nsec - awake.tv_nsec) * 1e-9;
}

} // namespace

ReadingTaker::ReadingTaker(QObject *parent) : QObject(parent), m_watchdog(new QTimer(this))
{
    m_watchdog->setSingleShot(true);
    connect(m_watchdog, &QTimer::timeout, this, &ReadingTaker::onTimeout);
}

void ReadingTaker::setDevices(const Devices &devices)
{
    if (m_meter)
        disconnect(m_meter, nullptr, this, nullptr);
    if (m_presenter)
        disconnect(m_presenter, nullptr, this, nullptr);
    end();
    m_meter = devices.meter;
    m_presenter = devices.presenter;
    m_correction = devices.correction;
    connect(m_presenter, &PatchPresenter::shown, this, [this] {
        if (m_awaiting != Awaiting::Patch)
            return;
        await(Awaiting::Reading, m_meter->patienceMs());
        m_meter->startReading(m_patch);
    });
    connect(m_presenter, &PatchPresenter::failed, this, [this](const QString &reason) {
        if (m_awaiting != Awaiting::Patch)
            return;
        end();
        emit failed(reason, MeterFault::None);
    });
    connect(m_meter, &Meter::readingFinished, this, &ReadingTaker::onReading);
    connect(m_meter, &Meter::zeroed, this, [this] {
        if (m_awaiting != Awaiting::Zero)
            return;
        end();
        emit zeroed();
    });
    connect(m_meter, &Meter::waited, this, [this] {
        if (m_awaiting != Awaiting::Time)
            return;
        end();
        emit waited();
    });
    connect(m_meter, &Meter::roomRead, this, [this](const RoomLight &room) {
        if (m_awaiting != Awaiting::Room)
            return;
        end();
        emit roomRead(room);
    });
    connect(m_meter, &Meter::failed, this, [this](MeterFault fault, const QString &detail) {
        if (m_awaiting != Awaiting::Nothing && m_awaiting != Awaiting::Patch)
            fail(fault, detail);
    });
}

void ReadingTaker::await(Awaiting what, std::optional<int> patienceMs)
{
    m_awaiting = what;
    m_watchdog->stop();
    if (patienceMs)
        m_watchdog->start(*patienceMs);
}

void ReadingTaker::end()
{
    m_awaiting = Awaiting::Nothing;
    m_watchdog->stop();
}

void ReadingTaker::take(const ReadPatch &patch)
{
    m_patch = patch.rgb;
    m_sleptBefore = secondsSlept();
    await(Awaiting::Patch, kPatchTimeoutMs);
    m_presenter->show(patch.rgb, patch.region);
}

void ReadingTaker::zero()
{
    await(Awaiting::Zero, m_meter->patienceMs());
    m_meter->startZero();
}

void ReadingTaker::readRoom()
{
    await(Awaiting::Room, m_meter->patienceMs());
    m_meter->startRoom();
}

void ReadingTaker::wait(double seconds)
{
    await(Awaiting::Time, std::nullopt);
    m_meter->startWait(seconds);
}

void ReadingTaker::cancel()
{
    if (m_meter && m_awaiting != Awaiting::Nothing && m_awaiting != Awaiting::Patch)
        m_meter->cancel();
    end();
}

void ReadingTaker::onReading(const XYZ &xyz, double integrationSeconds)
{
    if (m_awaiting != Awaiting::Reading)
        return;
    if (!isPlausible(xyz)) {
        fail(MeterFault::Garbage);
        return;
    }
    end();
    if (secondsSlept() - m_sleptBefore > kNoticedSleepSeconds) {
        emit failed(
            tr("This computer was asleep in the middle of a reading, which was thrown away. "
               "Let the display warm up again, then go on."),
            MeterFault::None);
        return;
    }
    emit taken(m_correction ? toXyz(*m_correction * vec(xyz)) : xyz, integrationSeconds);
}

void ReadingTaker::onTimeout()
{
    if (m_awaiting == Awaiting::Patch) {
        end();
        emit failed(tr("The patch could not be shown in time. Bring the patch window to the front, "
                       "then go on."),
                    MeterFault::None);
        return;
    }
    m_meter->cancel();
    fail(MeterFault::TimedOut);
}

void ReadingTaker::fail(MeterFault fault, const QString &detail)
{
    end();
    QString message = QString::fromStdString(meterFaultText(fault, m_meter->name().toStdString()));
    if (!detail.isEmpty())
        message += tr(" (It said: %1)").arg(detail);
    emit failed(message, fault);
}

} // namespace lantern::run
