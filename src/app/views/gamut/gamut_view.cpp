#include "app/views/gamut/gamut_view.h"

#include "app/views/compare/compare_model.h"
#include "app/widgets/file_choice.h"
#include "app/widgets/small_box.h"
#include "core/base/error.h"
#include "paper/picture_colours.h"
#include "run/book/in_words.h"

#include <QAbstractItemView>
#include <QHBoxLayout>
#include <QHeaderView>

namespace lantern::app {

namespace {

constexpr int kSideWidth = 262;

} // namespace

GamutView::GamutView(Intents *intents)
    : View(tr("The colours the display can mix."), intents),
      m_pages(new QStackedWidget),
      m_uv(new Plot(tr("Gamut in u'v'"), QStringLiteral("u'"), QStringLiteral("v'"))),
      m_xy(new Plot(tr("Gamut in x y"), QStringLiteral("x"), QStringLiteral("y"))),
      m_section(new Plot(tr("Section"), QStringLiteral("a*"), QStringLiteral("b*"))),
      m_solid(new LabSolid),
      m_lightness(new QSlider(Qt::Horizontal)),
      m_lightnessText(makeLabel({}, theme::kNormal, theme::kText)),
      m_own(makeLabel({}, theme::kNormal, theme::kText)),
      m_held(makeLabel({}, theme::kSmall, theme::kMuted)),
      m_references{makeSmallBox("gamutReference1", tr("First gamut to compare with"), 10),
                   makeSmallBox("gamutReference2", tr("Second gamut to compare with"), 10)},
      m_points(makeSmallBox("gamutPoints", tr("Colours shown in it"), 10)),
      m_table(new QTableWidget(0, 4))
{
    m_uv->xAxis->setRange(0, 0.64);
    m_uv->yAxis->setRange(0, 0.62);
    m_xy->xAxis->setRange(0, 0.8);
    m_xy->yAxis->setRange(0, 0.9);
    for (Plot *plot : {m_uv, m_xy})
        plot->axisRect()->insetLayout()->setInsetAlignment(0, Qt::AlignRight | Qt::AlignBottom);
    m_lightness->setObjectName(QStringLiteral("sectionLightness"));
    m_lightness->setAccessibleName(tr("Lightness of the section"));
    m_lightness->setRange(2, 98);
    m_lightness->setValue(50);
    connect(m_lightness, &QSlider::valueChanged, this, &GamutView::show);
    auto *section = new QWidget;
    auto *below = new QHBoxLayout;
    below->addWidget(m_lightness, 1);
    below->addWidget(m_lightnessText);
    auto *sectionColumn = new QVBoxLayout(section);
    sectionColumn->setContentsMargins(0, 0, 0, 0);
    sectionColumn->addWidget(m_section, 1);
    sectionColumn->addLayout(below);
    for (QWidget *page : std::initializer_list<QWidget *>{m_uv, m_xy, m_solid, section})
        m_pages->addWidget(page);
    auto *left = new QVBoxLayout;
    left->addWidget(m_pages, 1);
    left->addWidget(makeTabs());
    auto *row = new QHBoxLayout;
    row->addLayout(left, 1);
    row->addSpacing(12);
    row->addWidget(makeSide());
    body()->addLayout(row, 1);
}

QWidget *GamutView::makeTabs()
{
    auto *tabs = new QWidget;
    auto *row = new QHBoxLayout(tabs);
    row->setContentsMargins(0, 4, 0, 0);
    const std::array<QString, 4> titles = {QStringLiteral("u'v'"), QStringLiteral("x y"),
                                           tr("Solid"), tr("Section")};
    for (size_t i = 0; i < titles.size(); ++i) {
        auto *tab = new QPushButton(titles[i]);
        tab->setObjectName(QStringLiteral("gamutTab%1").arg(i));
        tab->setCheckable(true);
        tab->setAutoExclusive(true);
        tab->setProperty("tab", true);
        connect(tab, &QPushButton::toggled, this, [this, i](bool on) {
            if (on) {
                m_pages->setCurrentIndex(static_cast<int>(i));
                show();
            }
        });
        row->addWidget(tab);
        m_tabs[i] = tab;
    }
    row->addStretch(1);
    m_tabs[Uv]->setChecked(true);
    return tabs;
}

QWidget *GamutView::makeSide()
{
    auto *side = new QWidget;
    side->setFixedWidth(kSideWidth);
    auto *column = new QVBoxLayout(side);
    column->setContentsMargins(3, 0, 3, 0);
    m_own->setWordWrap(true);
    column->addWidget(m_own);
    m_table->setObjectName(QStringLiteral("gamutTable"));
    m_table->setAccessibleName(tr("Gamut in numbers"));
    m_table->setHorizontalHeaderLabels({QString(), tr("vol."), tr("held %"), tr("of ours")});
    m_table->horizontalHeaderItem(1)->setToolTip(tr("Thousand cubic ΔE*ab"));
    m_table->horizontalHeaderItem(2)->setToolTip(tr("How much of it this display holds"));
    m_table->horizontalHeaderItem(3)->setToolTip(tr("How much of this display's it holds"));
    m_table->verticalHeader()->hide();
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setTabKeyNavigation(false);
    m_table->setFont(theme::font(theme::kSmall));
    m_table->horizontalHeader()->setFont(theme::font(theme::kSmall));
    m_table->horizontalHeader()->setMinimumSectionSize(40);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    m_table->setShowGrid(false);
    column->addWidget(m_table, 1);
    column->addWidget(makeLabel(tr("Drawn beside it"), theme::kSmall, theme::kMuted));
    for (size_t i = 0; i < m_references.size(); ++i) {
        column->addWidget(m_references[i]);
        connect(m_references[i], &QComboBox::activated, this,
                [this, i](int index) { chooseReference(i, index); });
    }
    column->addWidget(makeLabel(tr("Colours in it"), theme::kSmall, theme::kMuted));
    m_points->addItems(
        {tr("none"), tr("the chart as read"), tr("the colours proved"), tr("of a picture…")});
    connect(m_points, &QComboBox::activated, this, &GamutView::choosePoints);
    column->addWidget(m_points);
    m_held->setWordWrap(true);
    column->addWidget(m_held);
    return side;
}

void GamutView::chooseReference(size_t which, int index)
{
    if (index >= static_cast<int>(m_model.choices.size())) {
        openFile(which);
        return;
    }
    QStringList keys = m_model.chosen;
    keys[static_cast<qsizetype>(which)] = m_model.choices[static_cast<size_t>(index)].key;
    m_model.chosen = keys;
    emit intents()->gamutsChosen(keys);
}

void GamutView::openFile(size_t which)
{
    const QString path = fileToOpen(this, QStringLiteral("profiles"), tr("Open a profile"),
                                    tr("ICC profiles (*.icc *.icm)"));
    if (!path.isEmpty()) {
        QStringList keys = m_model.chosen;
        keys[static_cast<qsizetype>(which)] = QStringLiteral("icc:") + path;
        emit intents()->gamutsChosen(keys);
    }
    show(); // until it is there, as before
}

void GamutView::choosePoints(int index)
{
    if (index == static_cast<int>(GamutPoints::Picture)) {
        const QString path = fileToOpen(this, QStringLiteral("pictures"), tr("Open a picture"),
                                        tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff)"));
        try {
            if (!path.isEmpty())
                m_picture = pointsOf(paper::pictureFromFile(path));
        } catch (const Error &e) {
            emit intents()->failed(run::inWords(e));
        }
        if (m_picture.empty())
            m_points->setCurrentIndex(0);
    }
    show();
}

void GamutView::setState(const SessionState &state)
{
    if (!isVisible())
        return;
    showDate(state);
    m_state = state;
    show();
}

void GamutView::show()
{
    if (!m_state)
        return;
    m_model = gamutModel(*m_state);
    setExplanation(m_model.explanation.isEmpty() ? tr("The colours the display can mix.")
                                                 : m_model.explanation);
    const auto which = static_cast<GamutPoints>(m_points->currentIndex());
    const std::vector<Lab> points =
        which == GamutPoints::Picture ? m_picture : pointsOf(*m_state, which);
    m_uv->setCurves(m_model.uv);
    m_xy->setCurves(m_model.xy);
    m_solid->show(m_model, points);
    const double reach = reachOf(m_model);
    m_section->xAxis->setRange(-reach, reach);
    m_section->yAxis->setRange(-reach, reach);
    m_section->setCurves(sectionOf(m_model, m_lightness->value(), points));
    m_lightnessText->setText(tr("L* %1").arg(m_lightness->value()));
    m_own->setText(m_model.own);
    m_held->setText(heldInWords(m_model, points));
    m_table->setRowCount(static_cast<int>(m_model.rows.size()));
    for (int i = 0; i < m_table->rowCount(); ++i) {
        const GamutModel::Row &row = m_model.rows[static_cast<size_t>(i)];
        const std::array<QString, 4> cells = {row.title, row.volume, row.covered, row.within};
        for (int c = 0; c < 4; ++c) {
            auto *item = new QTableWidgetItem(cells[static_cast<size_t>(c)]);
            item->setTextAlignment(c == 0 ? Qt::AlignLeft | Qt::AlignVCenter
                                          : Qt::AlignRight | Qt::AlignVCenter);
            item->setToolTip(cells[static_cast<size_t>(c)]);
            m_table->setItem(i, c, item);
        }
    }
    for (size_t i = 0; i < m_references.size(); ++i) {
        QComboBox *box = m_references[i];
        QStringList titles;
        int chosen = 0;
        for (const GamutChoice &choice : m_model.choices) {
            if (choice.key == m_model.chosen.value(static_cast<qsizetype>(i)))
                chosen = static_cast<int>(titles.size());
            titles << choice.title;
        }
        titles << tr("A profile's file…");
        QStringList shown;
        for (int k = 0; k < box->count(); ++k)
            shown << box->itemText(k);
        if (shown != titles) {
            box->clear();
            box->addItems(titles);
        }
        if (!box->view()->isVisible())
            box->setCurrentIndex(chosen);
    }
}

} // namespace lantern::app
