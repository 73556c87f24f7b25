#pragma once

#include <QAbstractEventDispatcher>
#include <QDeadlineTimer>
#include <QTest>

namespace lantern::test {

/// Lets the window show what was done. The session publishes a moment later; whatever is due by
/// then is done, however busy the machine is. What other threads do needs waitUntil().
inline void settle()
{
    constexpr int kPublishedMs = 50; // Session's own delay is 16
    constexpr int kLongestMs = 500;  // while a run goes on there is always something
    QTest::qWait(kPublishedMs);
    const QDeadlineTimer deadline(kLongestMs);
    while (!deadline.hasExpired() &&
           QAbstractEventDispatcher::instance()->processEvents(QEventLoop::AllEvents))
        ;
}

} // namespace lantern::test
