#include "app/state/preferences.h"
#include "core/judge/tolerance.h"
#include "core/profile/profile_file.h"
#include "core/reading/readings_file.h"
#include "core/report/report.h"
#include "run/book/file_kind.h"
#include "run/book/run_results.h"
#include "run/file/files.h"
#include "window_rig.h"

#include <QDragEnterEvent>
#include <QMenu>
#include <QMimeData>

namespace lantern::test {

using namespace app;
using run::FileKind;
using run::Stage;

/// Files that a person brings: known by what is in them, and the right thing opens.
class FilesWindowTest : public QObject {
    Q_OBJECT

    QTemporaryDir m_folder;
    [[nodiscard]] QString made(const char *name, const QByteArray &content) const
    {
        QString path = m_folder.filePath(QLatin1String(name));
        run::writeFile(path, content);
        return path;
    }
    static void drop(const WindowRig &rig, const QStringList &paths)
    {
        QMimeData data;
        QList<QUrl> urls;
        for (const QString &path : paths)
            urls << QUrl::fromLocalFile(path);
        data.setUrls(urls);
        QDragEnterEvent enter(QPoint(600, 300), Qt::CopyAction, &data, Qt::LeftButton,
                              Qt::NoModifier);
        QCoreApplication::sendEvent(rig.window.get(), &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent event(QPointF(600, 300), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(rig.window.get(), &event);
    }

private slots:
    /// By content: each has the ending of something else.
    void filesAreKnownByTheirContent()
    {
        const auto kind = [this](const QByteArray &content) {
            return run::fileKind(made("any.txt", content));
        };
        QCOMPARE(kind(R"({"format": "bold-lantern-aim", "version": 1})"), FileKind::Aim);
        QCOMPARE(kind(R"( {"version":1,"format":"bold-lantern-tolerance"})"), FileKind::Tolerance);
        QCOMPARE(kind(R"({"format": "bold-lantern-report"})"), FileKind::Report);
        QCOMPARE(kind(R"({"format": "bold-lantern-correction"})"), FileKind::Correction);
        QCOMPARE(kind(R"({"format": "bold-lantern-certificate"})"), FileKind::Certificate);
        QCOMPARE(kind(R"({"format": "something-else"})"), FileKind::Unknown);
        QCOMPARE(kind(R"({"format": ["bold-lantern-aim"]})"), FileKind::Unknown);
        QCOMPARE(kind(R"({"a": {"format": "bold-lantern-aim"}})"), FileKind::Unknown);
        QCOMPARE(
            kind(R"({"a": [{"format": "bold-lantern-aim"}], "format": "bold-lantern-report"})"),
            FileKind::Report);
        VERIFY_ERROR(kind("{\"a\": 1,\n  oops"), "line 2");
        // As much as needed is read of what is too long to be waited for.
        const QByteArray endless = ", \"readings\": [" + QByteArray("0, ").repeated(1 << 20);
        QCOMPARE(kind(R"({"aim": {}, "format": "bold-lantern-report")" + endless),
                 FileKind::Report);
        QCOMPARE(kind(R"({"aim": {})" + endless), FileKind::Unknown);
        QCOMPARE(kind("BEGIN_DATA_FORMAT\nRGB_R RGB_G RGB_B XYZ_X XYZ_Y XYZ_Z\nEND_DATA_FORMAT\n"),
                 FileKind::Readings);
        QCOMPARE(kind("BEGIN_DATA_FORMAT\nCMYK_C CMYK_M CMYK_Y CMYK_K LAB_L\nEND_DATA_FORMAT\n"),
                 FileKind::Characterisation);
        QCOMPARE(kind("BEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\n"),
                 FileKind::Colours);
        QCOMPARE(kind("\x89PNG\r\n"), FileKind::Picture);
        QCOMPARE(kind(QByteArray("II*\0....", 8)), FileKind::Picture);
        QCOMPARE(kind(QByteArray("SQLite format 3\0", 16)), FileKind::Logbook);
        QByteArray icc(128, '\0');
        icc.replace(36, 4, "acsp");
        icc.replace(12, 4, "mntr");
        QCOMPARE(kind(icc), FileKind::DisplayProfile);
        icc.replace(12, 4, "prtr");
        QCOMPARE(kind(icc), FileKind::OutputProfile);
        QCOMPARE(kind({}), FileKind::Unknown);
        QCOMPARE(kind("Dear diary"), FileKind::Unknown);
        VERIFY_ERROR(run::fileKind(m_folder.filePath(QStringLiteral("nowhere"))), "cannot be read");
    }

    void whatIsDroppedOpensWhereItBelongs()
    {
        WindowRig rig;
        Aim aim = rig.state().aim;
        aim.name = "Dropped";
        aim.luminanceCdM2 = 91;
        drop(rig, {made("a.aim.json", QByteArray::fromStdString(aimToJson(aim).dump()))});
        QVERIFY(rig.waitFor([&] { return rig.state().aim.name == "Dropped"; }));
        QCOMPARE(rig.state().view, ViewId::Aim);
        Tolerance limits = toleranceByName("studio");
        limits.name = limits.title = "House rules";
        drop(rig, {made("t.json", QByteArray::fromStdString(toleranceToJson(limits).dump()))});
        QVERIFY(rig.waitFor([&] { return rig.state().ownTolerances.size() == 1; }));
        QCOMPARE(rig.state().view, ViewId::Accuracy);
        QImage picture(40, 30, QImage::Format_RGB32);
        picture.fill(Qt::gray);
        const QString png = m_folder.filePath(QStringLiteral("picture.png"));
        QVERIFY(picture.save(png));
        drop(rig, {png});
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::Compare; }));
        drop(rig, {made("diary.txt", "Dear diary")});
        QVERIFY(rig.waitFor([&] { return rig.state().noticeIsProblem; }));
        QVERIFY(rig.state().notice.contains(QLatin1String("diary.txt")));
        QVERIFY(rig.state().notice.contains(QLatin1String("no kind that is known here")));
        QCOMPARE(preferences::recentFiles().front(), png);
        QVERIFY(
            !preferences::recentFiles().contains(m_folder.filePath(QStringLiteral("diary.txt"))));
        auto *recent = rig.window->findChild<QMenu *>(QStringLiteral("recentFiles"));
        emit recent->aboutToShow();
        QVERIFY(recent->actions().front()->text().contains(QLatin1String("picture.png")));
        rig.session->showView(ViewId::Ready);
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::Ready; }));
        recent->actions().front()->trigger();
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::Compare; }));
    }

    void readingsBecomeAProfileAndReportsAreComputedAnew()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Done));
        const QString readings = made(
            "readings.cgats",
            QByteArray::fromStdString(readingsToCgats(run::chartReadings(rig.state().results))));
        const QString out = m_folder.filePath(QStringLiteral("made.icc"));
        emit rig.window->intents()->readingsOffered(readings, out);
        QVERIFY(rig.waitFor([&] { return QFileInfo::exists(out); }));
        const QByteArray icc = run::readFile(out);
        const ProfileFile profile({icc.begin(), icc.end()}, "made.icc");
        // The white of the connection space is the display's own.
        const DeviceRgb white = profile.toDevice({100, 0, 0});
        VERIFY_NEAR(std::min({white.r, white.g, white.b}), 255, 0.5);
        QVERIFY(
            rig.waitFor([&] { return rig.state().notice.contains(QLatin1String("made.icc")); }));
        QVERIFY(!rig.state().noticeIsProblem);

        const Json report = reportToJson(run::reportData(rig.state().results));
        drop(rig, {made("r.json", QByteArray::fromStdString(report.dump()))});
        QVERIFY2(rig.waitFor([&] {
            return rig.state().notice.contains(QLatin1String("follow from its readings"));
        }),
                 qPrintable(rig.state().notice));
        QVERIFY2(!rig.state().noticeIsProblem, qPrintable(rig.state().notice));
        Json better = report;
        better["validation"]["delta_e_2000"]["mean"] = 0.01;
        drop(rig, {made("better.json", QByteArray::fromStdString(better.dump()))});
        QVERIFY(rig.waitFor([&] { return rig.state().noticeIsProblem; }));
        QVERIFY2(rig.state().notice.contains(QLatin1String("do not follow")),
                 qPrintable(rig.state().notice));
    }
};

static const Register<FilesWindowTest> registered("FilesWindowTest");

} // namespace lantern::test

#include "files_window_test.moc"
