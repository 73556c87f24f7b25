#include "platform/colour_service.h"

#include <QCryptographicHash>
#include <QFile>
#include <QStringList>

namespace lantern::platform {

namespace {

/// The maker's full name where the machine has the list of them, else the three letters.
QString vendorName(const std::string &letters)
{
    const QByteArray key = QByteArray::fromStdString(letters) + '\t';
    for (const char *path : {"/usr/share/hwdata/pnp.ids", "/usr/share/misc/pnp.ids"}) {
        QFile file(QString::fromLatin1(path));
        if (!file.open(QIODevice::ReadOnly))
            continue;
        while (!file.atEnd()) {
            const QByteArray line = file.readLine();
            if (line.startsWith(key))
                return QString::fromUtf8(line.mid(key.size())).trimmed();
        }
    }
    return QString::fromStdString(letters);
}

} // namespace

QString colourDeviceId(const Edid &edid)
{
    QStringList parts = {QStringLiteral("xrandr"), vendorName(edid.maker)};
    if (!edid.name.empty())
        parts << QString::fromStdString(edid.name);
    if (!edid.serial.empty())
        parts << QString::fromStdString(edid.serial);
    return parts.join(QLatin1Char('-'));
}

std::vector<std::pair<std::string, std::string>> profileMapping(const Edid &edid,
                                                                const QByteArray &bytes)
{
    std::vector<std::pair<std::string, std::string>> out = {
        {"MAPPING_device_id", colourDeviceId(edid).toStdString()},
        {"EDID_md5",
         QCryptographicHash::hash(bytes, QCryptographicHash::Md5).toHex().toStdString()},
        {"EDID_mnft", edid.maker},
    };
    if (!edid.name.empty())
        out.emplace_back("EDID_model", edid.name);
    if (!edid.serial.empty())
        out.emplace_back("EDID_serial", edid.serial);
    return out;
}

} // namespace lantern::platform
