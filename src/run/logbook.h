#pragma once

#include "core/reading.h"
#include "run/run_setup.h"
#include "run/stage.h"

#include <QByteArray>
#include <QLockFile>
#include <QSqlDatabase>
#include <QString>

#include <memory>
#include <optional>
#include <vector>

namespace lantern::run {

/// A reading as the logbook keeps it.
struct LoggedReading {
    Reading reading;
    QByteArray meterState;
    std::optional<MonitorControls> controls; ///< where the monitor tells
};

/// A line of the logbook.
struct RunSummary {
    qint64 id = 0;
    RunSetup setup;
    bool finished = false;
};

/// The logbook: every run and every reading, in SQLite. A call returns when what it wrote is safely
/// on disk. All calls throw Error Device naming the file when the disk is full or the file is
/// damaged. One object per thread.
class Logbook {
public:
    /// Opens or makes the file. \param mayWrite takes the lock that keeps a second program off;
    /// \throws Error Device when another one holds it.
    enum class Access { Write, Read };
    Logbook(const QString &path, Access access);
    ~Logbook();
    Logbook(const Logbook &) = delete;
    Logbook &operator=(const Logbook &) = delete;

    qint64 createRun(const RunSetup &setup);
    [[nodiscard]] RunSetup setup(qint64 run);
    void changeSetup(qint64 run, const RunSetup &setup);

    void appendReading(qint64 run, Stage stage, const LoggedReading &reading);
    [[nodiscard]] std::vector<LoggedReading> readings(qint64 run, Stage stage);

    /// Marks a stage as done; `result` is what it made (profile bytes, report …), may be empty.
    void finishStage(qint64 run, Stage stage, const QByteArray &result = {});
    [[nodiscard]] bool isFinished(qint64 run, Stage stage);
    [[nodiscard]] QByteArray stageResult(qint64 run, Stage stage);

    /// Result of that stage in the newest run of the display that has one; empty: none.
    [[nodiscard]] QByteArray newestResult(const QString &displayId, Stage stage);

    /// Forgets the readings of a stage and stores a changed setup, in one transaction.
    void restartStage(qint64 run, Stage stage, const RunSetup &setup);

    /// Given up by the person: not offered for resuming again.
    void abandon(qint64 run);

    /// Newest first; `displayId` empty = all displays.
    [[nodiscard]] std::vector<RunSummary> runs(const QString &displayId = {},
                                               RunKind kind = RunKind::Calibration);
    /// The newest calibration of a display, abandoned ones apart, if it was not finished. Older
    /// ones are past.
    [[nodiscard]] std::optional<qint64> unfinishedRun(const QString &displayId = {});

    [[nodiscard]] QString path() const { return m_path; }
    /// For tests of the full disk: the file may not grow beyond so many pages.
    void limitPages(int pages);

private:
    class Statement;
    void createTables();

    QString m_path;
    QString m_connection;
    QSqlDatabase m_database;
    std::unique_ptr<QLockFile> m_lock;
};

} // namespace lantern::run
