#include "core/base/error.h"
#include "remote/browser_rig.h"
#include "remote/fake_page.h"
#include "remote/patch_server.h"
#include "run/file/files.h"
#include "runner.h"

#include <QTcpServer>
#include <QTcpSocket>

#include <random>

namespace lantern::test {

namespace {

using namespace remote;

/// What a presenter says.
struct Heard {
    QObject context;
    QList<run::Request> shown, confirmed, lost, failed;

    explicit Heard(PagePresenter *p)
    {
        const auto into = [](QList<run::Request> &list) {
            return [&list](run::Request request) { list << request; };
        };
        QObject::connect(p, &PagePresenter::shown, &context, into(shown));
        QObject::connect(p, &PagePresenter::confirmed, &context, into(confirmed));
        QObject::connect(p, &PagePresenter::lost, &context, into(lost));
        QObject::connect(p, &PagePresenter::failed, &context,
                         [this](run::Request request, const QString &) { failed << request; });
    }
};

} // namespace

/// The server of the patch page, spoken to by hand.
class PatchServerTest : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> m_folder;
    std::unique_ptr<PatchServer> m_server;

    [[nodiscard]] QString file() const
    {
        return m_folder->filePath(QStringLiteral("devices.json"));
    }
    void open(quint16 port = 0) { m_server->open(QHostAddress::LocalHost, port); }
    [[nodiscard]] QUrl at(const char *path) const
    {
        return m_server->url().resolved(QUrl(QLatin1String(path)));
    }
    [[nodiscard]] QString idOf(const QString &name) const
    {
        for (const PageDevice &d : m_server->devices())
            if (d.name == name)
                return d.id;
        return {};
    }

private slots:
    void init()
    {
        m_folder = std::make_unique<QTemporaryDir>();
        m_server = std::make_unique<PatchServer>(file());
    }

    void nothingListensWhileItIsClosed()
    {
        QVERIFY(m_server->url().isEmpty());
        open();
        const QUrl page = m_server->url();
        QCOMPARE(fetch(page).status, 200);
        FakePage device(page);
        QVERIFY(!device.pair(m_server->code(), QStringLiteral("Tablet")).isEmpty());
        m_server->close();
        QVERIFY(device.isClosed());
        QTcpSocket socket;
        socket.connectToHost(page.host(), static_cast<quint16>(page.port()));
        QVERIFY(!socket.waitForConnected(2000));
        QCOMPARE(socket.error(), QAbstractSocket::ConnectionRefusedError);
        open(static_cast<quint16>(page.port())); // and it can be had again
        QCOMPARE(fetch(page).status, 200);
    }

    void itListensOnThatAddressOnly()
    {
        m_server->open(QHostAddress(QStringLiteral("127.0.0.3")), 0);
        const auto port = static_cast<quint16>(m_server->url().port());
        QTcpSocket there, elsewhere;
        there.connectToHost(QStringLiteral("127.0.0.3"), port);
        QVERIFY(there.waitForConnected(2000));
        elsewhere.connectToHost(QStringLiteral("127.0.0.1"), port);
        QVERIFY(!elsewhere.waitForConnected(2000));
    }

    void anAddressThatIsTakenIsSaid()
    {
        QTcpServer other;
        QVERIFY(other.listen(QHostAddress::LocalHost));
        try {
            open(other.serverPort());
            QFAIL("it was opened");
        } catch (const Error &e) {
            QCOMPARE(e.kind, ErrorKind::Device);
            QVERIFY(QString::fromUtf8(e.what()).contains(QString::number(other.serverPort())));
        }
        QVERIFY(!m_server->isOpen());
    }

    void nothingElseIsServed()
    {
        open();
        const Fetched page = fetch(at("/"));
        QCOMPARE(page.status, 200);
        QVERIFY(page.headers["content-type"].startsWith("text/html"));
        QVERIFY(!page.body.contains("{{"));
        QVERIFY(!page.body.contains(m_server->code().toLatin1()));
        QVERIFY(page.headers["content-security-policy"].contains("default-src 'none'"));
        QCOMPARE(fetch(at("/page.js")).status, 200);
        QCOMPARE(fetch(at("/page.css")).status, 200);
        for (const char *path :
             {"/index.html", "/devices.json", "/../devices.json", "/%2e%2e/devices.json", "/files/",
              "/files/x/y", "/page", "/page.js/", "/etc/passwd"})
            QVERIFY2(fetch(at(path)).status == 404, path);
        for (const char *method : {"POST", "PUT", "DELETE"})
            QVERIFY2(fetch(at("/"), method).status == 405, method);
        // A name that somebody else's site gave our address.
        QCOMPARE(fetch(at("/"), "GET", "evil.example").status, 404);
    }

    void onlyWhoKnowsTheCodeIsLetIn()
    {
        open();
        const QString code = m_server->code();
        QCOMPARE(code.size(), 6);
        FakePage stranger(m_server->url());
        QVERIFY(stranger
                    .pair(code == QLatin1String("000000") ? QStringLiteral("000001")
                                                          : QStringLiteral("000000"),
                          QStringLiteral("S"))
                    .isEmpty());
        QCOMPARE(stranger.last("refused").toString(), QStringLiteral("code"));
        QVERIFY(m_server->devices().empty());
        // In haste even the right one is not looked at.
        stranger.heard.clear();
        stranger.hello(QStringLiteral("code"), code);
        QVERIFY(stranger.hears("refused"));
        QCOMPARE(stranger.last("refused").toString(), QStringLiteral("busy"));
        QVERIFY(m_server->devices().empty());
        // Then it is, and it is good for one device.
        FakePage tablet(m_server->url());
        QVERIFY(waitUntil([&] {
            tablet.heard.clear();
            return !tablet.pair(code, QStringLiteral("Tablet")).isEmpty();
        }));
        QVERIFY(m_server->code() != code);
        QCOMPARE(m_server->devices().size(), size_t(1));
        QCOMPARE(m_server->devices().front().name, QStringLiteral("Tablet"));
        QCOMPARE(m_server->devices().front().facts.pixels, QSize(800, 600));
        FakePage late(m_server->url());
        QVERIFY(late.pair(code, QStringLiteral("Late")).isEmpty());
        FakePage guess(m_server->url());
        QVERIFY(guess.opens());
        guess.hello(QStringLiteral("token"), QStringLiteral("00112233445566778899aabbccddeeff"));
        QVERIFY(guess.hears("refused"));
        QCOMPARE(guess.last("refused").toString(), QStringLiteral("token"));
        QCOMPARE(m_server->devices().size(), size_t(1));
    }

    void aCodeIsNotGuessed()
    {
        open();
        const QString code = m_server->code();
        const QString wrong =
            code == QLatin1String("123456") ? QStringLiteral("654321") : QStringLiteral("123456");
        FakePage stranger(m_server->url());
        QVERIFY(stranger.opens());
        int wrongs = 0;
        QElapsedTimer clock;
        clock.start();
        QVERIFY(waitUntil([&] {
            stranger.heard.clear();
            stranger.hello(QStringLiteral("code"), wrong);
            if (stranger.hears("refused") &&
                stranger.last("refused").toString() == QLatin1String("code"))
                ++wrongs;
            return m_server->code() != code;
        }));
        QCOMPARE(wrongs, 5);
        QVERIFY(clock.elapsed() >= 4 * 500);
    }

    void pagesOfOtherSitesAndNoiseAreTurnedAway()
    {
        open();
        FakePage foreign(m_server->url(), QStringLiteral("http://evil.example"));
        QVERIFY(foreign.isClosed());
        QVERIFY(!foreign.wasLetIn());
        FakePage noise(m_server->url());
        QVERIFY(noise.opens());
        noise.socket.sendTextMessage(QStringLiteral("no message at all"));
        QVERIFY(noise.isClosed());
        FakePage flood(m_server->url());
        QVERIFY(flood.opens());
        flood.socket.sendTextMessage(QString(100'000, QLatin1Char('x')));
        QVERIFY(flood.isClosed());
        FakePage paired(m_server->url());
        QVERIFY(!paired.pair(m_server->code(), QStringLiteral("P")).isEmpty());
        paired.say({{QStringLiteral("shown"), 1}, {QStringLiteral("width"), -4}});
        QVERIFY(paired.isClosed());
        QVERIFY(waitUntil([&] { return !m_server->devices().front().isConnected; }));
        std::vector<std::unique_ptr<FakePage>> many;
        for (int i = 0; i < 9; ++i) {
            many.push_back(std::make_unique<FakePage>(m_server->url()));
            QVERIFY(many.back()->isDecided());
        }
        QVERIFY(many.back()->isClosed()); // as many as wait at once
        QVERIFY(many.front()->socket.state() == QAbstractSocket::ConnectedState);
    }

    /// Requests cut short and spoilt, and messages of a paired device that is not ours: it goes on.
    void noiseOnTheLineDoesNothing()
    {
        open();
        const auto port = static_cast<quint16>(m_server->url().port());
        const QByteArray good =
            "GET /page HTTP/1.1\r\nHost: " + m_server->url().authority().toLatin1() +
            "\r\nUpgrade: websocket\r\nConnection: Upgrade\r\n"
            "Sec-WebSocket-Key: dGhlIHNhbXBsZSBub25jZQ==\r\n"
            "Sec-WebSocket-Version: 13\r\n\r\n";
        std::mt19937 random(1);
        std::vector<std::unique_ptr<QTcpSocket>> sockets;
        for (int i = 0; i < 120; ++i) {
            QByteArray spoilt = i % 2 == 0 ? good.left(good.size() * i / 120) : good;
            for (unsigned k = 0; k <= random() % 8 && !spoilt.isEmpty(); ++k)
                spoilt[qsizetype(random() % size_t(spoilt.size()))] = char(random());
            sockets.push_back(std::make_unique<QTcpSocket>());
            sockets.back()->connectToHost(QHostAddress::LocalHost, port);
            QVERIFY(waitUntil(
                [&] { return sockets.back()->state() == QAbstractSocket::ConnectedState; }));
            sockets.back()->write(spoilt);
        }
        QCOMPARE(fetch(at("/")).status, 200);
        sockets.clear();
        FakePage page(m_server->url());
        const QString token = page.pair(m_server->code(), QStringLiteral("P"));
        QVERIFY(!token.isEmpty());
        for (int i = 0; i < 60; ++i) {
            FakePage noisy(m_server->url());
            QVERIFY(noisy.opens());
            noisy.hello(QStringLiteral("token"), token);
            QByteArray spoilt =
                QJsonDocument(with({{QStringLiteral("shown"), i}}, kFacts)).toJson();
            for (unsigned k = 0; k <= random() % 8; ++k)
                spoilt[qsizetype(random() % size_t(spoilt.size()))] = char(random());
            noisy.socket.sendTextMessage(QString::fromLatin1(spoilt));
            noisy.socket.sendBinaryMessage(spoilt);
        }
        FakePage back(m_server->url());
        QVERIFY(back.opens());
        back.hello(QStringLiteral("token"), token);
        QVERIFY(back.hears("welcome"));
        QCOMPARE(m_server->devices().size(), size_t(1));
    }

    void twoDevicesAreNeverMixedUp()
    {
        open();
        FakePage one(m_server->url()), two(m_server->url());
        QVERIFY(!one.pair(m_server->code(), QStringLiteral("One")).isEmpty());
        QVERIFY(!two.pair(m_server->code(), QStringLiteral("One")).isEmpty());
        QCOMPARE(two.last("welcome").toObject()[QStringLiteral("name")].toString(),
                 QStringLiteral("One (2)")); // told apart by name as well
        const auto first = m_server->presenter(idOf(QStringLiteral("One")));
        const auto second = m_server->presenter(idOf(QStringLiteral("One (2)")));
        Heard ofFirst(first.get()), ofSecond(second.get());
        first->show(11, {255, 128, 0}, std::nullopt);
        second->show(12, {0, 0, 9}, std::nullopt);
        QVERIFY(one.hears("show") && two.hears("show"));
        QCOMPARE(one.last("show").toObject()[QStringLiteral("rgb")].toArray(),
                 (QJsonArray{255, 128, 0}));
        QCOMPARE(two.last("show").toObject()[QStringLiteral("rgb")].toArray(),
                 (QJsonArray{0, 0, 9}));
        two.shows(two.number());
        QVERIFY(waitUntil([&] { return ofSecond.shown == QList<run::Request>{12}; }));
        QVERIFY(ofFirst.shown.isEmpty()); // though both have the same number there
        QCOMPARE(one.number(), two.number());
    }

    void whatIsShownIsConfirmedByTheDevicesOwnClock()
    {
        open();
        FakePage page(m_server->url());
        QVERIFY(!page.pair(m_server->code(), QStringLiteral("P")).isEmpty());
        const auto p = m_server->presenter(idOf(QStringLiteral("P")));
        Heard heard(p.get());
        p->show(1, {1, 2, 3}, std::nullopt);
        QVERIFY(page.hears("show"));
        p->confirm(1); // not there yet
        QVERIFY(waitUntil([&] { return heard.lost == QList<run::Request>{1}; }));
        page.shows(page.number() + 1); // of something else
        page.shows(page.number());
        QVERIFY(waitUntil([&] { return heard.shown == QList<run::Request>{1}; }));
        QElapsedTimer clock;
        clock.start();
        p->confirm(1);
        QVERIFY(page.hears("still"));
        page.say({{QStringLiteral("still"), page.number()}, {QStringLiteral("ms"), 1000}});
        QVERIFY(waitUntil([&] { return heard.confirmed == QList<run::Request>{1}; }));
        // The device was asleep or painted it anew: it stood there for less than we believe.
        QVERIFY(waitUntil([&] { return clock.elapsed() > 1500; }));
        p->confirm(1);
        QVERIFY(page.hears("still"));
        page.say({{QStringLiteral("still"), page.number()}, {QStringLiteral("ms"), 100}});
        QVERIFY(waitUntil([&] { return heard.lost.size() == 2; }));
        QCOMPARE(heard.confirmed.size(), 1);
    }

    void whatIsHiddenOrLostIsToldAndShownAgain()
    {
        open();
        const QUrl url = m_server->url();
        auto page = std::make_unique<FakePage>(url);
        const QString token = page->pair(m_server->code(), QStringLiteral("P"));
        const auto p = m_server->presenter(idOf(QStringLiteral("P")));
        Heard heard(p.get());
        p->show(1, {1, 2, 3}, std::nullopt);
        QVERIFY(page->hears("show"));
        page->shows(page->number());
        QVERIFY(waitUntil([&] { return heard.shown.size() == 1; }));
        page->say(with(with({{QStringLiteral("changed"), true}}, kFacts),
                       {{QStringLiteral("visible"), false}}));
        QVERIFY(waitUntil([&] { return heard.lost == QList<run::Request>{1}; }));
        page->heard.clear();
        p->show(2, {4, 5, 6}, std::nullopt); // waits until it can be seen
        page->say(with({{QStringLiteral("changed"), true}}, kFacts));
        QVERIFY(page->hears("show"));
        const int before = page->number();
        page.reset(); // pulled before it could say that it is there
        QVERIFY(waitUntil([&] { return !m_server->devices().front().isConnected; }));
        FakePage again(url);
        QVERIFY(again.opens());
        again.hello(QStringLiteral("token"), token);
        QVERIFY(again.hears("show"));
        QVERIFY(again.number() > before); // a late word of the lost connection would not count
        again.shows(before);
        again.shows(again.number());
        QVERIFY(waitUntil([&] { return heard.shown == (QList<run::Request>{1, 2}); }));
        // The same device in a second tab: the first is told and shows nothing more.
        FakePage tab(url);
        QVERIFY(tab.opens());
        tab.hello(QStringLiteral("token"), token);
        QVERIFY(again.hears("elsewhere"));
        QVERIFY(again.isClosed());
        QVERIFY(waitUntil([&] { return heard.lost.size() == 2; }));
        QCOMPARE(m_server->devices().size(), size_t(1));
    }

    void aPartOfTheScreenNeedsAllOfIt()
    {
        open();
        FakePage page(m_server->url());
        QVERIFY(!page.pair(m_server->code(), QStringLiteral("P")).isEmpty());
        const auto p = m_server->presenter(idOf(QStringLiteral("P")));
        Heard heard(p.get());
        page.say(with(with({{QStringLiteral("changed"), true}}, kFacts),
                      {{QStringLiteral("fills"), false}}));
        QVERIFY(waitUntil([&] { return !p->facts().fillsScreen; }));
        p->show(1, {9, 9, 9}, ScreenRegion{0.25, 0.5, 0.25, 0.25});
        QVERIFY(waitUntil([&] { return heard.failed == QList<run::Request>{1}; }));
        page.say(with({{QStringLiteral("changed"), true}}, kFacts));
        QVERIFY(page.hears("show"));
        const QJsonObject region =
            page.last("show").toObject()[QStringLiteral("region")].toObject();
        QCOMPARE(region[QStringLiteral("top")].toDouble(), 0.5);
    }

    void whoWasPairedComesBackToAProgramStartedAnew()
    {
        open();
        const auto port = static_cast<quint16>(m_server->url().port());
        QString token;
        {
            FakePage page(m_server->url());
            token = page.pair(m_server->code(), QStringLiteral("Tablet"));
        }
        QVERIFY(!run::readFile(file()).contains(token.toLatin1())); // kept by its digest only
        const QString id = idOf(QStringLiteral("Tablet"));
        m_server = std::make_unique<PatchServer>(file());
        open(port);
        FakePage back(m_server->url());
        QVERIFY(back.opens());
        back.hello(QStringLiteral("token"), token);
        QVERIFY(back.hears("welcome"));
        QCOMPARE(idOf(QStringLiteral("Tablet")), id);
        m_server->forget(id);
        QVERIFY(back.isClosed());
        FakePage forgotten(m_server->url());
        QVERIFY(forgotten.opens());
        forgotten.hello(QStringLiteral("token"), token);
        QVERIFY(forgotten.hears("refused"));
        run::writeFile(file(), "{\"format\": \"bold-lantern-page-devices\", \"version\": 1,");
        QVERIFY(PatchServer(file()).devices().empty()); // costs no more than pairing anew
    }

    void filesAreOneDevicesOwn()
    {
        open();
        FakePage page(m_server->url());
        QVERIFY(!page.pair(m_server->code(), QStringLiteral("P")).isEmpty());
        m_server->offer(idOf(QStringLiteral("P")),
                        {{QStringLiteral("Profile"), QStringLiteral("P ü 1.icc"),
                          "application/vnd.iccprofile", "bytes"}});
        QVERIFY(waitUntil([&] { return !page.last("files").toArray().isEmpty(); }));
        const QString path =
            page.last("files").toArray()[0].toObject()[QStringLiteral("path")].toString();
        const Fetched file = fetch(m_server->url().resolved(QUrl(path)));
        QCOMPARE(file.status, 200);
        QCOMPARE(file.body, QByteArray("bytes"));
        QVERIFY(file.headers["content-disposition"].startsWith("attachment"));
        QString other = path;
        other.replace(7, 1, QLatin1Char(other.at(7) == QLatin1Char('0') ? '1' : '0'));
        QCOMPARE(fetch(m_server->url().resolved(QUrl(other))).status, 404);
        m_server->offer(idOf(QStringLiteral("P")), {});
        QCOMPARE(fetch(m_server->url().resolved(QUrl(path))).status, 404);
    }
};

static const Register<PatchServerTest> registered("PatchServerTest");

} // namespace lantern::test

#include "patch_server_test.moc"
