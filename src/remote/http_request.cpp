#include "remote/http_request.h"

#include <QList>
#include <QUrl>

namespace lantern::remote {

HttpRequest httpRequest(const QByteArray &head)
{
    const QList<QByteArray> lines = head.split('\n');
    const QList<QByteArray> first = lines.front().simplified().split(' ');
    HttpRequest request;
    if (first.size() != 3 || !first[2].startsWith("HTTP/1."))
        return request;
    request.method = first[0];
    request.path = QUrl::fromPercentEncoding(first[1].split('?').front());
    for (const QByteArray &line : lines.mid(1)) {
        const QByteArray name = line.left(line.indexOf(':')).trimmed().toLower();
        const QByteArray value = line.mid(line.indexOf(':') + 1).trimmed();
        if (name == "host")
            request.host = value;
        else if (name == "upgrade")
            request.wantsWebSocket = value.toLower() == "websocket";
    }
    return request;
}

QByteArray HttpAnswer::bytes() const
{
    QByteArray head = "HTTP/1.1 " + QByteArray::number(status) + " \r\nContent-Type: " + type +
                      "\r\nContent-Length: " + QByteArray::number(content.size()) +
                      "\r\nConnection: close\r\nCache-Control: no-store"
                      "\r\nContent-Security-Policy: " +
                      policy +
                      "\r\nReferrer-Policy: no-referrer\r\nX-Content-Type-Options: nosniff"
                      "\r\nX-Frame-Options: DENY\r\n";
    if (!disposition.isEmpty())
        head += "Content-Disposition: " + disposition + "\r\n";
    return head + "\r\n" + content;
}

} // namespace lantern::remote
