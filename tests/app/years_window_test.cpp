#include "app/views/agreement/agreement_model.h"
#include "app/views/agreement/agreement_view.h"
#include "app/views/compare/compare_view.h"
#include "app/views/trends/trends_model.h"
#include "app/views/trends/trends_view.h"
#include "window_rig.h"

#include <QComboBox>
#include <QLabel>
#include <QListWidget>
#include <QProcess>
#include <QTabWidget>
#include <QTableWidget>

#include <algorithm>
#include <cmath>

namespace lantern::test {

using namespace lantern::app;

/// What the months tell, in the window: trends, when to look again, and how two displays agree.
class YearsWindowTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    QString m_history;
    int m_count = 0;

    template <class T> static T *part(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<T *>(QLatin1String(name));
    }
    QString freshHistory()
    {
        const QString path = m_folder.filePath(QStringLiteral("%1.sqlite").arg(m_count++));
        QFile::copy(m_history, path);
        return path;
    }
    /// As a person does it.
    static void choose(QComboBox *box, int index)
    {
        box->setCurrentIndex(index);
        emit box->activated(index);
    }
    static bool showAgreement(WindowRig &rig)
    {
        rig.session->showView(ViewId::Agreement);
        return rig.waitFor([&] { // and shown
            return rig.state().agreementSheet && !rig.state().comparing &&
                   part<QTableWidget>(rig, "agreedTable")->rowCount() > 0;
        });
    }

private slots:
    void initTestCase()
    {
        m_history = m_folder.filePath(QStringLiteral("history.sqlite"));
        DemoWorkplace::makeHistory(m_history);
        QVERIFY(QFile::exists(m_history));
    }

    /// South desk ages; its story is told in one drawing, one sentence and a list.
    void theYearOfADisplayIsDrawn()
    {
        WindowRig rig(0, freshHistory());
        rig.session->selectDisplay(1);
        rig.session->showView(ViewId::Trends);
        const auto *shown = part<QListWidget>(rig, "trendEvents");
        QVERIFY(rig.waitFor([&] { return shown->count() > 0; }));
        auto *plot = rig.window->findChild<TrendsView *>()->findChild<Plot *>();
        const auto *sentence = part<QLabel>(rig, "trendSentence");
        const run::FigureTrend &t = rig.state().trendSheet->trend;
        QCOMPARE(t.displayName, rig.state().displays[1].name);
        QCOMPARE(t.readings.size(), size_t(15));
        QCOMPARE(std::ranges::count(t.readings, true, &run::TrendReading::isOdd), 1);
        QVERIFY(*t.perMonth() < -0.003 && *t.perMonth() > -0.006);
        QVERIFY2(sentence->text().contains(QStringLiteral("0.43 %")) &&
                     sentence->text().contains(QStringLiteral("looked at again by")),
                 qPrintable(sentence->text()));
        const auto *events = part<QListWidget>(rig, "trendEvents");
        QVERIFY(!events->findItems(QStringLiteral("night light"), Qt::MatchContains).isEmpty());
        QVERIFY(
            !events->findItems(QStringLiteral("another meter, Reed"), Qt::MatchContains).isEmpty());
        QVERIFY(!events->findItems(QStringLiteral("calibrated"), Qt::MatchContains).isEmpty());
        QVERIFY(
            !events->findItems(QStringLiteral("certificate of Curlew runs out"), Qt::MatchContains)
                 .isEmpty());
        // Readings, limits, range and events are drawn, and told point by point with their days.
        const Diagram drawn = plot->asDiagram();
        const auto curve = [&](const char *name) {
            return std::ranges::find(drawn.curves, std::string(name), &DiagramCurve::name);
        };
        for (const char *name : {"limit", "drift", "its range, 8 of 10", "Curlew", "Reed",
                                 "left out", "calibrated", "meter, certificate, note"})
            QVERIFY2(curve(name) != drawn.curves.end(), name);
        QCOMPARE(curve("left out")->x.size(), size_t(1));
        QVERIFY(drawn.xMost > 86'400 * t.today); // into the future
        plot->setFocus();
        QTest::keyClick(plot, Qt::Key_Right);
        QVERIFY2(plot->told().contains(QStringLiteral("202")), qPrintable(plot->told()));

        // Another figure of another display, a shorter time.
        auto *figure = part<QComboBox>(rig, "trendFigure");
        choose(figure, 6); // colours, mean
        QVERIFY(rig.waitFor(
            [&] { return rig.state().trendSheet->trend.figure.judged == Figure::ColourMean; }));
        auto *display = part<QComboBox>(rig, "trendDisplay");
        choose(display, display->findText(rig.state().displays[0].name));
        QVERIFY(rig.waitFor([&] { // the North desk, shown
            return rig.state().trendSheet->trend.readings.size() == 7 && events->count() < 8;
        }));
        const auto whole = events->count();
        choose(part<QComboBox>(rig, "trendPeriod"), 2);
        QVERIFY(rig.waitFor([&] { return events->count() < whole; }));
    }

    /// A display that was never read says so; three readings are not enough to say nothing of them.
    void whatCannotBeToldIsSaid()
    {
        WindowRig rig; // nothing was measured
        rig.session->showView(ViewId::Trends);
        QVERIFY(rig.waitFor([&] {
            return part<QLabel>(rig, "trendSentence")
                ->text()
                .contains(QStringLiteral("Nothing has"));
        }));
        rig.session->showView(ViewId::Agreement);
        const auto *sentence = part<QLabel>(rig, "agreementSentence");
        QVERIFY(
            rig.waitFor([&] { return sentence->text().contains(QStringLiteral("two finished")); }));
        QVERIFY(!part<QPushButton>(rig, "agreePictures")->isEnabled());

        TrendSheet sheet;
        sheet.displays = {{QStringLiteral("a"), QStringLiteral("Desk")}};
        sheet.trend.displayId = QStringLiteral("a");
        sheet.trend.displayName = QStringLiteral("Desk");
        sheet.trend.readings = {
            {1, run::RunKind::Calibration, 20'000, 120, {}, QStringLiteral("M")}};
        sheet.trend.today = 20'010;
        SessionState state;
        state.trendSheet = std::make_shared<const TrendSheet>(sheet);
        const TrendsModel m = trendsModel(state, 0);
        QVERIFY(m.sentence.contains(QStringLiteral("too seldom")));
        QVERIFY(m.yLeast < 120 && m.yMost > 120 && m.xLeast < m.xMost);
    }

    /// The reminder comes by the drift once it is known, and says so.
    void theNextCheckComesByTheDrift()
    {
        WindowRig rig(0, freshHistory());
        rig.session->selectDisplay(1);
        rig.session->showView(ViewId::Profile);
        const auto *next = part<QLabel>(rig, "nextCheck");
        QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
        rig.session->checkFirst();
        QVERIFY(
            rig.waitFor([&] { return rig.state().check.has_value() && !rig.state().onErrand(); }));
        rig.session->showView(ViewId::Profile);
        QVERIFY(rig.waitFor([&] { return rig.state().isNextCheckForetold; }));
        QVERIFY2(rig.waitFor(
                     [&] { return next->text().contains(QStringLiteral("how its light drifts")); }),
                 qPrintable(next->text()));
        // By the days that were chosen it would be four weeks; its light allows more.
        QVERIFY(QDateTime::currentDateTimeUtc().daysTo(*rig.state().nextCheckAt) > 30);
    }

    void twoDisplaysAreHeldTogether()
    {
        WindowRig rig(0, freshHistory());
        QVERIFY(showAgreement(rig));
        const auto *sentence = part<QLabel>(rig, "agreementSentence");
        const AgreementSheet &s = *rig.state().agreementSheet;
        QVERIFY(s.agreement && s.first && s.second);
        QVERIFY(s.first->displayId != s.second->displayId);
        QVERIFY2(sentence->text().contains(QLocale().toString(s.agreement->deltaE00.mean, 'f', 2)),
                 qPrintable(sentence->text()));
        QCOMPARE(part<QTableWidget>(rig, "agreedTable")->rowCount(), 40);
        QVERIFY(part<QTableWidget>(rig, "agreedFigures")->rowCount() > 30);
        QCOMPARE(part<QTableWidget>(rig, "agreedPairs")->rowCount(), 1);
        QVERIFY(part<QLabel>(rig, "bestDisplay")->text().contains(QStringLiteral("critical work")));
        QVERIFY(part<QComboBox>(rig, "agreeCurve")->count() >= 4);
        // What both can share becomes the aim at a press, and can be taken back.
        QVERIFY(s.common.has_value());
        QVERIFY2(part<QLabel>(rig, "commonAim")->text().contains(QStringLiteral("can share D65")),
                 qPrintable(part<QLabel>(rig, "commonAim")->text()));
        QCOMPARE(part<QTableWidget>(rig, "sharedPlans")->rowCount(), 2);
        part<QTabWidget>(rig, "agreementTabs")->setCurrentIndex(3);
        const Aim shared = s.common->aim;
        QVERIFY(!(rig.state().aim == shared));
        QTest::mouseClick(part<QPushButton>(rig, "takeCommonAim"), Qt::LeftButton);
        QCOMPARE(rig.state().aim, shared);
        rig.session->undoStack()->undo();
        QVERIFY(!(rig.state().aim == shared));
        QVERIFY(rig.waitFor([&] { return !rig.state().comparing; }));
        const double side = rig.state().agreementSheet->agreement->deltaE00.mean;
        const QString first = s.first->displayId;
        part<QPushButton>(rig, "agreeSwap")->click();
        QVERIFY(
            rig.waitFor([&] { return rig.state().agreementSheet->second->displayId == first; }));
        QVERIFY(std::abs(rig.state().agreementSheet->agreement->deltaE00.mean - side) < 0.1);
        choose(part<QComboBox>(rig, "agreeViewing"), 1);
        QVERIFY(rig.waitFor(
            [&] { return rig.state().agreementSheet->question.viewing == Viewing::EachAlone; }));
        choose(part<QComboBox>(rig, "agreeColours"), 1);
        QVERIFY(
            rig.waitFor([&] { return part<QTableWidget>(rig, "agreedTable")->rowCount() == 24; }));
        // Two runs of one display: a year of ageing lies between them.
        AgreementQuestion runs = rig.state().agreementQuestion;
        runs.viewing = Viewing::SideBySide;
        runs.first = QStringLiteral("run:1");
        runs.second = QStringLiteral("run:13");
        rig.session->chooseAgreement(runs);
        QVERIFY(rig.waitFor([&] { return rig.state().agreementSheet->question == runs; }));
        QVERIFY(rig.state().agreementSheet->agreement->luminanceRatio < 0.99);
    }

    /// A program of another kind, from the readings that are exported.
    void anIndependentProgramSaysTheSame()
    {
        const QString history = freshHistory();
        WindowRig rig(0, history);
        QVERIFY(showAgreement(rig));
        QProcess python;
        python.setProcessChannelMode(QProcess::MergedChannels);
        python.start(QStringLiteral("python3"),
                     {QStringLiteral(LANTERN_RECOMPUTE), QStringLiteral(LANTERN_CLI), history,
                      QString::number(rig.state().agreementSheet->first->run),
                      QString::number(rig.state().agreementSheet->second->run)});
        QVERIFY(python.waitForFinished(60'000));
        QVERIFY2(python.exitStatus() == QProcess::NormalExit && python.exitCode() == 0,
                 python.readAll().constData());
    }

    /// The same picture on both, and where they disagree; the map agrees with what is foretold.
    void picturesShowWhereTheyDisagree()
    {
        WindowRig rig(0, freshHistory());
        QVERIFY(showAgreement(rig));
        const qint64 first = rig.state().agreementSheet->first->run;
        const qint64 second = rig.state().agreementSheet->second->run;
        part<QPushButton>(rig, "agreePictures")->click();
        QVERIFY(rig.waitFor([&] {
            return rig.state().openedRun == second && rig.state().loadedRuns.contains(first);
        }));
        QVERIFY(rig.window->findChild<CompareView *>()->isVisible());
        const CompareModel m = compareModel(rig.state(), first, true);
        QVERIFY(m.sources.betweenDisplays);
        const Renditions r = renditionsOf(m.sources, {});
        QVERIFY2(r.problem.isEmpty() && r.first && r.second, qPrintable(r.problem));
        // A picture of greys and one of full red: the laptop-like narrow gamut must show.
        QImage picture(64, 8, QImage::Format_RGB32);
        for (int x = 0; x < 64; ++x)
            for (int y = 0; y < 8; ++y)
                picture.setPixel(x, y, y < 4 ? qRgb(4 * x, 4 * x, 4 * x) : qRgb(0, 255, 0));
        const Frame f = frameOf(pyramidOf(picture), {QRectF(0, 0, 64, 8), QSize(64, 8)}, r, 10);
        const auto deltaAt = [&](int x, int y) { return qGray(f.difference.pixel(x, y)) / 25.5; };
        const AgreementSheet &s = *rig.state().agreementSheet;
        const auto grey = std::ranges::min_element(s.greys, {}, [](const AgreedColour &c) {
            return std::abs(c.asked.lab.L - 53.6); // of code 128
        });
        const double foretold = deltaE2000(grey->first, grey->second);
        QVERIFY2(std::abs(deltaAt(32, 1) - foretold) < 0.6,
                 qPrintable(QStringLiteral("%1 %2").arg(deltaAt(32, 1)).arg(foretold)));
        QVERIFY(f.meanDelta > 0 && f.worstDelta >= f.meanDelta);
    }
};

static const Register<YearsWindowTest> registered("YearsWindowTest");

} // namespace lantern::test

#include "years_window_test.moc"
