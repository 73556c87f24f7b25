#pragma once

#include "app/session/background.h"
#include "app/state/session_state.h"

#include <QObject>

#include <optional>

namespace lantern::app {

/// Runs that were loaded from the logbook, by their numbers.
using LoadedRuns = std::map<qint64, std::shared_ptr<const run::RunResults>>;

/// The gamut of the run shown and those it is compared with, worked out in another thread.
class GamutPart : public QObject {
    Q_OBJECT
public:
    explicit GamutPart(QObject *parent = nullptr);
    [[nodiscard]] const GamutState &state() const { return m_state; }
    /// What is to be drawn beside it, see GamutReference::key; "" for none.
    void choose(const QStringList &keys);
    /// Works out what has changed. \param profile of the run shown; empty: none
    void look(const QByteArray &profile, const LoadedRuns &loadedRuns);

signals:
    void changed();
    void failed(const QString &problem);
    void runWanted(qint64 run); ///< its gamut is asked for; look() again once it is loaded

private:
    struct Asked {
        QByteArray profile;
        QStringList keys;
        QList<qint64> runs; ///< of those, which are there
        bool operator==(const Asked &) const = default;
    };
    struct Found {
        GamutState state;
        QString problem;
    };
    static Found workOut(const Asked &asked, const LoadedRuns &runs);

    GamutState m_state;
    std::optional<Asked> m_asked;
    Background<Found> m_work;
};

} // namespace lantern::app
