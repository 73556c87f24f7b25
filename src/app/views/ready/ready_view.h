#pragma once

#include "app/views/view.h"

#include <QCheckBox>

namespace lantern::app {

/// The checklist before a run.
class ReadyView : public View {
    Q_OBJECT
public:
    explicit ReadyView(Session *session);
    void setState(const SessionState &state) override;

private:
    struct Line {
        QCheckBox *box;
        QLabel *reason;
    };
    std::vector<Line> m_lines;
    QVBoxLayout *m_list;
    bool m_updating = false;
};

} // namespace lantern::app
