#include "app/studio_rig.h"
#include "made_up_edid.h"
#include "platform/output.h"
#include "platform/wayland/gamma_controls.h"
#include "platform/wayland/wayland_output.h"
#include "run/file/files.h"
#include "runner.h"
#include "wayland/compositor_at.h"

#include <nlohmann/json.hpp>

#include <QDir>
#include <QFile>
#include <QFileSystemWatcher>
#include <QGuiApplication>
#include <QProcess>
#include <QRegularExpression>
#include <QSignalSpy>
#include <QStandardPaths>
#include <QTemporaryDir>

#include <algorithm>
#include <unistd.h>

namespace lantern::test {

using namespace app;
using run::Activity;

namespace {

QString text(const char *s)
{
    return QString::fromUtf8(s);
}

bool isLent(const char *output)
{
    return askCompositor(std::string("lent ") + output) == "1\n";
}

/// A program of ours in the session of the tests' compositor, or of another one.
struct Answer {
    int code = -1;
    QString out, err;
};
Answer outcome(QProcess &p)
{
    if (!p.waitForFinished(120'000))
        p.kill();
    return {p.exitStatus() == QProcess::NormalExit ? p.exitCode() : -1,
            QString::fromUtf8(p.readAllStandardOutput()),
            QString::fromUtf8(p.readAllStandardError())};
}
Answer cli(const QStringList &arguments,
           const QProcessEnvironment &environment = QProcessEnvironment::systemEnvironment())
{
    QProcess p;
    p.setProcessEnvironment(environment);
    p.start(text(LANTERN_CLI), arguments);
    return outcome(p);
}

} // namespace

/// Window, command line and Keeper as Wayland clients of a compositor with two outputs.
class WaylandTest : public QObject {
    Q_OBJECT
    StudioRig m_rig;
    QTemporaryDir m_folder;

    [[nodiscard]] const SessionState &state() const { return m_rig.state(); }
    static QString meter(const char *output)
    {
        return text("command:" LANTERN_PANEL_METER " ") + text(output);
    }
    QStringList runOn(const char *output, const char *folder)
    {
        return {text("run"),     text("--output"), text(output),
                text("--meter"), meter(output),    text("--chart"),
                text("24"),      text("--out"),    m_folder.filePath(text(folder))};
    }
    void openWindow(const char *logbook, const char *output)
    {
        m_rig.findDisplays();
        m_rig.studio->chooseMeter(meter(output));
        QVERIFY(m_rig.open(logbook, {0, 0}, {1000, 700}));
        if (state().displays[1].output == text(output))
            m_rig.session->selectDisplay(1);
        QVERIFY(waitUntil([&] { return !state().readingHistory; }));
    }

    [[nodiscard]] bool hasStopped() const
    {
        const Activity now = state().status.activity;
        return now == Activity::Finished || now == Activity::Faulted || now == Activity::Blocked;
    }

private slots:
    void initTestCase()
    {
        if (!QGuiApplication::platformName().startsWith(QLatin1String("wayland")))
            QSKIP("needs the tests' compositor");
    }
    void cleanup()
    {
        m_rig.close();
        askCompositor("converts 0");
        askCompositor("covers DP-1 0");
        platform::GammaControls::instance().releaseAll();
    }

    void displaysComeFromTheCompositor()
    {
        const auto outputs = platform::outputs();
        QCOMPARE(outputs.size(), size_t(2));
        QCOMPARE(outputs[0].name, text("DP-1"));
        QCOMPARE(outputs[1].geometry, QRect(1280, 0, 1024, 768));
        const Answer a = cli({text("displays"), text("--json")});
        QCOMPARE(a.code, 0);
        const Json second = Json::parse(a.out.toStdString())["displays"][1];
        QCOMPARE(second["output"].get<std::string>(), std::string("HDMI-A-1"));
        QVERIFY(second["loads_lut"].get<bool>());
        QVERIFY(!second["lut_loaded"].get<bool>());
        QVERIFY(!second["shows_pixels"].get<bool>());
    }

    /// The kernel has what a Wayland client is not told.
    void theKernelKnowsTheEdid()
    {
        const auto bytes = madeUpEdid(
            {Chromaticity{0.68, 0.32}, {0.265, 0.69}, {0.15, 0.06}, {0.3127, 0.329}}, "North");
        const QByteArray edid(reinterpret_cast<const char *>(bytes.data()),
                              static_cast<qsizetype>(bytes.size()));
        for (const char *name : {"card0-DP-1", "card0-DP-10", "card1-eDP-1"})
            run::makeFolder(m_folder.filePath(text(name)));
        run::writeFile(m_folder.filePath(text("card0-DP-1/edid")), edid);
        run::writeFile(m_folder.filePath(text("card0-DP-10/edid")), {}); // nothing is connected
        QCOMPARE(platform::edidOfConnector(text("DP-1"), m_folder.path()), edid);
        QVERIFY(platform::edidOfConnector(text("DP-10"), m_folder.path()).isEmpty());
        QVERIFY(platform::edidOfConnector(text("HDMI-A-1"), m_folder.path()).isEmpty());
        const auto outputs = platform::waylandOutputs(m_folder.path());
        QCOMPARE(outputs.front().edid, edid);
    }

    /// Tables of the output's own size arrive; a second program is told who has them.
    void tablesAreBorrowed()
    {
        const auto output = platform::outputs().front();
        const auto lut = platform::videoLutOf(output);
        QVERIFY(lut);
        QVERIFY(lut->holds(VideoLut::identity()));
        VideoLut half = VideoLut::identity();
        for (uint16_t &v : half.channels[1])
            v /= 2;
        lut->load(half);
        QVERIFY(isLent("DP-1"));
        QVERIFY(lut->holds(half));
        QVERIFY(!lut->holds(VideoLut::identity()));
        const QByteArray saved = lut->save();
        lut->load(VideoLut::identity());
        QVERIFY(lut->holds(VideoLut::identity()));
        lut->restore(saved);
        QVERIFY(lut->holds(half));
        lut->restore({}); // nothing was held before
        QVERIFY(!isLent("DP-1"));
    }

    /// The patch is a part of the window where that is on the display to be measured, else it fills
    /// the other screen; the panel gets it either way.
    void thePatchGoesWhereTheDisplayIs()
    {
        for (const char *output : {"DP-1", "HDMI-A-1"}) {
            openWindow(output, output);
            QVERIFY(m_rig.beginReading());
            QVERIFY(waitUntil([&] { return state().status.readingsDone > 0; }));
            desk::PatchWindow *patch = m_rig.studio->patchWindow();
            const bool isHere = qstrcmp(output, "DP-1") == 0;
            QCOMPARE(patch->isVisible(), isHere);
            if (isHere) {
                QCOMPARE(patch->parent(), m_rig.window->windowHandle());
                const QPoint before = patch->position();
                QTest::mousePress(patch, Qt::LeftButton, {}, {50, 50});
                QTest::mouseMove(patch, {20, 30});
                QTest::mouseRelease(patch, Qt::LeftButton, {}, {20, 30});
                QVERIFY(patch->position() != before);
                QVERIFY(!patch->isPlaced()); // still a part of the window
                const QRect room(QPoint(), patch->parent()->size());
                QVERIFY(room.contains(patch->geometry()));
            }
            m_rig.session->stop();
            QVERIFY(waitUntil([&] { return state().status.activity == Activity::Idle; }));
            QVERIFY(waitUntil([&] { return !patch->isVisible(); }));
            m_rig.close();
        }
    }

    /// From a bare display to a profile, the LUT in the compositor's hands.
    void theWholeJobInTheWindow()
    {
        openWindow("job.sqlite", "HDMI-A-1");
        QVERIFY(m_rig.beginReading());
        QVERIFY(
            waitUntil([&] { return hasStopped() || state().status.stage == run::Stage::Adjust; }));
        m_rig.session->setAdjustMode(run::AdjustMode::Skip); // nobody is there to turn its buttons
        QVERIFY(waitUntil([&] {
            if (state().status.activity == Activity::Waiting)
                m_rig.session->act();
            return hasStopped();
        }));
        QVERIFY2(state().status.activity == Activity::Finished, qPrintable(state().notice));
        QVERIFY(state().shown().validation.has_value());
        QVERIFY(*state().shown().validation->meanDeltaE00 < 0.5);
        QVERIFY(waitUntil([&] { return state().inUse.checked; }));
        QVERIFY2(state().inUse.isRight(), qPrintable(state().inUse.found));
        QVERIFY(state().inUse.place.contains(text("no colour service")));
        QVERIFY(isLent("HDMI-A-1"));
    }

    /// Escape on a filled screen is the way back to the window.
    void escapeLeavesTheFilledScreen()
    {
        openWindow("escape.sqlite", "HDMI-A-1");
        QVERIFY(m_rig.beginReading());
        QVERIFY(waitUntil([&] { return state().status.readingsDone > 0; }));
        QWindow *field = nullptr;
        for (QWindow *w : QGuiApplication::topLevelWindows())
            if (w->objectName() == text("fieldWindow") && w->isVisible())
                field = w;
        QVERIFY(field);
        QCOMPARE(field->size(), QSize(1024, 768));
        QTest::keyClick(field, Qt::Key_Escape);
        QVERIFY(waitUntil([&] { return state().status.activity == Activity::Paused; }));
    }

    /// What the compositor does not show is not measured.
    void aPatchThatNobodySeesIsTold()
    {
        openWindow("covered.sqlite", "DP-1");
        QVERIFY(m_rig.beginReading());
        QVERIFY(waitUntil([&] { return state().status.readingsDone > 0; }));
        askCompositor("covers DP-1 1");
        QVERIFY(waitUntil([&] { return state().status.activity == Activity::Faulted; }));
        QVERIFY2(state().notice.contains(text("does not show the patch")),
                 qPrintable(state().notice));
        askCompositor("covers DP-1 0");
        m_rig.session->act();
        const int before = state().status.readingsDone;
        QVERIFY(waitUntil([&] { return state().status.readingsDone > before; }));
    }

    void aConvertingCompositorIsFoundOut()
    {
        askCompositor("converts 1");
        const Answer a = cli(runOn("DP-1", "converted"));
        QCOMPARE(a.code, 3);
        QVERIFY2(a.err.contains(text("converts colours")), qPrintable(a.err));
        QVERIFY(!QFile::exists(m_folder.filePath(text("converted/profile.icc"))));
        QVERIFY(!isLent("DP-1"));
    }

    /// Without tables to borrow the tone stays the panel's own, and that is said before.
    void withoutTablesTheProfileCarriesTheTone()
    {
        QProcess other;
        other.start(text(LANTERN_COMPOSITOR), {text("bare"), text("DP-9:800x600")});
        QVERIFY(other.waitForReadyRead());
        QProcessEnvironment there = QProcessEnvironment::systemEnvironment();
        there.insert(text("WAYLAND_DISPLAY"), text("bare"));
        const Answer a = cli(runOn("DP-9", "bare"), there);
        QCOMPARE(a.code, 4); // nothing brings this panel to the aim
        QVERIFY2(a.err.contains(text("no video LUT")), qPrintable(a.err));
        QVERIFY2(a.out.contains(text("the profile: within")), qPrintable(a.out));
        const Answer listed = cli({text("displays")}, there);
        QVERIFY2(listed.out.contains(text("lets no program load")), qPrintable(listed.out));
        other.terminate();
        QVERIFY(other.waitForFinished());
    }

    /// Compositors that people run, without a screen: one that shows nobody its pixels, and one
    /// that does.
    void otherCompositors_data()
    {
        QTest::addColumn<QString>("program");
        QTest::addColumn<QStringList>("arguments");
        QTest::addColumn<bool>("isSeen");
        QTest::newRow("weston") << text("weston")
                                << QStringList{text("--backend=headless-backend.so"),
                                               text("--width=1024"), text("--height=768"),
                                               text("--idle-time=0"), text("--no-config")}
                                << false;
        QTest::newRow("sway") << text("sway") << QStringList{text("--config"), text("/dev/null")}
                              << true;
    }
    void otherCompositors()
    {
        QFETCH(const QString, program);
        QFETCH(QStringList, arguments);
        QFETCH(const bool, isSeen);
        if (QStandardPaths::findExecutable(program).isEmpty())
            QSKIP("not on this machine");
        QTemporaryDir session;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.remove(text("WAYLAND_DISPLAY"));
        environment.insert(text("XDG_RUNTIME_DIR"), session.path());
        environment.insert(text("HOME"), session.path());
        environment.insert(text("WLR_BACKENDS"), text("headless"));
        environment.insert(text("WLR_RENDERER"), text("pixman"));
        environment.insert(text("WLR_LIBINPUT_NO_DEVICES"), text("1"));
        QProcess compositor;
        if (isSeen && geteuid() == 0) { // it refuses to be root
            constexpr uid_t kNobody = 65534;
            QCOMPARE(chown(QFile::encodeName(session.path()).constData(), kNobody, kNobody), 0);
            compositor.setChildProcessModifier([] {
                if (setgid(kNobody) != 0 || setuid(kNobody) != 0)
                    _exit(1);
            });
        }
        compositor.setProcessEnvironment(environment);
        compositor.setWorkingDirectory(session.path());
        compositor.setStandardErrorFile(QProcess::nullDevice());
        compositor.start(program, arguments);
        QString socket;
        QVERIFY2(waitUntil([&] {
                     const QStringList there = QDir(session.path())
                                                   .entryList({text("wayland-*")}, QDir::System)
                                                   .filter(QRegularExpression(text("[0-9]$")));
                     socket = there.isEmpty() ? QString() : session.filePath(there.front());
                     return !socket.isEmpty() || compositor.state() == QProcess::NotRunning;
                 }),
                 qPrintable(program));
        QVERIFY(!socket.isEmpty());
        QProcessEnvironment there = QProcessEnvironment::systemEnvironment();
        there.insert(text("WAYLAND_DISPLAY"), socket);

        const Answer listed = cli({text("displays"), text("--json")}, there);
        QCOMPARE(listed.code, 0);
        const Json display = Json::parse(listed.out.toStdString())["displays"][0];
        QCOMPARE(display["shows_pixels"].get<bool>(), isSeen);
        QVERIFY(!display["loads_lut"].get<bool>()); // without a screen there are no tables
        const std::string name = display["output"];
        QStringList run = runOn(name.c_str(), qPrintable(program));
        run[4] = isSeen ? text("command:" LANTERN_CAPTURE_METER " ") + QString::fromStdString(name)
                        : text("command:/bin/sh -c \"echo 95 100 108.$(date +%N)\"");
        const Answer a = cli(run, there);
        if (isSeen) {
            QVERIFY2(a.code == 4 && a.out.contains(text("the profile: within")),
                     qPrintable(a.err + a.out));
        } else { // every patch was shown, and what its meter said is no display
            QCOMPARE(a.code, 3);
            QVERIFY2(!a.err.contains(text("compositor")), qPrintable(a.err));
        }
        compositor.terminate();
        QVERIFY(compositor.waitForFinished());
    }

    /// The Keeper keeps the tables that a run has brought, hands them over to the next one, and has
    /// them again afterwards; an output that comes back gets its own.
    void theKeeperHandsOver()
    {
        QCOMPARE(cli(runOn("DP-1", "kept")).code, 0);
        QVERIFY(!isLent("DP-1")); // nobody is there to keep it
        QProcess keeper;
        keeper.start(text(LANTERN_KEEPER));
        QVERIFY(waitUntil([] { return isLent("DP-1"); }));
        const auto output = platform::outputs().front();
        QCOMPARE(output.name, text("DP-1"));
        const auto lut = platform::videoLutOf(output);
        QVERIFY(lut); // how large it is was written down
        QVERIFY(!lut->holds(VideoLut::identity()));
        lut->load(VideoLut::identity()); // asked for, and handed over
        QVERIFY(lut->holds(VideoLut::identity()));
        lut->restore({});
        QVERIFY(waitUntil([&] { return isLent("DP-1") && !lut->holds(VideoLut::identity()); }));
        // Then it rests: what it looked at itself does not make it look again.
        QFileSystemWatcher folder({platform::GammaControls::folder()});
        QSignalSpy stirs(&folder, &QFileSystemWatcher::directoryChanged);
        bool rests = false; // the hand-over may still stir it
        for (int i = 0; i < 10 && !rests; ++i)
            rests = !stirs.wait(1500);
        QVERIFY(rests);
        QCOMPARE(cli(runOn("DP-1", "again")).code, 0);
        QVERIFY(waitUntil([] { return isLent("DP-1"); }));
        askCompositor("unplug DP-1");
        QVERIFY(waitUntil([] { return platform::outputs().size() == 1; }));
        askCompositor("plug DP-1:1280x800");
        QVERIFY(waitUntil([] { return isLent("DP-1"); }));
        keeper.terminate();
        QVERIFY(keeper.waitForFinished());
        QCOMPARE(keeper.exitCode(), 0);
        QVERIFY(waitUntil([] { return !isLent("DP-1"); }));
    }

    /// A program that was killed with tables in its hands leaves none behind, and stands in
    /// nobody's way.
    void aKilledProgramHoldsNothing()
    {
        QCOMPARE(cli(runOn("DP-1", "killed")).code, 0);
        QProcess keeper;
        keeper.start(text(LANTERN_KEEPER));
        QVERIFY(waitUntil([] { return isLent("DP-1"); }));
        keeper.kill();
        QVERIFY(keeper.waitForFinished());
        QVERIFY(waitUntil([] { return !isLent("DP-1"); }));
        const auto outputs = platform::outputs();
        const auto output = std::find_if(outputs.begin(), outputs.end(),
                                         [](const auto &o) { return o.name == text("DP-1"); });
        const auto lut = platform::videoLutOf(*output);
        QVERIFY(lut);
        lut->load(VideoLut::identity());
        QVERIFY(lut->holds(VideoLut::identity()));
    }
};

static const Register<WaylandTest> registered("WaylandTest");

} // namespace lantern::test

#include "wayland_test.moc"
