#include "app/workplace/workplace.h"

#include <cmath>

namespace lantern::app {

QString technologyTitle(const QString &technology)
{
    if (technology == QLatin1String("led-wide"))
        return Workplace::tr("wide gamut");
    if (technology == QLatin1String("led-phosphor"))
        return Workplace::tr("white LED");
    if (technology == QLatin1String("ccfl"))
        return Workplace::tr("fluorescent");
    if (technology == QLatin1String("oled"))
        return Workplace::tr("OLED");
    return Workplace::tr("another kind");
}

DisplayCard cardOf(const desk::DisplayFacts &facts)
{
    DisplayCard card;
    static_cast<desk::DisplayFacts &>(card) = facts;
    card.detail =
        Workplace::tr("%1 in %2")
            .arg(std::round(std::hypot(facts.sizeMm.width(), facts.sizeMm.height()) / 25.4))
            .arg(technologyTitle(facts.technology));
    return card;
}

} // namespace lantern::app
