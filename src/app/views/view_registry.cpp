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
         [](Intents *i) -> View * { return new ReadyView(i); }},
        {ViewId::Check, QObject::tr("Check first"),
         [](Intents *i) -> View * { return new CheckView(i); }},
        {ViewId::Aim, QObject::tr("Aim"), [](Intents *i) -> View * { return new AimView(i); }},
        {ViewId::White, QObject::tr("White dial"),
         [](Intents *i) -> View * { return new WhiteView(i); }},
        {ViewId::Tone, QObject::tr("Tone and grey"),
         [](Intents *i) -> View * { return new ToneView(i); }},
        {ViewId::Gamut, QObject::tr("Gamut"),
         [](Intents *i) -> View * { return new GamutView(i); }},
        {ViewId::Accuracy, QObject::tr("Colour accuracy"),
         [](Intents *i) -> View * { return new AccuracyView(i); }},
        {ViewId::Profile, QObject::tr("Profile"),
         [](Intents *i) -> View * { return new ProfileView(i); }},
        {ViewId::Compare, QObject::tr("Before and after"),
         [](Intents *i) -> View * { return new CompareView(i); }},
        {ViewId::ByEye, QObject::tr("By eye"),
         [](Intents *i) -> View * { return new ByEyeView(i); }},
    };
}

} // namespace lantern::app
