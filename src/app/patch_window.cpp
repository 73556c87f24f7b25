#include "app/patch_window.h"

#include <QGuiApplication>
#include <QMouseEvent>
#include <QPainter>
#include <QScreen>

#include <cmath>

namespace lantern::app {

namespace {

constexpr int kSide = 216;    ///< pixels at 100 %: some 57 mm, twice the meter's circle
constexpr int kSeenSide = 48; ///< part of it that the meter looks at
constexpr int kCheckEveryMs = 5;
constexpr int kCoveredAfterMs = 800;

} // namespace

PatchWindow::PatchWindow(QWidget *parent)
    : QWidget(parent, Qt::Tool | Qt::FramelessWindowHint | Qt::WindowStaysOnTopHint |
                          Qt::WindowDoesNotAcceptFocus)
{
    setObjectName(QStringLiteral("patchWindow"));
    setWindowTitle(tr("Patch"));
    setAccessibleName(tr("Patch being measured"));
    setToolTip(tr("The meter hangs here. Drag to move."));
    setAttribute(Qt::WA_OpaquePaintEvent);
    setAttribute(Qt::WA_ShowWithoutActivating);
    setFixedSize(kSide, kSide);
    setCursor(Qt::SizeAllCursor);
}

void PatchWindow::setPatch(const QColor &colour)
{
    m_colour = colour;
    m_repaintAwaited = true;
    update();
}

QImage PatchWindow::seen() const
{
    const QRect middle((width() - kSeenSide) / 2, (height() - kSeenSide) / 2, kSeenSide, kSeenSide);
    if (QGuiApplication::platformName() == QLatin1String("xcb")) {
        const QPoint at = mapToGlobal(middle.topLeft()) - screen()->geometry().topLeft();
        const QPixmap grabbed =
            screen()->grabWindow(0, at.x(), at.y(), middle.width(), middle.height());
        if (!grabbed.isNull())
            return grabbed.toImage().convertToFormat(QImage::Format_RGB32);
    }
    return const_cast<PatchWindow *>(this)->grab(middle).toImage().convertToFormat(
        QImage::Format_RGB32);
}

void PatchWindow::paintEvent(QPaintEvent *)
{
    QPainter(this).fillRect(rect(), m_colour);
    if (m_repaintAwaited) {
        m_repaintAwaited = false;
        QMetaObject::invokeMethod(this, &PatchWindow::painted, Qt::QueuedConnection);
    }
}

void PatchWindow::mousePressEvent(QMouseEvent *event)
{
    m_grip = event->pos();
}

void PatchWindow::mouseMoveEvent(QMouseEvent *event)
{
    move(event->globalPosition().toPoint() - m_grip);
}

WindowPresenter::WindowPresenter(PatchWindow *window, QObject *parent)
    : PatchPresenter(parent), m_window(window)
{
    m_checkTimer.setInterval(kCheckEveryMs);
    connect(&m_checkTimer, &QTimer::timeout, this, &WindowPresenter::check);
    connect(m_window, &PatchWindow::painted, this, [this] {
        if (m_waiting)
            check();
    });
}

void WindowPresenter::show(const DeviceRgb &rgb)
{
    const auto whole = [](double v) { return static_cast<int>(std::lround(v)); };
    const QColor colour(whole(rgb.r), whole(rgb.g), whole(rgb.b));
    QMetaObject::invokeMethod(this, [this, colour] { showHere(colour); });
}

void WindowPresenter::hide()
{
    QMetaObject::invokeMethod(this, [this] {
        m_waiting = false;
        m_checkTimer.stop();
        m_window->hide();
    });
}

void WindowPresenter::showHere(const QColor &colour)
{
    m_waiting = true;
    m_since.start();
    m_window->setPatch(colour);
    if (!m_window->isVisible())
        m_window->show();
    m_window->raise();
    m_checkTimer.start();
}

/// The patch counts as shown when the screen's pixels are the patch's.
void WindowPresenter::check()
{
    if (!m_waiting)
        return;
    const QImage seen = m_window->seen();
    const QRgb wanted = m_window->patch().rgb();
    bool same = !seen.isNull();
    for (int y = 0; same && y < seen.height(); ++y)
        for (int x = 0; same && x < seen.width(); ++x)
            same = (seen.pixel(x, y) & RGB_MASK) == (wanted & RGB_MASK);
    if (!same && m_since.elapsed() < kCoveredAfterMs)
        return;
    m_waiting = false;
    m_checkTimer.stop();
    if (same)
        emit shown();
    else
        emit failed(tr("Something covers the patch or changes its colour on the way to the screen. "
                       "Bring the patch to the front, switch off night light, then go on."));
}

} // namespace lantern::app
