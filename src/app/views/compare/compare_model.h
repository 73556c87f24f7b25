#pragma once

#include "app/state/session_state.h"
#include "core/profile/rendition.h"

#include <QImage>
#include <QString>

#include <memory>
#include <vector>

namespace lantern::app {

/// What "before" is. A run's number, or one of these.
struct BeforeChoice {
    static constexpr qint64 AsFound = 0;    ///< in the run shown
    static constexpr qint64 NoProfile = -1; ///< the display as it is now, in a program without
    static constexpr qint64 Print = -2;     ///< on paper, by the profile of a printing condition
    qint64 run = AsFound;
    QString title;
    bool operator==(const BeforeChoice &) const = default;
};

/// What pictures are compared between.
struct CompareModel {
    QString explanation;
    std::vector<BeforeChoice> choices; ///< the last run first among the runs
    /// All that the work in another thread needs, by value.
    struct Sources {
        QByteArray now; ///< profile of the display; empty: nothing to compare
        std::vector<Reading> found;
        XYZ nowWhite;
        qint64 before = BeforeChoice::AsFound;
        QByteArray beforeProfile; ///< of a run
        XYZ beforeWhite;
        /// Of another display: pictures were sent to both through their profiles.
        bool betweenDisplays = false;
        bool trueLuminance = false; ///< of a print: with the paper's own white
        QByteArray print;           ///< profile of a printing condition
        bool operator==(const Sources &) const = default;
    };
    Sources sources;
    bool isWaiting = false; ///< the run chosen has not been read yet
};

/// \param before of CompareModel::choices
CompareModel compareModel(const SessionState &state, qint64 before, bool trueLuminance);

/// How a picture was before and how it is now, both as code values that show it on the display as
/// it is now.
struct Renditions {
    Rendition before, now;
    std::shared_ptr<const PixelColours> colours; ///< of both
    /// Code values that the display had in its former state, for showing that itself.
    Rendition former;
    /// Colours that each of two displays shows of the picture; null: before is none of another.
    /// What this display cannot show of them is in these, too.
    std::shared_ptr<const PixelColours> first = {}, second = {};
    /// Colours that the print of the picture has; null: before is no print.
    std::shared_ptr<const PixelColours> printed = {};
    QString problem; ///< why there is nothing to compare; empty: all is well
};
/// \param picture profile embedded in the picture; empty: sRGB
Renditions renditionsOf(const CompareModel::Sources &sources, const QByteArray &picture);

/// A picture with its reduced copies, each half of the one before, so that any size is at hand.
struct Pyramid {
    std::vector<QImage> levels; ///< 32 bits, the whole picture first
    QByteArray profile;         ///< embedded; empty: sRGB
    [[nodiscard]] bool isEmpty() const { return levels.empty(); }
    [[nodiscard]] QSize size() const { return isEmpty() ? QSize() : levels.front().size(); }
};
Pyramid pyramidOf(const QImage &image);

/// Pictures of a folder, by name.
QStringList picturesIn(const QString &folder);

/// What is seen of a picture: the part of it, and in what size.
struct Sight {
    QRectF part; ///< in pixels of the whole picture
    QSize size;  ///< on the screen, in dots
    bool operator==(const Sight &) const = default;
};
/// That part in that size, nothing between pixels where it is enlarged.
QImage seenOf(const Pyramid &pyramid, const Sight &sight);

/// One sight rendered.
struct Frame {
    Sight sight;
    Rendition::Precision precision = Rendition::Precision::Exact;
    QImage before, now, difference, former;
    double meanDelta = 0, worstDelta = 0; ///< ΔE00 between before and now, of what is seen
    /// Stitches around what the display cannot show of the print; else transparent.
    QImage beyond;
    double beyondShare = 0; ///< of what is seen, 0..1
};
/// What differs from the print by more is marked as beyond the display, ΔE00. Our own.
inline constexpr float kBeyond = 2;
/// \param deltaReach ΔE00 at the bright end of the difference's scale \param precision Quick: only
/// before and now, without their difference
Frame frameOf(const Pyramid &pyramid, const Sight &sight, const Renditions &renditions,
              double deltaReach, Rendition::Precision precision = Rendition::Precision::Exact);
/// Colour of a ΔE00 on that scale: black, grey, white.
QRgb scaleColour(double deltaE00, double reach);

} // namespace lantern::app
