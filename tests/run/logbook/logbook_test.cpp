#include "core/base/error.h"
#include "run/file/files.h"
#include "run/logbook/logbook.h"
#include "runner.h"

#include "run/engine_rig.h"

#include <QFile>
#include <QSqlQuery>
#include <QTemporaryDir>

#include <cmath>

using namespace lantern;
using namespace lantern::run;

class LogbookTest : public QObject {
    Q_OBJECT
private slots:
    void init() { m_folder = std::make_unique<QTemporaryDir>(); }

    void readingsComeBackBitForBit()
    {
        Logbook book(path(), Logbook::Access::Write);
        const qint64 run = book.createRun(test::EngineRig::setup());
        for (int i = 0; i < 100; ++i) {
            LoggedReading l;
            l.reading = {{i * 1.0, 255.0 - i, i / 3.0},
                         {std::sqrt(i + 1), 1.0 / (i + 7), std::exp(i / 9.0)},
                         0.1 * i};
            l.meterState = QByteArray::number(i);
            if (i % 2)
                l.controls = MonitorControls{double(i), 70, 100, 99, 98};
            book.appendReading(run, Stage::Measure, l);
        }
        const auto back = book.readings(run, Stage::Measure);
        QCOMPARE(back.size(), size_t(100));
        for (int i = 0; i < 100; ++i) {
            QCOMPARE(back[i].reading.xyz,
                     (XYZ{std::sqrt(i + 1), 1.0 / (i + 7), std::exp(i / 9.0)}));
            QCOMPARE(back[i].meterState, QByteArray::number(i));
            QCOMPARE(back[i].controls.has_value(), i % 2 == 1);
        }
        QVERIFY(book.readings(run, Stage::Ready).empty());
    }

    void setupSurvives()
    {
        RunSetup setup = test::EngineRig::setup();
        setup.aim = {.name = "x",
                     .white = Chromaticity{0.31, 0.32},
                     .luminanceCdM2 = {},
                     .tone = NativeTone{}};
        setup.linkBits.reset();
        setup.startControls.reset();
        setup.adjust = AdjustMode::ByHand;
        setup.profileKind = ProfileKind::Matrix;
        setup.profileTitle = "Größe \"1\"";
        Logbook book(path(), Logbook::Access::Write);
        const qint64 run = book.createRun(setup);
        QVERIFY(book.setup(run) == setup);
        setup.chartPatches = 77;
        book.changeSetup(run, setup);
        QCOMPARE(book.setup(run).chartPatches, 77);
        VERIFY_ERROR(book.setup(run + 1), "not in the logbook");
    }

    void aSecondProgramIsKeptOff()
    {
        Logbook first(path(), Logbook::Access::Write);
        VERIFY_ERROR(Logbook(path(), Logbook::Access::Write), "in use by");
        Logbook reader(path(), Logbook::Access::Read); // reading is allowed
        QVERIFY(reader.runs().empty());
    }

    /// A lock of another machine, or one that nobody can read, keeps nobody out for good.
    void aStaleLockIsNamedAndCanBeTakenOver()
    {
        for (const QByteArray &lock :
             {QByteArray("4242\nbold-lantern\nanother-machine\n"), QByteArray("\x01\x02")}) {
            writeFile(Logbook::lockFileOf(path()), lock);
            try {
                Logbook book(path(), Logbook::Access::Write);
                QFAIL("a locked logbook was opened");
            } catch (const LockedError &e) {
                QVERIFY2(QByteArray(e.what()).contains("log.sqlite.lock"), e.what());
                QCOMPARE(e.holder, lock.startsWith("4242") ? LockedError::Holder::Elsewhere
                                                           : LockedError::Holder::Unknown);
            }
            Logbook::takeOver(path());
            Logbook book(path(), Logbook::Access::Write);
            QVERIFY(book.runs().empty());
        }
    }

    /// Names that SQLite would take for something else are files like any other.
    void strangeNamesAreFiles()
    {
        for (const char *name : {":memory:", "file:x.sqlite", "a?mode=memory", "50% #1.sqlite"}) {
            const QString file = m_folder->path() + QLatin1Char('/') + QLatin1String(name);
            {
                Logbook book(file, Logbook::Access::Write);
                book.createRun(test::EngineRig::setup());
            }
            QVERIFY2(QFile::exists(file), name);
            QCOMPARE(Logbook(file, Logbook::Access::Read).runs().size(), size_t(1));
        }
    }

    void theLockGoesWithItsHolder()
    {
        {
            Logbook first(path(), Logbook::Access::Write);
        }
        Logbook second(path(), Logbook::Access::Write);
        QVERIFY(second.runs().empty());
    }

    void findsUnfinishedRunsOfADisplay()
    {
        Logbook book(path(), Logbook::Access::Write);
        RunSetup setup = test::EngineRig::setup();
        const qint64 first = book.createRun(setup);
        setup.displayId = "south-desk";
        const qint64 second = book.createRun(setup);
        QCOMPARE(book.unfinishedRun().value(), second);
        QCOMPARE(book.unfinishedRun(QStringLiteral("north-desk")).value(), first);
        book.finishStage(second, Stage::Validate, 1, {});
        QVERIFY(!book.unfinishedRun(QStringLiteral("south-desk")));
        book.abandon(first);
        QVERIFY(!book.unfinishedRun());
        QCOMPARE(book.runs().size(), size_t(2));
        QVERIFY(book.runs({.displayId = QStringLiteral("south-desk")}).front().finished);
    }

    void stagesCanBeStartedAgain()
    {
        Logbook book(path(), Logbook::Access::Write);
        const qint64 run = book.createRun(test::EngineRig::setup());
        book.appendReading(run, Stage::Adjust, {});
        book.appendReading(run, Stage::Ready, {});
        RunSetup changed = test::EngineRig::setup();
        changed.adjust = AdjustMode::Skip;
        book.restartStage(run, Stage::Adjust, changed);
        QVERIFY(book.readings(run, Stage::Adjust).empty());
        QCOMPARE(book.readings(run, Stage::Ready).size(), size_t(1));
        QCOMPARE(book.setup(run).adjust, AdjustMode::Skip);
    }

    void damagedAndForeignFilesAreNamed()
    {
        writeFile(path(),
                  QByteArray("this is no database, but it is long enough to look at").repeated(50));
        VERIFY_ERROR(Logbook(path(), Logbook::Access::Write), "log.sqlite");
        VERIFY_ERROR(Logbook(QStringLiteral("/proc/no/log.sqlite"), Logbook::Access::Write),
                     "cannot be written");
    }

    void aNewerLogbookIsLeftAlone()
    {
        {
            Logbook book(path(), Logbook::Access::Write);
        }
        {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("newer"));
            db.setDatabaseName(path());
            QVERIFY(db.open());
            QVERIFY(QSqlQuery(db).exec(QStringLiteral("PRAGMA user_version = 99")));
            db.close();
        }
        QSqlDatabase::removeDatabase(QStringLiteral("newer"));
        VERIFY_ERROR(Logbook(path(), Logbook::Access::Write), "newer Bold Lantern");
    }

    void replayNoticesForeignReadings()
    {
        RunResults results;
        const auto &entry = stageEntry(Stage::FourColours);
        LoggedReading wrong;
        wrong.reading.rgb = {1, 2, 3};
        VERIFY_ERROR((replay(*entry.begin(results), {wrong}, "log"), 0), "do not fit its plan");
        std::vector<LoggedReading> all;
        for (const DeviceRgb &rgb : correctionPatches()) {
            LoggedReading one;
            one.reading.rgb = rgb;
            all.push_back(one);
        }
        replay(*entry.begin(results), all, "log");
        all.push_back(all.front());
        VERIFY_ERROR((replay(*entry.begin(results), all, "log"), 0), "more readings than its plan");
    }

    void filesAreReadAndWrittenWhole()
    {
        const QString file = m_folder->filePath(QStringLiteral("a.txt"));
        writeFile(file, "one");
        writeFile(file, "two");
        QCOMPARE(readFile(file), QByteArray("two"));
        VERIFY_ERROR(readFile(m_folder->filePath(QStringLiteral("none"))), "no such file");
        VERIFY_ERROR(readFile(m_folder->path()), "folder");
        VERIFY_ERROR((writeFile(QStringLiteral("/proc/no/a.txt"), "x"), 0), "cannot be written");
        VERIFY_ERROR((makeFolder(file + QStringLiteral("/below")), 0), "cannot be made");
    }

private:
    [[nodiscard]] QString path() const { return m_folder->filePath(QStringLiteral("log.sqlite")); }
    std::unique_ptr<QTemporaryDir> m_folder;
};

namespace {
const lantern::test::Register<LogbookTest> registered("LogbookTest");
}

#include "logbook_test.moc"
