#include "app/theme.h"
#include "runner.h"

#include <QApplication>
#include <QDir>
#include <QStandardPaths>
#include <QTemporaryDir>

int main(int argc, char **argv)
{
    // Profiles, settings and logbooks of the tests stay away from the person's own.
    const QTemporaryDir home;
    qputenv("XDG_DATA_HOME", QFile::encodeName(home.filePath(QStringLiteral("data"))));
    qputenv("XDG_CONFIG_HOME", QFile::encodeName(home.filePath(QStringLiteral("config"))));
    if (!qEnvironmentVariableIsSet("DISPLAY") && !qEnvironmentVariableIsSet("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication app(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("bold-lantern"));
    QApplication::setApplicationName(QStringLiteral("bold-lantern-tests"));
    lantern::app::theme::apply(app);
    return lantern::test::runAll(argc, argv);
}
