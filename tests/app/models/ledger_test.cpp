#include "app/models/states.h"
#include "app/state/ledger_rows.h"
#include "app/state/wording.h"
#include "app/views/white/white_model.h"
#include "runner.h"

using namespace lantern;
using namespace lantern::app;
using lantern::run::Activity;
using lantern::run::Stage;

namespace {

SessionState emptyState()
{
    SessionState s;
    s.displays = {DisplayCard{}};
    s.aim = aimPresets().front();
    s.ready = {{.key = "one", .title = "one", .reason = "why"},
               {.key = "two", .title = "two", .reason = "why", .automatic = true, .done = true}};
    return s;
}

SessionState withRun(Activity activity, Stage stage)
{
    SessionState s = emptyState();
    s.readyConfirmed = true;
    s.status.run = 1;
    s.status.activity = activity;
    s.status.stage = stage;
    s.results.setup.aim = s.aim;
    return s;
}

const LedgerRow &row(const std::vector<LedgerRow> &rows, const char *name)
{
    for (const LedgerRow &r : rows)
        if (r.property == QLatin1String(name))
            return r;
    static const LedgerRow none;
    return none;
}

} // namespace

class LedgerTest : public QObject {
    Q_OBJECT
private slots:
    /// A meter's scatter near nothing is no colour, and never a negative light.
    void darkReadingsHaveNoColour()
    {
        QCOMPARE(readingText({95.047, 100, 108.883}),
                 QStringLiteral("x %1  y %2  %3 cd/m²")
                     .arg(figure(0.3127, 4), figure(0.3290, 4), figure(100, 2)));
        for (const XYZ &dark : {XYZ{0.003, -0.002, 0.001}, XYZ{0, 0, 0}, XYZ{0.01, 0.009, 0.02}}) {
            const QString text = readingText(dark);
            QVERIFY2(text.contains(u"too dark to tell"), qPrintable(text));
            QVERIFY2(!text.contains(u'-') && !text.contains(u"x "), qPrintable(text));
        }
    }

    void unmeasuredIsADashNeverAZero()
    {
        for (const LedgerRow &r : ledgerRows(emptyState())) {
            if (r.property == QLatin1String("Ready"))
                continue;
            QCOMPARE(r.now, QStringLiteral("—"));
            QCOMPARE(r.before, QStringLiteral("—"));
            QCOMPARE(r.mark, Mark::NotMeasured);
        }
        QCOMPARE(figure(std::nullopt, 2), QStringLiteral("—"));
        QCOMPARE(figure(std::nan(""), 2), QStringLiteral("—"));
    }

    void figuresAreRounded()
    {
        QCOMPARE(figure(6503.6, 0), QStringLiteral("6504"));
        QCOMPARE(figure(0.1234, 3), QStringLiteral("0.123"));
    }

    void whiteIsJudgedByItsDistance_data()
    {
        QTest::addColumn<double>("deltaUv");
        QTest::addColumn<int>("mark");
        QTest::newRow("not visible") << 0.0009 << int(Mark::Within);
        QTest::newRow("at the limit of Studio") << 0.003 << int(Mark::Within);
        QTest::newRow("just over") << 0.0031 << int(Mark::Over);
    }
    void whiteIsJudgedByItsDistance()
    {
        QFETCH(double, deltaUv);
        QFETCH(int, mark);
        SessionState s = withRun(Activity::Waiting, Stage::Build);
        DisplayState d;
        d.white = XYZ{110, 119, 130};
        d.cct = Cct{6600, 0.003};
        d.deltaUv = deltaUv;
        s.results.after = d;
        const auto rows = ledgerRows(s);
        QCOMPARE(int(row(rows, "White point").mark), mark);
        QCOMPARE(row(rows, "White point").now, QStringLiteral("6600"));
        QCOMPARE(row(rows, "Luminance").mark, Mark::Within);
        QCOMPARE(row(rows, "Luminance").now, QStringLiteral("119.0"));
    }

    /// Read is not within: black has a limit of its own, and without one nothing is claimed.
    void blackIsHeldAgainstTheContrastAskedFor()
    {
        SessionState s = withRun(Activity::Waiting, Stage::Build);
        DisplayState d;
        d.white = XYZ{110, 120, 130};
        d.black = XYZ{0.9, 1, 1.1};
        d.contrast = 120;
        s.results.after = d;
        QCOMPARE(row(ledgerRows(s), "Black").mark, Mark::Over); // Studio wants 200:1
        d.contrast = 900;
        s.results.after = d;
        QCOMPARE(row(ledgerRows(s), "Black").mark, Mark::Within);
        s.results.setup.tolerance = "viewing"; // asks for none
        QCOMPARE(row(ledgerRows(s), "Black").mark, Mark::NotJudged);
    }

    /// After the validation its verdict decides, uncertainty and all.
    void theVerdictDecidesTheMarks()
    {
        SessionState s = withRun(Activity::Finished, Stage::Done);
        Validation v;
        v.deltaE00.mean = 0.98;
        v.verdict.figures = {judgeFigure(Figure::ColourMean, {0.98, 0.98, {0.02, 0, 0, 0}}, 1),
                             judgeFigure(Figure::White, 0.01, 0.003)};
        s.results.validation = v;
        QCOMPARE(row(ledgerRows(s), "Colour accuracy").mark, Mark::Open);
        QCOMPARE(row(ledgerRows(s), "White point").mark, Mark::Over);
    }

    void nativeAimsAreNotJudgedAgainstNumbers()
    {
        SessionState s = emptyState();
        s.aim = {
            .name = "as is", .white = NativeWhite{}, .luminanceCdM2 = {}, .tone = NativeTone{}};
        const auto rows = ledgerRows(s);
        QCOMPARE(row(rows, "White point").aim, QStringLiteral("native"));
        QCOMPARE(row(rows, "Luminance").aim, QStringLiteral("native"));
        QCOMPARE(row(rows, "Tone curve").aim, QStringLiteral("native"));
    }

    void profileInUseIsJudgedByReadingBack()
    {
        SessionState s = withRun(Activity::Waiting, Stage::Validate);
        s.results.installedPath = QStringLiteral("/x.icc");
        s.inUse = {true, true, true, QStringLiteral("yes"), {}};
        QCOMPARE(ledgerRows(s).back().mark, Mark::Within);
        s.inUse.lutMatches = false;
        QCOMPARE(ledgerRows(s).back().mark, Mark::Over);
        s.inUse.checked = false;
        QCOMPARE(ledgerRows(s).back().mark, Mark::NotMeasured);
    }

    void theMainActionNamesTheNextStep_data()
    {
        QTest::addColumn<int>("activity");
        QTest::addColumn<int>("stage");
        QTest::addColumn<int>("intent");
        QTest::addColumn<QString>("text");
        auto add = [](const char *name, Activity a, Stage s, NextStep i, const char *text) {
            QTest::newRow(name) << int(a) << int(s) << int(i) << QString::fromUtf8(text);
        };
        add("before reading", Activity::Waiting, Stage::Ready, NextStep::Proceed,
            "Read the display as it is");
        add("before adjusting", Activity::Waiting, Stage::Adjust, NextStep::Proceed,
            "Adjust white");
        add("before calibrating", Activity::Waiting, Stage::Calibrate, NextStep::Proceed,
            "Calibrate tone and grey");
        add("before the chart", Activity::Waiting, Stage::Measure, NextStep::Proceed,
            "Measure 96 patches");
        add("before building", Activity::Waiting, Stage::Build, NextStep::Proceed,
            "Build the profile");
        add("before installing", Activity::Waiting, Stage::Install, NextStep::Proceed,
            "Install the profile");
        add("before validating", Activity::Waiting, Stage::Validate, NextStep::Proceed, "Validate");
        add("measuring", Activity::Working, Stage::Measure, NextStep::None, "Measuring");
        add("paused", Activity::Paused, Stage::Measure, NextStep::Resume, "Go on");
        add("fault", Activity::Faulted, Stage::Measure, NextStep::Resume, "Go on");
        add("blocked", Activity::Blocked, Stage::Calibrate, NextStep::ChooseAim,
            "Choose another aim");
        add("finished", Activity::Finished, Stage::Done, NextStep::SaveReport, "Save the report");
    }
    void theMainActionNamesTheNextStep()
    {
        QFETCH(int, activity);
        QFETCH(int, stage);
        QFETCH(int, intent);
        QFETCH(QString, text);
        const MainAction a =
            mainAction(withRun(static_cast<Activity>(activity), static_cast<Stage>(stage)));
        QCOMPARE(int(a.step), intent);
        QCOMPARE(a.text, text);
    }

    /// By hand: what is still off, and going on as the second choice; the other way round when all
    /// is right or nothing can be done about it.
    void byHandTheMainActionSaysWhatIsOff()
    {
        SessionState s = withRun(Activity::Working, Stage::Adjust);
        s.results.setup.adjust = run::AdjustMode::ByHand;
        MainAction a = mainAction(s);
        QCOMPARE(a.step, NextStep::None);
        QCOMPARE(a.otherStep, NextStep::Proceed);
        HandAdvice advice;
        advice.deltaUv = 0.01;
        advice.luminanceIsRight = true;
        advice.turn = HandAdvice::Turn{Control::RedGain, 1.3, {}, true};
        s.results.handAdvice = advice;
        a = mainAction(s);
        QCOMPARE(a.text, QStringLiteral("Still too little red"));
        QCOMPARE(a.step, NextStep::None);
        QCOMPARE(a.other, QStringLiteral("Go on with white as it is"));
        QCOMPARE(a.otherStep, NextStep::Proceed);
        s.results.handAdvice->turn = HandAdvice::Turn{Control::BlueGain, 0.8, {}, false};
        QCOMPARE(mainAction(s).text, QStringLiteral("Still too much blue"));
        s.results.handAdvice->whiteIsRight = true;
        s.results.handAdvice->luminanceIsRight = false;
        s.results.handAdvice->luminanceError = -0.123;
        s.results.handAdvice->turn = HandAdvice::Turn{Control::Brightness, 1.14, {}, false};
        QCOMPARE(mainAction(s).text, QStringLiteral("Still 12 % too dark"));
        s.results.handAdvice->turn.reset(); // at its end
        a = mainAction(s);
        QCOMPARE(a.text, QStringLiteral("Go on, 12 % too dark"));
        QCOMPARE(a.step, NextStep::Proceed);
        QVERIFY(a.other.isEmpty());
        s.results.handAdvice->luminanceIsRight = true;
        a = mainAction(s);
        QCOMPARE(a.text, QStringLiteral("White is right: go on"));
        QCOMPARE(a.step, NextStep::Proceed);
        QVERIFY(a.other.isEmpty());
    }

    /// After a run there is a way on: the report, then the next display that needs one.
    void afterARunThereIsAWayOn()
    {
        SessionState s = withRun(Activity::Finished, Stage::Done);
        s.displays.resize(1);
        MainAction a = mainAction(s);
        QCOMPARE(a.step, NextStep::SaveReport);
        QVERIFY(a.other.isEmpty());
        s.reportFolder = QStringLiteral("/somewhere");
        a = mainAction(s);
        QCOMPARE(a.step, NextStep::OpenReport);
        DisplayCard other;
        other.name = QStringLiteral("Wall");
        other.mark = Mark::Within;
        s.displays.push_back(other);
        QCOMPARE(mainAction(s).step, NextStep::OpenReport); // that one is in order
        s.displays.back().mark = Mark::Stale;
        a = mainAction(s);
        QCOMPARE(a.step, NextStep::NextDisplay);
        QCOMPARE(a.text, QStringLiteral("Go to Wall"));
        QCOMPARE(a.otherStep, NextStep::OpenReport);
        s.reportFolder.clear();
        a = mainAction(s);
        QCOMPARE(a.step, NextStep::SaveReport);
        QCOMPARE(a.otherStep, NextStep::NextDisplay);
    }

    /// In a match the meter goes on to the next display that is to be alike, and to no other.
    void inAMatchTheMeterIsCarriedOn()
    {
        SessionState s = withRun(Activity::Finished, Stage::Done);
        s.displays.resize(1);
        s.displays[0].id = QStringLiteral("here");
        for (const char *id : {"wall", "booth"}) {
            DisplayCard card;
            card.id = card.name = QLatin1String(id);
            s.displays.push_back(card);
        }
        s.results.setup.displayId = "here";
        s.results.setup.startedAt = "2026-03-01T10:00:00Z";
        s.match.displays = QStringList{QStringLiteral("here"), QStringLiteral("booth")};
        s.match.begunAt =
            QDateTime::fromString(QStringLiteral("2026-03-01T09:59:00Z"), Qt::ISODate);
        MainAction a = mainAction(s);
        QCOMPARE(a.step, NextStep::CarryMeter);
        QCOMPARE(a.text, QStringLiteral("Carry the meter to booth"));
        QCOMPARE(a.hint, QStringLiteral("1 of 2 that are to be alike."));
        QCOMPARE(a.otherStep, NextStep::SaveReport);
        QCOMPARE(nextMatched(s), 2);
        // A run from before the match does not count; one since then does.
        s.pastRuns = {{7, QStringLiteral("booth"), {}, s.match.begunAt.addSecs(-1)}};
        QCOMPARE(mainAction(s).step, NextStep::CarryMeter);
        s.pastRuns.front().startedAt = s.match.begunAt;
        a = mainAction(s);
        QCOMPARE(a.step, NextStep::ShowMatch);
        QCOMPARE(nextMatched(s), -1);
        s.match.begunAt = {}; // given up
        QCOMPARE(mainAction(s).step, NextStep::SaveReport);
    }

    /// A check that holds asks for nothing.
    void aCheckThatHoldsAsksForNothing()
    {
        SessionState s = emptyState();
        s.displays.resize(1);
        s.lastTime = lantern::test::keptRun();
        s.view = ViewId::Check;
        s.check = CheckFirst{};
        s.check->verdict = CheckFirst::Verdict::Holds;
        MainAction a = mainAction(s);
        QCOMPARE(a.step, NextStep::None);
        QCOMPARE(a.text, QStringLiteral("It holds"));
        QCOMPARE(a.otherStep, NextStep::CheckFirst);
        s.check->verdict = CheckFirst::Verdict::Redo;
        QCOMPARE(mainAction(s).step, NextStep::SameAgain);
    }

    /// The aim is called by what was chosen: daylight of 6500 K has 6502 K.
    void theAimedTemperatureIsTheOneChosen()
    {
        Aim aim;
        QCOMPARE(aimedKelvin(aim), std::optional(6500.0));
        aim.white = BlackbodyWhite{5000};
        QCOMPARE(aimedKelvin(aim), std::optional(5000.0));
        aim.white = NativeWhite{};
        QVERIFY(!aimedKelvin(aim));
        aim.white = Chromaticity{0.3127, 0.3290};
        VERIFY_NEAR(*aimedKelvin(aim), 6503, 3); // CIE 15:2018, table T.1
        SessionState s = emptyState();
        QCOMPARE(ledgerRows(s)[1].aim, QStringLiteral("6500"));
    }

    void beforeARunTheMainActionLeadsThroughReadyAndAim()
    {
        SessionState s = emptyState();
        QCOMPARE(mainAction(s).text, QStringLiteral("Go on with 1 point open"));
        s.ready[0].done = true;
        QCOMPARE(mainAction(s).text, QStringLiteral("Ready: choose the aim"));
        s.view = ViewId::Tone;
        QCOMPARE(mainAction(s).step, NextStep::ShowReady);
        s.readyConfirmed = true;
        QCOMPARE(mainAction(s).step, NextStep::ChooseAim);
        s.view = ViewId::Aim;
        QCOMPARE(mainAction(s).step, NextStep::BeginRun);
        s.readyConfirmed = false;
        s.unfinishedRun = 4;
        QCOMPARE(mainAction(s).step, NextStep::ResumeOldRun);
        s.preparing = true;
        QCOMPARE(mainAction(s).step, NextStep::None);
    }

    void adviceIsInTheMonitorsUnits()
    {
        QCOMPARE(stepsText(100, 97), QStringLiteral("down about 3"));
        QCOMPARE(stepsText(50, 52), QStringLiteral("up about 2"));
        QCOMPARE(stepsText(50, 50), QStringLiteral("leave"));
        QCOMPARE(lightText(0.62), QStringLiteral("down, 38 % less light"));
        QCOMPARE(lightText(1.004), QStringLiteral("up, 1 % more light")); // there is no half turn
    }

    void timeLeftIsInWords()
    {
        QCOMPARE(timeLeftText(0), QString());
        QCOMPARE(timeLeftText(12.3), QStringLiteral("about 13 s left"));
        QCOMPARE(timeLeftText(360), QStringLiteral("about 6 min left"));
    }

    void everyMarkHasAWord()
    {
        for (const Mark m : {Mark::NotMeasured, Mark::NotJudged, Mark::Within, Mark::Open,
                             Mark::Over, Mark::Stale, Mark::ByEye})
            QVERIFY(!markWord(m).isEmpty());
    }
};

namespace {
const lantern::test::Register<LedgerTest> registered("LedgerTest");
}

#include "ledger_test.moc"
