#pragma once

#include "run/cli_rig.h"
#include "runner.h"

#include <QElapsedTimer>
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QNetworkAccessManager>
#include <QNetworkReply>
#include <QProcess>
#include <QTemporaryDir>
#include <QWebSocket>

#include <memory>
#include <optional>

namespace lantern::test {

/// An X server of its own, without a screen that anybody sees.
class PrivateScreen {
public:
    bool start()
    {
        m_server.start(QStringLiteral("Xvfb"),
                       {QStringLiteral("-displayfd"), QStringLiteral("1"),
                        QStringLiteral("-screen"), QStringLiteral("0"),
                        QStringLiteral("800x600x24"), QStringLiteral("-noreset")});
        if (!waitUntil([this] { return m_server.canReadLine(); }))
            return false;
        m_name = QStringLiteral(":") + QString::fromLatin1(m_server.readLine()).trimmed();
        return true;
    }
    ~PrivateScreen()
    {
        m_server.kill();
        m_server.waitForFinished();
    }
    [[nodiscard]] const QString &name() const { return m_name; }

private:
    QProcess m_server;
    QString m_name;
};

/// Body of an answer over HTTP, with its status; 0: nobody answered.
struct Fetched {
    int status = 0;
    QByteArray body;
    QNetworkReply::NetworkError error = QNetworkReply::NoError;
    QHash<QByteArray, QByteArray> headers;
};

inline Fetched fetch(const QUrl &url, const QByteArray &method = "GET", const QByteArray &host = {})
{
    QNetworkAccessManager network;
    QNetworkRequest request(url);
    if (!host.isEmpty())
        request.setRawHeader("Host", host);
    const std::unique_ptr<QNetworkReply> reply(network.sendCustomRequest(request, method));
    (void)waitUntil([&] { return reply->isFinished(); });
    Fetched f;
    f.status = reply->attribute(QNetworkRequest::HttpStatusCodeAttribute).toInt();
    f.body = reply->readAll();
    f.error = reply->error();
    for (const auto &[name, value] : reply->rawHeaderPairs())
        f.headers[name.toLower()] = value;
    return f;
}

/// A real browser on a screen, driven over its debugging protocol.
class Browser {
public:
    /// \param profile folder of its own; the same one again: the same device
    Browser(QString screen, QString profile)
        : m_screen(std::move(screen)), m_profile(std::move(profile))
    {}
    ~Browser() { kill(); }

    bool start(const QUrl &url)
    {
        QFile::remove(m_profile + QStringLiteral("/DevToolsActivePort"));
        auto environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("DISPLAY"), m_screen);
        environment.remove(QStringLiteral("WAYLAND_DISPLAY"));
        m_process.setProcessEnvironment(environment);
        m_process.setStandardErrorFile(QProcess::nullDevice());
        m_process.start(
            QStringLiteral("chromium"),
            {QStringLiteral("--user-data-dir=") + m_profile, QStringLiteral("--no-sandbox"),
             QStringLiteral("--kiosk"), QStringLiteral("--window-size=800,600"),
             QStringLiteral("--window-position=0,0"), QStringLiteral("--no-first-run"),
             QStringLiteral("--disable-gpu"), QStringLiteral("--disable-background-networking"),
             QStringLiteral("--disable-component-update"), QStringLiteral("--disable-sync"),
             QStringLiteral("--ozone-platform=x11"), QStringLiteral("--hide-crash-restore-bubble"),
             QStringLiteral("--remote-debugging-port=0"),
             QStringLiteral("--remote-allow-origins=*"), url.toString()});
        QUrl page;
        const bool isThere = waitUntil([&] {
            page = pageAddress();
            return !page.isEmpty();
        });
        return isThere && connectTo(page);
    }
    void kill()
    {
        m_socket.reset();
        if (m_process.state() == QProcess::NotRunning)
            return;
        m_process.kill();
        m_process.waitForFinished();
    }

    /// Value of an expression in the page; undefined where it cannot be asked.
    QJsonValue evaluate(const QString &expression)
    {
        const QJsonObject answer =
            call(QStringLiteral("Runtime.evaluate"), {{QStringLiteral("expression"), expression},
                                                      {QStringLiteral("returnByValue"), true},
                                                      {QStringLiteral("userGesture"), true}});
        return answer[QStringLiteral("result")].toObject()[QStringLiteral("value")];
    }
    QString textOf(const char *id)
    {
        return evaluate(QStringLiteral("document.getElementById('%1').textContent")
                            .arg(QLatin1String(id)))
            .toString();
    }
    /// Types as a person does.
    bool pair(const QString &code, const QString &called)
    {
        if (!waitUntil([&] { return !evaluate(hidden("pair")).toBool(true); }))
            return false;
        evaluate(QStringLiteral("document.getElementById('code').focus()"));
        call(QStringLiteral("Input.insertText"), {{QStringLiteral("text"), code}});
        evaluate(QStringLiteral("document.getElementById('called').focus()"));
        call(QStringLiteral("Input.insertText"), {{QStringLiteral("text"), called}});
        evaluate(QStringLiteral("document.querySelector('#pair button').click()"));
        return true;
    }
    static QString hidden(const char *id)
    {
        return QStringLiteral("document.getElementById('%1').hidden").arg(QLatin1String(id));
    }
    /// Another tab in front of the page, until it is closed again.
    void coverWithTab()
    {
        m_cover = call(QStringLiteral("Target.createTarget"),
                       {{QStringLiteral("url"),
                         QStringLiteral("about:blank")}})[QStringLiteral("targetId")]
                      .toString();
    }
    void closeTab()
    {
        call(QStringLiteral("Target.closeTarget"), {{QStringLiteral("targetId"), m_cover}});
        call(QStringLiteral("Page.bringToFront"), {});
    }
    QJsonObject call(const QString &method, const QJsonObject &parameters)
    {
        if (!m_socket)
            return {};
        const int id = ++m_id;
        QJsonObject answer;
        bool isThere = false;
        const auto connection =
            QObject::connect(m_socket.get(), &QWebSocket::textMessageReceived, m_socket.get(),
                             [&](const QString &text) {
                                 const QJsonObject message =
                                     QJsonDocument::fromJson(text.toUtf8()).object();
                                 if (message[QStringLiteral("id")].toInt() != id)
                                     return;
                                 answer = message[QStringLiteral("result")].toObject();
                                 isThere = true;
                             });
        m_socket->sendTextMessage(
            QString::fromUtf8(QJsonDocument(QJsonObject{{QStringLiteral("id"), id},
                                                        {QStringLiteral("method"), method},
                                                        {QStringLiteral("params"), parameters}})
                                  .toJson()));
        (void)waitUntil([&] { return isThere; });
        QObject::disconnect(connection);
        return answer;
    }

private:
    QUrl pageAddress()
    {
        QFile file(m_profile + QStringLiteral("/DevToolsActivePort"));
        if (!file.open(QIODevice::ReadOnly))
            return {};
        const int port = file.readLine().trimmed().toInt();
        if (port == 0)
            return {};
        const Fetched list = fetch(QUrl(QStringLiteral("http://127.0.0.1:%1/json").arg(port)));
        const QJsonArray targets = QJsonDocument::fromJson(list.body).array();
        for (const auto &target : targets)
            if (target.toObject()[QStringLiteral("type")] == QLatin1String("page") &&
                target.toObject()[QStringLiteral("url")].toString().startsWith(
                    QLatin1String("http://")))
                return target.toObject()[QStringLiteral("webSocketDebuggerUrl")].toString();
        return {};
    }
    bool connectTo(const QUrl &page)
    {
        m_socket = std::make_unique<QWebSocket>();
        m_socket->open(page);
        return waitUntil([this] { return m_socket->state() == QAbstractSocket::ConnectedState; });
    }

    QString m_screen, m_profile, m_cover;
    QProcess m_process;
    std::unique_ptr<QWebSocket> m_socket;
    int m_id = 0;
};

} // namespace lantern::test
