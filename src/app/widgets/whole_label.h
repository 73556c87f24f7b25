#pragma once

#include <QLabel>

namespace lantern::app {

/// A label as high as its lines need: where they break, the page scrolls instead of cutting it off.
class WholeLabel : public QLabel {
    Q_OBJECT
public:
    WholeLabel() { setWordWrap(true); }
    void setWhole(const QString &text)
    {
        setText(text);
        fit();
    }

protected:
    void resizeEvent(QResizeEvent *event) override
    {
        QLabel::resizeEvent(event);
        fit();
    }

private:
    void fit() { setMinimumHeight(std::max(0, heightForWidth(width()))); }
};

} // namespace lantern::app
