#include "core/report/speaker.h"

namespace lantern {

const Speaker &english()
{
    static const Speaker speaker = {"en", [](const Message &m) { return m.inEnglish(); },
                                    [](const std::string &text) { return text; }};
    return speaker;
}

} // namespace lantern
