#include "run/engine_rig.h"

#include <nlohmann/json.hpp>

#include <QTemporaryDir>

using namespace lantern;
using namespace lantern::run;
using lantern::test::EngineRig;

/// A profile made for a room's light is judged in that light, after the run and when it is checked.
class RoomLightTest : public QObject {
    Q_OBJECT
private slots:
    void validationAndCheckSeeTheRoom()
    {
        const QTemporaryDir folder;
        EngineRig rig(folder.filePath(QStringLiteral("log.sqlite")));
        rig.engine.setAutomatic(true);
        RunSetup setup = EngineRig::setup();
        setup.roomLight = RoomLight{500, {0.3457, 0.3585}};
        setup.reflectance = 0.01;
        rig.engine.begin(setup);
        QVERIFY(rig.waitFor(Activity::Finished));
        const Validation &v = *rig.results.validation;
        // The room lifts black to about L* 8: the darkest greys are out of reach, and are told
        // apart.
        QVERIFY(v.reachableCount >= 60 && v.reachableCount < 72);
        VERIFY_BELOW(v.reachable.mean, 0.5); // 1.7 where the light is forgotten
        QCOMPARE(v.verdict.half(Half::Profile), Call::Within);
        QVERIFY(v.unreachable.mean > v.reachable.mean);
        // The state is the display's own light, without the room's.
        VERIFY_NEAR(v.state.white->Y, 120, 1.5);

        RunSetup check = EngineRig::setup();
        check.kind = RunKind::Check;
        check.referenceRun = rig.status.run;
        rig.engine.begin(check);
        QVERIFY(rig.waitUntil([&] { return rig.results.check.has_value(); }));
        QCOMPARE(int(rig.results.check->verdict), int(CheckFirst::Verdict::Holds));
        VERIFY_BELOW(rig.results.check->meanDeltaE00, 0.2);
        QCOMPARE(rig.results.check->patches.size(), checkFirstPatches().size() - 2);
        QVERIFY(rig.results.check->figures.find(Figure::ColourWorst));
    }

    /// ISO 3664:2009, P2: 500 lx (from memory). White paper reflects 0.83 to 0.88 of it: L* 93 and
    /// 95 by CIE 15:2018, ((L* + 16) / 116)³.
    void paperInABoothOf500Lux()
    {
        VERIFY_NEAR(paperLuminance(500, 93), 500 * 0.8297 / 3.14159265, 0.05);
        VERIFY_NEAR(paperLuminance(500, 95), 500 * 0.8763 / 3.14159265, 0.05);
        VERIFY_NEAR(paperLuminance(500, kPaperLightness), 135, 2);
        for (const Aim &aim : aimPresets())
            if (aim.name == kBesideThePrint)
                VERIFY_NEAR(*aim.luminanceCdM2, paperLuminance(500, kPaperLightness), 2);
    }

    /// The harder colours come from the display itself and go through the run like all others.
    void lantern72HoldsTheDisplaysOwnCorners()
    {
        const QTemporaryDir folder;
        EngineRig rig(folder.filePath(QStringLiteral("log.sqlite")));
        rig.engine.setAutomatic(true);
        rig.engine.begin(EngineRig::setup());
        QVERIFY(rig.waitFor(Activity::Finished));
        const Validation &v = *rig.results.validation;
        QCOMPARE(v.referenceName, std::string("Lantern 72"));
        QCOMPARE(v.patches.size(), size_t(72));
        double chroma = 0;
        double darkest = 100;
        for (const ValidatedPatch &p : v.patches) {
            chroma = std::max(chroma, std::hypot(p.lab.a, p.lab.b));
            darkest = std::min(darkest, p.lab.L);
        }
        QVERIFY(chroma > 100); // Lantern 40 ends at 68
        VERIFY_BELOW(darkest, 2);
        // A run from before these colours is still judged by its own forty.
        Json old = setupToJson(EngineRig::setup());
        old.erase("reference");
        QCOMPARE(setupFromJson(old, "old").reference, std::string("lantern40"));
    }
};

namespace {
const lantern::test::Register<RoomLightTest> registered("RoomLightTest");
}

#include "room_light_test.moc"
