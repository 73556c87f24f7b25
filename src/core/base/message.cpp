#include "core/base/message.h"

#include "core/base/own_name.h"

namespace lantern {

Message Message::verbatim(std::string words)
{
    return words.empty() ? Message() : Message("%1", {std::move(words)});
}

std::string Message::inEnglish() const
{
    return filled(m_text, m_arguments);
}

std::string filled(const std::string &text, const std::vector<std::string> &arguments)
{
    std::string out;
    for (size_t i = 0; i < text.size(); ++i) {
        const bool place =
            text[i] == '%' && i + 1 < text.size() && text[i + 1] >= '1' && text[i + 1] <= '9';
        const size_t which = place ? static_cast<size_t>(text[i + 1] - '1') : 0;
        if (!place || which >= arguments.size()) {
            out += text[i];
            continue;
        }
        out.append(arguments[which], isOwnName(arguments[which]) ? 1 : 0);
        ++i;
    }
    return out;
}

} // namespace lantern
