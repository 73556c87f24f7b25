#include "app/views/accuracy/accuracy_view.h"
#include "app/views/agreement/agreement_view.h"
#include "app/views/aim/aim_view.h"
#include "app/views/by_eye/by_eye_view.h"
#include "app/views/check/check_view.h"
#include "app/views/compare/compare_view.h"
#include "app/views/evenness/evenness_view.h"
#include "app/views/fine_tune/fine_tune_view.h"
#include "app/views/gamut/gamut_view.h"
#include "app/views/light/light_view.h"
#include "app/views/logbook/logbook_view.h"
#include "app/views/match/match_view.h"
#include "app/views/memory/memory_view.h"
#include "app/views/modes/modes_view.h"
#include "app/views/pages/pages_view.h"
#include "app/views/profile/profile_view.h"
#include "app/views/ready/ready_view.h"
#include "app/views/settings/settings_view.h"
#include "app/views/soft_proof/soft_proof_view.h"
#include "app/views/start/start_view.h"
#include "app/views/tone/tone_view.h"
#include "app/views/trends/trends_view.h"
#include "app/views/white/white_view.h"
#include "app/views/workshop/workshop_view.h"

namespace lantern::app {

std::vector<ViewEntry> viewRegistry()
{
    return {
        {ViewId::Ready, [](Intents *i) -> View * { return new ReadyView(i); }},
        {ViewId::Check, [](Intents *i) -> View * { return new CheckView(i); }},
        {ViewId::Aim, [](Intents *i) -> View * { return new AimView(i); }},
        {ViewId::White, [](Intents *i) -> View * { return new WhiteView(i); }},
        {ViewId::Tone, [](Intents *i) -> View * { return new ToneView(i); }},
        {ViewId::Gamut, [](Intents *i) -> View * { return new GamutView(i); }},
        {ViewId::Accuracy, [](Intents *i) -> View * { return new AccuracyView(i); }},
        {ViewId::Profile, [](Intents *i) -> View * { return new ProfileView(i); }},
        {ViewId::Compare, [](Intents *i) -> View * { return new CompareView(i); }},
        {ViewId::ByEye, [](Intents *i) -> View * { return new ByEyeView(i); }},
        {ViewId::SoftProof, [](Intents *i) -> View * { return new SoftProofView(i); },
         QKeySequence(Qt::CTRL | Qt::Key_K)},
        {ViewId::Light, [](Intents *i) -> View * { return new LightView(i); },
         QKeySequence(Qt::CTRL | Qt::Key_L)},
        {ViewId::Logbook, [](Intents *i) -> View * { return new LogbookView(i); },
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_L)},
        {ViewId::Trends, [](Intents *i) -> View * { return new TrendsView(i); },
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_T)},
        {ViewId::Evenness, [](Intents *i) -> View * { return new EvennessView(i); },
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E)},
        {ViewId::Modes, [](Intents *i) -> View * { return new ModesView(i); },
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_M)},
        {ViewId::Agreement, [](Intents *i) -> View * { return new AgreementView(i); },
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_A)},
        {ViewId::Match, [](Intents *i) -> View * { return new MatchView(i); },
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_D)},
        {ViewId::Memory, [](Intents *i) -> View * { return new MemoryView(i); },
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_O)},
        {ViewId::Workshop, [](Intents *i) -> View * { return new WorkshopView(i); },
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_U)},
        {ViewId::Pages, [](Intents *i) -> View * { return new PagesView(i); },
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_N)},
        {ViewId::FineTune, [](Intents *i) -> View * { return new FineTuneView(i); },
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_F)},
        {ViewId::Settings, [](Intents *i) -> View * { return new SettingsView(i); },
         QKeySequence(Qt::CTRL | Qt::Key_Comma)},
        {ViewId::Start, [](Intents *i) -> View * { return new StartView(i); },
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_H)},
    };
}

} // namespace lantern::app
