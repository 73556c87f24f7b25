#include "platform/backlight.h"

#include "platform/dbus_call.h"

#include "core/base/error.h"

#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusReply>
#include <QDir>
#include <QFile>
#include <QFileInfo>

#include <algorithm>
#include <cmath>

namespace lantern::platform {

namespace {

constexpr double kFinestStep = 0.1; ///< of brightness, 0..100; finer ones cannot be told apart
constexpr int kPatienceMs = 2000;

QByteArray lineOf(const QString &path)
{
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readLine().trimmed() : QByteArray();
}

std::optional<uint> numberIn(const QString &path)
{
    bool ok = false;
    const uint value = lineOf(path).toUInt(&ok);
    return ok ? std::optional(value) : std::nullopt;
}

/// The same connector is "eDP-1" to the kernel and "eDP1" or "eDP" to some display servers.
QString plainName(QString connector)
{
    return connector.remove(QLatin1Char('-')).toLower();
}

/// The less, the better it is to be used.
int rankOf(const QString &type)
{
    return type == QLatin1String("firmware") ? 0 : type == QLatin1String("platform") ? 1 : 2;
}

} // namespace

std::unique_ptr<Backlight> Backlight::find(const QString &connector, QString *reason,
                                           const QString &folder)
{
    struct Found {
        QString name;
        bool isOfConnector = false;
        int rank = 0;
        uint top = 0;
    };
    std::vector<Found> found;
    bool onOtherConnectors = false;
    for (const QString &name : QDir(folder).entryList(QDir::Dirs | QDir::NoDotAndDotDot)) {
        const QString here = folder + QLatin1Char('/') + name;
        const auto top = numberIn(here + QStringLiteral("/max_brightness"));
        if (!top || *top == 0)
            continue;
        // Those of a graphics driver hang on the connector: "card0-eDP-1".
        const QString device = QFileInfo(here + QStringLiteral("/device")).canonicalFilePath();
        const QString parent = QFileInfo(device).fileName().section(QLatin1Char('-'), 1);
        const bool isOfConnector =
            !parent.isEmpty() && plainName(parent).startsWith(plainName(connector));
        const int rank = rankOf(QString::fromLatin1(lineOf(here + QStringLiteral("/type"))));
        if (!isOfConnector && QFileInfo(device).fileName().startsWith(QLatin1String("card")) &&
            !parent.isEmpty()) {
            onOtherConnectors = true;
            continue;
        }
        found.push_back({name, isOfConnector, rank, *top});
    }
    if (found.empty()) {
        *reason = onOtherConnectors ? QObject::tr("The backlights here belong to other panels.")
                                    : QObject::tr("The kernel shows no backlight of this panel.");
        return nullptr;
    }
    const Found &best =
        *std::min_element(found.begin(), found.end(), [](const Found &a, const Found &b) {
            return std::pair(a.rank, !a.isOfConnector) < std::pair(b.rank, !b.isOfConnector);
        });
    return std::unique_ptr<Backlight>(new Backlight(
        best.name, folder + QLatin1Char('/') + best.name + QStringLiteral("/brightness"),
        best.top));
}

std::unique_ptr<Backlight> Backlight::of(const Output &output, QString *reason)
{
    QString unasked;
    return output.isBuiltIn() ? find(output.name, reason ? reason : &unasked) : nullptr;
}

Backlight::Backlight(QString name, QString file, uint top)
    : m_name(std::move(name)), m_file(std::move(file)), m_top(top)
{}

ControlCapabilities Backlight::capabilities() const
{
    return {
        .brightness = true, .gains = false, .brightnessStep = std::max(kFinestStep, 100.0 / m_top)};
}

std::optional<MonitorControls> Backlight::read()
{
    const auto level = numberIn(m_file);
    if (!level)
        return std::nullopt;
    // In whole steps, so that what was written is what is read.
    const double step = capabilities().brightnessStep;
    MonitorControls controls;
    controls.brightness = std::min(100.0, step * std::round(100.0 * *level / m_top / step));
    return controls;
}

uint Backlight::levelOf(double brightness) const
{
    return std::clamp(static_cast<uint>(std::lround(brightness * m_top / 100)), 1U, m_top);
}

void Backlight::write(const MonitorControls &controls)
{
    const uint level = levelOf(controls.brightness);
    if (numberIn(m_file) == level)
        return;
    QDBusMessage call = QDBusMessage::createMethodCall(
        QStringLiteral("org.freedesktop.login1"),
        QStringLiteral("/org/freedesktop/login1/session/auto"),
        QStringLiteral("org.freedesktop.login1.Session"), QStringLiteral("SetBrightness"));
    call << QStringLiteral("backlight") << m_name << level;
    call.setAutoStartService(false);
    const QDBusReply<void> reply = ask(QDBusConnection::systemBus(), call, kPatienceMs);
    if (reply.isValid())
        return;
    QFile file(m_file);
    const QByteArray text = QByteArray::number(level);
    if (file.open(QIODevice::WriteOnly | QIODevice::Unbuffered) && file.write(text) == text.size())
        return;
    throw Error(
        ErrorKind::Device, m_name.toStdString(),
        {"the panel's brightness cannot be turned: %1", {reply.error().message().toStdString()}},
        "Turn it with the keys of the keyboard and go on without.");
}

} // namespace lantern::platform
