#include "app/session/in_force_part.h"

#include "run/book/in_words.h"

namespace lantern::app {

namespace {

constexpr int kWatchMs = 2000; // no event tells of a changed LUT

} // namespace

InForcePart::InForcePart(Workplace *workplace, QObject *parent)
    : QObject(parent), m_workplace(workplace)
{
    connect(&m_watch, &QTimer::timeout, this, [this] {
        if (!m_trying)
            emit lookDue();
    });
    m_watch.start(kWatchMs);
}

InForcePart::~InForcePart()
{
    if (!m_trying)
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
    emit changed();
}

bool InForcePart::beginTrying()
{
    return attempt([this] {
        m_workplace->runBegins(m_display);
        m_trying = true;
    });
}

void InForcePart::endTrying()
{
    m_trying = false;
    m_workplace->runEnds(m_display);
}

void InForcePart::putBack()
{
    attempt([this] { m_workplace->activate(m_display, m_own); });
}

void InForcePart::clearLut()
{
    attempt([this] { m_workplace->clearLut(m_display); });
}

void InForcePart::look(const std::optional<run::RunResults> &expected)
{
    desk::ProfileInUse now;
    if (expected)
        attempt([&] { now = m_workplace->readBack(m_display, *expected); });
    if (now == m_inUse)
        return;
    m_inUse = now;
    emit changed();
}

} // namespace lantern::app
