#pragma once

#include "run/device/devices.h"
#include "run/device/meters/child_program.h"

#include <QStringList>

namespace lantern::run {

/// A command that takes one reading and prints X Y Z in cd/m²: the last line of its output that
/// holds three numbers and nothing else counts. It finds the patch in the environment variables
/// LANTERN_R, LANTERN_G, LANTERN_B (0..255). Any other end than exit code 0 is a failed reading.
class CommandMeter : public Meter {
    Q_OBJECT
public:
    CommandMeter(QString program, QStringList arguments, QObject *parent = nullptr);
    ~CommandMeter() override;

    [[nodiscard]] QString name() const override;
    void cancel() override;

protected:
    void read(const DeviceRgb &shown) override;

private:
    void onFinished(int code, QProcess::ExitStatus status);

    QString m_program;
    QStringList m_arguments;
    ChildProgram m_process;
};

/// X Y Z from such an output; nothing when there is no line of three numbers.
std::optional<XYZ> xyzFromOutput(const QByteArray &output);

} // namespace lantern::run
