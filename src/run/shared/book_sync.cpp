#include "run/shared/book_sync.h"

#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QFileInfo>
#include <QSet>
#include <QSysInfo>

namespace lantern::run {

namespace {

constexpr const char *kFormat = "bold-lantern-book";
constexpr int kTogether = 20; ///< runs that cross the network at once
constexpr int kPortion = 100; ///< changes that are looked at at once

/// It was begun on this workstation.
bool isHere(const SharedRun &run)
{
    return run.workstation == QSysInfo::machineHostName();
}

} // namespace

QString bookSetupFile(const QString &logbook)
{
    return QFileInfo(logbook).absolutePath() + QStringLiteral("/book.json");
}

BookSetup readBookSetup(const QString &file)
{
    BookSetup s;
    if (!QFileInfo::exists(file))
        return s;
    const std::string source = file.toStdString();
    const Json json = parseJson(readFile(file).toStdString(), source);
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    s.url = QString::fromStdString(root.string("url"));
    constexpr int kCentury = 36'500;
    s.days = root.integer("days", 1, kCentury);
    s.fetches = root.boolean("fetches");
    const Json &seen = root.raw("seen");
    if (!seen.is_object())
        root.fail("seen", "is not what belongs there");
    for (const auto &[book, change] : seen.items()) {
        if (!change.is_number_integer())
            root.fail("seen", "is not what belongs there");
        s.seen[QString::fromStdString(book)] = change.get<qint64>();
    }
    root.finish();
    if (!s.url.isEmpty())
        (void)addressFromUrl(s.url.toStdString());
    return s;
}

void writeBookSetup(const QString &file, const BookSetup &s)
{
    Json json = {{"format", kFormat}, {"version", 1},         {"url", s.url.toStdString()},
                 {"days", s.days},    {"fetches", s.fetches}, {"seen", Json::object()}};
    for (const auto &[book, change] : s.seen)
        json["seen"][book.toStdString()] = change;
    writeFile(file, QByteArray::fromStdString(json.dump(2) + "\n"));
}

Brought bring(Logbook &mine, SharedBook &book, bool everything)
{
    Brought out;
    std::map<QString, HeldRun> there;
    for (HeldRun &run : book.own())
        there[run.identity] = std::move(run);
    std::vector<SharedRun> missing;
    for (const SharedRun &run : mine.sharedRuns()) {
        const auto held = there.find(run.identity);
        if (held == there.end()) {
            if (everything || run.workstation.isEmpty() || isHere(run))
                missing.push_back(run);
        } else if (held->second.note != run.note || held->second.removedAt != run.removedAt) {
            book.remark(run.identity, run.note, run.removedAt);
            ++out.remarks;
        }
    }
    for (size_t first = 0; first < missing.size(); first += kTogether) {
        const size_t end = std::min(missing.size(), first + kTogether);
        QStringList identities;
        for (size_t i = first; i < end; ++i)
            identities << missing[i].identity;
        const QStringList known = book.known(identities); // of others: fetched from there
        std::vector<RunRecord> records;
        for (size_t i = first; i < end; ++i) {
            if (known.contains(missing[i].identity)) {
                if (isHere(missing[i])) // else it came from there
                    out.left.push_back({QString::number(missing[i].run),
                                        "another workstation has brought a run of that identity"});
                continue;
            }
            try {
                records.push_back(mine.record(missing[i].run));
                checkRecord(records.back());
            } catch (const Error &e) {
                if (e.kind == ErrorKind::Device)
                    throw;
                records.pop_back(); // damaged
                out.left.push_back({QString::number(missing[i].run), e.problem});
            }
        }
        book.add(records);
        out.runs += static_cast<int>(records.size());
    }
    return out;
}

Fetched fetch(Logbook &mine, SharedBook &book, qint64 seen, const QDate &since)
{
    Fetched out;
    out.seen = seen;
    const auto changes = book.changedSince(seen, kPortion);
    out.isAll = static_cast<int>(changes.size()) < kPortion;
    const QString first = since.toString(Qt::ISODate);
    QStringList wanted;
    for (const HeldRun &run : changes) {
        out.seen = run.changed;
        if (mine.runOf(run.identity)) {
            if (!run.isOwn)
                out.remarks.push_back(run);
        } else if (run.startedAt >= first)
            wanted << run.identity;
    }
    QSet<QString> here;
    for (qsizetype at = 0; at < wanted.size(); at += kTogether) {
        QStringList unreadable;
        const auto records = book.records(wanted.mid(at, kTogether), &unreadable);
        for (const QString &problem : unreadable)
            out.left.push_back({{}, Message::verbatim(problem.toStdString())});
        // A check is worth little without what it was held against.
        QStringList references;
        for (const RunRecord &r : records) {
            here.insert(r.identity);
            if (!r.reference.isEmpty() && !here.contains(r.reference) && !mine.runOf(r.reference))
                references << r.reference;
        }
        for (RunRecord &r : book.records(references))
            if (!here.contains(r.identity)) {
                here.insert(r.identity);
                out.runs.push_back(std::move(r));
            }
        out.runs.insert(out.runs.end(), records.begin(), records.end());
    }
    return out;
}

MergeReport takeIn(Logbook &mine, const Fetched &fetched)
{
    const auto at = [&](int i) -> const RunRecord & {
        return fetched.runs[static_cast<size_t>(i)];
    };
    MergeReport report = takeRuns(mine, static_cast<int>(fetched.runs.size()), at, [&](int i) {
        return QStringLiteral("%1, %2").arg(at(i).displayName, at(i).startedAt);
    });
    mine.together([&] {
        for (const HeldRun &run : fetched.remarks)
            if (const auto here = mine.runOf(run.identity))
                mine.setRemark(*here, run.note, run.removedAt);
    });
    return report;
}

} // namespace lantern::run
