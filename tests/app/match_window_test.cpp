#include "app/views/match/moving_patch.h"
#include "window_rig.h"

#include <QComboBox>
#include <QLabel>
#include <QTableWidget>

namespace lantern::test {

using namespace lantern::app;

/// Displays that are to be alike, in the real window on the demo.
class MatchWindowTest : public QObject {
    Q_OBJECT

    template <class T> static T *part(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<T *>(QLatin1String(name));
    }
    static QString sentence(const WindowRig &rig)
    {
        return part<QLabel>(rig, "matchSentence")->text();
    }
    static void choose(WindowRig &rig, int row)
    {
        part<QTableWidget>(rig, "matchDisplays")->item(row, 0)->setCheckState(Qt::Checked);
    }
    /// Reads what a display can do.
    static bool read(WindowRig &rig, int row)
    {
        auto *table = part<QTableWidget>(rig, "matchDisplays");
        auto *button = part<QPushButton>(rig, "matchRead");
        table->setCurrentCell(row, 0);
        if (!rig.waitFor([&] { return button->isEnabled(); }))
            return false;
        QTest::mouseClick(button, Qt::LeftButton);
        return rig.waitFor([&] {
            return rig.state().view == ViewId::Match && table->rowCount() > row &&
                   table->item(row, 1)->text().startsWith(QLatin1String("read "));
        });
    }

private slots:
    /// From two bare displays that nobody has read to the proof that they look the same.
    void twoDisplaysBecomeAlike()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Match);
        auto *table = part<QTableWidget>(rig, "matchDisplays");
        QVERIFY(rig.waitFor([&] { return table->isVisible() && table->rowCount() == 3; }));
        QVERIFY(sentence(rig).contains(QLatin1String("Choose the displays")));
        choose(rig, 0);
        QVERIFY(rig.waitFor([&] { return rig.state().match.displays.size() == 1; }));
        choose(rig, 2);
        QVERIFY(rig.waitFor([&] {
            return sentence(rig).contains(QLatin1String("Nobody has read yet what North desk"));
        }));
        auto *begin = part<QPushButton>(rig, "matchBegin");
        QVERIFY(!begin->isEnabled());
        QVERIFY(read(rig, 0));
        QVERIFY(read(rig, 2));
        QVERIFY(
            rig.waitFor([&] { return sentence(rig).contains(QLatin1String("All can share")); }));
        QVERIFY(rig.waitFor([&] { return begin->isEnabled(); }));
        const double shared = *rig.state().matchSheet->common->aim.luminanceCdM2;
        for (const SharePlan &plan : rig.state().matchSheet->common->plans)
            QVERIFY(plan.peak * kShareOfPeak >= shared);
        QTest::mouseClick(begin, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().match.isBegun(); }));
        QCOMPARE(*rig.state().aim.luminanceCdM2, shared);
        const int first = rig.state().selected;
        QVERIFY(rig.pressUntil(run::Stage::Done));
        QVERIFY(rig.waitFor(
            [&] { return rig.action()->text().startsWith(QLatin1String("Carry the meter to")); }));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().selected == 2 - first; }));
        QCOMPARE(rig.state().aim, rig.state().match.aim);
        QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
        QVERIFY(rig.pressUntil(run::Stage::Done));
        QVERIFY(rig.waitFor(
            [&] { return rig.action()->text() == QLatin1String("How alike they are"); }));
        QVERIFY(rig.press());
        auto *pairs = part<QTableWidget>(rig, "matchPairs");
        QVERIFY(rig.waitFor([&] { return pairs->isVisible() && pairs->rowCount() == 1; }));
        QVERIFY(
            sentence(rig).startsWith(QLatin1String("Read on both: North desk and Field laptop")));
        const Agreement &g = rig.state().matchSheet->pairs.front().agreement;
        QVERIFY2(g.deltaE00.mean < 1.5, qPrintable(QString::number(g.deltaE00.mean)));
        VERIFY_BELOW(g.whiteDeltaUv, 0.003);
        VERIFY_NEAR(g.luminanceRatio, 1, 0.02);

        // The eye: white first, and the patch goes over.
        auto *patch = part<MovingPatch>(rig, "movingPatch");
        QVERIFY(part<QComboBox>(rig, "matchColour")->count() >= 40);
        QCOMPARE(patch->place(), 0.0);
        patch->setFocus();
        QTest::keyClick(patch, Qt::Key_End);
        QCOMPARE(patch->place(), 1.0);
        QTest::mouseClick(part<QPushButton>(rig, "movePatch"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return patch->place() == 0; }));
        // To the display that is to follow the other.
        QTest::mouseClick(part<QPushButton>(rig, "tuneSecond"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().view == ViewId::FineTune; }));
        QCOMPARE(rig.state().selected, 2);
    }

    /// It is known after a restart whose turn it is.
    void aMatchGoesOnAfterARestart()
    {
        QTemporaryDir folder;
        const QString logbook = folder.filePath(QStringLiteral("log.sqlite"));
        run::Match match;
        match.displays = QStringList{QStringLiteral("field-laptop"), QStringLiteral("north-desk")};
        match.begunAt = QDateTime::currentDateTimeUtc();
        match.aim.luminanceCdM2 = 87;
        run::writeMatch(folder.filePath(QStringLiteral("match.json")), match);
        WindowRig rig(0, logbook);
        QCOMPARE(rig.state().match.aim, match.aim);
        QCOMPARE(rig.state().match.displays, match.displays);
        QVERIFY(rig.state().match.isBegun());
        rig.session->showView(ViewId::Match);
        auto *table = part<QTableWidget>(rig, "matchDisplays");
        QVERIFY(rig.waitFor([&] {
            return table->rowCount() == 3 && table->item(0, 1)->text() == QLatin1String("next");
        }));
        QCOMPARE(table->item(2, 1)->text(), QStringLiteral("waits"));
        QVERIFY(!(table->item(0, 0)->flags() & Qt::ItemIsUserCheckable));
        QTest::mouseClick(part<QPushButton>(rig, "matchEnd"), Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return !rig.state().match.isBegun(); }));
        QVERIFY(!run::readMatch(folder.filePath(QStringLiteral("match.json"))).isBegun());
    }

    void aBrokenFileIsTold()
    {
        QTemporaryDir folder;
        QFile file(folder.filePath(QStringLiteral("match.json")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("{\"format\": \"bold-lantern-match\", \"version\": 1, \"displays\": [3]}");
        file.close();
        WindowRig rig(0, folder.filePath(QStringLiteral("log.sqlite")));
        QVERIFY(
            rig.waitFor([&] { return rig.state().notice.contains(QLatin1String("match.json")); }));
        QVERIFY(!rig.state().match.isBegun());
    }
};

static const Register<MatchWindowTest> registered("MatchWindowTest");

} // namespace lantern::test

#include "match_window_test.moc"
