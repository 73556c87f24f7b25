#include "app/window/monitor_buttons.h"

#include "app/theme.h"
#include "app/widgets/small_box.h"
#include "core/plan/hand_advice.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>

#include <array>

namespace lantern::app {

MonitorButtons::MonitorButtons(QWidget *parent)
    : QFrame(parent),
      m_title(new QLabel),
      m_evens(new QCheckBox(tr("Evens its screen"))),
      m_mode(new QComboBox)
{
    setObjectName(QStringLiteral("monitorButtons"));
    setAutoFillBackground(true);
    QPalette p = palette();
    p.setColor(QPalette::Window, theme::kPanel);
    setPalette(p);
    auto *grid = new QGridLayout;
    m_title->setFont(theme::font(theme::kNormal, QFont::DemiBold));
    grid->setVerticalSpacing(0);
    grid->setHorizontalSpacing(8);
    grid->addWidget(m_title, 0, 0, 1, 3);
    const std::array names = {tr("Contrast"), tr("Red gain"), tr("Green gain"), tr("Blue gain"),
                              tr("Brightness")};
    for (int i = 0; i < 5; ++i) {
        auto *slider = new QSlider(Qt::Horizontal);
        slider->setRange(0, 100);
        slider->setAccessibleName(names[i]);
        slider->setFixedWidth(110);
        auto *value = new QLabel;
        value->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
        value->setFixedWidth(28);
        // Gains below, the two others above them beside the title.
        const bool gain = i >= 1 && i <= 3;
        const int row = gain ? 1 : 0;
        const int column = 3 * (gain ? i - 1 : i == 0 ? 1 : 2);
        auto *name = new QLabel(names[i]);
        name->setContentsMargins(column > 0 ? 20 : 0, 0, 0, 0);
        grid->addWidget(name, row, column);
        grid->addWidget(slider, row, column + 1);
        grid->addWidget(value, row, column + 2);
        connect(slider, &QSlider::valueChanged, this, [this, value](int v) {
            value->setText(locale().toString(v));
            turned();
        });
        m_sliders.push_back(slider);
    }
    m_evens->setToolTip(tr("The monitor's own compensation, which costs light"));
    connect(m_evens, &QCheckBox::toggled, this, &MonitorButtons::turned);
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(16, 4, 16, 4);
    row->addLayout(grid);
    m_mode->setAccessibleName(tr("Picture mode"));
    connect(m_mode, &QComboBox::currentIndexChanged, this, &MonitorButtons::turned);
    row->addWidget(m_mode);
    row->addWidget(m_evens);
    row->addStretch(1);
    hide();
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
        for (int i = 0; i < 5; ++i) {
            m_sliders[i]->setValue(
                static_cast<int>(b.condition().controls.*kControlFields[static_cast<size_t>(i)]));
            const bool gain = i >= 1 && i <= 3;
            m_sliders[i]->setEnabled(gain ? d.hasRgbGains : i == 0 ? !d.builtIn : true);
        }
        m_mode->setVisible(!d.modes.empty());
        QStringList modes = {tr("User colour")};
        for (const bench::NamedMode &mode : d.modes)
            modes << QString::fromStdString(mode.name);
        setChoices(m_mode, modes);
        const auto &mode = b.condition().mode;
        m_mode->setCurrentIndex(mode ? static_cast<int>(*mode) + 1 : 0);
        m_evens->setVisible(d.eveningResidual.has_value());
        m_evens->setChecked(b.condition().evened);
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
                b.condition().controls.*kControlFields[static_cast<size_t>(i)] =
                    m_sliders[i]->value();
        b.condition().evened = m_evens->isChecked();
        b.condition().mode.reset();
        if (m_mode->currentIndex() > 0)
            b.condition().mode = static_cast<size_t>(m_mode->currentIndex() - 1);
    });
}

} // namespace lantern::app
