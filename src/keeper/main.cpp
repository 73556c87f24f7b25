#include "core/base/error.h"
#include "keeper/keeper.h"
#include "platform/ending.h"
#include "platform/keeper_install.h"
#include "platform/sensors.h"
#include "run/book/language.h"

#include <QCommandLineParser>
#include <QCoreApplication>
#include <QLockFile>

#include <iostream>

using namespace lantern;

int main(int argc, char **argv)
{
    QCoreApplication qt(argc, argv);
    QCoreApplication::setOrganizationName(QStringLiteral("bold-lantern"));
    QCoreApplication::setApplicationName(QStringLiteral("bold-lantern-keeper"));
    QCoreApplication::setApplicationVersion(QStringLiteral(LANTERN_VERSION));
    run::speak(run::chosenLanguage());
    QCommandLineParser parser;
    parser.setApplicationDescription(QCoreApplication::tr(
        "Keeps each display's profile and video LUT in force, tells when another program has "
        "changed them, and reminds of displays that are due for a check."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.process(qt);
    QLockFile lock(platform::KeeperInstall::lockPath());
    lock.setStaleLockTime(0); // it may run for months
    // Where no lock can be made (a disk that is full) profiles are to be kept all the same.
    if (!lock.tryLock(0) && lock.error() == QLockFile::LockFailedError) {
        std::cerr << "bold-lantern-keeper: it is running already.\n";
        return 0;
    }
    platform::registerSensors();
    platform::endOnSignals(); // a logout may come at any time
    try {
        keeper::Keeper keeper;
        QObject::connect(&keeper, &keeper::Keeper::ended, &qt, &QCoreApplication::quit);
        return QCoreApplication::exec();
    } catch (const Error &e) {
        std::cerr << "bold-lantern-keeper: " << e.what() << '\n';
        return static_cast<int>(e.kind);
    }
}
