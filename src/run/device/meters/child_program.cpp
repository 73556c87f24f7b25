#include "run/device/meters/child_program.h"

#include <QProcessEnvironment>

#include <csignal>
#include <unistd.h>

namespace lantern::run {

namespace {

constexpr int kStopMs = 1000;

} // namespace

QProcessEnvironment bareEnvironment()
{
    static const QStringList kept = {QStringLiteral("PATH"),
                                     QStringLiteral("HOME"),
                                     QStringLiteral("USER"),
                                     QStringLiteral("LANG"),
                                     QStringLiteral("LANGUAGE"),
                                     QStringLiteral("TZ"),
                                     QStringLiteral("DISPLAY"),
                                     QStringLiteral("XAUTHORITY"),
                                     QStringLiteral("WAYLAND_DISPLAY"),
                                     QStringLiteral("XDG_RUNTIME_DIR"),
                                     QStringLiteral("TMPDIR"),
                                     QStringLiteral("LD_LIBRARY_PATH"),
                                     QStringLiteral("DBUS_SESSION_BUS_ADDRESS")};
    const auto all = QProcessEnvironment::systemEnvironment();
    QProcessEnvironment bare;
    for (const QString &name : all.keys())
        if (kept.contains(name) || name.startsWith(QLatin1String("LC_")))
            bare.insert(name, all.value(name));
    return bare;
}

ChildProgram::ChildProgram(QObject *parent) : QProcess(parent)
{
    setProcessEnvironment(bareEnvironment());
    setChildProcessModifier([] { ::setpgid(0, 0); });
    connect(this, &QProcess::started, this, [this] {
        m_output.clear();
        m_words.clear();
    });
    connect(this, &QProcess::readyReadStandardOutput, this, [this] {
        m_output += readAllStandardOutput();
        emit printed();
        if (m_output.size() > kMostOutput) {
            stop();
            emit printedTooMuch();
        }
    });
    connect(this, &QProcess::readyReadStandardError, this,
            [this] { m_words = (m_words + readAllStandardError()).right(kMostWords); });
}

ChildProgram::~ChildProgram()
{
    stop();
}

void ChildProgram::stop()
{
    const qint64 group = processId();
    if (state() == NotRunning || group <= 0)
        return;
    const QSignalBlocker quiet(this);
    ::kill(static_cast<pid_t>(-group), SIGKILL);
    kill(); // where its group is not there yet
    waitForFinished(kStopMs);
    m_output.clear();
}

QByteArray ChildProgram::takeOutput()
{
    return std::exchange(m_output, {});
}

std::optional<QByteArray> ChildProgram::takeLine()
{
    const qsizetype end = m_output.indexOf('\n');
    if (end < 0)
        return std::nullopt;
    const QByteArray line = m_output.left(end);
    m_output.remove(0, end + 1);
    return line;
}

QString ChildProgram::lastWords() const
{
    constexpr qsizetype kShown = 200;
    const QString line = QString::fromUtf8(m_words).simplified();
    return line.size() > kShown ? line.left(kShown) + QStringLiteral("…") : line;
}

} // namespace lantern::run

// Beside its class: else whoever needs one meter is linked with the whole run.
#include "moc_child_program.cpp"
