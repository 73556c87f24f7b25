#include "app/views/aim/aim_model.h"

#include "app/state/wording.h"
#include "core/colour/white.h"
#include "core/signal/technology.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

struct AimWords {
    Q_DECLARE_TR_FUNCTIONS(Aim)
};

// Entries of the tone box: gamma, the named curves in the order of toneNames(), native.
constexpr int kGammaEntry = 0;
constexpr int kFirstNamedEntry = 1;
// Where a kind is chosen anew, from common practice.
constexpr double kCommonKelvin = 6500, kCommonLuminance = 120, kCommonGamma = 2.2,
                 kCommonContrast = 300;
constexpr Chromaticity kD65White{0.3127, 0.3290};

int nativeEntry()
{
    return kFirstNamedEntry + static_cast<int>(toneNames().size());
}

int toneEntryOf(const ToneCurve &tone)
{
    if (std::holds_alternative<GammaTone>(tone))
        return kGammaEntry;
    if (const auto *named = std::get_if<NamedTone>(&tone))
        for (size_t i = 0; i < toneNames().size(); ++i)
            if (toneNames()[i].tone == *named)
                return kFirstNamedEntry + static_cast<int>(i);
    return nativeEntry();
}

WhiteAim whiteFrom(const AimFields &f, const Aim &before)
{
    const bool sameKind = f.white == static_cast<WhiteEntry>(before.white.index());
    const double kelvin = sameKind ? f.kelvin : kCommonKelvin;
    const Chromaticity nominal = nominalChromaticity(before, kD65White);
    switch (f.white) {
    case WhiteEntry::Daylight:
        return DaylightWhite{kelvin};
    case WhiteEntry::Blackbody:
        return BlackbodyWhite{kelvin};
    case WhiteEntry::Xy:
        return sameKind ? Chromaticity{f.first, f.second} : nominal;
    case WhiteEntry::Uv:
        return sameKind ? UvPrime{f.first, f.second} : uvPrime(nominal);
    case WhiteEntry::Native:
        break;
    }
    return NativeWhite{};
}

EyeMatchModel eyeMatchModel(const SessionState &state)
{
    EyeMatchModel m;
    const Aim &aim = state.hasRun() ? state.results.setup.aim : state.aim;
    std::optional<XYZ> white = presentState(state.results).white;
    if (!white && state.results.before) // never one of an earlier day
        white = state.results.before->white;
    if (white && !std::holds_alternative<NativeWhite>(aim.white) && !state.isMeasuring())
        m.taken = matchedByEye(aim, chromaticity(*white));
    if (aim.matchedByEye) {
        m.forgotten = aim;
        m.forgotten->matchedByEye.reset();
        m.figures = AimWords::tr("The eye wanted Δu' %1, Δv' %2 added (Δu'v' %3). ")
                        .arg(figure(aim.matchedByEye->u, 4), figure(aim.matchedByEye->v, 4),
                             figure(std::hypot(aim.matchedByEye->u, aim.matchedByEye->v), 4));
    }
    const QString &technology = state.displays[static_cast<size_t>(state.selected)].technology;
    m.figures +=
        equalMayLookDifferent(technology.toStdString())
            ? AimWords::tr("Narrow-banded light: whites with equal figures need not look equal. "
                           "Match it by eye where that matters.")
            : AimWords::tr("For a white with the right figures that looks wrong beside a print or "
                           "another display.");
    return m;
}

} // namespace

QStringList toneEntries()
{
    QStringList entries = {AimWords::tr("Gamma")};
    for (const ToneName &name : toneNames())
        entries << QString::fromUtf8(name.title);
    return entries << AimWords::tr("Native");
}

AimFields fieldsOf(const Aim &aim)
{
    AimFields f;
    f.white = static_cast<WhiteEntry>(aim.white.index());
    if (const auto *daylight = std::get_if<DaylightWhite>(&aim.white))
        f.kelvin = daylight->kelvin;
    else if (const auto *blackbody = std::get_if<BlackbodyWhite>(&aim.white)) {
        f.kelvin = blackbody->kelvin;
        f.leastKelvin = kMinCct;
        f.mostKelvin = kMaxCct;
    } else if (const auto *xy = std::get_if<Chromaticity>(&aim.white)) {
        f.first = xy->x;
        f.second = xy->y;
    } else if (const auto *uv = std::get_if<UvPrime>(&aim.white)) {
        f.first = uv->u;
        f.second = uv->v;
    }
    f.luminanceCdM2 = aim.luminanceCdM2;
    f.tone = toneEntryOf(aim.tone);
    if (const auto *gamma = std::get_if<GammaTone>(&aim.tone))
        f.gamma = gamma->gamma;
    f.contrastRatio = aim.contrastRatio;
    f.primaries = aim.primaries;
    return f;
}

Aim aimFrom(const AimFields &f, const Aim &before)
{
    Aim aim = before;
    aim.white = whiteFrom(f, before);
    aim.luminanceCdM2 = f.luminanceCdM2;
    if (f.luminanceCdM2 && !before.luminanceCdM2)
        aim.luminanceCdM2 = kCommonLuminance;
    if (f.tone == kGammaEntry)
        aim.tone = GammaTone{std::holds_alternative<GammaTone>(before.tone)
                                 ? f.gamma.value_or(kCommonGamma)
                                 : kCommonGamma};
    else if (f.tone < nativeEntry())
        aim.tone = toneNames()[static_cast<size_t>(f.tone - kFirstNamedEntry)].tone;
    else
        aim.tone = NativeTone{};
    aim.contrastRatio = f.contrastRatio;
    if (f.contrastRatio && !before.contrastRatio)
        aim.contrastRatio = kCommonContrast;
    aim.primaries = f.primaries;
    return aim;
}

Aim renamed(Aim changed, const Aim &before, const std::vector<Aim> &own)
{
    const std::string name =
        AimWords::tr("%1, changed").arg(QString::fromStdString(changed.name)).toStdString();
    for (const std::vector<Aim> &list : {aimPresets(), own})
        for (const Aim &known : list)
            if (known.name == before.name)
                changed.name = name;
    return changed;
}

Aim aimOfEntry(int index, const std::vector<Aim> &own, const std::optional<run::RoomLight> &light,
               double paperLightness)
{
    const auto presets = aimPresets();
    const auto i = static_cast<size_t>(index);
    if (i >= presets.size())
        return own.at(i - presets.size());
    Aim aim = presets[i];
    if (aim.name == kBesideThePrint && light) {
        aim.white = light->chromaticity; // as the booth is
        aim.luminanceCdM2 = std::clamp(run::paperLuminance(light->illuminanceLux, paperLightness),
                                       kMinAimLuminance, kMaxAimLuminance);
    }
    return aim;
}

AimModel aimModel(const SessionState &state)
{
    AimModel m;
    m.aim = state.aim;
    m.own = state.ownAims;
    std::vector<Aim> all = aimPresets();
    for (const Aim &preset : all)
        m.jobs << fromCore(preset.name);
    for (const Aim &aim : m.own) {
        m.jobs << AimWords::tr("%1 (own)").arg(QString::fromStdString(aim.name));
        m.isOwn = m.isOwn || aim.name == m.aim.name;
        all.push_back(aim);
    }
    for (size_t i = 0; i < all.size(); ++i)
        if (all[i] == m.aim)
            m.job = static_cast<int>(i);
    m.fields = fieldsOf(m.aim);
    m.fixed = state.hasRun() && state.status.activity != run::Activity::Finished;
    m.explanation =
        m.fixed ? AimWords::tr("The aim of the run under way. Stop the run to change it.")
                : AimWords::tr("What the display should become. Start from a job; every number can "
                               "be changed. An aim file can be dropped here.");
    m.problem = state.aimProblem;
    m.measure = state.measure;
    m.light = lightOf(state);
    m.paperLightness = state.lights.paperLightness;
    m.lightText = m.light
                      ? AimWords::tr("Known: %1. \"Beside the print\" follows it.")
                            .arg(lightInWords(*m.light))
                      : AimWords::tr("The page Light reads the room or a viewing booth; white and "
                                     "luminance can follow.");
    m.eye = eyeMatchModel(state);
    return m;
}

} // namespace lantern::app
