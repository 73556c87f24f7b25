#include "app/views/accuracy/proof_model.h"
#include "app/state/wording.h"

#include "core/base/text.h"
#include "core/profile/target_space.h"
#include "core/reading/key_colours.h"
#include "paper/picture_colours.h"
#include "run/file/files.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QImageReader>
#include <QStringList>

#include <algorithm>

namespace lantern::app {

namespace {

struct Proof {
    Q_DECLARE_TR_FUNCTIONS(Proof)
};

std::string kindOf(const std::string &reference)
{
    return reference.substr(0, reference.find(':'));
}

/// The limits are those of a set, apart from the formula.
bool isSet(const Tolerance &chosen, Tolerance set)
{
    set.formula = chosen.formula;
    return chosen == set;
}

} // namespace

std::vector<ProofColours> proofColours()
{
    return {{QStringLiteral("lantern72"), Proof::tr("Lantern 72"), 0, 0, 0},
            {QStringLiteral("lantern40"), Proof::tr("Lantern 40"), 0, 0, 0},
            {QStringLiteral("chart24"), Proof::tr("Rendition chart, 24"), 0, 0, 0},
            {QStringLiteral("skin"), Proof::tr("Skin, 24"), 0, 0, 0},
            {QStringLiteral("greys"), Proof::tr("Grey ramp"), 21, 2, 256},
            {QStringLiteral("primaries"), Proof::tr("Primaries, secondaries"), 0, 0, 0},
            {QStringLiteral("sweeps"), Proof::tr("Saturation sweeps"), 0, 0, 0},
            {QStringLiteral("random"), Proof::tr("Fresh random colours"), 40, 1, 10'000}};
}

std::string proofKey(const ProofColours &colours, int count)
{
    return colours.count == 0 ? colours.key.toStdString()
                              : colours.key.toStdString() + ":" + std::to_string(count);
}

int proofColoursIndex(const run::ProofChoice &choice)
{
    if (!choice.colours.empty())
        return -1;
    const auto all = proofColours();
    const auto it = std::find_if(all.begin(), all.end(), [&](const ProofColours &c) {
        return c.key.toStdString() == kindOf(choice.reference);
    });
    return it == all.end() ? -1 : static_cast<int>(it - all.begin());
}

int proofCount(const run::ProofChoice &choice)
{
    const int index = proofColoursIndex(choice);
    if (index < 0)
        return 0;
    const ProofColours c = proofColours()[static_cast<size_t>(index)];
    const auto at = choice.reference.find(':');
    const auto number =
        at == std::string::npos ? std::nullopt : parseNumber(choice.reference.substr(at + 1));
    return std::clamp(static_cast<int>(number.value_or(c.count)), c.least, c.most);
}

QString againstTitle(const std::string &against)
{
    if (against.empty())
        return Proof::tr("the profile");
    if (against == "aim")
        return Proof::tr("the aim, no profile");
    for (const TargetName &name : targetNames())
        if (name.key == against)
            return Proof::tr("%1, no profile").arg(QString::fromStdString(name.title));
    return QString::fromStdString(against);
}

ReferenceSet coloursToProve(const QString &path)
{
    if (QImageReader::imageFormat(path).isEmpty())
        return referenceFromList(run::readFile(path).toStdString(), path.toStdString());
    ReferenceSet set{QFileInfo(path).completeBaseName().toStdString(), {}};
    constexpr int kKeys = 40;
    for (const KeyColour &key : keyColours(paper::coloursOfPicture(path), kKeys))
        set.colours.push_back({"key " + std::to_string(set.colours.size() + 1), key.lab});
    return set;
}

ProofModel proofModel(const SessionState &state)
{
    ProofModel m;
    m.choice = state.proof;
    m.tolerances = tolerances();
    m.tolerances.insert(m.tolerances.end(), state.ownTolerances.begin(), state.ownTolerances.end());
    const Tolerance &limits = state.proof.tolerance;
    m.isOwn = std::any_of(state.ownTolerances.begin(), state.ownTolerances.end(),
                          [&](const Tolerance &t) { return isSet(limits, t); });
    for (const Tolerance &t : m.tolerances)
        if (isSet(limits, t))
            m.hasFormulaOfItsOwn = t.formula != limits.formula;
    m.throughProfile = state.proof.against.empty();
    const int index = proofColoursIndex(state.proof);
    QString colours = index < 0 ? Proof::tr("%1, %2 colours")
                                      .arg(QString::fromStdString(state.proof.reference))
                                      .arg(state.proof.colours.size())
                                : proofColours()[static_cast<size_t>(index)].title;
    if (index >= 0 && proofColours()[static_cast<size_t>(index)].count > 0)
        colours += QStringLiteral(", %1").arg(proofCount(state.proof));
    QStringList parts = {
        colours, Proof::tr("against %1").arg(againstTitle(state.proof.against)),
        fromCore(limits.title), QString::fromStdString(formulaSymbol(limits.formula)),
        state.proof.absolute ? Proof::tr("aimed white") : Proof::tr("measured white")};
    if (state.proof.perceptual && m.throughProfile)
        parts << Proof::tr("perceptual");
    m.summary = parts.join(QStringLiteral(" · "));
    m.possible = !state.isMeasuring() && !state.onErrand() && !state.preparing &&
                 (!state.hasRun() || state.status.activity == run::Activity::Finished);
    m.why = m.possible ? Proof::tr("Shows these colours through what is in force on the display, "
                                   "whoever made it, and reads them.")
                       : Proof::tr("A run is under way.");
    return m;
}

} // namespace lantern::app
