#include "app/main_window.h"
#include "core/error.h"
#include "runner.h"

#include <QGuiApplication>
#include <QLineEdit>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>

namespace lantern::test {

using namespace app;
using run::Activity;

/// The real thing on the one output of the tests' X server.
class StudioTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;
    std::unique_ptr<StudioWorkplace> m_studio;
    std::unique_ptr<Session> m_session;
    std::unique_ptr<MainWindow> m_window;

    [[nodiscard]] const SessionState &state() const { return m_session->state(); }
    void open(const char *logbook)
    {
        m_session =
            std::make_unique<Session>(m_studio.get(), m_folder.filePath(QLatin1String(logbook)));
        m_window = std::make_unique<MainWindow>(m_session.get(), m_studio.get());
        m_window->resize(1280, 800);
        m_window->move(0, 0);
        m_window->show();
        QVERIFY(QTest::qWaitForWindowExposed(m_window.get()));
        m_session->start();
    }
    /// From the checklist into the first readings.
    void beginReading()
    {
        m_session->act();
        m_session->act();
        m_session->act();
        QVERIFY(waitUntil([&] { return state().status.activity == Activity::Waiting; }));
        m_session->act();
    }

private slots:
    void init()
    {
        if (QGuiApplication::platformName() != QLatin1String("xcb"))
            QSKIP("needs an X server");
        m_studio = std::make_unique<StudioWorkplace>();
    }
    void cleanup()
    {
        m_window.reset();
        m_session.reset();
        m_studio.reset();
    }

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
        m_studio->setMeterChoice(QStringLiteral("hand"));
        open("hand.sqlite");
        beginReading();
        QVERIFY(waitUntil([&] { return state().entryWanted.has_value(); }));
        auto *strip = m_window->findChild<QWidget *>(QStringLiteral("handEntry"));
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
        m_session->stop();
        QVERIFY(waitUntil([&] { return state().status.activity == Activity::Idle; }));
        QVERIFY(waitUntil([&] { return !state().entryWanted.has_value(); }));
        QVERIFY(waitUntil([&] { return !strip->isVisible(); }));
    }

    void aCommandMeasures()
    {
        m_studio->setMeterChoice(QStringLiteral("command:/bin/sh -c \"echo 95 100 108\""));
        open("command.sqlite");
        beginReading();
        QVERIFY(waitUntil([&] { return state().liveReadings.size() > 3; }));
        QCOMPARE(state().liveReadings.front().xyz.Z, 108.0);
    }

    void aDriverThatIsMissingIsNamed()
    {
        m_studio->setMeterChoice(QStringLiteral("driver:/nowhere/reed"));
        open("driver.sqlite");
        QVERIFY(waitUntil([&] { return state().notice.contains(QLatin1String("/nowhere/reed")); }));
        QVERIFY(!state().ready.front().done);
    }

    void anotherTechnologyIsKept()
    {
        open("technology.sqlite");
        QCOMPARE(state().displays[0].technology, QStringLiteral("led-phosphor"));
        m_session->setTechnology(QStringLiteral("oled"));
        QCOMPARE(state().displays[0].technology, QStringLiteral("oled"));
        QVERIFY(state().displays[0].technologyReason.contains(QLatin1String("you")));
        cleanup();
        m_studio = std::make_unique<StudioWorkplace>();
        QCOMPARE(m_studio->displays()[0].technology, QStringLiteral("oled"));
        m_studio->setTechnology(0, "led-phosphor");
    }

    void everyViewFitsALowWindow()
    {
        m_studio->setMeterChoice(QStringLiteral("hand"));
        open("low.sqlite");
        m_window->resize(1080, 700);
        for (const ViewEntry &entry : viewRegistry()) {
            m_session->showView(entry.id);
            QTest::qWait(40);
            QCOMPARE(m_window->height(), 700); // a view that needs more scrolls
        }
    }
};

static const Register<StudioTest> registered("StudioTest");

} // namespace lantern::test

#include "studio_test.moc"
