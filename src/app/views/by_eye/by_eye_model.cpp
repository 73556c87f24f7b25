#include "app/views/by_eye/by_eye_model.h"

#include "app/state/wording.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

struct ByEye {
    Q_DECLARE_TR_FUNCTIONS(ByEye)
};

constexpr int kFinest = 2; ///< slider steps to a code value
constexpr int kLeastCode = 90, kMostCode = 240;
constexpr int kAllChannels = 3;

/// Channel of a half-light step; nothing for other steps.
std::optional<int> channelOf(EyeStep step)
{
    switch (step) {
    case EyeStep::Grey:
        return kAllChannels;
    case EyeStep::Red:
        return 0;
    case EyeStep::Green:
        return 1;
    case EyeStep::Blue:
        return 2;
    case EyeStep::Black:
    case EyeStep::White:
    case EyeStep::Neutral:
    case EyeStep::Result:
        break;
    }
    return std::nullopt;
}

double codeOf(int channel, const EyeFindings &findings)
{
    const auto &half = findings.halfLight;
    return channel == kAllChannels ? (half[0] + half[1] + half[2]) / 3
                                   : half[static_cast<size_t>(channel)];
}

QString wordsOf(EyeStep step, const EyeWork &work)
{
    const EyeFindings &findings = work.findings;
    switch (step) {
    case EyeStep::Black:
        if (work.builtIn)
            return ByEye::tr("This panel has no black level to turn. The bars farthest left should "
                             "melt into the black, the third should not. Where even the third "
                             "cannot be told, darken the room; then go on.");
        return ByEye::tr("Turn the monitor's brightness or black level until the bars farthest "
                         "left just cannot be told from the black and the third can. Keep the room "
                         "as dark as when you work.");
    case EyeStep::White:
        if (work.builtIn)
            return ByEye::tr("This panel has no contrast to turn. All bars but the one farthest "
                             "left should be told from the white. Go on either way: the profile "
                             "takes the panel as it is.");
        return ByEye::tr("Turn the monitor's contrast down until the bars can be told from the "
                         "white, at least all but the one farthest left.");
    case EyeStep::Neutral:
        return ByEye::tr("Look at something white in daylight for a minute, then quickly at these "
                         "greys. Move the sliders until they show no tint.");
    case EyeStep::Result:
        return ByEye::tr("Gamma found: red %1, green %2, blue %3.\n\nThe profile takes the "
                         "primaries from what the display says of itself. It is marked as made by "
                         "eye, and the ledger will say so.")
            .arg(figure(gammaOfHalfLight(findings.halfLight[0]), 2),
                 figure(gammaOfHalfLight(findings.halfLight[1]), 2),
                 figure(gammaOfHalfLight(findings.halfLight[2]), 2));
    case EyeStep::Grey:
    case EyeStep::Red:
    case EyeStep::Green:
    case EyeStep::Blue:
        break;
    }
    return ByEye::tr("Step back or narrow your eyes until the lines melt together, then move the "
                     "slider until the solid field in the middle vanishes in them.");
}

} // namespace

QStringList eyeStepTitles()
{
    return {ByEye::tr("1  Black level"),  ByEye::tr("2  Contrast"),     ByEye::tr("3  Gamma, grey"),
            ByEye::tr("4  Gamma, red"),   ByEye::tr("5  Gamma, green"), ByEye::tr("6  Gamma, blue"),
            ByEye::tr("7  Neutral grey"), ByEye::tr("8  Profile")};
}

EyeStepModel eyeStepModel(EyeStep step, const EyeWork &work)
{
    EyeStepModel m;
    m.words = wordsOf(step, work);
    m.channel = channelOf(step);
    if (m.channel) {
        m.code = codeOf(*m.channel, work.findings);
        m.sliders = {{ByEye::tr("&Lightness of the middle"), kLeastCode * kFinest,
                      kMostCode * kFinest, static_cast<int>(std::lround(m.code * kFinest))}};
        m.figure = ByEye::tr("gamma %1").arg(figure(gammaOfHalfLight(m.code), 2));
    } else if (step == EyeStep::Neutral)
        m.sliders = {
            {ByEye::tr("Red agains&t green"), -100, 100, static_cast<int>(work.tint[0])},
            {ByEye::tr("Bl&ue against yellow"), -100, 100, static_cast<int>(work.tint[1])}};
    return m;
}

std::vector<EyeExample> eyeExamples(EyeStep step)
{
    const auto grey = [](double code) { return std::array{code, code, code}; };
    const auto bars = [&](std::initializer_list<double> codes) {
        std::vector<std::array<double, 3>> parts;
        for (const double code : codes)
            parts.push_back(grey(code));
        return parts;
    };
    switch (step) {
    case EyeStep::Black:
        return {{ByEye::tr("too dark"), false, grey(0), bars({0, 0, 0, 0, 3, 10})},
                {ByEye::tr("right"), true, grey(4), bars({4, 6, 13, 21, 29, 38})},
                {ByEye::tr("too light"), false, grey(48), bars({54, 60, 66, 72, 78, 84})}};
    case EyeStep::White:
        return {{ByEye::tr("too little"), false, grey(190), bars({182, 174, 166, 158, 150, 142})},
                {ByEye::tr("right"), true, grey(250), bars({248, 239, 230, 221, 212, 203})},
                {ByEye::tr("too much"), false, grey(255), bars({255, 255, 255, 255, 253, 246})}};
    case EyeStep::Neutral: {
        const auto tinted = [](double r, double b) {
            std::vector<std::array<double, 3>> parts;
            for (const double code : {64.0, 112.0, 160.0, 208.0})
                parts.push_back({code * r, code, code * b});
            return parts;
        };
        return {{ByEye::tr("too warm"), false, grey(0), tinted(1.08, 0.88)},
                {ByEye::tr("right"), true, grey(0), tinted(1, 1)},
                {ByEye::tr("too cool"), false, grey(0), tinted(0.92, 1.14)}};
    }
    case EyeStep::Result:
        return {};
    case EyeStep::Grey:
    case EyeStep::Red:
    case EyeStep::Green:
    case EyeStep::Blue:
        break;
    }
    // From where the lines melt together.
    constexpr double kMelted = 186, kOff = 34;
    const int channel = channelOf(step).value_or(kAllChannels);
    const auto inChannel = [&](double code) {
        std::array<double, 3> v{};
        for (int c = 0; c < 3; ++c)
            if (channel == kAllChannels || channel == c)
                v[static_cast<size_t>(c)] = code;
        return v;
    };
    const auto field = [&](const QString &caption, double code, bool right) {
        return EyeExample{caption, right, inChannel(kMelted), {inChannel(code)}, true};
    };
    return {field(ByEye::tr("too dark"), kMelted - kOff, false),
            field(ByEye::tr("right: it vanishes"), kMelted, true),
            field(ByEye::tr("too light"), kMelted + kOff, false)};
}

EyeWork moved(EyeStep step, EyeWork work, const std::vector<int> &values)
{
    if (const auto channel = channelOf(step)) {
        const double code = static_cast<double>(values.at(0)) / kFinest;
        auto &half = work.findings.halfLight;
        if (*channel == kAllChannels) { // the channels keep their differences
            const double shift = code - codeOf(kAllChannels, work.findings);
            for (double &h : half)
                h = std::clamp(h + shift, 60.0, 250.0);
        } else
            half[static_cast<size_t>(*channel)] = code;
    } else if (step == EyeStep::Neutral) {
        work.tint = {static_cast<double>(values.at(0)), static_cast<double>(values.at(1))};
        work.findings.balance = balanceOfTints(work.tint[0] / 100, work.tint[1] / 100);
    }
    return work;
}

} // namespace lantern::app
