#include "run/engine/reading_taker.h"

#include "run/book/in_words.h"

#include <algorithm>
#include <ctime>
#include <utility>

namespace lantern::run {

namespace {

constexpr int kMostLosses = 20;         ///< of one patch, before a person has to look
constexpr int kConfirmationMs = 30'000; ///< after a reading, that the patch was there
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

ReadingTaker::ReadingTaker(QObject *parent)
    : QObject(parent), m_watchdog(new QTimer(this)), m_return(new QTimer(this))
{
    m_watchdog->setSingleShot(true);
    m_return->setSingleShot(true);
    connect(m_return, &QTimer::timeout, this, &ReadingTaker::settle);
    connect(m_watchdog, &QTimer::timeout, this, &ReadingTaker::onTimeout);
}

void ReadingTaker::setDevices(const Devices &devices)
{
    if (m_meter)
        disconnect(m_meter, nullptr, this, nullptr);
    if (m_presenter)
        disconnect(m_presenter, nullptr, this, nullptr);
    end();
    m_meter = devices.meter.get();
    if (std::exchange(m_presenter, devices.presenter.get()) != devices.presenter.get())
        m_returnsFollowed = 0;
    connect(m_presenter, &PatchPresenter::shown, this, &ReadingTaker::onShown);
    connect(m_presenter, &PatchPresenter::confirmed, this, &ReadingTaker::onConfirmed);
    connect(m_presenter, &PatchPresenter::lost, this, &ReadingTaker::onLost);
    connect(m_presenter, &PatchPresenter::failed, this,
            [this](Request request, const QString &reason) {
                if (!isAwaited(request, Awaiting::Patch))
                    return;
                end();
                emit failed(reason, MeterFault::None);
            });
    connect(m_meter, &Meter::readingFinished, this, &ReadingTaker::onReading);
    const auto answer = [this](Awaiting what, void (ReadingTaker::*answered)()) {
        return [this, what, answered](Request request) {
            if (!isAwaited(request, what))
                return;
            end();
            (this->*answered)();
        };
    };
    connect(m_meter, &Meter::zeroed, this, answer(Awaiting::Zero, &ReadingTaker::zeroed));
    connect(m_meter, &Meter::greeted, this, answer(Awaiting::Greeting, &ReadingTaker::greeted));
    connect(m_meter, &Meter::waited, this, answer(Awaiting::Time, &ReadingTaker::waited));
    connect(m_meter, &Meter::waited, this, [this](Request request) {
        if (isAwaited(request, Awaiting::Settling))
            read();
    });
    connect(m_meter, &Meter::roomRead, this, [this](Request request, const RoomLight &room) {
        if (!isAwaited(request, Awaiting::Room))
            return;
        end();
        emit roomRead(room);
    });
    connect(m_meter, &Meter::failed, this,
            [this](Request request, MeterFault fault, const QString &detail) {
                if (isMeterAtWork() && request == m_request)
                    fail(fault, detail);
            });
}

Request ReadingTaker::await(Awaiting what, std::optional<int> patienceMs)
{
    m_awaiting = what;
    m_watchdog->stop();
    if (patienceMs)
        m_watchdog->start(*patienceMs);
    return ++m_request;
}

void ReadingTaker::end()
{
    m_awaiting = Awaiting::Nothing;
    m_watchdog->stop();
    m_return->stop();
}

bool ReadingTaker::isMeterAtWork() const
{
    return m_awaiting != Awaiting::Nothing && m_awaiting != Awaiting::Patch &&
           m_awaiting != Awaiting::Return && m_awaiting != Awaiting::StillThere;
}

void ReadingTaker::setSettling(const Settling &settling, const std::optional<DeviceRgb> &before)
{
    m_settling = settling;
    m_before = before;
    m_screenLeft = true;
}

void ReadingTaker::take(const ReadPatch &patch)
{
    m_patch = patch;
    m_losses = 0;
    m_trials = 0;
    m_trial = Trial::None;
    show();
}

DeviceRgb ReadingTaker::colour() const
{
    switch (m_trial) {
    case Trial::None:
        return m_patch.rgb;
    case Trial::Black:
        return {0, 0, 0};
    case Trial::White:
        return {255, 255, 255};
    }
    return m_patch.rgb;
}

void ReadingTaker::show()
{
    m_sleptBefore = secondsSlept();
    m_shown = await(Awaiting::Patch, m_presenter->patienceMs());
    m_presenter->show(m_shown, colour(), m_patch.region);
}

void ReadingTaker::beginTrial()
{
    m_trial = Trial::Black;
    m_returnsTried = m_presenter->returns();
    m_meterBefore = m_meter->state();
    show();
}

/// White is lighter than the black before it once the screen follows; until then the meter may have
/// seen anything.
void ReadingTaker::onTried(const XYZ &xyz)
{
    if (m_trial == Trial::Black) {
        m_trialBlack = xyz.Y;
        m_trial = Trial::White;
        show();
        return;
    }
    constexpr double kLighter = 2; // in a bright room, too
    constexpr int kMostTrials = 10;
    m_trial = Trial::None;
    m_meter->restore(m_meterBefore);
    if (xyz.Y > kLighter * m_trialBlack)
        m_returnsFollowed = m_returnsTried;
    else if (++m_trials >= kMostTrials) {
        fail(MeterFault::OffPatch);
        return;
    }
    show();
}

/// The screen may have shown anything since the patch before; then it has to settle from that
/// first. That is time of the person's, not of the run's: a run that was taken up again reads the
/// same.
void ReadingTaker::onShown(Request request)
{
    if (!isAwaited(request, Awaiting::Patch))
        return;
    if (m_trial == Trial::None && m_presenter->returns() != m_returnsFollowed &&
        m_meter->readsAtOnce()) {
        beginTrial();
        return;
    }
    double extra = 0;
    if (std::exchange(m_screenLeft, false) && !m_patch.settleSeconds)
        extra = m_settling.waitSeconds({}, colour());
    if (extra > 0) {
        await(Awaiting::Return, std::nullopt);
        m_return->start(static_cast<int>(1000 * extra));
    } else
        settle();
}

void ReadingTaker::settle()
{
    // Of a lit part the meter may see the black beside it.
    const double found = m_patch.region ? m_settling.longestWaitSeconds()
                                        : m_settling.waitSeconds(m_before, colour());
    const double seconds = m_patch.settleSeconds.value_or(found);
    m_before = colour();
    if (seconds > 0) {
        m_meter->startWait(await(Awaiting::Settling, std::nullopt), seconds);
    } else
        read();
}

void ReadingTaker::read()
{
    m_meter->startReading(await(Awaiting::Reading, m_meter->patienceMs()), colour());
}

void ReadingTaker::zero()
{
    m_screenLeft = true;
    m_meter->startZero(await(Awaiting::Zero, m_meter->patienceMs()));
}

void ReadingTaker::greet()
{
    m_meter->startGreeting(await(Awaiting::Greeting, m_meter->patienceMs()));
}

void ReadingTaker::readRoom()
{
    m_meter->startRoom(await(Awaiting::Room, m_meter->patienceMs()));
}

void ReadingTaker::wait(double seconds)
{
    m_meter->startWait(await(Awaiting::Time, std::nullopt), seconds);
}

void ReadingTaker::cancel()
{
    if (m_meter && isMeterAtWork())
        m_meter->cancel();
    m_screenLeft = true;
    end();
}

void ReadingTaker::onReading(Request request, const XYZ &xyz, double integrationSeconds)
{
    if (!isAwaited(request, Awaiting::Reading))
        return;
    if (!isPlausible(xyz)) {
        fail(MeterFault::Garbage);
        return;
    }
    m_given = {xyz, integrationSeconds};
    await(Awaiting::StillThere, kConfirmationMs);
    m_presenter->confirm(m_shown);
}

/// Until then a reading may be of anything: over a network it is known late that a patch has gone.
void ReadingTaker::onConfirmed(Request request)
{
    if (m_awaiting != Awaiting::StillThere || request != m_shown)
        return;
    end();
    if (secondsSlept() - m_sleptBefore > kNoticedSleepSeconds) {
        emit failed(
            tr("This computer was asleep in the middle of a reading, which was thrown away. "
               "Let the display warm up again, then go on."),
            MeterFault::None);
        return;
    }
    const XYZ &xyz = m_given.xyz;
    if (m_trial != Trial::None) {
        onTried(xyz);
        return;
    }
    emit taken(m_correction ? toXyz(*m_correction * vec(xyz)) : xyz, m_given.integrationSeconds);
}

/// The patch is shown anew, and what was read of it meanwhile does not count.
void ReadingTaker::onLost(Request request)
{
    const bool isOnPatch = m_awaiting == Awaiting::Return || m_awaiting == Awaiting::Settling ||
                           m_awaiting == Awaiting::Reading || m_awaiting == Awaiting::StillThere;
    if (!isOnPatch || request != m_shown)
        return;
    cancel();
    if (std::exchange(m_trial, Trial::None) != Trial::None)
        m_meter->restore(m_meterBefore);
    if (++m_losses > kMostLosses) {
        emit failed(tr("The patch went from the screen %1 times while it was being read. See to "
                       "its display, then go on.")
                        .arg(kMostLosses),
                    MeterFault::None);
        return;
    }
    show();
}

void ReadingTaker::onTimeout()
{
    if (m_awaiting == Awaiting::Patch || m_awaiting == Awaiting::StillThere) {
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
    QString message = inWords(meterFaultText(fault, m_meter->name().toStdString()));
    if (!detail.isEmpty())
        message += tr(" (It said: %1)").arg(detail);
    emit failed(message, fault);
}

} // namespace lantern::run
