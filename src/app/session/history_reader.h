#pragma once

#include "app/state/session_state.h"
#include "run/book/run_results.h"
#include "run/logbook/logbook.h"

#include <QDateTime>
#include <QObject>
#include <QStringList>

#include <memory>
#include <optional>
#include <vector>

namespace lantern::app {

/// What the logbook says of one display.
struct DisplayHistory {
    QString displayId;
    std::optional<run::RunResults> newest; ///< newest finished calibration
    /// The same, the run under way apart.
    std::optional<run::RunResults> lastTime;
    qint64 lastRun = 0; ///< that lastTime is of; 0: none
    std::optional<qint64> unfinishedRun;
    std::optional<CheckFirst> check; ///< newest one, if it was held against lastRun
    std::optional<QDateTime> checkedAt;
    std::optional<MonitorControls> checkControls; ///< as they stood then, where they can be read
    /// The unfinished run, if its profile is installed already and is the newest of all.
    std::optional<run::RunResults> installed;
    std::optional<run::RunResults> lastProof; ///< newest, unless a calibration came after it
    std::optional<run::RunResults> byEye;     ///< newest profile by eye, unless a run came after it
    std::vector<std::shared_ptr<const EvenRun>> evenRuns; ///< newest first, a few
    std::optional<qint64> unfinishedEvenness;
    std::vector<std::shared_ptr<const ModeRun>> modeRuns; ///< the newest of each name
    std::vector<std::shared_ptr<const SlotRun>> slotRuns; ///< one for each slot and for the LUT
    QStringList problems;                                 ///< rows that could not be read, and why
};

/// What a measurement of evenness found. \param results with an evenness
std::shared_ptr<const EvenRun> evenRunOf(const run::RunResults &results, qint64 run);

/// A picture mode as it was read.
ModeRun modeRunOf(const run::RunResults &results, qint64 run);

/// Reads one display's part of a logbook; a row that cannot be read is named and left out.
/// \param presentRun 0: none. \throws Error Device when the file itself cannot be read
DisplayHistory readDisplayHistory(run::Logbook &logbook, const QString &displayId,
                                  qint64 presentRun);

/// What is wanted of the logbook; a later one makes an earlier one pointless.
struct HistoryQuestion {
    quint64 number = 0;
    QStringList displayIds;
    qint64 presentRun = 0;
};

struct HistoryAnswer {
    quint64 number = 0;
    std::vector<DisplayHistory> displays; ///< in the order asked for
    std::vector<PastRun> pastRuns;        ///< of all displays, newest first
    QString problem;                      ///< why there is nothing; empty: all is well
};

/// Reads the logbook where it does not keep the window waiting: lives in a thread of its own.
class HistoryReader : public QObject {
    Q_OBJECT
public:
    explicit HistoryReader(QString logbookPath) : m_path(std::move(logbookPath)) {}

public slots:
    void read(const lantern::app::HistoryQuestion &question);
    /// Reads one run of any display.
    void load(qint64 run);

signals:
    void told(const lantern::app::HistoryAnswer &answer);
    void loaded(qint64 run, const lantern::run::RunResults &results);
    void failed(const QString &problem);

private:
    void open();
    QString m_path;
    std::unique_ptr<run::Logbook> m_logbook;
};

} // namespace lantern::app
