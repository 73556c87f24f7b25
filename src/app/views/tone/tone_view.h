#pragma once

#include "app/views/view.h"
#include "app/widgets/plot.h"

namespace lantern::app {

/// Tone curve, grey balance and the video LUT.
class ToneView : public View {
    Q_OBJECT
public:
    explicit ToneView(Intents *intents);
    void setState(const SessionState &state) override;

private:
    Plot *m_tone, *m_grey, *m_lut;
};

} // namespace lantern::app
