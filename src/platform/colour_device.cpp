#include "platform/colour_device.h"

#include "platform/colour_service.h"
#include "platform/dbus_call.h"
#include "platform/display_id.h"

#include <QCoreApplication>
#include <QCryptographicHash>
#include <QDBusMessage>
#include <QDBusMetaType>
#include <QDBusReply>
#include <QDBusUnixFileDescriptor>
#include <QDBusVariant>
#include <QFile>
#include <QFileInfo>
#include <QMap>

namespace lantern::platform {

namespace {

using StringMap = QMap<QString, QString>;

const QString kService = QStringLiteral("org.freedesktop.ColorManager");
const QString kManager = QStringLiteral("/org/freedesktop/ColorManager");
const QString kDeviceInterface = QStringLiteral("org.freedesktop.ColorManager.Device");
const QString kProfileInterface = QStringLiteral("org.freedesktop.ColorManager.Profile");
constexpr int kPatienceMs = 3000;
constexpr int kAuthorisationMs = 120'000; ///< a person may have to type a password

struct ColourDeviceWords {
    Q_DECLARE_TR_FUNCTIONS(ColourDevice)
};

QDBusMessage callOf(const QString &path, const QString &interface, const char *method)
{
    QDBusMessage call =
        QDBusMessage::createMethodCall(kService, path, interface, QLatin1String(method));
    call.setAutoStartService(false);
    return call;
}

QVariant property(const QDBusConnection &bus, const QString &path, const QString &interface,
                  const char *name)
{
    QDBusMessage call = callOf(path, QStringLiteral("org.freedesktop.DBus.Properties"), "Get");
    call << interface << QLatin1String(name);
    const QDBusReply<QDBusVariant> reply = ask(bus, call, kPatienceMs);
    return reply.isValid() ? reply.value().variant() : QVariant();
}

QList<QDBusObjectPath> profilesOf(const QDBusConnection &bus, const QDBusObjectPath &device)
{
    return qdbus_cast<QList<QDBusObjectPath>>(
        property(bus, device.path(), kDeviceInterface, "Profiles"));
}

} // namespace

ColourDevice::ColourDevice(const Output &output, const QDBusConnection &bus)
    : m_bus(bus), m_output(output.name)
{
    qDBusRegisterMetaType<StringMap>();
    const auto edid = edidOf(output);
    m_id = edid ? colourDeviceId(*edid) : QStringLiteral("xrandr-") + output.name;
    if (!edid)
        return;
    m_model = QString::fromStdString(edid->name);
    m_vendor = QString::fromStdString(edid->maker);
    m_serial = QString::fromStdString(edid->serial);
    m_md5 =
        QString::fromLatin1(QCryptographicHash::hash(output.edid, QCryptographicHash::Md5).toHex());
}

bool ColourDevice::isServed() const
{
    return platform::isServed(m_bus, kService);
}

std::optional<QDBusObjectPath> ColourDevice::find() const
{
    if (!isServed())
        return std::nullopt;
    if (!m_md5.isEmpty()) {
        QDBusMessage call = callOf(kManager, kService, "FindDeviceByProperty");
        call << QStringLiteral("OutputEdidMd5") << m_md5;
        const QDBusReply<QDBusObjectPath> found = ask(m_bus, call, kPatienceMs);
        if (found.isValid())
            return found.value();
    }
    QDBusMessage call = callOf(kManager, kService, "FindDeviceById");
    call << m_id;
    const QDBusReply<QDBusObjectPath> found = ask(m_bus, call, kPatienceMs);
    return found.isValid() ? std::optional(found.value()) : std::nullopt;
}

/// A session's own helper introduces the displays; where there is none, we do, for as long as the
/// service runs.
std::optional<QDBusObjectPath> ColourDevice::findOrMake(QString *problem)
{
    if (!isServed()) {
        *problem = ColourDeviceWords::tr("No colour service runs here.");
        return std::nullopt;
    }
    if (const auto found = find())
        return found;
    StringMap facts = {{QStringLiteral("Kind"), QStringLiteral("display")},
                       {QStringLiteral("Mode"), QStringLiteral("physical")},
                       {QStringLiteral("Colorspace"), QStringLiteral("rgb")},
                       {QStringLiteral("XRANDR_name"), m_output}};
    for (const auto &[key, value] : {std::pair{"Vendor", m_vendor},
                                     {"Model", m_model},
                                     {"Serial", m_serial},
                                     {"OutputEdidMd5", m_md5}})
        if (!value.isEmpty())
            facts[QLatin1String(key)] = value;
    QDBusMessage call = callOf(kManager, kService, "CreateDevice");
    call << m_id << QStringLiteral("temp") << QVariant::fromValue(facts);
    const QDBusReply<QDBusObjectPath> made = ask(m_bus, call, kPatienceMs);
    if (made.isValid())
        return made.value();
    *problem = made.error().message();
    return std::nullopt;
}

std::optional<QDBusObjectPath> ColourDevice::profileOf(const QString &path, QString *problem)
{
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) {
        *problem = ColourDeviceWords::tr("%1 cannot be read.").arg(path);
        return std::nullopt;
    }
    QDBusMessage search = callOf(kManager, kService, "FindProfileByFilename");
    search << path;
    const QDBusReply<QDBusObjectPath> found = ask(m_bus, search, kPatienceMs);
    if (found.isValid())
        return found.value();
    // The service runs as another user, who may not look into the person's folder: it gets the
    // open file.
    QCryptographicHash hash(QCryptographicHash::Md5);
    hash.addData(&file);
    file.seek(0);
    const QString id = QStringLiteral("icc-") + QString::fromLatin1(hash.result().toHex());
    // The same profile in another file is the same to it.
    QDBusMessage known = callOf(kManager, kService, "FindProfileById");
    known << id;
    const QDBusReply<QDBusObjectPath> same = ask(m_bus, known, kPatienceMs);
    if (same.isValid())
        return same.value();
    QDBusMessage call = callOf(kManager, kService, "CreateProfileWithFd");
    call << id << QStringLiteral("temp")
         << QVariant::fromValue(QDBusUnixFileDescriptor(file.handle()))
         << QVariant::fromValue(StringMap{{QStringLiteral("Filename"), path}});
    const QDBusReply<QDBusObjectPath> made = ask(m_bus, call, kPatienceMs);
    if (made.isValid())
        return made.value();
    *problem = made.error().message();
    return std::nullopt;
}

QString ColourDevice::setDefault(const QString &profilePath)
{
    const QString path = QFileInfo(profilePath).absoluteFilePath();
    QString problem;
    const auto device = findOrMake(&problem);
    if (!device)
        return problem;
    const auto profile = profileOf(path, &problem);
    if (!profile)
        return problem;
    if (!profilesOf(m_bus, *device).contains(*profile)) {
        QDBusMessage add = callOf(device->path(), kDeviceInterface, "AddProfile");
        add << QStringLiteral("hard") << QVariant::fromValue(*profile);
        (void)ask(m_bus, add, kPatienceMs); // it may have done so by itself meanwhile
    }
    QDBusMessage make = callOf(device->path(), kDeviceInterface, "MakeProfileDefault");
    make << QVariant::fromValue(*profile);
    const QDBusMessage answer = ask(m_bus, make, kPatienceMs);
    const auto now = profilesOf(m_bus, *device);
    if (!now.isEmpty() && now.first() == *profile)
        return {};
    return answer.type() == QDBusMessage::ErrorMessage
               ? answer.errorMessage()
               : ColourDeviceWords::tr("The colour service keeps another profile for it.");
}

std::optional<QString> ColourDevice::defaultProfile() const
{
    const auto device = find();
    if (!device)
        return std::nullopt;
    const auto profiles = profilesOf(m_bus, *device);
    if (profiles.isEmpty())
        return std::nullopt;
    const QVariant file = property(m_bus, profiles.first().path(), kProfileInterface, "Filename");
    return file.isValid() ? std::optional(file.toString()) : std::nullopt;
}

void ColourDevice::withdraw()
{
    const auto device = find();
    if (!device)
        return;
    for (const QDBusObjectPath &profile : profilesOf(m_bus, *device)) {
        QDBusMessage call = callOf(device->path(), kDeviceInterface, "RemoveProfile");
        call << QVariant::fromValue(profile);
        (void)ask(m_bus, call, kPatienceMs); // it may have gone meanwhile
    }
}

QString ColourDevice::installForAll(const QString &profilePath)
{
    const QString path = QFileInfo(profilePath).absoluteFilePath();
    if (!isServed())
        return ColourDeviceWords::tr("No colour service runs here.");
    QString problem;
    const auto profile = profileOf(path, &problem);
    if (!profile)
        return problem;
    QDBusMessage call = callOf(profile->path(), kProfileInterface, "InstallSystemWide");
    call.setInteractiveAuthorizationAllowed(true);
    const QDBusMessage answer = ask(m_bus, call, kAuthorisationMs);
    return answer.type() == QDBusMessage::ErrorMessage ? answer.errorMessage() : QString();
}

bool ColourDevice::inhibit()
{
    QString problem;
    const auto device = findOrMake(&problem);
    if (!device || m_inhibits)
        return m_inhibits;
    const QDBusMessage answer =
        ask(m_bus, callOf(device->path(), kDeviceInterface, "ProfilingInhibit"), kPatienceMs);
    m_inhibits = answer.type() == QDBusMessage::ReplyMessage;
    return m_inhibits;
}

void ColourDevice::release()
{
    if (!std::exchange(m_inhibits, false))
        return;
    if (const auto device = find())
        ask(m_bus, callOf(device->path(), kDeviceInterface, "ProfilingUninhibit"), kPatienceMs);
}

QString commandToInstallForAll(const QString &profilePath)
{
    QString path = QFileInfo(profilePath).absoluteFilePath();
    path.replace(QLatin1Char('\''), QStringLiteral("'\\''"));
    return QStringLiteral("sudo install -D -m 644 -t /usr/share/color/icc '%1'").arg(path);
}

} // namespace lantern::platform
