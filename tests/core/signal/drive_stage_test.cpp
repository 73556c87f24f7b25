#include "core/signal/drive_stage.h"
#include "runner.h"

#include <cmath>

namespace lantern::test {

/// What becomes of a code value on its way to the panel.
class DriveStageTest : public QObject {
    Q_OBJECT
private slots:
    /// A gain takes levels away from a panel with few steps: the same code values fall into fewer
    /// of them. Six bits have 63 steps; at half gain 31 or 32 are left (docs/simulated-bench.md,
    /// monitor controls).
    void aGainCostsThePanelsSteps()
    {
        SignalPath path;
        path.panelBits = 6;
        path.gain = {1, 0.5, 1};
        const DriveStage stage(path);
        const auto steps = [&](int c) {
            const auto &levels = stage.levels(c);
            int count = 0;
            for (size_t i = 1; i < levels.size(); ++i)
                count += levels[i] != levels[i - 1] ? 1 : 0;
            return count;
        };
        QCOMPARE(steps(0), 63);
        QCOMPARE(steps(1), 32); // 0.5 of 63 rounds up to 32
        // Whole range all the same, as whatever is fitted behind it expects.
        QCOMPARE(stage.drive(1, 255), 1.0);
        QCOMPARE(stage.drive(1, 0), 0.0);
        // code 2: 2 / 255 of 63 steps is 0.49, none; at half gain code 4 is the last of none
        QCOMPARE(stage.drive(0, 2), 0.0);
        QVERIFY(stage.drive(0, 3) > 0);
        QCOMPARE(stage.drive(1, 4), 0.0);
        QVERIFY(stage.drive(1, 5) > 0);
    }
};

static const Register<DriveStageTest> registered("DriveStageTest");

} // namespace lantern::test

#include "drive_stage_test.moc"
