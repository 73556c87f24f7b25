#pragma once

#include <QColor>
#include <QFont>
#include <QString>

class QApplication;

namespace lantern::app::theme {

/// How bright the window is. Grey in all of them, so that it does not tint what is judged beside
/// it.
enum class Looks { Dark, Middle, Light, HighContrast };
/// As settings keep it: "dark", "middle", "light", "high-contrast".
QString looksKey(Looks looks);
/// Anything else is dark.
Looks looksFrom(const QString &key);

/// Strictly neutral greys, and lantern amber for the main action and the selected display only.
/// They change with the looks, in apply() alone; what is drawn later takes the new ones.
inline QColor kWindow, kPanel, kRaised, kLine;
inline QColor kFaint; ///< of lines and dots; text needs 4.5:1
inline QColor kMuted; ///< 4.5:1 and more on all greys above
inline QColor kText;
inline QColor kBright; ///< what stands out from the text
inline QColor kAccent, kOnAccent;
inline QColor kGrid; ///< lines behind curves
inline QColor kDeep; ///< a step darker than the window: bars, what is cut out

/// Channel curves in plots; told apart by dash as well as by colour.
inline QColor kRedCurve, kGreenCurve, kBlueCurve;

/// Text sizes in points.
inline constexpr double kSmall = 8.5;
inline constexpr double kNormal = 9.5;
inline constexpr double kHeading = 14;
inline constexpr double kFigure = 19;
inline constexpr double kGiant = 32;

/// Loads the shipped typeface (its figures are all of one width) and styles the application.
/// Widgets that stand already keep the colours of their labels: make them anew.
void apply(QApplication &app, Looks looks = Looks::Dark);

QFont font(double points, QFont::Weight weight = QFont::Normal);

} // namespace lantern::app::theme
