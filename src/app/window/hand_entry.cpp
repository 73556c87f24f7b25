#include "app/window/hand_entry.h"

#include "app/theme.h"
#include "app/widgets/number_box.h"

#include <QHBoxLayout>

#include <algorithm>

namespace lantern::app {

HandEntry::HandEntry(QWidget *parent)
    : QWidget(parent),
      m_patch(new QLabel),
      m_problem(new QLabel),
      m_enter(new QPushButton(tr("E&nter")))
{
    setObjectName(QStringLiteral("handEntry"));
    setAutoFillBackground(true);
    QPalette p = palette();
    p.setColor(QPalette::Window, theme::kRaised);
    setPalette(p);
    auto *row = new QHBoxLayout(this);
    row->setContentsMargins(16, 6, 16, 2);
    m_patch->setMinimumWidth(330);
    row->addWidget(m_patch);
    const std::array names = {QStringLiteral("X"), QStringLiteral("Y"), QStringLiteral("Z")};
    for (size_t i = 0; i < 3; ++i) {
        m_fields[i] = new QLineEdit;
        m_fields[i]->setObjectName(names[i]);
        m_fields[i]->setAccessibleName(tr("%1 in cd/m²").arg(names[i]));
        m_fields[i]->setAlignment(Qt::AlignRight);
        m_fields[i]->setFixedWidth(90);
        row->addWidget(new QLabel(names[i]));
        row->addWidget(m_fields[i]);
        connect(m_fields[i], &QLineEdit::textChanged, this,
                [this] { m_enter->setEnabled(numbers().has_value()); });
        connect(m_fields[i], &QLineEdit::returnPressed, this, [this, i] {
            if (i < 2)
                m_fields[i + 1]->setFocus();
            else
                enter();
        });
    }
    row->addWidget(new QLabel(tr("cd/m²")));
    row->addWidget(m_enter);
    row->addWidget(m_problem);
    row->addStretch(1);
    m_enter->setEnabled(false);
    connect(m_enter, &QPushButton::clicked, this, &HandEntry::enter);
    hide();
}

void HandEntry::setWanted(const std::optional<DeviceRgb> &patch)
{
    setVisible(patch.has_value());
    if (patch == m_wanted)
        return;
    m_wanted = patch;
    if (!patch)
        return;
    m_patch->setText(tr("What does the instrument show for RGB %1 %2 %3?")
                         .arg(patch->r)
                         .arg(patch->g)
                         .arg(patch->b));
    for (QLineEdit *field : m_fields)
        field->clear();
    m_fields[0]->setFocus();
}

std::optional<XYZ> HandEntry::numbers() const
{
    std::array<double, 3> v{};
    for (size_t i = 0; i < 3; ++i) {
        const auto number = numberFromText(m_fields[i]->text());
        if (!number || *number < 0)
            return std::nullopt;
        v[i] = *number;
    }
    return XYZ{v[0], v[1], v[2]};
}

void HandEntry::enter()
{
    const auto xyz = numbers();
    m_problem->setText(xyz ? QString() : tr("Three numbers from 0 up are expected."));
    if (!xyz)
        return;
    m_wanted.reset();
    emit entered(*xyz);
}

} // namespace lantern::app
