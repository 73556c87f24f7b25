#pragma once

#include "app/views/match/match_model.h"
#include "app/views/match/moving_patch.h"
#include "app/views/match/screen_patches.h"
#include "app/views/view.h"

#include <QComboBox>
#include <QPushButton>
#include <QShortcut>
#include <QTableWidget>

namespace lantern::app {

/// Displays that are to be alike: what all can share, whose turn it is, how alike they are.
class MatchView : public View {
    Q_OBJECT
public:
    explicit MatchView(Intents *intents);
    void setState(const SessionState &state) override;

protected:
    void hideEvent(QHideEvent *event) override;

private:
    QWidget *makeActions();
    QWidget *makeEye();
    void showRows();
    void showPairs();
    void showPair();
    void showColour();
    void showOnScreens(bool on);
    void choose();
    [[nodiscard]] const MatchModel::Pair *pair() const;

    QLabel *m_sentence, *m_why;
    QTableWidget *m_displays, *m_pairs;
    QPushButton *m_read, *m_begin, *m_end, *m_move, *m_onScreens, *m_tune;
    QComboBox *m_colour;
    MovingPatch *m_patch;
    QWidget *m_eye;
    ScreenPatches m_screens;
    QShortcut *m_leave; ///< the screens that are filled
    MatchModel m_model;
    std::vector<QRect> m_places; ///< of the displays on the desktop
    bool m_filling = false;
};

} // namespace lantern::app
