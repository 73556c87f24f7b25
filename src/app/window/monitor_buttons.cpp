#include "app/window/monitor_buttons.h"

#include "app/theme.h"

#include <QGridLayout>
#include <QLabel>
#include <QLocale>
#include <QMouseEvent>

#include <array>

namespace lantern::app {

namespace {

constexpr std::array<double MonitorControls::*, 5> kFields = {
    &MonitorControls::contrast, &MonitorControls::redGain, &MonitorControls::greenGain,
    &MonitorControls::blueGain, &MonitorControls::brightness};

} // namespace

MonitorButtons::MonitorButtons(QWidget *parent)
    : QFrame(parent, Qt::Tool | Qt::WindowStaysOnTopHint), m_title(new QLabel)
{
    setObjectName(QStringLiteral("monitorButtons"));
    setFixedWidth(432);
    setFrameShape(QFrame::Box);
    setAutoFillBackground(true);
    auto *grid = new QGridLayout(this);
    m_title->setFont(theme::font(theme::kNormal, QFont::DemiBold));
    grid->setContentsMargins(10, 4, 10, 4);
    grid->setVerticalSpacing(2);
    grid->addWidget(m_title, 0, 0, 1, 6);
    const std::array names = {tr("Contrast"), tr("Red gain"), tr("Green gain"), tr("Blue gain"),
                              tr("Brightness")};
    for (int i = 0; i < 5; ++i) {
        auto *slider = new QSlider(Qt::Horizontal);
        slider->setRange(0, 100);
        slider->setAccessibleName(names[i]);
        auto *value = new QLabel;
        value->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
        value->setMinimumWidth(28);
        // Gains to the left, the two others to the right.
        const bool gain = i >= 1 && i <= 3;
        const int row = gain ? i : i == 0 ? 1 : 2;
        const int column = gain ? 0 : 3;
        grid->addWidget(new QLabel(names[i]), row, column);
        grid->addWidget(slider, row, column + 1);
        grid->addWidget(value, row, column + 2);
        connect(slider, &QSlider::valueChanged, this, [this, value](int v) {
            value->setText(locale().toString(v));
            turned();
        });
        m_sliders.push_back(slider);
    }
}

void MonitorButtons::setDisplay(const QString &name, std::shared_ptr<run::BenchRig> rig)
{
    m_rig = std::move(rig);
    const QString title = tr("The buttons on %1").arg(name);
    setWindowTitle(title);
    m_title->setText(title);
    refresh();
}

void MonitorButtons::refresh()
{
    if (!m_rig)
        return;
    m_refreshing = true;
    m_rig->with([this](bench::Bench &b) {
        const auto &d = b.display().description();
        const bool laptop = !d.remoteControls && !d.hasRgbGains;
        for (int i = 0; i < 5; ++i) {
            m_sliders[i]->setValue(static_cast<int>(b.condition().controls.*kFields[i]));
            const bool gain = i >= 1 && i <= 3;
            m_sliders[i]->setEnabled(gain ? d.hasRgbGains : i == 0 ? !laptop : true);
        }
    });
    m_refreshing = false;
}

void MonitorButtons::turned()
{
    if (m_refreshing || !m_rig)
        return;
    m_rig->with([this](bench::Bench &b) {
        for (int i = 0; i < 5; ++i)
            if (m_sliders[i]->isEnabled())
                b.condition().controls.*kFields[i] = m_sliders[i]->value();
    });
}

void MonitorButtons::mousePressEvent(QMouseEvent *event)
{
    m_grip = event->pos();
}

void MonitorButtons::mouseMoveEvent(QMouseEvent *event)
{
    move(event->globalPosition().toPoint() - m_grip);
}

} // namespace lantern::app
