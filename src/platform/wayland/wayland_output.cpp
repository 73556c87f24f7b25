#include "platform/wayland/wayland_output.h"

#include "core/base/error.h"
#include "platform/wayland/wayland_link.h"
#include "run/file/files.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>

namespace lantern::platform {

namespace {

/// The colour service knows files only.
QString fileWith(const QByteArray &icc)
{
    for (const QFileInfo &info : QDir(userProfileFolder()).entryInfoList(QDir::Files)) {
        QFile file(info.filePath());
        if (info.size() == icc.size() && file.open(QIODevice::ReadOnly) && file.readAll() == icc)
            return info.filePath();
    }
    const QString mark =
        QString::fromLatin1(QCryptographicHash::hash(icc, QCryptographicHash::Md5).toHex());
    return writeProfileFile(userProfileFolder() + QStringLiteral("/../bold-lantern/declared"), mark,
                            icc);
}

} // namespace

QByteArray edidOfConnector(const QString &name, const QString &drmFolder)
{
    // The kernel calls it "card0-DP-1".
    for (const QString &entry : QDir(drmFolder).entryList({QStringLiteral("card*-") + name})) {
        QFile file(drmFolder + QLatin1Char('/') + entry + QStringLiteral("/edid"));
        if (file.open(QIODevice::ReadOnly))
            if (const QByteArray edid = file.readAll(); !edid.isEmpty())
                return edid;
    }
    return {};
}

std::vector<Output> waylandOutputs(const QString &drmFolder)
{
    std::vector<Output> outputs;
    const WaylandLink link;
    for (const auto &head : link.heads()) {
        Output output;
        output.server = DisplayServer::Wayland;
        output.name = head->title();
        output.geometry = head->place();
        output.index = static_cast<int>(outputs.size());
        output.sizeMm = head->sizeMm;
        output.pixels = head->isTurned ? head->pixels.transposed() : head->pixels;
        output.model = head->model;
        output.edid = edidOfConnector(head->name, drmFolder);
        outputs.push_back(output);
    }
    return outputs;
}

QByteArray ServiceProfileHome::inUse()
{
    const auto path = m_device.defaultProfile();
    QFile file(path.value_or(QString()));
    return path && file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

void ServiceProfileHome::declare(const QByteArray &icc)
{
    if (!m_device.isServed() || icc == inUse())
        return;
    if (icc.isEmpty()) {
        m_device.withdraw();
        return;
    }
    const QString problem = m_device.setDefault(fileWith(icc));
    if (!problem.isEmpty())
        throw Error(ErrorKind::Device, "colour service",
                    {"the profile could not be declared: %1", {problem.toStdString()}},
                    "The profile's file is installed; choose it in the desktop's settings.");
}

} // namespace lantern::platform
