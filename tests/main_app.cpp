#include "app/stall_watch.h"
#include "app/theme.h"
#include "desk/desk.h"
#include "runner.h"

#include <QApplication>
#include <QDir>
#include <QStandardPaths>
#include <QTemporaryDir>

#include <memory>

namespace {

using namespace lantern;

int runIn(int argc, char **argv)
{
    // Profiles, settings and logbooks of the tests stay away from the person's own.
    const QTemporaryDir home;
    qputenv("XDG_DATA_HOME", QFile::encodeName(home.filePath(QStringLiteral("data"))));
    qputenv("XDG_CONFIG_HOME", QFile::encodeName(home.filePath(QStringLiteral("config"))));
    if (!qEnvironmentVariableIsSet("DISPLAY") && !qEnvironmentVariableIsSet("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    const std::unique_ptr<QApplication, desk::ApplicationEnd> app(
        new test::WatchedApplication(argc, argv));
    QApplication::setOrganizationName(QStringLiteral("bold-lantern"));
    QApplication::setApplicationName(QStringLiteral("bold-lantern-tests"));
    app::theme::apply(*app);
    return test::runAll(argc, argv);
}

} // namespace

int main(int argc, char **argv)
{
    return lantern::desk::leave(runIn(argc, argv));
}
