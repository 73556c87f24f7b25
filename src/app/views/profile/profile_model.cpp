#include "app/views/profile/profile_model.h"

#include "app/state/wording.h"
#include "run/book/in_words.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QLocale>

#include <algorithm>

namespace lantern::app {

namespace {

struct Profile {
    Q_DECLARE_TR_FUNCTIONS(Profile)
};

/// Why one would take it.
QString formText(const run::ProfileForm &form)
{
    const QString kind =
        form.kind == ProfileKind::Table
            ? Profile::tr("Tables follow the display where its primaries do not add up; curves and "
                          "matrix are in it too, for programs that read no tables.")
        : form.kind == ProfileKind::Matrix
            ? Profile::tr("Curves and matrix: a few kilobytes that every program reads; right "
                          "where the primaries add up.")
            : Profile::tr("One exponent for each channel: the smallest, for programs that read "
                          "nothing else.");
    return form.version == 4
               ? kind
               : kind + QLatin1Char(' ') +
                     Profile::tr("Version 2 is for programs that do not know version 4 yet.");
}

QString readingsText(const run::RunResults &r)
{
    if (r.chart.empty())
        return Profile::tr("%1 patches, not read yet").arg(r.setup.chartPatches);
    if (r.profile.isEmpty())
        return Profile::tr("%1 readings").arg(r.chart.size());
    return Profile::tr("%1 readings; expected error for all colours %2 ΔE00 in the mean; %3 kB")
        .arg(QString::number(r.chart.size()),
             r.expectedError > 0 ? figure(r.expectedError, 2) : dash(),
             figure(double(r.profile.size()) / 1000, 0));
}

/// What each kind would come to.
QString forecastText(const ForecastState &state)
{
    if (state.forecasting)
        return Profile::tr("Being worked out…");
    QStringList kinds;
    for (const ProfileForecast &f : state.forecasts) {
        const QString kind = f.kind == ProfileKind::Table    ? Profile::tr("Tables")
                             : f.kind == ProfileKind::Matrix ? Profile::tr("Curves and matrix")
                                                             : Profile::tr("Exponents and matrix");
        kinds << Profile::tr("%1: %2 ΔE00 in the mean, %3 kB")
                     .arg(kind, figure(f.expectedDeltaE00, 2), figure(double(f.bytes) / 1000, 0));
    }
    return kinds.join(QLatin1Char('\n'));
}

/// Whose profiles there are, whatever run they are of.
void addRows(const SessionState &state, ProfileModel &m)
{
    const QLocale locale;
    for (const desk::KnownProfile &p : state.profiles) {
        ProfileModel::Row row;
        row.path = p.path;
        row.title = p.title;
        row.aim = p.aim.isEmpty() ? dash() : run::inLocale(p.aim.toStdString());
        row.madeOn = p.madeOn.isValid() ? locale.toString(p.madeOn, QLocale::ShortFormat) : dash();
        row.maker = p.maker.isEmpty() ? dash() : p.maker;
        row.deltaE = figure(p.meanDeltaE00, 2);
        row.inUse = p.inUse;
        row.mayBeUsed = !p.inUse && !state.isMeasuring();
        row.isOwn = p.ours;
        row.mayBeRemoved = p.ours && !p.inUse;
        row.inWords = p.inUse ? Profile::tr("%1, in use").arg(p.title) : p.title;
        m.hasPrevious = m.hasPrevious || row.mayBeUsed;
        m.rows.push_back(row);
    }
    if (state.profileChosen)
        m.inUseNote = Profile::tr("Chosen by you; the next run puts its own in its place.");
    if (!state.profiles.empty())
        m.remindAfterDays = state.remindAfterDays;
    if (m.remindAfterDays && state.nextCheckAt) {
        const qint64 days = QDateTime::currentDateTimeUtc().daysTo(*state.nextCheckAt);
        m.nextCheck =
            days <= 0 ? Profile::tr("A check is due now.")
            : state.isNextCheckForetold
                ? Profile::tr("Next check in about %1 days, by how its light drifts.").arg(days)
                : Profile::tr("Next check in %1 days. Its drift is not known yet: that "
                              "takes three proofs.")
                      .arg(days);
    }
    m.keeper = state.keeper;
    if (!state.defaultInService)
        return;
    const auto inUse = std::find_if(state.profiles.begin(), state.profiles.end(),
                                    [](const auto &p) { return p.inUse; });
    if (inUse == state.profiles.end())
        return;
    const QFileInfo theirs(*state.defaultInService);
    const QString service =
        state.defaultInService->isEmpty()
            ? Profile::tr("The desktop's colour service has no profile for this display.")
        : theirs.canonicalFilePath() == inUse->path
            ? Profile::tr("It is the default in the desktop's colour service too.")
            : Profile::tr("The desktop's colour service has another: %1").arg(theirs.fileName());
    m.inUseNote = m.inUseNote.isEmpty() ? service : m.inUseNote + QLatin1Char(' ') + service;
}

} // namespace

ProfileModel profileModel(const SessionState &state)
{
    ProfileModel m;
    addRows(state, m);
    const bool own = state.hasRun();
    const run::RunResults *r = own ? &state.results : state.lastTime ? &*state.lastTime : nullptr;
    m.explanation =
        !r ? Profile::tr("A profile will be described here when a run has measured this display.")
        : own ? Profile::tr("What this run makes. Name and kind can be changed until it is built.")
              : Profile::tr("Of the last run on this display.");
    if (!r)
        return m;
    ProfileModel::Facts f;
    f.name = QString::fromStdString(run::profileName(r->setup));
    f.nameFixed = !own ||
                  run::isAfter(run::RunKind::Calibration, state.status.stage, run::Stage::Build) ||
                  !r->profile.isEmpty();
    f.madeFor = QString::fromStdString(r->setup.displayName) + QStringLiteral(" · ") +
                run::inLocale(aimSummary(r->setup.aim));
    f.form = run::ProfileForm::of(r->setup);
    f.formNote = formText(f.form);
    f.madeFrom = readingsText(*r);
    f.expected = own ? forecastText(state) : QString();
    f.file = r->installedPath.isEmpty() ? dash() : QDir::toNativeSeparators(r->installedPath);
    const desk::ProfileInUse &use = state.inUse;
    f.declared = f.lut = dash();
    if (!r->installedPath.isEmpty() && use.checked) {
        f.isLost = !use.isRight() && !state.profileChosen && !state.isMeasuring();
        f.declared = use.profileMatches
                         ? Profile::tr("●  Yes: read back from %1, byte for byte").arg(use.place)
                         : Profile::tr("⊘  No: %1 names %2 profile").arg(use.place, use.found);
        f.lut = use.lutMatches
                    ? Profile::tr("●  Loaded: read back from %1, all entries agree").arg(use.place)
                    : Profile::tr("⊘  Not in force: another LUT is loaded");
    }
    m.facts = f;
    return m;
}

} // namespace lantern::app
