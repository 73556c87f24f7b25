#pragma once

#include "platform/output.h"

#include <QTimer>

class QSocketNotifier;

namespace lantern::platform {

class LutHandOver;
class WaylandLink;

/// The compositor's events, and those of the colour service.
class WaylandWatch : public OutputWatch {
    Q_OBJECT
public:
    /// \throws Error Device when there is no compositor to talk to
    explicit WaylandWatch(QObject *parent = nullptr);
    ~WaylandWatch() override;

private slots:
    void onColourService() { m_profiles.start(); }

private:
    void takeEvents();

    std::unique_ptr<WaylandLink> m_link;
    std::unique_ptr<LutHandOver> m_handOver;
    QSocketNotifier *m_notifier = nullptr;
    QTimer m_outputs, m_profiles, m_luts; ///< let a burst pass
};

} // namespace lantern::platform
