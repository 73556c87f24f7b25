#pragma once

#include "app/views/trends/trends_model.h"
#include "app/views/view.h"
#include "app/widgets/plot.h"

#include <QComboBox>
#include <QListWidget>

namespace lantern::app {

/// One figure of one display over months and years, with its limits, what happened, and its
/// forecast.
class TrendsView : public View {
    Q_OBJECT
public:
    explicit TrendsView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    void choose();
    void show(const TrendsModel &m);

    TrendsModel m_model;
    std::shared_ptr<const TrendSheet> m_sheet; ///< that is drawn
    QComboBox *m_display, *m_figure, *m_period;
    Plot *m_plot;
    QLabel *m_sentence;
    QListWidget *m_events;
};

} // namespace lantern::app
