#pragma once

#include <QApplication>
#include <QElapsedTimer>
#include <QThread>

#include <ctime>
#include <vector>

namespace lantern::test {

/// Watches how long the interface's thread is at work on one event, in its own computing time:
/// other programs on the machine are not counted.
struct StallWatch {
    struct Stall {
        double milliseconds;
        QString what;
    };
    static constexpr double kNoticed = 50; ///< ms; a person feels it while dragging or typing
    static inline bool isOn = false;
    static inline double longest = 0; ///< ms
    static inline std::vector<Stall> stalls;
    static void begin()
    {
        isOn = true;
        longest = 0;
        stalls.clear();
    }
    static double now()
    {
        timespec t{};
        clock_gettime(CLOCK_THREAD_CPUTIME_ID, &t);
        return 1e3 * static_cast<double>(t.tv_sec) + 1e-6 * static_cast<double>(t.tv_nsec);
    }
};

/// An application whose events are watched.
class WatchedApplication : public QApplication {
public:
    using QApplication::QApplication;
    bool notify(QObject *receiver, QEvent *event) override
    {
        if (!StallWatch::isOn || QThread::currentThread() != thread() || m_depth > 0)
            return QApplication::notify(receiver, event);
        const QString what = QStringLiteral("%1, event %2")
                                 .arg(QLatin1String(receiver->metaObject()->className()))
                                 .arg(event->type());
        ++m_depth;
        const double begin = StallWatch::now();
        const bool result = QApplication::notify(receiver, event);
        const double took = StallWatch::now() - begin;
        --m_depth;
        StallWatch::longest = std::max(StallWatch::longest, took);
        if (took > StallWatch::kNoticed)
            StallWatch::stalls.push_back({took, what});
        return result;
    }

private:
    int m_depth = 0;
};

} // namespace lantern::test
