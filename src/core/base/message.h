#pragma once

#include <string>
#include <vector>

namespace lantern {

/// Something to tell a person, as data: a text with the places %1 to %9, and what stands there. The
/// text is the code under which an interface looks for its translation (see run/book/in_words.h);
/// numbers and names are arguments, so that the text is the same every time.
class Message {
public:
    Message() = default;
    /// \param text a literal, in English
    template <size_t N>
    // NOLINTNEXTLINE(google-explicit-constructor): a literal is a message
    Message(const char (&text)[N], std::vector<std::string> arguments = {})
        : m_text(text), m_arguments(std::move(arguments))
    {}
    /// Words that came from elsewhere (a library, the system, a person) and stay as they are.
    static Message verbatim(std::string words);

    [[nodiscard]] bool empty() const { return *m_text == '\0'; }
    [[nodiscard]] const char *text() const { return m_text; }
    [[nodiscard]] const std::vector<std::string> &arguments() const { return m_arguments; }
    [[nodiscard]] std::string inEnglish() const;

private:
    const char *m_text = "";
    std::vector<std::string> m_arguments;
};

/// A text with its places filled. \param text any translation of a message's text
std::string filled(const std::string &text, const std::vector<std::string> &arguments);

} // namespace lantern
