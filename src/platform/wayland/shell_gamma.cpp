#include "platform/wayland/shell_gamma.h"

#include "platform/dbus_call.h"

#include "core/base/error.h"

#include <QDBusArgument>
#include <QDBusMessage>
#include <QDBusMetaType>
#include <QVariantMap>

namespace lantern::platform {

namespace {

const QString kService = QStringLiteral("org.gnome.Mutter.DisplayConfig");
const QString kPath = QStringLiteral("/org/gnome/Mutter/DisplayConfig");
constexpr int kPatienceMs = 3000;

QDBusMessage callOf(const char *method)
{
    QDBusMessage call =
        QDBusMessage::createMethodCall(kService, kPath, kService, QLatin1String(method));
    call.setAutoStartService(false);
    return call;
}

[[noreturn]] void fail(const QString &output, const Message &problem)
{
    throw Error(ErrorKind::Device, output.toStdString(), problem,
                "Is the display still connected?");
}

} // namespace

/// GetResources: serial, then controllers a(uxiiiiiuaua{sv}), outputs a(uxiausauaua{sv}) with the
/// controller in use (-1: none) and the connector's name, then modes and the largest size.
std::optional<ShellGammaLut::Place> ShellGammaLut::place() const
{
    const QDBusMessage answer = ask(m_bus, callOf("GetResources"), kPatienceMs);
    if (answer.type() != QDBusMessage::ReplyMessage || answer.arguments().size() < 3)
        return std::nullopt;
    const auto outputs = answer.arguments().at(2).value<QDBusArgument>();
    if (outputs.currentSignature() != QLatin1String("a(uxiausauaua{sv})"))
        return std::nullopt;
    std::optional<Place> found;
    outputs.beginArray();
    while (!outputs.atEnd()) {
        uint id = 0;
        qlonglong systemId = 0;
        int controller = -1;
        QList<uint> possible, modes, clones;
        QString name;
        QVariantMap facts;
        outputs.beginStructure();
        outputs >> id >> systemId >> controller >> possible >> name >> modes >> clones >> facts;
        outputs.endStructure();
        if (name == m_output && controller >= 0)
            found = Place{answer.arguments().front().toUInt(), static_cast<uint>(controller)};
    }
    outputs.endArray();
    return found;
}

std::optional<LutTables> ShellGammaLut::loaded() const
{
    const auto at = place();
    if (!at)
        return std::nullopt;
    QDBusMessage call = callOf("GetCrtcGamma");
    call << at->serial << at->crtc;
    const QDBusMessage answer = ask(m_bus, call, kPatienceMs);
    if (answer.type() != QDBusMessage::ReplyMessage ||
        answer.signature() != QLatin1String("aqaqaq"))
        return std::nullopt;
    LutTables tables;
    for (int c = 0; c < 3; ++c) {
        const auto list = qdbus_cast<QList<ushort>>(answer.arguments().at(c));
        tables[c].assign(list.begin(), list.end());
    }
    const size_t size = tables[0].size();
    return size >= 2 && tables[1].size() == size && tables[2].size() == size ? std::optional(tables)
                                                                             : std::nullopt;
}

std::unique_ptr<ShellGammaLut> ShellGammaLut::find(const QString &output,
                                                   const QDBusConnection &bus)
{
    if (!bus.isConnected())
        return nullptr;
    qDBusRegisterMetaType<QList<ushort>>();
    std::unique_ptr<ShellGammaLut> lut(new ShellGammaLut(output, bus));
    const auto tables = lut->loaded();
    if (!tables)
        return nullptr;
    lut->m_size = static_cast<int>(tables->front().size());
    return lut;
}

LutTables ShellGammaLut::tables()
{
    const auto now = loaded();
    if (!now || static_cast<int>(now->front().size()) != m_size)
        fail(m_output, "its video LUT cannot be read");
    return *now;
}

void ShellGammaLut::setTables(const LutTables &tables)
{
    const auto at = place();
    QDBusMessage call = callOf("SetCrtcGamma");
    if (at)
        call << at->serial << at->crtc;
    for (const auto &table : tables)
        call << QVariant::fromValue(QList<ushort>(table.begin(), table.end()));
    if (!at || ask(m_bus, call, kPatienceMs).type() != QDBusMessage::ReplyMessage)
        fail(m_output, "its video LUT cannot be loaded");
}

} // namespace lantern::platform
