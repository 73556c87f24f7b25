#pragma once

#include "core/base/message.h"

#include <functional>
#include <string>

namespace lantern {

/// The language that documents and diagrams for people are in. What programs read has none.
struct Speaker {
    std::string language; ///< ISO 639
    std::function<std::string(const Message &)> words;
    /// Figures with units and trade terms as the core writes them, in English and with a point.
    std::function<std::string(const std::string &)> figures;
};

/// As the core itself writes.
const Speaker &english();

} // namespace lantern
