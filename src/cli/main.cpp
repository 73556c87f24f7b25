#include "cli/command_line.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "desk/desk.h"
#include "platform/ending.h"
#include "platform/sensors.h"
#include "run/book/in_words.h"
#include "run/book/language.h"

#include <QGuiApplication>

#include <clocale>
#include <iostream>
#include <memory>

namespace {

using namespace lantern::cli;

/// With windows only where a patch is to be shown: scripts run without a display server.
std::unique_ptr<QCoreApplication, lantern::desk::ApplicationEnd>
makeApplication(int &argc, char **argv, bool onDesk, bool endsBySignal)
{
    if (!onDesk) {
        std::unique_ptr<QCoreApplication, lantern::desk::ApplicationEnd> application(
            new QCoreApplication(argc, argv));
        if (endsBySignal)
            lantern::platform::endOnSignals();
        return application;
    }
    lantern::desk::chooseToolkit();
    lantern::desk::requireDisplayServer();
    std::unique_ptr<QCoreApplication, lantern::desk::ApplicationEnd> application(
        new QGuiApplication(argc, argv));
    lantern::desk::noteToolkit();
    lantern::platform::endOnSignals();
    return application;
}

/// For typefaces and drawing; needs no screen.
std::unique_ptr<QCoreApplication, lantern::desk::ApplicationEnd> makeOffscreen(int &argc,
                                                                               char **argv)
{
    qputenv("QT_QPA_PLATFORM", "offscreen");
    return std::unique_ptr<QCoreApplication, lantern::desk::ApplicationEnd>(
        new QGuiApplication(argc, argv));
}

int carryOut(int argc, char **argv)
{
    std::ios::sync_with_stdio(false);
    // What a person has chosen in the window holds here too.
    QCoreApplication::setOrganizationName(QStringLiteral("bold-lantern"));
    QCoreApplication::setApplicationName(QStringLiteral("bold-lantern"));
    lantern::platform::registerSensors();
    CommandLine line;
    constexpr int kBadInput = static_cast<int>(lantern::ErrorKind::BadInput);
    try {
        line.app.parse(argc, argv);
    } catch (const CLI::ParseError &e) {
        const QCoreApplication application(argc, argv); // for translations
        lantern::run::speak(lantern::run::chosenLanguage());
        line.speak();
        return line.app.exit(e) == 0 ? 0 : kBadInput;
    }
    std::unique_ptr<QCoreApplication, lantern::desk::ApplicationEnd> qt; // translates errors, too
    try {
        const std::string command = line.app.get_subcommands().front()->get_name();
        const bool onPaper = command == "report" || command == "plot";
        qt = onPaper ? makeOffscreen(argc, argv)
                     : makeApplication(argc, argv, line.onDesk(), line.endsBySignal());
        lantern::run::speak(lantern::run::chosenLanguage());
        std::setlocale(LC_NUMERIC, "C"); // numbers are written the same wherever a script runs
        const int code = line.commands.at(command)();
        std::cout.flush();
        if (!std::cout)
            throw lantern::Error(lantern::ErrorKind::Device, "standard output",
                                 "cannot be written to",
                                 "What was to be printed is lost; is the disk full?");
        return code;
    } catch (const lantern::Error &e) {
        std::cout.flush();
        std::cerr << "bold-lantern-cli: "
                  << lantern::printable(lantern::run::inWords(e).toStdString()) << '\n';
        return static_cast<int>(e.kind);
    } catch (const std::exception &e) {
        std::cerr << "bold-lantern-cli: unexpected: " << lantern::printable(e.what()) << '\n';
        return kBadInput;
    }
}

} // namespace

int main(int argc, char **argv)
{
    return lantern::desk::leave(carryOut(argc, argv));
}
