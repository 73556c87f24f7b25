#include "app/views/accuracy/accuracy_view.h"
#include "app/views/aim/aim_view.h"
#include "app/views/by_eye/by_eye_view.h"
#include "app/views/check/check_view.h"
#include "app/views/compare/compare_view.h"
#include "app/views/gamut/gamut_view.h"
#include "app/views/profile/profile_view.h"
#include "app/views/ready/ready_view.h"
#include "app/views/tone/tone_view.h"
#include "app/views/white/white_view.h"

namespace lantern::app {

std::vector<ViewEntry> viewRegistry()
{
    return {
        {ViewId::Ready, QObject::tr("Ready"),
         [](Session *s) -> View * { return new ReadyView(s); }},
        {ViewId::Check, QObject::tr("Check first"),
         [](Session *s) -> View * { return new CheckView(s); }},
        {ViewId::Aim, QObject::tr("Aim"), [](Session *s) -> View * { return new AimView(s); }},
        {ViewId::White, QObject::tr("White dial"),
         [](Session *s) -> View * { return new WhiteView(s); }},
        {ViewId::Tone, QObject::tr("Tone and grey"),
         [](Session *s) -> View * { return new ToneView(s); }},
        {ViewId::Gamut, QObject::tr("Gamut"),
         [](Session *s) -> View * { return new GamutView(s); }},
        {ViewId::Accuracy, QObject::tr("Colour accuracy"),
         [](Session *s) -> View * { return new AccuracyView(s); }},
        {ViewId::Profile, QObject::tr("Profile"),
         [](Session *s) -> View * { return new ProfileView(s); }},
        {ViewId::Compare, QObject::tr("Before and after"),
         [](Session *s) -> View * { return new CompareView(s); }},
        {ViewId::ByEye, QObject::tr("By eye"),
         [](Session *s) -> View * { return new ByEyeView(s); }},
    };
}

} // namespace lantern::app
