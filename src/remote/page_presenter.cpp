#include "remote/page_presenter.h"

#include "core/base/error.h"

#include <QJsonArray>
#include <QJsonDocument>

#include <algorithm>
#include <cmath>

namespace lantern::remote {

namespace {

constexpr int kBeatMs = 1000;
constexpr int kMostUnanswered = 5; ///< beats: then nobody is there
/// The page's clock may be rounded, and its word takes time to arrive.
constexpr int kClockSlackMs = 200;

int code(double v)
{
    return static_cast<int>(std::lround(std::clamp(v, 0.0, 255.0)));
}

} // namespace

QJsonObject pageMessage(const QString &text)
{
    return QJsonDocument::fromJson(text.toUtf8()).object();
}

PageFacts factsFromMessage(const QJsonObject &m)
{
    PageFacts f;
    f.isVisible = m[QStringLiteral("visible")].toBool();
    f.fillsScreen = m[QStringLiteral("fills")].toBool();
    f.pixels = {m[QStringLiteral("width")].toInt(), m[QStringLiteral("height")].toInt()};
    f.ratio = m[QStringLiteral("ratio")].toDouble();
    f.depthBits = m[QStringLiteral("depth")].toInt();
    f.gamut = m[QStringLiteral("gamut")].toString();
    constexpr int kMostPixels = 100'000;
    if (f.pixels.width() < 1 || f.pixels.height() < 1 || f.pixels.width() > kMostPixels ||
        f.pixels.height() > kMostPixels || !(f.ratio > 0) || f.gamut.size() > 10)
        throw Error(ErrorKind::BadInput, "a page", "tells nothing sensible of its screen");
    return f;
}

PagePresenter::~PagePresenter()
{
    detach();
}

void PagePresenter::send(const QJsonObject &message)
{
    if (m_socket)
        m_socket->sendTextMessage(
            QString::fromUtf8(QJsonDocument(message).toJson(QJsonDocument::Compact)));
}

void PagePresenter::attach(QWebSocket *socket, const PageFacts &facts)
{
    if (QWebSocket *before = m_socket) {
        send({{QStringLiteral("elsewhere"), true}});
        m_socket.clear();
        disconnect(before, nullptr, this, nullptr);
        before->close();
        before->deleteLater();
    }
    ++m_returns;
    loseShown();
    m_socket = socket;
    socket->setParent(this);
    m_facts = facts;
    m_roundTripMs.reset();
    m_unanswered = 0;
    connect(socket, &QWebSocket::disconnected, this, [this, socket] { onGone(socket); });
    connect(socket, &QWebSocket::pong, this, [this](quint64 ms, const QByteArray &) {
        m_unanswered = 0;
        const int now = static_cast<int>(ms);
        constexpr int kNoticed = 20; // less is no news
        if (m_roundTripMs && std::abs(now - *m_roundTripMs) < kNoticed)
            return;
        m_roundTripMs = now;
        emit changed();
    });
    if (!m_beat) {
        m_beat = new QTimer(this);
        m_beat->setInterval(kBeatMs);
        connect(m_beat, &QTimer::timeout, this, &PagePresenter::ask);
    }
    m_beat->start();
    if (!m_words.isEmpty())
        send({{QStringLiteral("words"), m_words}});
    showWanted();
    emit changed();
}

void PagePresenter::detach()
{
    if (QWebSocket *socket = m_socket) {
        m_socket.clear();
        disconnect(socket, nullptr, this, nullptr);
        socket->close();
        socket->deleteLater();
    }
    if (m_beat)
        m_beat->stop();
}

void PagePresenter::onGone(const QWebSocket *socket)
{
    if (socket != m_socket)
        return;
    detach();
    m_facts.isVisible = false;
    loseShown();
    emit changed();
}

void PagePresenter::ask()
{
    if (!m_socket)
        return;
    if (++m_unanswered > kMostUnanswered)
        m_socket->abort(); // onGone() follows
    else
        m_socket->ping();
}

void PagePresenter::loseShown()
{
    if (std::exchange(m_isShown, false) && m_wanted)
        emit lost(m_wanted->request);
}

void PagePresenter::show(run::Request request, const DeviceRgb &rgb,
                         const std::optional<ScreenRegion> &region)
{
    QMetaObject::invokeMethod(this, [this, wanted = Wanted{request, rgb, region}] {
        m_wanted = wanted;
        m_isShown = false;
        showWanted();
    });
}

void PagePresenter::showWanted()
{
    if (!m_socket || !m_facts.isVisible || !m_wanted)
        return;
    if (m_wanted->region && !m_facts.fillsScreen) {
        emit failed(m_wanted->request, tr("The page on %1 does not fill its screen. Press Fill the "
                                          "screen there, then go on.")
                                           .arg(m_name));
        return;
    }
    QJsonObject patch{
        {QStringLiteral("n"), ++m_number},
        {QStringLiteral("rgb"),
         QJsonArray{code(m_wanted->rgb.r), code(m_wanted->rgb.g), code(m_wanted->rgb.b)}}};
    if (const auto &r = m_wanted->region)
        patch[QStringLiteral("region")] = QJsonObject{{QStringLiteral("left"), r->left},
                                                      {QStringLiteral("top"), r->top},
                                                      {QStringLiteral("width"), r->width},
                                                      {QStringLiteral("height"), r->height}};
    send({{QStringLiteral("show"), patch}});
}

std::optional<std::pair<DeviceRgb, std::optional<ScreenRegion>>> PagePresenter::shownNow() const
{
    if (!m_isShown || !m_wanted)
        return std::nullopt;
    return std::pair(m_wanted->rgb, m_wanted->region);
}

void PagePresenter::hide()
{
    QMetaObject::invokeMethod(this, [this] {
        m_wanted.reset();
        m_isShown = false;
        m_words.clear();
        send({{QStringLiteral("words"), QString()}});
        send({{QStringLiteral("hide"), true}});
    });
}

void PagePresenter::say(const QString &words)
{
    QMetaObject::invokeMethod(this, [this, words] {
        m_words = words;
        send({{QStringLiteral("words"), words}});
    });
}

void PagePresenter::confirm(run::Request request)
{
    QMetaObject::invokeMethod(this, [this, request] {
        if (m_isShown && m_wanted && m_wanted->request == request)
            send({{QStringLiteral("still"), m_number}});
        else
            emit lost(request);
    });
}

void PagePresenter::onMessage(const QJsonObject &m)
{
    if (m.contains(QStringLiteral("still"))) {
        if (!m_isShown || !m_wanted || m[QStringLiteral("still")].toInt() != m_number)
            return; // it was lost meanwhile, and that was told
        // By the device's own clock it has stood there for as long as we believe.
        if (m[QStringLiteral("ms")].toDouble(-1) + kClockSlackMs <
            static_cast<double>(m_since.elapsed() - m_roundTripMs.value_or(0)))
            loseShown();
        else
            emit confirmed(m_wanted->request);
        return;
    }
    const PageFacts facts = factsFromMessage(m);
    const bool isAnother = std::exchange(m_facts, facts) != facts;
    if (m.contains(QStringLiteral("shown"))) {
        if (m_wanted && m[QStringLiteral("shown")].toInt() == m_number && facts.isVisible) {
            m_isShown = true;
            m_since.start();
            emit shown(m_wanted->request);
        }
    } else if (m.contains(QStringLiteral("changed"))) {
        ++m_returns;
        if (m_isShown)
            loseShown(); // whoever waits for it shows it anew
        else
            showWanted();
    }
    if (isAnother)
        emit changed();
}

} // namespace lantern::remote
