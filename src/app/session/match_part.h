#pragma once

#include "app/session/background.h"
#include "app/state/session_state.h"

#include <QObject>

#include <map>

namespace lantern::app {

/// Displays that are to be alike: which, what they can share, and how alike those are that are
/// done. What is chosen is kept in a file; the rest is worked out of the logbook in another thread
/// when somebody looks.
class MatchPart : public QObject {
    Q_OBJECT
public:
    MatchPart(QString logbookPath, QString file, QObject *parent = nullptr);
    [[nodiscard]] const MatchState &state() const { return m_state; }
    /// What was kept could not be read, once; empty: it could.
    [[nodiscard]] QString takeProblem() { return std::exchange(m_problem, {}); }
    /// Something of the logbook has changed.
    void outdate() { m_asked.reset(); }
    // All three \throws Error Device when it cannot be kept
    /// \param displays ids, in the order of their runs; at most run::kMostMatched count
    void choose(const QStringList &displays);
    void begin(const Aim &aim, const QDateTime &at);
    void end();
    /// Names that displays have on this desk, by their ids.
    using Names = std::map<QString, QString>;
    /// \param aim whose white and tone they might share, until the match is begun
    void look(const Names &names, const Aim &aim);

signals:
    void changed();
    void failed(const QString &problem);

private:
    struct Asked {
        run::Match match;
        Names names;
        Aim aim;
        bool operator==(const Asked &) const = default;
    };
    struct Found {
        std::shared_ptr<const MatchSheet> sheet;
        QString problem;
    };
    static Found workOut(const QString &path, const Asked &asked);
    void keep(const run::Match &match);

    QString m_path, m_file, m_problem;
    MatchState m_state;
    std::optional<Asked> m_asked;
    Background<Found> m_work;
};

} // namespace lantern::app
