#pragma once

#include "app/state/session_state.h"

#include <array>

namespace lantern::app {

/// What the dial draws, in u'v'.
struct DialData {
    std::optional<UvPrime> aim; ///< centre; nothing: no white is aimed at yet
    std::vector<UvPrime> trail; ///< oldest first; the last one is the present white
    /// Where each channel alone would take the white, with the advised turn.
    struct Arrow {
        UvPrime to;
        QString label;
    };
    std::vector<Arrow> arrows;
    QString inWords; ///< distance and direction, for those who cannot see it
};

/// What the view of the white point shows.
struct WhiteModel {
    QString explanation;
    DialData dial;
    // figures of the present white; empty where there is none
    QString kelvin, aimed, delta, luminance, luminanceTip;
    bool readFromAfar = false; ///< a person stands at the monitor's buttons
    struct Control {
        bool exists = true;
        std::optional<int> value; ///< 0..100; nothing: not known
        QString advice, lastTime;
    };
    std::array<Control, kControlFields.size()> controls;
    QString controlsOf; ///< run and display; what was typed in for another is not theirs
    bool showsControls = false;
    bool typedIn = false; ///< a person reads them off the monitor
    bool showsLastTime = false;
    QString switchText; ///< between by hand and by itself; empty: there is no choice
    run::AdjustMode switchTo = run::AdjustMode::ByHand;
    bool maySkip = false;
    QString note;           ///< empty: none
    bool noteWarns = false; ///< a number typed in cannot be true
    QString firstLook;      ///< what the first readings of this run tell; empty: nothing
};

WhiteModel whiteModel(const SessionState &state);

/// Advice in the monitor's own steps, "down about 3", "leave".
QString stepsText(double now, double proposed);
/// Advice in percent of light, where it is not known what the control stands at.
QString lightText(double factor);

} // namespace lantern::app
