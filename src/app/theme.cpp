#include "app/theme.h"

#include "paper/typeface.h"

#include <QApplication>
#include <QPalette>
#include <QStyleFactory>

#include <array>

namespace lantern::app::theme {

namespace {

/// Colours that only palette and style sheet need.
struct Inks {
    QColor selected, edge, hover, pressed, disabledText, disabledBack, field, bar;
};

QColor grey(int level)
{
    return {level, level, level};
}

Inks setColours(Looks looks)
{
    const auto set = [](const std::array<int, 10> &g) {
        kWindow = grey(g[0]);
        kPanel = grey(g[1]);
        kRaised = grey(g[2]);
        kLine = grey(g[3]);
        kFaint = grey(g[4]);
        kMuted = grey(g[5]);
        kText = grey(g[6]);
        kBright = grey(g[7]);
        kGrid = grey(g[8]);
        kDeep = grey(g[9]);
    };
    kAccent = QColor(0xf0, 0xa8, 0x30);
    kOnAccent = grey(0x1c);
    switch (looks) {
    case Looks::Middle: // about a fifth of white, as behind pictures that are judged
        set({0x50, 0x56, 0x5e, 0x7c, 0xac, 0xe2, 0xf4, 0xff, 0x66, 0x44});
        kRedCurve = QColor(0xff, 0xb0, 0xa6);
        kGreenCurve = QColor(0xa8, 0xe6, 0xb2);
        kBlueCurve = QColor(0xb8, 0xcc, 0xff);
        return {grey(0x76), grey(0x80), grey(0x68), grey(0x54),
                grey(0xe2), grey(0x58), grey(0x4a), grey(0xf0)};
    case Looks::Light:
        set({0xe2, 0xea, 0xf4, 0xb4, 0x7a, 0x4a, 0x20, 0x00, 0xd0, 0xce});
        kAccent = QColor(0xa0, 0x64, 0x00);
        kOnAccent = grey(0xff);
        kRedCurve = QColor(0xb0, 0x2a, 0x1e);
        kGreenCurve = QColor(0x1c, 0x6e, 0x2e);
        kBlueCurve = QColor(0x2a, 0x4c, 0xb0);
        return {grey(0xc2), grey(0x9a), grey(0xff), grey(0xd8),
                grey(0x50), grey(0xe4), grey(0xf6), grey(0x40)};
    case Looks::HighContrast:
        set({0x00, 0x00, 0x10, 0xff, 0xd0, 0xff, 0xff, 0xff, 0x50, 0x00});
        kAccent = QColor(0xff, 0xc4, 0x40);
        kOnAccent = grey(0x00);
        kRedCurve = QColor(0xff, 0x9a, 0x90);
        kGreenCurve = QColor(0x90, 0xff, 0xa0);
        kBlueCurve = QColor(0xa0, 0xc0, 0xff);
        return {grey(0x50), grey(0xff), grey(0x30), grey(0x00),
                grey(0xd0), grey(0x00), grey(0x00), grey(0xff)};
    case Looks::Dark:
        break;
    }
    set({0x26, 0x2f, 0x3a, 0x48, 0x78, 0xb2, 0xe8, 0xff, 0x34, 0x1c});
    kRedCurve = QColor(0xe0, 0x7a, 0x70);
    kGreenCurve = QColor(0x7f, 0xc0, 0x8a);
    kBlueCurve = QColor(0x86, 0xa6, 0xe8);
    return {grey(0x5a), grey(0x4c), grey(0x44), grey(0x33),
            grey(0xa4), grey(0x2e), grey(0x2b), grey(0xcf)};
}

QPalette palette(const Inks &inks)
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
    p.setColor(QPalette::Highlight, inks.selected);
    p.setColor(QPalette::HighlightedText, kBright);
    p.setColor(QPalette::ToolTipBase, kRaised);
    p.setColor(QPalette::ToolTipText, kText);
    p.setColor(QPalette::PlaceholderText, kMuted);
    p.setColor(QPalette::Link, kText);
    p.setColor(QPalette::LinkVisited, kText);
    p.setColor(QPalette::Light, kRaised.lighter(120));
    p.setColor(QPalette::Midlight, kRaised.lighter(110));
    p.setColor(QPalette::Mid, kLine);
    p.setColor(QPalette::Dark, kDeep);
    p.setColor(QPalette::Shadow, Qt::black);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        p.setColor(QPalette::Disabled, role, inks.disabledText);
    return p;
}

/// The only style sheet of the program. Colours by name, see styleSheet().
const char *kStyle = R"(
QPushButton { background: @raised; border: 1px solid @edge; border-radius: 3px; padding: 6px 12px; }
QPushButton:hover { background: @hover; }
QPushButton:pressed { background: @pressed; }
QPushButton:disabled { color: @disabledText; background: @disabledBack; border: 1px solid @raised; }
QPushButton#mainAction { background: @accent; color: @onAccent; border: 2px solid @accent;
    font-weight: 600; padding: 12px; }
QPushButton#mainAction:hover { background: @brightAccent; }
QPushButton#mainAction:disabled { background: @raised; color: @text; border: 2px solid @raised; }
QPushButton[tab="true"] { background: transparent; border: none; border-bottom: 2px solid transparent;
    border-radius: 0; padding: 4px 2px; color: @muted; }
QPushButton[tab="true"]:checked { color: @bright; border-bottom: 2px solid @text; }
QMenuBar { background: @deep; } QMenuBar::item { padding: 5px 10px; background: transparent; }
QMenuBar::item:selected { background: @raised; }
QMenu { background: @panel; border: 1px solid @edge; padding: 4px; }
QMenu::item { padding: 5px 24px 5px 14px; } QMenu::item:selected { background: @selected; }
QMenu::item:disabled { color: @disabledText; }
QMenu::separator { height: 1px; background: @line; margin: 4px; }
QLineEdit { background: @field; border: 1px solid @edge; border-radius: 3px; padding: 4px 6px; }
QCheckBox { spacing: 8px; }
QCheckBox::indicator { width: 14px; height: 14px; border: 1px solid @faint; border-radius: 2px;
    background: @field; }
QCheckBox::indicator:checked { image: url(:/icons/@tick.png); }
QCheckBox::indicator:disabled { border: 1px solid @line; }
QTableView { background: @window; gridline-color: @grid; border: none; }
QTreeView { background: @window; border: none; }
QTreeView::item { padding: 4px 4px; }
QHeaderView::section { background: @window; color: @muted; border: none; padding: 4px 8px; }
QProgressBar { background: @deep; border: none; max-height: 6px; }
QProgressBar::chunk { background: @bar; }
QScrollArea { border: none; }
QToolTip { background: @raised; color: @text; border: 1px solid @edge; padding: 4px; }
)";

QString styleSheet(const Inks &inks, Looks looks)
{
    // The longer of two names that begin alike comes first.
    const std::array<std::pair<const char *, QColor>, 20> names = {{
        {"@disabledText", inks.disabledText},
        {"@disabledBack", inks.disabledBack},
        {"@brightAccent", kAccent.lighter(110)},
        {"@onAccent", kOnAccent},
        {"@accent", kAccent},
        {"@selected", inks.selected},
        {"@pressed", inks.pressed},
        {"@window", kWindow},
        {"@raised", kRaised},
        {"@bright", kBright},
        {"@panel", kPanel},
        {"@muted", kMuted},
        {"@hover", inks.hover},
        {"@field", inks.field},
        {"@faint", kFaint},
        {"@text", kText},
        {"@deep", kDeep},
        {"@edge", inks.edge},
        {"@line", kLine},
        {"@grid", kGrid},
    }};
    QString sheet = QString::fromLatin1(kStyle);
    sheet.replace(QLatin1String("@tick"),
                  looks == Looks::Light ? QLatin1String("tick-dark") : QLatin1String("tick"));
    sheet.replace(QLatin1String("@bar"), inks.bar.name());
    for (const auto &[name, colour] : names)
        sheet.replace(QLatin1String(name), colour.name());
    return sheet;
}

} // namespace

QString looksKey(Looks looks)
{
    switch (looks) {
    case Looks::Middle:
        return QStringLiteral("middle");
    case Looks::Light:
        return QStringLiteral("light");
    case Looks::HighContrast:
        return QStringLiteral("high-contrast");
    case Looks::Dark:
        break;
    }
    return QStringLiteral("dark");
}

Looks looksFrom(const QString &key)
{
    for (const Looks looks : {Looks::Middle, Looks::Light, Looks::HighContrast})
        if (key == looksKey(looks))
            return looks;
    return Looks::Dark;
}

void apply(QApplication &app, Looks looks)
{
    paper::loadTypeface();
    const Inks inks = setColours(looks);
    app.setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
    app.setPalette(palette(inks));
    app.setFont(font(kNormal));
    app.setStyleSheet(styleSheet(inks, looks));
}

QFont font(double points, QFont::Weight weight)
{
    QFont f(QString::fromLatin1(paper::kTypeface));
    f.setPointSizeF(points);
    f.setWeight(weight);
    return f;
}

} // namespace lantern::app::theme
