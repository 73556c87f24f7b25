#include "app/views/modes/modes_model.h"

#include "app/state/wording.h"
#include "run/book/in_words.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

struct Modes {
    Q_DECLARE_TR_FUNCTIONS(Modes)
};

/// The field that is furthest from the middle of the screen, of it; nothing: not measured.
std::optional<double> worstField(const ModeRun &run)
{
    if (!run.evenness || run.evenness->levels.empty())
        return std::nullopt;
    const EvenLevel &white = run.evenness->levels.front();
    return 1 - white.least >= white.most - 1 ? white.least : white.most;
}

QStringList figuresOf(const ModeWorth &worth, const std::optional<double> &field)
{
    const DisplayState &s = worth.state;
    return {s.cct ? figure(s.cct->kelvin, 0) : dash(),
            figure(s.deltaUv, 4),
            s.white ? figure(s.white->Y, 0) : dash(),
            figure(worth.luminance, 0),
            s.contrast ? figure(*s.contrast, 0) + QStringLiteral(":1") : dash(),
            figure(s.gamma, 2),
            figure(100 * worth.coverage, 0),
            figure(worth.additivity, 1),
            field ? figure(100 * *field, 0) : dash()};
}

QString sentenceOf(const std::vector<ModeWorth> &modes)
{
    if (modes.empty())
        return Modes::tr("None was read yet. Set a picture mode at the monitor, say how it is "
                         "called there, and read it: half a minute each, one after the other.");
    const QString best = QString::fromStdString(modes.front().name);
    if (modes.size() == 1)
        return Modes::tr("\"%1\" was read. Set another one at the monitor and read that, too.")
            .arg(best);
    const QString why =
        modes.front().against.empty()
            ? Modes::tr("nothing speaks against it")
            : Modes::tr("least speaks against it: %1").arg(run::inWords(modes.front().against[0]));
    QString text = Modes::tr("For this aim start from \"%1\": %2.").arg(best, why);
    const ModeWorth &next = modes[1];
    if (!next.against.empty())
        text += QLatin1Char(' ') +
                Modes::tr("Of \"%1\", %2.")
                    .arg(QString::fromStdString(next.name), run::inWords(next.against.front()));
    return text;
}

} // namespace

QStringList modeColumns(const SessionState &state)
{
    return {Modes::tr("White\nK"),
            Modes::tr("Δu'v'\nfrom aim"),
            Modes::tr("White\ncd/m²"),
            Modes::tr("at aim's\nwhite"),
            Modes::tr("Contrast"),
            Modes::tr("Gamma"),
            state.aim.primaries ? Modes::tr("% of\naim") : Modes::tr("% of\nwidest"),
            Modes::tr("Adds up\nΔE00"),
            Modes::tr("Even\n% of mid.")};
}

ModesModel modesModel(const SessionState &state)
{
    ModesModel m;
    const bool ofThis = state.results.setup.kind == run::RunKind::Mode && state.onErrand();
    m.isReading = ofThis && state.isMeasuring();
    m.mayRead = !state.displays.empty() && !state.isMeasuring() && !state.onErrand() &&
                !state.preparing &&
                (!state.hasRun() || state.status.activity == run::Activity::Finished);
    std::vector<ReadMode> read;
    for (const auto &run : state.modeRuns) {
        read.push_back(run->mode);
        m.names << QString::fromStdString(run->mode.name);
    }
    for (const QString &usual : {Modes::tr("User colour"), Modes::tr("Standard"), Modes::tr("sRGB"),
                                 Modes::tr("Wide gamut"), Modes::tr("Vivid"), Modes::tr("Reading")})
        if (!m.names.contains(usual))
            m.names << usual;
    const auto modes = judgeModes(read, state.aim);
    for (const ModeWorth &worth : modes) {
        ModesModel::Row row;
        row.name = QString::fromStdString(worth.name);
        const auto run = std::ranges::find_if(state.modeRuns, [&](const auto &candidate) {
            return candidate->mode.name == worth.name;
        });
        const auto field = worstField(**run);
        row.figures = figuresOf(worth, field);
        QStringList against;
        for (const Message &reason : worth.against)
            against << run::inWords(reason);
        constexpr double kMostUneven = 0.15; // our own choice: more is seen on a grey page
        if (field && std::abs(1 - *field) > kMostUneven)
            against << Modes::tr("a field gives %1 % of the middle's light")
                           .arg(figure(100 * *field, 0));
        row.against = against.join(QStringLiteral("; "));
        row.isBest = m.rows.empty() && modes.size() > 1;
        m.rows.push_back(row);
    }
    m.sentence = m.isReading ? Modes::tr("\"%1\" is being read.")
                                   .arg(QString::fromStdString(state.results.setup.pictureMode))
                             : sentenceOf(modes);
    return m;
}

} // namespace lantern::app
