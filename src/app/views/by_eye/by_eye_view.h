#pragma once

#include "app/views/by_eye/by_eye_model.h"
#include "app/views/by_eye/match_target.h"
#include "app/views/view.h"

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
    void showStep();
    void take();
    [[nodiscard]] EyeStep step() const;

    QListWidget *m_steps;
    MatchTarget *m_target;
    QLabel *m_words, *m_figure;
    std::array<QLabel *, 2> m_names;
    std::array<QSlider *, 2> m_sliders;
    QPushButton *m_next;
    EyeWork m_work;
    bool m_updating = false;
    bool m_free = true; ///< no run is under way
};

} // namespace lantern::app
