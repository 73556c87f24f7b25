#pragma once

#include <QFutureWatcher>
#include <QObject>
#include <QtConcurrentRun>

#include <functional>
#include <memory>
#include <utility>

namespace lantern::app {

/// Work that would keep the window waiting, done in another thread: of several pieces started one
/// after the other the newest counts, and its result arrives where this lives. The work holds all
/// that it needs by value and throws nothing.
template <class Result> class Background {
public:
    /// \param arrived not called any more once this is gone
    explicit Background(std::function<void(Result)> arrived) : m_arrived(std::move(arrived)) {}

    void start(std::function<Result()> work)
    {
        m_watcher = std::make_unique<QFutureWatcher<Result>>();
        QObject::connect(m_watcher.get(), &QFutureWatcherBase::finished, m_watcher.get(), [this] {
            const auto finished = m_watcher->future();
            m_watcher.release()->deleteLater(); // it is speaking now
            m_arrived(finished.result());
        });
        m_watcher->setFuture(QtConcurrent::run(std::move(work)));
    }
    /// What is under way is not wanted any more.
    void forget() { m_watcher.reset(); }
    [[nodiscard]] bool isBusy() const { return m_watcher != nullptr; }

private:
    std::function<void(Result)> m_arrived;
    std::unique_ptr<QFutureWatcher<Result>> m_watcher;
};

} // namespace lantern::app
