#pragma once

#include <QProcess>
#include <QString>
#include <QStringList>

namespace lantern::test {

/// What a command line answered.
struct Answer {
    int code = -1;
    QString out, err;
};

/// Runs bold-lantern-cli to its end; code -1 when it crashed or took longer.
inline Answer cli(const QStringList &arguments, const QByteArray &input = {}, int mostSeconds = 60)
{
    QProcess p;
    p.start(QStringLiteral(LANTERN_CLI), arguments);
    p.write(input);
    p.closeWriteChannel();
    if (!p.waitForFinished(1000 * mostSeconds))
        return {};
    return {p.exitStatus() == QProcess::NormalExit ? p.exitCode() : -1,
            QString::fromUtf8(p.readAllStandardOutput()),
            QString::fromUtf8(p.readAllStandardError())};
}

/// Path of a file of the demo.
inline QString demo(const char *name)
{
    return QStringLiteral(LANTERN_DEMO "/") + QLatin1String(name);
}

} // namespace lantern::test
