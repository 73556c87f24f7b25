#include "app/main_window.h"
#include "app/theme.h"
#include "core/error.h"
#include "run/files.h"

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

QString defaultLogbook()
{
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           QStringLiteral("/bold-lantern/demo-logbook.sqlite");
}

/// Measures the demo's earlier runs if the logbook is new, then opens it; the window is there
/// already.
void startSession(app::Session *session, const QString &logbookPath)
{
    if (QFileInfo::exists(logbookPath)) {
        session->start();
        return;
    }
    session->setPreparing(true);
    QThread *worker =
        QThread::create([logbookPath] { app::DemoWorkplace::makeHistory(logbookPath); });
    QObject::connect(worker, &QThread::finished, session, [session, worker] {
        worker->deleteLater();
        session->setPreparing(false);
        session->start();
    });
    worker->start();
}

} // namespace

int main(int argc, char **argv)
{
    QApplication qt(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("bold-lantern"));
    QApplication::setApplicationName(QStringLiteral("bold-lantern"));
    QApplication::setApplicationVersion(QStringLiteral(LANTERN_VERSION));
    app::theme::apply(qt);

    QCommandLineParser parser;
    parser.setApplicationDescription(
        QObject::tr("Measures displays, brings them to an aim and proves it."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption logbookOption(QStringLiteral("logbook"),
                                           QObject::tr("File of the logbook."),
                                           QStringLiteral("path"), defaultLogbook());
    parser.addOption(logbookOption);
    parser.process(qt);
    const QString logbookPath = parser.value(logbookOption);
    try {
        run::makeFolder(QFileInfo(logbookPath).absolutePath());
        if (QFileInfo::exists(logbookPath))
            run::Logbook probe(logbookPath,
                               run::Logbook::Access::Write); // is another program at it?
        app::DemoWorkplace demo;
        app::Session session(&demo, logbookPath);
        app::MainWindow window(&session, &demo);
        window.show();
        startSession(&session, logbookPath);
        return QApplication::exec();
    } catch (const Error &e) {
        std::cerr << "bold-lantern: " << e.what() << '\n';
        QMessageBox::critical(nullptr, QObject::tr("Bold Lantern cannot start"),
                              QString::fromUtf8(e.what()));
        return static_cast<int>(e.kind);
    }
}
