#include "app/state/ledger_rows.h"
#include "app/state/wording.h"
#include "app/views/evenness/evenness_model.h"
#include "states.h"

#include <algorithm>

namespace lantern::test {

using namespace lantern::app;

namespace {

/// Three by three; the lower left field is dark and the upper right one is off in colour.
Evenness evenness(double centre = 200)
{
    EvennessRequest request;
    request.grid = {3, 3};
    request.greys = {255};
    request.tolerance = toleranceByName("studio");
    int visit = 0;
    const auto stop = [&](const EvennessSpot &spot, const XYZ &xyz) {
        for (int i = 0; i < 2; ++i)
            request.readings.push_back({spot, visit, 0, {{255, 255, 255}, xyz, 1}, 1.0 * visit});
        ++visit;
    };
    const XYZ white{0.95 * centre, centre, 1.09 * centre};
    stop({}, white);
    for (int row = 1; row <= 3; ++row)
        for (int column = 1; column <= 3; ++column) {
            const bool dark = row == 3 && column == 1;
            const bool tinted = row == 1 && column == 3;
            if (row != 2 || column != 2)
                stop({column, row}, {white.X * (dark ? 0.8 : 1), white.Y * (dark ? 0.8 : 1),
                                     white.Z * (dark     ? 0.8
                                                : tinted ? 0.9
                                                         : 1)});
        }
    stop({}, white);
    return judgeEvenness(request);
}

std::shared_ptr<const EvenRun> evenRun(qint64 id, const char *at, run::Compensation compensation,
                                       double centre = 200)
{
    EvenRun r{id, QDateTime::fromString(QLatin1String(at), Qt::ISODate), {}, evenness(centre)};
    r.choice.compensation = compensation;
    return std::make_shared<const EvenRun>(r);
}

LedgerRow evennessRow(const std::vector<LedgerRow> &rows)
{
    return *std::ranges::find(rows, ViewId::Evenness, &LedgerRow::view);
}

} // namespace

/// What the view of the evenness says.
class EvennessModelTest : public QObject {
    Q_OBJECT
private slots:
    void nothingMeasuredYet()
    {
        const EvennessModel m = evennessModel(emptyState(), 0);
        QVERIFY(m.mayMeasure && !m.mayResume && !m.isMeasuring);
        QCOMPARE(m.fields.size(), 9U);
        QVERIFY(std::ranges::none_of(m.fields, &EvennessModel::Field::isRead));
        QVERIFY(m.sentence.contains(QLatin1String("Not measured yet")));
        QCOMPARE(evennessRow(ledgerRows(emptyState())).mark, Mark::NotMeasured);
    }

    void theNewestIsShownWithItsLimits()
    {
        SessionState s = emptyState();
        s.evenRuns = {evenRun(7, "2026-05-02T10:00:00Z", run::Compensation::NotKnown)};
        const EvennessModel m = evennessModel(s, 0);
        QVERIFY(m.sentence.contains(QLatin1String("80.0 %")));
        QVERIFY(m.sentence.contains(QLatin1String("Over the limits \"Studio\" in light (20.0 %")));
        QCOMPARE(m.mark, Mark::Over);
        const auto &dark = m.fields[6];
        QCOMPARE(dark.mark, Mark::Over);
        QVERIFY(m.words(dark).startsWith(QLatin1String("Row 3, column 1: 80.0 %")));
        QCOMPARE(m.fields[0].mark, Mark::Within);
        QVERIFY(m.fields[2].shift.v < 0 || m.fields[2].shift.v > 0); // its blue is another
        QCOMPARE(m.path.size(), 10U);
        const LedgerRow row = evennessRow(ledgerRows(s));
        QCOMPARE(row.now, QStringLiteral("80"));
        QCOMPARE(row.mark, Mark::Over);
        QCOMPARE(row.lastTime, dash());
    }

    void compensationAndTheTimeBeforeAreNamed()
    {
        SessionState s = emptyState();
        s.evenRuns = {evenRun(9, "2026-05-03T10:00:00Z", run::Compensation::On, 150),
                      evenRun(8, "2026-05-02T10:00:00Z", run::Compensation::Off, 200),
                      evenRun(5, "2026-03-02T10:00:00Z", run::Compensation::On, 160)};
        const QString facts = evennessModel(s, 0).facts.join(QLatin1Char('\n'));
        QVERIFY2(facts.contains(QLatin1String("costs 25.0 % of white (150 instead of 200")),
                 qPrintable(facts));
        QVERIFY(facts.contains(QLocale().toString(QDate(2026, 3, 2), QLocale::ShortFormat)));
        QVERIFY(!facts.contains(QLocale().toString(QDate(2026, 5, 2), QLocale::ShortFormat)));
    }

    void whereTheMeterIsToHangIsSaid()
    {
        SessionState s = measuring(run::Stage::Evenness);
        s.results.setup.kind = run::RunKind::Evenness;
        s.results.setup.evenness.grid = {4, 2};
        s.results.evennessNow = run::EvennessProgress{EvennessSpot{}, EvennessNotice::Hang, false};
        EvennessModel m = evennessModel(s, 0);
        QVERIFY(m.isMeasuring && !m.mayEnd && !m.mayMeasure);
        QVERIFY(m.targetIsMiddle); // of no field
        s.results.evennessNow->target = EvennessSpot{3, 2};
        s.results.evennessNow->mayEnd = true;
        m = evennessModel(s, 0);
        QVERIFY(m.mayEnd && !m.targetIsMiddle);
        QVERIFY(m.sentence.contains(QLatin1String("row 2, column 3")));
        QVERIFY(std::ranges::find(m.fields, true, &EvennessModel::Field::isTarget)->column == 3);
        s.results.evennessNow->notice = EvennessNotice::OnEdge;
        QVERIFY(evennessModel(s, 0).sentence.contains(QLatin1String("edge")));
    }

    void whatWasCutShortIsOffered()
    {
        SessionState s = emptyState();
        s.unfinishedEvenness = 4;
        QVERIFY(evennessModel(s, 0).mayResume);
        s.status.activity = run::Activity::Working;
        s.status.run = 3;
        QVERIFY(!evennessModel(s, 0).mayResume);
    }
};

static const Register<EvennessModelTest> registered("EvennessModelTest");

} // namespace lantern::test

#include "evenness_model_test.moc"
