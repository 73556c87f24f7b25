#include "cli/parser_words.h"

#include "core/base/message.h"
#include "core/base/text.h"

#include <QCoreApplication>
#include <QRegularExpression>

#include <array>
#include <utility>
#include <vector>

namespace lantern::cli {

namespace {

/// A sentence of the parser (CLI11 2.1 to 2.3), and how we say it.
struct Sentence {
    const char *pattern, *ours;
};
constexpr std::array kSentences = {
    Sentence{"A subcommand is \\w+", "a command is missing: which of them is to be done?"},
    Sentence{"Exactly 1 option from \\[(.*)\\] is required and \\d+ were given",
             "only one of %1 can be given"},
    Sentence{"Exactly 1 option from \\[(.*)\\] is required", "one of %1 is missing"},
    Sentence{"(\\S+) is required", "%1 is missing"},
    Sentence{"The following arguments? (?:was|were) not expected: (\\S.*)", "%1 is not known here"},
    Sentence{"Could not convert: (\\S+) = (.*)", "%1 cannot be %2"},
    Sentence{"(\\S+): (.*) not in \\{(.*)\\}", "%1 cannot be %2; it is one of %3"},
    // Up to the largest number there is.
    Sentence{"(\\S+): Value (.*) not in range 0\\.0+ to \\d{100,}\\.0+",
             "%1 cannot be %2: that is too small"},
    Sentence{"(\\S+): Value (.*) not in range (\\S+) to (\\S+)",
             "%1 cannot be %2; it is from %3 to %4"},
    Sentence{"(\\S+): .*required .* missing", "%1 needs a value"},
    Sentence{"(\\S+) requires (\\S+)", "%1 goes with %2 only"},
    Sentence{"(\\S+) excludes (\\S+)", "%1 does not go with %2"},
};

/// The parser's names of kinds, and ours.
constexpr std::array<std::pair<const char *, const char *>, 6> kKinds = {
    {{"TEXT", "TEXT"},
     {"UINT", "COUNT"},
     {"INT", "INTEGER"},
     {"FLOAT", "NUMBER"},
     {"NONNEGATIVE", "NOT NEGATIVE"},
     {"POSITIVE", "POSITIVE"}}};

/// A number without the zeros that the parser puts behind it.
std::string shortest(const std::string &word)
{
    const auto number = parseNumber(word);
    return number ? shortNumber(*number) : word;
}

} // namespace

std::string parserWords(const std::string &said)
{
    for (const Sentence &s : kSentences) {
        const QRegularExpression pattern(
            QRegularExpression::anchoredPattern(QLatin1String(s.pattern)));
        const auto match = pattern.match(QString::fromStdString(said));
        if (!match.hasMatch())
            continue;
        std::vector<std::string> arguments;
        for (int i = 1; i <= match.lastCapturedIndex(); ++i)
            arguments.push_back(shortest(match.captured(i).toStdString()));
        return printable(
            filled(QCoreApplication::translate("Core", s.ours).toStdString(), arguments));
    }
    return printable(said);
}

std::string kindInWords(const std::string &kind)
{
    QStringList parts = QString::fromStdString(kind).split(QLatin1Char(':'));
    static const QRegularExpression range(QStringLiteral("^\\w+ in \\[(\\S+) - (\\S+)\\]$"));
    for (QString &part : parts) {
        part.replace(range, QStringLiteral("\\1..\\2"));
        for (const auto &[theirs, ours] : kKinds)
            if (part == QLatin1String(theirs))
                part = QCoreApplication::translate("Core", ours);
    }
    return parts.join(QLatin1Char(':')).toStdString();
}

} // namespace lantern::cli
