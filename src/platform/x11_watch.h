#pragma once

#include <QObject>
#include <QTimer>

struct xcb_connection_t;
class QSocketNotifier;

namespace lantern::platform {

/// Tells what happens to the outputs of the X server and to the profiles declared for them, without
/// asking again and again. Needs an event loop, but no interface toolkit.
class X11Watch : public QObject {
    Q_OBJECT
public:
    /// \throws Error Device when there is no X server to talk to
    explicit X11Watch(QObject *parent = nullptr);
    ~X11Watch() override;

    /// False where the screens are switched off or asleep; true where that cannot be told.
    [[nodiscard]] bool areScreensOn() const;

signals:
    /// An output came or went or got another mode; once for a burst of such events.
    void outputsChanged();
    /// A profile is declared, withdrawn or replaced by whatever program.
    void profilesChanged();
    /// The X server has ended.
    void gone();

private:
    void takeEvents();

    xcb_connection_t *m_connection;
    int m_firstEvent = 0; ///< of RandR
    QSocketNotifier *m_notifier = nullptr;
    QTimer m_outputs, m_profiles; ///< let a burst pass
};

} // namespace lantern::platform
