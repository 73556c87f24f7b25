#include "app/views/evenness/evenness_map.h"
#include "window_rig.h"

#include <QComboBox>
#include <QLabel>
#include <QSignalSpy>

namespace lantern::test {

using namespace lantern::app;

/// Evenness in the real window, on the demo's screen.
class EvennessWindowTest : public QObject {
    Q_OBJECT

    template <class T> static T *part(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<T *>(QLatin1String(name));
    }
    static void open(WindowRig &rig)
    {
        rig.session->showView(ViewId::Evenness);
        QVERIFY(rig.waitFor([&] { return part<QWidget>(rig, "evennessMap")->isVisible(); }));
    }

private slots:
    /// From the button to the verdict; the bench's meter moves by itself, and what it sees are the
    /// pixels of the screen.
    void itIsMeasuredFromTheWindow()
    {
        if (!onX11())
            QSKIP("the bench's eye needs a screen whose pixels can be looked at");
        WindowRig rig;
        rig.demo->setSpeed(0);
        open(rig);
        auto *sentence = part<QLabel>(rig, "evennessSentence");
        QVERIFY(sentence->text().contains(QLatin1String("Not measured yet")));
        QTest::mouseClick(part<QPushButton>(rig, "measureEvenness"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().results.evennessNow.has_value(); }));
        QVERIFY(rig.waitFor(
            [&] { return sentence->text().contains(QLatin1String("of the middle's light;")); }));
        QVERIFY(rig.waitFor(
            [&] { return !rig.state().evenRuns.empty() && !rig.state().readingHistory; }));
        const Evenness &e = rig.state().evenRuns.front()->evenness;
        QVERIFY(e.isWhole());
        QVERIFY(e.levels.front().least < 0.97 && e.levels.front().least > 0.7);
        // The meter hangs on the patch again, in the middle of the screen.
        QVERIFY(rig.demo->rig(0)->with(
            [](bench::Bench &b) { return b.meterPlace().x == 0 && b.meterPlace().y == 0; }));
    }

    /// On a single display everything is covered while it reads: Esc is the way out.
    void escapeUncoversTheWindow()
    {
        if (!onX11())
            QSKIP("the bench's eye needs a screen whose pixels can be looked at");
        WindowRig rig(20);
        open(rig);
        rig.window->activateWindow();
        QVERIFY(rig.waitFor([&] { return rig.window->isActiveWindow(); }));
        QTest::mouseClick(part<QPushButton>(rig, "measureEvenness"), Qt::LeftButton);
        const auto field = [] {
            for (const QWindow *window : QGuiApplication::topLevelWindows())
                if (window->objectName() == QLatin1String("fieldWindow"))
                    return window;
            return static_cast<const QWindow *>(nullptr);
        };
        QVERIFY(rig.waitFor([&] {
            return field() && field()->isVisible() && part<QWidget>(rig, "runBar")->isVisible();
        }));
        QTest::keyClick(rig.window.get(), Qt::Key_Escape);
        QVERIFY(rig.waitFor([&] { return rig.state().status.activity == run::Activity::Paused; }));
        QVERIFY(rig.waitFor([&] { return !field()->isVisible(); }));
        rig.session->resume();
        QVERIFY(rig.waitFor([&] { return field()->isVisible(); }));
        rig.session->stop();
    }

    void fieldsAreChosenByKeys()
    {
        WindowRig rig;
        open(rig);
        auto *map = part<EvennessMap>(rig, "evennessMap");
        QSignalSpy chosen(map, &EvennessMap::fieldChosen);
        map->setFocus();
        QTest::keyClick(map, Qt::Key_Right);
        QTest::keyClick(map, Qt::Key_Down);
        QCOMPARE(chosen.size(), 2);
        QCOMPARE(map->chosen()->column, 2);
        QCOMPARE(map->chosen()->row, 2);
        QTest::keyClick(map, Qt::Key_Up);
        QTest::keyClick(map, Qt::Key_Up); // no further than the edge
        QCOMPARE(map->chosen()->row, 1);
    }

    void theChoiceHolds()
    {
        WindowRig rig;
        open(rig);
        auto *grid = part<QComboBox>(rig, "evennessGrid");
        grid->setCurrentIndex(2);
        emit grid->activated(2);
        QVERIFY(rig.waitFor([&] {
            return part<EvennessMap>(rig, "evennessMap")->chosen() &&
                   rig.state().evennessChoice.grid == EvennessGrid{5, 5};
        }));
        QVERIFY(rig.waitFor([&] { return grid->currentIndex() == 2; }));
        rig.session->selectDisplay(1); // of which nothing was chosen
        open(rig);
        QVERIFY(rig.waitFor([&] { return grid->currentIndex() == 0; }));
    }

    /// Stopped in its midst, and taken up by another start of the program.
    void whatWasStoppedGoesOn()
    {
        if (!onX11())
            QSKIP("the bench's eye needs a screen whose pixels can be looked at");
        QTemporaryDir folder;
        const QString logbook = folder.filePath(QStringLiteral("log.sqlite"));
        size_t kept = 0;
        {
            WindowRig rig(0, logbook);
            open(rig);
            QTest::mouseClick(part<QPushButton>(rig, "measureEvenness"), Qt::LeftButton);
            QVERIFY(rig.waitFor([&] {
                return rig.state().results.evenness &&
                       rig.state().results.evenness->readings.size() >= 8;
            }));
            rig.session->stop();
            QVERIFY(rig.waitFor([&] { return !rig.state().isMeasuring(); }));
            kept = rig.state().results.evenness->readings.size();
        }
        WindowRig rig(0, logbook);
        open(rig);
        auto *resume = part<QPushButton>(rig, "resumeEvenness");
        QVERIFY(rig.waitFor([&] { return resume->isVisible() && resume->isEnabled(); }));
        QTest::mouseClick(resume, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] {
            return rig.state().results.evenness &&
                   rig.state().results.evenness->readings.size() >= kept;
        }));
        QVERIFY(rig.waitFor([&] { return !rig.state().evenRuns.empty(); }));
        QVERIFY(rig.state().evenRuns.front()->evenness.isWhole());
        QVERIFY(rig.waitFor([&] { return !resume->isVisible(); }));
    }
};

static const Register<EvennessWindowTest> registered("EvennessWindowTest");

} // namespace lantern::test

#include "evenness_window_test.moc"
