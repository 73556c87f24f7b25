#pragma once

#include <QBoxLayout>
#include <QWidget>

namespace lantern::app {

/// A main part with a narrower one at its side; where there is no room for both, below it.
class SideBySide : public QWidget {
    Q_OBJECT
public:
    /// \param side as wide as its minimum beside the main part, as wide as there is room below it
    /// \param leastMain width that the main part wants beside the other
    SideBySide(QWidget *main, QWidget *side, int leastMain, QWidget *parent = nullptr);
    [[nodiscard]] QSize minimumSizeHint() const override;

protected:
    void resizeEvent(QResizeEvent *event) override;

private:
    QWidget *m_main, *m_side;
    int m_leastMain;
    QBoxLayout *m_layout;
};

} // namespace lantern::app
