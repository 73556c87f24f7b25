#include "app/session/trend_part.h"

#include "core/base/error.h"
#include "run/book/in_words.h"
#include "run/logbook/desk_state.h"

#include <QFileInfo>

#include <algorithm>

namespace lantern::app {

TrendPart::TrendPart(QString logbookPath, QObject *parent)
    : QObject(parent), m_path(std::move(logbookPath)), m_work([this](Read read) {
          if (read.sheet)
              m_state.trendSheet = read.sheet;
          emit changed();
          if (!read.problem.isEmpty())
              emit failed(read.problem);
      })
{}

void TrendPart::choose(const QString &display, const QString &figure)
{
    m_display = display;
    m_figure = figure;
    emit changed();
}

void TrendPart::look(const Names &names, const QString &usual)
{
    const Asked asked{m_display.isEmpty() ? usual : m_display, m_figure, names};
    if (m_asked == asked)
        return;
    m_asked = asked;
    m_work.start([path = m_path, asked] { return read(path, asked); });
}

TrendPart::Read TrendPart::read(const QString &path, const Asked &asked)
{
    auto sheet = std::make_shared<TrendSheet>();
    const auto &figures = run::trendFigures();
    auto figure = std::ranges::find_if(
        figures, [&](const run::TrendFigure &f) { return asked.figure == QLatin1String(f.key); });
    if (figure == figures.end())
        figure = figures.begin();
    sheet->trend.figure = *figure;
    sheet->trend.displayId = asked.display;
    try {
        if (!QFileInfo::exists(path))
            return {sheet, {}};
        run::Logbook book(path, run::Logbook::Access::Read);
        const auto lines = book.lines();
        for (const QString &id : run::displaysIn(lines)) {
            const auto own = asked.names.find(id);
            const auto line = std::ranges::find(lines, id, &run::LogLine::displayId);
            sheet->displays.push_back(
                {id, own == asked.names.end() ? line->displayName : own->second});
        }
        std::ranges::sort(sheet->displays, {}, &TrendSheet::Display::name);
        if (sheet->displays.empty())
            return {sheet, {}};
        const auto known =
            std::ranges::find(sheet->displays, asked.display, &TrendSheet::Display::id);
        const auto shown = known == sheet->displays.end() ? sheet->displays.begin() : known;
        sheet->trend =
            run::figureTrend(book, lines, shown->id, *figure, QDateTime::currentDateTimeUtc());
        sheet->trend.displayName = shown->name;
        sheet->events = run::trendEvents(book, lines, shown->id);
    } catch (const Error &e) {
        return {nullptr, run::inWords(e)};
    }
    return {sheet, {}};
}

} // namespace lantern::app
