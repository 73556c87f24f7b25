#include "cli/progress.h"

#include "core/base/message.h"
#include "core/base/text.h"
#include "run/book/in_words.h"

#include <algorithm>
#include <iostream>

#include <unistd.h>

namespace lantern::cli {

namespace {

/// Time left, in the unit that a person would say.
Message spoken(double seconds)
{
    if (seconds < 1)
        return {};
    if (seconds < 90)
        return {", %1 s left", {fixedNumber(seconds, 0)}};
    return {", %1 min left", {fixedNumber(seconds / 60, 0)}};
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
    const std::string stage = run::stageKey(status.stage).toStdString();
    const QString words =
        all == 0
            ? run::inWords(Message("%1", {stage}))
            : run::inWords(Message("%1: reading %2 of %3",
                                   {stage, std::to_string(std::min(status.readingsDone + 1, all)),
                                    std::to_string(all)})) +
                  run::inWords(spoken(status.secondsLeft));
    std::cerr << "\r\033[K" << words.toStdString();
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
