// A small Wayland compositor for tests: no screen, but pictures that can be looked at as a panel
// would get them, behind what it converts on purpose and behind the gamma tables that it lends.
// Usage: test_compositor SOCKET [--gamma SIZE] [--converts] NAME:WIDTHxHEIGHT...
// On the socket SOCKET.look, one line for each connection:
//   look OUTPUT        -> "R G B", 0..255, what the middle of that output gets
//   look OUTPUT X Y    -> the same of a place, in its own pixels
//   lent OUTPUT        -> 1 where a program holds its gamma tables, else 0
//   plug NAME:WxH, unplug NAME, converts 0|1, covers OUTPUT 0|1

#include "wayland/compositor.h"

#include <csignal>
#include <cstdio>
#include <cstdlib>
#include <sys/socket.h>
#include <sys/un.h>
#include <unistd.h>

using namespace lantern::test::compositor;

namespace {

constexpr int kFrameMs = 16;

std::string answer(const std::string &line)
{
    char verb[16] = "", what[64] = "";
    int x = -1, y = -1;
    const int words = std::sscanf(line.c_str(), "%15s %63s %d %d", verb, what, &x, &y);
    const std::string said = verb;
    if (words < 2)
        return "?\n";
    if (said == "plug")
        plug(what);
    else if (said == "unplug")
        unplug(what);
    else if (said == "converts")
        converts = what[0] == '1';
    else {
        Output *o = named(what);
        if (!o)
            return "no such output\n";
        if (said == "covers")
            o->isCovered = x == 1;
        if (said == "lent")
            return o->gamma ? "1\n" : "0\n";
        if (said == "look") {
            const auto code =
                words < 4 ? atPanel(*o, o->width / 2, o->height / 2) : atPanel(*o, x, y);
            char text[96];
            std::snprintf(text, sizeof text, "%.9g %.9g %.9g\n", 255 * code[0], 255 * code[1],
                          255 * code[2]);
            return text;
        }
    }
    return "done\n";
}

int onQuestion(int fd, uint32_t, void *)
{
    const int client = accept(fd, nullptr, nullptr);
    char line[256];
    const ssize_t length = client < 0 ? 0 : read(client, line, sizeof line - 1);
    if (length > 0) {
        line[length] = 0;
        const std::string text = answer(line);
        (void)!write(client, text.data(), text.size());
    }
    if (client >= 0)
        close(client);
    return 0;
}

int onFrame(void *data)
{
    showFrame();
    wl_event_source_timer_update(*static_cast<wl_event_source **>(data), kFrameMs);
    return 0;
}

int listenAt(const std::string &path)
{
    const int fd = socket(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0);
    sockaddr_un address{};
    address.sun_family = AF_UNIX;
    std::snprintf(address.sun_path, sizeof address.sun_path, "%s", path.c_str());
    unlink(path.c_str());
    if (bind(fd, reinterpret_cast<sockaddr *>(&address), sizeof address) != 0 || listen(fd, 8) != 0)
        return -1;
    return fd;
}

} // namespace

int main(int argc, char **argv)
{
    const char *folder = std::getenv("XDG_RUNTIME_DIR");
    if (argc < 3 || !folder)
        return 2;
    display = wl_display_create();
    const std::string name = argv[1];
    std::vector<std::string> heads;
    for (int i = 2; i < argc; ++i) {
        const std::string word = argv[i];
        if (word == "--gamma")
            gammaSize = std::atoi(argv[++i]);
        else if (word == "--converts")
            converts = true;
        else
            plug(word);
    }
    wl_display_init_shm(display);
    offerWindows();
    offerOutputs();
    wl_event_loop *loop = wl_display_get_event_loop(display);
    const int questions = listenAt(std::string(folder) + '/' + name + ".look");
    wl_event_loop_add_fd(loop, questions, WL_EVENT_READABLE, onQuestion, nullptr);
    wl_event_source *timer = nullptr;
    timer = wl_event_loop_add_timer(loop, onFrame, &timer);
    wl_event_source_timer_update(timer, kFrameMs);
    for (const int signal : {SIGTERM, SIGINT})
        wl_event_loop_add_signal(
            loop, signal,
            [](int, void *) {
                wl_display_terminate(display);
                return 0;
            },
            nullptr);
    if (wl_display_add_socket(display, name.c_str()) != 0)
        return 3;
    std::puts("ready");
    std::fflush(stdout);
    wl_display_run(display);
    wl_display_destroy_clients(display);
    wl_display_destroy(display);
    return 0;
}
