#include "app/session/gamut_part.h"

#include "core/base/error.h"
#include "core/profile/profile_facts.h"
#include "core/profile/profile_file.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <QFileInfo>
#include <QLocale>

namespace lantern::app {

namespace {

std::vector<uint8_t> bytesOf(const QByteArray &bytes)
{
    return {bytes.begin(), bytes.end()};
}

/// Primaries of a profile as the display shows them: adapted back from D50 to its own white.
PrimarySet ownPrimaries(const std::vector<uint8_t> &icc, const ProfileFile &profile)
{
    const auto facts = inspectProfile(icc, "profile");
    constexpr Chromaticity kD65{0.3127, 0.3290}; // where the profile does not tell
    const XYZ white = fromChromaticity(facts.white.value_or(kD65), 1);
    const Mat3 back = bradford(kD50, {white.X, white.Y, white.Z});
    PrimarySet out;
    const auto adapted = profile.primaries();
    for (size_t c = 0; c < out.size(); ++c)
        out[c] = chromaticity(toXyz(back * vec(fromChromaticity(adapted[c], 1))));
    return out;
}

GamutReference ofProfile(const std::vector<uint8_t> &icc, const std::string &source)
{
    const ProfileFile profile(icc, source);
    GamutReference r;
    r.title = QString::fromStdString(profile.name());
    r.boundary = std::make_shared<const GamutBoundary>(profile.gamut());
    r.primaries = ownPrimaries(icc, profile);
    return r;
}

GamutReference ofSpace(const NamedSpace &space)
{
    GamutReference r;
    r.key = QStringLiteral("space:") + QString::fromStdString(space.name);
    r.title = QString::fromStdString(space.name);
    r.boundary = std::make_shared<const GamutBoundary>(gamutOf(space));
    r.primaries = space.primaries;
    return r;
}

/// \throws Error
GamutReference ofKey(const QString &key, const LoadedRuns &runs)
{
    GamutReference r;
    const QString what = key.section(QLatin1Char(':'), 1);
    if (key.startsWith(QLatin1String("space:"))) {
        for (const NamedSpace &space : namedSpaces())
            if (what == QString::fromStdString(space.name))
                r = ofSpace(space);
    } else if (key.startsWith(QLatin1String("icc:"))) {
        r = ofProfile(bytesOf(run::readFile(what)), what.toStdString());
        if (r.title.isEmpty())
            r.title = QFileInfo(what).fileName();
    } else if (const auto it = runs.find(what.toLongLong());
               it != runs.end() && !it->second->profile.isEmpty()) {
        const run::RunResults &past = *it->second;
        r = ofProfile(bytesOf(past.profile), "profile of that run");
        if (past.after && past.after->primaries)
            r.primaries = past.after->primaries;
        const auto at =
            QDateTime::fromString(QString::fromStdString(past.setup.startedAt), Qt::ISODate);
        r.title = QString::fromStdString(past.setup.displayName) + QStringLiteral(", ") +
                  QLocale().toString(at.toLocalTime().date(), QLocale::ShortFormat);
    }
    r.key = key;
    return r;
}

void compare(GamutReference &r, const GamutState &own)
{
    if (!r.boundary)
        return;
    r.volume = r.boundary->volume();
    if (!own.ownGamut)
        return;
    const double common = GamutBoundary::commonVolume(*own.ownGamut, *r.boundary);
    r.covered = r.volume > 0 ? common / r.volume : 0;
    r.within = own.ownVolume > 0 ? common / own.ownVolume : 0;
}

} // namespace

GamutPart::GamutPart(QObject *parent)
    : QObject(parent), m_work([this](Found found) {
          found.state.referenceKeys = m_state.referenceKeys;
          m_state = std::move(found.state);
          emit changed();
          if (!found.problem.isEmpty())
              emit failed(found.problem);
      })
{
    m_state.referenceKeys = {QStringLiteral("space:sRGB"), QStringLiteral("space:Display P3")};
}

void GamutPart::choose(const QStringList &keys)
{
    m_state.referenceKeys = keys;
    for (const QString &key : keys)
        if (key.startsWith(QLatin1String("run:")))
            emit runWanted(key.section(QLatin1Char(':'), 1).toLongLong());
    emit changed();
}

GamutPart::Found GamutPart::workOut(const Asked &asked, const LoadedRuns &runs)
{
    Found found;
    GamutState &s = found.state;
    try {
        if (!asked.profile.isEmpty()) {
            s.ownGamut = ofProfile(bytesOf(asked.profile), "profile of this run").boundary;
            s.ownVolume = s.ownGamut->volume();
        }
        for (const NamedSpace &space : namedSpaces())
            s.spaces.push_back(ofSpace(space));
    } catch (const Error &e) {
        found.problem = run::inWords(e);
    }
    for (const QString &key : asked.keys) {
        GamutReference r;
        try {
            r = ofKey(key, runs);
        } catch (const Error &e) {
            r.key = key;
            found.problem = run::inWords(e);
        }
        s.references.push_back(r);
    }
    for (auto *list : {&s.spaces, &s.references})
        for (GamutReference &r : *list)
            compare(r, s);
    return found;
}

void GamutPart::look(const QByteArray &profile, const LoadedRuns &loadedRuns)
{
    Asked asked{profile, m_state.referenceKeys, {}};
    LoadedRuns needed;
    for (const QString &key : asked.keys) {
        const auto it = key.startsWith(QLatin1String("run:"))
                            ? loadedRuns.find(key.section(QLatin1Char(':'), 1).toLongLong())
                            : loadedRuns.end();
        if (it != loadedRuns.end()) {
            asked.runs << it->first;
            needed.insert(*it);
        }
    }
    if (m_asked == asked)
        return;
    m_asked = asked;
    m_state.measuringGamut = true;
    m_work.start([asked, needed] { return workOut(asked, needed); });
    emit changed();
}

} // namespace lantern::app
