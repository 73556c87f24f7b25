#include "app/session/proof_part.h"

#include "core/base/error.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

namespace lantern::app {

ProofPart::ProofPart(const QString &folder, QString file, QObject *parent)
    : QObject(parent), m_shelf(folder), m_file(std::move(file))
{
    try {
        m_state.proof = run::readProofChoice(m_file);
    } catch (const Error &e) { // damaged: the usual choice, until one is made anew
        m_problem = run::inWords(e);
    }
    m_state.ownTolerances = m_shelf.tolerances();
}

void ProofPart::choose(const run::ProofChoice &choice)
{
    m_state.proof = choice;
    emit changed();
    run::writeProofChoice(m_file, choice);
}

QString ProofPart::keep(Tolerance tolerance)
{
    tolerance.name = tolerance.title;
    for (const Tolerance &ours : tolerances())
        if (ours.title == tolerance.title || ours.name == tolerance.name)
            throw Error(ErrorKind::BadInput, tolerance.title, "is the name of a set of ours",
                        "Give yours another name.");
    (void)toleranceFromJson(toleranceToJson(tolerance), tolerance.title); // as it will be read
    m_shelf.keep(tolerance);
    m_state.ownTolerances = m_shelf.tolerances();
    run::ProofChoice choice = m_state.proof;
    choice.tolerance = tolerance;
    choose(choice);
    return tr("The limits are kept as %1.").arg(QString::fromStdString(tolerance.title));
}

QString ProofPart::remove(const QString &name)
{
    m_shelf.remove(name);
    m_state.ownTolerances = m_shelf.tolerances();
    if (QString::fromStdString(m_state.proof.tolerance.name) == name) {
        run::ProofChoice choice = m_state.proof;
        choice.tolerance = run::ProofChoice{}.tolerance;
        choose(choice);
    }
    emit changed();
    return tr("%1 was removed from your own limits.").arg(name);
}

QString ProofPart::take(const QString &path)
{
    const std::string source = path.toStdString();
    return keep(toleranceFromJson(parseJson(run::readFile(path).toStdString(), source), source));
}

} // namespace lantern::app
