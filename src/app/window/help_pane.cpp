#include "app/window/help_pane.h"

#include "app/theme.h"

#include <QToolButton>
#include <QVBoxLayout>

namespace lantern::app {

namespace {

constexpr int kWidth = 268;

} // namespace

HelpPane::HelpPane(QWidget *parent)
    : QWidget(parent), m_page(new Handbook), m_back(new QPushButton(tr("Back")))
{
    setObjectName(QStringLiteral("helpPane"));
    setFixedWidth(kWidth);
    setAutoFillBackground(true);
    QPalette p = palette();
    p.setColor(QPalette::Window, theme::kPanel);
    setPalette(p);
    m_page->setObjectName(QStringLiteral("helpPage"));
    m_back->setObjectName(QStringLiteral("helpBack"));
    m_back->setEnabled(false);
    connect(m_back, &QPushButton::clicked, m_page, &QTextBrowser::backward);
    connect(m_page, &QTextBrowser::backwardAvailable, m_back, &QWidget::setEnabled);
    auto *whole = new QPushButton(tr("Whole handbook"));
    whole->setObjectName(QStringLiteral("wholeHandbook"));
    whole->setToolTip(tr("All pages, with a search, in your browser. Nothing is fetched from "
                         "anywhere."));
    connect(whole, &QPushButton::clicked, this, [this] {
        if (!Handbook::openInBrowser(QStringLiteral("index.html")))
            emit failed(tr("No program here opens web pages, or the handbook is not there."));
    });
    auto *close = new QToolButton;
    close->setObjectName(QStringLiteral("hideHelp"));
    close->setText(QStringLiteral("✕"));
    close->setAutoRaise(true);
    close->setAccessibleName(tr("Hide the help"));
    close->setToolTip(tr("Hide the help (F1)"));
    connect(close, &QToolButton::clicked, this, &HelpPane::hidden);
    auto *row = new QHBoxLayout;
    row->addWidget(m_back);
    row->addWidget(whole);
    row->addStretch(1);
    row->addWidget(close);
    row->setContentsMargins(10, 8, 8, 4);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addLayout(row);
    column->addWidget(m_page, 1);
}

void HelpPane::setState(const SessionState &state)
{
    if (!isVisible() || state.view == m_view)
        return;
    m_view = state.view;
    showPage(QStringLiteral("view-%1.html").arg(QLatin1String(m_view.key)));
    m_page->clearHistory();
}

void HelpPane::showPage(const QString &name)
{
    m_page->showPage(name);
}

} // namespace lantern::app
