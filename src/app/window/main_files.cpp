// Files that a person brings, wherever they are dropped: the right thing opens.

#include "app/state/preferences.h"
#include "app/widgets/file_choice.h"
#include "app/window/main_window.h"
#include "run/book/file_kind.h"
#include "run/book/in_words.h"

#include <QDragEnterEvent>
#include <QFileInfo>
#include <QMenu>
#include <QMimeData>

namespace lantern::app {

void MainWindow::dragEnterEvent(QDragEnterEvent *event)
{
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent *event)
{
    QStringList paths;
    for (const QUrl &url : event->mimeData()->urls())
        if (url.isLocalFile())
            paths << url.toLocalFile();
    event->acceptProposedAction();
    openFiles(paths);
}

void MainWindow::openFiles(const QStringList &paths)
{
    for (const QString &path : paths)
        try {
            openFile(path);
        } catch (const Error &e) {
            emit m_intents->failed(run::inWords(e));
        }
}

void MainWindow::openIn(ViewId id, const QString &path)
{
    emit m_intents->viewWanted(id);
    view(id)->open(path);
}

/// Pictures belong to Before and after, unless the soft proof is looked at.
void MainWindow::openFile(const QString &path)
{
    using run::FileKind;
    const QString name = QFileInfo(path).fileName();
    const FileKind kind = QFileInfo(path).isDir() ? FileKind::Picture : run::fileKind(path);
    switch (kind) {
    case FileKind::Aim:
        openIn(ViewId::Aim, path);
        break;
    case FileKind::Tolerance:
        emit m_intents->viewWanted(ViewId::Accuracy);
        emit m_intents->toleranceOffered(path);
        break;
    case FileKind::Report:
        emit m_intents->reportOffered(path);
        break;
    case FileKind::Correction:
        emit m_intents->correctionOffered(path);
        break;
    case FileKind::Certificate:
        emit m_intents->certificateOffered(path);
        break;
    case FileKind::Readings: {
        const QString out = fileToSave(this, QStringLiteral("profile"),
                                       tr("Profile of the readings in %1").arg(name),
                                       QFileInfo(path).completeBaseName() + QStringLiteral(".icc"),
                                       tr("ICC profiles (*.icc)"));
        if (!out.isEmpty())
            emit m_intents->readingsOffered(path, out);
        break;
    }
    case FileKind::Characterisation:
    case FileKind::OutputProfile:
        openIn(ViewId::SoftProof, path);
        break;
    case FileKind::Colours:
        openIn(ViewId::Accuracy, path);
        break;
    case FileKind::DisplayProfile: {
        const auto &card = m_state.displays.at(static_cast<size_t>(m_state.selected));
        if (isConfirmed(tr("Use %1 on %2?").arg(name, card.name),
                        tr("It is in force until another one is chosen or a run is finished. What "
                           "is in use now stays in the list of the page Profile."),
                        tr("&Use it"), tr("&Leave it"))) {
            emit m_intents->viewWanted(ViewId::Profile);
            emit m_intents->profileUseWanted(path);
        }
        break;
    }
    case FileKind::Picture:
        openIn(m_state.view == ViewId::SoftProof && QFileInfo(path).isFile() ? ViewId::SoftProof
                                                                             : ViewId::Compare,
               path);
        break;
    case FileKind::Logbook:
        if (isConfirmed(tr("Take the runs of %1 over?").arg(name),
                        tr("What this logbook has already stays as it is."), tr("&Take over"),
                        tr("&Leave it")))
            emit m_intents->logbookOffered(path);
        break;
    case FileKind::Unknown:
        throw Error(ErrorKind::BadInput, path.toStdString(), "is of no kind that is known here",
                    "Open an aim, limits, readings, a profile, a report, a picture, a "
                    "characterisation, a correction, a certificate or a logbook.");
    }
    preferences::noteRecentFile(path);
}

void MainWindow::chooseFile()
{
    const QString path =
        fileToOpen(this, QStringLiteral("any"), tr("Open a file"), tr("All files (*)"));
    if (!path.isEmpty())
        openFiles({path});
}

void MainWindow::makeFileMenus(QMenu *file)
{
    file->addAction(tr("&Open…"), QKeySequence::Open, this, &MainWindow::chooseFile);
    QMenu *recent = file->addMenu(tr("Opened &lately"));
    recent->setObjectName(QStringLiteral("recentFiles"));
    connect(recent, &QMenu::aboutToShow, this, [this, recent] {
        recent->clear();
        int number = 1;
        for (const QString &path : preferences::recentFiles()) {
            QString name = QFileInfo(path).fileName();
            QAction *a = recent->addAction(QStringLiteral("&%1 %2").arg(number++).arg(
                                               name.replace(QLatin1Char('&'), QLatin1String("&&"))),
                                           this, [this, path] { openFiles({path}); });
            a->setToolTip(path);
        }
        if (recent->isEmpty())
            recent->addAction(tr("None yet"))->setEnabled(false);
        else {
            recent->addSeparator();
            recent->addAction(tr("&Forget them"), this, [] { preferences::forgetRecentFiles(); });
        }
    });
    recent->setToolTipsVisible(true);
    file->addSeparator();
}

} // namespace lantern::app
