#pragma once

#include "app/views/view.h"
#include "app/widgets/plot.h"

namespace lantern::app {

/// The display's triangle in u'v' against common spaces.
class GamutView : public View {
    Q_OBJECT
public:
    explicit GamutView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    Plot *m_plot;
    QLabel *m_figures;
};

} // namespace lantern::app
