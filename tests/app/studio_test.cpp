#include "core/base/error.h"
#include "platform/as_found.h"
#include "platform/x11/x11_output.h"
#include "runner.h"
#include "settle.h"
#include "studio_rig.h"

#include <QGuiApplication>
#include <QLineEdit>
#include <QPushButton>
#include <QStandardPaths>

namespace lantern::test {

using namespace app;
using run::Activity;

/// The real thing on the one output of the tests' X server.
class StudioTest : public QObject {
    Q_OBJECT
    StudioRig m_rig;

    [[nodiscard]] const SessionState &state() const { return m_rig.state(); }
    void open(const char *logbook) { QVERIFY(m_rig.open(logbook, {0, 0}, {1280, 800})); }
    void beginReading() { QVERIFY(m_rig.beginReading()); }

private slots:
    void init()
    {
        if (QGuiApplication::platformName() != QLatin1String("xcb"))
            QSKIP("needs an X server");
        m_rig.findDisplays();
    }
    void cleanup() { m_rig.close(); }

    void withoutAMeterItSaysWhatToDo()
    {
        open("none.sqlite");
        QCOMPARE(state().displays.size(), size_t(1));
        QVERIFY(!state().ready.front().done);
        QVERIFY(state().ready.front().finding.contains(QLatin1String("Meter menu")));
        beginReading();
        QVERIFY(waitUntil([&] { return state().status.activity == Activity::Faulted; }));
        QVERIFY2(state().notice.contains(QLatin1String("Meter menu")), qPrintable(state().notice));
    }

    void numbersAreTypedIn()
    {
        m_rig.studio->chooseMeter(QStringLiteral("hand"));
        open("hand.sqlite");
        beginReading();
        QVERIFY(waitUntil([&] { return state().entryWanted.has_value(); }));
        auto *strip = m_rig.window->findChild<QWidget *>(QStringLiteral("handEntry"));
        QVERIFY(waitUntil([&] { return strip->isVisible(); }));
        const std::array numbers = {"95.1", "100", "108.9"};
        const std::array names = {"X", "Y", "Z"};
        for (size_t i = 0; i < 3; ++i) {
            auto *field = strip->findChild<QLineEdit *>(QLatin1String(names[i]));
            QTest::keyClicks(field, QLatin1String(numbers[i]));
            QTest::keyClick(field, Qt::Key_Return);
        }
        QVERIFY(waitUntil([&] { return state().status.readingsDone == 1; }));
        QCOMPARE(state().liveReadings.front().xyz.Y, 100.0);
        QVERIFY(waitUntil([&] { return state().entryWanted.has_value(); })); // the next one
        m_rig.session->stop();
        QVERIFY(waitUntil([&] { return state().status.activity == Activity::Idle; }));
        QVERIFY(waitUntil([&] { return !state().entryWanted.has_value(); }));
        QVERIFY(waitUntil([&] { return !strip->isVisible(); }));
    }

    void aCommandMeasures()
    {
        m_rig.studio->chooseMeter(
            QStringLiteral("command:/bin/sh -c \"echo 95 100 108.$(date +%N)\""));
        open("command.sqlite");
        beginReading();
        QVERIFY(waitUntil([&] { return state().liveReadings.size() > 3; }));
        VERIFY_NEAR(state().liveReadings.front().xyz.Z, 108.5, 0.5);
    }

    /// Whatever ends a run, the screen gets back what it had; after a crash at the next start.
    void whatWasFoundIsPutBack()
    {
        const auto output = platform::x11Outputs().front();
        platform::X11VideoLut lut(output);
        platform::X11ProfileStore store(output);
        VideoLut own = VideoLut::identity();
        for (auto &entry : own.channels[2])
            entry = static_cast<uint16_t>(entry * 0.9);
        lut.load(own);
        store.declare("found");
        const QByteArray found = lut.save();
        m_rig.studio->chooseMeter(
            QStringLiteral("command:/bin/sh -c \"echo 95 100 108.$(date +%N)\""));
        open("put-back.sqlite");
        beginReading();
        QVERIFY(waitUntil([&] { return state().liveReadings.size() > 1; }));
        QVERIFY(lut.save() != found); // the display is read as it is by itself
        m_rig.close();                // in the middle of it
        QCOMPARE(lut.save(), found);
        QCOMPARE(store.inUse(), QByteArray("found"));

        // Killed: nobody could put anything back.
        const QString kept = QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
                             QStringLiteral("/bold-lantern/as-found");
        platform::AsFound(kept).note(output.name, &lut, store, nullptr);
        lut.load(VideoLut::identity());
        store.declare({});
        const StudioWorkplace next;
        QCOMPARE(lut.save(), found);
        QCOMPARE(store.inUse(), QByteArray("found"));
        lut.load(VideoLut::identity());
        store.declare({});
    }

    /// A meter that says the same of every colour is found out at the second of them.
    void aMeterThatSticksIsFoundOut()
    {
        m_rig.studio->chooseMeter(QStringLiteral("command:/bin/sh -c \"echo 95 100 108\""));
        open("stuck.sqlite");
        beginReading();
        QVERIFY(waitUntil([&] { return state().status.activity == Activity::Faulted; }));
        QVERIFY2(state().notice.contains(QLatin1String("same numbers for different colours")),
                 qPrintable(state().notice));
    }

    void aDriverThatIsMissingIsNamed()
    {
        m_rig.studio->chooseMeter(QStringLiteral("driver:/nowhere/reed"));
        open("driver.sqlite");
        QVERIFY(waitUntil([&] { return state().notice.contains(QLatin1String("/nowhere/reed")); }));
        QVERIFY(!state().ready.front().done);
    }

    void anotherTechnologyIsKept()
    {
        open("technology.sqlite");
        QCOMPARE(state().displays[0].technology, QStringLiteral("led-phosphor"));
        m_rig.session->setTechnology(QStringLiteral("oled"));
        QCOMPARE(state().displays[0].technology, QStringLiteral("oled"));
        QVERIFY(state().displays[0].technologyReason.contains(QLatin1String("you")));
        cleanup();
        m_rig.findDisplays();
        QCOMPARE(m_rig.studio->displays()[0].technology, QStringLiteral("oled"));
        m_rig.studio->setTechnology(0, "led-phosphor");
    }

    void everyViewFitsALowWindow()
    {
        m_rig.studio->chooseMeter(QStringLiteral("hand"));
        open("low.sqlite");
        m_rig.window->resize(1080, 700);
        for (const ViewEntry &entry : viewRegistry()) {
            m_rig.session->showView(entry.id);
            settle();
            QCOMPARE(m_rig.window->height(), 700); // a view that needs more scrolls
        }
    }
};

static const Register<StudioTest> registered("StudioTest");

} // namespace lantern::test

#include "studio_test.moc"
