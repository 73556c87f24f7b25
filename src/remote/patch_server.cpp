#include "remote/patch_server.h"

#include "core/base/error.h"
#include "remote/http_request.h"
#include "remote/page_files.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QCryptographicHash>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QLocale>
#include <QNetworkInterface>
#include <QRandomGenerator>
#include <QTcpServer>
#include <QTcpSocket>
#include <QTimer>
#include <QWebSocketCorsAuthenticator>
#include <QWebSocketServer>

#include <algorithm>

namespace lantern::remote {

namespace {

constexpr int kMostWrongCodes = 5;     ///< then the code is another
constexpr int kWrongCodeDelayMs = 500; ///< in between, so that nobody tries a million
constexpr int kHelloMs = 60'000;       ///< for a stranger to say who it is: a person types
constexpr int kHeadMs = 10'000;        ///< for a browser to say what it wants
constexpr int kMostHeadBytes = 16'384;
constexpr const char *kTaken = "taken"; ///< of a socket: its request was read
constexpr size_t kMostStrangers = 8;
constexpr int kMostMessageBytes = 4096;
constexpr int kMostName = 40;
constexpr char kSocketPath[] = "/page";

QString randomHex(int bytes)
{
    QByteArray random(bytes, Qt::Uninitialized);
    for (char &byte : random)
        byte = static_cast<char>(QRandomGenerator::system()->bounded(256));
    return QString::fromLatin1(random.toHex());
}

QByteArray digest(const QString &token)
{
    return QCryptographicHash::hash(token.toUtf8(), QCryptographicHash::Sha256).toHex();
}

QByteArray pageInWords()
{
    const std::vector<std::pair<const char *, QString>> words = {
        {"lang", QLocale::system().bcp47Name()},
        {"connecting", PatchServer::tr("Connecting…")},
        {"code", PatchServer::tr("Code shown in the program")},
        {"called", PatchServer::tr("What this device is called")},
        {"pair", PatchServer::tr("Pair")},
        {"fill", PatchServer::tr("Fill the screen")},
        {"hint", PatchServer::tr("Set this device so that its screen stays on and as bright as it "
                                 "is, and switch off whatever changes its colours by itself.")},
        {"ready", PatchServer::tr("Ready. Patches appear here.")},
        {"lost", PatchServer::tr("The connection was lost. It comes back by itself …")},
        {"off", PatchServer::tr("The program does not answer. This page goes on as soon as it "
                                "serves patches again.")},
        {"wrong", PatchServer::tr("That is not the code. Type the one that is shown now.")},
        {"busy", PatchServer::tr("Too many codes at once. Try again.")},
        {"elsewhere", PatchServer::tr("This device now shows patches in another tab. Close this "
                                      "one.")},
        {"new", PatchServer::tr("Type the code that the program shows.")}};
    QString page = QString::fromUtf8(kPageHtml);
    for (const auto &[place, text] : words)
        page.replace(QStringLiteral("{{%1}}").arg(QLatin1String(place)), text.toHtmlEscaped());
    return page.toUtf8();
}

} // namespace

std::vector<OwnAddress> ownAddresses()
{
    std::vector<OwnAddress> addresses;
    for (const QNetworkInterface &card : QNetworkInterface::allInterfaces()) {
        const auto flags = card.flags();
        if (!(flags & QNetworkInterface::IsUp) || (flags & QNetworkInterface::IsLoopBack))
            continue;
        for (const QNetworkAddressEntry &entry : card.addressEntries())
            if (!entry.ip().isLinkLocal())
                addresses.push_back({entry.ip(), card.humanReadableName()});
    }
    // What a person can type on a tablet comes first.
    std::stable_sort(addresses.begin(), addresses.end(), [](const auto &a, const auto &b) {
        return a.address.protocol() == QAbstractSocket::IPv4Protocol &&
               b.address.protocol() != QAbstractSocket::IPv4Protocol;
    });
    return addresses;
}

PatchServer::PatchServer(QString file, QObject *parent) : QObject(parent), m_file(std::move(file))
{
    read();
    newCode();
}

PatchServer::~PatchServer()
{
    blockSignals(true);
    close();
}

void PatchServer::newCode()
{
    m_wrongCodes = 0;
    m_code = QStringLiteral("%1").arg(QRandomGenerator::system()->bounded(1'000'000), 6, 10,
                                      QLatin1Char('0'));
}

/// A file that cannot be read costs no more than pairing anew.
void PatchServer::read()
{
    if (!QFileInfo::exists(m_file))
        return;
    try {
        const std::string source = m_file.toStdString();
        const Json json = parseJson(run::readFile(m_file).toStdString(), source);
        JsonObject root(json, source);
        root.expectFormat("bold-lantern-page-devices", 1);
        for (const Json &item : root.raw("devices")) {
            JsonObject device(item, source);
            add(QString::fromStdString(device.string("id")),
                QString::fromStdString(device.string("name")),
                QByteArray::fromStdString(device.string("token_sha256")));
            device.finish();
        }
        root.finish();
    } catch (const Error &) {
        m_devices.clear();
    }
}

void PatchServer::keep() const
{
    Json json = {{"format", "bold-lantern-page-devices"}, {"version", 1}};
    json["devices"] = Json::array();
    for (const Device &d : m_devices)
        json["devices"].push_back({{"id", d.id.toStdString()},
                                   {"name", d.name.toStdString()},
                                   {"token_sha256", d.tokenDigest.toStdString()}});
    run::makeFolder(QFileInfo(m_file).absolutePath());
    run::writeFile(m_file, QByteArray::fromStdString(json.dump(2) + "\n"));
}

PatchServer::Device &PatchServer::add(const QString &id, const QString &name,
                                      const QByteArray &tokenDigest)
{
    Device device{id, name, tokenDigest, std::make_shared<PagePresenter>(), {}};
    device.presenter->setName(name);
    connect(device.presenter.get(), &PagePresenter::changed, this, &PatchServer::changed);
    m_devices.push_back(std::move(device));
    return m_devices.back();
}

PatchServer::Device *PatchServer::find(const QString &id)
{
    const auto it = std::ranges::find(m_devices, id, &Device::id);
    return it == m_devices.end() ? nullptr : &*it;
}

void PatchServer::open(const QHostAddress &address, quint16 port)
{
    close();
    auto listener = std::make_unique<QTcpServer>();
    if (!listener->listen(address, port))
        throw Error(ErrorKind::Device,
                    address.toString().toStdString() + ", port " + std::to_string(port),
                    {"cannot be listened on: %1", {listener->errorString().toStdString()}},
                    "Choose another address or port.");
    m_address = address;
    m_port = listener->serverPort();
    m_listener = std::move(listener);
    connect(m_listener.get(), &QTcpServer::newConnection, this, &PatchServer::onConnection);
    m_pages = std::make_unique<QWebSocketServer>(QString(), QWebSocketServer::NonSecureMode);
    connect(m_pages.get(), &QWebSocketServer::originAuthenticationRequired, this,
            [this](QWebSocketCorsAuthenticator *asks) {
                asks->setAllowed(asks->origin() ==
                                 QStringLiteral("http://%1").arg(url().authority()));
            });
    connect(m_pages.get(), &QWebSocketServer::newConnection, this, &PatchServer::onPage);
    emit changed();
}

void PatchServer::close()
{
    if (!m_listener)
        return;
    for (const Device &device : m_devices)
        device.presenter->detach();
    for (const auto &stranger : std::exchange(m_strangers, {}))
        delete stranger.data();
    m_pages.reset();
    m_listener.reset();
    newCode();
    emit changed();
}

QUrl PatchServer::url() const
{
    QUrl url;
    if (!isOpen())
        return url;
    url.setScheme(QStringLiteral("http"));
    url.setHost(m_address.toString());
    url.setPort(m_port);
    url.setPath(QStringLiteral("/"));
    return url;
}

std::vector<PageDevice> PatchServer::devices() const
{
    std::vector<PageDevice> devices;
    for (const Device &d : m_devices)
        devices.push_back({d.id, d.name, d.presenter->isConnected(), d.presenter->facts(),
                           d.presenter->roundTripMs()});
    return devices;
}

QString PatchServer::freeName(const QString &wanted) const
{
    const QString name = wanted.simplified().left(kMostName);
    QString free = name;
    for (int n = 1;
         free.isEmpty() || std::ranges::find(m_devices, free, &Device::name) != m_devices.end();
         ++n)
        free = name.isEmpty() ? tr("Device %1").arg(n) : tr("%1 (%2)").arg(name).arg(n + 1);
    return free;
}

void PatchServer::rename(const QString &id, const QString &name)
{
    Device *device = find(id);
    if (!device || device->name == name.simplified())
        return;
    device->name.clear();
    device->name = freeName(name);
    device->presenter->setName(device->name);
    keep();
    emit changed();
}

void PatchServer::forget(const QString &id)
{
    Device *device = find(id);
    if (!device)
        return;
    device->presenter->detach();
    std::erase_if(m_devices, [&](const Device &d) { return d.id == id; });
    keep();
    emit changed();
}

std::shared_ptr<PagePresenter> PatchServer::presenter(const QString &id) const
{
    const auto it = std::ranges::find(m_devices, id, &Device::id);
    if (it == m_devices.end())
        throw Error(ErrorKind::BadInput, id.toStdString(), "is no device that was paired");
    return it->presenter;
}

void PatchServer::offer(const QString &id, const std::vector<OfferedFile> &files)
{
    Device *device = find(id);
    if (!device)
        return;
    device->files.clear();
    for (const OfferedFile &file : files)
        device->files.emplace_back(QStringLiteral("/files/%1/%2").arg(randomHex(16), file.name),
                                   file);
    sendFiles(*device);
}

void PatchServer::sendFiles(const Device &device) const
{
    QJsonArray list;
    for (const auto &[path, file] : device.files)
        list.append(QJsonObject{
            {QStringLiteral("title"), file.title},
            {QStringLiteral("path"), QString::fromLatin1(QUrl::toPercentEncoding(path, "/"))}});
    device.presenter->send({{QStringLiteral("files"), list}});
}

HttpAnswer PatchServer::answerTo(const HttpRequest &request) const
{
    HttpAnswer a;
    if (request.method != "GET")
        return {405, "text/plain", "Only GET.\n"};
    if (request.host != url().authority().toLatin1())
        return a;
    const auto page = [&](const QByteArray &type, const QByteArray &content) {
        a = {200, type, content,
             "default-src 'none'; script-src 'self'; style-src 'self'; img-src data:; "
             "connect-src ws://" +
                 url().authority().toLatin1()};
    };
    if (request.path == QLatin1String("/"))
        page("text/html; charset=utf-8", pageInWords());
    else if (request.path == QLatin1String("/page.css"))
        page("text/css; charset=utf-8", kPageCss);
    else if (request.path == QLatin1String("/page.js"))
        page("text/javascript; charset=utf-8", kPageScript);
    for (const Device &device : m_devices)
        for (const auto &[filePath, file] : device.files)
            if (filePath == request.path)
                a = {200, file.type, file.content,
                     "default-src 'none'; style-src 'unsafe-inline'; img-src data:",
                     (file.type.startsWith("text/html") ? "inline" : "attachment") +
                         QByteArray("; filename*=UTF-8''") + QUrl::toPercentEncoding(file.name)};
    return a;
}

void PatchServer::onConnection()
{
    while (m_listener && m_listener->hasPendingConnections()) {
        QTcpSocket *socket = m_listener->nextPendingConnection();
        connect(socket, &QTcpSocket::disconnected, socket, &QObject::deleteLater);
        connect(socket, &QTcpSocket::readyRead, this, [this, socket] { onRequest(socket); });
        QTimer::singleShot(kHeadMs, socket, [socket] {
            if (!socket->property(kTaken).toBool())
                socket->abort();
        });
    }
}

void PatchServer::onRequest(QTcpSocket *socket)
{
    const QByteArray head = socket->peek(kMostHeadBytes);
    const qsizetype end = head.indexOf("\r\n\r\n");
    if (end < 0) {
        if (head.size() >= kMostHeadBytes)
            socket->abort();
        return;
    }
    socket->setProperty(kTaken, true);
    disconnect(socket, &QTcpSocket::readyRead, this, nullptr);
    const HttpRequest request = httpRequest(head.left(end));
    if (request.method == "GET" && request.path == QLatin1String(kSocketPath) &&
        request.wantsWebSocket && request.host == url().authority().toLatin1()) {
        m_pages->handleConnection(socket);
        emit socket->readyRead(); // what is there already
        return;
    }
    socket->write(answerTo(request).bytes());
    socket->disconnectFromHost(); // when that is written
}

void PatchServer::onPage()
{
    while (m_pages && m_pages->hasPendingConnections()) {
        QWebSocket *socket = m_pages->nextPendingConnection();
        std::erase_if(m_strangers, [](const auto &stranger) { return !stranger; });
        connect(socket, &QWebSocket::disconnected, socket, &QObject::deleteLater);
        if (m_strangers.size() >= kMostStrangers) {
            socket->close();
            continue;
        }
        socket->setParent(this);
        socket->setMaxAllowedIncomingMessageSize(kMostMessageBytes);
        m_strangers.emplace_back(socket);
        connect(socket, &QWebSocket::textMessageReceived, this,
                [this, socket](const QString &text) { onHello(socket, text); });
        QTimer::singleShot(kHelloMs, socket, [this, socket] {
            if (std::ranges::any_of(m_strangers, [&](const auto &s) { return s == socket; }))
                socket->close();
        });
    }
}

void PatchServer::refuse(QWebSocket *socket, const QString &why)
{
    const QJsonObject message{{QStringLiteral("refused"), why}};
    socket->sendTextMessage(
        QString::fromUtf8(QJsonDocument(message).toJson(QJsonDocument::Compact)));
}

void PatchServer::onHello(QWebSocket *socket, const QString &text)
{
    const QJsonObject message = pageMessage(text);
    const QJsonObject hello = message[QStringLiteral("hello")].toObject();
    PageFacts facts;
    try {
        facts = factsFromMessage(message);
    } catch (const Error &) {
        socket->close();
        return;
    }
    if (const QString token = hello[QStringLiteral("token")].toString(); !token.isEmpty()) {
        const auto it = std::ranges::find(m_devices, digest(token), &Device::tokenDigest);
        if (it == m_devices.end())
            refuse(socket, QStringLiteral("token"));
        else
            welcome(socket, *it, token, facts);
        return;
    }
    const QString code = hello[QStringLiteral("code")].toString();
    if (code.isEmpty())
        return; // news of the page of a stranger
    const bool isHasty = m_sinceWrong.isValid() && m_sinceWrong.elapsed() < kWrongCodeDelayMs;
    if (isHasty) {
        refuse(socket, QStringLiteral("busy"));
        return;
    }
    if (code != m_code) {
        m_sinceWrong.start();
        const bool isAnother = ++m_wrongCodes >= kMostWrongCodes;
        if (isAnother)
            newCode();
        refuse(socket, QStringLiteral("code"));
        if (isAnother)
            emit changed();
        return;
    }
    newCode();
    const QString token = randomHex(16);
    Device &device =
        add(randomHex(4), freeName(hello[QStringLiteral("name")].toString()), digest(token));
    try {
        keep();
    } catch (const Error &) { // it is paired for as long as the program runs
    }
    welcome(socket, device, token, facts);
}

void PatchServer::welcome(QWebSocket *socket, Device &device, const QString &token,
                          const PageFacts &facts)
{
    std::erase_if(m_strangers,
                  [socket](const auto &stranger) { return !stranger || stranger == socket; });
    disconnect(socket, nullptr, this, nullptr);
    connect(socket, &QWebSocket::textMessageReceived, device.presenter.get(),
            [presenter = device.presenter.get(), socket](const QString &text) {
                try {
                    presenter->onMessage(pageMessage(text));
                } catch (const Error &) { // no page of ours
                    socket->abort();
                }
            });
    socket->sendTextMessage(QString::fromUtf8(
        QJsonDocument(QJsonObject{{QStringLiteral("welcome"),
                                   QJsonObject{{QStringLiteral("token"), token},
                                               {QStringLiteral("name"), device.name}}}})
            .toJson(QJsonDocument::Compact)));
    device.presenter->attach(socket, facts);
    sendFiles(device);
    emit changed();
}

} // namespace lantern::remote
