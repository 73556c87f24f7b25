#include "app/views/profile/profile_view.h"

#include "app/theme.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QShortcut>

namespace lantern::app {

namespace {

enum Column { InUse, Title, AimedAt, MadeOn, Maker, DeltaE, Columns };
constexpr int kMostDays = 365;
constexpr int kRowHeight = 26, kMostRows = 6, kMarkWidth = 28;

} // namespace

ProfileView::ProfileView(Intents *intents)
    : View({}, intents), m_grid(new QGridLayout), m_name(new QLineEdit)
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
    makeFormRow();
    makeWordsRow();
    m_readings = addRow(tr("Made from"));
    m_expected = addRow(tr("Expected error"));
    m_expectedRow = m_grid->rowCount() - 1;
    m_expected->setObjectName(QStringLiteral("expectedError"));
    m_file = addRow(tr("File"));
    m_declared = addRow(tr("Registered with the desktop"));
    m_lut = addRow(tr("Video LUT"));
    m_putBack = new QPushButton(tr("Put it back"));
    m_putBack->setObjectName(QStringLiteral("putBack"));
    connect(m_putBack, &QPushButton::clicked, this,
            [this] { emit this->intents()->putBackWanted(); });
    m_grid->addWidget(m_putBack, m_grid->rowCount(), 1, Qt::AlignLeft);
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        if (m_name->isModified())
            emit this->intents()->profileNamed(m_name->text());
        m_name->setModified(false);
    });
    body()->addSpacing(12);
    body()->addLayout(m_grid);
    body()->addSpacing(18);
    body()->addWidget(makeList());
    body()->addSpacing(12);
    body()->addWidget(makeKeeping());
    body()->addStretch(1);
}

void ProfileView::formEdited()
{
    run::ProfileForm form = m_words->applied({});
    form.kind = static_cast<ProfileKind>(m_kind->currentData().toInt());
    form.version = m_version->currentData().toInt();
    form.grid = m_gridPoints->currentData().toInt();
    emit intents()->profileFormChosen(form);
}

/// How names are suggested, and whose the profiles are.
void ProfileView::makeWordsRow()
{
    m_words = new ProfileWords("nameTemplate", "copyright");
    connect(m_words, &ProfileWords::edited, this, &ProfileView::formEdited);
    const int at = m_grid->rowCount();
    m_grid->addWidget(makeLabel(tr("Names, copyright"), theme::kNormal, theme::kMuted), at, 0);
    m_grid->addWidget(m_words, at, 1);
}

/// Kind, version and tables, with the reason to choose them below.
void ProfileView::makeFormRow()
{
    m_kind = new QComboBox;
    m_kind->setObjectName(QStringLiteral("profileKind"));
    m_kind->setAccessibleName(tr("Kind of profile"));
    m_kind->addItem(tr("Tables"), static_cast<int>(ProfileKind::Table));
    m_kind->addItem(tr("Curves and matrix"), static_cast<int>(ProfileKind::Matrix));
    m_kind->addItem(tr("Exponents and matrix"), static_cast<int>(ProfileKind::Gamma));
    m_version = new QComboBox;
    m_version->setObjectName(QStringLiteral("iccVersion"));
    m_version->setAccessibleName(tr("ICC version"));
    for (const int version : {4, 2})
        m_version->addItem(tr("ICC version %1").arg(version), version);
    m_gridPoints = new QComboBox;
    m_gridPoints->setObjectName(QStringLiteral("gridPoints"));
    m_gridPoints->setAccessibleName(tr("Points a side of the tables"));
    for (const int points : {17, 25, 33, 45})
        m_gridPoints->addItem(tr("%1 points a side").arg(points), points);
    auto *first = new QHBoxLayout;
    first->addWidget(m_kind);
    first->addWidget(m_version);
    first->addStretch(1);
    auto *second = new QHBoxLayout; // a window of 1024 has no room for all three
    second->addWidget(m_gridPoints);
    second->addStretch(1);
    for (QComboBox *box : {m_kind, m_version, m_gridPoints})
        connect(box, &QComboBox::activated, this, &ProfileView::formEdited);
    m_form = new QWidget;
    auto *box = new QVBoxLayout(m_form);
    box->setContentsMargins(0, 0, 0, 0);
    box->setSpacing(4);
    box->addLayout(first);
    box->addLayout(second);
    m_formNote = makeLabel({}, theme::kSmall, theme::kMuted);
    wrap(m_formNote);
    box->addWidget(m_formNote);
    const int at = m_grid->rowCount();
    m_grid->addWidget(makeLabel(tr("Kind"), theme::kNormal, theme::kMuted), at, 0, Qt::AlignTop);
    m_grid->addWidget(m_form, at, 1);
}

QWidget *ProfileView::makeList()
{
    m_listBox = new QWidget;
    auto *box = new QVBoxLayout(m_listBox);
    box->setContentsMargins(0, 0, 0, 0);
    box->addWidget(
        makeLabel(tr("Profiles of this display"), theme::kNormal, theme::kText, QFont::DemiBold));
    m_list = new QTreeWidget;
    m_list->setObjectName(QStringLiteral("profiles"));
    m_list->setAccessibleName(tr("Profiles of this display"));
    m_list->setRootIsDecorated(false);
    m_list->setUniformRowHeights(true);
    m_list->setHeaderLabels(
        {QString(), tr("Name"), tr("Aim"), tr("Made"), tr("By"), tr("Mean ΔE00")});
    m_list->header()->setStretchLastSection(false);
    m_list->header()->setMinimumSectionSize(kMarkWidth);
    m_list->header()->setSectionResizeMode(InUse, QHeaderView::Fixed);
    m_list->header()->resizeSection(InUse, kMarkWidth);
    for (const int c : {Title, AimedAt})
        m_list->header()->setSectionResizeMode(c, QHeaderView::Stretch);
    for (const int c : {MadeOn, Maker, DeltaE})
        m_list->header()->setSectionResizeMode(c, QHeaderView::ResizeToContents);
    connect(m_list, &QTreeWidget::currentItemChanged, this, &ProfileView::offer);
    connect(m_list, &QTreeWidget::itemActivated, this, [this] {
        if (const auto *row = current(); row && row->mayBeUsed)
            emit intents()->profileUseWanted(row->path);
    });
    box->addWidget(m_list);
    m_note = makeLabel({}, theme::kSmall, theme::kMuted);
    wrap(m_note);
    box->addWidget(m_note);
    auto *buttons = new QHBoxLayout;
    m_use = new QPushButton(tr("&Use this one"));
    m_use->setObjectName(QStringLiteral("useProfile"));
    m_previous = new QPushButton(tr("Use the &previous one"));
    m_previous->setObjectName(QStringLiteral("usePreviousProfile"));
    m_remove = new QPushButton(tr("Remove"));
    m_remove->setObjectName(QStringLiteral("removeProfile"));
    m_remove->setToolTip(tr("Into the waste basket; Undo brings it back. Key: Delete."));
    connect(m_use, &QPushButton::clicked, this, [this] {
        if (const auto *row = current())
            emit intents()->profileUseWanted(row->path);
    });
    connect(m_previous, &QPushButton::clicked, this,
            [this] { emit intents()->previousProfileWanted(); });
    connect(m_remove, &QPushButton::clicked, this, [this] {
        if (const auto *row = current())
            emit intents()->profileRemoved(row->path);
    });
    m_forAll = new QPushButton(tr("For all users…"));
    m_forAll->setObjectName(QStringLiteral("profileForAll"));
    m_forAll->setToolTip(
        tr("Copies it to where every user of this machine finds it; may ask for a password."));
    connect(m_forAll, &QPushButton::clicked, this, [this] {
        if (const auto *row = current())
            emit intents()->profileForAllWanted(row->path);
    });
    connect(new QShortcut(QKeySequence::Delete, m_list, nullptr, nullptr, Qt::WidgetShortcut),
            &QShortcut::activated, m_remove, &QPushButton::click);
    for (QPushButton *b : {m_use, m_previous, m_remove, m_forAll})
        buttons->addWidget(b);
    buttons->addStretch(1);
    box->addLayout(buttons);
    return m_listBox;
}

/// What goes on after today.
QWidget *ProfileView::makeKeeping()
{
    m_keepingBox = new QWidget;
    auto *box = new QVBoxLayout(m_keepingBox);
    box->setContentsMargins(0, 0, 0, 0);
    box->addWidget(makeLabel(tr("From day to day"), theme::kNormal, theme::kText, QFont::DemiBold));
    m_keeper = new QCheckBox(tr("&Keep it in force from every login on"));
    m_keeper->setObjectName(QStringLiteral("keeper"));
    m_keeper->setToolTip(
        tr("A small helper, the Keeper, loads profile and video LUT at login, after "
           "sleep and when a display is connected, tells when another program has "
           "changed them, and reminds."));
    connect(m_keeper, &QCheckBox::toggled, this, [this](bool on) {
        if (!m_updating)
            emit intents()->keeperWanted(on);
    });
    box->addWidget(m_keeper);
    auto *row = new QHBoxLayout;
    auto *label = makeLabel(tr("Remind of a check after"), theme::kNormal, theme::kText);
    m_days = new QSpinBox;
    m_days->setObjectName(QStringLiteral("remindAfterDays"));
    m_days->setRange(0, kMostDays);
    m_days->setSpecialValueText(tr("never"));
    m_days->setSuffix(tr(" days"));
    m_days->setAccessibleName(tr("Days until a reminder"));
    label->setBuddy(m_days);
    connect(m_days, &QSpinBox::valueChanged, this, [this](int days) {
        if (!m_updating)
            emit intents()->reminderChosen(days, 0);
    });
    row->addWidget(label);
    row->addWidget(m_days);
    row->addStretch(1);
    box->addLayout(row);
    m_nextCheck = makeLabel({}, theme::kNormal, theme::kMuted);
    m_nextCheck->setObjectName(QStringLiteral("nextCheck"));
    wrap(m_nextCheck);
    box->addWidget(m_nextCheck);
    return m_keepingBox;
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
    m_updating = true;
    showFacts(m);
    showList(m);
    m_keepingBox->setVisible(m.remindAfterDays.has_value());
    m_keeper->setVisible(m.keeper.has_value());
    m_keeper->setChecked(m.keeper.value_or(false));
    m_nextCheck->setText(m.nextCheck);
    m_nextCheck->setVisible(!m.nextCheck.isEmpty());
    if (m.remindAfterDays && !m_days->hasFocus())
        m_days->setValue(*m.remindAfterDays);
    m_updating = false;
}

void ProfileView::showFacts(const ProfileModel &m)
{
    for (int row = 0; row < m_grid->rowCount(); ++row)
        for (int c = 0; c < 2; ++c)
            if (QLayoutItem *item = m_grid->itemAtPosition(row, c); item && item->widget())
                item->widget()->setVisible(m.facts.has_value());
    m_putBack->setVisible(m.facts && m.facts->isLost);
    const bool isExpected = m.facts && !m.facts->expected.isEmpty();
    m_expected->setVisible(isExpected);
    m_grid->itemAtPosition(m_expectedRow, 0)->widget()->setVisible(isExpected);
    if (!m.facts)
        return;
    if (!m_name->hasFocus() || !m_name->isModified())
        m_name->setText(m.facts->name);
    m_name->setReadOnly(m.facts->nameFixed);
    m_aim->setText(m.facts->madeFor);
    const run::ProfileForm &form = m.facts->form;
    m_words->setForm(form, m.facts->nameFixed);
    m_kind->setCurrentIndex(m_kind->findData(static_cast<int>(form.kind)));
    m_version->setCurrentIndex(m_version->findData(form.version));
    if (m_gridPoints->findData(form.grid) < 0) // of another program
        m_gridPoints->addItem(tr("%1 points a side").arg(form.grid), form.grid);
    m_gridPoints->setCurrentIndex(m_gridPoints->findData(form.grid));
    m_gridPoints->setVisible(form.kind == ProfileKind::Table);
    for (QComboBox *box : {m_kind, m_version, m_gridPoints})
        box->setEnabled(!m.facts->nameFixed);
    m_formNote->setText(m.facts->formNote);
    m_readings->setText(m.facts->madeFrom);
    m_expected->setText(m.facts->expected);
    m_file->setText(m.facts->file);
    m_declared->setText(m.facts->declared);
    m_lut->setText(m.facts->lut);
}

void ProfileView::showList(const ProfileModel &m)
{
    m_listBox->setVisible(!m.rows.empty());
    m_note->setVisible(!m.inUseNote.isEmpty());
    m_note->setText(m.inUseNote);
    m_previous->setEnabled(m.hasPrevious);
    if (m_rows != m.rows) {
        const auto *before = current();
        const QString chosen = before ? before->path : QString();
        m_rows = m.rows;
        m_list->clear();
        for (const ProfileModel::Row &row : m_rows) {
            auto *item =
                new QTreeWidgetItem({row.inUse ? QStringLiteral("●") : QString(), row.title,
                                     row.aim, row.madeOn, row.maker, row.deltaE});
            item->setData(Title, Qt::AccessibleTextRole, row.inWords);
            item->setToolTip(Title, row.title + QLatin1Char('\n') + row.path);
            item->setToolTip(AimedAt, row.aim);
            item->setTextAlignment(DeltaE, Qt::AlignRight | Qt::AlignVCenter);
            m_list->addTopLevelItem(item);
            if (row.path == chosen)
                m_list->setCurrentItem(item);
        }
        const int shown = std::min(static_cast<int>(m_rows.size()), kMostRows);
        m_list->setFixedHeight(m_list->header()->sizeHint().height() + shown * kRowHeight + 6);
    }
    offer();
}

/// What can be done with the profile the list stands at.
void ProfileView::offer()
{
    const auto *row = current();
    m_use->setEnabled(row && row->mayBeUsed);
    m_remove->setEnabled(row && row->mayBeRemoved);
    m_forAll->setEnabled(row && row->isOwn);
}

const ProfileModel::Row *ProfileView::current() const
{
    const int index = m_list->indexOfTopLevelItem(m_list->currentItem());
    return index < 0 || index >= static_cast<int>(m_rows.size())
               ? nullptr
               : &m_rows[static_cast<size_t>(index)];
}

} // namespace lantern::app
