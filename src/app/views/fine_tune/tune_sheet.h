#pragma once

#include "core/profile/rendition.h"

#include <QImage>
#include <QWidget>

#include <memory>

namespace lantern::app {

/// What the eye looks at while it tunes: a sheet beside the print or the other display. Takes the
/// keys for it.
class TuneSheet : public QWidget {
    Q_OBJECT
public:
    explicit TuneSheet(QWidget *parent = nullptr);
    /// \param sheet in sRGB; null: greys and white, drawn here
    void setSheet(const QImage &sheet);
    void setRendition(std::shared_ptr<const Rendition> rendition);
    /// Below the sheet, small.
    void setWords(const QString &words);
    [[nodiscard]] QSize minimumSizeHint() const override { return {220, 180}; }

signals:
    /// A key for a step. \param knob see Knob \param steps negative: down
    void stepped(int knob, int steps);
    void held(bool before);
    void resetWanted();
    void leaveWanted(); ///< Esc

protected:
    void paintEvent(QPaintEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;
    void keyReleaseEvent(QKeyEvent *event) override;
    void focusOutEvent(QFocusEvent *event) override;

private:
    void render();
    QImage m_sheet, m_shown;
    std::shared_ptr<const Rendition> m_rendition;
    QString m_words;
    bool m_holds = false;
};

/// Greys on a middle grey, and paper white.
QImage greySheet(const QSize &size);

} // namespace lantern::app
