#pragma once

#include "app/views/by_eye/match_target.h"
#include "app/views/view.h"
#include "core/plan/by_eye.h"

#include <QListWidget>
#include <QPushButton>
#include <QSlider>

#include <array>

namespace lantern::app {

/// A guided adjustment without a meter, honest about its limits.
class ByEyeView : public View {
    Q_OBJECT
public:
    explicit ByEyeView(Session *session);
    void setState(const SessionState &state) override;

protected:
    void showEvent(QShowEvent *event) override;
    void hideEvent(QHideEvent *event) override;

private:
    enum Step { Black, White, Grey, Red, Green, Blue, Neutral, Result, StepCount };
    void showStep();
    void moved();
    /// Channel of a half-light step, 3 for grey; nothing for other steps.
    static std::optional<int> channelOf(int step);

    QListWidget *m_steps;
    MatchTarget *m_target;
    QLabel *m_words, *m_figure;
    std::array<QLabel *, 2> m_names;
    std::array<QSlider *, 2> m_sliders;
    QPushButton *m_next;
    EyeFindings m_findings;
    std::array<double, 2> m_tint{}; ///< red against green, blue against yellow; -100..100
    bool m_updating = false;
    bool m_free = true; ///< no run is under way
};

} // namespace lantern::app
