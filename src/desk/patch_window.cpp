#include "desk/patch_window.h"

#include <QGuiApplication>
#include <QMouseEvent>
#include <QPainter>
#include <QScreen>

#include <cmath>

namespace lantern::desk {

namespace {

constexpr int kSide = 216;    ///< pixels at 100 %: some 57 mm, twice the meter's circle
constexpr int kSeenSide = 48; ///< part of it that the meter looks at
constexpr int kCheckEveryMs = 5;
constexpr int kCoveredAfterMs = 800;
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
    update();
}

void ColourWindow::paint(QPainter &painter) const
{
    const QRect part = lit();
    if (part != whole())
        painter.fillRect(whole(), Qt::black);
    painter.fillRect(part, m_colour);
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
    if (m_repaintAwaited) {
        m_repaintAwaited = false;
        QMetaObject::invokeMethod(this, &ColourWindow::painted, Qt::QueuedConnection);
    }
}

PatchWindow::PatchWindow() : ColourWindow(kOnTop)
{
    setObjectName(QStringLiteral("patchWindow"));
    setTitle(tr("Patch"));
    resize(kSide, kSide);
    setMinimumSize(size());
    setMaximumSize(size());
    setCursor(Qt::SizeAllCursor);
}

void PatchWindow::placeAt(const QPoint &centre)
{
    m_placed = true;
    setPosition(centre - whole().center());
}

void PatchWindow::mousePressEvent(QMouseEvent *event)
{
    m_grip = event->pos();
}

void PatchWindow::mouseMoveEvent(QMouseEvent *event)
{
    m_placed = true;
    setPosition(event->globalPosition().toPoint() - m_grip);
}

FieldWindow::FieldWindow() : ColourWindow(kOnTop | Qt::BypassWindowManagerHint)
{
    setObjectName(QStringLiteral("fieldWindow"));
    setTitle(tr("Looking for the meter"));
}

void FieldWindow::setRegion(const ScreenRegion &region)
{
    m_region = region;
    update();
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
    m_checkTimer.setInterval(kCheckEveryMs);
    connect(&m_checkTimer, &QTimer::timeout, this, &WindowPresenter::check);
    for (ColourWindow *shown :
         {static_cast<ColourWindow *>(m_patch), static_cast<ColourWindow *>(&m_field)})
        connect(shown, &ColourWindow::painted, this, [this] {
            if (m_waiting)
                check();
        });
}

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
        m_region.reset();
    });
}

ColourWindow *WindowPresenter::window() const
{
    if (m_region)
        return const_cast<FieldWindow *>(&m_field);
    return m_patch;
}

QRect WindowPresenter::lookedAt() const
{
    if (!m_region)
        return around(m_patch->geometry().center(), kSeenSide);
    const QPoint middle(
        static_cast<int>((m_region->left + m_region->width / 2) * m_field.width()),
        static_cast<int>((m_region->top + m_region->height / 2) * m_field.height()));
    return around(m_field.mapToGlobal(middle), kSeenSide);
}

void WindowPresenter::showHere(run::Request request, const QColor &colour,
                               const std::optional<ScreenRegion> &region)
{
    m_waiting = true;
    m_request = request;
    m_since.start();
    m_region = region;
    if (region) {
        const QRect screen = m_screen.isEmpty() ? m_patch->screen()->geometry() : m_screen;
        m_field.setGeometry(screen);
        m_field.setRegion(*region);
        m_patch->hide();
    } else
        m_field.hide();
    window()->setColour(colour);
    if (!window()->isVisible())
        window()->show();
    window()->raise();
    m_checkTimer.start();
}

/// The patch counts as shown when the screen's pixels are the patch's.
void WindowPresenter::check()
{
    if (!m_waiting)
        return;
    const QImage seen = seenAt(lookedAt(), *window());
    const QRgb wanted = window()->colour().rgb();
    bool same = !seen.isNull();
    for (int y = 0; same && y < seen.height(); ++y)
        for (int x = 0; same && x < seen.width(); ++x)
            same = (seen.pixel(x, y) & RGB_MASK) == (wanted & RGB_MASK);
    if (!same && m_since.elapsed() < kCoveredAfterMs)
        return;
    m_waiting = false;
    m_checkTimer.stop();
    if (same)
        emit shown(m_request);
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
