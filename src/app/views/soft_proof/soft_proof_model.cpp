#include "app/views/soft_proof/soft_proof_model.h"

#include "app/state/wording.h"
#include "app/views/accuracy/proof_model.h"
#include "app/views/accuracy/verdict_words.h"

#include <QCoreApplication>
#include <QLocale>

#include <algorithm>

namespace lantern::app {

namespace {

struct SoftProofing {
    Q_DECLARE_TR_FUNCTIONS(SoftProofing)
};

constexpr size_t kStrip = 46;  // colours that are read of a print
constexpr size_t kFields = 16; // of them that are drawn

/// Under this name a proof by reading is kept.
std::string stripName(const SessionState &state)
{
    return SoftProofing::tr("print %1").arg(state.printTitle).toStdString() +
           (state.print.paperWhite ? "" : ", display's white");
}

QString wordFor(const ForeseenFigure &f)
{
    switch (f.kind) {
    case ForeseenFigure::Kind::Mean:
        return SoftProofing::tr("mean ΔE00");
    case ForeseenFigure::Kind::Percentile95:
        return SoftProofing::tr("95 % are below");
    case ForeseenFigure::Kind::Worst:
        break;
    }
    return SoftProofing::tr("worst");
}

QString foreseenText(const SoftProof &proof, const Tolerance &limits)
{
    const auto figures = foreseen(proof, limits);
    if (figures.empty())
        return SoftProofing::tr("These limits say nothing of colours in ΔE00.");
    const bool within = std::all_of(figures.begin(), figures.end(),
                                    [](const ForeseenFigure &f) { return f.isWithin(); });
    QString text =
        QStringLiteral("<b>%1</b><table width=100% cellspacing=2>")
            .arg(within ? SoftProofing::tr("By its profile this display can proof this paper.")
                        : SoftProofing::tr("By its profile this display cannot proof this paper."));
    for (const ForeseenFigure &f : figures)
        text += QStringLiteral("<tr><td>%1 %2</td><td align=right>%3</td><td align=right>%4</td>"
                               "</tr>")
                    .arg(f.isWithin() ? QStringLiteral("●") : QStringLiteral("⊘"), wordFor(f),
                         figure(f.value, 2), SoftProofing::tr("of %1").arg(figure(f.limit, 1)));
    return text + QStringLiteral("</table>") +
           SoftProofing::tr("White, luminance and contrast only a reading tells.");
}

QString readText(const SessionState &state)
{
    const run::RunResults &r = state.proved();
    if (!r.validation || r.validation->referenceName != stripName(state))
        return SoftProofing::tr("Not read yet: all this is foretold.");
    const QString when = QLocale().toString(
        QDateTime::fromString(QString::fromStdString(r.setup.startedAt), Qt::ISODate).toLocalTime(),
        QLocale::ShortFormat);
    const QString limits = fromCore(r.validation->verdict.tolerance.title);
    QString text;
    switch (r.validation->verdict.overall()) {
    case Call::Within:
        text = SoftProofing::tr("Read %1: it can proof this paper (%2).");
        break;
    case Call::Over:
        text = SoftProofing::tr("Read %1: it cannot proof this paper (%2).");
        break;
    case Call::CannotTell:
    case Call::NotJudged:
        text = SoftProofing::tr("Read %1: this meter cannot tell (%2).");
    }
    return QStringLiteral("<b>%1</b>").arg(text.arg(when, limits.toHtmlEscaped())) +
           figuresTable(r.validation->verdict);
}

MatchField fieldOf(const ProofedColour &c, const QString &name)
{
    constexpr double kShown = 2; // ΔE00
    return {name, swatch(c.aimed), swatch(c.shown), true, c.deltaE00, c.deltaE00 > kShown};
}

void addColours(const SoftProof &proof, SoftProofModel &m)
{
    std::vector<const ProofedColour *> beyond;
    for (const ProofedColour &c : proof.colours)
        if (!c.inside)
            beyond.push_back(&c);
    std::ranges::sort(beyond, std::greater(), [](const ProofedColour *c) { return c->deltaE00; });
    for (const ProofedColour *c : beyond)
        m.beyond.push_back({{QString::fromStdString(c->name), labText(c->aimed), labText(c->shown),
                             figure(c->deltaE00, 2)},
                            {double(m.beyond.size()), c->aimed.L, c->shown.L, c->deltaE00}});
    const auto strip = controlStrip(proof, {}, kFields);
    for (const ReferenceColour &s : strip.colours) {
        const auto c = std::ranges::find_if(proof.colours, [&](const ProofedColour &p) {
            return p.name == s.name && p.aimed == s.lab;
        });
        const auto index = static_cast<size_t>(c - proof.colours.begin());
        m.fields.push_back(fieldOf(*c, index == proof.paper ? SoftProofing::tr("paper")
                                       : index == proof.black
                                           ? SoftProofing::tr("black")
                                           : QString::fromStdString(c->name).section(u' ', 1)));
    }
    const auto end = [&](const QString &name, const ProofedColour &c) {
        return SoftProofing::tr("%1: L* %2 a* %3 b* %4, shown within %5 ΔE00.")
            .arg(name, figure(c.aimed.L, 1), figure(c.aimed.a, 1), figure(c.aimed.b, 1),
                 figure(c.deltaE00, 2));
    };
    QStringList ends;
    if (proof.paper)
        ends << end(SoftProofing::tr("Paper"), proof.colours[*proof.paper]);
    ends << end(SoftProofing::tr("Black"), proof.colours[proof.black]);
    m.ends = ends.join(QLatin1Char('\n'));
    m.sentence =
        m.beyond.empty()
            ? SoftProofing::tr("All of its %1 colours can be shown.").arg(proof.colours.size())
            : SoftProofing::tr("%1 % of its %2 colours can be shown. The rest is off by "
                               "%3 ΔE00 on average, by %4 at worst.")
                  .arg(figure(100 * proof.insideShare, 1))
                  .arg(proof.colours.size())
                  .arg(figure(proof.outside.mean, 2), figure(proof.outside.max, 1));
}

} // namespace

SoftProofModel softProofModel(const SessionState &state)
{
    SoftProofModel m;
    m.title = state.printTitle;
    m.choice = state.print;
    m.showsPictures = !state.printProfile.isEmpty();
    const ProofModel proofs = proofModel(state);
    m.tolerances = proofs.tolerances;
    for (size_t i = 0; i < m.tolerances.size(); ++i)
        if (m.tolerances[i].name == state.print.tolerance)
            m.tolerance = static_cast<int>(i);
    m.why = proofs.why;
    if (m.title.isEmpty() && !state.foreseeing) {
        m.explanation = SoftProofing::tr(
            "Can this display stand for a print? Open a printing condition: a characterisation "
            "(CGATS) or an ICC output profile. It can be dropped here.");
        return m;
    }
    if (!state.softProof) {
        m.explanation = state.foreseeing ? SoftProofing::tr("The print is being worked out…")
                                         : SoftProofing::tr("What the display makes of this print "
                                                            "is told once it has a profile.");
        return m;
    }
    m.explanation =
        state.print.paperWhite
            ? SoftProofing::tr("Outer field the print, its paper's white included; inner spot "
                               "what the display shows of it.")
            : SoftProofing::tr("Outer field the print, seen from its paper's white; inner spot "
                               "what the display shows of it.");
    addColours(*state.softProof, m);
    const Tolerance *limits =
        m.tolerance >= 0 ? &m.tolerances[static_cast<size_t>(m.tolerance)] : nullptr;
    m.foreseen = limits ? foreseenText(*state.softProof, *limits) : QString();
    m.read = readText(state);
    if (proofs.possible && limits && !state.foreseeing) {
        run::ProofChoice proof;
        proof.reference = stripName(state);
        proof.colours = controlStrip(*state.softProof, {}, kStrip).colours;
        proof.tolerance = *limits;
        m.why = SoftProofing::tr("Shows %1 of its colours on the display and reads them.")
                    .arg(proof.colours.size());
        m.proof = std::move(proof);
    }
    return m;
}

} // namespace lantern::app
