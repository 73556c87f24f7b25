#pragma once

#include "run/device/devices.h"

#include <QByteArray>
#include <QObject>
#include <QRect>
#include <QSizeF>
#include <QString>

#include <cstdint>
#include <memory>
#include <vector>

namespace lantern::platform {

/// Who puts pictures on the screens of this session.
enum class DisplayServer { X11, Wayland };

/// The one that this program talks to. A Wayland compositor, unless none answers to
/// $WAYLAND_DISPLAY or the toolkit was told to use X11.
DisplayServer displayServer();

/// One picture that the display server sends out.
struct Output {
    QString name;       ///< the connector's, e.g. "DP-1", or "screen"
    uint32_t crtc = 0;  ///< of X11
    QRect geometry;     ///< X11: in pixels of the X screen; Wayland: the compositor's logical ones
    int index = 0;      ///< position among the active outputs; X11: 0 uses `_ICC_PROFILE`
    QSizeF sizeMm;      ///< as the server tells; empty: not known
    QByteArray edid;    ///< empty where the output has none
    QSize pixels = {};  ///< of its mode; empty: as many as its geometry
    QString model = {}; ///< as the compositor tells, where there is no EDID
    DisplayServer server = DisplayServer::X11;

    /// By its name, the panel of a laptop.
    [[nodiscard]] bool isBuiltIn() const;
};

/// Active outputs; empty when no display server answers.
std::vector<Output> outputs();

/// Which profile is declared to be in use on one output.
class ProfileHome {
public:
    virtual ~ProfileHome() = default;
    /// Its bytes; empty: none.
    virtual QByteArray inUse() = 0;
    /// Declares a profile to be in use, or none when empty. \throws Error Device
    virtual void declare(const QByteArray &icc) = 0;
    /// Whether anybody hears of what is declared.
    [[nodiscard]] virtual bool isHeard() const { return true; }
};

/// What the display server or the colour service takes. \throws Error Device
std::unique_ptr<ProfileHome> profileHomeOf(const Output &output);

/// What loads tables behind the compositor or X server. Null: nothing does on this output.
/// \param reason why there is none; may be null
std::shared_ptr<run::VideoLutDevice> videoLutOf(const Output &output, QString *reason = nullptr);

/// Tells what happens to the outputs of the display server and to the profiles declared for them,
/// without asking again and again. Needs an event loop, but no interface toolkit.
class OutputWatch : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// False where the screens are switched off or asleep; true where that cannot be told.
    [[nodiscard]] virtual bool areScreensOn() const { return true; }

signals:
    /// An output came or went or got another mode; once for a burst of such events.
    void outputsChanged();
    /// A profile is declared, withdrawn or replaced by whatever program.
    void profilesChanged();
    /// A video LUT that no other program of ours holds now: whoever keeps them may load it.
    void lutsGivenUp();
    /// The display server has ended.
    void gone();
};

/// \throws Error Device when there is no display server to talk to
std::unique_ptr<OutputWatch> watchOutputs();

/// Writes a profile into a folder under a file name made from `name`; returns its path.
/// \throws Error Device when the folder cannot be made or written.
QString writeProfileFile(const QString &folder, const QString &name, const QByteArray &icc);

/// $XDG_DATA_HOME/icc
QString userProfileFolder();

} // namespace lantern::platform
