#include "run/logbook/merge.h"

#include "core/base/error.h"

#include <QFile>
#include <QFileInfo>

#include <algorithm>
#include <filesystem>

namespace lantern::run {

namespace {

QString nameIn(Logbook &book, qint64 run)
{
    try {
        const RunSetup s = book.setup(run);
        return QStringLiteral("%1 (%2, %3)")
            .arg(run)
            .arg(QString::fromStdString(s.displayName), QString::fromStdString(s.startedAt));
    } catch (const Error &) {
        return QString::number(run);
    }
}

} // namespace

void backUp(Logbook &book, const QString &file)
{
    const QFileInfo target(file);
    const QString aside =
        target.absolutePath() + QStringLiteral("/.") + target.fileName() + QStringLiteral(".part");
    QFile::remove(aside);
    book.copyTo(aside);
    std::error_code failed;
    std::filesystem::rename(aside.toStdString(), target.absoluteFilePath().toStdString(), failed);
    if (failed) {
        QFile::remove(aside);
        throw Error(ErrorKind::Device, file.toStdString(),
                    {"the copy cannot be written: %1", {failed.message()}},
                    "Check the permissions of its folder and the free space on the disk.");
    }
}

MergeReport takeRuns(Logbook &book, int count, const std::function<RunRecord(int)> &recordAt,
                     const std::function<QString(int)> &nameAt, const Progress &progress)
{
    constexpr int kTogether = 100;
    MergeReport report;
    for (int first = 0; first < count; first += kTogether) {
        if (progress && !progress(first, count))
            return report;
        const int end = std::min(count, first + kTogether);
        book.together([&] {
            for (int i = first; i < end; ++i) {
                try {
                    switch (book.put(recordAt(i))) {
                    case Logbook::Put::Added:
                        ++report.added;
                        break;
                    case Logbook::Put::Continued:
                        ++report.continued;
                        break;
                    case Logbook::Put::Present:
                        ++report.present;
                        break;
                    case Logbook::Put::Differs:
                        report.left.push_back(
                            {nameAt(i), "it is here already and not the same; what is here stays"});
                    }
                } catch (const Error &e) {
                    if (e.kind == ErrorKind::Device)
                        throw;
                    report.left.push_back({nameAt(i), e.problem});
                }
            }
        });
    }
    if (progress)
        progress(count, count);
    return report;
}

MergeReport mergeFrom(Logbook &book, const QString &other, const Progress &progress)
{
    if (!QFileInfo::exists(other))
        throw Error(ErrorKind::BadInput, other.toStdString(), "there is no such logbook");
    if (QFileInfo(other).canonicalFilePath() == QFileInfo(book.path()).canonicalFilePath())
        throw Error(ErrorKind::BadInput, other.toStdString(), "that is this logbook itself");
    Logbook from(other, Logbook::Access::Read);
    const std::vector<qint64> runs = from.allRuns();
    const auto at = [&](int i) { return runs[static_cast<size_t>(i)]; };
    return takeRuns(
        book, static_cast<int>(runs.size()), [&](int i) { return from.record(at(i)); },
        [&](int i) { return nameIn(from, at(i)); }, progress);
}

} // namespace lantern::run
