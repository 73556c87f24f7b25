#include "app/state/wording.h"
#include "platform/x11/x11_output.h"
#include "run/file/files.h"
#include "runner.h"
#include "window_rig.h"

#include <nlohmann/json.hpp>

#include <QComboBox>
#include <QDir>
#include <QDoubleSpinBox>
#include <QImage>
#include <QLineEdit>
#include <QMimeData>
#include <QProcess>
#include <QTableView>

#include <map>

#include <set>

using namespace lantern;
using namespace lantern::app;
using lantern::run::Activity;
using lantern::run::Stage;
using lantern::test::onX11;
using lantern::test::settle;
using lantern::test::WindowRig;

class WindowTest : public QObject {
    Q_OBJECT
private slots:
    /// The demo from start to a validated profile by pressing the main action.
    void theWholeJobByTheMainAction()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Done));
        QVERIFY2(rig.presses <= 12, qPrintable(QString::number(rig.presses)));
        const SessionState &s = rig.state();
        QCOMPARE(s.status.activity, Activity::Finished);
        QVERIFY(s.results.validation.has_value());
        VERIFY_BELOW(s.results.validation->deltaE00.mean, 1.0);
        QVERIFY(s.inUse.profileMatches);
        QVERIFY(s.inUse.lutMatches);
        QVERIFY(QFile::exists(s.results.installedPath));
        // the logbook is read beside the window
        QVERIFY(lantern::test::waitUntil([&] { return s.displays[0].mark == Mark::Within; }));
        // the report can be saved
        QTemporaryDir folder;
        rig.session->saveReport(folder.path());
        QVERIFY(QFile::exists(folder.filePath(QStringLiteral("report.html"))));
        rig.session->saveReport(QStringLiteral("/proc/nowhere"));
        QVERIFY(rig.state().notice.contains(QLatin1String("cannot be made")));
        // and a new run finds this one as the last time
        rig.session->newRun();
        QVERIFY(rig.waitFor(
            [&] { return rig.state().status.activity == Activity::Idle && rig.state().lastTime; }));
        QCOMPARE(ledgerRows(rig.state())[1].lastTime,
                 figure(rig.state().lastTime->after->cct->kelvin, 0));
    }

    /// The displays are simulated; the person's own screen, profile and folder stay what they are.
    void theDemoLeavesTheRealScreenAlone()
    {
        if (!onX11())
            QSKIP("needs a screen to look at");
        const auto output = platform::x11Outputs().front();
        platform::X11VideoLut lut(output);
        platform::X11ProfileStore store(output);
        VideoLut own = VideoLut::identity();
        for (auto &entry : own.channels[2])
            entry = static_cast<uint16_t>(entry * 0.9);
        lut.load(own);
        store.declare("the person's own profile");
        const QByteArray before = lut.save();
        const QStringList files = QDir(platform::userProfileFolder()).entryList();
        {
            WindowRig rig;
            QVERIFY(rig.pressUntil(Stage::Done));
            QCOMPARE(lut.save(), before);
            QCOMPARE(store.inUse(), QByteArray("the person's own profile"));
        }
        QCOMPARE(lut.save(), before);
        QCOMPARE(store.inUse(), QByteArray("the person's own profile"));
        QCOMPARE(QDir(platform::userProfileFolder()).entryList(), files);
        lut.load(VideoLut::identity());
        store.declare({});
    }

    /// From start to the end with nothing but the space bar on what has the focus.
    void theWholeJobByKeyboard()
    {
        WindowRig rig;
        rig.window->activateWindow();
        QVERIFY(rig.waitFor([&] { return rig.action()->hasFocus(); }));
        for (int i = 0; i < 12 && rig.state().status.activity != Activity::Finished; ++i) {
            QVERIFY(rig.waitFor([&] {
                return rig.state().status.activity == Activity::Finished ||
                       (rig.action()->isEnabled() && QApplication::focusWidget() == rig.action());
            }));
            if (rig.state().status.activity != Activity::Finished)
                QTest::keyClick(QApplication::focusWidget(), Qt::Key_Space);
            settle();
        }
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Finished; }));
        QVERIFY(rig.state().results.validation.has_value());
    }

    void theSouthDeskIsTurnedByHand()
    {
        WindowRig rig;
        rig.session->selectDisplay(1);
        QVERIFY(rig.pressUntil(Stage::Adjust));
        QVERIFY(rig.press());
        auto *buttons = rig.window->findChild<MonitorButtons *>(QStringLiteral("monitorButtons"));
        QVERIFY(rig.waitFor(
            [&] { return buttons->isVisible() && rig.state().results.whites.size() > 2; }));
        QSlider *brightness = nullptr;
        for (QSlider *s : buttons->findChildren<QSlider *>())
            if (s->accessibleName() == QLatin1String("Brightness"))
                brightness = s;
        QVERIFY(brightness);
        brightness->setValue(40);
        QVERIFY(rig.waitFor([&] { return rig.state().results.whites.back().white.Y < 140; }));
        QVERIFY(rig.pressOther()); // white as it is
        QVERIFY(rig.waitFor([&] { return rig.state().status.stage == Stage::Calibrate; }));
        QVERIFY(rig.waitFor([&] { return !buttons->isVisible(); }));
        QVERIFY(rig.pressUntil(Stage::Done));
        VERIFY_BELOW(rig.state().results.validation->deltaE00.mean, 1.0);
    }

    /// Its brightness is turned instead of dimming white in the LUT: black goes down with it, and
    /// the levels stay.
    void theLaptopsBrightnessIsTurned()
    {
        WindowRig rig;
        rig.session->selectDisplay(2);
        QVERIFY(rig.pressUntil(Stage::Done));
        const run::RunResults &r = rig.state().results;
        QVERIFY(!r.whites.empty());
        VERIFY_BELOW(*r.after->deltaUv, 0.0015);
        VERIFY_BELOW(std::abs(r.after->white->Y / 120 - 1), 0.02);
        VERIFY_BELOW(r.controls->brightness, 60);
        VERIFY_NEAR(r.after->white->Y / r.after->black->Y, r.before->white->Y / r.before->black->Y,
                    0.15 * r.before->white->Y / r.before->black->Y);
        QVERIFY(r.calibration->distinctLevels >= 230); // 200 with the light left as it was
        // Of its controls only that one is shown.
        emit rig.window->intents()->viewWanted(ViewId::White);
        QVERIFY(rig.waitFor([&] {
            const auto *brightness = rig.window->findChild<QSpinBox *>(QStringLiteral("control4"));
            return brightness && brightness->isVisible();
        }));
        for (int i = 0; i < 4; ++i)
            QVERIFY(!rig.window->findChild<QSpinBox *>(QStringLiteral("control%1").arg(i))
                         ->isVisible());
    }

    /// As the Keeper's reminder does it: at a display and a view.
    void theWindowIsSummoned()
    {
        WindowRig rig;
        rig.window->summon(QStringLiteral("south-desk"), QStringLiteral("profile"));
        QVERIFY(rig.waitFor([&] {
            return rig.state().selected == 1 && !rig.state().readingHistory &&
                   rig.state().view == ViewId::Profile;
        }));
        rig.window->summon(QStringLiteral("nobody's"), QStringLiteral("nothing")); // as it is
        QCOMPARE(rig.state().selected, 1);
        QCOMPARE(rig.state().view, ViewId::Profile);
    }

    void anAimOutOfReachIsExplainedAndCanBeChanged()
    {
        WindowRig rig;
        rig.session->selectDisplay(2);
        Aim aim = rig.state().aim;
        aim.luminanceCdM2 = 900;
        rig.session->setAim(aim);
        QVERIFY(rig.pressUntil(Stage::Calibrate));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Blocked; }));
        QVERIFY(rig.state().notice.contains(QLatin1String("900")));
        settle();
        QCOMPARE(rig.action()->text(), QStringLiteral("Choose another aim"));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == Activity::Idle; }));
        QCOMPARE(rig.state().view, ViewId::Aim);
        rig.session->undoStack()->undo();
        QCOMPARE(rig.state().aim.luminanceCdM2.value(), 120.0);
        QVERIFY(rig.pressUntil(Stage::Measure));
    }

    void theProfileCanBeNamedBeforeItIsBuilt()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(Stage::Build));
        rig.session->showView(ViewId::Profile);
        settle();
        auto *name = rig.window->findChild<QLineEdit *>(QStringLiteral("profileName"));
        QVERIFY(!name->isReadOnly());
        name->selectAll();
        QTest::keyClicks(name, QStringLiteral("Plates, north desk"));
        QTest::keyClick(name, Qt::Key_Return);
        QVERIFY(rig.pressUntil(Stage::Validate));
        QVERIFY(rig.state().results.installedPath.contains(QLatin1String("Plates,-north-desk")));
        settle();
        QVERIFY(name->isReadOnly());
    }

    void theAimIsEditedWithUndo()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Aim);
        settle();
        QDoubleSpinBox *luminance = nullptr;
        for (auto *box : rig.window->findChildren<QDoubleSpinBox *>())
            if (box->suffix().contains(QStringLiteral("cd/m²")))
                luminance = box;
        QVERIFY(luminance);
        for (int i = 0; i < 3; ++i) {
            luminance->stepBy(-1);
            settle();
        }
        QCOMPARE(rig.state().aim.luminanceCdM2.value(), 105.0);
        QVERIFY(rig.state().aim.name.find("changed") != std::string::npos);
        QComboBox *white = nullptr;
        for (auto *box : rig.window->findChildren<QComboBox *>())
            if (box->findText(QStringLiteral("Black body")) >= 0)
                white = box;
        QVERIFY(white);
        white->setCurrentIndex(1);
        emit white->activated(1);
        settle();
        QVERIFY(std::holds_alternative<BlackbodyWhite>(rig.state().aim.white));
        rig.session->undoStack()->undo();
        QVERIFY(std::holds_alternative<DaylightWhite>(rig.state().aim.white));
        QCOMPARE(rig.state().aim.luminanceCdM2.value(), 105.0);
        rig.session->undoStack()->undo();
        QCOMPARE(rig.state().aim, aimPresets().front());
        rig.session->undoStack()->redo();
        QVERIFY(rig.state().aim.luminanceCdM2.value() < 120);
    }

    void aimFilesCanBeDropped()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Aim);
        settle();
        QTemporaryDir folder;
        const Aim aim{.name = "Dropped", .white = DaylightWhite{5500}, .luminanceCdM2 = 90};
        const QString good = folder.filePath(QStringLiteral("good.json"));
        const QString bad = folder.filePath(QStringLiteral("bad.json"));
        run::writeFile(good, QByteArray::fromStdString(aimToJson(aim).dump()));
        run::writeFile(bad, "{\"format\": \"bold-lantern-aim\"");
        auto drop = [&](const QString &path) {
            QMimeData data;
            data.setUrls({QUrl::fromLocalFile(path)});
            QDragEnterEvent enter(QPoint(50, 50), Qt::CopyAction, &data, Qt::LeftButton,
                                  Qt::NoModifier);
            QCoreApplication::sendEvent(rig.window.get(), &enter);
            QVERIFY(enter.isAccepted());
            QDropEvent event(QPointF(50, 50), Qt::CopyAction, &data, Qt::LeftButton,
                             Qt::NoModifier);
            QCoreApplication::sendEvent(rig.window.get(), &event);
        };
        drop(good);
        QCOMPARE(rig.state().aim, aim);
        drop(bad);
        QVERIFY2(rig.state().notice.contains(QLatin1String("bad.json")),
                 qPrintable(rig.state().notice));
        QCOMPARE(rig.state().aim, aim);
    }

    /// The main action by its keys, whatever has the focus and however often its text has changed.
    void theMainActionHasItsKeysAlways()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Aim);
        settle();
        rig.window->activateWindow();
        QVERIFY(rig.waitFor([&] { return rig.window->isActiveWindow(); }));
        rig.window->findChild<QTableView *>()->setFocus();
        QTest::keyClick(rig.window.get(), Qt::Key_Return, Qt::ControlModifier);
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::Ready; }));
        QTest::keyClick(rig.window.get(), Qt::Key_Return, Qt::ControlModifier);
        QVERIFY(rig.waitFor([&] { return rig.state().readyConfirmed; }));
        QTest::keyClick(rig.window.get(), Qt::Key_0, Qt::ControlModifier); // the tenth view
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::ByEye; }));
        QTest::keyClick(rig.window.get(), Qt::Key_L, Qt::ControlModifier);
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::Light; }));
    }

    void everyViewShowsItselfEmptyAndFull()
    {
        WindowRig rig;
        const std::set<ViewId> resultViews = {ViewId::White,    ViewId::Tone,    ViewId::Gamut,
                                              ViewId::Accuracy, ViewId::Profile, ViewId::Compare};
        std::map<ViewId, QImage> empty;
        auto showAll = [&](bool measured) {
            for (const ViewEntry &entry : viewRegistry()) {
                rig.session->showView(entry.id);
                settle();
                View *shown = nullptr;
                for (View *v : rig.window->findChildren<View *>())
                    if (v->isVisible())
                        shown = v;
                QVERIFY(shown);
                QVERIFY(!shown->accessibleName().isEmpty());
                const QImage image = shown->grab().toImage();
                std::set<QRgb> colours;
                for (int y = 0; y < image.height(); y += 2)
                    for (int x = 0; x < image.width(); x += 2)
                        colours.insert(image.pixel(x, y));
                QVERIFY2(colours.size() > 20, entry.id.key.data()); // text at least
                if (!measured)
                    empty[entry.id] = image;
                else if (resultViews.count(entry.id) > 0)
                    QVERIFY2(image != empty[entry.id], entry.id.key.data());
            }
        };
        showAll(false);
        QVERIFY(rig.pressUntil(Stage::Done));
        showAll(true);
    }

    void rowsOpenTheirViewsByKeyboard()
    {
        WindowRig rig;
        auto *table = rig.window->findChild<QTableView *>(QStringLiteral("ledger"));
        table->setFocus();
        const ViewId expected[] = {ViewId::White,    ViewId::White,    ViewId::Tone,
                                   ViewId::Tone,     ViewId::Tone,     ViewId::Gamut,
                                   ViewId::Accuracy, ViewId::Evenness, ViewId::Profile};
        for (const ViewId view : expected) {
            QTest::keyClick(table, Qt::Key_Down);
            settle();
            QCOMPARE(rig.state().view, view);
        }
        QVERIFY(table->model()
                    ->data(table->model()->index(1, 0), Qt::AccessibleTextRole)
                    .toString()
                    .contains(QLatin1String("White point")));
    }

    void displaysAreChosenByKeyboardAndMouse()
    {
        WindowRig rig;
        const auto card = [&](int i) {
            return rig.window->findChild<DeskCard *>(QStringLiteral("deskCard%1").arg(i));
        };
        rig.window->activateWindow(); // the arrow keys go by what has the focus
        QVERIFY(rig.waitFor([&] { return rig.window->isActiveWindow(); }));
        card(0)->setFocus();
        QTest::keyClick(card(0), Qt::Key_Right);
        QCOMPARE(rig.state().selected, 1);
        QVERIFY(rig.waitFor([&] { return card(1)->isChecked() && card(1)->hasFocus(); }));
        QTest::keyClick(card(1), Qt::Key_Left);
        QCOMPARE(rig.state().selected, 0);
        QTest::mouseClick(card(2), Qt::LeftButton);
        QCOMPARE(rig.state().selected, 2);
    }

    void theWindowRemembersItsSize()
    {
        {
            WindowRig rig;
            rig.window->resize(1150, 720);
            settle();
            rig.window->close();
        }
        WindowRig rig;
        const auto again = app::openWindow(rig.session.get(), rig.demo.get());
        QCOMPARE(again->size(), QSize(1150, 720));
    }
};

namespace {
const lantern::test::Register<WindowTest> registered("WindowTest");
}

#include "window_test.moc"
