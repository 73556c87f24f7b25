#include "desk/patch_window.h"

#include "platform/wayland/screen_capture.h"

#include <QGuiApplication>
#include <QMouseEvent>
#include <QPainter>
#include <QScreen>

#include <algorithm>
#include <cmath>

namespace lantern::desk {

namespace {

constexpr int kSeenSide = 48; ///< part of it that the meter looks at
constexpr int kCheckEveryMs = 5;
constexpr int kCoveredAfterMs = 800;
constexpr int kNoFrameAfterMs = 3000; ///< a compositor may first have to arrange a whole screen
constexpr Qt::WindowFlags kOnTop =
    Qt::Tool | Qt::FramelessWindowHint | Qt::WindowStaysOnTopHint | Qt::WindowDoesNotAcceptFocus;

QRect around(const QPoint &centre, int side)
{
    return {centre.x() - side / 2, centre.y() - side / 2, side, side};
}

} // namespace

ColourWindow::ColourWindow(Qt::WindowFlags flags)
{
    setFlags(flags);
    setProperty("_q_showWithoutActivating", true); // the platform asks for this
}

void ColourWindow::setColour(const QColor &colour)
{
    m_colour = colour;
    m_repaintAwaited = true;
    m_frameAwaited = false;
    update();
}

void ColourWindow::paint(QPainter &painter) const
{
    const QRect part = lit();
    if (part != whole())
        painter.fillRect(whole(), Qt::black);
    painter.fillRect(part, m_colour);
    decorate(painter);
}

QImage ColourWindow::painting(const QRect &area) const
{
    QImage image(area.size(), QImage::Format_RGB32);
    image.fill(Qt::black);
    QPainter p(&image);
    p.translate(-area.topLeft());
    paint(p);
    return image;
}

void ColourWindow::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    paint(p);
    if (!m_repaintAwaited)
        return;
    m_repaintAwaited = false;
    if (!cannotPlaceWindows()) {
        QMetaObject::invokeMethod(this, &ColourWindow::painted, Qt::QueuedConnection);
        return;
    }
    m_frameAwaited = true; // the next update comes when the compositor has shown this one
    QMetaObject::invokeMethod(this, &QWindow::requestUpdate, Qt::QueuedConnection);
}

bool ColourWindow::event(QEvent *event)
{
    const bool shown =
        event->type() == QEvent::UpdateRequest && m_frameAwaited && !m_repaintAwaited;
    const bool taken = QRasterWindow::event(event);
    if (shown) {
        m_frameAwaited = false;
        emit painted();
    }
    return taken;
}

PatchWindow::PatchWindow() : ColourWindow(kOnTop)
{
    setObjectName(QStringLiteral("patchWindow"));
    setTitle(tr("Patch"));
    setSide(kUsualPatchSide);
    setCursor(Qt::SizeAllCursor);
}

void PatchWindow::setSide(int side)
{
    const QSize square(side, side);
    setMinimumSize(QSize()); // else it is held to the size before
    setMaximumSize(square);
    setMinimumSize(square);
    resize(square);
    if (m_placed)
        placeAt(m_centre);
}

void PatchWindow::placeAt(const QPoint &centre)
{
    m_placed = true;
    m_centre = centre;
    if (!isEmbedded())
        setPosition(centre - whole().center());
}

void PatchWindow::mousePressEvent(QMouseEvent *event)
{
    m_grip = event->pos();
}

void PatchWindow::mouseMoveEvent(QMouseEvent *event)
{
    if (isEmbedded()) {
        const QSize room = parent()->size() - size();
        const QPoint to = position() + event->pos() - m_grip;
        setPosition(std::clamp(to.x(), 0, std::max(0, room.width())),
                    std::clamp(to.y(), 0, std::max(0, room.height())));
        return;
    }
    m_placed = true;
    setPosition(event->globalPosition().toPoint() - m_grip);
    m_centre = geometry().center();
}

bool cannotPlaceWindows()
{
    return QGuiApplication::platformName().startsWith(QLatin1String("wayland"));
}

FieldWindow::FieldWindow()
    : ColourWindow(cannotPlaceWindows() ? Qt::Window | Qt::FramelessWindowHint
                                        : kOnTop | Qt::BypassWindowManagerHint)
{
    setObjectName(QStringLiteral("fieldWindow"));
    setTitle(tr("Looking for the meter"));
}

void FieldWindow::setRegion(const ScreenRegion &region)
{
    m_region = region;
    update();
}

void FieldWindow::setWords(const QString &words)
{
    if (words == m_words)
        return;
    m_words = words;
    update();
}

/// At the end of the screen that is farther from the lit part, so that no meter sees it.
void FieldWindow::decorate(QPainter &painter) const
{
    const QRect part = lit();
    if (m_words.isEmpty() || part == whole())
        return;
    constexpr double kPoints = 15;
    QFont font = painter.font();
    font.setPointSizeF(kPoints);
    painter.setFont(font);
    painter.setPen(QColor(150, 150, 150));
    const bool above = part.center().y() > height() / 2;
    const QRect strip(width() / 20, above ? height() / 24 : height() - height() / 24 - height() / 8,
                      width() - width() / 10, height() / 8);
    painter.drawText(strip,
                     Qt::AlignHCenter | Qt::TextWordWrap | (above ? Qt::AlignTop : Qt::AlignBottom),
                     m_wayOut.isEmpty() ? m_words : m_words + QLatin1Char('\n') + m_wayOut);
}

void FieldWindow::keyPressEvent(QKeyEvent *event)
{
    if (event->key() == Qt::Key_Escape)
        emit leaveWanted();
}

void FieldWindow::mousePressEvent(QMouseEvent *event)
{
    m_grip = event->pos() - lit().center();
}

void FieldWindow::mouseMoveEvent(QMouseEvent *event)
{
    if (lit() != whole())
        emit dragged(event->pos() - m_grip);
}

QRect FieldWindow::lit() const
{
    const auto share = [](double from, double length, int whole) {
        const int first = static_cast<int>(std::lround(from * whole));
        return std::pair{first, static_cast<int>(std::lround((from + length) * whole)) - first};
    };
    const auto [x, w] = share(m_region.left, m_region.width, width());
    const auto [y, h] = share(m_region.top, m_region.height, height());
    return {x, y, w, h};
}

QImage seenAt(const QRect &area, const ColourWindow &window)
{
    QScreen *screen = QGuiApplication::screenAt(area.center());
    if (!screen)
        return {};
    if (QGuiApplication::platformName() == QLatin1String("xcb")) {
        const QPoint at = area.topLeft() - screen->geometry().topLeft();
        const QPixmap grabbed = screen->grabWindow(0, at.x(), at.y(), area.width(), area.height());
        if (!grabbed.isNull())
            return grabbed.toImage().convertToFormat(QImage::Format_RGB32);
    }
    if (!window.isVisible())
        return {};
    return window.painting({window.mapFromGlobal(area.topLeft()), area.size()});
}

WindowPresenter::WindowPresenter(PatchWindow *window, QObject *parent)
    : PatchPresenter(parent), m_patch(window)
{
    connect(&m_field, &FieldWindow::leaveWanted, this, &WindowPresenter::leaveWanted);
    connect(&m_field, &FieldWindow::dragged, this, [this](const QPoint &centre) {
        if (!m_region && cannotPlaceWindows()) {
            m_patch->placeAt(m_field.screen()->geometry().topLeft() + centre);
            m_field.setRegion(ownRegion());
        }
    });
    if (cannotPlaceWindows())
        m_capture = std::make_unique<platform::ScreenCapture>();
    m_checkTimer.setInterval(kCheckEveryMs);
    connect(&m_checkTimer, &QTimer::timeout, this, &WindowPresenter::check);
    for (ColourWindow *shown :
         {static_cast<ColourWindow *>(m_patch), static_cast<ColourWindow *>(&m_field)})
        connect(shown, &ColourWindow::painted, this, [this] {
            m_reached = true;
            if (m_waiting)
                check();
        });
}

WindowPresenter::~WindowPresenter() = default;

void WindowPresenter::show(run::Request request, const DeviceRgb &rgb,
                           const std::optional<ScreenRegion> &region)
{
    const auto whole = [](double v) { return static_cast<int>(std::lround(v)); };
    const QColor colour(whole(rgb.r), whole(rgb.g), whole(rgb.b));
    QMetaObject::invokeMethod(
        this, [this, request, colour, region] { showHere(request, colour, region); });
}

void WindowPresenter::hide()
{
    QMetaObject::invokeMethod(this, [this] {
        m_waiting = false;
        m_checkTimer.stop();
        m_patch->hide();
        m_field.hide();
        m_field.setWords({});
        m_region.reset();
        m_fills = false;
    });
}

void WindowPresenter::say(const QString &words)
{
    QMetaObject::invokeMethod(this, [this, words] { m_field.setWords(words); });
}

void WindowPresenter::uncover()
{
    QMetaObject::invokeMethod(this, [this] {
        const QWindow *host = m_patch->parent();
        if (!cannotPlaceWindows() || !host || host->screen() == screen())
            m_field.hide();
    });
}

QScreen *WindowPresenter::screen() const
{
    for (QScreen *screen : QGuiApplication::screens())
        if (screen->geometry() == m_screen)
            return screen;
    return QGuiApplication::primaryScreen();
}

bool WindowPresenter::fitsIntoHost() const
{
    const QWindow *host = m_patch->parent();
    return host && host->isExposed() && !m_patch->isPlaced() && host->screen() == screen();
}

/// Of a patch on a screen that is filled.
ScreenRegion WindowPresenter::ownRegion() const
{
    const QRect all = screen()->geometry();
    const QPoint centre = m_patch->isPlaced() ? m_patch->centre() : all.center();
    const QRect square = around(centre - all.topLeft(), m_patch->width());
    return {static_cast<double>(square.x()) / all.width(),
            static_cast<double>(square.y()) / all.height(),
            static_cast<double>(square.width()) / all.width(),
            static_cast<double>(square.height()) / all.height()};
}

ColourWindow *WindowPresenter::window() const
{
    if (m_fills)
        return const_cast<FieldWindow *>(&m_field);
    return m_patch;
}

QRect WindowPresenter::lookedAt() const
{
    if (window() == m_patch)
        return around(m_patch->mapToGlobal(QPoint(m_patch->width() / 2, m_patch->height() / 2)),
                      kSeenSide);
    return around(m_field.mapToGlobal(m_field.litPart().center()), kSeenSide);
}

void WindowPresenter::showField(const ScreenRegion &region)
{
    m_field.setRegion(region);
    m_patch->hide();
    if (!cannotPlaceWindows()) {
        m_field.setGeometry(m_screen.isEmpty() ? m_patch->screen()->geometry() : m_screen);
        return;
    }
    if (m_field.isVisible() && m_field.screen() != screen())
        m_field.hide();
    m_field.setScreen(screen());
    m_field.setGeometry(screen()->geometry());
    if (!m_field.isVisible())
        m_field.showFullScreen();
}

void WindowPresenter::showHere(run::Request request, const QColor &colour,
                               const std::optional<ScreenRegion> &region)
{
    m_waiting = true;
    m_request = request;
    m_since.start();
    m_region = region;
    m_fills = region || (cannotPlaceWindows() && !fitsIntoHost());
    m_reached = false;
    if (window() == &m_field)
        showField(region.value_or(ownRegion()));
    else
        m_field.hide();
    window()->setColour(colour);
    if (!window()->isVisible())
        window()->show();
    window()->raise();
    m_checkTimer.start();
}

/// Where the screen's pixels cannot be looked at, what the window has painted counts once the
/// compositor has taken it for the screen. Of a window that is not the whole screen nobody tells
/// where it is.
QImage WindowPresenter::seen() const
{
    if (!cannotPlaceWindows())
        return seenAt(lookedAt(), *window());
    if (!window()->isExposed() || !m_reached)
        return {};
    const QRect there = m_fills ? m_field.litPart() : QRect(QPoint(), m_patch->size());
    if (m_fills && m_capture->isOffered()) {
        const auto shot = m_capture->look(screen()->name(), around(there.center(), kSeenSide));
        if (!shot)
            return {};
        QImage image(shot->width, shot->height, QImage::Format_RGB32);
        for (int y = 0; y < shot->height; ++y)
            for (int x = 0; x < shot->width; ++x)
                image.setPixel(x, y, shot->pixels[static_cast<size_t>(y) * shot->width + x]);
        return image;
    }
    return window()->painting(around(there.center(), kSeenSide));
}

/// The patch counts as shown when the screen's pixels are the patch's.
void WindowPresenter::check()
{
    if (!m_waiting)
        return;
    const QImage seen = this->seen();
    const QRgb wanted = window()->colour().rgb();
    bool same = !seen.isNull();
    for (int y = 0; same && y < seen.height(); ++y)
        for (int x = 0; same && x < seen.width(); ++x)
            same = (seen.pixel(x, y) & RGB_MASK) == (wanted & RGB_MASK);
    const bool isLate = cannotPlaceWindows() && !m_reached;
    if (!same && m_since.elapsed() < (isLate ? kNoFrameAfterMs : kCoveredAfterMs))
        return;
    m_waiting = false;
    m_checkTimer.stop();
    if (same)
        emit shown(m_request);
    else if (seen.isNull() && cannotPlaceWindows())
        emit failed(m_request,
                    tr("The compositor does not show the patch: another window covers it, or its "
                       "display was unplugged or switched off. Bring it to the front, then go "
                       "on."));
    else if (seen.isNull())
        emit failed(m_request,
                    tr("The patch is on no screen: its display was unplugged or switched off. "
                       "Connect it again, then go on."));
    else
        emit failed(m_request,
                    tr("Something covers the patch or changes its colour on the way to the screen. "
                       "Bring the patch to the front, switch off night light, then go on."));
}

} // namespace lantern::desk
