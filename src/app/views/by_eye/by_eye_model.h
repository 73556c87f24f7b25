#pragma once

#include "core/plan/by_eye.h"

#include <QString>
#include <QStringList>

#include <array>
#include <optional>
#include <vector>

namespace lantern::app {

/// The steps of the judgement by eye, in their order.
enum class EyeStep { Black, White, Grey, Red, Green, Blue, Neutral, Result };
QStringList eyeStepTitles();

/// What a person found so far, with where the sliders of the last step stand.
struct EyeWork {
    EyeFindings findings;
    std::array<double, 2> tint{}; ///< red against green, blue against yellow; -100..100
    bool builtIn = false;         ///< the panel has nothing to turn but its light
};

/// What one step shows.
struct EyeStepModel {
    QString words;
    struct Slider {
        QString name;
        int least = 0, most = 0, value = 0;
    };
    std::vector<Slider> sliders; ///< at most two
    QString figure;              ///< empty: none
    std::optional<int> channel;  ///< of a half-light step; 3: grey
    double code = 0;             ///< that looks like half the light
};

EyeStepModel eyeStepModel(EyeStep step, const EyeWork &work);

/// How a step looks, in small: code values of this screen.
struct EyeExample {
    QString caption;
    bool isRight = false;
    std::array<double, 3> ground{};
    std::vector<std::array<double, 3>> parts; ///< bars from left to right
    bool isMiddle = false;                    ///< the one part lies in the middle instead
};
/// Too little, right and too much; none for a step that shows nothing.
std::vector<EyeExample> eyeExamples(EyeStep step);

/// The work after the sliders of a step were moved. \param values as many as the step has sliders
EyeWork moved(EyeStep step, EyeWork work, const std::vector<int> &values);

} // namespace lantern::app
