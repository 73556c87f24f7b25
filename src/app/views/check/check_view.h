#pragma once

#include "app/views/view.h"

#include <array>

namespace lantern::app {

class CheckBars;

/// Check first: does the last run still hold?
class CheckView : public View {
    Q_OBJECT
public:
    explicit CheckView(Session *session);
    void setState(const SessionState &state) override;

private:
    struct Row {
        QLabel *name, *then, *now, *limit;
    };
    static constexpr int kRows = 6;
    void showFigures(const SessionState &state);

    QLabel *m_verdict, *m_words, *m_empty;
    QWidget *m_figures;
    std::array<Row, kRows> m_rows;
    CheckBars *m_bars;
};

} // namespace lantern::app
