#include "app/models/states.h"
#include "app/state/stage_words.h"
#include "app/state/wording.h"
#include "app/views/accuracy/proof_model.h"
#include "app/views/aim/aim_model.h"
#include "app/views/aim/chart_model.h"
#include "app/views/by_eye/by_eye_model.h"
#include "app/views/compare/compare_model.h"
#include "app/window/correction_model.h"
#include "app/window/desk_model.h"
#include "app/window/run_bar_model.h"
#include "core/colour/difference.h"
#include "core/colour/spaces.h"
#include "core/plan/chart.h"
#include "core/profile/profile_file.h"
#include "paper/picture_colours.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <QColorSpace>
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

/// Words, forms and what stands around the views, as pure functions of the state.
class FormModelsTest : public QObject {
    Q_OBJECT
private slots:
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
            QDateTime::fromString(QString::fromStdString(keptRun().setup.startedAt), Qt::ISODate)
                .toLocalTime();
        QVERIFY(text.contains(QLocale().toString(at.date(), QLocale::LongFormat)));
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
        const run::RoomLight light = {500, {0.345, 0.358}};
        const Aim aim = aimOfEntry(print, {}, light, 95);
        VERIFY_NEAR(*aim.luminanceCdM2, 500 * 0.8763 / std::numbers::pi, 0.05); // CIE 15:2018
        QCOMPARE(std::get<Chromaticity>(aim.white).x, 0.345);
        QVERIFY(aimOfEntry(print, {}, {}, 95) == presets[static_cast<size_t>(print)]);
        Aim own;
        own.name = "Cellar";
        QCOMPARE(aimOfEntry(static_cast<int>(presets.size()), {own}, light, 95).name, own.name);
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

    /// Each step of the judgement by eye shows how it looks when it is off on both sides.
    void stepsByEyeShowHowTheyLook()
    {
        for (int i = 0; i < static_cast<int>(EyeStep::Result); ++i) {
            const auto examples = eyeExamples(static_cast<EyeStep>(i));
            QCOMPARE(examples.size(), size_t(3));
            QVERIFY(!examples[0].isRight && examples[1].isRight && !examples[2].isRight);
            for (const EyeExample &e : examples)
                QVERIFY(!e.caption.isEmpty() && !e.parts.empty());
        }
        QVERIFY(eyeExamples(EyeStep::Result).empty());
        // Where it is right the field vanishes in what the lines melt to; else it does not.
        const auto green = eyeExamples(EyeStep::Green);
        QCOMPARE(green[1].parts.front(), green[1].ground);
        QVERIFY(green[0].parts.front()[1] < green[0].ground[1]);
        QVERIFY(green[2].parts.front()[1] > green[2].ground[1]);
        QCOMPARE(green[0].parts.front()[0], 0.0); // in its own channel alone
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

    // --- proofs

    void aPicturesKeyColoursAreProved()
    {
        QTemporaryDir folder;
        QImage picture(60, 40, QImage::Format_RGB32);
        picture.fill(qRgb(200, 60, 40));
        for (int x = 0; x < 20; ++x)
            for (int y = 0; y < 40; ++y)
                picture.setPixel(x, y, qRgb(30, 90, 160));
        const QString path = folder.filePath(QStringLiteral("plate.png"));
        QVERIFY(picture.save(path));
        const ReferenceSet set = coloursToProve(path);
        QCOMPARE(set.name, std::string("plate"));
        QCOMPARE(set.colours.size(), size_t(2));                              // it has no more
        VERIFY_NEAR(set.colours[0].lab.L, pcsFromSrgb({200, 60, 40}).L, 0.1); // most of it
        run::writeFile(folder.filePath(QStringLiteral("list.csv")), "name,L,a,b\nMoss,50,-20,20\n");
        QCOMPARE(coloursToProve(folder.filePath(QStringLiteral("list.csv"))).colours.size(),
                 size_t(1));
        VERIFY_ERROR(coloursToProve(folder.filePath(QStringLiteral("none.csv"))), "none.csv");
    }

    // --- charts

    void aChartIsSeenBeforeItIsMeasured()
    {
        SessionState s = emptyState();
        const ChartFigures small = chartFigures(makeChart(48), s);
        const ChartFigures large = chartFigures(makeChart(5000), s);
        QVERIFY(small.words.startsWith(QLatin1String("48 patches")));
        QCOMPARE(small.fields.size(), measuringOrder(makeChart(48)).size());
        QVERIFY(large.words.contains(QLatin1String("5000 patches")));
        const auto minutes = [](const QString &words) {
            return QRegularExpression(QStringLiteral("about ([0-9.]+) min"))
                .match(words)
                .captured(1)
                .toDouble();
        };
        QVERIFY(minutes(large.words) > 50 * minutes(small.words));
        QVERIFY(chartFigures({}, s).words.startsWith(QLatin1String("Too many")));
        // A run takes it.
        run::RunSetup setup;
        MeasureChoice choice;
        choice.until = MeasureChoice::Until::Chart;
        choice.applyTo(setup); // none was made yet: the spread one
        QVERIFY(setup.chartList.empty() && setup.chartPatches == choice.patches);
        choice.list = makeChart(30);
        choice.applyTo(setup);
        QCOMPARE(setup.chartList.size(), size_t(30));
    }

    // --- before and after

    void whatIsComparedFollowsTheChoice()
    {
        SessionState s = emptyState();
        QVERIFY(compareModel(s, BeforeChoice::AsFound, false).sources.now.isEmpty());
        s = earlierRun();
        s.pastRuns = {{7, QStringLiteral("south"), QStringLiteral("South desk"),
                       QDateTime::fromString(QStringLiteral("2026-03-01T10:00:00Z"), Qt::ISODate)}};
        CompareModel m = compareModel(s, BeforeChoice::AsFound, false);
        QCOMPARE(m.choices.size(), size_t(4));
        QVERIFY(m.choices[3].title.startsWith(QLatin1String("South desk")));
        QCOMPARE(m.sources.found.size(), keptRun().found.size());
        m = compareModel(s, 7, true);
        QVERIFY(m.isWaiting && m.sources.beforeProfile.isEmpty());
        s.loadedRuns[7] = std::make_shared<const run::RunResults>(keptRun());
        m = compareModel(s, 7, true);
        QVERIFY(!m.isWaiting && m.sources.beforeProfile == keptRun().profile);
        QVERIFY(m.sources.trueLuminance);
        QVERIFY(!compareModel(s, BeforeChoice::NoProfile, true).sources.trueLuminance);
        // On paper: waits for a printing condition.
        QVERIFY(compareModel(s, BeforeChoice::Print, false).isWaiting);
        s.printTitle = QStringLiteral("coated");
        QVERIFY(
            compareModel(s, BeforeChoice::Print, true).explanation.contains(QLatin1String("ICC")));
        s.printProfile = "no profile";
        m = compareModel(s, BeforeChoice::Print, true);
        QVERIFY(!m.isWaiting && m.sources.print == s.printProfile);
        QVERIFY(m.choices[2].title.contains(QLatin1String("coated")));
        QVERIFY(renditionsOf(m.sources, {}).problem.contains(QLatin1String("output profile")));
    }

    void picturesAreRenderedBeforeAndNow()
    {
        QImage picture(40, 20, QImage::Format_RGB32);
        picture.fill(qRgb(120, 90, 60));
        picture.setPixel(0, 0, qRgb(255, 255, 255));
        const Pyramid pyramid = pyramidOf(picture);
        const Sight whole{{0, 0, 40, 20}, {40, 20}};
        const SessionState s = earlierRun();
        const auto frame = [&](qint64 before, bool trueLuminance) {
            const Renditions r = renditionsOf(compareModel(s, before, trueLuminance).sources, {});
            if (!r.problem.isEmpty())
                qWarning() << r.problem;
            return frameOf(pyramid, whole, r, 5);
        };
        const Frame found = frame(BeforeChoice::AsFound, false);
        QCOMPARE(found.now.size(), picture.size());
        QVERIFY(found.before.pixel(1, 1) != found.now.pixel(1, 1)); // it was off before
        QVERIFY(found.meanDelta > 0.5 && found.worstDelta >= found.meanDelta);
        // The map says what Lab says of both pixels.
        const ProfileFile profile({keptRun().profile.begin(), keptRun().profile.end()}, "kept");
        const auto lab = [&](QRgb c) {
            return profile.toLab({double(qRed(c)), double(qGreen(c)), double(qBlue(c))});
        };
        const double delta = deltaE2000(lab(found.before.pixel(1, 1)), lab(found.now.pixel(1, 1)));
        VERIFY_NEAR(qGray(found.difference.pixel(1, 1)) / 255.0 * 5, std::min(5.0, delta), 0.15);
        // A quick sight has both, and leaves the map to the exact one.
        const Frame quick = frameOf(
            pyramid, whole, renditionsOf(compareModel(s, BeforeChoice::AsFound, false).sources, {}),
            5, Rendition::Precision::Quick);
        QVERIFY(quick.difference.isNull() && quick.now.size() == picture.size());
        for (const auto &[a, b] : {std::pair(quick.before, found.before), {quick.now, found.now}})
            QVERIFY(std::abs(qGreen(a.pixel(1, 1)) - qGreen(b.pixel(1, 1))) <= 3);
        // Without a profile its codes are sent as they are.
        QCOMPARE(frame(BeforeChoice::NoProfile, false).before, picture);
        // A display that was brighter then: now is dimmer beside it, at true luminance only.
        SessionState brighter = s;
        auto run = std::make_shared<run::RunResults>(keptRun());
        run->after->white = toXyz(1.6 * vec(*run->after->white));
        brighter.loadedRuns[7] = run;
        const auto rendered = [&](bool trueLuminance) {
            return frameOf(pyramid, whole,
                           renditionsOf(compareModel(brighter, 7, trueLuminance).sources, {}), 5);
        };
        QVERIFY(qGray(rendered(true).now.pixel(0, 0)) <
                qGray(rendered(false).now.pixel(0, 0)) - 20);
        QVERIFY(qGray(rendered(true).before.pixel(0, 0)) > 250);
        // Broken sources are told.
        SessionState broken = s;
        broken.lastTime->profile = "no profile";
        QVERIFY(!renditionsOf(compareModel(broken, BeforeChoice::AsFound, false).sources, {})
                     .problem.isEmpty());
    }

    void whatIsSeenIsThatPartOfThePicture()
    {
        QImage picture(1000, 600, QImage::Format_RGB32);
        for (int y = 0; y < 600; ++y)
            for (int x = 0; x < 1000; ++x)
                picture.setPixel(x, y, qRgb(x % 256, y % 256, (x / 256) * 60));
        const Pyramid pyramid = pyramidOf(picture);
        QCOMPARE(pyramid.levels.size(), size_t(3)); // 1000, 500, 250
        // A dot for each pixel: that part, exactly.
        const QImage part = seenOf(pyramid, {{300, 200, 64, 32}, {64, 32}});
        QCOMPARE(part, picture.copy(300, 200, 64, 32));
        // Enlarged four times: squares of one colour.
        const QImage large = seenOf(pyramid, {{300, 200, 16, 8}, {64, 32}});
        for (int y = 0; y < 32; ++y)
            for (int x = 0; x < 64; ++x)
                QCOMPARE(large.pixel(x, y), picture.pixel(300 + x / 4, 200 + y / 4));
        // Reduced: as light as the whole.
        const QImage small = seenOf(pyramid, {{0, 0, 1000, 600}, {100, 60}});
        double mean = 0;
        for (int y = 0; y < 60; ++y)
            for (int x = 0; x < 100; ++x)
                mean += qGreen(small.pixel(x, y)) / 6000.0;
        double whole = 0;
        for (int y = 0; y < 600; ++y)
            whole += y % 256 / 600.0;
        VERIFY_NEAR(mean, whole, 2);
        QVERIFY(seenOf({}, {{0, 0, 1, 1}, {1, 1}}).isNull());
    }

    void picturesAreReadOrTheirFileIsNamed()
    {
        QTemporaryDir folder;
        const auto at = [&](const char *name) { return folder.filePath(QLatin1String(name)); };
        QImage wide(300, 20, QImage::Format_RGBX64); // 16 bits a channel
        wide.fill(QColor(200, 100, 50));
        wide.setColorSpace(QColorSpace::DisplayP3);
        QVERIFY(wide.save(at("wide.tif")));
        QImage(30, 20, QImage::Format_ARGB32).save(at("b.png"));
        const Pyramid read = pyramidOf(paper::pictureFromFile(at("wide.tif")));
        QCOMPARE(read.size(), wide.size());
        QCOMPARE(read.levels[0].format(), QImage::Format_RGB32);
        QCOMPARE(qRed(read.levels[0].pixel(0, 0)), 200);
        QVERIFY(!read.profile.isEmpty()); // P3 is honoured
        QVERIFY(pyramidOf(paper::pictureFromFile(at("b.png"))).profile.isEmpty());
        VERIFY_ERROR(paper::pictureFromFile(at("none.png")), "none.png");
        run::writeFile(at("broken.jpg"), "no picture");
        VERIFY_ERROR(paper::pictureFromFile(at("broken.jpg")), "broken.jpg");
        QCOMPARE(picturesIn(folder.path()).size(), 3);
        QVERIFY(pyramidOf(QImage()).isEmpty());
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
        QVERIFY(m.displays[0].age.endsWith(QLatin1String("never measured")));
        QVERIFY(!m.hasReading && m.room.isEmpty());
        s.displays[0].lastValidated = QDateTime::currentDateTimeUtc().addDays(-12);
        s.displays[0].lastMean = 0.417;
        s.displays[0].mark = Mark::Within;
        s.meter.state = QStringLiteral("ready");
        s.meter.lastReading = XYZ{95, 100, 108};
        s.meter.room = run::RoomLight{64, {0.34, 0.35}};
        m = deskModel(s);
        QCOMPARE(m.displays[0].age, QStringLiteral("12 days ago · ΔE00 %1").arg(figure(0.417, 2)));
        QCOMPARE(m.displays[0].verdict, QStringLiteral("Within tolerance"));
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
const Register<FormModelsTest> registered("FormModelsTest");
}

} // namespace lantern::test

#include "form_models_test.moc"
