#include "app/views/light/light_view.h"

#include "app/theme.h"
#include "app/widgets/number_box.h"

#include <QGridLayout>
#include <QHeaderView>

namespace lantern::app {

namespace {

constexpr std::array kWatchMinutes = {0, 30, 60, 240};

QPushButton *button(const QString &text, const char *name)
{
    auto *b = new QPushButton(text);
    b->setObjectName(QLatin1String(name));
    return b;
}

QHBoxLayout *row(std::initializer_list<QWidget *> widgets)
{
    auto *line = new QHBoxLayout;
    for (QWidget *w : widgets)
        line->addWidget(w);
    line->addStretch(1);
    return line;
}

QLabel *heading(const QString &text)
{
    return makeLabel(text, theme::kNormal, theme::kText, QFont::DemiBold);
}

/// A part of the page: its heading, and room for what is below it.
std::pair<QWidget *, QVBoxLayout *> part(const QString &title)
{
    auto *widget = new QWidget;
    auto *column = new QVBoxLayout(widget);
    column->setContentsMargins(3, 0, 3, 12); // the ring of the focus has room at the sides
    column->setSpacing(6);
    column->addWidget(heading(title));
    return {widget, column};
}

QLabel *words()
{
    auto *label = makeLabel({}, theme::kSmall, theme::kMuted);
    wrap(label);
    return label;
}

} // namespace

LightView::LightView(Intents *intents)
    : View(tr("The light around the desk decides how light a screen has to be, and how much is "
              "left of its black."),
           intents),
      m_readings(words()),
      m_stray(words()),
      m_hand(words()),
      m_watchWords(words()),
      m_read(button(tr("Read the light"), "readLight")),
      m_startOver(button(tr("Start over"), "startLightOver")),
      m_keep(button(tr("Keep it"), "keepLight")),
      m_use(button(tr("Use this one"), "useLight")),
      m_remove(button(tr("Remove"), "removeLight")),
      m_away(button(tr("Read from a hand's length"), "readBlackAway")),
      m_onScreen(button(tr("Read on the screen"), "readBlackOnScreen")),
      m_name(new QLineEdit),
      m_kept(new QTableWidget(0, 4)),
      m_paper(new NumberBox),
      m_reflectance(new NumberBox),
      m_seenIn(new QComboBox),
      m_watch(new QComboBox)
{
    body()->addWidget(reading());
    body()->addWidget(m_following = following());
    body()->addWidget(seen());
    body()->addWidget(m_watching = watching());
    body()->addStretch(1);
    showKept();
}

QWidget *LightView::reading()
{
    const auto [widget, column] = part(tr("Read and kept"));
    m_name->setObjectName(QStringLiteral("lightName"));
    m_name->setPlaceholderText(tr("Name, such as Studio in the evening"));
    m_name->setAccessibleName(tr("Name of the light"));
    m_name->setMaxLength(80);
    m_name->setMinimumWidth(260);
    m_kept->setObjectName(QStringLiteral("keptLights"));
    m_kept->setAccessibleName(tr("Kept lights"));
    m_kept->setHorizontalHeaderLabels({tr("Name"), tr("Illuminance"), tr("Colour"), tr("Read")});
    m_kept->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_kept->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    m_kept->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    m_kept->setShowGrid(false);
    m_kept->verticalHeader()->hide();
    m_kept->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_kept->setSelectionMode(QAbstractItemView::SingleSelection);
    m_kept->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_kept->setTabKeyNavigation(false);
    m_kept->setFixedHeight(124); // three of them
    column->addLayout(row({m_read, m_startOver, m_name, m_keep}));
    column->addWidget(m_readings);
    column->addWidget(m_kept);
    column->addLayout(row({m_use, m_remove}));
    connect(m_read, &QPushButton::clicked, intents(), &Intents::roomWanted);
    connect(m_startOver, &QPushButton::clicked, intents(), &Intents::roomForgotten);
    connect(m_keep, &QPushButton::clicked, this, &LightView::keep);
    connect(m_name, &QLineEdit::returnPressed, this, &LightView::keep);
    connect(m_name, &QLineEdit::textChanged, this,
            [this] { m_keep->setEnabled(m_model.mayKeep && !m_name->text().trimmed().isEmpty()); });
    connect(m_kept, &QTableWidget::itemActivated, m_use, &QPushButton::click);
    connect(m_kept, &QTableWidget::itemSelectionChanged, this, [this] {
        const int chosen = m_kept->currentRow();
        const bool any = chosen >= 0 && !m_kept->selectedItems().isEmpty();
        m_remove->setEnabled(any);
        m_use->setEnabled(any && !m_model.kept[static_cast<size_t>(chosen)].isUsed);
    });
    connect(m_use, &QPushButton::clicked, this, [this] {
        if (const auto *name = m_kept->item(m_kept->currentRow(), 0))
            emit intents()->lightUsed(name->data(Qt::UserRole).toString());
    });
    connect(m_remove, &QPushButton::clicked, this, [this] {
        if (const auto *name = m_kept->item(m_kept->currentRow(), 0))
            emit intents()->lightRemoved(name->data(Qt::UserRole).toString());
    });
    return widget;
}

void LightView::keep()
{
    emit intents()->lightKept(m_name->text());
    m_name->clear();
}

QWidget *LightView::following()
{
    const auto [widget, column] = part(tr("What the aim can take from it"));
    auto *grid = new QGridLayout;
    grid->setColumnStretch(0, 1);
    constexpr std::array kNames = {"takeRoomLuminance", "useLightLuminance", "useLightWhite"};
    for (size_t i = 0; i < m_offers.size(); ++i) {
        m_offers[i] = {words(), button(tr("Take it"), kNames[i])};
        grid->addWidget(m_offers[i].text, static_cast<int>(i), 0);
        grid->addWidget(m_offers[i].take, static_cast<int>(i), 2);
        m_offers[i].take->setAccessibleName(i < 2 ? tr("Take this luminance")
                                                  : tr("Take this white"));
        connect(m_offers[i].take, &QPushButton::clicked, this, [this, i] {
            if (i < m_model.offers.size() && m_model.offers[i].aim)
                emit intents()->aimChosen(*m_model.offers[i].aim);
        });
    }
    column->addLayout(grid);
    constexpr int kPaperOffer = 1;
    grid->addWidget(m_paper, kPaperOffer, 1);
    m_paper->setObjectName(QStringLiteral("paperLightness"));
    m_paper->setAccessibleName(tr("Lightness of the paper"));
    m_paper->setRange(70, 100);
    m_paper->setDecimals(1);
    m_paper->setPrefix(tr("paper L* "));
    m_paper->setToolTip(
        tr("White papers have L* 93 to 95: they send back 83 to 88 % of the light."));
    connect(m_paper, &QDoubleSpinBox::valueChanged, this, [this](double lightness) {
        if (!m_updating)
            emit intents()->paperChosen(lightness);
    });
    return widget;
}

QWidget *LightView::seen()
{
    const auto [widget, column] = part(tr("What the eye gets"));
    m_seenIn->setObjectName(QStringLiteral("seenIn"));
    m_seenIn->setAccessibleName(tr("What the profile is made for"));
    m_seenIn->addItems({tr("Profile of the screen alone"),
                        tr("Profile for the light chosen above, thrown back by the screen"),
                        tr("Profile for what this screen was measured to throw back")});
    m_reflectance->setObjectName(QStringLiteral("reflectance"));
    m_reflectance->setAccessibleName(tr("Reflectance of the screen"));
    m_reflectance->setRange(0, 20);
    m_reflectance->setDecimals(1);
    m_reflectance->setSingleStep(0.1);
    m_reflectance->setPrefix(tr("reflectance "));
    m_reflectance->setSuffix(tr(" %"));
    m_reflectance->setToolTip(
        tr("Matt screens throw back 1 to 2 %, glossy ones up to 5 % (common values)."));
    connect(m_seenIn, &QComboBox::activated, this,
            [this](int index) { emit intents()->seenInChosen(static_cast<run::SeenIn>(index)); });
    connect(m_reflectance, &QDoubleSpinBox::valueChanged, this, [this](double percent) {
        if (!m_updating)
            emit intents()->reflectanceChosen(percent / 100);
    });
    connect(m_away, &QPushButton::clicked, this, [this] { emit intents()->blackWanted(true); });
    connect(m_onScreen, &QPushButton::clicked, this,
            [this] { emit intents()->blackWanted(false); });
    column->addLayout(row({m_seenIn, m_reflectance}));
    column->addWidget(m_stray);
    column->addLayout(row({m_away, m_onScreen}));
    column->addWidget(m_hand);
    return widget;
}

QWidget *LightView::watching()
{
    const auto [widget, column] = part(tr("Watched by the Keeper"));
    m_watch->setObjectName(QStringLiteral("roomWatch"));
    m_watch->setAccessibleName(tr("How often the Keeper reads the room"));
    m_watch->addItems({tr("Never"), tr("Every 30 minutes"), tr("Every hour"), tr("Every 4 hours")});
    connect(m_watch, &QComboBox::activated, this, [this](int index) {
        emit intents()->roomWatchChosen(kWatchMinutes[static_cast<size_t>(index)]);
    });
    column->addLayout(row({m_watch}));
    column->addWidget(m_watchWords);
    return widget;
}

void LightView::showKept()
{
    const auto *before = m_kept->item(m_kept->currentRow(), 0);
    const QString chosen = before ? before->data(Qt::UserRole).toString() : QString();
    m_kept->setRowCount(static_cast<int>(m_model.kept.size()));
    int current = -1;
    for (int r = 0; r < m_kept->rowCount(); ++r) {
        const LightModel::Kept &l = m_model.kept[static_cast<size_t>(r)];
        const QString title = l.isUsed ? tr("%1 (used)").arg(l.name) : l.name;
        const std::array texts = {title, l.lux, l.colour, l.date};
        for (int c = 0; c < static_cast<int>(texts.size()); ++c)
            m_kept->setItem(r, c, new QTableWidgetItem(texts[static_cast<size_t>(c)]));
        m_kept->item(r, 0)->setData(Qt::UserRole, l.name);
        if (l.name == chosen || (chosen.isEmpty() && l.isUsed))
            current = r;
    }
    m_kept->clearSelection();
    if (current >= 0)
        m_kept->selectRow(current);
    m_kept->setVisible(!m_model.kept.empty());
    m_use->setVisible(!m_model.kept.empty());
    m_remove->setVisible(!m_model.kept.empty());
    const bool any = current >= 0;
    m_remove->setEnabled(any);
    m_use->setEnabled(any && !m_model.kept[static_cast<size_t>(current)].isUsed);
}

void LightView::setState(const SessionState &state)
{
    m_updating = true;
    const std::vector<LightModel::Kept> before = m_model.kept;
    m_model = lightModel(state);
    const LightModel &m = m_model;
    m_readings->setText(m.readings);
    m_read->setEnabled(m.mayRead);
    m_read->setText(m.mayKeep ? tr("Read it again") : tr("Read the light"));
    m_startOver->setVisible(m.mayKeep);
    m_name->setVisible(m.mayKeep);
    m_keep->setVisible(m.mayKeep);
    m_keep->setEnabled(m.mayKeep && !m_name->text().trimmed().isEmpty());
    if (!(before == m.kept)) // else whoever goes through the list would lose the place
        showKept();
    m_following->setVisible(!m.offers.empty());
    for (size_t i = 0; i < m_offers.size() && i < m.offers.size(); ++i) {
        m_offers[i].text->setText(m.offers[i].text);
        m_offers[i].take->setEnabled(m.offers[i].aim.has_value());
    }
    m_paper->setValue(m.paperLightness);
    m_seenIn->setCurrentIndex(static_cast<int>(m.seenIn));
    m_reflectance->setValue(100 * m.reflectance);
    m_reflectance->setVisible(m.usesReflectance);
    m_stray->setText(m.stray);
    m_stray->setVisible(!m.stray.isEmpty());
    for (QWidget *w : std::initializer_list<QWidget *>{m_away, m_onScreen, m_hand})
        w->setVisible(m.isMeasured);
    m_away->setEnabled(m.mayRead);
    m_onScreen->setEnabled(m.mayRead);
    m_hand->setText(m.howToGoOn);
    m_watching->setVisible(m.mayWatch);
    for (size_t i = 0; i < kWatchMinutes.size(); ++i)
        if (kWatchMinutes[i] == m.watchMinutes)
            m_watch->setCurrentIndex(static_cast<int>(i));
    m_watchWords->setText(m.watch);
    m_updating = false;
}

} // namespace lantern::app
