#include "app/views/aim/chart_dialog.h"
#include "app/views/compare/compare_view.h"
#include "app/views/compare/own_pictures.h"
#include "app/views/gamut/lab_solid.h"
#include "app/widgets/plot.h"
#include "window_rig.h"

#include <QComboBox>
#include <QMimeData>
#include <QSlider>
#include <QTableWidget>

namespace lantern::test {

using namespace app;

/// Pictures before and after, gamuts and plots, in the window and with the keyboard.
class PicturesTest : public QObject {
    Q_OBJECT

    static std::shared_ptr<const Pyramid> twoHalves()
    {
        QImage picture(400, 300, QImage::Format_RGB32);
        picture.fill(Qt::darkGray);
        return std::make_shared<const Pyramid>(pyramidOf(picture));
    }
    /// All red before, all blue now.
    static std::shared_ptr<const Renditions> redAndBlue()
    {
        const auto all = [](const DeviceRgb &colour) {
            return Rendition::of([colour](const DeviceRgb &) { return colour; });
        };
        return std::make_shared<const Renditions>(
            Renditions{all({255, 0, 0}), all({0, 0, 255}), nullptr, all({0, 255, 0}), {}});
    }
    template <class T> static T *part(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<T *>(QLatin1String(name));
    }

private slots:
    void theDividerPartsBeforeFromNow()
    {
        PictureStage stage;
        stage.resize(400, 300);
        stage.setPicture(twoHalves());
        stage.setRenditions(redAndBlue(), true);
        stage.show();
        QVERIFY(QTest::qWaitForWindowExposed(&stage));
        const auto rendered = [&] {
            return waitUntil([&] { return !stage.isRendering() && !stage.frame().now.isNull(); });
        };
        QVERIFY(rendered());
        const auto at = [&](int x) { return stage.grab().toImage().pixelColor(x, 150); };
        QCOMPARE(at(50), QColor(Qt::red));
        QCOMPARE(at(350), QColor(Qt::blue));
        QTest::mouseClick(&stage, Qt::LeftButton, {}, QPoint(380, 150));
        QCOMPARE(at(350), QColor(Qt::red));
        for (int i = 0; i < 30; ++i)
            QTest::keyClick(&stage, Qt::Key_Left);
        QCOMPARE(at(350), QColor(Qt::blue));
        QTest::keyPress(&stage, Qt::Key_Space);
        QCOMPARE(at(350), QColor(Qt::red));
        QTest::keyRelease(&stage, Qt::Key_Space);
        QCOMPARE(at(350), QColor(Qt::blue));
        QTest::keyClick(&stage, Qt::Key_X); // they change sides
        QCOMPARE(at(350), QColor(Qt::red));
        QTest::keyClick(&stage, Qt::Key_X);
        stage.setMode(PictureStage::Mode::SideBySide);
        QVERIFY(rendered());
        QVERIFY(waitUntil([&] { return at(100) == QColor(Qt::red); }));
        QCOMPARE(at(300), QColor(Qt::blue));
        stage.showFormer(true);
        QCOMPARE(at(100), QColor(Qt::green));
    }

    void bothSidesAreEnlargedTogether()
    {
        PictureStage stage;
        stage.resize(400, 300);
        QImage picture(4000, 3000, QImage::Format_RGB32);
        picture.fill(Qt::black);
        picture.setPixel(2000, 1500, qRgb(255, 255, 255));
        stage.setPicture(std::make_shared<const Pyramid>(pyramidOf(picture)));
        stage.setRenditions(
            std::make_shared<const Renditions>(
                Renditions{Rendition::none(), Rendition::none(), nullptr, Rendition::none(), {}}),
            true);
        stage.show();
        QVERIFY(QTest::qWaitForWindowExposed(&stage));
        stage.setFocus();
        VERIFY_NEAR(stage.zoom(), 0.1 * stage.devicePixelRatioF(), 1e-9);
        QTest::keyClick(&stage, Qt::Key_1);
        QCOMPARE(stage.zoom(), 1.0);
        QVERIFY(waitUntil([&] { return !stage.isRendering(); }));
        const QImage seen = stage.frame().now; // its middle pixel in the middle
        int white = 0;
        for (int y = 0; y < seen.height(); ++y)
            for (int x = 0; x < seen.width(); ++x)
                white += qGray(seen.pixel(x, y)) > 128 ? 1 : 0;
        QCOMPARE(white, 1);
        QCOMPARE(stage.frame().before, seen);
        for (int i = 0; i < 40; ++i)
            QTest::keyClick(&stage, Qt::Key_Plus);
        QCOMPARE(stage.zoom(), 32.0);
        for (int i = 0; i < 200; ++i) // it cannot be lost beyond its edge
            QTest::keyClick(&stage, Qt::Key_Down);
        QVERIFY(waitUntil([&] { return !stage.isRendering(); }));
        QVERIFY(stage.frame().sight.part.bottom() <= 3000.5);
        QTest::keyClick(&stage, Qt::Key_0);
        VERIFY_NEAR(stage.zoom(), 0.1 * stage.devicePixelRatioF(), 1e-9);
    }

    void picturesAreComparedInTheWindow()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(run::Stage::Done));
        rig.session->showView(ViewId::Compare);
        auto *stage = part<PictureStage>(rig, "pictureStage");
        QVERIFY(rig.waitFor([&] {
            return stage->isVisible() && !stage->isRendering() && stage->frame().meanDelta > 0.1;
        }));
        // Own pictures one after the other, by key.
        auto *pictures = part<QComboBox>(rig, "pictures");
        const int own = pictures->count();
        QVERIFY(own >= 7);
        rig.window->activateWindow();
        stage->setFocus();
        QTest::keyClick(stage, Qt::Key_PageDown);
        QVERIFY(rig.waitFor([&] { return pictures->currentIndex() == 1; }));
        // A folder is dropped; what is no picture in it does not matter.
        QTemporaryDir folder;
        QImage(600, 400, QImage::Format_RGB32).save(folder.filePath(QStringLiteral("a.png")));
        QImage(300, 200, QImage::Format_RGB32).save(folder.filePath(QStringLiteral("b.jpg")));
        auto *view = rig.window->findChild<CompareView *>();
        view->open(folder.path());
        QCOMPARE(pictures->count(), own + 2);
        QVERIFY(rig.waitFor([&] { return stage->frame().sight.part.width() > 590; }));
        // A file that is none is told, and the picture stays.
        view->open(folder.filePath(QStringLiteral("nothing.png")));
        QVERIFY(rig.waitFor([&] { return rig.state().noticeIsProblem; }));
        // Differences as a map with its scale.
        QTest::mouseClick(part<QPushButton>(rig, "compareMode2"), Qt::LeftButton);
        QVERIFY(part<QWidget>(rig, "deltaReach")->isVisible());
        // Another run is read from the logbook when it is chosen.
        auto *before = part<QComboBox>(rig, "beforeChoice");
        QVERIFY(before->count() >= 4); // as found, no profile, on paper, this run at least
        before->setCurrentIndex(3);
        emit before->activated(3);
        QVERIFY(rig.waitFor([&] { return !rig.state().loadedRuns.empty(); }));
    }

    void theFormerStateIsShownWhileAKeyIsHeld()
    {
        WindowRig rig;
        // Between the stages of a run, what is tried is the run's: the key does nothing to it.
        QVERIFY(rig.pressUntil(run::Stage::Measure));
        const auto inForce = [&] {
            return rig.demo->devices(0, QThread::currentThread()).lut->read();
        };
        const VideoLut trial = inForce();
        rig.session->showFormerState(0, true);
        rig.session->showFormerState(0, false);
        QVERIFY(inForce() == trial && !(trial == VideoLut::identity()));
        QVERIFY(rig.pressUntil(run::Stage::Done));
        rig.session->showView(ViewId::Compare);
        auto *stage = part<PictureStage>(rig, "pictureStage");
        QVERIFY(rig.waitFor([&] { return stage->isVisible() && stage->frame().meanDelta > 0.1; }));
        QVERIFY(rig.waitFor([&] { return rig.state().inUse.isRight(); }));
        rig.window->activateWindow();
        stage->setFocus();
        QTest::keyPress(stage, Qt::Key_D);
        rig.session->refreshReady();
        // Read back from the display, the LUT is another one.
        const auto isIdentity = [&] {
            return rig.demo->devices(0, QThread::currentThread()).lut->read() ==
                   VideoLut::identity();
        };
        QVERIFY(rig.waitFor(isIdentity));
        QTest::keyRelease(stage, Qt::Key_D);
        QVERIFY(rig.waitFor([&] { return !isIdentity(); }));
        QVERIFY(rig.waitFor([&] { return rig.state().inUse.isRight(); }));
        // Of an earlier run its profile, too; then the own one is back.
        const auto declared = [&] {
            return rig.demo->devices(0, QThread::currentThread()).store->inUse();
        };
        const QByteArray own = declared();
        const qint64 first = rig.state().status.run;
        rig.session->newRun();
        QVERIFY(rig.waitFor([&] { return !rig.state().hasRun(); }));
        rig.session->loadPastRun(first);
        QVERIFY(rig.waitFor([&] { return rig.state().loadedRuns.contains(first); }));
        run::RunResults former = *rig.state().loadedRuns.at(first);
        rig.session->showFormerState(first, true);
        QVERIFY(declared() == former.profile);
        QVERIFY(rig.demo->devices(0, QThread::currentThread()).lut->read() ==
                former.calibration->lut);
        rig.session->showFormerState(first, false);
        QVERIFY(rig.waitFor([&] { return declared() == own; }));
    }

    void gamutsAreTurnedAndCutByKeyboard()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(run::Stage::Done));
        rig.session->showView(ViewId::Gamut);
        QVERIFY(rig.waitFor([&] { return rig.state().ownGamut != nullptr; }));
        auto *table = part<QTableWidget>(rig, "gamutTable");
        QVERIFY(rig.waitFor([&] { return table->rowCount() == 5; }));
        QTest::mouseClick(part<QPushButton>(rig, "gamutTab2"), Qt::LeftButton);
        auto *solid = part<LabSolid>(rig, "labSolid");
        QVERIFY(solid->isVisible());
        const QImage first = solid->grab().toImage();
        rig.window->activateWindow();
        solid->setFocus();
        const double turned = solid->turned();
        QTest::keyClick(solid, Qt::Key_Right);
        QCOMPARE(solid->turned(), turned + 5);
        QVERIFY(solid->grab().toImage() != first);
        QTest::mouseClick(part<QPushButton>(rig, "gamutTab3"), Qt::LeftButton);
        auto *lightness = part<QSlider>(rig, "sectionLightness");
        auto *points = part<QComboBox>(rig, "gamutPoints");
        points->setCurrentIndex(1);
        emit points->activated(1);
        lightness->setValue(70);
        auto *reference = part<QComboBox>(rig, "gamutReference1");
        const int count = reference->count();
        QVERIFY(count >= 8);                   // none, five spaces, this run, a file
        reference->setCurrentIndex(count - 2); // a run
        emit reference->activated(count - 2);
        QVERIFY(rig.waitFor([&] {
            return rig.state().referenceKeys[0].startsWith(QLatin1String("run:")) &&
                   !rig.state().references.empty() && rig.state().references[0].boundary;
        }));
    }

    void aChartIsMadeOfAPicture()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Aim);
        auto *kind = part<QComboBox>(rig, "measureKind");
        QVERIFY(rig.waitFor([&] { return kind->isVisible(); }));
        kind->setCurrentIndex(3);
        emit kind->activated(3);
        auto *dialog = part<ChartDialog>(rig, "chartDialog");
        QVERIFY(dialog && dialog->isVisible());
        QTemporaryDir folder;
        const QString picture = folder.filePath(QStringLiteral("plate.png"));
        QVERIFY(ownPictures().front().paint().save(picture));
        dialog->findChild<QSpinBox *>(QStringLiteral("keyColours"))->setValue(20);
        dialog->take(picture, true);
        auto *use = dialog->findChild<QPushButton *>(QStringLiteral("useChart"));
        QVERIFY(!use->isEnabled()); // while it is read
        QVERIFY(rig.waitFor([&] { return use->isEnabled(); }));
        dialog->findChild<QSpinBox *>(QStringLiteral("spreadPatches"))->setValue(30);
        auto *figures = dialog->findChild<QLabel *>(QStringLiteral("chartFigures"));
        QVERIFY2(figures->text().contains(QLatin1String("patches")), qPrintable(figures->text()));
        QTest::mouseClick(dialog->findChild<QPushButton *>(QStringLiteral("keepChart")),
                          Qt::LeftButton); // under the picture's name
        QVERIFY(
            rig.waitFor([&] { return rig.state().ownCharts.contains(QStringLiteral("plate")); }));
        dialog->take(folder.filePath(QStringLiteral("none.png")), true); // told, nothing lost
        QVERIFY(rig.waitFor([&] { return use->isEnabled(); }));
        QTest::mouseClick(use, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return !rig.state().measure.list.empty(); }));
        const size_t patches = rig.state().measure.list.size();
        QVERIFY2(patches > 40 && patches <= 50, qPrintable(QString::number(patches)));
        QVERIFY(rig.pressUntil(run::Stage::Build));
        QCOMPARE(rig.state().results.setup.chartList.size(), patches);
    }

    void plotsTellTheirPoints()
    {
        Plot plot(QStringLiteral("Tone"), QStringLiteral("in"), QStringLiteral("out"));
        plot.resize(400, 300);
        plot.xAxis->setRange(0, 10);
        plot.yAxis->setRange(0, 10);
        const Curve a{{1, 5, 9}, {1, 5, 9}, {.colour = theme::kRedCurve}, QStringLiteral("one")};
        const Curve b{
            {2, qQNaN(), 8}, {8, qQNaN(), 2}, {.style = Qt::DashLine}, QStringLiteral("two")};
        plot.setCurves({a, b});
        QVERIFY2(plot.accessibleDescription().contains(QLatin1String("two, 2: 8; 8: 2.")),
                 qPrintable(plot.accessibleDescription()));
        plot.show();
        QVERIFY(QTest::qWaitForWindowExposed(&plot));
        plot.setFocus();
        QTest::keyClick(&plot, Qt::Key_Right);
        QVERIFY2(plot.told().startsWith(QLatin1String("two: in 2")), qPrintable(plot.told()));
        QTest::keyClick(&plot, Qt::Key_Right); // over what is no number
        QVERIFY2(plot.told().startsWith(QLatin1String("two: in 8")), qPrintable(plot.told()));
        QTest::keyClick(&plot, Qt::Key_Up);
        QVERIFY2(plot.told().startsWith(QLatin1String("one: in 9")), qPrintable(plot.told()));
        QFocusEvent out(QEvent::FocusOut);
        QCoreApplication::sendEvent(&plot, &out);
        QVERIFY(plot.told().isEmpty());
        // The mouse finds the nearest.
        const QPoint at(int(plot.xAxis->coordToPixel(5)) + 4, int(plot.yAxis->coordToPixel(5)) - 3);
        QTest::mouseMove(&plot, at);
        QVERIFY(waitUntil([&] { return plot.told().startsWith(QLatin1String("one: in 5")); }));
        // As a value for paper: told apart as on the screen.
        const Diagram d = plot.asDiagram();
        QCOMPARE(d.title, std::string("Tone"));
        QVERIFY(d.curves[0].ink == Ink::Red && d.curves[1].stroke == Stroke::Dashed);
        QCOMPARE(d.xMost, 10.0);
        QTest::keyClick(&plot, Qt::Key_C, Qt::ControlModifier);
        QVERIFY(QGuiApplication::clipboard()->text().contains(QLatin1String("\"one\",5,5")));
    }
};

static const Register<PicturesTest> registered("PicturesTest");

} // namespace lantern::test

#include "pictures_test.moc"
