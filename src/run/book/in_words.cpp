#include "run/book/in_words.h"

#include "core/base/own_name.h"
#include "run/book/language.h"

#include <QCoreApplication>
#include <QDate>
#include <QLocale>
#include <QRegularExpression>

#include <optional>

namespace lantern::run {

namespace {

/// A day as the core writes it, with a time of day or without; in English it stays as it is, which
/// nobody misreads. Nothing: it is none.
std::optional<QString> dayInWords(const QString &text)
{
    static const QRegularExpression day(
        QStringLiteral("^(\\d{4}-\\d{2}-\\d{2})( \\d{2}:\\d{2} UTC)?$"));
    const auto match = day.match(text);
    const QDate date = QDate::fromString(match.captured(1), Qt::ISODate);
    if (!date.isValid())
        return std::nullopt;
    if (spoken() == QLatin1String("en"))
        return text;
    QString format = QLocale().dateFormat(QLocale::ShortFormat);
    if (!format.contains(QLatin1String("yyyy")))
        format.replace(QLatin1String("yy"), QLatin1String("yyyy"));
    return QLocale().toString(date, format) + match.captured(2);
}

/// A part of a text of the core, such as "gamma 2.2": looked for as "gamma %1".
QString partInWords(const QString &part)
{
    if (const auto day = dayInWords(part))
        return *day;
    static const QRegularExpression number(QStringLiteral("\\d+(\\.\\d+)?"));
    std::vector<std::string> numbers;
    QString text;
    qsizetype at = 0;
    for (auto it = number.globalMatch(part); it.hasNext() && numbers.size() < 9;) {
        const auto m = it.next();
        numbers.push_back(
            m.captured().replace(QLatin1Char('.'), QLocale().decimalPoint()).toStdString());
        text += part.mid(at, m.capturedStart() - at) + QLatin1Char('%') +
                QString::number(numbers.size());
        at = m.capturedEnd();
    }
    text += part.mid(at);
    return QString::fromStdString(filled(
        QCoreApplication::translate("Core", text.toUtf8().constData()).toStdString(), numbers));
}

} // namespace

QString inWords(const Message &message)
{
    static const QRegularExpression decimal(QStringLiteral("^-?\\d+\\.\\d+$"));
    std::vector<std::string> arguments = message.arguments();
    for (std::string &argument : arguments) {
        if (isOwnName(argument))
            continue;
        QString number = QString::fromStdString(argument);
        if (decimal.match(number).hasMatch())
            argument = number.replace(QLatin1Char('.'), QLocale().decimalPoint()).toStdString();
        else if (const auto day = dayInWords(number))
            argument = day->toStdString();
        else // a word of ours, or a name that is looked up in vain
            argument = QCoreApplication::translate("Core", argument.c_str()).toStdString();
    }
    return QString::fromStdString(
        filled(QCoreApplication::translate("Core", message.text()).toStdString(), arguments));
}

QString inWords(const Error &error)
{
    return QString::fromStdString(errorText(error.place, inWords(error.problem).toStdString(),
                                            inWords(error.advice).toStdString()));
}

QString inLocale(const std::string &text)
{
    QStringList parts = QString::fromStdString(text).split(QStringLiteral(" · "));
    for (QString &part : parts)
        part = partInWords(part);
    return parts.join(QStringLiteral(" · "));
}

Speaker speaker()
{
    return {spoken().toStdString(), [](const Message &m) { return inWords(m).toStdString(); },
            [](const std::string &text) { return inLocale(text).toStdString(); }};
}

} // namespace lantern::run
