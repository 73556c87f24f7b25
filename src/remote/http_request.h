#pragma once

#include <QByteArray>
#include <QString>

namespace lantern::remote {

/// What the head of an HTTP/1.1 request asks for (RFC 9112, 2 and 3); nothing in it is trusted.
struct HttpRequest {
    QByteArray method; ///< empty: it is no request
    QByteArray host;   ///< as the browser calls us
    QString path;      ///< decoded, without the query
    bool wantsWebSocket = false;
};

/// \param head without the empty line that ends it
HttpRequest httpRequest(const QByteArray &head);

/// An answer; the connection is closed after it.
struct HttpAnswer {
    int status = 404;
    QByteArray type = "text/plain";
    QByteArray content = "There is nothing here.\n";
    QByteArray policy = "default-src 'none'"; ///< Content-Security-Policy
    QByteArray disposition = {};              ///< of a file that is saved
    [[nodiscard]] QByteArray bytes() const;
};

} // namespace lantern::remote
