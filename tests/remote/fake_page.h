#pragma once

#include "runner.h"

#include <QElapsedTimer>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QUrl>
#include <QWebSocket>

namespace lantern::test {

inline const QJsonObject kFacts = {{QStringLiteral("visible"), true},
                                   {QStringLiteral("fills"), true},
                                   {QStringLiteral("width"), 800},
                                   {QStringLiteral("height"), 600},
                                   {QStringLiteral("ratio"), 1.0},
                                   {QStringLiteral("depth"), 24},
                                   {QStringLiteral("gamut"), QStringLiteral("srgb")}};

inline QJsonObject with(QJsonObject message, const QJsonObject &more)
{
    for (auto it = more.begin(); it != more.end(); ++it)
        message[it.key()] = it.value();
    return message;
}

/// Speaks as the page does, without a browser.
struct FakePage {
    QWebSocket socket;
    QList<QJsonObject> heard;

    explicit FakePage(const QUrl &page, const QString &origin = {})
        : socket(origin.isEmpty() ? QStringLiteral("http://") + page.authority() : origin)
    {
        QObject::connect(&socket, &QWebSocket::textMessageReceived, &socket,
                         [this](const QString &text) {
                             heard << QJsonDocument::fromJson(text.toUtf8()).object();
                         });
        const auto decided = [this] { m_wasDecided = true; };
        QObject::connect(&socket, &QWebSocket::connected, &socket, [this, decided] {
            m_wasLetIn = true;
            decided();
        });
        QObject::connect(&socket, &QWebSocket::disconnected, &socket, decided);
        socket.open(QUrl(QStringLiteral("ws://%1/page").arg(page.authority())));
    }
    bool opens()
    {
        return waitUntil([this] { return socket.state() == QAbstractSocket::ConnectedState; });
    }
    /// It was turned away, or let go of again; not: it has not come so far.
    bool isClosed()
    {
        return waitUntil(
            [this] { return m_wasDecided && socket.state() == QAbstractSocket::UnconnectedState; });
    }
    /// Whether it was let in, at least for now.
    bool isDecided()
    {
        return waitUntil([this] { return m_wasDecided; });
    }
    [[nodiscard]] bool wasLetIn() const { return m_wasLetIn; }
    void say(const QJsonObject &message)
    {
        socket.sendTextMessage(QString::fromUtf8(QJsonDocument(message).toJson()));
    }
    void hello(const QString &key, const QString &value, const QString &name = {})
    {
        say(with(
            {{QStringLiteral("hello"), QJsonObject{{key, value}, {QStringLiteral("name"), name}}}},
            kFacts));
    }
    /// The last message with that key.
    [[nodiscard]] QJsonValue last(const char *key) const
    {
        for (auto it = heard.rbegin(); it != heard.rend(); ++it)
            if (it->contains(QLatin1String(key)))
                return (*it)[QLatin1String(key)];
        return QJsonValue::Undefined;
    }
    [[nodiscard]] bool hears(const char *key) const
    {
        return waitUntil([&] { return !last(key).isUndefined(); });
    }
    /// \returns its token; empty: it was not let in
    QString pair(const QString &code, const QString &name)
    {
        if (!opens())
            return {};
        hello(QStringLiteral("code"), code, name);
        (void)waitUntil(
            [this] { return !last("welcome").isUndefined() || !last("refused").isUndefined(); });
        return last("welcome").toObject()[QStringLiteral("token")].toString();
    }
    [[nodiscard]] int number() const
    {
        return last("show").toObject()[QStringLiteral("n")].toInt();
    }
    /// From now on it shows what it is told to, as the page does.
    void obey()
    {
        QObject::connect(
            &socket, &QWebSocket::textMessageReceived, &socket, [this](const QString &text) {
                const QJsonObject m = QJsonDocument::fromJson(text.toUtf8()).object();
                if (m.contains(QStringLiteral("show"))) {
                    m_shownSince.start();
                    shows(m[QStringLiteral("show")].toObject()[QStringLiteral("n")].toInt());
                } else if (m.contains(QStringLiteral("still")))
                    say({{QStringLiteral("still"), m[QStringLiteral("still")]},
                         {QStringLiteral("ms"), static_cast<double>(m_shownSince.elapsed())}});
            });
    }
    void shows(int n) { say(with({{QStringLiteral("shown"), n}}, kFacts)); }

private:
    bool m_wasDecided = false, m_wasLetIn = false;
    QElapsedTimer m_shownSince;
};

} // namespace lantern::test
