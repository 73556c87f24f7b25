#include "run/book/language.h"

#include "run/file/shipped.h"

#include <QLibraryInfo>
#include <QLocale>
#include <QSettings>
#include <QTranslator>

#include <algorithm>
#include <memory>

namespace lantern::run {

namespace {

constexpr char kChosen[] = "language";

/// Our own texts are all in one context, see packaging/scripts/contexts.py.
class OwnTranslator : public QTranslator {
public:
    [[nodiscard]] QString translate(const char *, const char *text, const char *comment,
                                    int n) const override
    {
        return QTranslator::translate("Bold Lantern", text, comment, n);
    }
};

struct Voice {
    QString code = QStringLiteral("en");
    std::vector<std::unique_ptr<QTranslator>> translators;
};

Voice &voice()
{
    static Voice v;
    return v;
}

/// The window's, whichever program asks.
std::unique_ptr<QSettings> settings()
{
    return std::make_unique<QSettings>(QStringLiteral("bold-lantern"),
                                       QStringLiteral("bold-lantern"));
}

/// The desktop's locale where it is of that language: its people may write numbers otherwise than
/// the next country's.
QLocale localeOf(const QString &code)
{
    const QLocale own = QLocale::system();
    return own.name().startsWith(code) ? own : QLocale(code);
}

} // namespace

std::vector<Language> languages()
{
    return {{QStringLiteral("en"), QStringLiteral("English")},
            {QStringLiteral("de"), QStringLiteral("Deutsch")}};
}

void speak(const QString &wanted)
{
    QString code =
        wanted.isEmpty() ? QLocale::system().name().section(QLatin1Char('_'), 0, 0) : wanted;
    const auto all = languages();
    const bool isKnown =
        std::any_of(all.begin(), all.end(), [&](const Language &l) { return l.code == code; });
    if (!isKnown && code != QLatin1String("pseudo"))
        code = QStringLiteral("en");
    Voice &v = voice();
    v.translators.clear(); // each takes itself out
    v.code = code;
    if (code == QLatin1String("en") && wanted.isEmpty())
        QLocale::setDefault(QLocale::system()); // English words, the country's numbers
    else
        QLocale::setDefault(code == QLatin1String("pseudo") ? QLocale(QStringLiteral("de"))
                                                            : localeOf(code));
    const auto load = [&](std::unique_ptr<QTranslator> translator, const QString &path) {
        if (!path.isEmpty() && translator->load(path) &&
            QCoreApplication::installTranslator(translator.get()))
            v.translators.push_back(std::move(translator));
    };
    if (code != QLatin1String("en"))
        load(std::make_unique<QTranslator>(), QLibraryInfo::path(QLibraryInfo::TranslationsPath) +
                                                  QStringLiteral("/qtbase_%1.qm").arg(code));
    load(std::make_unique<OwnTranslator>(),
         shipped(QStringLiteral("translations/bold-lantern_%1.qm").arg(code)));
}

QString spoken()
{
    return voice().code;
}

QString chosenLanguage()
{
    return settings()->value(QLatin1String(kChosen)).toString();
}

void chooseLanguage(const QString &code)
{
    settings()->setValue(QLatin1String(kChosen), code);
}

} // namespace lantern::run
