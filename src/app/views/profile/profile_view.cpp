#include "app/views/profile/profile_view.h"

#include "app/theme.h"
#include "app/views/profile/profile_model.h"

namespace lantern::app {

ProfileView::ProfileView(Intents *intents)
    : View(tr("Profile"), {}, intents), m_grid(new QGridLayout), m_name(new QLineEdit)
{
    m_grid->setHorizontalSpacing(24);
    m_grid->setVerticalSpacing(14);
    m_grid->setColumnStretch(1, 1);
    auto *nameLabel = makeLabel(tr("Pr&ofile name"), theme::kNormal, theme::kMuted);
    nameLabel->setBuddy(m_name);
    m_name->setObjectName(QStringLiteral("profileName"));
    m_name->setMaxLength(120);
    m_grid->addWidget(nameLabel, 0, 0);
    m_grid->addWidget(m_name, 0, 1);
    m_aim = addRow(tr("Made for"));
    m_kind = addRow(tr("Kind"));
    m_readings = addRow(tr("Made from"));
    m_file = addRow(tr("File"));
    m_declared = addRow(tr("Registered with the desktop"));
    m_lut = addRow(tr("Video LUT"));
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        if (m_name->isModified())
            emit this->intents()->profileNamed(m_name->text());
        m_name->setModified(false);
    });
    body()->addSpacing(12);
    body()->addLayout(m_grid);
    body()->addStretch(1);
}

QLabel *ProfileView::addRow(const QString &name)
{
    const int row = m_grid->rowCount();
    auto *value = makeLabel({}, theme::kNormal, theme::kText);
    value->setWordWrap(true);
    value->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_grid->addWidget(makeLabel(name, theme::kNormal, theme::kMuted), row, 0, Qt::AlignTop);
    m_grid->addWidget(value, row, 1);
    return value;
}

void ProfileView::setState(const SessionState &state)
{
    showDate(state);
    const ProfileModel m = profileModel(state);
    setExplanation(m.explanation);
    for (int row = 0; row < m_grid->rowCount(); ++row)
        for (int c = 0; c < 2; ++c)
            if (QLayoutItem *item = m_grid->itemAtPosition(row, c); item && item->widget())
                item->widget()->setVisible(m.facts.has_value());
    if (!m.facts)
        return;
    if (!m_name->hasFocus() || !m_name->isModified())
        m_name->setText(m.facts->name);
    m_name->setReadOnly(m.facts->nameFixed);
    m_aim->setText(m.facts->madeFor);
    m_kind->setText(m.facts->kind);
    m_readings->setText(m.facts->madeFrom);
    m_file->setText(m.facts->file);
    m_declared->setText(m.facts->declared);
    m_lut->setText(m.facts->lut);
}

} // namespace lantern::app
