#pragma once

#include "app/views/evenness/evenness_model.h"
#include "app/views/view.h"

class QComboBox;
class QPushButton;

namespace lantern::app {

class EvennessMap;

/// How even the screen is, and the way of the meter over it.
class EvennessView : public View {
    Q_OBJECT
public:
    explicit EvennessView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    void choose();
    void show(const EvennessModel &model);

    QComboBox *m_grid, *m_levels, *m_compensation, *m_shown;
    QPushButton *m_measure, *m_resume, *m_end;
    EvennessMap *m_map;
    QLabel *m_sentence, *m_field, *m_facts, *m_of;
    EvennessModel m_model;
    SessionState m_state; ///< as shown, for another grey
};

} // namespace lantern::app
