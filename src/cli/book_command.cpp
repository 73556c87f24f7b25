#include "cli/commands.h"
#include "cli/inputs.h"
#include "cli/log_words.h"
#include "cli/said.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "platform/secrets.h"
#include "run/shared/book_sync.h"

#include <nlohmann/json.hpp>

#include <QDateTime>
#include <QFileInfo>
#include <QTemporaryDir>

#include <iostream>

#include <termios.h>
#include <unistd.h>

namespace lantern::cli {

namespace {

run::BookSetup setupOf(const BookOptions &o)
{
    return run::readBookSetup(run::bookSetupFile(QString::fromStdString(o.logbook)));
}

/// Given, or that which the logbook goes with.
run::BookAddress addressOf(const BookOptions &o)
{
    if (!o.url.empty())
        return run::addressFromUrl(o.url);
    if (o.logbook.empty())
        throw Error(ErrorKind::BadInput, "book", "it is not said which: give --url or --logbook");
    const run::BookSetup setup = setupOf(o);
    if (setup.url.isEmpty())
        throw Error(ErrorKind::BadInput, o.logbook, "this logbook goes with no shared book",
                    "Join one: bold-lantern-cli book join --logbook FILE --url URL.");
    return run::addressFromUrl(setup.url.toStdString());
}

/// A file, the secret service, or, empty, whatever the machine has.
QString passwordFor(const run::BookAddress &address, const std::string &file)
{
    if (!file.empty()) {
        const QFileInfo info(QString::fromStdString(file));
        constexpr auto kOthers =
            QFile::ReadGroup | QFile::WriteGroup | QFile::ReadOther | QFile::WriteOther;
        if (info.permissions() & kOthers)
            throw Error(ErrorKind::BadInput, file, "others can read this file",
                        "Make it your own alone: chmod 600.");
        return QString::fromStdString(readText(file)).trimmed();
    }
    return platform::secretNow(address.url()).value_or(QString());
}

run::SharedBook open(const BookOptions &o)
{
    const run::BookAddress address = addressOf(o);
    return {address, passwordFor(address, o.passwordFile)};
}

void requireLogbook(const BookOptions &o)
{
    if (o.logbook.empty())
        throw Error(ErrorKind::BadInput, "--logbook", "is needed for this");
}

int init(const BookOptions &o)
{
    const run::BookAddress address = addressOf(o);
    run::SharedBook::init(address, passwordFor(address, o.passwordFile));
    run::SharedBook book(address, passwordFor(address, o.passwordFile));
    const std::string url = address.url().toStdString();
    std::cout << said(book.isEncrypted()
                          ? Message("The shared book is ready at %1, over an encrypted connection.",
                                    {url})
                          : Message("The shared book is ready at %1.", {url}))
              << '\n'
              << said("Let each workstation in: bold-lantern-cli book admit NAME --url URL")
              << '\n';
    return 0;
}

int admit(const BookOptions &o)
{
    run::SharedBook book = open(o);
    const QString password = book.admit(QString::fromStdString(o.name));
    if (password.isEmpty())
        std::cout << said({"%1 was known before and may use the book; its password stays.",
                           {o.name}})
                  << '\n';
    else
        std::cout << said({"%1 may use the book. Its password, shown this once:", {o.name}}) << '\n'
                  << password.toStdString() << '\n';
    return 0;
}

/// As long as it lives, what is typed is not shown.
class Hidden {
public:
    Hidden()
    {
        if (::isatty(STDIN_FILENO) == 0 || ::tcgetattr(STDIN_FILENO, &m_before) != 0)
            return;
        m_hides = true;
        termios quiet = m_before;
        quiet.c_lflag &= ~static_cast<tcflag_t>(ECHO);
        ::tcsetattr(STDIN_FILENO, TCSAFLUSH, &quiet);
        std::cerr << said("Password:") << ' ';
    }
    ~Hidden()
    {
        if (!m_hides)
            return;
        ::tcsetattr(STDIN_FILENO, TCSAFLUSH, &m_before);
        std::cerr << '\n';
    }
    Hidden(const Hidden &) = delete;
    Hidden &operator=(const Hidden &) = delete;

private:
    termios m_before{};
    bool m_hides = false;
};

std::string typedLine()
{
    const Hidden hidden;
    std::string line;
    std::getline(std::cin, line);
    return line;
}

/// Reads it from the standard input, so that it stands in no history.
int password(const BookOptions &o)
{
    const run::BookAddress address = addressOf(o);
    const std::string line = typedLine();
    if (line.empty())
        throw Error(ErrorKind::BadInput, "standard input", "the password is expected, in a line");
    platform::keepSecret(address.url(), QString::fromStdString(line));
    std::cout << said("Kept by the desktop's secret service.") << '\n';
    return 0;
}

int join(const BookOptions &o)
{
    requireLogbook(o);
    run::SharedBook book = open(o); // whoever cannot reach it is told now
    run::BookSetup setup = setupOf(o);
    setup.url = run::addressFromUrl(o.url).url();
    setup.days = o.days;
    setup.fetches = !o.bringOnly;
    run::writeBookSetup(run::bookSetupFile(QString::fromStdString(o.logbook)), setup);
    std::cout << said("This logbook goes with the shared book from now on.") << '\n';
    if (!book.isEncrypted())
        std::cout << said("The connection is not encrypted.") << '\n';
    return 0;
}

int leave(const BookOptions &o)
{
    requireLogbook(o);
    run::BookSetup setup = setupOf(o);
    if (!setup.url.isEmpty())
        platform::forgetSecret(run::addressFromUrl(setup.url.toStdString()).url());
    setup.url.clear();
    run::writeBookSetup(run::bookSetupFile(QString::fromStdString(o.logbook)), setup);
    std::cout << said("This logbook goes with no shared book any more; what it has stays in both.")
              << '\n';
    return 0;
}

int sync(const BookOptions &o)
{
    requireLogbook(o);
    const QString path = QString::fromStdString(o.logbook);
    const QString file = run::bookSetupFile(path);
    run::BookSetup setup = setupOf(o);
    run::SharedBook book = open(o);
    run::Logbook mine(path, run::Logbook::Access::Write);
    const run::Brought brought = run::bring(mine, book, o.everything);
    run::MergeReport taken;
    std::vector<run::LeftRun> left = brought.left;
    const QDate since = QDate::currentDate().addDays(-setup.days);
    for (bool isAll = !setup.fetches; !isAll;) {
        const run::Fetched part = run::fetch(mine, book, setup.seen[book.identity()], since);
        const run::MergeReport r = run::takeIn(mine, part);
        taken.added += r.added;
        left.insert(left.end(), part.left.begin(), part.left.end());
        left.insert(left.end(), r.left.begin(), r.left.end());
        setup.seen[book.identity()] = part.seen;
        run::writeBookSetup(file, setup);
        isAll = part.isAll;
    }
    if (o.json) {
        Json j = {{"brought", brought.runs},
                  {"remarks", brought.remarks},
                  {"fetched", taken.added},
                  {"encrypted", book.isEncrypted()},
                  {"left", Json::array()}};
        for (const run::LeftRun &r : left)
            j["left"].push_back({{"run", r.run.toStdString()}, {"problem", r.problem.inEnglish()}});
        std::cout << j.dump() << '\n';
    } else {
        std::cout << said({"Runs brought: %1, remarks: %2, runs fetched: %3, left: %4",
                           {std::to_string(brought.runs), std::to_string(brought.remarks),
                            std::to_string(taken.added), std::to_string(left.size())}})
                  << '\n';
        printRuns(left, said("Left: run"));
    }
    return 0;
}

/// The displays of the book as far as their trends need them, in a logbook of the moment.
class Outline {
public:
    explicit Outline(const BookOptions &o) : m_shared(open(o)) {}

    QString display(const std::string &meant)
    {
        if (const auto id = m_shared.displayMeant(QString::fromStdString(meant)))
            return *id;
        std::string known;
        for (const auto &[id, title] : m_shared.displays())
            known += (known.empty() ? "" : ", ") + id.toStdString();
        throw Error(ErrorKind::BadInput, meant, "no display of that id or name is in the book",
                    {"Displays in it: %1.", {known}});
    }

    /// Setups and these figures of its newest runs.
    void addOutlines(const QString &display, const QStringList &figures)
    {
        constexpr int kMost = 2000;
        put(m_shared.outlines(display, figures, kMost));
    }

    /// What its newest runs hold, whole, with what they are held against.
    void addNewest(const QString &display)
    {
        constexpr size_t kEnough = 3; // should the newest be damaged
        const auto all = m_shared.outlines(display, {}, 100);
        QStringList wanted;
        for (auto r = all.rbegin(); r != all.rend() && wanted.size() < qsizetype(kEnough); ++r)
            if (!r->finishedAt.isEmpty() && !r->abandoned &&
                (r->kind == QLatin1String("calibration") || r->kind == QLatin1String("check") ||
                 r->kind == QLatin1String("validation"))) {
                if (!r->reference.isEmpty())
                    wanted.prepend(r->reference);
                wanted << r->identity;
            }
        put(m_shared.records(wanted));
    }

    run::Logbook &book() { return m_book; }

private:
    void put(const std::vector<run::RunRecord> &records)
    {
        const auto at = [&](int i) { return records[static_cast<size_t>(i)]; };
        run::takeRuns(m_book, static_cast<int>(records.size()), at,
                      [&](int i) { return at(i).identity; });
    }

    run::SharedBook m_shared;
    QTemporaryDir m_folder;
    run::Logbook m_book{m_folder.filePath(QStringLiteral("outline.sqlite")),
                        run::Logbook::Access::Write};
};

int trend(const BookOptions &o)
{
    const run::TrendFigure figure = trendFigureMeant(o.figure);
    Outline outline(o);
    const QString display = outline.display(o.first);
    QStringList names = {QString::fromLatin1(figure.row), QStringLiteral("check_luminance_ratio"),
                         QStringLiteral("luminance_error")};
    if (figure.judged)
        names << QString::fromStdString(figureKey(*figure.judged));
    outline.addOutlines(display, names);
    tellTrend(run::figureTrend(outline.book(), outline.book().lines(), display, figure,
                               QDateTime::currentDateTimeUtc()),
              o.json);
    return 0;
}

int agreement(const BookOptions &o)
{
    Outline outline(o);
    const QString first = outline.display(o.first), second = outline.display(o.second);
    outline.addNewest(first);
    outline.addNewest(second);
    const auto lines = outline.book().lines();
    const auto state = [&](const QString &display) {
        if (auto s = run::stateNow(outline.book(), lines, display))
            return *s;
        throw Error(ErrorKind::BadInput, display.toStdString(),
                    "no finished run tells what it shows");
    };
    tellAgreement(state(first), state(second), o.reference,
                  o.eachAlone ? Viewing::EachAlone : Viewing::SideBySide, o.json);
    return 0;
}

} // namespace

int book(const BookOptions &o)
{
    using Do = int (*)(const BookOptions &);
    const std::map<std::string, Do> commands = {
        {"init", init},   {"admit", admit}, {"password", password}, {"join", join},
        {"leave", leave}, {"sync", sync},   {"trend", trend},       {"agree", agreement}};
    return commands.at(o.command)(o);
}

} // namespace lantern::cli
