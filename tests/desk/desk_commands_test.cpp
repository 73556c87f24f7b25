#include "core/base/error.h"
#include "core/profile/profile_file.h"
#include "desk/desk.h"
#include "platform/as_found.h"
#include "platform/x11/x11_output.h"
#include "run/cli_rig.h"
#include "run/file/files.h"
#include "runner.h"

#include <nlohmann/json.hpp>

#include <QFile>
#include <QFileInfo>
#include <QGuiApplication>
#include <QProcess>
#include <QStandardPaths>
#include <QTemporaryDir>

#include <xcb/xcb.h>

namespace lantern::test {

namespace {

QString text(const char *latin1)
{
    return QLatin1String(latin1);
}

} // namespace

/// The command line on the output of the tests' X server, which it takes for a real display. A
/// stand-in meter looks at the pixels through the output's video LUT.
class DeskCommandsTest : public QObject {
    Q_OBJECT
    std::unique_ptr<xcb_connection_t, decltype(&xcb_disconnect)> m_client{nullptr, &xcb_disconnect};
    QTemporaryDir m_folder;
    QString m_output, m_meter, m_run;
    std::unique_ptr<platform::X11VideoLut> m_lut;
    std::unique_ptr<platform::X11ProfileStore> m_store;

    [[nodiscard]] QStringList runArguments(const QString &out) const
    {
        return {text("run"), text("--output"),  m_output,      text("--meter"),
                m_meter,     text("--out"),     out,           text("--chart"),
                text("24"),  text("--profile"), text("matrix")};
    }
    /// What somebody else had in force.
    void putInForce()
    {
        VideoLut own = VideoLut::identity();
        for (auto &entry : own.channels[2])
            entry = static_cast<uint16_t>(entry * 0.9);
        m_lut->load(own);
        m_store->declare("somebody's");
    }

private slots:
    void initTestCase()
    {
        if (qEnvironmentVariableIsEmpty("DISPLAY"))
            QSKIP("needs an X server");
        // A server without clients starts anew, and answers nobody meanwhile: one stays.
        QVERIFY(waitUntil([&] {
            m_client.reset(xcb_connect(nullptr, nullptr));
            return !xcb_connection_has_error(m_client.get()) && !platform::x11Outputs().empty();
        }));
        // Nothing of the person's is touched, by this program and those it starts.
        qputenv("XDG_DATA_HOME", m_folder.filePath(text("data")).toLocal8Bit());
        qputenv("XDG_CONFIG_HOME", m_folder.filePath(text("config")).toLocal8Bit());
        const platform::Output output = platform::x11Outputs().front();
        m_output = output.name;
        m_meter = text("command:" LANTERN_SCREEN_METER " ") + m_output;
        m_lut = std::make_unique<platform::X11VideoLut>(output);
        m_store = std::make_unique<platform::X11ProfileStore>(output);
        m_run = m_folder.filePath(text("run"));
    }
    void cleanupTestCase()
    {
        if (m_lut)
            m_lut->load(VideoLut::identity());
        if (m_store)
            m_store->declare({});
    }

    void displaysAreListed()
    {
        m_store->declare({});
        m_lut->load(VideoLut::identity());
        const Answer a = cli({text("displays"), text("--json")});
        QCOMPARE(a.code, 0);
        const Json first = Json::parse(a.out.toStdString())["displays"][0];
        QCOMPARE(QString::fromStdString(first["output"]), m_output);
        QVERIFY(first["loads_lut"].get<bool>());
        QVERIFY(!first["lut_loaded"].get<bool>());
        QVERIFY(first["profile"].is_null());
        QCOMPARE(first["pixels"][0].get<int>(), platform::x11Outputs().front().geometry.width());
        QVERIFY(cli({text("displays")}).out.contains(m_output));
    }

    void whatIsNotThereIsSaid()
    {
        QStringList arguments = runArguments(m_folder.filePath(text("none")));
        arguments[2] = text("HDMI-77");
        const Answer unknown = cli(arguments);
        QCOMPARE(unknown.code, 2);
        QVERIFY2(unknown.err.contains(m_output), qPrintable(unknown.err));

        arguments[2] = m_output;
        arguments[4] = text("reference");
        QCOMPARE(cli(arguments).code, 2); // the bench's own meter sees no real display
        arguments[4] = m_meter;
        const Answer fault = cli(arguments + QStringList{text("--fault"), text("unplugged@3")});
        QCOMPARE(fault.code, 2);
        QVERIFY2(fault.err.contains(text("--fault")), qPrintable(fault.err));
        const Answer meterless = cli({text("validate"), text("--output"), m_output, text("--out"),
                                      m_folder.filePath(text("none"))});
        QCOMPARE(meterless.code, 2);
        QVERIFY2(meterless.err.contains(text("--meter")), qPrintable(meterless.err));

        QProcess p;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.remove(text("DISPLAY"));
        p.setProcessEnvironment(environment);
        p.start(text(LANTERN_CLI), runArguments(m_folder.filePath(text("none"))));
        QVERIFY(p.waitForFinished());
        QCOMPARE(p.exitStatus(), QProcess::NormalExit);
        QCOMPARE(p.exitCode(), 3);
        QVERIFY(p.readAllStandardError().contains("X server"));
        QVERIFY(!QFile::exists(m_folder.filePath(text("none"))));
    }

    /// Ended from outside it gives back what it found; the same command goes on.
    void whatIsFoundIsGivenBack()
    {
        putInForce();
        const QByteArray found = m_lut->save();
        QProcess p;
        p.start(text(LANTERN_CLI), runArguments(m_run));
        QVERIFY(p.waitForStarted());
        QVERIFY(waitUntil([&] { return m_lut->save() != found; })); // it reads the bare display
        p.terminate();
        QVERIFY(p.waitForFinished());
        QCOMPARE(p.exitStatus(), QProcess::NormalExit);
        QCOMPARE(p.exitCode(), 3);
        QVERIFY(p.readAllStandardError().contains("same command"));
        QCOMPARE(m_lut->save(), found);
        QCOMPARE(m_store->inUse(), QByteArray("somebody's"));
    }

    /// The light of a built-in panel belongs to what was found; by itself while a run of ours is
    /// in force.
    void brightnessIsGivenBackToo()
    {
        struct Light : run::ControlsDevice {
            MonitorControls now;
            [[nodiscard]] ControlCapabilities capabilities() const override
            {
                return {true, false};
            }
            std::optional<MonitorControls> read() override { return now; }
            void write(const MonitorControls &controls) override { now = controls; }
        };
        Light light;
        light.now.brightness = 66.5;
        platform::AsFound asFound(m_folder.filePath(text("light")));
        asFound.putLightBack(m_output, &light); // nothing was noted
        QCOMPARE(light.now.brightness, 66.5);
        asFound.note(m_output, m_lut.get(), *m_store, &light);
        light.now.brightness = 20;
        asFound.putLightBack(m_output, &light);
        QCOMPARE(light.now.brightness, 66.5);
        light.now.brightness = 10;
        asFound.putBack(m_output, m_lut.get(), *m_store, &light);
        QCOMPARE(light.now.brightness, 66.5);
        light.now.brightness = 10;
        asFound.putBack(m_output, m_lut.get(), *m_store, &light); // it is forgotten
        QCOMPARE(light.now.brightness, 10.0);
    }

    void twoProgramsDoNotMeasureOneDisplay()
    {
        platform::AsFound other(
            QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
            text("/bold-lantern/as-found"));
        other.note(m_output, m_lut.get(), *m_store, nullptr);
        const QByteArray found = m_lut->save();
        const Answer a = cli(runArguments(m_run));
        QCOMPARE(a.code, 3);
        QVERIFY2(a.err.contains(text("another program")), qPrintable(a.err));
        QCOMPARE(m_lut->save(), found);
        // Nor does a program that only shows the display's run put anything in force on it.
        desk::Desk desk;
        run::RunResults last;
        last.profile = "a profile";
        desk.activate(desk.find(m_output), last);
        QCOMPARE(m_lut->save(), found);
        QCOMPARE(m_store->inUse(), QByteArray("somebody's"));
        other.forget(m_output);
        desk.activate(desk.find(m_output), last);
        QCOMPARE(m_store->inUse(), QByteArray("a profile"));
        putInForce();
    }

    void theWholeJob()
    {
        const Answer a = cli(runArguments(m_run), {}, 240);
        QVERIFY2(a.code == 0, qPrintable(a.err));
        const QByteArray icc = run::readFile(m_run + text("/profile.icc"));
        QVERIFY(m_store->inUse() == icc); // what is in use is what was written
        const ProfileFile profile({icc.begin(), icc.end()}, "profile");
        QVERIFY(profile.videoLut().has_value());
        QVERIFY(m_lut->holds(*profile.videoLut()));
        QVERIFY(!(*profile.videoLut() == VideoLut::identity()));
        const Json report = Json::parse(run::readFile(m_run + text("/report.json")).toStdString());
        QVERIFY(report["validation"]["delta_e_2000"]["mean"].get<double>() < 0.8);
        QVERIFY(report["after"]["delta_uv"].get<double>() < 0.001);

        const Answer again = cli(runArguments(m_run)); // it is done: nothing is read again
        QCOMPARE(again.code, 0);
        QCOMPARE(again.out, a.out);
    }

    void aCheckHolds()
    {
        putInForce(); // whatever is in force, the run's own is while it is checked
        const QByteArray found = m_lut->save();
        const Answer a = cli({text("check"), text("--run"), m_run, text("--output"), m_output,
                              text("--meter"), m_meter, text("--json")});
        QVERIFY2(a.code == 0, qPrintable(a.err));
        const Json check = Json::parse(a.out.toStdString());
        QCOMPARE(QString::fromStdString(check["verdict"]), text("holds"));
        QVERIFY(std::abs(check["luminance_ratio"].get<double>() - 1) < 1e-3);
        QCOMPARE(m_lut->save(), found);
        QCOMPARE(m_store->inUse(), QByteArray("somebody's"));
    }

    void aProfileIsValidated()
    {
        putInForce();
        const QByteArray found = m_lut->save();
        const QStringList arguments = {text("validate"),
                                       text("--output"),
                                       m_output,
                                       text("--meter"),
                                       m_meter,
                                       text("--out"),
                                       m_folder.filePath(text("proof")),
                                       text("--reference"),
                                       text("chart24"),
                                       text("--tolerance"),
                                       text("general"),
                                       text("--json")};
        const auto before = platform::StandingShelf().read(m_output);
        const Answer none = cli(arguments); // "somebody's" is no profile
        QCOMPARE(none.code, 2);
        const Answer a =
            cli(arguments + QStringList{text("--profile"), m_run + text("/profile.icc")});
        QVERIFY2(a.code == 0, qPrintable(a.err));
        const Json v = Json::parse(a.out.toStdString());
        QCOMPARE(v["patches"].size(), size_t(24));
        QVERIFY(v["delta_e_2000"]["mean"].get<double>() < 1);
        QCOMPARE(QString::fromStdString(v["verdict"]["aim"]), text("within")); // the profile's aim
        QVERIFY(QFile::exists(m_folder.filePath(text("proof/validation.cgats"))));
        // It says nothing of the profile that is to be in force.
        QVERIFY(platform::StandingShelf().read(m_output) == before);
        QCOMPARE(m_lut->save(), found);
        QCOMPARE(m_store->inUse(), QByteArray("somebody's"));
    }

    /// Numbers by hand come from standard input.
    void numbersComeByHand()
    {
        QStringList arguments = runArguments(m_folder.filePath(text("hand")));
        arguments[4] = text("hand");
        const Answer a = cli(arguments, "95 100 108\nnonsense\n");
        QCOMPARE(a.code, 3);
        QVERIFY(a.err.contains(text("Three numbers")));
        QVERIFY2(a.err.contains(text("standard input has ended")), qPrintable(a.err));
    }

    /// Another profile in use, the way back, none at all; kept as what is to be in force.
    void profilesAreUsedAndLeft()
    {
        const auto listed = [&](const QStringList &more) {
            const Answer a = cli(
                QStringList{text("profiles"), text("--output"), m_output, text("--json")} + more);
            return a.code == 0 ? Json::parse(a.out.toStdString())["profiles"] : Json();
        };
        const auto inUse = [](const Json &profiles) {
            for (const Json &p : profiles)
                if (p["in_use"].get<bool>())
                    return QString::fromStdString(p["path"]);
            return QString();
        };
        QStringList files;
        for (const char *name : {"first", "second"}) {
            const QString file = m_folder.filePath(text(name) + text(".icc"));
            const Answer built = cli(
                {text("build"), text("--readings"), m_run + text("/readings.cgats"), text("--out"),
                 file, text("--name"), text(name), text("--profile"), text("matrix")});
            QVERIFY2(built.code == 0, qPrintable(built.err));
            files << QFileInfo(file).canonicalFilePath();
        }
        QCOMPARE(inUse(listed({text("--use"), files[0]})), files[0]);
        QCOMPARE(m_store->inUse(), run::readFile(files[0]));
        QCOMPARE(inUse(listed({text("--use"), files[1]})), files[1]);
        QCOMPARE(inUse(listed({text("--previous")})), files[0]);
        QCOMPARE(m_store->inUse(), run::readFile(files[0]));
        const auto kept = platform::StandingShelf().read(m_output);
        QVERIFY(kept && kept->profile == run::readFile(files[0]));
        QCOMPARE(kept->used.front().path, files[0]);
        QVERIFY(cli({text("profiles"), text("--output"), m_output}).out.contains(text("* first")));
        QCOMPARE(inUse(listed({text("--none")})), QString());
        QVERIFY(m_store->inUse().isEmpty());
        QVERIFY(m_lut->holds(VideoLut::identity()));
        const Answer broken = cli({text("profiles"), text("--output"), m_output, text("--use"),
                                   m_run + text("/readings.cgats")});
        QCOMPARE(broken.code, 2);
        QVERIFY2(broken.err.contains(text("no ICC profile")), qPrintable(broken.err));
        // The reminder.
        const Answer keeper = cli({text("keeper"), text("--output"), m_output, text("--remind"),
                                   text("14"), text("--json")});
        QCOMPARE(keeper.code, 0);
        const Json told = Json::parse(keeper.out.toStdString());
        QVERIFY(!told["installed"].get<bool>());
        QCOMPARE(told["displays"][0]["remind_after_days"].get<int>(), 14);
    }

    /// Written, started, shown, ended and removed.
    void theKeeperIsInstalledAndRemoved()
    {
        qputenv("XDG_RUNTIME_DIR", m_folder.path().toLocal8Bit());
        const auto status = [&](const char *option) {
            const Answer a = option ? cli({text("keeper"), text("--json"), text(option)})
                                    : cli({text("keeper"), text("--json")});
            return a.code == 0 ? Json::parse(a.out.toStdString()) : Json();
        };
        QVERIFY(!status(nullptr)["installed"].get<bool>());
        const Json installed = status("--install");
        QVERIFY(installed["installed"].get<bool>());
        for (const Json &file : installed["files"])
            QVERIFY2(QFile::exists(QString::fromStdString(file)), file.get<std::string>().c_str());
        const QByteArray entry =
            run::readFile(QString::fromStdString(installed["files"][0].get<std::string>()));
        QVERIFY(entry.contains("Exec=\"/") && entry.contains("bold-lantern-keeper\""));
        QVERIFY(waitUntil([&] { return status(nullptr)["running"].get<bool>(); }));
        const Json removed = status("--remove");
        QVERIFY(!removed["installed"].get<bool>());
        for (const Json &file : removed["files"])
            QVERIFY(!QFile::exists(QString::fromStdString(file)));
        QVERIFY(waitUntil([&] { return !status(nullptr)["running"].get<bool>(); }));
    }
};

static const Register<DeskCommandsTest> registered("DeskCommandsTest");

} // namespace lantern::test

#include "desk_commands_test.moc"
