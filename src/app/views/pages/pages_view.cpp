#include "app/views/pages/pages_view.h"

#include "app/theme.h"
#include "app/widgets/list_table.h"
#include "app/widgets/small_box.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QSettings>

#include <algorithm>

namespace lantern::app {

namespace {

constexpr const char *kPortKey = "pages/port";
constexpr const char *kAddressKey = "pages/address";
constexpr int kUsualPort = 8417; ///< our own choice, free of registered services

} // namespace

PagesView::PagesView(Intents *intents)
    : View(tr("A tablet, a phone or another computer shows the patches in its browser, while the "
              "meter hangs on it and is read here. Nothing has to be installed there."),
           intents),
      m_sentence(makeLabel({}, theme::kNormal, theme::kBright)),
      m_url(makeLabel({}, theme::kFigure, theme::kBright, QFont::DemiBold)),
      m_code(makeLabel({}, theme::kFigure, theme::kBright, QFont::DemiBold)),
      m_limits(makeLabel(
          tr("The browser may convert colours on their way: the profile is of the display as that "
             "browser drives it. Nothing can be loaded into a device, so its tone stays its own. "
             "What is sent is not encrypted: open the page in a network that you trust, and close "
             "it afterwards."),
          theme::kSmall, theme::kMuted)),
      m_address(makeSmallBox("pageAddress", tr("Address of this computer"), 20)),
      m_port(new QSpinBox),
      m_open(new QPushButton),
      m_measure(new QPushButton(tr("Meas&ure it"))),
      m_forget(new QPushButton(tr("Forge&t it"))),
      m_devices(makeListTable("pageDevices", tr("Devices"), pageColumns()))
{
    m_sentence->setObjectName(QStringLiteral("pagesSentence"));
    m_url->setObjectName(QStringLiteral("pageUrl"));
    m_code->setObjectName(QStringLiteral("pageCode"));
    for (QLabel *label : {m_url, m_code})
        label->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    wrap(m_sentence);
    wrap(m_url);
    wrap(m_limits);
    body()->addWidget(m_sentence);
    body()->addWidget(makeAddress());
    m_pairing = new QWidget;
    m_scan = new ScanCode;
    auto *words = new QVBoxLayout;
    words->addStretch(1);
    words->addWidget(m_url);
    auto *code = new QHBoxLayout;
    code->addWidget(makeLabel(tr("code"), theme::kSmall, theme::kMuted));
    code->addWidget(m_code);
    code->addStretch(1);
    words->addLayout(code);
    words->addWidget(makeLabel(tr("or scan this with its camera"), theme::kSmall, theme::kMuted));
    words->addStretch(1);
    auto *pairing = new QHBoxLayout(m_pairing);
    pairing->setContentsMargins(3, 6, 3, 6);
    pairing->addLayout(words, 1);
    pairing->addWidget(m_scan);
    body()->addWidget(m_pairing);
    body()->addWidget(m_devices);
    body()->addWidget(makeActions());
    body()->addWidget(m_limits);
    body()->addStretch(1);
    m_devices->setTabKeyNavigation(false);
    m_devices->setEditTriggers(QAbstractItemView::DoubleClicked |
                               QAbstractItemView::EditKeyPressed);
    connect(m_devices, &QTableWidget::currentCellChanged, this, &PagesView::onChosen);
    connect(m_devices, &QTableWidget::itemChanged, this, [this](QTableWidgetItem *item) {
        const auto row = static_cast<size_t>(item->row());
        if (!m_filling && item->column() == 0 && row < m_model.rows.size())
            emit this->intents()->pageRenamed(m_model.rows[row].id, item->text());
    });
}

QWidget *PagesView::makeAddress()
{
    m_port->setObjectName(QStringLiteral("pagePort"));
    m_port->setAccessibleName(tr("Port"));
    m_port->setRange(1024, 65535);
    m_port->setValue(QSettings().value(QLatin1String(kPortKey), kUsualPort).toInt());
    m_open->setObjectName(QStringLiteral("openPages"));
    connect(m_open, &QPushButton::clicked, this, [this] {
        if (m_model.isServing) {
            emit intents()->pagesClosed();
            return;
        }
        const auto at = static_cast<size_t>(std::max(0, m_address->currentIndex()));
        if (at >= m_model.hosts.size())
            return;
        QSettings().setValue(QLatin1String(kPortKey), m_port->value());
        QSettings().setValue(QLatin1String(kAddressKey), m_model.hosts[at]);
        emit intents()->pagesWanted(m_model.hosts[at], m_port->value());
    });
    auto *line = new QWidget;
    auto *row = new QHBoxLayout(line);
    row->setContentsMargins(3, 6, 3, 0);
    row->addWidget(m_address, 1);
    row->addWidget(makeLabel(tr("port"), theme::kSmall, theme::kMuted));
    row->addWidget(m_port);
    row->addWidget(m_open);
    return line;
}

QWidget *PagesView::makeActions()
{
    m_measure->setObjectName(QStringLiteral("measurePage"));
    m_forget->setObjectName(QStringLiteral("forgetPage"));
    m_forget->setToolTip(tr("It has to be paired anew before it shows patches again."));
    connect(m_measure, &QPushButton::clicked, this, [this] {
        if (const auto *row = chosen(); row && row->display >= 0)
            emit intents()->displayWanted(row->display);
    });
    connect(m_forget, &QPushButton::clicked, this, [this] {
        if (const auto *row = chosen())
            emit intents()->pageForgotten(row->id);
    });
    auto *actions = new QWidget;
    auto *row = new QHBoxLayout(actions);
    row->setContentsMargins(3, 2, 3, 6);
    row->addWidget(m_forget);
    row->addStretch(1);
    row->addWidget(m_measure);
    return actions;
}

const PagesModel::Row *PagesView::chosen() const
{
    const auto at = static_cast<size_t>(std::max(0, m_devices->currentRow()));
    return at < m_model.rows.size() ? &m_model.rows[at] : nullptr;
}

void PagesView::onChosen()
{
    const auto *row = chosen();
    m_measure->setEnabled(row && row->display >= 0 && m_model.mayChange);
    m_forget->setEnabled(row && m_model.mayChange);
}

void PagesView::showRows()
{
    m_filling = true;
    const int current = std::max(0, m_devices->currentRow());
    m_devices->setRowCount(static_cast<int>(m_model.rows.size()));
    for (int i = 0; i < m_devices->rowCount(); ++i) {
        const PagesModel::Row &row = m_model.rows[static_cast<size_t>(i)];
        for (int c = 0; c < row.cells.size(); ++c) {
            auto *item = new QTableWidgetItem(row.cells[c]);
            if (c > 0)
                item->setFlags(Qt::ItemIsSelectable | Qt::ItemIsEnabled);
            else {
                item->setFlags(Qt::ItemIsSelectable | Qt::ItemIsEnabled | Qt::ItemIsEditable);
                item->setData(Qt::AccessibleTextRole, row.words);
                item->setToolTip(tr("F2 or a double click gives it another name."));
            }
            m_devices->setItem(i, c, item);
        }
    }
    if (m_devices->rowCount() > 0)
        m_devices->setCurrentCell(std::min(current, m_devices->rowCount() - 1), 0);
    constexpr int kMostRows = 6;
    m_devices->setFixedHeight(heightOf(m_devices, std::clamp(m_devices->rowCount(), 2, kMostRows)));
    m_filling = false;
}

void PagesView::setState(const SessionState &state)
{
    const PagesModel before = std::exchange(m_model, pagesModel(state));
    m_sentence->setText(m_model.sentence);
    if (before.addresses != m_model.addresses) {
        setChoices(m_address, m_model.addresses);
        const QString last = QSettings().value(QLatin1String(kAddressKey)).toString();
        const auto at = std::ranges::find(m_model.hosts, last);
        m_address->setCurrentIndex(
            at == m_model.hosts.end() ? 0 : static_cast<int>(at - m_model.hosts.begin()));
    }
    m_address->setEnabled(!m_model.isServing);
    m_port->setEnabled(!m_model.isServing);
    m_open->setText(m_model.isServing ? tr("Cl&ose the page") : tr("&Open the page"));
    m_open->setEnabled(state.mayServe && (!m_model.isServing || m_model.mayChange));
    m_url->setText(m_model.url);
    m_code->setText(m_model.code);
    m_scan->setText(m_model.scan);
    if (m_model.isServing) {
        const auto host = std::ranges::find(m_model.hosts, m_model.host);
        if (host != m_model.hosts.end())
            m_address->setCurrentIndex(static_cast<int>(host - m_model.hosts.begin()));
        m_port->setValue(m_model.port);
    }
    m_pairing->setVisible(m_model.isServing);
    const auto cells = [](const PagesModel::Row &row) { return row.cells; };
    if (!std::ranges::equal(before.rows, m_model.rows, {}, cells, cells) ||
        m_devices->rowCount() == 0)
        showRows();
    onChosen();
}

} // namespace lantern::app
