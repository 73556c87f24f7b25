#pragma once

#include "core/plan/control_response.h"
#include "core/plan/plan.h"

#include <array>
#include <optional>
#include <vector>

namespace lantern {

/// The monitor's controls in the order in which they are turned.
enum class Control { Contrast, RedGain, GreenGain, BlueGain, Brightness };
inline constexpr std::array<double MonitorControls::*, 5> kControlFields = {
    &MonitorControls::contrast, &MonitorControls::redGain, &MonitorControls::greenGain,
    &MonitorControls::blueGain, &MonitorControls::brightness};

/// What a person should turn next, and what of the numbers typed in cannot be true.
struct HandAdvice {
    struct Turn {
        Control control = Control::Brightness;
        double light = 1;         ///< factor of light that the turn should make
        std::optional<double> to; ///< 0..100 as the monitor shows it; nothing: not known
        bool takesBack = false;   ///< what was turned last went the wrong way or too far
        bool operator==(const Turn &) const = default;
    };
    struct Doubt {
        Control control = Control::Brightness;
        double light = 1;     ///< factor its light changed by since its number was right
        bool changed = false; ///< the number was changed, but not as the light was
        bool operator==(const Doubt &) const = default;
    };
    std::optional<Turn> turn; ///< nothing: the controls cannot better it
    std::optional<Doubt> doubt;
    Vec3 wanted = Vec3::Ones(); ///< light each channel should have over what it has now
    double deltaUv = 0;         ///< Δu'v' of the last white from the aim
    double luminanceError = 0;  ///< last luminance over the aimed one, minus 1
    bool whiteIsRight = false;
    bool luminanceIsRight = false;
};

/// Watches white while a person turns the monitor's controls and says what to turn next: one
/// control at a time, the last turn first where it made things worse, then the channel that is
/// farthest off, brightness when white is right.
///
/// Which control was turned is seen in the light: one channel against the others, or all alike.
/// Numbers typed in are believed as long as the light can follow from them; where it cannot, the
/// advice is in shares of light and the number is doubted.
class HandAdvisor {
public:
    /// \param primaries light of red, green, blue at full drive as columns, cd/m², black taken off
    HandAdvisor(const Mat3 &primaries, const XYZ &black, ControlCapabilities capabilities);

    /// \param shown what the monitor shows, as typed in or read; nothing: not known
    void add(const std::optional<MonitorControls> &shown, const XYZ &white);
    /// After at least one add(). \param luminance aimed, cd/m²; nothing = keep the present one.
    [[nodiscard]] HandAdvice advise(const Chromaticity &white,
                                    std::optional<double> luminance) const;

private:
    /// Light of the channels while numbers were what they were.
    struct Anchor {
        MonitorControls shown;
        Vec3 drive;
    };
    struct Move {
        Control control = Control::Brightness;
        double light = 1;
        Vec3 before; ///< drive
    };
    [[nodiscard]] static Move moveBetween(const Vec3 &before, const Vec3 &after, bool hasGains);
    [[nodiscard]] std::optional<HandAdvice::Doubt>
    doubtOf(const Anchor &anchor, const MonitorControls &shown, const Vec3 &drive) const;
    [[nodiscard]] bool canTellApart(const MonitorControls &a, const MonitorControls &b) const;
    void believe(const MonitorControls &shown, const Vec3 &drive);
    [[nodiscard]] std::optional<HandAdvice::Turn> nextTurn(const Vec3 &wanted, bool whiteIsRight,
                                                           bool luminanceIsRight) const;
    [[nodiscard]] bool lacksLight(const Vec3 &wanted, bool luminanceIsRight) const;
    [[nodiscard]] std::optional<HandAdvice::Turn> backTurn(const Vec3 &wanted) const;
    [[nodiscard]] HandAdvice::Turn turnOf(Control control, double light) const;
    /// Factor of light that the gain can still give.
    [[nodiscard]] double room(int channel) const;
    [[nodiscard]] bool isBelieved(Control control) const;

    Mat3 m_primaries, m_inverse;
    XYZ m_black;
    ControlCapabilities m_capabilities;
    ControlResponse m_response;
    Vec3 m_drive = Vec3::Ones();     ///< light of the channels now
    Vec3 m_mostDrive = Vec3::Zero(); ///< most seen, relative to the mean of the channels
    std::optional<Move> m_lastMove;
    std::optional<MonitorControls> m_shown;
    std::optional<Anchor> m_anchor;    ///< last numbers that fit the light
    std::optional<Anchor> m_candidate; ///< numbers since then that do not
    std::optional<HandAdvice::Doubt> m_doubt;
    bool m_first = true;
};

} // namespace lantern
