#include "run/book/in_words.h"

#include <QCoreApplication>
#include <QLocale>
#include <QRegularExpression>

namespace lantern::run {

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

} // namespace lantern::run
