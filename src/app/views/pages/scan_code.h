#pragma once

#include <QImage>
#include <QWidget>

namespace lantern::app {

/// A text as a square that cameras read (QR code, ISO/IEC 18004).
class ScanCode : public QWidget {
    Q_OBJECT
public:
    explicit ScanCode(QWidget *parent = nullptr);
    void setText(const QString &text); ///< empty: nothing is drawn
    [[nodiscard]] const QImage &image() const { return m_image; }

protected:
    void paintEvent(QPaintEvent *event) override;

private:
    QString m_text;
    QImage m_image; ///< a pixel for each of its squares, with the quiet zone around
};

} // namespace lantern::app
