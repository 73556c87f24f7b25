#include "cli/progress.h"

#include "core/base/text.h"

#include <algorithm>
#include <iostream>

#include <unistd.h>

namespace lantern::cli {

namespace {

/// Time left, in the unit that a person would say.
std::string spoken(double seconds)
{
    if (seconds < 1)
        return {};
    if (seconds < 90)
        return ", " + fixedNumber(seconds, 0) + " s left";
    return ", " + fixedNumber(seconds / 60, 0) + " min left";
}

} // namespace

Progress::Progress() : m_isTerminal(isatty(STDERR_FILENO) == 1) {}

Progress::~Progress()
{
    clear();
}

void Progress::show(const run::RunStatus &status)
{
    const int all = status.readingsDone + status.readingsLeft;
    if (!m_isTerminal || status.activity != run::Activity::Working)
        return;
    std::cerr << "\r\033[K" << run::stageKey(status.stage).toStdString();
    if (all > 0)
        std::cerr << ": reading " << std::min(status.readingsDone + 1, all) << " of " << all
                  << spoken(status.secondsLeft);
    std::cerr << std::flush;
    m_isShown = true;
}

void Progress::clear()
{
    if (m_isShown)
        std::cerr << "\r\033[K" << std::flush;
    m_isShown = false;
}

} // namespace lantern::cli
