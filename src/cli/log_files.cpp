#include "cli/commands.h"
#include "cli/log_words.h"
#include "cli/said.h"
#include "core/base/error.h"
#include "core/base/text.h"
#include "run/logbook/rescue.h"

#include <nlohmann/json.hpp>

#include <QFileInfo>

#include <iostream>

namespace lantern::cli {

namespace {

Json runsToJson(const std::vector<run::LeftRun> &runs)
{
    Json out = Json::array();
    for (const run::LeftRun &r : runs)
        out.push_back({{"run", r.run.toStdString()}, {"problem", r.problem.inEnglish()}});
    return out;
}

int backUp(const LogOptions &o)
{
    run::Logbook book(QString::fromStdString(o.logbook), run::Logbook::Access::Read);
    run::backUp(book, QString::fromStdString(o.backUp));
    const auto bytes = QFileInfo(QString::fromStdString(o.backUp)).size();
    if (o.json)
        std::cout << Json{{"file", o.backUp}, {"bytes", bytes}}.dump() << '\n';
    else
        std::cout << said({"All of it is in %1, %2 bytes.", {o.backUp, std::to_string(bytes)}})
                  << '\n';
    return 0;
}

int merge(const LogOptions &o)
{
    run::Logbook book(QString::fromStdString(o.logbook), run::Logbook::Access::Write);
    const run::MergeReport r = run::mergeFrom(book, QString::fromStdString(o.merge));
    if (o.json)
        std::cout << Json{{"added", r.added},
                          {"continued", r.continued},
                          {"present", r.present},
                          {"left", runsToJson(r.left)}}
                         .dump()
                  << '\n';
    else {
        std::cout << said({"Runs taken over: %1, continued: %2, here already: %3, left: %4",
                           {std::to_string(r.added), std::to_string(r.continued),
                            std::to_string(r.present), std::to_string(r.left.size())}})
                  << '\n';
        printRuns(r.left, said("Left: run"));
    }
    return 0;
}

int rescue(const LogOptions &o)
{
    const std::string homeless = o.rescue + ".lost.csv";
    const run::RescueReport r =
        run::rescue(QString::fromStdString(o.logbook), QString::fromStdString(o.rescue),
                    QString::fromStdString(homeless));
    if (o.json)
        std::cout << Json{{"damaged_pages", r.damagedPages}, {"rescued", r.rescued},
                          {"hurt", runsToJson(r.hurt)},      {"lost", runsToJson(r.lost)},
                          {"homeless_readings", r.homeless}, {"may_hold_deleted", r.mayHoldDeleted}}
                         .dump()
                  << '\n';
    else {
        std::cout << said({"Damaged pages: %1; runs rescued: %2, of those with losses: %3; runs "
                           "lost: %4",
                           {std::to_string(r.damagedPages), std::to_string(r.rescued),
                            std::to_string(r.hurt.size()), std::to_string(r.lost.size())}})
                  << '\n';
        printRuns(r.hurt, said("With losses: run"));
        printRuns(r.lost, said("Lost: run"));
        if (r.homeless > 0)
            std::cout << said({"Readings of lost runs: %1, in %2",
                               {std::to_string(r.homeless), homeless}})
                      << '\n';
        if (r.mayHoldDeleted)
            std::cout << said("The list of free pages is damaged: readings that had been deleted "
                              "may be among those rescued.")
                      << '\n';
    }
    return 0;
}

} // namespace

int logFiles(const LogOptions &o)
{
    if (o.merge.empty() && !QFileInfo::exists(QString::fromStdString(o.logbook)))
        throw Error(ErrorKind::BadInput, o.logbook, "there is no such logbook");
    return !o.backUp.empty() ? backUp(o) : !o.merge.empty() ? merge(o) : rescue(o);
}

} // namespace lantern::cli
