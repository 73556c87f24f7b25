#pragma once

#include "app/state/session_state.h"
#include "app/widgets/curve.h"

#include <QColor>
#include <QStringList>

namespace lantern::app {

/// A field to draw: the aimed colour, and in it a round spot of the measured one.
struct MatchField {
    QString name;
    QColor aimed, measured;
    bool isMeasured = false;
    double deltaE = 0; ///< by the formula of the proof
    bool over = false; ///< above the tolerance for a single colour
};

/// A colour as sRGB shows it; what lies outside comes as near as it can.
QColor swatch(const Lab &lab);
/// L*, a*, b* in columns.
QString labText(const Lab &lab);

/// What comes in while the chart is read.
struct LiveModel {
    std::vector<Curve> readings; ///< u'v'
    std::vector<Curve> expected; ///< readings against ΔE00; empty: nothing is foretold
    double mostReadings = 1, mostExpected = 1; ///< reach of the axes
};

/// A finished validation in words and numbers.
struct ValidationModel {
    /// name, RGB, aimed Lab, measured Lab, difference, out of gamut; with what rows are sorted by.
    struct Row {
        QStringList cells;
        std::vector<double> order;
    };
    std::vector<Row> table;
    QString difference;       ///< symbol of its formula
    std::vector<Curve> share; ///< ΔE00 against the share of colours below it, %
    double shareReach = 1;    ///< of the differences
    std::vector<Curve> roses; ///< a*b*: from where a colour was aimed to where it was read
    double roseReach = 100;   ///< of both axes
    QString roseWords;        ///< how much longer than life they are
    QString tails;            ///< as proofs are quoted
    QString mean;
    QString verdict, verdictTip; ///< rich text
    QString figures, figuresTip; ///< rich text
    QString note;                ///< empty: nothing to say
};

/// What the view of colour accuracy shows.
struct AccuracyModel {
    QString explanation;
    std::vector<MatchField> fields;
    std::optional<ValidationModel> validation;
    std::optional<LiveModel> live; ///< while the chart is read
    bool empty = false;            ///< nothing to show but the explanation
    QString date;                  ///< of a proof of another day; empty: of the run shown
};

/// \param worstFirst order of the colours of a validation, else as in the chart
AccuracyModel accuracyModel(const SessionState &state, bool worstFirst);

} // namespace lantern::app
