#pragma once

#include "app/session/background.h"
#include "app/session/intents.h"
#include "app/views/accuracy/match_fields.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>

namespace lantern::app {

/// A chart put together by a person: from a picture, a list or a print strip, mixed with patches
/// that are spread through all colours; seen before it is measured, with the time it takes.
class ChartDialog : public QDialog {
    Q_OBJECT
public:
    ChartDialog(Intents *intents, const SessionState &state, QWidget *parent = nullptr);
    /// What the state says now: charts that are kept, the profile of the display.
    void setState(const SessionState &state);
    /// Takes its colours out of a file. \param isPicture its key colours, else those it lists
    void take(const QString &path, bool isPicture);

private:
    void showChart();
    void use();
    [[nodiscard]] std::vector<DeviceRgb> mixed() const;
    struct Taken {
        std::vector<DeviceRgb> patches;
        QString path, problem;
        bool isPicture = false;
    };
    void took(const Taken &taken);

    Intents *m_intents;
    SessionState m_state;
    std::vector<DeviceRgb> m_own; ///< of the file, or of a kept chart
    QString m_picture;            ///< that they are the key colours of
    QString m_sourceText = tr("none");
    MatchFields *m_fields;
    QLabel *m_source, *m_figures, *m_problem;
    QSpinBox *m_keys, *m_spread;
    QComboBox *m_kept;
    QLineEdit *m_name;
    QPushButton *m_keep, *m_remove, *m_use;
    Background<Taken> m_work;
};

} // namespace lantern::app
