#pragma once

#include <QFutureWatcher>
#include <QObject>
#include <QtConcurrentRun>

#include <functional>
#include <optional>
#include <utility>

namespace lantern::app {

/// Work that would keep the window waiting, done in another thread, one piece at a time: of those
/// asked for meanwhile only the newest is begun, and only its result arrives, where this lives. The
/// work holds all that it needs by value and throws nothing.
template <class Result> class Background {
public:
    using Work = std::function<Result()>;

    /// \param arrived not called any more once this is gone
    explicit Background(std::function<void(Result)> arrived) : m_arrived(std::move(arrived))
    {
        QObject::connect(&m_watcher, &QFutureWatcherBase::finished, &m_watcher, [this] {
            m_running = false;
            if (m_next)
                begin(*std::exchange(m_next, std::nullopt));
            else if (std::exchange(m_wanted, false))
                m_arrived(m_watcher.result());
        });
    }

    void start(Work work)
    {
        m_wanted = true;
        if (m_running)
            m_next = std::move(work);
        else
            begin(std::move(work));
    }
    /// What is under way is not wanted any more.
    void forget()
    {
        m_wanted = false;
        m_next.reset();
    }
    [[nodiscard]] bool isBusy() const { return m_wanted; }

private:
    void begin(Work work)
    {
        m_running = true;
        m_watcher.setFuture(QtConcurrent::run(std::move(work)));
    }

    std::function<void(Result)> m_arrived;
    std::optional<Work> m_next;
    bool m_running = false, m_wanted = false;
    QFutureWatcher<Result> m_watcher; ///< ends first: nobody is told after that
};

} // namespace lantern::app
