#include "run/engine_rig.h"

#include <QTemporaryDir>

namespace lantern::test {

using namespace lantern::run;

/// Evenness with the engine: by the bench's own hand, by a person's, with a meter that is pulled,
/// after a crash.
class EvennessRunTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;

    struct Rig : EngineRig {
        explicit Rig(const QString &path, bool movesItself = true) : EngineRig(path), mover(rig)
        {
            eye.watchPlace(rig);
            Devices all = devices(meter);
            if (movesItself)
                all.mover = keptElsewhere(mover);
            engine.setDevices(all);
        }
        BenchMover mover;
    };

    QString path(const char *name) { return m_folder.filePath(QLatin1String(name)); }
    static RunSetup setup()
    {
        RunSetup s = EngineRig::setup();
        s.kind = RunKind::Evenness;
        s.patchShare = {0.08, 0.14};
        s.adjust = AdjustMode::Skip;
        return s;
    }
    static double darkestCorner(const Evenness &e) { return e.levels.front().least; }

private slots:
    void theBenchMovesItsMeterItself()
    {
        Rig rig(path("own.sqlite"));
        rig.engine.begin(setup());
        QVERIFY(rig.waitFor(Activity::Finished));
        QVERIFY(rig.results.evenness.has_value());
        QVERIFY(rig.results.evenness->isWhole());
        QVERIFY(!rig.results.evennessNow.has_value());
        Logbook book(path("own.sqlite"), Logbook::Access::Read);
        const auto runs = book.runs({.kind = RunKind::Evenness});
        QCOMPARE(runs.size(), 1U);
        const RunResults read = loadResults(book, runs.front().id);
        QVERIFY(read.problem.isEmpty());
        QVERIFY(read.setup.evenness == setup().evenness);
        QVERIFY(read.evenness->readings == rig.results.evenness->readings);
        QCOMPARE(darkestCorner(*read.evenness), darkestCorner(*rig.results.evenness));
        const auto rows = book.figuresIn(runs.front().id);
        const auto light = std::ranges::find(rows, std::string("even_light"), &FigureRow::name);
        QVERIFY(light != rows.end());
        QVERIFY(light->limit && light->uncertainty);
    }

    /// A hand moves the meter whenever the screen asks for it; nobody presses anything.
    void aHandMovesIt()
    {
        Rig rig(path("hand.sqlite"), false);
        std::vector<EvennessSpot> asked;
        QObject::connect(&rig.engine, &RunEngine::resultsChanged, [&](const RunResults &r) {
            if (!r.evennessNow || !r.evennessNow->target)
                return;
            const EvennessSpot to = *r.evennessNow->target;
            if (!asked.empty() && asked.back() == to)
                return;
            asked.push_back(to);
            const SpotPlace at = placeOf(to, r.setup.evenness.grid);
            rig.rig->with([&](bench::Bench &b) { b.meterPlace() = {2 * at.x - 1, 2 * at.y - 1}; });
        });
        rig.engine.begin(setup());
        QVERIFY(rig.waitFor(Activity::Finished));
        QVERIFY(rig.results.evenness->isWhole());
        QCOMPARE(asked.size(), 10U);
    }

    void whatTheScreenSaysIsOnTheScreen()
    {
        struct Told : DirectPresenter {
            void say(const QString &words) override { said << words; }
            QStringList said;
        } told;
        Rig rig(path("words.sqlite"));
        DirectEye eye(&told);
        eye.watchPlace(rig.rig);
        BenchMeter meter(rig.rig, &eye);
        Devices all = rig.devices(meter);
        all.presenter = keptElsewhere<PatchPresenter>(told);
        all.mover = keptElsewhere<MeterMover>(rig.mover);
        rig.engine.setDevices(all);
        rig.engine.begin(setup());
        QVERIFY(rig.waitFor(Activity::Finished));
        QVERIFY(told.said.contains(QStringLiteral("Hang the meter on the light field.")));
        QVERIFY(told.said.contains(QString())); // while it reads
    }

    void aPulledMeterGoesOnWhereItWas()
    {
        Rig whole(path("unpulled.sqlite"));
        whole.engine.begin(setup());
        QVERIFY(whole.waitFor(Activity::Finished));
        Rig rig(path("pulled.sqlite"));
        for (const int reading : {20, 41})
            rig.fail(static_cast<uint64_t>(reading), MeterFault::Unplugged);
        rig.engine.begin(setup());
        for (int i = 0; i < 2; ++i) {
            QVERIFY(rig.waitFor(Activity::Faulted));
            rig.engine.resume();
        }
        QVERIFY(rig.waitFor(Activity::Finished));
        QVERIFY(rig.results.evenness->isWhole());
        VERIFY_NEAR(darkestCorner(*rig.results.evenness), darkestCorner(*whole.results.evenness),
                    0.003);
    }

    /// As after kill -9: another engine takes the run up from what is in the logbook.
    void aRunThatWasCutShortGoesOn()
    {
        Rig whole(path("whole.sqlite"));
        whole.engine.begin(setup());
        QVERIFY(whole.waitFor(Activity::Finished));
        for (const int after : {1, 3, 9, 17, 40, 61}) {
            const QString file = m_folder.filePath(QStringLiteral("cut%1.sqlite").arg(after));
            qint64 run = 0;
            {
                Rig rig(file);
                int taken = 0;
                QObject::connect(&rig.engine, &RunEngine::readingTaken,
                                 [&](Stage, const Reading &) {
                                     if (++taken == after)
                                         rig.engine.stop();
                                 });
                rig.engine.begin(setup());
                QVERIFY(rig.waitUntil(
                    [&] { return taken >= after && rig.status.activity == Activity::Idle; }));
                run = rig.status.run;
            }
            Rig again(file);
            QVERIFY(Logbook(file, Logbook::Access::Read)
                        .unfinishedRun(QStringLiteral("north-desk"), RunKind::Evenness) == run);
            again.engine.resumeRun(run);
            QVERIFY(again.waitFor(Activity::Finished));
            const auto &found = again.results.evenness->readings;
            const auto &wanted = whole.results.evenness->readings;
            QCOMPARE(found.size(), wanted.size());
            for (size_t i = 0; i < found.size(); ++i) {
                QCOMPARE(found[i].spot, wanted[i].spot);
                QVERIFY2(found[i].reading == wanted[i].reading,
                         qPrintable(QStringLiteral("cut after %1: reading %2").arg(after).arg(i)));
            }
        }
    }

    void aPersonMaySayThatItIsEnough()
    {
        Rig rig(path("enough.sqlite"));
        QObject::connect(&rig.engine, &RunEngine::resultsChanged, [&](const RunResults &r) {
            if (r.evennessNow && r.evennessNow->mayEnd)
                rig.engine.proceed();
        });
        rig.engine.begin(setup());
        QVERIFY(rig.waitFor(Activity::Finished));
        QVERIFY(!rig.results.evenness->isWhole());
        QVERIFY(rig.results.evenness->find(2, 2, 0));
    }
};

static const Register<EvennessRunTest> registered("EvennessRunTest");

} // namespace lantern::test

#include "evenness_run_test.moc"
