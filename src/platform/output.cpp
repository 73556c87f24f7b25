#include "platform/output.h"

#include "platform/wayland/gamma_controls.h"
#include "platform/wayland/shell_gamma.h"
#include "platform/wayland/wayland_link.h"
#include "platform/wayland/wayland_output.h"
#include "platform/wayland/wayland_watch.h"
#include "platform/x11/x11_output.h"
#include "platform/x11/x11_watch.h"
#include "run/file/files.h"

#include "core/base/error.h"

#include <QCoreApplication>
#include <QStandardPaths>

namespace lantern::platform {

DisplayServer displayServer()
{
    // Where a compositor runs X clients too, a program that draws as one sees X's outputs.
    const QByteArray toolkit = qgetenv("QT_QPA_PLATFORM");
    const bool drawsElsewhere = !toolkit.isEmpty() && !toolkit.startsWith("wayland");
    return !drawsElsewhere && !qEnvironmentVariableIsEmpty("WAYLAND_DISPLAY") &&
                   WaylandLink().isUsable()
               ? DisplayServer::Wayland
               : DisplayServer::X11;
}

bool Output::isBuiltIn() const
{
    for (const char *prefix : {"eDP", "LVDS", "DSI"})
        if (name.startsWith(QLatin1String(prefix), Qt::CaseInsensitive))
            return true;
    return false;
}

std::vector<Output> outputs()
{
    return displayServer() == DisplayServer::Wayland ? waylandOutputs() : x11Outputs();
}

std::unique_ptr<ProfileHome> profileHomeOf(const Output &output)
{
    if (output.server == DisplayServer::Wayland)
        return std::make_unique<ServiceProfileHome>(output);
    return std::make_unique<X11ProfileStore>(output);
}

std::shared_ptr<run::VideoLutDevice> videoLutOf(const Output &output, QString *reason)
{
    if (output.server == DisplayServer::Wayland) {
        if (const int size = GammaControls::instance().size(output.name))
            return std::make_shared<GammaControlLut>(output.name, size);
        if (auto lut = ShellGammaLut::find(output.name))
            return lut;
        if (reason)
            *reason = QCoreApplication::translate(
                "Desk", "This desktop's compositor lets no program load a video LUT on it, or "
                        "another program holds it.");
        return nullptr;
    }
    try {
        return std::make_shared<X11VideoLut>(output);
    } catch (const Error &) { // it has none: that is one of its abilities
        if (reason)
            *reason = QCoreApplication::translate("Desk", "This output has no video LUT.");
        return nullptr;
    }
}

std::unique_ptr<OutputWatch> watchOutputs()
{
    if (displayServer() == DisplayServer::Wayland)
        return std::make_unique<WaylandWatch>();
    return std::make_unique<X11Watch>();
}

QString writeProfileFile(const QString &folder, const QString &name, const QByteArray &icc)
{
    run::makeFolder(folder);
    QString file;
    for (const QChar c : name)
        file += c.isLetterOrNumber() || QStringLiteral("-_.,").contains(c) ? c : QLatin1Char('-');
    const QString path = folder + QLatin1Char('/') + file + QStringLiteral(".icc");
    run::writeFile(path, icc);
    return path;
}

QString userProfileFolder()
{
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           QStringLiteral("/icc");
}

} // namespace lantern::platform
