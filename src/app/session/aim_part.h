#pragma once

#include "app/state/session_state.h"
#include "run/book/aim_shelf.h"
#include "run/book/chart_shelf.h"

#include <QObject>
#include <QUndoStack>

namespace lantern::app {

/// The aim with its undo, the person's own aims, and how much to measure.
class AimPart : public QObject {
    Q_OBJECT
public:
    /// \param folder of the person's own aims \param formFile of the kind of profile
    AimPart(const QString &folder, QString formFile, QObject *parent = nullptr);
    [[nodiscard]] const AimState &state() const { return m_state; }
    [[nodiscard]] QUndoStack *undoStack() { return &m_undo; }

    /// What of the choices that were kept could not be read, once; empty: nothing.
    [[nodiscard]] QString takeProblem() { return std::exchange(m_problem, {}); }

    /// With undo; turning the same knob again and again is one step back.
    void setAim(const Aim &aim);
    void setMeasure(const MeasureChoice &choice);
    /// Kept for the runs to come. \throws Error Device when it cannot be written
    void setProfileForm(const run::ProfileForm &form);
    // The person's own aims. What happened is returned, for people.
    /// \throws Error Device when it cannot be written
    QString keep(const QString &name);
    QString keepCopy();
    QString removeOwn(const QString &name);
    // The person's own charts; \throws Error
    QString keepChart(const QString &name, const std::vector<DeviceRgb> &patches);
    void chooseChart(const QString &name);
    QString removeChart(const QString &name);

signals:
    void changed();

private:
    friend class AimCommand;
    void apply(const Aim &aim);

    run::AimShelf m_shelf;
    run::ChartShelf m_charts;
    QString m_formFile, m_problem;
    AimState m_state;
    QUndoStack m_undo;
};

} // namespace lantern::app
