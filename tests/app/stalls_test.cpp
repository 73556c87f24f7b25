#include "app/views/gamut/lab_solid.h"
#include "app/views/view.h"
#include "app/views/white/white_dial.h"
#include "stall_watch.h"
#include "window_rig.h"

namespace lantern::test {

using namespace app;
using run::Stage;

/// The interface answers while it measures, builds and draws. What is counted is printed; it fails
/// only where the window would be seen to hang, since machines differ. Figures to go by come from
/// tools/benchmark.
class StallsTest : public QObject {
    Q_OBJECT

    static constexpr double kHangs = 250; ///< ms

    static void tell(const char *what)
    {
        qInfo("%s: longest %.1f ms, %zu over %.0f ms", what, StallWatch::longest,
              StallWatch::stalls.size(), StallWatch::kNoticed);
        for (const StallWatch::Stall &s : StallWatch::stalls)
            qInfo("  %.1f ms in %s", s.milliseconds, qPrintable(s.what));
        QVERIFY2(StallWatch::longest < kHangs, what);
    }

private slots:
    void cleanup() { StallWatch::isOn = false; }

    void aRunAndEveryView()
    {
        WindowRig rig;
        StallWatch::begin();
        QVERIFY(rig.pressUntil(Stage::Done));
        tell("a run");
        StallWatch::begin();
        for (const ViewEntry &entry : viewRegistry()) {
            rig.session->showView(entry.id);
            QVERIFY(rig.waitFor([&] { return rig.state().view == entry.id; }));
            QTest::qWait(200);
        }
        tell("every view");
        // What is dragged and turned draws sixty times a second where it needs less than 16 ms.
        rig.session->showView(ViewId::Gamut);
        auto *solid = rig.window->findChild<LabSolid *>();
        QVERIFY(solid);
        StallWatch::begin();
        solid->resize(500, 400);
        QTest::qWait(100);
        double begin = StallWatch::now();
        constexpr int kFrames = 20;
        for (int i = 0; i < kFrames; ++i) {
            QTest::keyClick(solid, Qt::Key_Right);
            (void)solid->grab();
        }
        qInfo("solid: %.1f ms a frame", (StallWatch::now() - begin) / kFrames);
        rig.session->showView(ViewId::White);
        auto *dial = rig.window->findChild<WhiteDial *>();
        QVERIFY(rig.waitFor([&] { return dial->isVisible(); }));
        begin = StallWatch::now();
        for (int i = 0; i < kFrames; ++i)
            (void)dial->grab();
        qInfo("dial: %.1f ms a frame", (StallWatch::now() - begin) / kFrames);
        tell("drawing");
    }
};

static const Register<StallsTest> registered("StallsTest");

} // namespace lantern::test

#include "stalls_test.moc"
