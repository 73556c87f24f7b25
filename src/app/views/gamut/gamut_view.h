#pragma once

#include "app/views/gamut/lab_solid.h"
#include "app/views/view.h"
#include "app/widgets/plot.h"

#include <QComboBox>
#include <QPushButton>
#include <QSlider>
#include <QStackedWidget>
#include <QTableWidget>

#include <array>

namespace lantern::app {

/// The colours the display can mix: on two planes, as a solid, and in sections of it, against
/// common spaces, files and other runs.
class GamutView : public View {
    Q_OBJECT
public:
    explicit GamutView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    enum Page { Uv, Xy, Solid, Section };
    QWidget *makeSide();
    QWidget *makeTabs();
    void chooseReference(size_t which, int index);
    void choosePoints(int index);
    void openFile(size_t which);
    void show();

    QStackedWidget *m_pages;
    Plot *m_uv, *m_xy, *m_section;
    LabSolid *m_solid;
    std::array<QPushButton *, 4> m_tabs;
    QSlider *m_lightness;
    QLabel *m_lightnessText, *m_own, *m_held;
    std::array<QComboBox *, 2> m_references;
    QComboBox *m_points;
    QTableWidget *m_table;
    GamutModel m_model;
    std::optional<SessionState> m_state;
    std::vector<Lab> m_picture; ///< its colours, once one was opened
};

} // namespace lantern::app
