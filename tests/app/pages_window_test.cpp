#include "../remote/fake_page.h"
#include "window_rig.h"

#include <QLabel>
#include <QSpinBox>
#include <QTableWidget>
#include <QTcpServer>

namespace lantern::test {

using namespace lantern::app;

/// Devices that show patches in their browsers, in the real window on the demo.
class PagesWindowTest : public QObject {
    Q_OBJECT

    template <class T> static T *part(const WindowRig &rig, const char *name)
    {
        return rig.window->findChild<T *>(QLatin1String(name));
    }
    static quint16 freePort()
    {
        QTcpServer server;
        server.listen(QHostAddress::LocalHost);
        return server.serverPort();
    }
    /// Opens the page and lets a device in.
    static std::unique_ptr<FakePage> pair(WindowRig &rig, const QString &name)
    {
        if (rig.state().pageUrl.isEmpty())
            rig.session->servePages(QStringLiteral("127.0.0.1"), freePort());
        auto page = std::make_unique<FakePage>(QUrl(rig.pages->patchServer()->url()));
        page->obey();
        (void)page->pair(rig.pages->patchServer()->code(), name);
        return page;
    }
    static QString cell(const WindowRig &rig, int column)
    {
        const auto *table = part<QTableWidget>(rig, "pageDevices");
        return table->rowCount() > 0 ? table->item(0, column)->text() : QString();
    }

private slots:
    void aDeviceIsMeasuredLikeAnyDisplay()
    {
        WindowRig rig;
        rig.session->showView(ViewId::Pages);
        auto *open = part<QPushButton>(rig, "openPages");
        QVERIFY(rig.waitFor([&] { return open->isVisible() && open->isEnabled(); }));
        QVERIFY(!part<QLabel>(rig, "pageCode")->isVisible());
        const auto page = pair(rig, QStringLiteral("Field tablet"));
        QVERIFY(rig.waitFor([&] { return cell(rig, 0) == QLatin1String("Field tablet"); }));
        QVERIFY(rig.waitFor([&] { return cell(rig, 1) == QLatin1String("ready"); }));
        QCOMPARE(cell(rig, 2), QStringLiteral("800 × 600"));
        QCOMPARE(rig.state().displays.size(), size_t(4));
        auto *measure = part<QPushButton>(rig, "measurePage");
        QVERIFY(rig.waitFor([&] { return measure->isEnabled(); }));
        QTest::mouseClick(measure, Qt::LeftButton);
        QVERIFY(rig.waitFor([&] { return rig.state().selected == 3; }));
        Aim aim = rig.state().aim;
        aim.white = NativeWhite{};
        aim.luminanceCdM2.reset();
        aim.tone = NativeTone{};
        rig.session->setAim(aim);
        QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
        QVERIFY(rig.pressUntil(run::Stage::Done));
        QVERIFY(rig.state().results.validation);
        VERIFY_BELOW(*rig.state().results.validation->meanDeltaE00, 1);
        QCOMPARE(QString::fromStdString(rig.state().results.setup.page),
                 QStringLiteral("Field tablet"));
        QVERIFY(rig.waitFor([&] { return page->last("files").toArray().size() == 2; }));
        // Nothing of this computer's own displays was touched.
        QVERIFY(!page->heard.isEmpty());
    }

    /// Devices that come and go are nothing to a run on another display.
    void aRunElsewhereIsNotDisturbed()
    {
        WindowRig rig;
        QVERIFY(rig.pressUntil(run::Stage::Measure));
        rig.demo->setSpeed(20);
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().liveReadings.size() > 2; }));
        const auto page = pair(rig, QStringLiteral("Tablet"));
        QVERIFY(rig.waitFor([&] { return rig.state().displays.size() == 4; }));
        QCOMPARE(rig.state().status.activity, run::Activity::Working);
        rig.session->closePages();
        QVERIFY(rig.waitFor([&] { return rig.state().displays.size() == 3; }));
        QCOMPARE(rig.state().status.activity, run::Activity::Working);
        QCOMPARE(rig.state().status.stage, run::Stage::Measure);
    }

    void aLostDeviceIsWaitedFor()
    {
        WindowRig rig;
        auto page = pair(rig, QStringLiteral("Tablet"));
        const QString token = page->last("welcome").toObject()[QStringLiteral("token")].toString();
        QVERIFY(rig.waitFor([&] { return rig.state().displays.size() == 4; }));
        rig.session->selectDisplay(3);
        QVERIFY(rig.waitFor([&] { return !rig.state().readingHistory; }));
        QVERIFY(rig.pressUntil(run::Stage::Measure));
        QVERIFY(rig.press());
        QVERIFY(rig.waitFor([&] { return rig.state().liveReadings.size() > 10; }));
        page.reset();
        QVERIFY(rig.waitFor([&] { return !rig.state().pageDevices.front().isConnected; }));
        QCOMPARE(rig.state().displays.size(), size_t(4)); // it may come back at any moment
        QVERIFY(rig.state().status.activity == run::Activity::Working);
        // Another device comes meanwhile: the run is not disturbed, and is not shown there.
        auto other = pair(rig, QStringLiteral("Phone"));
        QVERIFY(rig.waitFor([&] { return rig.state().displays.size() == 5; }));
        QVERIFY(rig.state().status.activity == run::Activity::Working);
        QVERIFY(other->last("show").isUndefined());
        FakePage back(QUrl(rig.pages->patchServer()->url()));
        back.obey();
        QVERIFY(back.opens());
        back.hello(QStringLiteral("token"), token);
        QVERIFY(rig.waitFor([&] { return !rig.state().results.chart.empty(); }));
        QVERIFY(other->last("show").isUndefined());
    }
};

static const Register<PagesWindowTest> registered("PagesWindowTest");

} // namespace lantern::test

#include "pages_window_test.moc"
