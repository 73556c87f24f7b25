#include "paper/typeface.h"

#include <QFontDatabase>
#include <QString>

namespace lantern::paper {

void loadTypeface()
{
    static const bool once = [] {
        for (const char *file : {"Light", "Regular", "Semibold"})
            QFontDatabase::addApplicationFont(
                QStringLiteral(":/fonts/OpenSans-%1.ttf").arg(QLatin1String(file)));
        return true;
    }();
    (void)once;
}

} // namespace lantern::paper
