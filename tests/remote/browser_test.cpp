#include "core/profile/profile_file.h"
#include "remote/browser_rig.h"
#include "run/file/files.h"
#include "run/logbook/logbook.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <QFileInfo>
#include <QTcpServer>

#include <csignal>

namespace lantern::test {

namespace {

using run::readFile;

quint16 freePort()
{
    QTcpServer server;
    server.listen(QHostAddress::LocalHost);
    return server.serverPort();
}

/// The command line while it measures a device.
struct Measuring {
    QProcess process;
    QString code;

    Measuring(quint16 port, const QString &out, const PrivateScreen &screen,
              const QStringList &more = {})
    {
        process.start(
            QStringLiteral(LANTERN_CLI),
            QStringList{QStringLiteral("run"), QStringLiteral("--page"),
                        QStringLiteral("127.0.0.1:%1").arg(port), QStringLiteral("--out"), out,
                        QStringLiteral("--meter"),
                        QStringLiteral("command:" LANTERN_PAGE_METER " ") + screen.name(),
                        QStringLiteral("--chart"), QStringLiteral("24"),
                        QStringLiteral("--profile"), QStringLiteral("matrix"),
                        QStringLiteral("--aim"),
                        QFileInfo(out).absolutePath() + QStringLiteral("/as-it-is.json")} +
                more);
    }
    ~Measuring()
    {
        process.kill();
        process.waitForFinished();
    }
    /// The code that it tells a person.
    QString awaitCode()
    {
        QString said;
        (void)waitUntil([&] {
            said += QString::fromUtf8(process.readAllStandardError());
            return said.contains(QLatin1String("code ")) && said.endsWith(QLatin1Char('\n'));
        });
        return said.section(QStringLiteral("code "), 1).left(6);
    }
    bool ends()
    {
        (void)waitUntil([&] { return process.state() == QProcess::NotRunning; });
        return process.state() == QProcess::NotRunning;
    }
};

int readingsIn(const QString &out)
{
    const QString path = out + QStringLiteral("/run.sqlite");
    if (!QFile::exists(path))
        return 0;
    try {
        run::Logbook logbook(path, run::Logbook::Access::Read);
        const auto runs = logbook.runs({.atMost = 1});
        if (runs.empty())
            return 0;
        int count = 0;
        for (const run::Stage stage : run::stagesOf(run::RunKind::Calibration))
            count += static_cast<int>(logbook.readings(runs.front().id, stage).size());
        return count;
    } catch (const Error &) { // just being made
        return 0;
    }
}

} // namespace

/// A real browser on private screens shows the patches; a stand-in meter looks at their pixels.
class BrowserTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    PrivateScreen m_first, m_second;
    QByteArray m_undisturbed; ///< readings of a run that nothing came between
    Json m_undisturbedProof;  ///< and those of its proof

    [[nodiscard]] QString in(const char *name) const
    {
        return m_folder.filePath(QLatin1String(name));
    }
    static QUrl page(quint16 port)
    {
        return QUrl(QStringLiteral("http://127.0.0.1:%1/").arg(port));
    }

    /// Its greys are tinted, which nothing can mend where no LUT can be loaded; the profile knows.
    static void checkVerdict(QProcess &run)
    {
        const QString said = QString::fromUtf8(run.readAllStandardOutput());
        QVERIFY2(run.exitCode() == 4, qPrintable(said));
        QVERIFY2(said.contains(QLatin1String("Studio, the profile: within")), qPrintable(said));
    }

private slots:
    void initTestCase()
    {
        run::writeFile(
            in("as-it-is.json"),
            R"({"format": "bold-lantern-aim", "version": 1, "name": "As it is", "white": "native", "luminance": "native", "tone": "native", "black": "native"})");
        QVERIFY(m_first.start());
        QVERIFY(m_second.start());
    }

    void aDeviceIsMeasuredAndFetchesItsProfile()
    {
        const quint16 port = freePort();
        const QString out = in("plain");
        Measuring run(port, out, m_first, {QStringLiteral("--linger"), QStringLiteral("120")});
        const QString code = run.awaitCode();
        Browser browser(m_first.name(), in("device-1"));
        QVERIFY(browser.start(page(port)));
        QVERIFY(browser.pair(code, QStringLiteral("Kiosk one")));
        QVERIFY(
            waitUntil([&] { return !browser.evaluate(Browser::hidden("stage")).toBool(true); }));
        QVERIFY(waitUntil([&] {
            return browser.evaluate(QStringLiteral("document.querySelectorAll('#files a').length"))
                       .toInt() == 2;
        }));
        QCOMPARE(browser.textOf("name"), QStringLiteral("Kiosk one"));
        const QString path =
            browser.evaluate(QStringLiteral("document.querySelectorAll('#files a')[0].href"))
                .toString();
        const Fetched icc = fetch(QUrl(path));
        QCOMPARE(icc.body, readFile(out + QStringLiteral("/profile.icc")));
        const Fetched report = fetch(
            QUrl(browser.evaluate(QStringLiteral("document.querySelectorAll('#files a')[1].href"))
                     .toString()));
        QVERIFY(report.body.contains("Kiosk one"));
        QVERIFY(report.body.contains("in the browser of this device"));
        run.process.terminate();
        QVERIFY(run.ends());
        checkVerdict(run.process);
        const Json json = Json::parse(readFile(out + QStringLiteral("/report.json")).toStdString());
        const double mean = json["validation"]["delta_e_2000"]["mean"].get<double>();
        VERIFY_BELOW(mean, 0.4);
        m_undisturbed = readFile(out + QStringLiteral("/readings.cgats"));
        m_undisturbedProof = json["validation"]["patches"];
    }

    void whateverIsPulledTheRunEndsTheSame()
    {
        const quint16 port = freePort();
        const QString out = in("pulled");
        auto run = std::make_unique<Measuring>(port, out, m_first);
        const QString code = run->awaitCode();
        Browser browser(m_first.name(), in("device-2"));
        QVERIFY(browser.start(page(port)));
        QVERIFY(browser.pair(code, QStringLiteral("Kiosk one")));
        // The browser dies, and comes back by itself once it is started.
        QVERIFY(waitUntil([&] { return readingsIn(out) > 80; }));
        browser.kill();
        const int afterwards = readingsIn(out);
        QVERIFY(browser.start(page(port)));
        QVERIFY(waitUntil([&] { return readingsIn(out) > afterwards + 5; }));
        // Something else in front of the page: nothing is read meanwhile.
        browser.coverWithTab();
        QVERIFY(waitUntil([&] {
            return QString::fromUtf8(run->process.readAllStandardError())
                .contains(QLatin1String("does not show its page"));
        }));
        const int covered = readingsIn(out);
        browser.closeTab();
        QVERIFY(waitUntil([&] { return readingsIn(out) > covered + 5; }));
        // The program is killed, and started again with the same command.
        run->process.kill();
        QVERIFY(run->ends());
        const int kept = readingsIn(out);
        QVERIFY(kept > covered);
        run = std::make_unique<Measuring>(port, out, m_first);
        QVERIFY(run->ends());
        const auto figures = [](const QByteArray &cgats) {
            return cgats.mid(cgats.indexOf("BEGIN_DATA\n"));
        };
        QVERIFY(!m_undisturbed.isEmpty());
        QCOMPARE(figures(readFile(out + QStringLiteral("/readings.cgats"))),
                 figures(m_undisturbed));
        const Json proof = Json::parse(
            readFile(out + QStringLiteral("/report.json")).toStdString())["validation"]["patches"];
        QVERIFY(m_undisturbedProof.size() > 20);
        QCOMPARE(proof.size(), m_undisturbedProof.size());
        for (size_t i = 0; i < proof.size(); ++i)
            QVERIFY2(proof[i] == m_undisturbedProof[i],
                     (proof[i].dump() + " was " + m_undisturbedProof[i].dump()).c_str());
        checkVerdict(run->process);
    }

    void ofTwoDevicesTheChosenOneIsMeasured()
    {
        const quint16 port = freePort();
        const QString out = in("two");
        Measuring run(port, out, m_second, {QStringLiteral("--device"), QStringLiteral("Right")});
        Browser left(m_first.name(), in("device-3")), right(m_second.name(), in("device-4"));
        QString code = run.awaitCode();
        QVERIFY(left.start(page(port)));
        QVERIFY(left.pair(code, QStringLiteral("Left")));
        QVERIFY(waitUntil([&] { return left.textOf("name") == QLatin1String("Left"); }));
        code = run.awaitCode(); // each device has its own
        QVERIFY(right.start(page(port)));
        QVERIFY(right.pair(code, QStringLiteral("Right")));
        bool leftShowed = false;
        QVERIFY(waitUntil([&] {
            leftShowed |= !left.evaluate(Browser::hidden("stage")).toBool(true);
            return run.process.state() == QProcess::NotRunning;
        }));
        QVERIFY(!leftShowed);
        checkVerdict(run.process);
        const Json json = Json::parse(readFile(out + QStringLiteral("/report.json")).toStdString());
        QCOMPARE(QString::fromStdString(json["display"].get<std::string>()),
                 QStringLiteral("Right"));
    }
};

static const Register<BrowserTest> registered("BrowserTest");

} // namespace lantern::test

#include "browser_test.moc"
