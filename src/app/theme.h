#pragma once

#include <QColor>
#include <QFont>
#include <QString>

class QApplication;

namespace lantern::app::theme {

/// Strictly neutral greys, and lantern amber for the main action and the selected display only.
inline const QColor kWindow{0x26, 0x26, 0x26};
inline const QColor kPanel{0x2f, 0x2f, 0x2f};
inline const QColor kRaised{0x3a, 0x3a, 0x3a};
inline const QColor kLine{0x48, 0x48, 0x48};
inline const QColor kFaint{0x78, 0x78, 0x78}; ///< of lines and dots; text needs 4.5:1
inline const QColor kMuted{0xb2, 0xb2, 0xb2}; ///< 4.5:1 and more on all greys above
inline const QColor kText{0xe8, 0xe8, 0xe8};
inline const QColor kBright{0xff, 0xff, 0xff};
inline const QColor kAccent{0xf0, 0xa8, 0x30};
inline const QColor kOnAccent{0x1c, 0x1c, 0x1c};

/// Channel curves in plots; told apart by dash as well as by colour.
inline const QColor kRedCurve{0xe0, 0x7a, 0x70};
inline const QColor kGreenCurve{0x7f, 0xc0, 0x8a};
inline const QColor kBlueCurve{0x86, 0xa6, 0xe8};

/// Text sizes in points.
inline constexpr double kSmall = 8.5;
inline constexpr double kNormal = 9.5;
inline constexpr double kHeading = 14;
inline constexpr double kFigure = 19;
inline constexpr double kGiant = 32;

/// Loads the shipped typeface (its figures are all of one width) and styles the application.
void apply(QApplication &app);

QFont font(double points, QFont::Weight weight = QFont::Normal);

} // namespace lantern::app::theme
