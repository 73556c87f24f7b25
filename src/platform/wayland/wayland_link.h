#pragma once

#include <QByteArray>
#include <QRect>
#include <QSizeF>
#include <QString>

#include <cstdint>
#include <functional>
#include <memory>
#include <vector>

struct wl_display;
struct wl_output;
struct wl_registry;
struct wl_shm;
struct zxdg_output_manager_v1;
struct zxdg_output_v1;
struct zwlr_gamma_control_manager_v1;
struct zwlr_screencopy_manager_v1;

namespace lantern::platform {

/// A connection to the Wayland compositor, of its own, usable from any one thread at a time.
class WaylandLink {
public:
    /// An output as the compositor tells of it.
    struct Head {
        uint32_t global = 0;
        wl_output *output = nullptr;
        zxdg_output_v1 *logical = nullptr;
        QString name; ///< of the connector; empty where the compositor does not tell
        QString maker, model;
        QRect geometry; ///< logical
        QSize pixels;
        QSizeF sizeMm;
        int scale = 1;
        bool isTurned = false; ///< by a quarter

        /// Its connector's, else made up of what it says of itself.
        [[nodiscard]] QString title() const;
        /// In logical pixels of the compositor.
        [[nodiscard]] QRect place() const;
    };

    WaylandLink();
    ~WaylandLink();
    WaylandLink(const WaylandLink &) = delete;
    WaylandLink &operator=(const WaylandLink &) = delete;

    [[nodiscard]] bool isUsable() const;
    /// Sends what was asked and waits until the compositor has answered all of it. False: gone.
    bool roundtrip();
    [[nodiscard]] const std::vector<std::unique_ptr<Head>> &heads() const { return m_heads; }
    /// Null: it is not there.
    [[nodiscard]] Head *head(const QString &title) const;
    [[nodiscard]] wl_display *display() const { return m_display; }
    /// Null where the compositor does not offer it.
    [[nodiscard]] zwlr_gamma_control_manager_v1 *gammaControls() const { return m_gamma; }
    [[nodiscard]] zwlr_screencopy_manager_v1 *screencopy() const { return m_screencopy; }
    [[nodiscard]] wl_shm *sharedMemory() const { return m_shm; }
    /// Called when a head came, went or changed.
    std::function<void()> onHeads;

private:
    struct Events;
    void addLogical(Head &head);

    wl_display *m_display;
    wl_registry *m_registry = nullptr;
    zxdg_output_manager_v1 *m_logicals = nullptr;
    zwlr_gamma_control_manager_v1 *m_gamma = nullptr;
    zwlr_screencopy_manager_v1 *m_screencopy = nullptr;
    wl_shm *m_shm = nullptr;
    std::vector<std::unique_ptr<Head>> m_heads;
};

} // namespace lantern::platform
