#pragma once

#include "app/views/check/check_model.h"
#include "app/views/view.h"

#include <array>

namespace lantern::app {

class CheckBars;

/// Check first: does the last run still hold?
class CheckView : public View {
    Q_OBJECT
public:
    explicit CheckView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    struct Row {
        QLabel *name, *then, *now, *limit;
    };

    QLabel *m_verdict, *m_words, *m_empty;
    QWidget *m_figures;
    std::array<Row, CheckModel::kRows> m_rows;
    CheckBars *m_bars;
};

} // namespace lantern::app
