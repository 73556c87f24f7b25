#pragma once

#include "platform/output.h"

#include <QTimer>

struct xcb_connection_t;
class QSocketNotifier;

namespace lantern::platform {

/// RandR's events and those of the root window's properties.
class X11Watch : public OutputWatch {
    Q_OBJECT
public:
    /// \throws Error Device when there is no X server to talk to
    explicit X11Watch(QObject *parent = nullptr);
    ~X11Watch() override;

    [[nodiscard]] bool areScreensOn() const override;

private:
    void takeEvents();

    xcb_connection_t *m_connection;
    int m_firstEvent = 0; ///< of RandR
    QSocketNotifier *m_notifier = nullptr;
    QTimer m_outputs, m_profiles; ///< let a burst pass
};

} // namespace lantern::platform
