#include "app/session/in_force_part.h"

#include "run/book/in_words.h"
#include "run/book/profile_request.h"

#include <algorithm>
#include <utility>

namespace lantern::app {

namespace {

constexpr int kWatchMs = 2000; // no event tells of a changed LUT

} // namespace

InForcePart::InForcePart(Workplace *workplace, QObject *parent)
    : QObject(parent), m_workplace(workplace)
{
    connect(&m_watch, &QTimer::timeout, this, [this] {
        if (!m_trial)
            emit lookDue();
    });
    m_watch.start(kWatchMs);
}

InForcePart::~InForcePart()
{
    if (!m_trial)
        return;
    blockSignals(true); // nobody listens any more
    putBack();
    endTrying();
}

template <class F> bool InForcePart::attempt(F &&work)
{
    try {
        work();
        return true;
    } catch (const Error &e) {
        emit told(run::inWords(e));
        return false;
    }
}

void InForcePart::select(int display)
{
    m_display = display;
    m_inUse = {};
    listProfiles();
}

bool InForcePart::beginTrying()
{
    if (isLeft())
        endTrying();
    return attempt([this] {
        m_workplace->runBegins(m_display);
        m_trial = Trial{m_workplace->displays().at(static_cast<size_t>(m_display)).id};
    });
}

int InForcePart::placeOf(const Trial &trial) const
{
    const std::vector<DisplayCard> cards = m_workplace->displays();
    const auto card = std::ranges::find(cards, trial.displayId, &DisplayCard::id);
    return card == cards.end() ? -1 : static_cast<int>(card - cards.begin());
}

void InForcePart::leave()
{
    if (!m_trial)
        return;
    m_trial->isLeft = true;
    m_trial->own = m_own;
}

void InForcePart::endTrying()
{
    const auto trial = std::exchange(m_trial, std::nullopt);
    const int display = trial ? placeOf(*trial) : -1;
    if (display < 0)
        return; // what was found is kept, and put back when it is there again
    if (trial->isLeft)
        attempt([&] { m_workplace->activate(display, trial->own); });
    m_workplace->runEnds(display);
}

void InForcePart::putBack()
{
    int display = m_display;
    if (m_trial && !m_trial->isLeft)
        display = placeOf(*m_trial); // the same, perhaps with another number
    else if (m_trial && placeOf(*m_trial) == display)
        display = -1; // an engine may be at it still
    if (display >= 0)
        attempt([&] { m_workplace->activate(display, m_own); });
    listProfiles();
}

void InForcePart::proved(std::optional<double> meanDeltaE00)
{
    attempt([&] { m_workplace->proved(m_display, meanDeltaE00); });
    listProfiles();
}

void InForcePart::foretold(int display, const QDateTime &at)
{
    attempt([&] {
        // To the day: what changes by the hour is not worth a file.
        const platform::Standing standing = m_workplace->standing(display);
        if (standing.provedAt.isValid() && standing.foretoldAt.date() != at.date())
            m_workplace->foretold(display, at);
    });
    if (display == m_display)
        listProfiles();
}

bool InForcePart::useProfile(int display, const QString &path)
{
    const bool done = attempt([&] { m_workplace->useProfile(display, path); });
    listProfiles();
    return done;
}

void InForcePart::listProfiles()
{
    attempt([this] {
        const platform::Standing standing = m_workplace->standing(m_display);
        m_profiles.profiles = m_workplace->profiles(m_display);
        m_profiles.profileChosen = standing.chosenAt.isValid();
        m_profiles.remindAfterDays = standing.remindAfterDays;
        m_profiles.remindAfterHours = standing.remindAfterHours;
        m_profiles.nextCheckAt = platform::nextCheckAt(standing);
        m_profiles.isNextCheckForetold = standing.foretoldAt.isValid();
        m_profiles.defaultInService = m_workplace->defaultInService(m_display);
        m_profiles.keeper = m_workplace->keeper();
        m_profiles.slotInUse = run::slotOfProfile(standing.profile);
    });
    emit changed();
}

void InForcePart::setKeeper(bool wanted)
{
    attempt([&] { m_workplace->setKeeper(wanted); });
    listProfiles();
}

void InForcePart::setReminder(int days, int hours)
{
    attempt([&] { m_workplace->setReminder(m_display, days, hours); });
    listProfiles();
}

void InForcePart::showLut(const VideoLut &lut, const QByteArray &profile)
{
    attempt([&] { m_workplace->showLut(m_display, lut, profile); });
}

void InForcePart::look(const std::optional<run::RunResults> &expected)
{
    desk::ProfileInUse now;
    if (expected)
        attempt([&] { now = m_workplace->readBack(m_display, *expected); });
    if (now == m_inUse)
        return;
    const bool wasRight = m_inUse.isRight();
    m_inUse = now;
    listProfiles();
    if (wasRight && now.checked && !now.isRight() && !m_trial && !m_profiles.profileChosen)
        emit lost();
}

} // namespace lantern::app
