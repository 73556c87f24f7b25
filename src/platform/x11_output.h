#pragma once

#include "core/signal/video_lut.h"
#include "run/device/devices.h"

#include <QByteArray>
#include <QRect>
#include <QSizeF>
#include <QString>

#include <cstdint>
#include <memory>
#include <vector>

namespace lantern::platform {

/// Connection to the X server, of its own, usable from any one thread at a time.
class X11Connection;

/// One picture that the X server sends out.
struct X11Output {
    QString name; ///< RandR output, e.g. "screen" or "DP-1"
    uint32_t crtc = 0;
    QRect geometry;  ///< in pixels of the X screen
    int index = 0;   ///< position among the active outputs; 0 uses `_ICC_PROFILE`
    QSizeF sizeMm;   ///< as the server tells; empty: not known
    QByteArray edid; ///< empty where the output has none

    /// By its name, the panel of a laptop.
    [[nodiscard]] bool isBuiltIn() const;
};

/// Active outputs of the X server of $DISPLAY; empty when there is none to talk to.
std::vector<X11Output> x11Outputs();

/// RandR gamma of one output. Source: X Resize, Rotate and Reflect Extension 1.5, section 7.
class X11VideoLut : public run::VideoLutDevice {
public:
    /// \throws Error Device when the server is gone or the output has no LUT
    explicit X11VideoLut(const X11Output &output);
    ~X11VideoLut() override;
    VideoLut read() override;
    void load(const VideoLut &lut) override;
    QByteArray save() override;
    void restore(const QByteArray &saved) override;
    bool holds(const VideoLut &lut) override;

private:
    using Tables = std::array<std::vector<uint16_t>, 3>;
    Tables tables();
    void setTables(const Tables &tables);
    /// What load() makes of a LUT: tables of the output's own size.
    [[nodiscard]] Tables tablesOf(const VideoLut &lut) const;

    std::unique_ptr<X11Connection> m_connection;
    X11Output m_output;
    int m_size = 0;
};

/// The user's ICC folder and the root window's `_ICC_PROFILE` property (`_ICC_PROFILE_n` for
/// further outputs). Source: ICC Profiles in X Specification 0.4.
class X11ProfileStore : public run::ProfileStore {
public:
    X11ProfileStore(const X11Output &output, QString folder);
    ~X11ProfileStore() override;
    QString install(const QByteArray &icc, const QString &name) override;
    QByteArray inUse() override;
    /// Declares a profile to be in use, or none when empty, without installing a file.
    void declare(const QByteArray &icc);

private:
    std::unique_ptr<X11Connection> m_connection;
    QByteArray m_property;
    QString m_folder;
};

/// Writes a profile into a folder under a file name made from `name`; returns its path.
/// \throws Error Device when the folder cannot be made or written.
QString writeProfileFile(const QString &folder, const QString &name, const QByteArray &icc);

/// $XDG_DATA_HOME/icc
QString userProfileFolder();

} // namespace lantern::platform
