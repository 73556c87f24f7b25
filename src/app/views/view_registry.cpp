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

namespace {

template <class V> View *make(Intents *intents)
{
    return new V(intents);
}

} // namespace

std::vector<ViewEntry> viewRegistry()
{
    return {
        {ViewId::Ready, View::tr("Ready"), make<ReadyView>},
        {ViewId::Check, View::tr("Check first"), make<CheckView>},
        {ViewId::Aim, View::tr("Aim"), make<AimView>},
        {ViewId::White, View::tr("White point"), make<WhiteView>},
        {ViewId::Tone, View::tr("Tone, grey and black"), make<ToneView>},
        {ViewId::Gamut, View::tr("Gamut"), make<GamutView>},
        {ViewId::Accuracy, View::tr("Colour accuracy"), make<AccuracyView>},
        {ViewId::Profile, View::tr("Profile"), make<ProfileView>},
        {ViewId::Compare, View::tr("Before and after"), make<CompareView>},
        {ViewId::ByEye, View::tr("By eye"), make<ByEyeView>},
        {ViewId::SoftProof, View::tr("Soft proof"), make<SoftProofView>,
         QKeySequence(Qt::CTRL | Qt::Key_K)},
        {ViewId::Light, View::tr("Light"), make<LightView>, QKeySequence(Qt::CTRL | Qt::Key_L)},
        {ViewId::Logbook, View::tr("Logbook"), make<LogbookView>,
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_L)},
        {ViewId::Trends, View::tr("Trends"), make<TrendsView>,
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_T)},
        {ViewId::Evenness, View::tr("Evenness"), make<EvennessView>,
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E)},
        {ViewId::Modes, View::tr("Picture modes"), make<ModesView>,
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_M)},
        {ViewId::Agreement, View::tr("Agreement"), make<AgreementView>,
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_A)},
        {ViewId::Match, View::tr("Alike"), make<MatchView>,
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_D)},
        {ViewId::Memory, View::tr("Monitor's memory"), make<MemoryView>,
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_O)},
        {ViewId::Workshop, View::tr("Workshop"), make<WorkshopView>,
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_U)},
        {ViewId::Pages, View::tr("Other devices"), make<PagesView>,
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_N)},
        {ViewId::FineTune, View::tr("Fine-tune"), make<FineTuneView>,
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_F)},
        {ViewId::Settings, View::tr("Settings"), make<SettingsView>,
         QKeySequence(Qt::CTRL | Qt::Key_Comma)},
        {ViewId::Start, View::tr("First steps"), make<StartView>,
         QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_H)},
    };
}

} // namespace lantern::app
