#include "run/book/help_topics.h"

#include "run/book/language.h"
#include "run/file/shipped.h"

#include <QCoreApplication>
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QRegularExpression>

#include <vector>

namespace lantern::run {

namespace {

struct Topic {
    QRegularExpression pattern; ///< of the message as it is shown
    QString page;
};

constexpr int kTelling = 12; ///< letters that a message has to have so that it is known by them
const QRegularExpression place(QStringLiteral("%[1-9]"));

/// A message with places %1 to %9 as a pattern.
QRegularExpression patternOf(const QString &text)
{
    QStringList parts = text.split(place);
    for (QString &part : parts)
        part = QRegularExpression::escape(part);
    return QRegularExpression(parts.join(QStringLiteral(".*")),
                              QRegularExpression::DotMatchesEverythingOption);
}

std::vector<Topic> readTopics()
{
    std::vector<Topic> topics;
    QFile file(shipped(QStringLiteral("handbook/messages.json")));
    if (!file.open(QIODevice::ReadOnly))
        return topics;
    for (const auto &entry : QJsonDocument::fromJson(file.readAll()).array()) {
        const QJsonObject o = entry.toObject();
        const QString said = o[QStringLiteral("text")].toString();
        if (QString(said).remove(place).size() < kTelling)
            continue;
        const QByteArray text = said.toUtf8();
        topics.push_back({patternOf(QCoreApplication::translate("Core", text.constData())),
                          o[QStringLiteral("page")].toString()});
    }
    return topics;
}

} // namespace

QString handbookPage(const QString &name)
{
    const QString own = shipped(QStringLiteral("handbook/%1/%2").arg(spoken(), name));
    return own.isEmpty() ? shipped(QStringLiteral("handbook/") + name) : own;
}

QString helpTopic(const QString &shown)
{
    static QString language;
    static std::vector<Topic> topics;
    if (language != spoken()) {
        language = spoken();
        topics = readTopics();
    }
    const Topic *best = nullptr; // the one that says most of it
    for (const Topic &t : topics)
        if (t.pattern.match(shown).hasMatch() &&
            (!best || t.pattern.pattern().size() > best->pattern.pattern().size()))
            best = &t;
    return best ? best->page : QString();
}

} // namespace lantern::run
