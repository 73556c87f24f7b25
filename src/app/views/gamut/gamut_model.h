#pragma once

#include "app/state/session_state.h"
#include "app/widgets/curve.h"

#include <QImage>

#include <vector>

namespace lantern::app {

/// A gamut that can be drawn beside the display's own.
struct GamutChoice {
    QString key, title;
    bool operator==(const GamutChoice &) const = default;
};

/// What the view of the gamut shows.
struct GamutModel {
    std::vector<Curve> uv, xy;
    struct Row {
        QString title, volume, covered, within;
    };
    std::vector<Row> rows; ///< common spaces, then what was chosen beyond them
    QString own;           ///< its volume, or why there is none
    QString explanation;   ///< empty state
    std::vector<GamutChoice> choices;
    QStringList chosen;
    /// Of the solid: the display's own, and those chosen with their names.
    std::shared_ptr<const GamutBoundary> solid;
    struct Other {
        QString title;
        std::shared_ptr<const GamutBoundary> boundary;
    };
    std::vector<Other> others;
    bool busy = false;
};

GamutModel gamutModel(const SessionState &state);

/// The outlines of its solids at a lightness, on a*b*.
std::vector<Curve> sectionOf(const GamutModel &model, double lightness,
                             const std::vector<Lab> &points);
/// Reach of both axes that holds all of its solids.
double reachOf(const GamutModel &model);

/// Which colours are shown among the solids.
enum class GamutPoints { None, Chart, Proof, Picture };
/// PCS Lab of the chart as read, or of the colours of the newest proof.
std::vector<Lab> pointsOf(const SessionState &state, GamutPoints which);
/// Of a picture in sRGB: at most so many of its pixels, evenly picked.
std::vector<Lab> pointsOf(const QImage &picture, int most = 1500);
/// Whether a gamut holds a colour, but for what readings scatter: ΔE*ab 1.
bool holds(const GamutBoundary &gamut, const Lab &lab);
/// How many of them a gamut holds, in words; empty: there are none.
QString heldInWords(const GamutModel &model, const std::vector<Lab> &points);

/// The triangle of three primaries in u'v', closed.
Curve triangleOf(const PrimarySet &primaries, const CurveLook &look, const QString &name = {});

} // namespace lantern::app
