#pragma once

#include "app/state/session_state.h"
#include "app/widgets/curve.h"

#include <QStringList>

#include <vector>

namespace lantern::app {

/// What the view of agreement shows.
struct AgreementModel {
    QStringList titles, keys; ///< of what can be held together
    int first = -1, second = -1;
    QString sentence; ///< how far apart they are
    QString remarks;  ///< when each was read, what is not known
    struct Row {
        QStringList cells;
        std::vector<double> order;
    };
    std::vector<Row> colours; ///< the worst first: name, ΔE00, uncertainty, L* of each
    struct Field {
        Lab first, second;
        QString words;
    };
    std::vector<Field> fields; ///< the colours, the worst first
    std::vector<Row> figures;  ///< name, of the first, of the second, difference, remark
    struct Sheet {
        QString title, xLabel, yLabel;
        double xLeast = 0, xMost = 1, yLeast = 0, yMost = 1;
        bool isSquare = false;
        std::vector<Curve> curves;
    };
    std::vector<Sheet> sheets; ///< curves of both, one over the other
    std::vector<Row> pairs;    ///< all displays: names, mean, uncertainty, largest
    QString common;            ///< the aim that all can share, or why there is none
    std::optional<Aim> commonAim;
    std::vector<Row> plans; ///< what it asks of each display
    QString best, replace;  ///< rich text
    /// Runs for pictures: the second is opened, the first is before; 0: not possible.
    qint64 firstRun = 0, secondRun = 0;
};

AgreementModel agreementModel(const SessionState &state);

/// Sets of colours that agreement is foretold over, by referenceByKey(), with names.
struct AgreementColours {
    const char *key;
    QString title;
};
std::vector<AgreementColours> agreementColours();

} // namespace lantern::app
