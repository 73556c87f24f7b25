#include "app/session/history_reader.h"
#include "app/state/stage_words.h"
#include "app/state/wording.h"
#include "app/views/accuracy/accuracy_model.h"
#include "app/views/accuracy/verdict_words.h"
#include "app/views/aim/aim_model.h"
#include "app/views/by_eye/by_eye_model.h"
#include "app/views/check/check_model.h"
#include "app/views/compare/compare_model.h"
#include "app/views/gamut/gamut_model.h"
#include "app/views/profile/profile_model.h"
#include "app/views/ready/ready_model.h"
#include "app/views/tone/tone_model.h"
#include "app/views/white/white_model.h"
#include "app/window/correction_model.h"
#include "app/window/desk_model.h"
#include "app/window/run_bar_model.h"
#include "run/book/in_words.h"
#include "runner.h"

#include <QTemporaryDir>
#include <QTranslator>

namespace lantern::test {

using namespace app;
using run::Activity;
using run::Stage;

/// Knows one message.
class German : public QTranslator {
public:
    [[nodiscard]] bool isEmpty() const override { return false; }
    [[nodiscard]] QString translate(const char *context, const char *text, const char *,
                                    int) const override
    {
        if (QLatin1String(context) != QLatin1String("Core"))
            return {};
        return QLatin1String(text) == QLatin1String("%1 cd/m² of %2")
                   ? QStringLiteral("bei %2: %1 cd/m²")
                   : QString();
    }
};

/// What the views show, as pure functions of the state: on a real run from the logbook of last
/// year's version, and on states made by hand. There is no window.
class ViewModelsTest : public QObject {
    Q_OBJECT
    run::RunResults m_run; ///< finished, of North

    /// A display of which nothing is known.
    static SessionState emptyState()
    {
        SessionState s;
        DisplayCard card;
        card.name = QStringLiteral("North");
        card.can = {};
        card.can.gains = true;
        s.displays = {card};
        s.aim = aimPresets().front();
        return s;
    }
    /// The run was made on another day.
    [[nodiscard]] SessionState earlierRun() const
    {
        SessionState s = emptyState();
        s.lastTime = m_run;
        s.lastRun = 1;
        return s;
    }
    /// It has just ended.
    [[nodiscard]] SessionState finishedRun() const
    {
        SessionState s = emptyState();
        s.status.run = 1;
        s.status.activity = Activity::Finished;
        s.status.stage = Stage::Done;
        s.results = m_run;
        return s;
    }
    [[nodiscard]] SessionState measuring(Stage stage) const
    {
        SessionState s = emptyState();
        s.status.run = 2;
        s.status.activity = Activity::Working;
        s.status.stage = stage;
        s.results.setup = m_run.setup;
        s.results.found = m_run.found;
        s.results.before = m_run.before;
        return s;
    }
    static const Curve *named(const std::vector<Curve> &curves, const char *name)
    {
        for (const Curve &c : curves)
            if (c.name == QLatin1String(name))
                return &c;
        return nullptr;
    }

private slots:
    void initTestCase()
    {
        run::Logbook book(QStringLiteral(LANTERN_TEST_DATA "/logbook-v4.sqlite"),
                          run::Logbook::Access::Read);
        const DisplayHistory north = readDisplayHistory(book, QStringLiteral("north-desk"), 0);
        QVERIFY(north.lastTime.has_value());
        m_run = *north.lastTime;
        QVERIFY(m_run.validation && m_run.calibration && m_run.before && m_run.after);
    }

    // --- words

    /// A message is a text, looked up for its translation, and arguments, in any order.
    void messagesAreWordedInOnePlace()
    {
        const Message message("%1 cd/m² of %2", {"120.5", "North 2.4"});
        QCOMPARE(run::inWords(message), QStringLiteral("120.5 cd/m² of North 2.4"));
        German german;
        QCoreApplication::installTranslator(&german);
        QLocale::setDefault(QLocale(QLocale::German));
        const QString words = run::inWords(message);
        const QString error = run::inWords(Error(ErrorKind::Device, "North", message, "Wait."));
        QLocale::setDefault(QLocale::c());
        QCoreApplication::removeTranslator(&german);
        QCOMPARE(words, QStringLiteral("bei North 2.4: 120,5 cd/m²"));
        QCOMPARE(error, QStringLiteral("North: bei North 2.4: 120,5 cd/m². Wait."));
    }

    void aRunOfAnotherDaySaysWhen()
    {
        QCOMPARE(shownDateText(finishedRun()), QString());
        QCOMPARE(shownDateText(emptyState()), QString());
        const QString text = shownDateText(earlierRun());
        const QDateTime at =
            QDateTime::fromString(QString::fromStdString(m_run.setup.startedAt), Qt::ISODate)
                .toLocalTime();
        QVERIFY(text.contains(QLocale().toString(at.date(), QLocale::LongFormat)));
    }

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
        QVERIFY(before->y.size() == qsizetype(m_run.before->greys.size()));
        const Curve *a = named(m.grey, "now, a*");
        QVERIFY(a);
        VERIFY_NEAR(a->y.back(), 0, 1e-9); // white is its own reference
        for (const Curve &c : m.grey)
            for (const double y : c.y)
                QVERIFY(std::abs(y) <= m.greyReach);
        QCOMPARE(m.lut.size(), size_t(3));
        QVERIFY(m.explanation.contains(figure(m_run.calibration->meanDeltaE00, 2)));
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
        QVERIFY(!named(gamutModel(emptyState()).curves, "this display"));
        const GamutModel m = gamutModel(earlierRun());
        QVERIFY(named(m.curves, "this display"));
        QVERIFY(m.figures.contains(figure(100 * *m_run.after->srgbCoverage, 1)));
    }

    // --- profile

    void aProfileIsDescribed()
    {
        QVERIFY(!profileModel(emptyState()).facts);
        const auto f = profileModel(finishedRun()).facts;
        QVERIFY(f && f->nameFixed);
        QVERIFY(f->madeFrom.contains(QString::number(m_run.chart.size())));
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
        QCOMPARE(m.rows[1].now, figure(0.9 * m_run.after->white->Y, 1));
        QCOMPARE(m.rows[2].now, figure(2 * m_run.after->black->Y, 3));
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
        s.lastTime = m_run;
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
        const XYZ white = *m_run.before->white;
        s.results.whites = {{{}, white}};
        Advice advice;
        advice.wanted = Vec3(0.8, 1.0, 0.9); // less red, a little less blue
        s.results.advice = advice;
        const WhiteModel m = whiteModel(s);
        QCOMPARE(m.dial.arrows.size(), size_t(2));
        QCOMPARE(m.dial.arrows[0].label, QStringLiteral("red"));
        QCOMPARE(m.dial.arrows[1].label, QStringLiteral("blue"));
        const PrimarySet &own = *m_run.before->primaries;
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
    }

    void controlsSayWhatToTurn()
    {
        SessionState s = measuring(Stage::Adjust);
        s.results.setup.adjust = run::AdjustMode::ByHand;
        s.results.whites = {{{}, *m_run.before->white}};
        s.results.controls = MonitorControls{};
        s.results.controls->redGain = 90;
        Advice advice;
        advice.wanted = Vec3(0.8, 1, 1);
        advice.controls = *s.results.controls;
        advice.controls.redGain = 81;
        s.results.advice = advice;
        WhiteModel m = whiteModel(s);
        QVERIFY(m.showsControls && m.typedIn && m.maySkip && m.readFromAfar);
        QCOMPARE(m.controls[0].advice, QStringLiteral("leave"));
        QCOMPARE(m.controls[1].advice, QStringLiteral("down about 9"));
        QCOMPARE(*m.controls[1].value, 90);
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
        const XYZ now = *presentState(m_run).white;
        VERIFY_NEAR(deltaUvPrime(m.dial.trail.back(), uvPrime(now)), 0, 1e-12);
        QVERIFY(m.kelvin.endsWith(QLatin1String(" K")));
        QVERIFY(!m.readFromAfar && !m.showsControls && m.note.isEmpty());
    }

    // --- accuracy

    void aValidationIsShownInEitherOrder()
    {
        const AccuracyModel chart = accuracyModel(earlierRun(), false);
        const AccuracyModel worst = accuracyModel(earlierRun(), true);
        const size_t count = m_run.validation->patches.size();
        QCOMPARE(chart.fields.size(), count);
        QCOMPARE(chart.validation->table.size(), count);
        QCOMPARE(chart.fields[0].name.toStdString(),
                 m_run.validation->patches[0].aimed.reference.name);
        for (size_t i = 1; i < count; ++i)
            QVERIFY(worst.fields[i - 1].deltaE00 >= worst.fields[i].deltaE00);
        QCOMPARE(chart.validation->mean, figure(m_run.validation->meanDeltaE00, 2));
        // The curve ends with all colours, and half of them lie left of the median.
        const Curve &share = chart.validation->share.back();
        QCOMPARE(share.y.back(), 100.0);
        QVERIFY(std::is_sorted(share.x.begin(), share.x.end()));
        QVERIFY(!chart.live && !chart.empty);
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
        QVERIFY(m.fields[0].aimed.lightness() > 2 * m.fields[2].aimed.lightness() ||
                m.fields[2].aimed == QColor(Qt::black));
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

    // --- aim

    void fieldsAndAimAreTheSame()
    {
        for (const Aim &aim : aimPresets())
            QVERIFY2(aimFrom(fieldsOf(aim), aim) == aim, aim.name.c_str());
        Aim odd = aimPresets().front();
        odd.white = UvPrime{0.2, 0.47};
        odd.tone = NativeTone{};
        odd.luminanceCdM2.reset();
        odd.contrastRatio = 300;
        odd.primaries = kP3Primaries;
        QVERIFY(aimFrom(fieldsOf(odd), odd) == odd);
    }

    void anotherKindOfWhiteKeepsThePlace()
    {
        Aim before = aimPresets().front();
        before.white = DaylightWhite{6504};
        AimFields f = fieldsOf(before);
        f.white = WhiteEntry::Xy;
        const auto xy = std::get<Chromaticity>(aimFrom(f, before).white);
        VERIFY_NEAR(xy.x, 0.3127, 2e-4); // D65, CIE 15
        VERIFY_NEAR(xy.y, 0.3290, 2e-4);
        f.white = WhiteEntry::Blackbody;
        QCOMPARE(std::get<BlackbodyWhite>(aimFrom(f, before).white).kelvin, 6500.0);
        f = fieldsOf(before);
        f.luminanceCdM2.reset();
        const Aim native = aimFrom(f, before);
        QVERIFY(!native.luminanceCdM2);
        f.luminanceCdM2 = 40; // what a hidden field happened to stand at
        QCOMPARE(*aimFrom(f, native).luminanceCdM2, 120.0);
    }

    void aChangedPresetGetsANameOfItsOwn()
    {
        const Aim preset = aimPresets().front();
        Aim changed = preset;
        changed.luminanceCdM2 = 91;
        QCOMPARE(renamed(changed, preset, {}).name, preset.name + ", changed");
        Aim own = changed;
        own.name = "Cellar";
        QCOMPARE(renamed(own, own, {}).name, own.name); // not on any list
        QCOMPARE(renamed(own, own, {own}).name, std::string("Cellar, changed"));
    }

    void theBoothGivesItsLightToThePrint()
    {
        const auto presets = aimPresets();
        int print = -1;
        for (size_t i = 0; i < presets.size(); ++i)
            if (presets[i].name == kBesideThePrint)
                print = static_cast<int>(i);
        QVERIFY(print >= 0);
        const std::vector<run::RoomLight> light = {{500, {0.345, 0.358}}};
        const Aim aim = aimOfEntry(print, {}, light, 131.0);
        QCOMPARE(*aim.luminanceCdM2, 131.0);
        QCOMPARE(std::get<Chromaticity>(aim.white).x, 0.345);
        QVERIFY(aimOfEntry(print, {}, {}, {}) == presets[static_cast<size_t>(print)]);
        Aim own;
        own.name = "Cellar";
        QCOMPARE(aimOfEntry(static_cast<int>(presets.size()), {own}, light, 131.0).name, own.name);
        QVERIFY(lightFigures(light, 95).contains(QLatin1String("500 lx")));
        QVERIFY(lightFigures({}, 95).contains(QLatin1String("diffuser")));
    }

    void theAimOfARunUnderWayIsFixed()
    {
        QVERIFY(!aimModel(emptyState()).fixed);
        QVERIFY(aimModel(measuring(Stage::Measure)).fixed);
        QVERIFY(!aimModel(finishedRun()).fixed);
        QCOMPARE(aimModel(emptyState()).job, 0);
        SessionState s = emptyState();
        s.aim.luminanceCdM2 = 77.7;
        QCOMPARE(aimModel(s).job, -1);
    }

    void theEyesMatchLeadsToAnAim()
    {
        QVERIFY(!aimModel(emptyState()).eye.taken);
        QVERIFY(!aimModel(earlierRun()).eye.taken); // never by a white of an earlier day
        const EyeMatchModel m = aimModel(finishedRun()).eye;
        QVERIFY(m.taken && m.taken->matchedByEye && !m.forgotten);
        SessionState s = emptyState();
        s.aim.matchedByEye = UvPrime{0.003, -0.004};
        const EyeMatchModel kept = aimModel(s).eye;
        QVERIFY(kept.forgotten && !kept.forgotten->matchedByEye);
        QVERIFY(kept.figures.contains(figure(0.005, 4)));
    }

    void whatTheDisplayCannotDoIsSaid()
    {
        SessionState s = earlierRun();
        QCOMPARE(aimProblem(s), QString());
        s.aim.luminanceCdM2 = 900;
        QCOMPARE(aimProblem(s), QString()); // nobody knows how far its brightness goes
        s.lastTime->setup.startControls = MonitorControls{};
        s.lastTime->setup.startControls->brightness = 100;
        QVERIFY(aimProblem(s).startsWith(QLatin1String("North cannot do this")));
        s.aim.luminanceCdM2 = -3;
        QVERIFY(!aimProblem(s).isEmpty() && !aimProblem(s).contains(QLatin1String("North")));
    }

    // --- before and after

    void aPictureIsSplitWhereARunIsKnown()
    {
        QImage picture(2, 1, QImage::Format_RGB32);
        picture.setPixel(0, 0, qRgb(255, 255, 255));
        picture.setPixel(1, 0, qRgb(120, 90, 60));
        QVERIFY(compareModel({}, picture).before.isNull());
        const CompareModel m = compareModel(m_run, picture);
        QCOMPARE(m.problem, QString());
        QCOMPARE(m.before.size(), picture.size());
        QCOMPARE(m.now, picture);
        QVERIFY(m.before.pixel(1, 0) != picture.pixel(1, 0)); // it was off before
        run::RunResults broken = m_run;
        broken.profile = "no profile";
        QVERIFY(!compareModel(broken, picture).problem.isEmpty());
    }

    void picturesAreReadOrTheirFileIsNamed()
    {
        QTemporaryDir folder;
        const QString path = folder.filePath(QStringLiteral("wide.png"));
        QImage(3000, 20, QImage::Format_ARGB32).save(path);
        const QImage read = pictureFromFile(path);
        QCOMPARE(read.width(), 1600);
        QCOMPARE(read.format(), QImage::Format_RGB32);
        VERIFY_ERROR(pictureFromFile(folder.filePath(QStringLiteral("none.png"))), "none.png");
    }

    // --- by eye

    void slidersMoveWhatTheyAreNamedFor()
    {
        EyeWork work;
        const EyeWork red = moved(EyeStep::Red, work, {380});
        QCOMPARE(red.findings.halfLight[0], 190.0);
        QCOMPARE(red.findings.halfLight[1], work.findings.halfLight[1]);
        // Grey moves all of them and keeps their differences.
        const EyeWork grey = moved(EyeStep::Grey, red, {2 * 200});
        const auto &half = grey.findings.halfLight;
        VERIFY_NEAR((half[0] + half[1] + half[2]) / 3, 200, 1e-9);
        VERIFY_NEAR(half[0] - half[1], red.findings.halfLight[0] - red.findings.halfLight[1], 1e-9);
        QCOMPARE(eyeStepModel(EyeStep::Grey, grey).sliders.at(0).value, 400);
        const EyeWork neutral = moved(EyeStep::Neutral, work, {30, -20});
        QCOMPARE(eyeStepModel(EyeStep::Neutral, neutral).sliders.at(1).value, -20);
        QVERIFY(neutral.findings.balance != work.findings.balance);
        // Half the light at code 186 of 255 is gamma ln 0.5 / ln(186/255) = 2.197.
        work.findings.halfLight = {186, 186, 186};
        QCOMPARE(eyeStepModel(EyeStep::Green, work).figure,
                 QStringLiteral("gamma %1").arg(figure(2.197, 2)));
        QVERIFY(eyeStepModel(EyeStep::Black, work).sliders.empty());
        QCOMPARE(eyeStepTitles().size(), qsizetype(EyeStep::Result) + 1);
    }

    // --- around the views

    void theRunBarTellsWhatIsRead()
    {
        QVERIFY(!runBarModel(finishedRun()).shown);
        SessionState s = measuring(Stage::Measure);
        s.status.readingsDone = 9;
        s.status.readingsLeft = 87;
        s.status.secondsLeft = 200;
        s.status.patch = DeviceRgb{10, 20, 30};
        RunBarModel m = runBarModel(s);
        QVERIFY(m.shown && !m.resumes && !m.openEnded);
        QVERIFY(m.what.contains(QLatin1String("reading 10 of 96")) &&
                m.what.contains(QLatin1String("RGB 10 20 30")));
        QVERIFY(m.left.contains(QLatin1String("3 min")));
        s.results.expectedSoFar = {{20, 0.51}};
        s.results.setup.expectedError = 0.1;
        QVERIFY(runBarModel(s).what.contains(QStringLiteral("expects ΔE00 0.51, asked for 0.10")));
        s.status.activity = Activity::Paused;
        m = runBarModel(s);
        QVERIFY(m.resumes && m.left.isEmpty());
        QVERIFY(m.what.contains(QLatin1String("paused, 9 of 96 read")));
        s = measuring(Stage::Adjust);
        s.results.setup.adjust = run::AdjustMode::ByHand;
        s.status.secondsLeft = 200;
        QVERIFY(runBarModel(s).openEnded && runBarModel(s).left.isEmpty());
        s.results.setup.adjust = run::AdjustMode::Automatic;
        QVERIFY(!runBarModel(s).openEnded);
        QVERIFY(runBarModel(measuring(Stage::WarmUp)).openEnded);
    }

    void theDeskTellsDisplaysAndMeter()
    {
        SessionState s = emptyState();
        s.displays[0].detail = QStringLiteral("27 in wide gamut");
        DeskModel m = deskModel(s);
        QVERIFY(m.displays[0].detail.endsWith(QLatin1String("never measured")));
        QVERIFY(!m.hasReading && m.room.isEmpty());
        s.displays[0].lastValidated = QDateTime::currentDateTimeUtc().addDays(-12);
        s.displays[0].lastMean = 0.417;
        s.displays[0].mark = Mark::Within;
        s.meter.state = QStringLiteral("ready");
        s.meter.lastReading = XYZ{95, 100, 108};
        s.meter.room = run::RoomLight{64, {0.34, 0.35}};
        m = deskModel(s);
        QVERIFY(m.displays[0].detail.endsWith(QLatin1String("12 days ago")));
        QCOMPARE(m.displays[0].verdict,
                 QStringLiteral("Within · mean ΔE00 %1").arg(figure(0.417, 2)));
        QVERIFY(m.meterState.endsWith(QLatin1String("ready")));
        QVERIFY(m.room.contains(QLatin1String("64 lx")));
        s.status.activity = Activity::Faulted;
        QVERIFY(deskModel(s).meterState.endsWith(QLatin1String("needs you")));
    }

    void aCorrectionNeedsTwoMeters()
    {
        SessionState s = emptyState();
        s.meter.name = QStringLiteral("Reed");
        const auto colours = [](double factor) {
            return std::vector<Reading>{
                {{255, 0, 0}, {41, 21, 2}},
                {{0, 255, 0}, {36, 72, 12}},
                {{0, 0, 255}, {18, 7, 95}},
                {{255, 255, 255}, {95 * factor, 100 * factor, 109 * factor}}};
        };
        QVERIFY(!correctionChoice(s, QStringLiteral("Reed"), QStringLiteral("Heron")).mayKeep);
        s.fourColours[QStringLiteral("Reed")] = colours(1.1);
        s.fourColours[QStringLiteral("Heron")] = colours(1);
        const CorrectionModel m = correctionModel(s);
        QCOMPARE(m.meters.size(), 2);
        QCOMPARE(m.rows[0].at(3), figure(100, 2));
        const auto choice = correctionChoice(s, QStringLiteral("Reed"), QStringLiteral("Heron"));
        QVERIFY(choice.mayKeep);
        QVERIFY(choice.difference.contains(figure(10, 1) + QStringLiteral(" %")));
        QVERIFY(!correctionChoice(s, QStringLiteral("Reed"), QStringLiteral("Reed")).mayKeep);
        s.status.activity = Activity::Working;
        QVERIFY(!correctionModel(s).mayRead);
        QVERIFY(!correctionChoice(s, QStringLiteral("Reed"), QStringLiteral("Heron")).mayKeep);
    }

    void everyStageHasItsPlace()
    {
        QCOMPARE(viewOf(Stage::Adjust), ViewId::White);
        QCOMPARE(liveShowOf(Stage::Calibrate), LiveShow::Greys);
        QCOMPARE(liveShowOf(Stage::Done), LiveShow::Nothing);
        for (const run::RunKind kind : {run::RunKind::Calibration, run::RunKind::Check})
            for (const Stage stage : run::stagesOf(kind))
                QVERIFY(!stageWords(stage, emptyState()).working.isEmpty());
    }
};

namespace {
const Register<ViewModelsTest> registered("ViewModelsTest");
}

} // namespace lantern::test

#include "view_models_test.moc"
