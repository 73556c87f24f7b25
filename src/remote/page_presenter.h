#pragma once

#include "run/device/devices.h"

#include <QElapsedTimer>
#include <QJsonObject>
#include <QPointer>
#include <QSize>
#include <QWebSocket>

#include <atomic>

namespace lantern::remote {

/// What a device's browser tells of its screen.
struct PageFacts {
    bool isVisible = false;
    bool fillsScreen = false;
    QSize pixels;
    double ratio = 1;  ///< device pixels for each of the page's
    int depthBits = 0; ///< of a pixel
    QString gamut;     ///< at least "srgb", "p3" or "rec2020"; empty: not told
    bool operator==(const PageFacts &) const = default;
};

/// Shows patches in the browser of one device. A patch counts as shown when the page says that it
/// painted it, and as having been there when the page says so afterwards, by its own clock. A
/// connection that was lost comes back by itself: the patch that is wanted is then shown again.
/// Lives in the interface thread; what PatchPresenter has may be called from any.
class PagePresenter : public run::PatchPresenter {
    Q_OBJECT
public:
    using PatchPresenter::PatchPresenter;
    ~PagePresenter() override;

    void show(run::Request request, const DeviceRgb &rgb,
              const std::optional<ScreenRegion> &region) override;
    void hide() override;
    void say(const QString &words) override;
    void confirm(run::Request request) override;
    [[nodiscard]] int returns() const override { return m_returns; }
    /// As long as a person may need to bring the device back.
    [[nodiscard]] int patienceMs() const override { return 600'000; }

    /// The page of the device is there, on this connection; one before it is closed.
    void attach(QWebSocket *socket, const PageFacts &facts);
    /// The device is no longer wanted.
    void detach();
    [[nodiscard]] bool isConnected() const { return m_socket != nullptr; }
    [[nodiscard]] const PageFacts &facts() const { return m_facts; }
    /// What the page shows for sure; nothing: it may show anything.
    [[nodiscard]] std::optional<std::pair<DeviceRgb, std::optional<ScreenRegion>>> shownNow() const;
    /// Between asking and hearing; nothing: not known yet.
    [[nodiscard]] std::optional<int> roundTripMs() const { return m_roundTripMs; }
    void send(const QJsonObject &message);
    void onMessage(const QJsonObject &message);
    void setName(const QString &name) { m_name = name; }

signals:
    /// It came, went, or tells something else of its screen.
    void changed();

private:
    struct Wanted {
        run::Request request = 0;
        DeviceRgb rgb;
        std::optional<ScreenRegion> region;
    };
    void showWanted();
    void loseShown();
    void onGone(const QWebSocket *socket);
    void ask();

    QPointer<QWebSocket> m_socket;
    QString m_name, m_words;
    PageFacts m_facts;
    std::optional<int> m_roundTripMs;
    std::optional<Wanted> m_wanted;
    int m_number = 0; ///< of what was sent last, so that late answers are told apart
    std::atomic<int> m_returns = 0;
    bool m_isShown = false;
    QElapsedTimer m_since; ///< the page has said so
    QTimer *m_beat = nullptr;
    int m_unanswered = 0;
};

/// What a page has sent: an object, or an empty one for what is none.
QJsonObject pageMessage(const QString &text);
/// \throws Error BadInput for what is no message of the page
PageFacts factsFromMessage(const QJsonObject &message);

} // namespace lantern::remote
