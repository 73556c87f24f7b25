#pragma once

#include "app/views/start/start_model.h"
#include "app/views/view.h"

#include <QPushButton>

namespace lantern::app {

/// First steps: the way through the program for somebody who sees it for the first time.
class StartView : public View {
    Q_OBJECT
public:
    explicit StartView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    struct Row {
        QLabel *number, *title, *text, *state;
        QPushButton *button;
    };
    void makeRows(size_t count);

    StartModel m_model; ///< as shown last
    std::vector<Row> m_rows;
    QVBoxLayout *m_list;
};

} // namespace lantern::app
