#include "app/views/profile/profile_view.h"

#include "app/ledger/ledger_rows.h"
#include "app/theme.h"

#include <QDir>

namespace lantern::app {

ProfileView::ProfileView(Session *session)
    : View(tr("Profile"), {}, session), m_grid(new QGridLayout), m_name(new QLineEdit)
{
    m_grid->setHorizontalSpacing(24);
    m_grid->setVerticalSpacing(14);
    m_grid->setColumnStretch(1, 1);
    auto *nameLabel = makeLabel(tr("&Name"), theme::kNormal, theme::kMuted);
    nameLabel->setBuddy(m_name);
    m_name->setObjectName(QStringLiteral("profileName"));
    m_name->setMaxLength(120);
    m_grid->addWidget(nameLabel, 0, 0);
    m_grid->addWidget(m_name, 0, 1);
    m_aim = addRow(tr("Made for"));
    m_kind = addRow(tr("Kind"));
    m_readings = addRow(tr("Made from"));
    m_file = addRow(tr("File"));
    m_declared = addRow(tr("Declared to the desktop"));
    m_lut = addRow(tr("Video LUT"));
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        if (m_name->isModified())
            this->session()->setProfileTitle(m_name->text());
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
    const bool own = state.hasRun();
    const run::RunResults *r = own ? &state.results : state.lastTime ? &*state.lastTime : nullptr;
    showDate(state);
    setExplanation(!r ? tr("A profile will be described here when a run has measured this display.")
                   : own ? tr("What this run makes. The name can be changed until it is built.")
                         : tr("Of the last run on this display."));
    for (int row = 0; row < m_grid->rowCount(); ++row)
        for (int c = 0; c < 2; ++c)
            if (QLayoutItem *item = m_grid->itemAtPosition(row, c); item && item->widget())
                item->widget()->setVisible(r != nullptr);
    if (!r)
        return;
    const QString dash = QStringLiteral("—");
    if (!m_name->hasFocus() || !m_name->isModified())
        m_name->setText(QString::fromStdString(run::profileName(r->setup)));
    m_name->setReadOnly(
        !own || run::isAfter(run::RunKind::Calibration, state.status.stage, run::Stage::Build) ||
        !r->profile.isEmpty());
    m_aim->setText(QString::fromStdString(r->setup.displayName + " · " + aimSummary(r->setup.aim)));
    m_kind->setText(r->setup.profileKind == ProfileKind::Table
                        ? tr("ICC version %1, tables with %2 points a side")
                              .arg(r->setup.iccVersion)
                              .arg(r->setup.grid)
                        : tr("ICC version %1, curves and matrix").arg(r->setup.iccVersion));
    m_readings->setText(
        r->profile.isEmpty()
            ? r->chart.empty() ? tr("%1 patches, not read yet").arg(r->setup.chartPatches)
                               : tr("%1 readings").arg(r->chart.size())
            : tr("%1 readings; expected error for all colours %2 ΔE00 in the mean; %3 kB")
                  .arg(QString::number(r->chart.size()),
                       r->expectedError > 0 ? figure(r->expectedError, 2) : dash,
                       figure(double(r->profile.size()) / 1000, 0)));
    m_file->setText(r->installedPath.isEmpty() ? dash : QDir::toNativeSeparators(r->installedPath));
    const desk::ProfileInUse &use = state.inUse;
    const bool judged = !r->installedPath.isEmpty() && use.checked;
    m_declared->setText(!judged ? dash
                        : use.profileMatches
                            ? tr("●  Yes: read back from %1, byte for byte").arg(use.place)
                            : tr("⊘  No: %1 names %2 profile").arg(use.place, use.found));
    m_lut->setText(!judged ? dash
                   : use.lutMatches
                       ? tr("●  Loaded: read back from %1, all entries agree").arg(use.place)
                       : tr("⊘  Not in force: another LUT is loaded"));
}

} // namespace lantern::app
