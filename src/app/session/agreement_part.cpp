#include "app/session/agreement_part.h"

#include "app/session/log_part.h"
#include "core/base/error.h"
#include "core/report/diagrams.h"
#include "run/book/in_words.h"
#include "run/logbook/load_results.h"

#include <QFileInfo>
#include <QLocale>

#include <algorithm>

namespace lantern::app {

namespace {

const QString kDisplay = QStringLiteral("display:");
const QString kRun = QStringLiteral("run:");
/// Runs that are offered; older ones are found in the logbook.
constexpr size_t kMostRuns = 200;

class Worker {
public:
    Worker(const QString &path, const std::map<QString, QString> &names, const Aim &aim)
        : m_book(path, run::Logbook::Access::Read),
          m_names(names),
          m_aim(aim),
          m_lines(m_book.lines())
    {
        m_aim.luminanceCdM2.reset(); // the most that there is
    }

    std::shared_ptr<const AgreementSheet> sheet(const AgreementQuestion &asked)
    {
        auto out = std::make_shared<AgreementSheet>();
        out->question = asked;
        listDisplays(*out);
        listRuns(*out);
        const auto choose = [&](QString &key, size_t usual) {
            const bool known = std::ranges::find(out->choices, key, &AgreementSheet::Choice::key) !=
                               out->choices.end();
            if (!known)
                key = usual < out->choices.size() ? out->choices[usual].key : QString();
        };
        choose(out->question.first, 0);
        choose(out->question.second, 1);
        if (out->question.first.isEmpty() || out->question.second.isEmpty())
            return out;
        const auto first = stateOf(out->question.first);
        const auto second = stateOf(out->question.second);
        out->first = first;
        out->second = second;
        const std::string key = asked.colours.toStdString();
        const ProfileFile profile({first->profile.begin(), first->profile.end()}, "profile");
        const auto set = referenceByKey(key, asTold(profile));
        out->agreement = run::agreementOf(*first, *second, set ? *set : lantern40(), asked.viewing);
        constexpr int kGreys = 21;
        out->greys =
            run::agreementOf(*first, *second, greyReferences(kGreys), asked.viewing).colours;
        out->figures =
            run::comparedFigures(m_book.figuresIn(first->readIn), m_book.figuresIn(second->readIn));
        out->firstCurves = curvesOf(first->run);
        out->secondCurves = curvesOf(second->run);
        return out;
    }

private:
    QString nameOf(const QString &id, const QString &called) const
    {
        const auto own = m_names.find(id);
        return own == m_names.end() ? called : own->second;
    }

    void listDisplays(AgreementSheet &out)
    {
        std::vector<RankedDisplay> ranked;
        std::vector<run::DeskState> states;
        for (const QString &id : run::displaysIn(m_lines))
            if (auto state = run::stateNow(m_book, m_lines, id)) {
                state->displayName = nameOf(id, state->displayName);
                state->rank.name = state->displayName.toStdString();
                states.push_back(std::move(*state));
            }
        std::ranges::sort(states, {}, &run::DeskState::displayName); // as they are called here
        for (const run::DeskState &state : states) {
            ranked.push_back(state.rank);
            out.choices.push_back({kDisplay + state.displayId,
                                   AgreementPart::tr("%1, as read last").arg(state.displayName)});
            out.displays.push_back(state.displayName);
        }
        out.ranking = rank(ranked);
        try {
            out.common = run::commonAim(states, m_aim);
        } catch (const Error &e) {
            out.whyNoCommon = run::inWords(e);
        }
        for (size_t a = 0; a < states.size(); ++a)
            for (size_t b = a + 1; b < states.size(); ++b) {
                const Agreement g =
                    run::agreementOf(states[a], states[b], lantern40(), out.question.viewing);
                out.pairs.push_back({a, b, g.deltaE00.mean, g.meanError, g.deltaE00.max});
            }
    }

    void listRuns(AgreementSheet &out) const
    {
        const QLocale locale;
        for (const run::LogLine &line : m_lines) {
            if (out.choices.size() >= kMostRuns)
                return;
            if (!line.finished ||
                (line.kind != run::RunKind::Calibration && line.kind != run::RunKind::Validation &&
                 line.kind != run::RunKind::Check))
                continue;
            const QDateTime at = QDateTime::fromString(line.startedAt, Qt::ISODate).toLocalTime();
            out.choices.push_back(
                {kRun + QString::number(line.id),
                 QStringLiteral("%1, %2, %3")
                     .arg(nameOf(line.displayId, line.displayName), runKindWord(line.kind),
                          locale.toString(at.date(), QLocale::ShortFormat))});
        }
    }

    std::optional<run::DeskState> stateOf(const QString &key)
    {
        std::optional<run::DeskState> state =
            key.startsWith(kRun)
                ? std::optional(run::stateIn(m_book, key.mid(kRun.size()).toLongLong()))
                : run::stateNow(m_book, m_lines, key.mid(kDisplay.size()));
        state->displayName = nameOf(state->displayId, state->displayName);
        return state;
    }

    std::vector<Diagram> curvesOf(qint64 run)
    {
        return diagramsOf(reportData(run::loadResults(m_book, run)));
    }

    run::Logbook m_book;
    std::map<QString, QString> m_names;
    Aim m_aim;
    std::vector<run::LogLine> m_lines;
};

} // namespace

AgreementPart::AgreementPart(QString logbookPath, QObject *parent)
    : QObject(parent), m_path(std::move(logbookPath)), m_work([this](Found found) {
          m_state.comparing = false;
          if (found.sheet)
              m_state.agreementSheet = found.sheet;
          else if (m_state.agreementSheet) { // the choice goes back to what is shown
              auto shown = std::make_shared<AgreementSheet>(*m_state.agreementSheet);
              m_state.agreementQuestion = shown->question;
              m_state.agreementSheet = std::move(shown);
              m_asked->question = m_state.agreementQuestion;
          }
          emit changed();
          if (!found.problem.isEmpty())
              emit failed(found.problem);
      })
{}

void AgreementPart::choose(const AgreementQuestion &question)
{
    m_state.agreementQuestion = question;
    emit changed();
}

void AgreementPart::look(const Names &names, const Aim &aim)
{
    const Asked asked{m_state.agreementQuestion, names, aim};
    if (m_asked == asked)
        return;
    m_asked = asked;
    m_state.comparing = true;
    m_work.start([path = m_path, asked] { return workOut(path, asked); });
}

AgreementPart::Found AgreementPart::workOut(const QString &path, const Asked &asked)
{
    try {
        if (QFileInfo::exists(path))
            return {Worker(path, asked.names, asked.aim).sheet(asked.question), {}};
        return {std::make_shared<const AgreementSheet>(), {}};
    } catch (const Error &e) {
        return {nullptr, run::inWords(e)};
    }
}

} // namespace lantern::app
