#pragma once

#include "app/session/background.h"
#include "app/state/session_state.h"

#include <QObject>
#include <QUndoStack>

namespace lantern::app {

/// What the eye asks for on top of the selected display's calibration. Says what is to be on the
/// display; puts nothing there itself.
class TunePart : public QObject {
    Q_OBJECT
public:
    /// \param undo not owned; outlives this
    explicit TunePart(QUndoStack *undo, QObject *parent = nullptr);
    [[nodiscard]] const TuneState &state() const { return m_state; }

    /// Another display: nothing of the one before counts.
    void select(const QString &displayId);
    /// What can be tuned there. \param own what is in use: a calibration, or one fine-tuned before
    /// \param calibration the newest and \param run its number \param whyNot empty: the display is
    /// free \param controls as the monitor's own stand; nothing: none can be reached
    void look(const std::optional<run::RunResults> &own,
              const std::optional<run::RunResults> &calibration, qint64 run, const QString &whyNot,
              const std::optional<MonitorControls> &controls);
    /// With undo.
    void tune(const FineTune &tune);
    void hold(bool before);
    void setReadsTurns(bool reads);
    // What the meter says of white as it is shown now.
    /// White is being read, or the controls turned.
    [[nodiscard]] bool isAsking() const
    {
        return m_state.readingTuned || m_turning != Turning::No || m_undoing > 0;
    }
    void beginsReading();
    void gaveUp();
    void read(const XYZ &white);
    /// The monitor's own controls, with undo. White is read before and after, if readsTurns.
    void turn(const MonitorControls &controls);
    /// They stand there now.
    void turned(const MonitorControls &controls);

    struct Kept {
        QByteArray icc;
        VideoLut lut;
        run::KeptTune tune;
        run::RunSetup setup;
        QString problem;
    };
    /// Makes its profile in another thread; made() follows. \param setup of the run that keeps it
    void keep(const run::RunSetup &setup);

signals:
    void changed();
    /// Something else is to be on the display: lut().
    void lutWanted();
    void controlsWanted(const lantern::MonitorControls &controls); ///< turned() follows
    void whiteWanted();                                            ///< read() or gaveUp() follows
    void made(const lantern::app::TunePart::Kept &kept);

public:
    /// That is to be on the display; nothing: what is in use there.
    [[nodiscard]] std::optional<VideoLut> lut() const;

private:
    friend class TuneCommand;
    friend class TurnCommand;
    void apply(const QString &displayId, const FineTune &tune);
    void applyTurn(const QString &displayId, const MonitorControls &controls, const Mat3 &change,
                   bool unknown);
    void rebuild();
    void work();
    void endTurn();

    QUndoStack *m_undo;
    TuneState m_state;
    QString m_displayId;
    std::optional<run::RunResults> m_base;
    SignalPath m_path;                ///< with the calibration's LUT
    Mat3 m_change = Mat3::Identity(); ///< of the light since the calibration, by controls
    ControlTurn m_turn;               ///< under way
    enum class Turning { No, ReadsBefore, Sets, ReadsAfter };
    Turning m_turning = Turning::No;
    int m_undoing = 0; ///< turns asked for by undo or redo that have not been answered
    Background<Kept> m_making;
};

} // namespace lantern::app

Q_DECLARE_METATYPE(lantern::app::TunePart::Kept)
