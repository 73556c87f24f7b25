#pragma once

#include "app/state/session_state.h"

#include <QStringList>

namespace lantern::app {

/// Entries of the box of whites, in its order: that of the variant in Aim.
enum class WhiteEntry { Daylight, Blackbody, Xy, Uv, Native };

/// An aim as the fields of the form have it.
struct AimFields {
    WhiteEntry white = WhiteEntry::Daylight;
    double kelvin = 6500;
    double leastKelvin = 4000, mostKelvin = 24900;
    double first = 0.3127, second = 0.3290; ///< x, y or u', v'
    std::optional<double> luminanceCdM2;    ///< nothing: as native
    int tone = 0;                           ///< entry of toneEntries()
    std::optional<double> gamma;            ///< where the entry is gamma
    std::optional<double> contrastRatio;    ///< nothing: as native
    std::optional<PrimarySet> primaries;    ///< nothing: as native
};

/// The entries of the box of tone curves.
QStringList toneEntries();

AimFields fieldsOf(const Aim &aim);

/// The aim that the fields say. Where another kind of white, tone, luminance or black was chosen,
/// its number is the nearest to what there was, or a common one. \param before what they said
/// before
Aim aimFrom(const AimFields &fields, const Aim &before);

/// `changed` under a name that tells it from the preset or own aim that it came from.
Aim renamed(Aim changed, const Aim &before, const std::vector<Aim> &own);

/// The aim that an entry of the box of jobs stands for; beside the print takes white and luminance
/// from the light of its booth, when that is known. \param index presets first, then own ones
/// \param paperLightness L* of the paper that lies in it
Aim aimOfEntry(int index, const std::vector<Aim> &own, const std::optional<run::RoomLight> &light,
               double paperLightness);

/// What the row "By eye" shows, and the aims that its buttons lead to.
struct EyeMatchModel {
    std::optional<Aim> taken;     ///< the white as read matches; nothing: cannot be said now
    std::optional<Aim> forgotten; ///< without the match; nothing: there is none
    QString figures;
};

/// What the view of the aim shows.
struct AimModel {
    QString explanation;
    Aim aim;
    std::vector<Aim> own;
    QStringList jobs; ///< presets, then the person's own
    int job = -1;     ///< -1: none of them
    AimFields fields;
    bool isOwn = false; ///< kept by the person under this name
    bool fixed = false; ///< of a run under way
    QString problem;    ///< empty: the display can do it
    MeasureChoice measure;
    std::optional<run::RoomLight> light; ///< read last, or the kept one that is used
    double paperLightness = run::kPaperLightness;
    QString lightText; ///< in words
    EyeMatchModel eye;
};

AimModel aimModel(const SessionState &state);

} // namespace lantern::app
