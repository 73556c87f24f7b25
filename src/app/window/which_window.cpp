#include "app/window/which_window.h"

#include "app/theme.h"

#include <QPainter>

namespace lantern::app {

namespace {

constexpr int kShownMs = 2500;
constexpr int kRim = 24;
constexpr double kNamePoints = 56;

} // namespace

WhichWindow::WhichWindow(QWidget *parent)
    : QWidget(parent, Qt::Tool | Qt::FramelessWindowHint | Qt::WindowStaysOnTopHint |
                          Qt::WindowDoesNotAcceptFocus | Qt::BypassWindowManagerHint)
{
    setObjectName(QStringLiteral("whichWindow"));
    setAttribute(Qt::WA_ShowWithoutActivating);
    m_hide.setSingleShot(true);
    m_hide.setInterval(kShownMs);
    connect(&m_hide, &QTimer::timeout, this, &QWidget::hide);
}

void WhichWindow::light(const QRect &screen, const QString &name)
{
    m_name = name;
    setWindowTitle(tr("This is %1").arg(name));
    setAccessibleName(windowTitle());
    setGeometry(screen);
    show();
    raise();
    update();
    m_hide.start();
}

void WhichWindow::paintEvent(QPaintEvent *)
{
    QPainter p(this);
    p.fillRect(rect(), theme::kBright);
    p.fillRect(rect().adjusted(kRim, kRim, -kRim, -kRim), theme::kWindow);
    p.setPen(theme::kBright);
    p.setFont(theme::font(kNamePoints, QFont::DemiBold));
    p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap, m_name);
}

void WhichWindow::mousePressEvent(QMouseEvent *)
{
    hide();
}

} // namespace lantern::app
