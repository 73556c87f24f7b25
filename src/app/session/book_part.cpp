#include "app/session/book_part.h"

#include "core/base/error.h"
#include "platform/secrets.h"
#include "run/book/in_words.h"

#include <QFileInfo>

namespace lantern::app {

namespace {

constexpr int kEveryMs = 10 * 60 * 1000;
constexpr int kSoonMs = 5000; ///< after a change; several come together

} // namespace

BookPart::BookPart(QString logbookPath, QObject *parent)
    : QObject(parent),
      m_path(std::move(logbookPath)),
      m_work([this](const Result &result) { arrived(result); })
{
    try {
        m_setup = run::readBookSetup(run::bookSetupFile(m_path));
    } catch (const Error &e) {
        m_problem = run::inWords(e);
    }
    m_state.bookUrl = m_setup.url;
    m_tick.setSingleShot(true);
    connect(&m_tick, &QTimer::timeout, this, &BookPart::sync);
    if (!m_setup.url.isEmpty())
        m_tick.start(kSoonMs);
}

void BookPart::outdate()
{
    if (!m_setup.url.isEmpty() && !m_state.syncing)
        m_tick.start(kSoonMs);
}

void BookPart::sync()
{
    if (m_setup.url.isEmpty() || m_state.syncing || !QFileInfo::exists(m_path))
        return;
    m_state.syncing = true;
    emit changed();
    platform::readSecret(m_setup.url, [this, alive = QPointer<BookPart>(this)](
                                          const std::optional<QString> &password) {
        if (alive)
            m_work.start([path = m_path, setup = m_setup, word = password.value_or(QString())] {
                return carryOut(path, setup, word);
            });
    });
}

BookPart::Result BookPart::carryOut(const QString &logbook, const run::BookSetup &setup,
                                    const QString &password)
{
    Result r;
    try {
        run::SharedBook book(run::addressFromUrl(setup.url.toStdString()), password);
        run::Logbook mine(logbook, run::Logbook::Access::Read);
        r.book = book.identity();
        r.isEncrypted = book.isEncrypted();
        r.brought = run::bring(mine, book);
        if (setup.fetches) {
            const auto seen = setup.seen.find(r.book);
            r.fetched = std::make_shared<const run::Fetched>(
                run::fetch(mine, book, seen == setup.seen.end() ? 0 : seen->second,
                           QDate::currentDate().addDays(-setup.days)));
        }
    } catch (const Error &e) {
        r.problem = run::inWords(e);
    }
    return r;
}

void BookPart::arrived(const Result &result)
{
    m_state.bookProblem = result.problem;
    if (result.problem.isEmpty()) {
        m_state.syncedAt = QDateTime::currentDateTime();
        m_state.isBookEncrypted = result.isEncrypted;
        m_state.runsBrought += result.brought.runs;
        m_state.bookLeft.clear();
        for (const run::LeftRun &left : result.brought.left)
            m_state.bookLeft << left.run + QStringLiteral(": ") + run::inWords(left.problem);
    }
    m_book = result.book;
    m_fetched = result.fetched;
    if (m_fetched && (!m_fetched->runs.empty() || !m_fetched->remarks.empty())) {
        emit changed();
        emit fetched(m_fetched);
        return; // taken() goes on
    }
    taken({});
}

void BookPart::taken(const QString &problem)
{
    m_state.syncing = false;
    bool isAll = true;
    if (!problem.isEmpty())
        m_state.bookProblem = problem;
    else if (m_fetched) {
        m_state.runsFetched += static_cast<int>(m_fetched->runs.size());
        isAll = m_fetched->isAll;
        if (m_setup.seen[m_book] != m_fetched->seen) {
            m_setup.seen[m_book] = m_fetched->seen;
            try {
                run::writeBookSetup(run::bookSetupFile(m_path), m_setup);
            } catch (const Error &e) { // it is fetched again then, which changes nothing
                m_state.bookProblem = run::inWords(e);
            }
        }
    }
    m_fetched.reset();
    emit changed();
    if (isAll)
        m_tick.start(kEveryMs);
    else
        sync();
}

} // namespace lantern::app
