#include "run/device/meters/meter_registry.h"

#include "core/base/error.h"
#include "run/device/meters/command_meter.h"
#include "run/device/meters/hand_meter.h"

#include <QCoreApplication>
#include <QProcess>

namespace lantern::run {

namespace {

std::vector<MeterKind> &kindsNow()
{
    static std::vector<MeterKind> kinds = {
        {QStringLiteral("driver"), QT_TRANSLATE_NOOP("Meters", "Driver program"),
         QT_TRANSLATE_NOOP("Meters", "program and its options"),
         [](const QStringList &c, SceneSource *scene) -> Meter * {
             return new DriverMeter(c.front(), c.mid(1), scene);
         }},
        {QStringLiteral("command"), QT_TRANSLATE_NOOP("Meters", "Command that prints X Y Z"),
         QT_TRANSLATE_NOOP("Meters", "command and its options"),
         [](const QStringList &c, SceneSource *) -> Meter * {
             return new CommandMeter(c.front(), c.mid(1));
         }},
        {QStringLiteral("hand"), QT_TRANSLATE_NOOP("Meters", "Numbers typed in by hand"), "",
         [](const QStringList &, SceneSource *) -> Meter * { return new HandMeter; }},
    };
    return kinds;
}

QStringList commandOf(const QString &choice)
{
    const qsizetype colon = choice.indexOf(QLatin1Char(':'));
    return colon < 0 ? QStringList() : QProcess::splitCommand(choice.mid(colon + 1));
}

} // namespace

QString MeterKind::tr(const char *text)
{
    return *text == '\0' ? QString() : QCoreApplication::translate("Meters", text);
}

const std::vector<MeterKind> &meterKinds()
{
    return kindsNow();
}

void addMeterKind(const MeterKind &kind)
{
    std::vector<MeterKind> &kinds = kindsNow();
    std::erase_if(kinds, [&](const MeterKind &k) { return k.key == kind.key; });
    kinds.push_back(kind);
}

const MeterKind &meterKindOf(const QString &choice)
{
    const QString key = choice.section(QLatin1Char(':'), 0, 0);
    std::string known;
    for (const MeterKind &kind : meterKinds()) {
        known += (known.empty() ? "" : ", ") + kind.key.toStdString();
        if (kind.key != key)
            continue;
        if (commandOf(choice).isEmpty() == kind.takesArguments())
            throw Error(ErrorKind::BadInput, "meter " + choice.toStdString(),
                        kind.takesArguments()
                            ? Message("the program is missing")
                            : Message("nothing is expected after %1", {key.toStdString()}),
                        "For example driver:/usr/lib/meters/reed or command:\"read-once -q\".");
        return kind;
    }
    throw Error(ErrorKind::BadInput, "meter " + choice.toStdString(), "is not known",
                {"Begin with one of: %1.", {known}});
}

Meter *makeMeter(const QString &choice, SceneSource *scene)
{
    return meterKindOf(choice).make(commandOf(choice), scene);
}

} // namespace lantern::run
