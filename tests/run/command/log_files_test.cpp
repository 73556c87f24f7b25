#include "../cli_rig.h"
#include "run/file/files.h"
#include "run/logbook/merge.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include <csignal>

using namespace lantern;
using namespace lantern::test;
using run::Logbook;

/// Backup, merge and rescue of logbooks on the command line.
class LogFilesTest : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> m_folder;

    [[nodiscard]] QString path(const char *name) const
    {
        return m_folder->filePath(QLatin1String(name));
    }
    [[nodiscard]] Json log(const char *book, const QStringList &more) const
    {
        const Answer a = cli(QStringList{QStringLiteral("log"), QStringLiteral("--json"),
                                         QStringLiteral("--logbook"), path(book)} +
                             more);
        return a.code == 0 ? Json::parse(a.out.toStdString()) : Json(a.err.toStdString());
    }

private slots:
    void init()
    {
        m_folder = std::make_unique<QTemporaryDir>();
        run::writeFile(path("mine.sqlite"),
                       run::readFile(QStringLiteral(LANTERN_TEST_DATA "/logbook-v5.sqlite")));
    }

    void toOneFileAndBack()
    {
        const Json whole = log("mine.sqlite", {QStringLiteral("--readings")});
        QCOMPARE(whole.size(), size_t(9));
        QVERIFY(log("mine.sqlite", {QStringLiteral("--back-up"), path("copy.sqlite")})["bytes"] >
                100'000);
        const QStringList merge = {QStringLiteral("--merge"), path("copy.sqlite")};
        QCOMPARE(log("new.sqlite", merge)["added"], 9);
        QCOMPARE(log("new.sqlite", merge)["present"], 9);
        QCOMPARE(log("new.sqlite", {QStringLiteral("--readings")}), whole);
        const Answer csv =
            cli({QStringLiteral("log"), QStringLiteral("--logbook"), path("new.sqlite"),
                 QStringLiteral("--csv"), QStringLiteral("--readings")});
        size_t readings = 0;
        for (const Json &r : whole)
            readings += r["readings"]["rows"].size();
        QCOMPARE(static_cast<size_t>(csv.out.count(QLatin1Char('\n'))), readings + 1);
    }

    void aDamagedOneIsNamedAndRescued()
    {
        QByteArray bad = run::readFile(path("mine.sqlite"));
        for (qsizetype page = 20; page < 60; ++page)
            bad.replace(4096 * page, 4096, QByteArray(4096, char(0x5a)));
        run::writeFile(path("bad.sqlite"), bad);
        const Json failed = log("bad.sqlite", {});
        QVERIFY2(failed.is_string() &&
                     failed.get<std::string>().find("--rescue") != std::string::npos,
                 failed.dump().c_str());
        const Json r = log("bad.sqlite", {QStringLiteral("--rescue"), path("new.sqlite")});
        QVERIFY(r["damaged_pages"] > 20);
        QVERIFY(r["rescued"] > 0);
        QVERIFY(!r["hurt"].empty() || !r["lost"].empty());
        QCOMPARE(log("new.sqlite", {}).size(), r["rescued"].get<size_t>());
    }

    /// Killed again and again while it takes over: nothing is missing in the end, nothing twice.
    void killedWhileMerging()
    {
        constexpr int kCopies = 60;
        {
            Logbook few(path("mine.sqlite"), Logbook::Access::Write);
            Logbook many(path("many.sqlite"), Logbook::Access::Write);
            many.together([&] {
                for (int copy = 0; copy < kCopies; ++copy)
                    for (const qint64 id : few.allRuns()) {
                        run::RunRecord r = few.record(id);
                        r.reference.clear();
                        r.identity += QStringLiteral("-%1").arg(copy);
                        many.put(r);
                    }
            });
        }
        QFile::remove(path("new.sqlite"));
        int killed = 0;
        bool isDone = false;
        for (double patienceMs = 60; !isDone && patienceMs < 300'000; patienceMs *= 1.15) {
            QProcess p;
            p.start(QStringLiteral(LANTERN_CLI),
                    {QStringLiteral("log"), QStringLiteral("--json"), QStringLiteral("--logbook"),
                     path("new.sqlite"), QStringLiteral("--merge"), path("many.sqlite")});
            QVERIFY(p.waitForStarted());
            if (p.waitForFinished(static_cast<int>(patienceMs))) {
                QCOMPARE(p.exitCode(), 0);
                isDone = true;
                continue;
            }
            ::kill(static_cast<pid_t>(p.processId()), SIGKILL);
            QVERIFY(p.waitForFinished());
            ++killed;
        }
        QVERIFY(isDone);
        QVERIFY2(killed > 1, qPrintable(QString::number(killed)));
        Logbook merged(path("new.sqlite"), Logbook::Access::Read);
        Logbook many(path("many.sqlite"), Logbook::Access::Read);
        QVERIFY(merged.isWhole());
        QCOMPARE(merged.allRuns().size(), size_t(9 * kCopies));
        for (const qint64 id : many.allRuns()) {
            const run::RunRecord r = many.record(id);
            const auto here = merged.runOf(r.identity);
            QVERIFY(here.has_value());
            QCOMPARE(recordToJson(merged.record(*here)).dump(), recordToJson(r).dump());
        }
    }
};

namespace {
const lantern::test::Register<LogFilesTest> registered("LogFilesTest");
}

#include "log_files_test.moc"
