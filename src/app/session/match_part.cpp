#include "app/session/match_part.h"

#include "core/base/error.h"
#include "run/book/in_words.h"
#include "run/logbook/load_results.h"

#include <QFileInfo>

#include <algorithm>

namespace lantern::app {

namespace {

QDateTime timeOf(const QString &iso)
{
    return QDateTime::fromString(iso, Qt::ISODate);
}

/// What is read of the logbook for a match.
class Worker {
public:
    Worker(const QString &path, const std::map<QString, QString> &names)
        : m_book(path, run::Logbook::Access::Read), m_names(names), m_lines(m_book.lines())
    {}

    std::shared_ptr<const MatchSheet> sheet(const run::Match &match, const Aim &aim)
    {
        auto out = std::make_shared<MatchSheet>();
        out->match = match;
        std::vector<ReadDisplay> read;
        QString unread;
        for (const QString &id : match.displays) {
            MatchSheet::Display d{id, nameOf(id), {}, 0, false};
            if (const auto last = run::readLast(m_book, m_lines, id)) {
                d.readAt = timeOf(last->readAt);
                read.push_back(last->display);
                read.back().name = d.name.toStdString();
            } else if (unread.isEmpty())
                unread = d.name;
            takeRun(d, match);
            out->displays.push_back(d);
        }
        share(*out, read, unread, aim);
        holdTogether(*out);
        return out;
    }

private:
    QString nameOf(const QString &id) const
    {
        const auto own = m_names.find(id);
        if (own != m_names.end())
            return own->second;
        const auto line = std::ranges::find(m_lines, id, &run::LogLine::displayId);
        return line == m_lines.end() ? id : line->displayName;
    }

    void takeRun(MatchSheet::Display &d, const run::Match &match)
    {
        if (!match.isBegun())
            return;
        for (const run::LogLine &line : m_lines)
            if (line.displayId == d.id && line.kind == run::RunKind::Calibration && line.finished &&
                !line.abandoned && timeOf(line.startedAt) >= match.begunAt) {
                d.run = line.id;
                m_proofs[d.id] = run::loadResults(m_book, line.id);
                d.hasOtherAim = !(m_proofs[d.id].setup.aim == match.aim);
                return;
            }
    }

    static void share(MatchSheet &out, const std::vector<ReadDisplay> &read, const QString &unread,
                      const Aim &aim)
    {
        if (out.displays.size() < 2)
            return;
        if (!unread.isEmpty()) {
            out.whyNoCommon =
                MatchPart::tr("Nobody has read yet what %1 can do. Read it, or leave it out.")
                    .arg(unread);
            return;
        }
        try {
            out.common = commonAim(read, aim);
        } catch (const Error &e) {
            out.whyNoCommon = run::inWords(e);
        }
    }

    void holdTogether(MatchSheet &out)
    {
        const auto codesOf = [](const Validation &v, const AgreedColour &colour) {
            const auto p = std::ranges::find_if(v.patches, [&](const ValidatedPatch &patch) {
                return patch.aimed.reference.name == colour.asked.name;
            });
            return p->aimed.rgb;
        };
        for (size_t a = 0; a < out.displays.size(); ++a)
            for (size_t b = a + 1; b < out.displays.size(); ++b) {
                const auto first = m_proofs.find(out.displays[a].id);
                const auto second = m_proofs.find(out.displays[b].id);
                if (first == m_proofs.end() || second == m_proofs.end() ||
                    !first->second.validation || !second->second.validation)
                    continue;
                const Validation &x = *first->second.validation;
                const Validation &y = *second->second.validation;
                auto agreement = measuredAgreement(x, y, Viewing::SideBySide);
                if (!agreement)
                    continue;
                MatchSheet::Pair pair{a, b, std::move(*agreement), {}, {}};
                for (const AgreedColour &colour : pair.agreement.colours) {
                    pair.firstCodes.push_back(codesOf(x, colour));
                    pair.secondCodes.push_back(codesOf(y, colour));
                }
                out.pairs.push_back(std::move(pair));
            }
    }

    run::Logbook m_book;
    const std::map<QString, QString> &m_names;
    std::vector<run::LogLine> m_lines;
    std::map<QString, run::RunResults> m_proofs; ///< of the match, by display
};

} // namespace

MatchPart::MatchPart(QString logbookPath, QString file, QObject *parent)
    : QObject(parent),
      m_path(std::move(logbookPath)),
      m_file(std::move(file)),
      m_work([this](Found found) {
          if (found.sheet)
              m_state.matchSheet = found.sheet;
          emit changed();
          if (!found.problem.isEmpty())
              emit failed(found.problem);
      })
{
    try {
        m_state.match = run::readMatch(m_file);
    } catch (const Error &e) {
        m_problem = run::inWords(e);
    }
}

void MatchPart::keep(const run::Match &match)
{
    run::writeMatch(m_file, match);
    m_state.match = match;
    emit changed();
}

void MatchPart::choose(const QStringList &displays)
{
    run::Match match = m_state.match;
    match.displays = displays.mid(0, run::kMostMatched);
    keep(match);
}

void MatchPart::begin(const Aim &aim, const QDateTime &at)
{
    run::Match match = m_state.match;
    match.aim = aim;
    match.begunAt = at.toUTC();
    match.begunAt = match.begunAt.addMSecs(-match.begunAt.time().msec());
    keep(match);
}

void MatchPart::end()
{
    run::Match match = m_state.match;
    match.begunAt = {};
    keep(match);
}

void MatchPart::look(const Names &names, const Aim &aim)
{
    const Asked asked{m_state.match, names, aim};
    if (m_asked == asked)
        return;
    m_asked = asked;
    m_work.start([path = m_path, asked] { return workOut(path, asked); });
}

MatchPart::Found MatchPart::workOut(const QString &path, const Asked &asked)
{
    try {
        if (QFileInfo::exists(path)) {
            Aim wanted = asked.aim;
            wanted.luminanceCdM2.reset(); // the most that there is
            return {Worker(path, asked.names)
                        .sheet(asked.match, asked.match.isBegun() ? asked.match.aim : wanted),
                    {}};
        }
        return {std::make_shared<const MatchSheet>(), {}};
    } catch (const Error &e) {
        return {nullptr, run::inWords(e)};
    }
}

} // namespace lantern::app
