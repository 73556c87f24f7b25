#pragma once

#include "app/views/view.h"

#include <QComboBox>
#include <QImage>

#include <optional>

namespace lantern::app {

/// A picture split by a divider: left as it looked before, right as it looks now. Dragging or the
/// arrow keys move the divider; holding Space shows the whole picture as before.
class SplitPicture : public QWidget {
    Q_OBJECT
public:
    explicit SplitPicture(QWidget *parent = nullptr);
    void setPictures(const QImage &before, const QImage &now);
    [[nodiscard]] double divider() const { return m_divider; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {320, 220}; }

protected:
    void paintEvent(QPaintEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void mouseMoveEvent(QMouseEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;
    void keyReleaseEvent(QKeyEvent *event) override;

private:
    [[nodiscard]] QRectF target() const;
    void moveDivider(double position);

    QImage m_before, m_now;
    double m_divider = 0.5; ///< 0..1 from the left
    bool m_allBefore = false;
};

/// Before and after on pictures.
class CompareView : public View {
    Q_OBJECT
public:
    explicit CompareView(Intents *intents);
    void setState(const SessionState &state) override;

protected:
    void dragEnterEvent(QDragEnterEvent *event) override;
    void dropEvent(QDropEvent *event) override;

private:
    void choose(int index);
    void openFile(const QString &path);
    void render();

    QComboBox *m_choice;
    SplitPicture *m_split;
    QImage m_picture;
    run::RunResults m_results;
    std::optional<QByteArray> m_renderedProfile; ///< nothing: not rendered yet
};

} // namespace lantern::app
