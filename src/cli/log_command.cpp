#include "cli/commands.h"
#include "cli/inputs.h"
#include "cli/log_words.h"
#include "core/base/error.h"
#include "core/base/text.h"

#include <nlohmann/json.hpp>

#include <QDateTime>
#include <QFileInfo>

#include <iostream>

namespace lantern::cli {

namespace {

Json lineToJson(const run::LogLine &l)
{
    Json j = {{"run", l.id},
              {"identity", l.identity.toStdString()},
              {"kind", run::runKindKey(l.kind).toStdString()},
              {"display", l.displayName.toStdString()},
              {"display_id", l.displayId.toStdString()},
              {"meter", l.meter.toStdString()},
              {"started_at", l.startedAt.toStdString()},
              {"finished", l.finished},
              {"abandoned", l.abandoned},
              {"workstation", l.workstation.toStdString()},
              {"person", l.person.toStdString()},
              {"note", l.note.toStdString()},
              {"figures", Json::array()}};
    for (const run::FigureRow &f : l.figures) {
        Json figure = {{"name", f.name}, {"value", f.value}, {"unit", f.unit}};
        if (f.uncertainty)
            figure["uncertainty"] = *f.uncertainty;
        if (f.limit)
            figure["limit"] = *f.limit;
        j["figures"].push_back(figure);
    }
    return j;
}

/// A line for each figure of each run.
void writeCsv(const std::vector<run::LogLine> &lines)
{
    std::cout << "run,started_at,kind,display,meter,note,figure,value,unit,uncertainty,limit\n";
    const auto number = [](const std::optional<double> &v) {
        return v ? compactNumber(*v) : std::string();
    };
    for (const run::LogLine &l : lines)
        for (const run::FigureRow &f : l.figures)
            std::cout << l.id << ',' << l.startedAt.toStdString() << ','
                      << run::runKindKey(l.kind).toStdString() << ','
                      << csvQuoted(l.displayName.toStdString()) << ','
                      << csvQuoted(l.meter.toStdString()) << ',' << csvQuoted(l.note.toStdString())
                      << ',' << f.name << ',' << compactNumber(f.value) << ',' << csvQuoted(f.unit)
                      << ',' << number(f.uncertainty) << ',' << number(f.limit) << '\n';
}

/// A line for each reading of each run.
void writeReadings(run::Logbook &book, const std::vector<run::LogLine> &lines)
{
    std::cout << "run,started_at,kind,display,r,g,b,x,y,z,seconds,taken_at,meter,stage,aside\n";
    for (const run::LogLine &l : lines)
        for (const QVariantList &row : book.record(l.id).readings) {
            std::cout << l.id << ',' << l.startedAt.toStdString() << ','
                      << run::runKindKey(l.kind).toStdString() << ','
                      << csvQuoted(l.displayName.toStdString());
            for (int i = 1; i <= 7; ++i)
                std::cout << ',' << compactNumber(row[i].toDouble());
            std::cout << ',' << row[8].toString().toStdString() << ','
                      << csvQuoted(row[9].toString().toStdString()) << ','
                      << row[0].toString().toStdString() << ',' << row[13].toInt() << '\n';
        }
}

/// The runs whole, one after the other: all of them at once may be more than memory holds.
void writeRecords(run::Logbook &book, const std::vector<run::LogLine> &lines)
{
    std::cout << '[';
    for (size_t i = 0; i < lines.size(); ++i)
        std::cout << (i ? ",\n" : "\n") << recordToJson(book.record(lines[i].id)).dump();
    std::cout << "\n]\n";
}

int trends(const LogOptions &o, run::Logbook &book, const std::vector<run::LogLine> &lines)
{
    const run::TrendFigure figure = trendFigureMeant(o.figure);
    Json all = Json::array();
    for (const QString &id : run::displaysIn(lines)) {
        const run::FigureTrend t =
            run::figureTrend(book, lines, id, figure, QDateTime::currentDateTimeUtc());
        if (t.readings.empty())
            continue;
        if (o.json)
            all.push_back(trendToJson(t));
        else
            tellTrend(t, false);
    }
    if (o.json)
        std::cout << all.dump() << '\n';
    return 0;
}

} // namespace

int log(const LogOptions &o)
{
    if (!o.backUp.empty() || !o.merge.empty() || !o.rescue.empty())
        return logFiles(o);
    const QString path = QString::fromStdString(o.logbook);
    if (!QFileInfo::exists(path))
        throw Error(ErrorKind::BadInput, o.logbook, "there is no such logbook");
    if (o.noteOn != 0 || o.remove != 0 || o.restore != 0) {
        run::Logbook book(path, run::Logbook::Access::Write);
        for (const int run : {o.noteOn, o.remove, o.restore})
            if (run != 0)
                (void)book.setup(run); // says so when there is none of that number
        if (o.noteOn != 0)
            book.setNote(o.noteOn, QString::fromStdString(o.note));
        if (o.remove != 0)
            book.setRemoved(o.remove, true);
        if (o.restore != 0)
            book.setRemoved(o.restore, false);
    }
    run::Logbook book(path, run::Logbook::Access::Read);
    const auto lines = book.lines();
    if (o.trend)
        return trends(o, book, lines);
    if (o.readings && o.json)
        writeRecords(book, lines);
    else if (o.readings)
        writeReadings(book, lines);
    else if (o.json) {
        Json all = Json::array();
        for (const run::LogLine &l : lines)
            all.push_back(lineToJson(l));
        std::cout << all.dump() << '\n';
    } else if (o.csv)
        writeCsv(lines);
    else
        for (const run::LogLine &l : lines) {
            std::cout << l.id << '\t' << l.startedAt.toStdString() << '\t'
                      << run::runKindKey(l.kind).toStdString() << '\t'
                      << printable(l.displayName.toStdString());
            for (const run::FigureRow &f : l.figures)
                if (f.name.ends_with("colour_mean"))
                    std::cout << '\t' << fixedNumber(f.value, 2) << ' ' << f.unit;
            if (!l.finished)
                std::cout << "\tunfinished";
            if (!l.note.isEmpty())
                std::cout << '\t' << printable(l.note.toStdString());
            std::cout << '\n';
        }
    return 0;
}

} // namespace lantern::cli
