#pragma once

#include "app/state/session_state.h"

#include <QStringList>

#include <optional>
#include <vector>

namespace lantern::app {

/// What the view of a monitor's own memory shows.
struct MemoryModel {
    bool hasMemory = false;
    QString sentence;      ///< which is in use, or what does not fit together
    bool isAstray = false; ///< the monitor shows another slot than the profile in use goes with
    struct Row {
        std::optional<int> slot; ///< nothing: the video LUT, without the memory
        QStringList cells;       ///< in the order of memoryColumns()
        Mark mark = Mark::NotMeasured;
        QString path; ///< of its profile; empty: it was never calibrated
        bool mayUse = false;
    };
    std::vector<Row> rows;
    QStringList targets; ///< of the next run, in the order of `rows`
    int target = 0;
    QString name; ///< that the slot of the next run gets
    bool mayChoose = false;
    QString note; ///< on what the memory can do with the aim
};

QStringList memoryColumns();
MemoryModel memoryModel(const SessionState &state);

} // namespace lantern::app
