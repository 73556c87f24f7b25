#include "app/session/forecast_part.h"

#include "core/base/error.h"
#include "run/book/profile_request.h"

namespace lantern::app {

ForecastPart::ForecastPart(QObject *parent)
    : QObject(parent), m_work([this](std::vector<ProfileForecast> forecasts) {
          m_state = {std::move(forecasts), false};
          emit changed();
      })
{}

void ForecastPart::look(const RunState &run)
{
    const run::RunResults &r = run.results;
    const bool waits = run.status.run != 0 && r.setup.kind == run::RunKind::Calibration &&
                       run.status.stage == run::Stage::Build && !r.chart.empty() && r.calibration &&
                       r.profile.isEmpty();
    if (!waits) {
        m_work.forget();
        if (m_asked.has_value()) {
            m_asked.reset();
            m_state = {};
            emit changed();
        }
        return;
    }
    Asked asked{run.status.run, r.chart.size(), run::ProfileForm::of(r.setup)};
    asked.form.kind = {}; // all are worked out
    asked.form.nameTemplate = asked.form.copyright = {};
    if (m_asked == asked)
        return;
    m_asked = asked;
    m_state = {{}, true};
    m_work.start([results = r]() -> std::vector<ProfileForecast> {
        try {
            return forecastProfiles(run::profileReadings(results), run::profileRequest(results));
        } catch (const Error &) {
            return {}; // building says what is wrong, when it is asked for
        }
    });
    emit changed();
}

} // namespace lantern::app
