#pragma once

#include "core/colour/colour.h"

#include <QWidget>

namespace lantern::app {

/// Fields for judging a display with nothing but eyes. Painted in the screen's own pixels, whatever
/// the scale.
class MatchTarget : public QWidget {
    Q_OBJECT
public:
    enum class What {
        BlackSteps, ///< the darkest greys on black
        WhiteSteps, ///< the lightest greys on white
        HalfLight,  ///< lines full on and off, with a solid field in their middle
        Neutral,    ///< greys with a balance between black and white
    };
    explicit MatchTarget(QWidget *parent = nullptr);
    /// \param channel 0 red, 1 green, 2 blue, 3 all together
    void showHalfLight(int channel, double code);
    void showSteps(What what);
    void showNeutral(const Vec3 &balance);

protected:
    void paintEvent(QPaintEvent *event) override;

private:
    void paintSteps(QImage &image) const;
    void paintHalfLight(QImage &image) const;
    void paintNeutral(QImage &image) const;

    What m_what = What::BlackSteps;
    int m_channel = 3;
    double m_code = 186;
    Vec3 m_balance = Vec3::Ones();
};

} // namespace lantern::app
