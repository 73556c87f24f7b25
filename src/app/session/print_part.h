#pragma once

#include "app/session/background.h"
#include "app/state/session_state.h"

#include <QObject>

#include <optional>

namespace lantern::app {

/// The printing condition that is proofed for, read and worked out in another thread.
class PrintPart : public QObject {
    Q_OBJECT
public:
    /// \param file where the choice is kept
    explicit PrintPart(QString file, QObject *parent = nullptr);
    [[nodiscard]] const PrintState &state() const { return m_state; }
    /// What of the choice that was kept could not be read, once; empty: nothing.
    [[nodiscard]] QString takeProblem() { return std::exchange(m_problem, {}); }
    /// Kept for the days to come. \throws Error Device when it cannot be written
    void choose(const run::PrintChoice &choice);
    /// Works out what has changed. \param profile of the run shown; empty: none
    void look(const QByteArray &profile);

signals:
    void changed();
    void failed(const QString &problem);

private:
    struct Asked {
        QString path;
        bool paperWhite = true;
        QByteArray profile;
        bool operator==(const Asked &) const = default;
    };
    struct Found {
        QString title;
        QByteArray icc;
        std::shared_ptr<const SoftProof> proof;
        QString problem;
    };
    static Found workOut(const Asked &asked);

    QString m_file, m_problem;
    PrintState m_state;
    std::optional<Asked> m_asked;
    Background<Found> m_work;
};

} // namespace lantern::app
