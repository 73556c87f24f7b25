#include "app/models/states.h"
#include "app/session/gamut_part.h"
#include "app/state/stage_words.h"
#include "app/state/wording.h"
#include "app/views/accuracy/accuracy_model.h"
#include "app/views/accuracy/proof_model.h"
#include "app/views/accuracy/verdict_words.h"
#include "app/views/check/check_model.h"
#include "app/views/gamut/gamut_model.h"
#include "app/views/profile/profile_model.h"
#include "app/views/ready/ready_model.h"
#include "app/views/tone/tone_model.h"
#include "app/views/white/white_model.h"
#include "core/plan/chart.h"

namespace lantern::test {

using namespace app;
using run::Activity;
using run::Stage;

/// What the views show of a run, as pure functions of the state. There is no window.
class ViewModelsTest : public QObject {
    Q_OBJECT
    static const Curve *named(const std::vector<Curve> &curves, const char *name)
    {
        for (const Curve &c : curves)
            if (c.name == QLatin1String(name))
                return &c;
        return nullptr;
    }

private slots:
    // --- tone

    void theAimedCurveIsDrawn()
    {
        SessionState s = emptyState();
        s.aim.tone = GammaTone{2.2};
        const ToneModel m = toneModel(s);
        QCOMPARE(m.tone.size(), size_t(1));
        // L* of 0.5^2.2 by CIE 15:2018, (8.1): 116 (0.21764)^(1/3) - 16.
        VERIFY_NEAR(m.tone[0].y[50], 53.77, 0.02);
        VERIFY_NEAR(m.tone[0].y[100], 100, 1e-9);
        QVERIFY(m.explanation.contains(QLatin1String("Nothing measured yet")));
        s.aim.tone = NativeTone{};
        QVERIFY(toneModel(s).tone.empty());
    }

    void greysAreShownBeforeAndNow()
    {
        const ToneModel m = toneModel(finishedRun());
        const Curve *now = named(m.tone, "now");
        const Curve *before = named(m.tone, "before");
        QVERIFY(now && before);
        VERIFY_NEAR(now->y.back(), 100, 1e-9);
        QVERIFY(before->y.size() == qsizetype(keptRun().before->greys.size()));
        const Curve *a = named(m.grey, "now, a*");
        QVERIFY(a);
        VERIFY_NEAR(a->y.back(), 0, 1e-9); // white is its own reference
        for (const Curve &c : m.grey)
            for (const double y : c.y)
                QVERIFY(std::abs(y) <= m.greyReach);
        QCOMPARE(m.lut.size(), size_t(3));
        QVERIFY(m.explanation.contains(figure(keptRun().calibration->meanDeltaE00, 2)));
        QVERIFY(named(toneModel(earlierRun()).tone, "after that run"));
    }

    /// While greys are read again only the present round is drawn.
    void onlyThePresentRoundOfGreysIsDrawn()
    {
        SessionState s = measuring(Stage::Calibrate);
        const auto grey = [](double code, double y) {
            return Reading{{code, code, code}, {0.95 * y, y, 1.09 * y}};
        };
        s.liveReadings = {
            grey(255, 120), grey(128, 40), grey(255, 118), grey(64, 9), {{255, 0, 0}, {40, 20, 2}}};
        const Curve *now = named(toneModel(s).tone, "now");
        QVERIFY(now);
        QCOMPARE(now->x.size(), 2);
        VERIFY_NEAR(now->x[0], 100 * 64 / 255.0, 1e-9);
    }

    // --- gamut

    void theGamutIsATriangle()
    {
        const Curve t = triangleOf(kSrgbPrimaries, {});
        QCOMPARE(t.x.size(), 4);
        VERIFY_NEAR(t.x[0], 0.4507, 1e-4); // u'v' of sRGB's red, IEC 61966-2-1 by CIE 15
        VERIFY_NEAR(t.y[0], 0.5229, 1e-4);
        QCOMPARE(t.x[0], t.x[3]);
        QVERIFY(!named(gamutModel(emptyState()).uv, "this display"));
        const GamutModel m = gamutModel(earlierRun());
        QVERIFY(named(m.uv, "this display") && named(m.xy, "this display"));
        QVERIFY(m.explanation.isEmpty() && !m.solid);
    }

    void gamutsAreComparedInNumbers()
    {
        GamutPart part;
        SessionState s = earlierRun();
        part.choose({QStringLiteral("space:Rec. 2020"), QStringLiteral("run:7")});
        const auto settle = [&](const LoadedRuns &runs) {
            part.look(keptRun().profile, runs);
            QVERIFY(waitUntil([&] { return !part.state().measuringGamut; }));
            static_cast<GamutState &>(s) = part.state();
        };
        QSignalSpy wanted(&part, &GamutPart::runWanted);
        settle({});
        GamutModel m = gamutModel(s);
        QVERIFY(m.solid);
        QCOMPARE(m.rows.size(), namedSpaces().size());
        QCOMPARE(m.others.size(), size_t(1)); // the run is not there yet
        // What Little CMS and the core say of the profile by itself.
        const ProfileFile profile({keptRun().profile.begin(), keptRun().profile.end()}, "kept");
        const GamutBoundary srgb = gamutOf(namedSpaces()[0]);
        const double covered = GamutBoundary::commonVolume(profile.gamut(), srgb) / srgb.volume();
        QCOMPARE(m.rows[0].covered, figure(100 * covered, 1));
        QCOMPARE(m.rows[0].volume, figure(srgb.volume() / 1000, 0));
        // The run comes: it is the same display, so that both hold each other.
        part.choose({QStringLiteral("space:Rec. 2020"), QStringLiteral("run:7")});
        QCOMPARE(wanted.size(), 1);
        settle({{7, std::make_shared<const run::RunResults>(keptRun())}});
        m = gamutModel(s);
        QCOMPARE(m.others.size(), size_t(2));
        QCOMPARE(m.rows.back().covered, figure(100.0, 1));
        QCOMPARE(m.rows.back().within, figure(100.0, 1));
        // Sections: wider in Rec. 2020; nothing at the ends.
        const auto widest = [](const Curve &c) {
            return *std::max_element(c.x.begin(), c.x.end());
        };
        const auto greenest = [](const Curve &c) {
            return *std::min_element(c.x.begin(), c.x.end());
        };
        const auto section = sectionOf(m, 80, {});
        QVERIFY(greenest(section[0]) < greenest(section.back()));
        QVERIFY(widest(sectionOf(m, 99.5, {}).back()) < 10);
        // Colours of the chart are the display's own; a picture's strongest green is not.
        const auto chart = pointsOf(s, GamutPoints::Chart);
        QCOMPARE(chart.size(), keptRun().chart.size());
        for (const Lab &lab : {Lab{50, 0, 0}, {100, 0.3, 0}, {0, 0, 0}, {100.4, 0, 0}})
            QVERIFY(holds(*m.solid, lab)); // the ends too, and what scatters about them
        for (const Lab &lab : {Lab{50, 200, 0}, {104, 0, 0}, {-3, 0, 0}, {97, 60, 0}})
            QVERIFY(!holds(*m.solid, lab));
        QVERIFY(heldInWords(m, {{50, 0, 0}, {87, -300, 83}}).startsWith(QLatin1String("1 of 2")));
        QImage picture(100, 100, QImage::Format_RGB32);
        picture.fill(Qt::red);
        const auto points = pointsOf(picture);
        QVERIFY(points.size() >= 1000 && points.size() <= 2000);
        VERIFY_NEAR(points[0].L, 54.29, 0.05); // sRGB red, as Little CMS has it
        // A file that is none is told, and the rest stands.
        QSignalSpy failed(&part, &GamutPart::failed);
        part.choose({QStringLiteral("icc:/nowhere.icc"), QString()});
        settle({});
        QCOMPARE(failed.size(), 1);
        QVERIFY(gamutModel(s).solid && gamutModel(s).others.empty());
    }

    // --- profile

    void aProfileIsDescribed()
    {
        QVERIFY(!profileModel(emptyState()).facts);
        const auto f = profileModel(finishedRun()).facts;
        QVERIFY(f && f->nameFixed);
        QVERIFY(f->madeFrom.contains(QString::number(keptRun().chart.size())));
        QCOMPARE(f->declared, dash()); // not read back yet
        SessionState s = finishedRun();
        s.inUse = {true, true, false, QStringLiteral("yes"), QStringLiteral("the bench")};
        const auto judged = profileModel(s).facts;
        QVERIFY(judged->declared.startsWith(QStringLiteral("●")));
        QVERIFY(judged->lut.startsWith(QStringLiteral("⊘")));
        SessionState early = measuring(Stage::Ready);
        QVERIFY(!profileModel(early).facts->nameFixed);
        QVERIFY(profileModel(early).facts->madeFrom.contains(QLatin1String("not read yet")));
    }

    // --- check first

    void aCheckIsToldWithItsFigures()
    {
        QVERIFY(checkModel(emptyState()).empty.contains(QLatin1String("Once a run")));
        SessionState s = earlierRun();
        QVERIFY(checkModel(s).empty.contains(QLatin1String("Not checked")));
        CheckFirst c;
        c.verdict = CheckFirst::Verdict::Drifting;
        c.meanDeltaE00 = 1.42;
        c.luminanceRatio = 0.9;
        c.blackRatio = 2;
        c.closeCall = true;
        c.figures.tolerance.colourMean = 1;
        c.patches = {{{255, 0, 0}, {}, {}, {}, 0.5}, {{0, 255, 0}, {}, {}, {}, 2.5}};
        s.check = c;
        const CheckModel m = checkModel(s);
        QCOMPARE(m.empty, QString());
        QCOMPARE(m.verdict, QStringLiteral("Drifting"));
        QVERIFY(m.words.contains(QLatin1String("1.42")) &&
                m.words.contains(QLatin1String("so near a limit")));
        QCOMPARE(m.rows[1].now, figure(0.9 * keptRun().after->white->Y, 1));
        QCOMPARE(m.rows[2].now, figure(2 * keptRun().after->black->Y, 3));
        QCOMPARE(m.bars.front().deltaE00, 2.5);
        QCOMPARE(*m.holdsUpTo, 1.0);
        QCOMPARE(*m.driftsUpTo, kDriftsUpTo);
        s.status.stage = Stage::Check;
        s.status.activity = Activity::Working;
        s.results.setup.kind = run::RunKind::Check;
        QVERIFY(checkModel(s).empty.contains(QLatin1String("being read")));
    }

    // --- ready

    void theChecklistOffersErrandsWhenTheMeterIsFree()
    {
        SessionState s = emptyState();
        s.ready = readyPoints({}, {}, {}, {});
        ReadyModel m = readyModel(s);
        QCOMPARE(m.lines.size(), s.ready.size());
        QVERIFY(m.free && !m.checkPossible);
        const auto watch = std::find_if(m.lines.begin(), m.lines.end(), [](const auto &l) {
            return l.errand == ReadyErrand::WatchWarmUp;
        });
        QVERIFY(watch != m.lines.end() && !watch->errandText.isEmpty());
        s.lastTime = keptRun();
        QVERIFY(readyModel(s).checkPossible);
        s.status.activity = Activity::Working;
        m = readyModel(s);
        QVERIFY(!m.free && !m.checkPossible && !m.technologyFree);
    }

    // --- white

    /// Each arrow shows where its own channel takes the white, by the factor advised for it.
    void arrowsPointWhereTheirChannelLeads()
    {
        SessionState s = measuring(Stage::Adjust);
        s.results.setup.adjust = run::AdjustMode::ByHand;
        const XYZ white = *keptRun().before->white;
        s.results.whites = {{{}, white}};
        Advice advice;
        advice.wanted = Vec3(0.8, 1.0, 0.9); // less red, a little less blue
        s.results.controls = MonitorControls{};
        advice.controls = {90, 100, 90, 100, 95};
        s.results.advice = advice;
        const WhiteModel m = whiteModel(s);
        QCOMPARE(m.dial.arrows.size(), size_t(2));
        QCOMPARE(m.dial.arrows[0].label, QStringLiteral("red"));
        QCOMPARE(m.dial.arrows[1].label, QStringLiteral("blue"));
        const PrimarySet &own = *keptRun().before->primaries;
        const UvPrime here = uvPrime(white);
        // Less of a primary leads straight away from it.
        for (const auto &[arrow, channel] : {std::pair{0, 0}, std::pair{1, 2}}) {
            const UvPrime primary = uvPrime(own[static_cast<size_t>(channel)]);
            const UvPrime to = m.dial.arrows[static_cast<size_t>(arrow)].to;
            const double cross =
                (to.u - here.u) * (primary.v - here.v) - (to.v - here.v) * (primary.u - here.u);
            const double along =
                (to.u - here.u) * (primary.u - here.u) + (to.v - here.v) * (primary.v - here.v);
            VERIFY_NEAR(cross, 0, 1e-9);
            QVERIFY(along < 0);
        }
        // The greater change has the longer arrow.
        QVERIFY(deltaUvPrime(m.dial.arrows[0].to, here) > 0.01);
        // By hand one at a time.
        s.results.handAdvice = HandAdvice{};
        s.results.handAdvice->turn = HandAdvice::Turn{Control::BlueGain, 0.9, {}, false};
        const WhiteModel byHand = whiteModel(s);
        QCOMPARE(byHand.dial.arrows.size(), size_t(1));
        QCOMPARE(byHand.dial.arrows[0].label, QStringLiteral("blue"));
        QCOMPARE(byHand.dial.arrows[0].to, m.dial.arrows[1].to);
    }

    void controlsSayWhatToTurn()
    {
        SessionState s = measuring(Stage::Adjust);
        s.results.setup.adjust = run::AdjustMode::ByHand;
        s.results.whites = {{{}, *keptRun().before->white}};
        s.results.controls = MonitorControls{};
        s.results.controls->redGain = 90;
        HandAdvice advice;
        advice.turn = HandAdvice::Turn{Control::RedGain, 0.8, 81, false};
        s.results.handAdvice = advice;
        WhiteModel m = whiteModel(s);
        QVERIFY(m.showsControls && m.typedIn && m.maySkip && m.readFromAfar);
        QCOMPARE(m.controls[0].advice, QString()); // one at a time
        QCOMPARE(m.controls[1].advice, QStringLiteral("down about 9"));
        QCOMPARE(*m.controls[1].value, 90);
        QVERIFY(!m.noteWarns);
        s.results.handAdvice->turn = HandAdvice::Turn{Control::RedGain, 2.27, {}, true};
        s.results.handAdvice->doubt = HandAdvice::Doubt{Control::RedGain, 0.44, false};
        m = whiteModel(s);
        QCOMPARE(m.controls[1].advice, QStringLiteral("back up, 127 % more light"));
        QVERIFY(m.noteWarns);
        QVERIFY(m.note.contains(QLatin1String("Red gain")) &&
                m.note.contains(QLatin1String("56 %")));
        s.results.handAdvice->turn.reset();
        s.results.handAdvice->doubt.reset();
        m = whiteModel(s);
        QCOMPARE(m.controls[1].advice, QStringLiteral("leave"));
        QVERIFY(m.switchText.isEmpty());
        s.displays[0].can.remoteControls = true;
        s.displays[0].can.gains = false;
        m = whiteModel(s);
        QVERIFY(!m.typedIn && !m.maySkip && !m.controls[1].exists && m.controls[4].exists);
        QCOMPARE(m.switchTo, run::AdjustMode::Automatic);
        s.results.setup.adjust = run::AdjustMode::Skip;
        m = whiteModel(s);
        QVERIFY(!m.showsControls && m.note.contains(QLatin1String("video LUT brings white")));
        s.results.setup.loadsLut = false;
        QVERIFY(whiteModel(s).note.contains(QLatin1String("stays its own")));
    }

    void theDialShowsTheNewestWhite()
    {
        QVERIFY(whiteModel(emptyState()).dial.trail.empty());
        QCOMPARE(whiteModel(emptyState()).kelvin, dash());
        const WhiteModel m = whiteModel(earlierRun());
        QVERIFY(m.dial.aim.has_value());
        const XYZ now = *presentState(keptRun()).white;
        VERIFY_NEAR(deltaUvPrime(m.dial.trail.back(), uvPrime(now)), 0, 1e-12);
        QVERIFY(m.kelvin.endsWith(QLatin1String(" K")));
        QVERIFY(!m.readFromAfar && !m.showsControls && m.note.isEmpty());
    }

    // --- accuracy

    void aValidationIsShownInEitherOrder()
    {
        const AccuracyModel chart = accuracyModel(earlierRun(), false);
        const AccuracyModel worst = accuracyModel(earlierRun(), true);
        const size_t count = keptRun().validation->patches.size();
        QCOMPARE(chart.fields.size(), count);
        QCOMPARE(chart.validation->table.size(), count);
        QCOMPARE(chart.fields[0].name.toStdString(),
                 keptRun().validation->patches[0].aimed.reference.name);
        for (size_t i = 1; i < count; ++i)
            QVERIFY(worst.fields[i - 1].deltaE >= worst.fields[i].deltaE);
        QCOMPARE(chart.validation->mean, figure(keptRun().validation->meanDeltaE00, 2));
        // The curve ends with all colours.
        const Curve &share = chart.validation->share.back();
        QCOMPARE(share.y.back(), 100.0);
        QVERIFY(std::is_sorted(share.x.begin(), share.x.end()));
        QVERIFY(!chart.live && !chart.empty);
    }

    void aProofApartFromTheRunIsShownWithItsDate()
    {
        SessionState s = earlierRun();
        s.lastProof = keptRun();
        s.lastProof->setup.kind = run::RunKind::Validation;
        s.lastProof->setup.startedAt = "2026-05-04T10:00:00Z";
        s.lastProof->validation->against = "sRGB";
        s.lastProof->validation->isAbsolute = true;
        AccuracyModel m = accuracyModel(s, false);
        QVERIFY(m.date.contains(QLatin1String("2026")) || m.date.contains(QLatin1String("26")));
        QVERIFY(m.explanation.contains(QLatin1String("held against sRGB")));
        QVERIFY(m.explanation.contains(QLatin1String("aimed white")));
        // By another formula all figures follow.
        QCOMPARE(m.validation->difference, QStringLiteral("ΔE00"));
        s.lastProof->validation->verdict.tolerance.formula = DifferenceFormula::De76;
        m = accuracyModel(s, true);
        QCOMPARE(m.validation->difference, QStringLiteral("ΔE76"));
        double worst = 0;
        for (const ValidatedPatch &p : keptRun().validation->patches)
            worst = std::max(worst, p.deltaE76);
        QCOMPARE(m.fields.front().deltaE, worst);
        QCOMPARE(m.validation->table.front().order[4], worst);
        // A run that begins has the view to itself.
        s.status.run = 9;
        s.status.activity = run::Activity::Waiting;
        QVERIFY(accuracyModel(s, false).empty);
    }

    void rosesLeadFromAimToReading()
    {
        const AccuracyModel m = accuracyModel(earlierRun(), false);
        const auto &patches = keptRun().validation->patches;
        QCOMPARE(m.validation->roses[1].x.size(), qsizetype(patches.size())); // where aimed
        qsizetype stems = m.validation->roses[0].x.size();
        if (m.validation->roses.size() > 2)
            stems += m.validation->roses[2].x.size();
        QCOMPARE(stems, 3 * qsizetype(patches.size()));
        const Curve &first = m.validation->roses[0];
        const double drawn = first.x[1] - first.x[0];
        const auto it = std::find_if(patches.begin(), patches.end(), [&](const auto &p) {
            return p.aimed.reference.lab.a == first.x[0];
        });
        const double real = it->lab.a - it->aimed.reference.lab.a;
        const double times = drawn / real;
        QVERIFY(std::abs(times - std::round(times)) < 1e-6 && times >= 1 && times <= 50);
        QVERIFY(std::isnan(first.x[2]));
    }

    void theNextProofIsOneLine()
    {
        SessionState s = earlierRun();
        ProofModel m = proofModel(s);
        QVERIFY(m.possible && m.throughProfile && !m.isOwn && !m.hasFormulaOfItsOwn);
        QVERIFY2(m.summary.startsWith(QStringLiteral("Lantern 72 · against the profile · Studio")),
                 qPrintable(m.summary));
        s.proof.reference = proofKey(proofColours()[4], 31);
        s.proof.against = "srgb";
        s.proof.tolerance.formula = DifferenceFormula::Cmc;
        m = proofModel(s);
        QVERIFY(m.summary.contains(QLatin1String("Grey ramp, 31")));
        QVERIFY(m.summary.contains(QLatin1String("sRGB")));
        QVERIFY(m.hasFormulaOfItsOwn && !m.throughProfile);
        QCOMPARE(proofCount(s.proof), 31);
        s.proof.colours = {{"Moss 3", {50, -20, 20}}};
        s.proof.reference = "House colours";
        QCOMPARE(proofColoursIndex(s.proof), -1);
        QVERIFY(proofModel(s).summary.startsWith(QLatin1String("House colours, 1 colours")));
        s = measuring(Stage::Validate);
        QVERIFY(!proofModel(s).possible);
    }

    void theVerdictIsInWords()
    {
        Verdict v;
        v.figures = {judgeFigure(Figure::ColourMean, {0.98, 0.98, {0.02, 0, 0, 0}}, 1),
                     judgeFigure(Figure::White, 0.01, 0.003)};
        QVERIFY(figuresTable(v).contains(QStringLiteral("±")));
        QVERIFY(figuresTable(v).contains(QStringLiteral("0.0100"))); // white, four decimals
        QVERIFY(halvesTable(v).contains(QLatin1String("over")));     // the aim
        QVERIFY(halvesTable(v).contains(QLatin1String("cannot tell")));
        QVERIFY(budgetTable(v).contains(QLatin1String("certificate")));
    }

    void patchesLightUpAsTheyAreRead()
    {
        SessionState s = measuring(Stage::Measure);
        s.results.setup.chartPatches = 48;
        s.liveReadings = {{{255, 255, 255}, {95, 100, 108}}, {{255, 0, 0}, {41, 21, 2}}};
        const AccuracyModel m = accuracyModel(s, false);
        QVERIFY(m.live && !m.validation);
        QVERIFY(m.fields.size() >= 48);
        const auto chart = measuringOrder(makeChart(48));
        QCOMPARE(m.fields[0].aimed, QColor(Qt::white)); // read: as it is, and as expected
        QVERIFY(m.fields[0].isMeasured && m.fields[0].deltaE < 1e-9);
        QVERIFY(!m.fields[2].isMeasured);
        const auto brightest = [](const QColor &c) { return c.toHsv().value(); };
        QVERIFY(brightest(m.fields[2].aimed) <
                0.5 * std::max({chart[2].r, chart[2].g, chart[2].b}));
        // Another red than the first readings promised is seen at once.
        const auto red =
            size_t(std::find(chart.begin(), chart.end(), DeviceRgb{255, 0, 0}) - chart.begin());
        QVERIFY(m.fields[red].isMeasured && m.fields[red].deltaE > 1);
        QVERIFY(m.fields[red].aimed != m.fields[red].measured);
        s.results.found.clear(); // nothing to expect from: patches light up
        const AccuracyModel bare = accuracyModel(s, false);
        QCOMPARE(bare.fields[2].aimed,
                 QColor(int(chart[2].r), int(chart[2].g), int(chart[2].b)).darker(400));
        // White, then red, in u'v'; the newest once more; the display's own triangle below.
        QCOMPARE(m.live->readings.size(), size_t(3));
        VERIFY_NEAR(m.live->readings[1].x[0], 0.1978, 2e-3);
        QCOMPARE(m.live->readings[2].x.size(), 1);
        QVERIFY(m.live->expected.empty());
        s.results.setup.expectedError = 0.1;
        s.results.expectedSoFar = {{20, 0.5}, {40, 0.2}};
        const AccuracyModel chosen = accuracyModel(s, false);
        QCOMPARE(chosen.fields.size(), size_t(2)); // nobody knows the next ones
        QCOMPARE(chosen.live->expected.size(), size_t(2));
        VERIFY_NEAR(chosen.live->mostReadings, 44, 1e-9);
        VERIFY_NEAR(chosen.live->mostExpected, 0.55, 1e-9);
        QVERIFY(accuracyModel(emptyState(), false).empty);
    }
};

namespace {
const Register<ViewModelsTest> registered("ViewModelsTest");
}

} // namespace lantern::test

#include "view_models_test.moc"
