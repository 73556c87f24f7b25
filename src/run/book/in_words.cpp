#include "run/book/in_words.h"

#include "run/book/language.h"

#include <QCoreApplication>
#include <QLocale>
#include <QRegularExpression>

namespace lantern::run {

namespace {

/// A part of a text of the core, such as "gamma 2.2": looked for as "gamma %1".
QString partInWords(const QString &part)
{
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
        QString number = QString::fromStdString(argument);
        if (decimal.match(number).hasMatch())
            argument = number.replace(QLatin1Char('.'), QLocale().decimalPoint()).toStdString();
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
