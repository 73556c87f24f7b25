#include "app/state/preferences.h"
#include "app/theme.h"
#include "app/window/logbook_gate.h"
#include "app/window/window_holder.h"
#include "app/workplace/pages_workplace.h"
#include "app/workplace/studio_workplace.h"
#include "platform/ending.h"
#include "platform/sensors.h"
#include "platform/summons.h"
#include "run/book/in_words.h"
#include "run/book/language.h"
#include "run/file/files.h"
#include "run/logbook/rescue.h"

#include <QAccessibleObject>
#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QFileInfo>
#include <QMessageBox>
#include <QStandardPaths>
#include <QThread>

#include <iostream>
#include <memory>

namespace {

using namespace lantern;

QString defaultLogbook(bool demo)
{
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           (demo ? QStringLiteral("/bold-lantern/demo-logbook.sqlite")
                 : QStringLiteral("/bold-lantern/logbook.sqlite"));
}

/// Measures the demo's earlier runs if the logbook is new, then opens it; the window is there
/// already.
void startSession(app::Session *session, const QString &logbookPath, bool demo)
{
    if (!demo || QFileInfo::exists(logbookPath)) {
        session->start();
        return;
    }
    session->setPreparing(true);
    QThread *worker =
        QThread::create([logbookPath] { app::DemoWorkplace::makeHistory(logbookPath); });
    worker->setParent(session);
    QObject::connect(worker, &QThread::finished, session, [session] {
        session->setPreparing(false);
        session->start();
    });
    QObject::connect(qApp, &QCoreApplication::aboutToQuit, worker, [worker, session] {
        QObject::disconnect(worker, nullptr, session, nullptr);
        worker->requestInterruption();
        worker->wait();
    });
    worker->start();
}

/// To screen readers: the toolkit would tell them the name that settings are kept under.
class ProgramForReaders : public QAccessibleApplication {
public:
    [[nodiscard]] QString text(QAccessible::Text kind) const override
    {
        return kind == QAccessible::Name ? QStringLiteral("Bold Lantern")
                                         : QAccessibleApplication::text(kind);
    }
};

QAccessibleInterface *programForReaders(const QString &, QObject *object)
{
    return object == qApp ? new ProgramForReaders : nullptr;
}

int openAndRun(int argc, char **argv)
{
    desk::chooseToolkit();
    const std::unique_ptr<QApplication, desk::ApplicationEnd> qt(new QApplication(argc, argv));
    desk::noteToolkit();
    QApplication::setOrganizationName(QStringLiteral("bold-lantern"));
    QApplication::setApplicationName(QStringLiteral("bold-lantern"));
    QApplication::setApplicationVersion(QStringLiteral(LANTERN_VERSION));
    QAccessible::installFactory(programForReaders);
    run::speak(run::chosenLanguage());
    app::theme::apply(*qt, app::theme::looksFrom(app::preferences::looks()));

    platform::registerSensors();
    QCommandLineParser parser;
    parser.setApplicationDescription(
        QObject::tr("Measures displays, brings them to an aim and proves it."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption logbookOption(
        QStringLiteral("logbook"), QObject::tr("File of the logbook."), QStringLiteral("path"));
    const QCommandLineOption demoOption(
        QStringLiteral("demo"), QObject::tr("Simulated displays and meters instead of real ones."));
    parser.addOption(logbookOption);
    const QCommandLineOption showOption(QStringLiteral("show"),
                                        QObject::tr("Display to begin with, by its id."),
                                        QStringLiteral("display"));
    const QCommandLineOption pageOption(QStringLiteral("page"),
                                        QObject::tr("View to begin with, e.g. check."),
                                        QStringLiteral("view"));
    parser.addOption(demoOption);
    parser.addOption(showOption);
    parser.addOption(pageOption);
    parser.addPositionalArgument(QStringLiteral("files"),
                                 QObject::tr("Aims, pictures, readings, profiles … to open."),
                                 QStringLiteral("[files…]"));
    parser.process(*qt);
    const bool demo = parser.isSet(demoOption);
    QStringList files;
    for (const QString &file : parser.positionalArguments())
        files << QFileInfo(file).absoluteFilePath();
    // One window is enough for one desk: the one that is open comes to the front.
    const bool usual = !demo && !parser.isSet(logbookOption);
    if (usual && platform::Summons::call(parser.value(showOption), parser.value(pageOption), files))
        return 0;
    const QString logbookPath =
        parser.isSet(logbookOption) ? parser.value(logbookOption) : defaultLogbook(demo);
    try {
        run::makeFolder(QFileInfo(logbookPath).absolutePath());
        run::finishRescue(logbookPath);
        if (QFileInfo::exists(logbookPath) && !app::isReadyForUse(logbookPath))
            return static_cast<int>(ErrorKind::Device);
        std::unique_ptr<app::Workplace> workplace;
        if (demo)
            workplace = std::make_unique<app::DemoWorkplace>(QFileInfo(logbookPath).absolutePath());
        else
            workplace = std::make_unique<app::StudioWorkplace>();
        app::PagesWorkplace withPages(workplace.get(), QFileInfo(logbookPath).absolutePath());
        app::Session session(&withPages, logbookPath);
        app::WindowHolder holder(&session, &withPages);
        holder.window()->show();
        platform::endOnSignals();
        platform::Summons summons;
        QObject::connect(
            &summons, &platform::Summons::wanted, &holder,
            [&holder](const QString &display, const QString &page, const QStringList &wanted) {
                holder.window()->summon(display, page);
                holder.window()->openFiles(wanted);
            });
        if (usual)
            summons.answer();
        startSession(&session, logbookPath, demo);
        // Opening the logbook begins with the first display; what was asked for comes after that.
        QMetaObject::Connection opened;
        opened = QObject::connect(&session, &app::Session::changed, &holder, [&] {
            if (session.state().readingHistory || session.state().preparing)
                return;
            QObject::disconnect(opened);
            const QString page = parser.isSet(pageOption)         ? parser.value(pageOption)
                                 : app::preferences::wasStarted() ? QString()
                                                                  : QStringLiteral("start");
            app::preferences::setStarted();
            holder.window()->summon(parser.value(showOption), page);
            holder.window()->openFiles(files);
        });
        return QApplication::exec();
    } catch (const Error &e) {
        std::cerr << "bold-lantern: " << e.what() << '\n';
        QMessageBox::critical(nullptr, QObject::tr("Bold Lantern cannot start"), run::inWords(e));
        return static_cast<int>(e.kind);
    }
}

} // namespace

int main(int argc, char **argv)
{
    return desk::leave(openAndRun(argc, argv));
}
