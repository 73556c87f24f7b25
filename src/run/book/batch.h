#pragma once

#include "run/book/run_setup.h"

#include <QDateTime>
#include <QString>
#include <QStringList>

#include <vector>

namespace lantern::run {

/// What is done to every unit of a batch.
struct Recipe {
    Aim aim;
    int chartPatches = 96;
    std::vector<DeviceRgb> chartList = {}; ///< patches of the person's own instead
    std::string tolerance = "studio";
    std::optional<Tolerance> ownTolerance = {};
    ProfileKind profileKind = ProfileKind::Table;
    int iccVersion = 4;
    int grid = 33;
    std::string reference = "lantern72"; ///< colours of the proof, see referenceByKey()
    std::vector<ReferenceColour> referenceColours = {}; ///< a list of the person's own instead
    int retries = 1;         ///< runs more for a unit that is not within its limits
    bool longReport = false; ///< all there is, instead of a page for the client
    /// What such a run would do.
    static Recipe of(const RunSetup &setup);
    void applyTo(RunSetup &setup) const;
    bool operator==(const Recipe &) const = default;
};

/// Units that go through the workshop one after another. What was measured of them is told by the
/// logbook; this is what it cannot know.
struct Batch {
    QString key; ///< of its file; kept in the setup of its runs
    QString name;
    Recipe recipe;
    QString folder;         ///< for the reports, a folder in it for each serial number
    QString referenceUnit;  ///< serial number of the one that watches the meter; empty: none
    int referenceEvery = 8; ///< units between its readings
    QStringList queue;      ///< serial numbers that wait, in their order
    QString onBench;        ///< the one whose turn it is or was; empty: none
    int runsBefore = 0;     ///< of the one on the bench: its runs before it was put there
    QDateTime begunAt;      ///< UTC, to the second
    bool isClosed = false;
    bool operator==(const Batch &) const = default;
};

inline constexpr int kMostRetries = 5;
inline constexpr int kMostSerial = 80; ///< characters

/// A serial number as it was typed or scanned, without what a scanner adds; empty: none.
/// \throws Error BadInput for one that is too long or holds characters that cannot be seen
QString serialOf(const QString &typed);

/// The display that a unit is in the logbook.
std::string unitDisplayId(const QString &serial);

/// Of a unit in the batch's folder: its serial number, with what no file name may hold escaped.
QString reportFolder(const Batch &batch, const QString &serial);

/// Batches of the workshop, a file each in one folder: "bold-lantern-batch" version 1.
class BatchShelf {
public:
    explicit BatchShelf(QString folder) : m_folder(std::move(folder)) {}
    /// Newest first. \param broken names those that cannot be read
    [[nodiscard]] std::vector<Batch> all(QStringList *broken = nullptr) const;
    /// \throws Error Device
    void keep(const Batch &batch) const;

private:
    QString m_folder;
};

} // namespace lantern::run
