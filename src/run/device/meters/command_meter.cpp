#include "run/device/meters/command_meter.h"

#include "core/base/text.h"

#include <QFileInfo>
#include <QProcessEnvironment>

namespace lantern::run {

namespace {

constexpr qsizetype kDetailLength = 200;

} // namespace

CommandMeter::CommandMeter(QString program, QStringList arguments, QObject *parent)
    : Meter(parent),
      m_program(std::move(program)),
      m_arguments(std::move(arguments)),
      m_process(this)
{
    connect(&m_process, &QProcess::finished, this, &CommandMeter::onFinished);
    connect(&m_process, &ChildProgram::printedTooMuch, this, [this] {
        emit failed(request(), MeterFault::Garbage, tr("%1 printed without end").arg(m_program));
    });
    connect(&m_process, &QProcess::errorOccurred, this, [this](QProcess::ProcessError error) {
        if (error == QProcess::FailedToStart)
            emit failed(request(), MeterFault::DriverDied,
                        tr("%1 cannot be started").arg(m_program));
    });
}

CommandMeter::~CommandMeter() = default;

QString CommandMeter::name() const
{
    return QFileInfo(m_program).fileName();
}

void CommandMeter::read(const DeviceRgb &shown)
{
    m_process.stop();
    QProcessEnvironment environment = bareEnvironment();
    for (const auto &[name, value] :
         {std::pair{"LANTERN_R", shown.r}, {"LANTERN_G", shown.g}, {"LANTERN_B", shown.b}})
        environment.insert(QLatin1String(name), QString::fromStdString(shortNumber(value)));
    m_process.setProcessEnvironment(environment);
    m_process.start(m_program, m_arguments);
}

void CommandMeter::cancel()
{
    m_process.stop();
}

void CommandMeter::onFinished(int code, QProcess::ExitStatus status)
{
    const QByteArray output = m_process.takeOutput();
    if (status != QProcess::NormalExit || code != 0) {
        const QString said = m_process.lastWords();
        emit failed(request(), MeterFault::DriverDied,
                    said.isEmpty() ? tr("it ended with code %1").arg(code) : said);
        return;
    }
    if (const auto xyz = xyzFromOutput(output))
        emit readingFinished(request(), *xyz, 0);
    else
        emit failed(request(), MeterFault::Garbage,
                    tr("three numbers on a line were expected, it printed \"%1\"")
                        .arg(QString::fromUtf8(output).simplified().left(kDetailLength)));
}

std::optional<XYZ> xyzFromOutput(const QByteArray &output)
{
    std::optional<XYZ> found;
    for (const QByteArray &line : output.split('\n')) {
        std::vector<double> numbers;
        bool clean = true;
        for (const QByteArray &word : line.simplified().split(' ')) {
            const auto number = parseNumber(word.toStdString());
            clean = clean && number.has_value();
            if (number)
                numbers.push_back(*number);
        }
        if (clean && numbers.size() == 3)
            found = XYZ{numbers[0], numbers[1], numbers[2]};
    }
    return found;
}

} // namespace lantern::run

// Beside its class: else whoever needs one meter is linked with the whole run.
#include "moc_command_meter.cpp"
