#pragma once

#include "core/base/error.h"
#include "run/book/figures.h"
#include "run/book/logged.h"
#include "run/logbook/run_record.h"

#include <QByteArray>
#include <QLockFile>
#include <QSqlDatabase>
#include <QString>
#include <QTemporaryDir>

#include <functional>
#include <memory>
#include <optional>
#include <vector>

namespace lantern::run {

/// A line of the logbook; what the setup holds beyond it is read with setup().
struct RunSummary {
    qint64 id = 0;
    RunKind kind = RunKind::Calibration;
    QString displayId, displayName, meter;
    QString startedAt; ///< ISO 8601, UTC
    qint64 referenceRun = 0;
    bool finished = false;
    bool abandoned = false;
};

/// A line with what lists of the past show of it.
struct LogLine : RunSummary {
    QString identity;            ///< the same in every logbook that holds this run
    QString workstation, person; ///< where and by whom it was begun; empty: not known
    QString note;
    std::vector<FigureRow> figures; ///< those that it was judged by
};

/// What a run from before runs had identities is called, the same in every copy of its logbook; or
/// the second of two that share one. \param setup its JSON
QString identityOfOld(qint64 run, const QString &identity, const QString &setup);

/// A run that a shared book may have.
struct SharedRun {
    qint64 run = 0;
    QString identity, note;
    QString workstation; ///< that it was begun on; empty: before that was kept
    QString removedAt;   ///< empty: it is in the lists
};

/// Which lines of the logbook; newest first. Runs that were removed are never among them.
struct RunQuery {
    QString displayId = {}; ///< empty: all displays
    std::optional<RunKind> kind = RunKind::Calibration;
    bool finishedOnly = false;
    qint64 before = 0; ///< older than that run; 0: from the newest on
    int atMost = 100;  ///< lines of a page
};

/// A figure of a run, for trends.
struct DatedFigure {
    qint64 run = 0;
    QString takenAt; ///< of the run, ISO 8601
    QString meter;
    FigureRow figure;
};

/// Another program holds the lock of a logbook, or seems to.
struct LockedError : Error {
    enum class Holder {
        Here,      ///< a program that runs on this machine
        Elsewhere, ///< says a lock of another machine, which may be long gone
        Unknown,   ///< the lock is garbled
    };
    LockedError(const std::string &path, const Message &problem, Holder holder);
    Holder holder;
};

/// The file of a logbook is damaged: see rescue.h.
struct DamagedError : Error {
    using Error::Error;
};

/// The logbook: every run, every reading and every result, in SQLite. A call returns when what it
/// wrote is safely on disk. All calls throw Error Device naming the file when the disk is full or
/// the file is damaged. One object per thread.
class Logbook {
public:
    static constexpr int kSchemaVersion = 6;

    /// Write takes the lock that keeps a second program off and brings an older file to the present
    /// schema; Read leaves the file as it is: an older one is brought there in a copy.
    /// \throws LockedError when another program holds the lock
    enum class Access { Write, Read };
    /// Takes a lock away that nobody of this machine holds; the person was asked.
    static void takeOver(const QString &path);
    static QString lockFileOf(const QString &path);
    Logbook(const QString &path, Access access);
    ~Logbook();
    Logbook(const Logbook &) = delete;
    Logbook &operator=(const Logbook &) = delete;

    qint64 createRun(const RunSetup &setup);
    /// \throws Error BadInput when that row is damaged
    [[nodiscard]] RunSetup setup(qint64 run);
    void changeSetup(qint64 run, const RunSetup &setup);

    /// Notes that a stage is begun, by a plan of that version.
    void beginStage(qint64 run, Stage stage, int version);
    /// The version it was begun with; nothing: it was not.
    [[nodiscard]] std::optional<int> begunVersion(qint64 run, Stage stage);
    void appendReading(qint64 run, Stage stage, const LoggedReading &reading);
    /// Those that count, in the order they were taken.
    [[nodiscard]] std::vector<LoggedReading> readings(qint64 run, Stage stage);
    /// Readings of a plan that is gone: they stay in the logbook but count no more.
    void setAside(qint64 run, Stage stage);
    /// The last so many of them are doubted: they count no more and are not used again.
    void setLastAside(qint64 run, Stage stage, int count);
    [[nodiscard]] std::vector<LoggedReading> readingsSetAside(qint64 run, Stage stage);

    /// A stage is done: what it made and its figures, in one transaction; after the last stage of
    /// its kind the run is finished.
    void finishStage(qint64 run, Stage stage, int version, const KeptResult &result,
                     const std::vector<FigureRow> &figures = {});
    [[nodiscard]] bool isFinished(qint64 run, Stage stage);
    /// In the order of the work.
    [[nodiscard]] std::vector<KeptStage> finishedStages(qint64 run);
    /// What runs of that display and meter kept of a stage, newest first, a few of them.
    [[nodiscard]] std::vector<KeptResult> newestResults(const QString &displayId,
                                                        const QString &meter, Stage stage);

    /// Forgets the readings of a stage and stores a changed setup, in one transaction.
    void restartStage(qint64 run, Stage stage, const RunSetup &setup);

    /// Given up by the person: not offered for resuming again.
    void abandon(qint64 run);

    [[nodiscard]] std::vector<RunSummary> runs(const RunQuery &query = {});
    /// Those that were not removed, newest first; a negative number: all of them.
    [[nodiscard]] std::vector<LogLine> lines(int atMost = -1);
    void setNote(qint64 run, const QString &note);
    /// A run that was removed is in no list and no trend; all of it is kept, and it can come back.
    void setRemoved(qint64 run, bool removed);
    /// The newest run of that kind of a display, abandoned ones apart, if it was not finished.
    /// Older ones are past.
    [[nodiscard]] std::optional<qint64> unfinishedRun(const QString &displayId = {},
                                                      RunKind kind = RunKind::Calibration);
    /// All figures of a run, judged or not, in the order they were found.
    [[nodiscard]] std::vector<FigureRow> figuresIn(qint64 run);
    /// One figure over time, oldest first.
    [[nodiscard]] std::vector<DatedFigure> figures(const QString &displayId, const QString &name);

    /// Removed ones, too, in the order they were begun here.
    [[nodiscard]] std::vector<qint64> allRuns();
    /// Number of the run of that identity in this logbook.
    [[nodiscard]] std::optional<qint64> runOf(const QString &identity);
    [[nodiscard]] RunRecord record(qint64 run);
    /// Those that change no more, finished or discarded, removed ones, too.
    [[nodiscard]] std::vector<SharedRun> sharedRuns();
    /// Note and removal of a run as somebody else says. \param removedAt empty: it is in the lists
    void setRemark(qint64 run, const QString &note, const QString &removedAt);
    enum class Put {
        Added,
        Continued, ///< it was here, read less far: what was here is part of it
        Present,   ///< it was here already, as far or further
        Differs,   ///< it is here and not the same; what is here stays
    };
    /// Takes a run in, all or nothing when it is done within together(). What it is held against is
    /// found by its identity, where that run is here. 	hrows Error BadInput, see checkRecord()
    Put put(const RunRecord &record);
    /// Every page, link and index is as it should be.
    [[nodiscard]] bool isWhole();
    /// All of it as one new file. \throws Error Device, also when there is such a file
    void copyTo(const QString &file);
    /// One transaction: all that `work` writes, or nothing when it throws.
    void together(const std::function<void()> &work);

    [[nodiscard]] QString path() const { return m_path; }
    /// For tests of the full disk: the file may not grow beyond so many pages.
    void limitPages(int pages);

private:
    class Statement;
    class Transaction;
    void lock();
    void open(const QString &file, bool readOnly);
    void close();
    int schemaVersion();
    void createTables();
    void migrate(int found);
    void replaceTables(int found);
    void nameOldRuns();
    void keepOldResults(qint64 run);
    struct StoredStage {
        Stage stage;
        int version;
        QString finishedAt;
        KeptResult result;
        std::vector<FigureRow> figures;
        QString problem;
    };
    void store(qint64 run, const StoredStage &stored);
    void insertRecord(const RunRecord &record, std::optional<qint64> instead);
    std::vector<LoggedReading> readings(qint64 run, Stage stage, bool aside);

    QString m_path;
    QString m_connection;
    QSqlDatabase m_database;
    std::unique_ptr<QLockFile> m_lock;
    std::unique_ptr<QTemporaryDir> m_copy; ///< of an older file that is only read
};

} // namespace lantern::run
