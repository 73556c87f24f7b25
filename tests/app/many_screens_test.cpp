#include "app/views/match/screen_patches.h"
#include "core/base/error.h"
#include "made_up_edid.h"
#include "platform/display_id.h"
#include "platform/standing.h"
#include "platform/x11/x11_output.h"
#include "run/file/files.h"
#include "runner.h"
#include "settle.h"
#include "studio_rig.h"
#include "toy_profile.h"

#include <QGuiApplication>
#include <QProcess>
#include <QPushButton>
#include <QScreen>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QUndoStack>

#include <xcb/randr.h>
#include <xcb/xcb.h>

namespace lantern::test {

using namespace app;

namespace {

bool xrandr(const QStringList &arguments)
{
    QProcess p;
    p.start(QStringLiteral("xrandr"), arguments);
    return p.waitForFinished() && p.exitCode() == 0;
}

/// Gives an output of the X server an EDID, as a display would.
void giveEdid(const QByteArray &output, const std::vector<uint8_t> &edid)
{
    xcb_connection_t *x = xcb_connect(nullptr, nullptr);
    const xcb_window_t root = xcb_setup_roots_iterator(xcb_get_setup(x)).data->root;
    auto *atom = xcb_intern_atom_reply(x, xcb_intern_atom(x, 0, 4, "EDID"), nullptr);
    auto *resources = xcb_randr_get_screen_resources_current_reply(
        x, xcb_randr_get_screen_resources_current(x, root), nullptr);
    const xcb_randr_output_t *ids = xcb_randr_get_screen_resources_current_outputs(resources);
    for (int i = 0; i < xcb_randr_get_screen_resources_current_outputs_length(resources); ++i) {
        auto *info = xcb_randr_get_output_info_reply(
            x, xcb_randr_get_output_info(x, ids[i], XCB_CURRENT_TIME), nullptr);
        const QByteArray name(reinterpret_cast<const char *>(xcb_randr_get_output_info_name(info)),
                              xcb_randr_get_output_info_name_length(info));
        if (name == output)
            xcb_randr_change_output_property(x, ids[i], atom->atom, XCB_ATOM_INTEGER, 8,
                                             XCB_PROP_MODE_REPLACE,
                                             static_cast<uint32_t>(edid.size()), edid.data());
        free(info);
    }
    free(atom);
    free(resources);
    free(xcb_get_input_focus_reply(x, xcb_get_input_focus(x), nullptr)); // waits for the server
    xcb_disconnect(x);
}

} // namespace

/// On an X server with two outputs; see with_two_screens.
class ManyScreensTest : public QObject {
    Q_OBJECT
    StudioRig m_rig;

    [[nodiscard]] const SessionState &state() const { return m_rig.state(); }
    void open(const char *logbook)
    {
        m_rig.findDisplays();
        m_rig.studio->chooseMeter(QStringLiteral("hand"));
        QVERIFY(m_rig.open(logbook, {20, 20}, {1100, 720}));
    }
    QRect screen(const char *name)
    {
        for (const QScreen *s : QGuiApplication::screens())
            if (s->name() == QLatin1String(name))
                return s->geometry();
        return {};
    }

private slots:
    /// The patch leaves one display and comes in on the other, in each one's own code values; what
    /// is looked at are the pixels of the screens.
    void aPatchGoesFromOneDisplayToTheOther()
    {
        const QRect one = screen("DUMMY0"), two = screen("DUMMY1");
        ScreenPatches patches;
        patches.show(one, two);
        patches.setColour({200, 10, 20}, {10, 30, 220});
        const auto at = [](const QPoint &point) {
            const QScreen *s = QGuiApplication::screenAt(point);
            const QPoint in = point - s->geometry().topLeft();
            return const_cast<QScreen *>(s)
                ->grabWindow(0, in.x(), in.y(), 1, 1)
                .toImage()
                .pixel(0, 0);
        };
        const QRgb first = qRgb(200, 10, 20), second = qRgb(10, 30, 220), black = qRgb(0, 0, 0);
        patches.moveTo(0);
        QVERIFY(waitUntil([&] { return at(one.center()) == first && at(two.center()) == black; }));
        patches.moveTo(1);
        QVERIFY(waitUntil([&] { return at(one.center()) == black && at(two.center()) == second; }));
        patches.moveTo(0.46); // half out of the first one
        QVERIFY(waitUntil([&] {
            return at({one.right() - 4, one.center().y()}) == first && at(one.center()) == black;
        }));
        patches.hide();
        QVERIFY(waitUntil([&] { return at(two.center()) != second; }));
    }

    void initTestCase()
    {
        QCOMPARE(QGuiApplication::screens().size(), 2);
        giveEdid("DUMMY0", madeUpEdid(kMadeUpColours, "Saltmarsh 27"));
    }
    void cleanup() { m_rig.close(); }

    void allOfThemStandOnTheDesk()
    {
        open("desk.sqlite");
        QCOMPARE(state().displays.size(), size_t(2));
        const DisplayCard &first = state().displays[0];
        QCOMPARE(first.name, QStringLiteral("Saltmarsh 27"));
        QCOMPARE(first.serial, QStringLiteral("SM27-0042"));
        QCOMPARE(first.sizeMm, QSizeF(597, 336));
        QCOMPARE(first.technology, QStringLiteral("led-wide"));
        QVERIFY(first.technologyReason.contains(QLatin1String("sRGB")));
        const DisplayCard &second = state().displays[1]; // tells nothing of itself
        QCOMPARE(second.name, QStringLiteral("DUMMY1"));
        QCOMPARE(second.origin, QPoint(1920, 0));
        QCOMPARE(second.pixels, QSize(1280, 1024));
        QVERIFY(!second.sizeMm.isEmpty());
    }

    /// The Keeper's program: each output gets its own, also one that went and came back.
    void theKeeperKeepsThemAll()
    {
        QTemporaryDir folder;
        for (const char *variable : {"XDG_DATA_HOME", "XDG_RUNTIME_DIR"})
            qputenv(variable, folder.path().toLocal8Bit());
        const platform::StandingShelf shelf;
        const auto outputs = platform::x11Outputs();
        QCOMPARE(outputs.size(), size_t(2));
        const auto own = [](size_t i) { return dimmedBlue(i == 0 ? 0.9 : 0.8); };
        QList<QByteArray> profiles;
        for (size_t i = 0; i < outputs.size(); ++i) {
            profiles << toyProfile(own(i), outputs[i].name.toStdString());
            shelf.change(platform::displayId(outputs[i]), outputs[i].name,
                         [&](platform::Standing &s) { s.use(profiles.last(), {}, {}); });
        }
        const auto isInForce = [&](size_t i) {
            const auto now = platform::x11Outputs();
            return i < now.size() && platform::X11VideoLut(now[i]).holds(own(i)) &&
                   platform::X11ProfileStore(now[i]).inUse() == profiles[qsizetype(i)];
        };
        QProcess keeper;
        keeper.start(QStringLiteral(LANTERN_KEEPER), {});
        QVERIFY(waitUntil([&] { return isInForce(0) && isInForce(1); }));
        QVERIFY(xrandr(
            {QStringLiteral("--output"), QStringLiteral("DUMMY1"), QStringLiteral("--off")}));
        QVERIFY(waitUntil([&] { return platform::x11Outputs().size() == 1; }));
        platform::X11ProfileStore(outputs[1]).declare({}); // nobody's now
        QVERIFY(xrandr({QStringLiteral("--output"), QStringLiteral("DUMMY1"),
                        QStringLiteral("--mode"), QStringLiteral("1280x1024"),
                        QStringLiteral("--pos"), QStringLiteral("1920x0")}));
        QVERIFY(waitUntil([&] { return isInForce(0) && isInForce(1); }));
        keeper.terminate();
        QVERIFY(keeper.waitForFinished());
        QCOMPARE(keeper.exitCode(), 0);
        for (const auto &output : platform::x11Outputs()) {
            platform::X11VideoLut(output).load(VideoLut::identity());
            platform::X11ProfileStore(output).declare({});
        }
    }

    void windowAndPatchGoToTheChosenOne()
    {
        open("choose.sqlite");
        auto *card = m_rig.window->findChild<DeskCard *>(QStringLiteral("deskCard0"));
        m_rig.window->activateWindow(); // the arrow keys go by what has the focus
        QVERIFY(waitUntil([&] { return m_rig.window->isActiveWindow(); }));
        card->setFocus();
        QTest::keyClick(card, Qt::Key_Right);
        QVERIFY(waitUntil([&] {
            return state().selected == 1 &&
                   screen("DUMMY1").contains(m_rig.window->frameGeometry().center());
        }));
        m_rig.window->showWhich();
        auto *which = m_rig.window->findChild<QWidget *>(QStringLiteral("whichWindow"));
        if (!which)
            for (QWidget *w : QApplication::topLevelWidgets())
                if (w->objectName() == QLatin1String("whichWindow"))
                    which = w;
        QVERIFY(which && which->isVisible());
        QCOMPARE(which->geometry(), screen("DUMMY1"));
        QVERIFY(which->accessibleName().contains(QLatin1String("DUMMY1")));
    }

    void eachHasAVideoLutOfItsOwn()
    {
        const auto outputs = platform::x11Outputs();
        QCOMPARE(outputs.size(), size_t(2));
        platform::X11VideoLut left(outputs[0]);
        platform::X11VideoLut right(outputs[1]);
        const VideoLut before = left.read();
        VideoLut lut = VideoLut::identity();
        for (auto &channel : lut.channels)
            for (auto &entry : channel)
                entry = static_cast<uint16_t>(entry * 0.9);
        right.load(lut);
        QVERIFY(right.read() == lut);
        QVERIFY(left.read() == before);
        right.load(VideoLut::identity());
    }

    void theyStandInTheirOrderFromLeftToRight()
    {
        QVERIFY(xrandr({QStringLiteral("--output"), QStringLiteral("DUMMY0"),
                        QStringLiteral("--right-of"), QStringLiteral("DUMMY1")}));
        QVERIFY(waitUntil([&] { return screen("DUMMY0").x() == 1280; }));
        open("order.sqlite");
        QCOMPARE(state().displays[0].name, QStringLiteral("DUMMY1"));
        QCOMPARE(state().displays[1].name, QStringLiteral("Saltmarsh 27"));
        QVERIFY(xrandr({QStringLiteral("--output"), QStringLiteral("DUMMY1"),
                        QStringLiteral("--right-of"), QStringLiteral("DUMMY0")}));
        QVERIFY(waitUntil([&] { return screen("DUMMY1").x() == 1920; }));
    }

    void allOfThemSwitchedAwayIsSurvived()
    {
        open("away.sqlite");
        for (const char *output : {"DUMMY0", "DUMMY1"})
            QVERIFY(xrandr(
                {QStringLiteral("--output"), QLatin1String(output), QStringLiteral("--off")}));
        QVERIFY(waitUntil([] { return platform::x11Outputs().empty(); }));
        QVERIFY(waitUntil([&] { return screen("DUMMY0").isEmpty(); })); // the toolkit has noticed
        QVERIFY(!state().displays.empty()); // they are still on the desk
        m_rig.session->refreshReady();
        m_rig.session->act();
        settle();
        QVERIFY(xrandr(
            {QStringLiteral("--output"), QStringLiteral("DUMMY0"), QStringLiteral("--mode"),
             QStringLiteral("1920x1080"), QStringLiteral("--pos"), QStringLiteral("0x0"),
             QStringLiteral("--output"), QStringLiteral("DUMMY1"), QStringLiteral("--mode"),
             QStringLiteral("1280x1024"), QStringLiteral("--pos"), QStringLiteral("1920x0")}));
        QVERIFY(waitUntil(
            [&] { return state().displays.size() == 2 && screen("DUMMY1").x() == 1920; }));
    }

    void aRunSurvivesAnUnpluggedDisplay()
    {
        // A stand-alone instrument that always shows the same; enough to be in mid-run.
        open("unplug.sqlite");
        m_rig.session->selectDisplay(1);
        const QString name = state().displays[1].name;
        QVERIFY(m_rig.beginReading());
        QVERIFY(waitUntil([&] { return state().entryWanted.has_value(); }));
        m_rig.session->enterReading({95, 100, 108});
        QVERIFY(waitUntil([&] { return state().status.readingsDone == 1; }));

        QVERIFY(xrandr(
            {QStringLiteral("--output"), QStringLiteral("DUMMY1"), QStringLiteral("--off")}));
        QVERIFY(waitUntil([&] { return state().displays.size() == 1; }));
        QVERIFY2(state().notice.contains(name + QLatin1String(" was unplugged")),
                 qPrintable(state().notice));
        QVERIFY(!state().isMeasuring());

        QVERIFY(xrandr({QStringLiteral("--output"), QStringLiteral("DUMMY1"),
                        QStringLiteral("--mode"), QStringLiteral("1280x1024"),
                        QStringLiteral("--right-of"), QStringLiteral("DUMMY0")}));
        QVERIFY(waitUntil([&] { return state().displays.size() == 2; }));
        m_rig.session->selectDisplay(1);
        QVERIFY(waitUntil([&] { return state().unfinishedRun.has_value(); }));
        m_rig.session->act(); // goes on with it
        QVERIFY(waitUntil([&] {
            return state().status.activity == run::Activity::Waiting &&
                   state().status.stage == run::Stage::Ready;
        }));
        m_rig.session->act();
        QVERIFY(waitUntil([&] { return state().entryWanted.has_value(); }));
        QCOMPARE(state().status.readingsDone, 1); // from before
    }

    /// A display that comes stops the run on another one, which gets back what it had.
    void whatWasFoundIsBackWhenADisplayComes()
    {
        QVERIFY(xrandr(
            {QStringLiteral("--output"), QStringLiteral("DUMMY1"), QStringLiteral("--off")}));
        QVERIFY(waitUntil([&] { return platform::x11Outputs().size() == 1; }));
        platform::X11VideoLut lut(platform::x11Outputs().front());
        lut.load(dimmedBlue(0.7));
        open("comes.sqlite");
        QCOMPARE(state().displays.size(), size_t(1));
        QVERIFY(m_rig.beginReading());
        QVERIFY(waitUntil([&] { return state().entryWanted.has_value(); }));
        QVERIFY(!lut.holds(dimmedBlue(0.7)));
        QVERIFY(xrandr({QStringLiteral("--output"), QStringLiteral("DUMMY1"),
                        QStringLiteral("--mode"), QStringLiteral("1280x1024"),
                        QStringLiteral("--pos"), QStringLiteral("1920x0")}));
        QVERIFY(waitUntil([&] { return state().displays.size() == 2; }));
        QVERIFY(waitUntil([&] { return state().unfinishedRun.has_value(); }));
        QVERIFY(waitUntil([&] { return lut.holds(dimmedBlue(0.7)); }));
        lut.load(VideoLut::identity());
    }

    /// Displays change their numbers when one is unplugged; what is undone is the right one's.
    void anUndoneProfileIsItsOwnDisplays()
    {
        QTemporaryDir folder;
        for (const char *variable : {"XDG_DATA_HOME", "XDG_RUNTIME_DIR"})
            qputenv(variable, folder.path().toLocal8Bit());
        QStringList paths;
        for (const double share : {0.9, 0.8}) {
            paths << folder.filePath(QStringLiteral("blue%1.icc").arg(share));
            run::writeFile(paths.last(), toyProfile(dimmedBlue(share), paths.last().toStdString()));
        }
        open("undo.sqlite");
        const auto outputs = platform::x11Outputs();
        platform::X11VideoLut right(outputs[1]);
        m_rig.session->selectDisplay(1);
        m_rig.session->useProfile(paths[0]);
        m_rig.session->useProfile(paths[1]);
        QVERIFY(right.holds(dimmedBlue(0.8)));
        QVERIFY(xrandr(
            {QStringLiteral("--output"), QStringLiteral("DUMMY0"), QStringLiteral("--off")}));
        QVERIFY(waitUntil([&] { return state().displays.size() == 1; }));
        m_rig.session->undoStack()->undo();
        QVERIFY2(!state().noticeIsProblem, qPrintable(state().notice));
        QVERIFY(right.holds(dimmedBlue(0.9)));

        QVERIFY(
            xrandr({QStringLiteral("--output"), QStringLiteral("DUMMY0"), QStringLiteral("--mode"),
                    QStringLiteral("1920x1080"), QStringLiteral("--pos"), QStringLiteral("0x0")}));
        QVERIFY(waitUntil([&] { return state().displays.size() == 2; }));
        QVERIFY(xrandr(
            {QStringLiteral("--output"), QStringLiteral("DUMMY1"), QStringLiteral("--off")}));
        QVERIFY(waitUntil([&] { return state().displays.size() == 1; }));
        platform::X11VideoLut left(platform::x11Outputs().front());
        const VideoLut before = left.read();
        m_rig.session->undoStack()->undo();
        QVERIFY(state().noticeIsProblem);
        QVERIFY2(state().notice.contains(QLatin1String("not connected")),
                 qPrintable(state().notice));
        QVERIFY(left.read() == before);
        QVERIFY(xrandr({QStringLiteral("--output"), QStringLiteral("DUMMY1"),
                        QStringLiteral("--mode"), QStringLiteral("1280x1024"),
                        QStringLiteral("--pos"), QStringLiteral("1920x0")}));
        QVERIFY(waitUntil([&] { return state().displays.size() == 2; }));
        for (const auto &output : platform::x11Outputs()) {
            platform::X11VideoLut(output).load(VideoLut::identity());
            platform::X11ProfileStore(output).declare({});
        }
    }

    /// The workshop: what is plugged in is the next unit; nothing falls to the person's own screen.
    void anUnpluggedUnitLeavesTheOwnScreenAlone()
    {
        QTemporaryDir reports;
        open("units.sqlite");
        const QString own = state().displays[0].name;
        const auto *action = m_rig.window->findChild<QPushButton *>(QStringLiteral("mainAction"));
        m_rig.session->selectDisplay(1);
        BatchWish wish;
        wish.name = QStringLiteral("Hung up");
        wish.folder = reports.path();
        m_rig.session->beginBatch(wish);
        QVERIFY(waitUntil([&] { return state().batch.has_value(); }));
        m_rig.session->enterSerial(QStringLiteral("A"), true);
        QVERIFY(waitUntil([&] { return state().hasRun(); }));
        QCOMPARE(state().displays[1].name, QStringLiteral("Unit A"));

        QVERIFY(xrandr(
            {QStringLiteral("--output"), QStringLiteral("DUMMY1"), QStringLiteral("--off")}));
        QVERIFY(waitUntil([&] { return state().displays.size() == 1; }));
        QVERIFY(state().unitDisplayGone);
        QVERIFY(
            waitUntil([&] { return action->text() == QLatin1String("Connect the next unit"); }));
        m_rig.session->enterSerial(QStringLiteral("B"), true);
        m_rig.session->measureUnit(QStringLiteral("B"));
        QVERIFY(state().noticeIsProblem);
        settle();
        QVERIFY(!state().hasRun());
        QVERIFY(state().unit.isEmpty());
        QCOMPARE(state().displays[0].name, own);

        QVERIFY(xrandr({QStringLiteral("--output"), QStringLiteral("DUMMY1"),
                        QStringLiteral("--mode"), QStringLiteral("1280x1024"),
                        QStringLiteral("--right-of"), QStringLiteral("DUMMY0")}));
        QVERIFY(waitUntil([&] { return state().displays.size() == 2; }));
        QCOMPARE(state().selected, 1);
        QVERIFY(!state().unitDisplayGone);
        QVERIFY(waitUntil([&] {
            return action->isEnabled() && action->text() == QLatin1String("Go on with A");
        }));
        m_rig.session->act();
        QVERIFY(waitUntil([&] { return state().hasRun(); }));
        QCOMPARE(state().displays[1].name, QStringLiteral("Unit A"));
        QCOMPARE(QString::fromStdString(state().results.setup.displayId), QStringLiteral("unit-A"));
    }
};

static const Register<ManyScreensTest> registered("ManyScreensTest");

} // namespace lantern::test

#include "many_screens_test.moc"
