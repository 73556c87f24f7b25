// Takes the pictures of the main views in docs/screenshots: drives the real window through the demo
// and grabs the whole screen. Run by tools/screenshots under a virtual display of 1280x800; works
// at any other size and QT_SCALE_FACTOR, to look at those.

#include "../remote/fake_page.h"
#include "app/theme.h"
#include "window_rig.h"

#include <QApplication>
#include <QComboBox>
#include <QLabel>
#include <QListWidget>
#include <QScreen>
#include <QTableView>

using namespace lantern;
using namespace lantern::app;
using run::Stage;

namespace {

bool save(const QString &folder, const char *name)
{
    QTest::qWait(300); // lets the last repaint reach the screen
    return QGuiApplication::primaryScreen()->grabWindow(0).save(folder + QLatin1Char('/') +
                                                                QLatin1String(name));
}

/// Two lights that are kept, and what the screen throws back of one.
bool readLights(test::WindowRig &rig)
{
    rig.session->showView(ViewId::Light);
    const auto read = [&](double lux, const Chromaticity &colour, const char *name) {
        rig.demo->rig(0)->with([&](bench::Bench &b) { b.room() = {lux, colour}; });
        rig.session->readRoom();
        const bool taken = rig.waitFor([&] { return !rig.state().roomReadings.empty(); });
        rig.session->keepLight(QString::fromLatin1(name));
        return taken;
    };
    const auto hold = [&](bool away) {
        rig.demo->rig(0)->with([&](bench::Bench &b) { b.holdAway(away); });
        rig.session->readBlack(away);
        return rig.waitFor([&] { return rig.state().readingBlack == BlackReading::None; });
    };
    constexpr Chromaticity kD50{0.3457, 0.3585}, kLamp{0.4369, 0.4041};
    bool ok = read(500, kD50, "Viewing booth") && read(64, kLamp, "Studio, evening") &&
              read(210, kD50, "Studio, noon");
    ok = hold(true) && hold(false) && ok;
    rig.demo->rig(0)->with([](bench::Bench &b) { b.room() = {}; });
    return ok;
}

/// A batch of units half way through, and devices with pages.
bool takeWorkshop(const QString &folder)
{
    const QTemporaryDir place;
    test::WindowRig rig(0, place.filePath(QStringLiteral("log.sqlite")));
    rig.window->resize(QGuiApplication::primaryScreen()->availableSize());
    rig.session->showView(ViewId::Workshop);
    BatchWish wish;
    wish.name = QStringLiteral("Reading room, autumn");
    wish.folder = place.filePath(QStringLiteral("reports"));
    wish.referenceUnit = QStringLiteral("SHP-0001");
    wish.referenceEvery = 4;
    rig.session->beginBatch(wish);
    const auto step = [&](const QString &text) {
        return rig.waitFor([&] {
            return rig.action()->isEnabled() && rig.action()->text() == text;
        }) && rig.press();
    };
    const QString read = QStringLiteral("Read the reference unit");
    bool ok = step(read);
    for (int i = 0; i < 9; ++i)
        rig.session->enterSerial(QStringLiteral("SHP-%1").arg(2041 + 3 * i), false);
    for (int i = 0; i < 7; ++i) {
        if (i == 4)
            ok = step(read) && ok;
        ok = step(QStringLiteral("Measure SHP-%1").arg(2041 + 3 * i)) && ok;
    }
    ok = rig.waitFor([&] {
        return rig.action()->isEnabled() &&
               rig.action()->text() == QLatin1String("Measure SHP-2062");
    }) && ok;
    rig.session->setNotice({});
    ok = save(folder, "workshop.png") && ok;
    rig.session->closeBatch();
    rig.session->showView(ViewId::Pages);
    rig.session->servePages(QStringLiteral("127.0.0.1"), 8417);
    std::vector<std::unique_ptr<test::FakePage>> devices;
    for (const char *name : {"Plant house tablet", "Editor's phone"}) {
        devices.push_back(std::make_unique<test::FakePage>(QUrl(rig.pages->patchServer()->url())));
        devices.back()->obey();
        ok = !devices.back()
                  ->pair(rig.pages->patchServer()->code(), QLatin1String(name))
                  .isEmpty() &&
             ok;
    }
    ok = rig.waitFor([&] {
        const auto &there = rig.state().pageDevices;
        return there.size() == 2 && there[0].roundTripMs && there[1].roundTripMs;
    }) && ok;
    return save(folder, "other-devices.png") && ok;
}

bool takeAll(const QString &folder)
{
    QTemporaryDir logbookFolder;
    const QString logbook = logbookFolder.filePath(QStringLiteral("log.sqlite"));
    DemoWorkplace::makeHistory(logbook);
    run::Match match; // two desks that were made alike some weeks ago
    match.displays = QStringList{QStringLiteral("north-desk"), QStringLiteral("south-desk")};
    match.begunAt = QDateTime::currentDateTimeUtc().addDays(-400);
    match.aim = aimPresets().front();
    run::writeMatch(logbookFolder.filePath(QStringLiteral("match.json")), match);
    test::WindowRig rig(0, logbook);
    rig.window->resize(QGuiApplication::primaryScreen()->availableSize()); // whatever it is
    bool ok = save(folder, "ready.png");
    rig.session->showView(ViewId::Ready);
    rig.session->checkFirst();
    ok = rig.waitFor([&] { return rig.state().check.has_value() && !rig.state().onErrand(); }) &&
         save(folder, "check-first.png") && ok;
    rig.session->showView(ViewId::ByEye);
    rig.window->findChild<QListWidget *>(QStringLiteral("eyeSteps"))->setCurrentRow(2);
    ok = save(folder, "by-eye.png") && ok;
    rig.session->showView(ViewId::Logbook);
    const auto *log = rig.window->findChild<QTableView *>(QStringLiteral("logTable"));
    ok = rig.waitFor([&] { return log->model()->rowCount() > 20; }) &&
         save(folder, "logbook.png") && ok;
    rig.session->showView(ViewId::Trends);
    rig.session->chooseTrend(QStringLiteral("south-desk"), QStringLiteral("luminance"));
    ok = rig.waitFor([&] {
        return rig.state().trendSheet && rig.state().trendSheet->trend.readings.size() > 10;
    }) && save(folder, "trends.png") &&
         ok;
    rig.session->showView(ViewId::Evenness);
    QTest::qWait(100);
    ok = !rig.state().evenRuns.empty() && save(folder, "evenness.png") && ok;
    rig.session->showView(ViewId::Modes);
    QTest::qWait(100);
    ok = rig.state().modeRuns.size() > 3 && save(folder, "modes.png") && ok;
    rig.session->showView(ViewId::Match);
    ok = rig.waitFor(
             [&] { return rig.state().matchSheet && !rig.state().matchSheet->pairs.empty(); }) &&
         save(folder, "match.png") && ok;
    ok = readLights(rig) && ok;
    rig.session->setSeenIn(run::SeenIn::Dark);
    rig.session->showView(ViewId::Ready);
    ok = rig.press() && save(folder, "aim.png") && ok;
    ok = rig.pressUntil(Stage::Adjust) && ok;
    rig.session->setAdjustMode(run::AdjustMode::ByHand);
    QTest::qWait(100);
    rig.demo->setSpeed(20);
    ok = rig.press() && rig.waitFor([&] { return rig.state().results.whites.size() > 4; }) && ok;
    MonitorControls turned = *rig.state().results.controls;
    for (const double brightness : {60.0, 45.0, 31.0}) {
        turned.brightness = brightness;
        const size_t seen = rig.state().results.whites.size();
        rig.session->turnControls(turned);
        ok = rig.waitFor([&] { return rig.state().results.whites.size() > seen + 2; }) && ok;
    }
    ok = save(folder, "white-dial.png") && ok;
    rig.session->setAdjustMode(run::AdjustMode::Automatic);
    rig.demo->setSpeed(0);
    ok = rig.pressUntil(Stage::Measure) && save(folder, "tone-and-grey.png") && ok;
    ok = rig.pressUntil(Stage::Validate) && save(folder, "profile.png") && ok;
    ok = rig.pressUntil(Stage::Done) && save(folder, "colour-accuracy.png") && ok;
    rig.session->showView(ViewId::Gamut);
    ok = save(folder, "gamut.png") && ok;
    rig.session->showView(ViewId::FineTune);
    ok = rig.waitFor([&] { return rig.state().tuned && rig.state().whyNoTune.isEmpty(); }) && ok;
    rig.session->stepTune(Knob::Warmth, 3);
    rig.session->stepTune(Knob::Lightness, -2);
    QTest::qWait(200);
    ok = save(folder, "fine-tune.png") && ok;
    rig.session->showView(ViewId::Compare);
    QTest::qWait(400);
    ok = save(folder, "before-and-after.png") && ok;
    rig.session->showView(ViewId::SoftProof);
    run::PrintChoice print;
    print.path = QStringLiteral(LANTERN_DEMO "/harbour-coated.txt");
    rig.session->choosePrint(print);
    const auto *sentence = rig.window->findChild<QLabel *>(QStringLiteral("printSentence"));
    auto *read = rig.window->findChild<QPushButton *>(QStringLiteral("readPrint"));
    ok = rig.waitFor([&] { return sentence->isVisible() && read->isEnabled(); }) && ok;
    read->click();
    ok = rig.waitFor([&] { return rig.state().lastProof.has_value(); }) && ok;
    rig.session->showView(ViewId::SoftProof);
    return rig.waitFor([&] { return read->isVisible() && read->isEnabled(); }) &&
           save(folder, "soft-proof.png") && ok;
}

} // namespace

int main(int argc, char **argv)
{
    const QTemporaryDir home;
    qputenv("XDG_DATA_HOME", QFile::encodeName(home.filePath(QStringLiteral("data"))));
    qputenv("XDG_CONFIG_HOME", QFile::encodeName(home.filePath(QStringLiteral("config"))));
    QApplication app(argc, argv);
    app::theme::apply(app);
    if (argc < 2) {
        qCritical("usage: take_screenshots FOLDER [workshop]");
        return 2;
    }
    const QString folder = QString::fromLocal8Bit(argv[1]);
    const bool all = argc == 2 ? takeAll(folder) : true;
    return takeWorkshop(folder) && all ? 0 : 1;
}
