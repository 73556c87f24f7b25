#pragma once

#include "app/state/session_state.h"

#include <QObject>

namespace lantern::app {

/// What displays are proved with, and the person's own sets of limits.
class ProofPart : public QObject {
    Q_OBJECT
public:
    /// \param folder of the sets of limits \param file of the choice
    ProofPart(const QString &folder, QString file, QObject *parent = nullptr);
    [[nodiscard]] const ProofState &state() const { return m_state; }
    /// What of the choice that was kept could not be read, once; empty: nothing.
    [[nodiscard]] QString takeProblem() { return std::exchange(m_problem, {}); }
    /// Kept for the proofs to come. \throws Error Device when it cannot be written
    void choose(const run::ProofChoice &choice);
    // What happened is returned, for people.
    /// Kept under its title and chosen. \throws Error Device, BadInput for a set without limits
    QString keep(Tolerance tolerance);
    QString remove(const QString &name);
    /// From a file of another desk. \throws Error BadInput, Device
    QString take(const QString &path);

signals:
    void changed();

private:
    run::ToleranceShelf m_shelf;
    QString m_file, m_problem;
    ProofState m_state;
};

} // namespace lantern::app
