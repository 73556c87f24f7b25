#include "run/shared/book_address.h"

#include "core/base/error.h"

#include <QUrl>
#include <QUrlQuery>

#include <algorithm>
#include <string_view>

namespace lantern::run {

namespace {

constexpr int kUsualPort = 5432;

/// Settings that a person may give; the others are the program's own business.
constexpr std::string_view kSettings[] = {"sslmode", "sslrootcert", "sslcert", "sslkey",
                                          "connect_timeout"};

/// What the driver would take for the end of a value.
const QString kSpecial = QStringLiteral(";'\\");

} // namespace

QString BookAddress::url() const
{
    QUrl url;
    url.setScheme(QStringLiteral("postgresql"));
    url.setUserName(user);
    QUrlQuery query;
    if (host.startsWith(QLatin1Char('/')))
        query.addQueryItem(QStringLiteral("host"), host);
    else
        url.setHost(host);
    if (port != kUsualPort)
        url.setPort(port);
    url.setPath(QLatin1Char('/') + database);
    for (const QString &setting : options.split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        const qsizetype at = setting.indexOf(QLatin1Char('='));
        query.addQueryItem(setting.left(at), setting.mid(at + 1));
    }
    if (!query.isEmpty())
        url.setQuery(query);
    return url.toString(QUrl::FullyEncoded);
}

BookAddress addressFromUrl(const std::string &text)
{
    const QUrl url(QString::fromStdString(text), QUrl::StrictMode);
    const auto refuse = [&](const Message &problem) -> Error {
        return {ErrorKind::BadInput, "address of the shared book", problem,
                "For example postgresql://studio@book.example:5432/lantern?sslmode=verify-full."};
    };
    if (!url.isValid() ||
        (url.scheme() != QLatin1String("postgresql") && url.scheme() != QLatin1String("postgres")))
        throw refuse("this is no address that begins with postgresql://");
    if (!url.password().isEmpty())
        throw refuse("a password does not belong in it: lists and histories would show it; give it "
                     "with book password, or keep it in a .pgpass file");
    BookAddress a;
    a.host = url.host();
    a.port = url.port(kUsualPort);
    a.user = url.userName(QUrl::FullyDecoded);
    a.database = url.path(QUrl::FullyDecoded).mid(1);
    if (a.database.isEmpty() || a.database.contains(QLatin1Char('/')))
        throw refuse("it names no database");
    QStringList options;
    for (const auto &item : QUrlQuery(url).queryItems(QUrl::FullyDecoded)) {
        const QString &name = item.first;
        const QString &value = item.second;
        if (std::ranges::any_of(value, [](QChar c) { return c.isSpace() || kSpecial.contains(c); }))
            throw refuse({"its setting %1 has a value that cannot be used", {name.toStdString()}});
        if (name == QLatin1String("host"))
            a.host = value;
        else if (std::ranges::find(kSettings, name.toStdString()) != std::end(kSettings))
            options << name + QLatin1Char('=') + value;
        else
            throw refuse({"its setting %1 is not known", {name.toStdString()}});
    }
    a.options = options.join(QLatin1Char(';'));
    return a;
}

} // namespace lantern::run
