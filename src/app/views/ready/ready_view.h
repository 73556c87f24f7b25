#pragma once

#include "app/views/ready/ready_model.h"
#include "app/views/view.h"

#include <QCheckBox>
#include <QComboBox>
#include <QPushButton>

namespace lantern::app {

/// The checklist before a run, and what is known of the display and its meter.
class ReadyView : public View {
    Q_OBJECT
public:
    explicit ReadyView(Intents *intents);
    void setState(const SessionState &state) override;

protected:
    void showEvent(QShowEvent *event) override;

private:
    struct Line {
        QWidget *row;
        QCheckBox *box;
        QLabel *finding;
        QPushButton *errand;
        ReadyErrand does = ReadyErrand::None;
    };
    void addLine();
    void showFound(const std::vector<ReadyModel::Found> &found);
    void showLine(const ReadyModel::Line &from, bool free, Line &line);

    std::vector<Line> m_lines;
    QWidget *m_found;
    std::vector<std::pair<QLabel *, QLabel *>> m_foundLines;
    QVBoxLayout *m_list;
    QLabel *m_display, *m_reason;
    QComboBox *m_technology;
    QPushButton *m_check;
    bool m_updating = false;
};

} // namespace lantern::app
