#include "app/session/print_part.h"

#include "core/base/error.h"
#include "core/judge/soft_proof.h"
#include "run/book/in_words.h"
#include "run/file/files.h"

#include <QFileInfo>

namespace lantern::app {

PrintPart::PrintPart(QString file, QObject *parent)
    : QObject(parent), m_file(std::move(file)), m_work([this](Found found) {
          m_state.foreseeing = false;
          m_state.printTitle = found.title;
          m_state.printProfile = found.icc;
          m_state.softProof = found.proof;
          emit changed();
          if (!found.problem.isEmpty())
              emit failed(found.problem);
      })
{
    try {
        m_state.print = run::readPrintChoice(m_file);
    } catch (const Error &e) {
        m_problem = run::inWords(e);
    }
}

void PrintPart::choose(const run::PrintChoice &choice)
{
    m_state.print = choice;
    m_asked.reset(); // the same file may hold something else now
    emit changed();
    run::writePrintChoice(m_file, choice);
}

PrintPart::Found PrintPart::workOut(const Asked &asked)
{
    Found found;
    try {
        const QByteArray bytes = run::readFile(asked.path);
        const std::string source = asked.path.toStdString();
        const Printing printing = printingFromBytes({bytes.begin(), bytes.end()}, source);
        found.title = QFileInfo(asked.path).completeBaseName();
        if (isProfile({bytes.begin(), bytes.end()}))
            found.icc = bytes;
        if (!asked.profile.isEmpty())
            found.proof = std::make_shared<const SoftProof>(softProof(
                printing, source,
                ProfileFile({asked.profile.begin(), asked.profile.end()}, "profile of the display"),
                asked.paperWhite));
    } catch (const Error &e) {
        found.problem = run::inWords(e);
    }
    return found;
}

void PrintPart::look(const QByteArray &profile)
{
    const Asked asked{m_state.print.path, m_state.print.paperWhite, profile};
    if (asked.path.isEmpty() || m_asked == asked)
        return;
    m_asked = asked;
    m_state.foreseeing = true;
    m_work.start([asked] { return workOut(asked); });
    emit changed();
}

} // namespace lantern::app
