#include "core/plan/adjustment.h"
#include "runner.h"
#include "toy_display.h"

#include <cmath>
#include <random>

namespace lantern::test {

namespace {

/// A monitor on a desk: numbers on its own menu, and a person who turns and types.
struct Monitor {
    ToyDisplay display;
    MonitorControls controls{80, 100, 100, 100, 100};

    [[nodiscard]] XYZ white()
    {
        display.gain = Vec3(controls.redGain, controls.greenGain, controls.blueGain) / 100;
        display.backlight = 0.2 + 0.8 * controls.brightness / 100;
        return display.show({255, 255, 255});
    }
};

class Person {
public:
    Person(Monitor &monitor, std::optional<MonitorControls> typed)
        : m_monitor(monitor), m_typed(std::move(typed)), m_plan(aim(), m_typed, {})
    {
        monitor.display.gain = Vec3::Ones();
        while (std::get<ReadPatch>(m_plan.next()).rgb != DeviceRgb{255, 255, 255}) {
            const DeviceRgb rgb = std::get<ReadPatch>(m_plan.next()).rgb;
            (void)monitor.white();
            m_plan.accept(monitor.display.read(rgb));
        }
        look();
    }
    static Aim aim() { return {.white = DaylightWhite{6500}, .luminanceCdM2 = 120}; }

    /// Reads white a few times with a meter that scatters.
    const HandAdvice &look()
    {
        for (int i = 0; i < 3; ++i) {
            std::normal_distribution<double> scatter(1, 0.001);
            XYZ white = m_monitor.white();
            white = {white.X * scatter(m_random), white.Y * scatter(m_random),
                     white.Z * scatter(m_random)};
            m_plan.accept({{255, 255, 255}, white, 0.2});
        }
        return advice();
    }
    const HandAdvice &advice() { return *m_plan.lastAdvice(); }
    void turn(Control control, double to)
    {
        m_monitor.controls.*kControlFields[static_cast<size_t>(control)] = to;
        look();
    }
    void type(const MonitorControls &controls)
    {
        m_typed = controls;
        m_plan.setControls(controls);
        look();
    }
    void typeWhatItShows() { type(m_monitor.controls); }

    /// Does what it is told; where it is told in shares of light, a bit clumsily by guess.
    int follow(bool types)
    {
        for (int turns = 0; turns < 40; ++turns) {
            const auto turn = advice().turn;
            if (!turn)
                return turns;
            const auto field = kControlFields[static_cast<size_t>(turn->control)];
            double to = m_monitor.controls.*field * std::pow(turn->light, 0.5);
            if (turn->to)
                to = *turn->to;
            to = std::clamp(std::round(to), 0.0, 100.0);
            if (to == m_monitor.controls.*field)
                to = std::clamp(to + (turn->light > 1 ? 1 : -1), 0.0, 100.0);
            if (to == m_monitor.controls.*field)
                return turns; // it goes no farther
            this->turn(turn->control, to);
            if (types)
                typeWhatItShows();
        }
        return 40;
    }

private:
    Monitor &m_monitor;
    std::optional<MonitorControls> m_typed;
    HandAdjustPlan m_plan;
    std::mt19937_64 m_random{5};
};

Monitor tooBlue()
{
    Monitor m;
    m.display.primaries.col(2) *= 1.2;
    m.display.primaries.col(0) *= 1.05;
    return m;
}

} // namespace

/// What a person is told to turn, with a monitor and a person of a few lines.
class HandAdviceTest : public QObject {
    Q_OBJECT
private slots:
    void followedItLeadsToTheAim_data()
    {
        QTest::addColumn<double>("red");
        QTest::addColumn<double>("green");
        QTest::addColumn<double>("blue");
        QTest::addColumn<double>("brightness");
        QTest::addColumn<bool>("types");
        for (const bool types : {true, false}) {
            const char *how = types ? "typing" : "by light";
            QTest::addRow("from the top, %s", how) << 100. << 100. << 100. << 100. << types;
            QTest::addRow("all low, %s", how) << 80. << 82. << 79. << 60. << types;
            QTest::addRow("much too red, %s", how) << 100. << 85. << 60. << 30. << types;
            QTest::addRow("too little red, %s", how) << 67. << 97. << 96. << 50. << types;
        }
    }
    void followedItLeadsToTheAim()
    {
        QFETCH(double, red);
        QFETCH(double, green);
        QFETCH(double, blue);
        QFETCH(double, brightness);
        QFETCH(bool, types);
        Monitor m = tooBlue();
        m.controls = {brightness, 100, red, green, blue};
        Person person(m, types ? std::optional(m.controls) : std::nullopt);
        const int turns = person.follow(types);
        VERIFY_BELOW(double(turns), types ? 12 : 24);
        VERIFY_BELOW(person.advice().deltaUv, 0.0016); // less than a step of gain, in u'v'
        if (types) // else nobody knows what gains could still give
            VERIFY_BELOW(std::abs(person.advice().luminanceError), 0.025);
        QVERIFY(!person.advice().doubt);
    }

    /// Turned by mistake, and the field still says what it was: not "leave", not everything else.
    void aTurnByMistakeIsTakenBackFirst()
    {
        Monitor m = tooBlue();
        Person person(m, m.controls);
        QVERIFY(person.follow(true) < 12);
        const MonitorControls good = m.controls;
        person.turn(Control::RedGain, good.redGain - 30);
        const HandAdvice advice = person.advice();
        QVERIFY(advice.turn);
        QCOMPARE(advice.turn->control, Control::RedGain);
        QVERIFY(advice.turn->takesBack);
        QVERIFY(advice.turn->light > 1.8);
        QVERIFY(!advice.turn->to); // its number is not to be trusted
        QVERIFY(advice.doubt);
        QCOMPARE(advice.doubt->control, Control::RedGain);
        VERIFY_NEAR(advice.doubt->light, std::pow((good.redGain - 30) / good.redGain, 2.2), 0.02);
        QVERIFY(!advice.doubt->changed);
        QVERIFY(!advice.whiteIsRight);

        person.typeWhatItShows(); // now it is known by how much
        QVERIFY(!person.advice().doubt);
        QCOMPARE(person.advice().turn->control, Control::RedGain);
        VERIFY_NEAR(*person.advice().turn->to, good.redGain, 1.5);

        person.turn(Control::RedGain, good.redGain);
        person.typeWhatItShows();
        QVERIFY(!person.advice().turn);
        QVERIFY(person.advice().whiteIsRight || person.advice().deltaUv < 0.0016);

        // The same with brightness.
        person.turn(Control::Brightness, good.brightness + 25);
        QCOMPARE(person.advice().turn->control, Control::Brightness);
        QVERIFY(person.advice().turn->takesBack);
        QCOMPARE(person.advice().doubt->control, Control::Brightness);
    }

    void aNumberThatCannotBeTrueIsDoubted()
    {
        Monitor m = tooBlue();
        Person person(m, m.controls);
        person.turn(Control::BlueGain, 90);
        MonitorControls wrong = m.controls;
        wrong.blueGain = 19; // 90, mistyped
        person.type(wrong);
        QVERIFY(person.advice().doubt);
        QCOMPARE(person.advice().doubt->control, Control::BlueGain);
        QVERIFY(person.advice().doubt->changed);
        person.typeWhatItShows();
        QVERIFY(!person.advice().doubt);
        // In the wrong field.
        person.turn(Control::GreenGain, 80);
        wrong = m.controls;
        std::swap(wrong.redGain, wrong.greenGain);
        person.type(wrong);
        QVERIFY(person.advice().doubt);
        person.typeWhatItShows();
        QVERIFY(!person.advice().doubt);
    }

    /// All numbers were another monitor's: the first turn that is typed in does not fit. From then
    /// on the new ones are believed.
    void numbersOfAnotherMonitorAreFoundOut()
    {
        Monitor m = tooBlue();
        m.controls = {50, 100, 60, 70, 65};
        Person person(m, MonitorControls{31, 70, 97, 97, 94});
        QVERIFY(!person.advice().doubt);
        person.turn(Control::RedGain, 66);
        person.type({31, 70, 66, 97, 94}); // that one is true
        QVERIFY(person.advice().doubt);
        person.turn(Control::RedGain, 74);
        person.type({31, 70, 74, 97, 94});
        QVERIFY(!person.advice().doubt);
    }

    /// A display that warms up changes its light and is not doubted; one that is turned slowly is.
    void driftIsNoTurn()
    {
        Monitor m = tooBlue();
        Person person(m, m.controls);
        for (int i = 0; i < 100; ++i) {
            m.display.primaries *= 0.999; // a tenth in all
            QVERIFY(!person.look().doubt);
        }
        for (int i = 0; i < 12; ++i)
            person.turn(Control::RedGain, m.controls.redGain - 1);
        QVERIFY(person.advice().doubt);
        QCOMPARE(person.advice().doubt->control, Control::RedGain);
    }

    /// Typing first and turning then is as good.
    void numbersMayComeBeforeTheTurn()
    {
        Monitor m = tooBlue();
        Person person(m, m.controls);
        MonitorControls next = m.controls;
        next.blueGain = 88;
        person.type(next);
        QVERIFY(person.advice().doubt); // not yet
        person.turn(Control::BlueGain, 88);
        QVERIFY(!person.advice().doubt);
    }

    void nothingIsAskedOfAControlAtItsEnd()
    {
        Monitor m;
        m.display.primaries *= 0.4; // at most 90 cd/m²
        m.controls = {100, 100, 100, 100, 100};
        Person person(m, m.controls);
        QVERIFY(person.follow(true) < 12);
        QVERIFY(!person.advice().turn);
        QVERIFY(!person.advice().luminanceIsRight);
        QVERIFY(person.advice().luminanceError < -0.1);
        QCOMPARE(m.controls.brightness, 100.0);
    }
};

static const Register<HandAdviceTest> registered("HandAdviceTest");

} // namespace lantern::test

#include "hand_advice_test.moc"
