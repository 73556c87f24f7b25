#pragma once

#include "app/state/session_state.h"
#include "app/widgets/handbook.h"

#include <QPushButton>
#include <QWidget>

namespace lantern::app {

/// What one sees, beside the view; it follows the view until a link was followed.
class HelpPane : public QWidget {
    Q_OBJECT
public:
    explicit HelpPane(QWidget *parent = nullptr);
    void setState(const SessionState &state);
    /// \param name of a page, see Handbook::showPage()
    void showPage(const QString &name);

signals:
    void hidden();
    void failed(const QString &problem);

private:
    Handbook *m_page;
    QPushButton *m_back;
    ViewId m_view{};
};

} // namespace lantern::app
