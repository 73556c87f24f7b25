#pragma once

#include "app/views/by_eye/by_eye_model.h"
#include "app/views/by_eye/eye_examples.h"
#include "app/views/by_eye/match_target.h"
#include "app/views/view.h"

#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSlider>

#include <array>

namespace lantern::app {

/// A guided adjustment without a meter, honest about its limits.
class ByEyeView : public View {
    Q_OBJECT
public:
    explicit ByEyeView(Intents *intents);
    void setState(const SessionState &state) override;

protected:
    void showEvent(QShowEvent *event) override;
    void hideEvent(QHideEvent *event) override;

private:
    QWidget *makeSide();
    void showStep();
    void showOnDisplay(EyeLook look);
    void take();
    void keep();
    void goOn();
    [[nodiscard]] EyeStep step() const;

    QListWidget *m_steps;
    MatchTarget *m_target;
    QLabel *m_words, *m_figure;
    std::array<QLabel *, 2> m_names;
    std::array<QSlider *, 2> m_sliders;
    EyeExamples *m_examples;
    QLineEdit *m_name;
    QPushButton *m_next, *m_before, *m_other;
    EyeWork m_work;
    std::string m_keptAt; ///< when the profile was made that is in use; empty: none by eye
    int m_selected = -1, m_otherDisplay = -1;
    bool m_waits = false; ///< for the profile to be in use
    bool m_updating = false;
    bool m_free = true; ///< no run is under way
};

} // namespace lantern::app
