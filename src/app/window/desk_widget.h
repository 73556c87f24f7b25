#pragma once

#include "app/window/desk_model.h"

#include <QAbstractButton>

namespace lantern::app {

/// One display of the Desk: drawn to scale, with its name, age and state. The chosen one is
/// checked.
class DeskCard : public QAbstractButton {
    Q_OBJECT
public:
    explicit DeskCard(QWidget *parent);
    /// \param scale pixels per mm \param step pixels from one display to the next
    void setDisplay(const DeskModel::Display &display, double scale, double step);
    [[nodiscard]] QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent *event) override;

private:
    [[nodiscard]] QRectF screen() const;
    [[nodiscard]] double textWidth() const;

    DeskModel::Display m_display;
    double m_scale = 0.1;
    double m_step = 300;
};

/// The meter at the right end of the Desk.
class DeskMeter : public QWidget {
    Q_OBJECT
public:
    explicit DeskMeter(QWidget *parent);
    void setModel(const DeskModel &model);

protected:
    void paintEvent(QPaintEvent *event) override;

private:
    DeskModel m_model;
};

/// The workshop's units that wait, at the left end of the Desk while a batch is open.
class DeskQueue : public QWidget {
    Q_OBJECT
public:
    explicit DeskQueue(QWidget *parent);
    void setModel(const DeskModel &model);

protected:
    void paintEvent(QPaintEvent *event) override;

private:
    QString m_title;
    QStringList m_lines; ///< as many as there is room for
};

/// The strip at the top: every display of this desk to scale with its state, and the meter. Tab
/// leads to the chosen display, the arrow keys choose another.
class DeskWidget : public QWidget {
    Q_OBJECT
public:
    explicit DeskWidget(QWidget *parent = nullptr);
    void setState(const SessionState &state);

signals:
    void displayChosen(int index);

protected:
    void paintEvent(QPaintEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;

private:
    void addCard();
    void place();

    DeskModel m_model;
    std::vector<DeskCard *> m_cards;
    DeskQueue *m_queue;
    DeskMeter *m_meter;
};

} // namespace lantern::app
