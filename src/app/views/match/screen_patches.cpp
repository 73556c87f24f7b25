#include "app/views/match/screen_patches.h"

#include <QGuiApplication>
#include <QScreen>

#include <algorithm>
#include <cmath>

namespace lantern::app {

namespace {

constexpr double kWidth = 0.22, kHeight = 0.3; ///< of the patch, in shares of a screen

QColor codes(const DeviceRgb &rgb)
{
    const auto whole = [](double v) { return static_cast<int>(std::lround(v)); };
    return {whole(rgb.r), whole(rgb.g), whole(rgb.b)};
}

std::unique_ptr<desk::FieldWindow> windowOn(const QRect &place)
{
    auto window = std::make_unique<desk::FieldWindow>();
    for (QScreen *screen : QGuiApplication::screens())
        if (screen->geometry() == place)
            window->setScreen(screen);
    window->setGeometry(place);
    if (desk::cannotPlaceWindows())
        window->showFullScreen();
    else
        window->show();
    window->requestActivate();
    return window;
}

} // namespace

void ScreenPatches::show(const QRect &first, const QRect &second)
{
    m_first = windowOn(first);
    m_second = windowOn(second);
    for (const auto *window : {m_first.get(), m_second.get()})
        connect(window, &desk::FieldWindow::leaveWanted, this, &ScreenPatches::left);
    moveTo(0);
}

void ScreenPatches::hide()
{
    m_first.reset();
    m_second.reset();
}

void ScreenPatches::setColour(const DeviceRgb &first, const DeviceRgb &second)
{
    if (!isShown())
        return;
    m_first->setColour(codes(first));
    m_second->setColour(codes(second));
}

/// It leaves one at its right edge and comes in at the other's left one.
void ScreenPatches::moveTo(double place)
{
    if (!isShown())
        return;
    const double onFirst = std::min(1.0, 2 * place), onSecond = std::max(0.0, 2 * place - 1);
    const double top = (1 - kHeight) / 2, middle = (1 - kWidth) / 2;
    // Its part on a screen, cut at the edge.
    const auto part = [&](double left) {
        const double from = std::clamp(left, 0.0, 1.0), to = std::clamp(left + kWidth, 0.0, 1.0);
        return ScreenRegion{from, top, to - from, to > from ? kHeight : 0};
    };
    m_first->setRegion(part(middle + onFirst * (1 - middle)));
    m_second->setRegion(part(-kWidth + onSecond * (middle + kWidth)));
}

} // namespace lantern::app
