#pragma once

#include <cstdio>
#include <cstdlib>
#include <string>
#include <sys/socket.h>
#include <sys/un.h>
#include <unistd.h>

namespace lantern::test {

/// Asks the tests' compositor of $WAYLAND_DISPLAY one line; empty: it does not answer.
inline std::string askCompositor(const std::string &line)
{
    const char *folder = std::getenv("XDG_RUNTIME_DIR");
    const char *name = std::getenv("WAYLAND_DISPLAY");
    if (!folder || !name)
        return {};
    const int fd = socket(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0);
    sockaddr_un address{};
    address.sun_family = AF_UNIX;
    std::snprintf(address.sun_path, sizeof address.sun_path, "%s/%s.look", folder, name);
    std::string answer;
    if (connect(fd, reinterpret_cast<sockaddr *>(&address), sizeof address) == 0 &&
        write(fd, line.data(), line.size()) == static_cast<ssize_t>(line.size())) {
        char text[256];
        for (ssize_t length = 0; (length = read(fd, text, sizeof text)) > 0;)
            answer.append(text, static_cast<size_t>(length));
    }
    close(fd);
    return answer;
}

} // namespace lantern::test
