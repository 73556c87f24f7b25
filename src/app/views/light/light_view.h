#pragma once

#include "app/views/light/light_model.h"
#include "app/views/view.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>

#include <array>

namespace lantern::app {

/// The light around the desk: read, kept by name, followed by the aim, and what dark screens throw
/// back of it.
class LightView : public View {
    Q_OBJECT
public:
    explicit LightView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    struct Offer {
        QLabel *text;
        QPushButton *take;
    };
    QWidget *reading();
    QWidget *following();
    QWidget *seen();
    QWidget *watching();
    void showKept();
    void keep();

    LightModel m_model; ///< as shown last
    bool m_updating = false;
    QLabel *m_readings, *m_stray, *m_hand, *m_watchWords;
    QPushButton *m_read, *m_startOver, *m_keep, *m_use, *m_remove, *m_away, *m_onScreen;
    QLineEdit *m_name;
    QTableWidget *m_kept;
    std::array<Offer, 3> m_offers = {};
    QWidget *m_following, *m_watching;
    QDoubleSpinBox *m_paper, *m_reflectance;
    QComboBox *m_seenIn, *m_watch;
};

} // namespace lantern::app
