#include "app/theme.h"

#include "paper/typeface.h"

#include <QApplication>
#include <QPalette>
#include <QStyleFactory>

namespace lantern::app::theme {

namespace {

const QColor kDisabled{0xa4, 0xa4, 0xa4}; ///< still 4.5:1 on what is pressed flat

QPalette palette()
{
    QPalette p;
    p.setColor(QPalette::Window, kWindow);
    p.setColor(QPalette::WindowText, kText);
    p.setColor(QPalette::Base, kPanel);
    p.setColor(QPalette::AlternateBase, kWindow);
    p.setColor(QPalette::Text, kText);
    p.setColor(QPalette::Button, kRaised);
    p.setColor(QPalette::ButtonText, kText);
    p.setColor(QPalette::BrightText, kBright);
    p.setColor(QPalette::Highlight, QColor(0x5a, 0x5a, 0x5a));
    p.setColor(QPalette::HighlightedText, kBright);
    p.setColor(QPalette::ToolTipBase, kRaised);
    p.setColor(QPalette::ToolTipText, kText);
    p.setColor(QPalette::PlaceholderText, kMuted);
    p.setColor(QPalette::Link, kText);
    p.setColor(QPalette::LinkVisited, kText);
    p.setColor(QPalette::Light, kRaised.lighter(120));
    p.setColor(QPalette::Midlight, kRaised.lighter(110));
    p.setColor(QPalette::Mid, kLine);
    p.setColor(QPalette::Dark, QColor(0x1c, 0x1c, 0x1c));
    p.setColor(QPalette::Shadow, Qt::black);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        p.setColor(QPalette::Disabled, role, kDisabled);
    return p;
}

/// The only style sheet of the program.
const char *kStyle = R"(
QPushButton { background: #3a3a3a; border: 1px solid #4c4c4c; border-radius: 3px; padding: 6px 12px; }
QPushButton:hover { background: #444444; }
QPushButton:pressed { background: #333333; }
QPushButton:disabled { color: #a4a4a4; background: #2e2e2e; border: 1px solid #3a3a3a; }
QPushButton#mainAction { background: #f0a830; color: #1c1c1c; border: 2px solid #f0a830;
    font-weight: 600; padding: 12px; }
QPushButton#mainAction:hover { background: #f6b84c; }
QPushButton#mainAction:disabled { background: #3a3a3a; color: #e8e8e8; border: 2px solid #3a3a3a; }
QPushButton[tab="true"] { background: transparent; border: none; border-bottom: 2px solid transparent;
    border-radius: 0; padding: 4px 2px; color: #b2b2b2; }
QPushButton[tab="true"]:checked { color: #ffffff; border-bottom: 2px solid #e8e8e8; }
QMenuBar { background: #232323; } QMenuBar::item { padding: 5px 10px; background: transparent; }
QMenuBar::item:selected { background: #3a3a3a; }
QMenu { background: #303030; border: 1px solid #4c4c4c; padding: 4px; }
QMenu::item { padding: 5px 24px 5px 14px; } QMenu::item:selected { background: #4a4a4a; }
QMenu::item:disabled { color: #a4a4a4; }
QMenu::separator { height: 1px; background: #484848; margin: 4px; }
QLineEdit { background: #2b2b2b; border: 1px solid #4c4c4c; border-radius: 3px; padding: 4px 6px; }
QCheckBox { spacing: 8px; }
QCheckBox::indicator { width: 14px; height: 14px; border: 1px solid #8a8a8a; border-radius: 2px;
    background: #2b2b2b; }
QCheckBox::indicator:checked { image: url(:/icons/tick.png); }
QCheckBox::indicator:disabled { border: 1px solid #585858; }
QTableView { background: #262626; gridline-color: #383838; border: none; }
QTreeView { background: #262626; border: none; }
QTreeView::item { padding: 4px 4px; }
QHeaderView::section { background: #262626; color: #b2b2b2; border: none; padding: 4px 8px; }
QProgressBar { background: #1e1e1e; border: none; max-height: 6px; }
QProgressBar::chunk { background: #cfcfcf; }
QScrollArea { border: none; }
QToolTip { background: #3a3a3a; color: #e8e8e8; border: 1px solid #585858; padding: 4px; }
)";

} // namespace

void apply(QApplication &app)
{
    paper::loadTypeface();
    app.setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
    app.setPalette(palette());
    app.setFont(font(kNormal));
    app.setStyleSheet(QString::fromLatin1(kStyle));
}

QFont font(double points, QFont::Weight weight)
{
    QFont f(QString::fromLatin1(paper::kTypeface));
    f.setPointSizeF(points);
    f.setWeight(weight);
    return f;
}

} // namespace lantern::app::theme
