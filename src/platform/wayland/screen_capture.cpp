#include "platform/wayland/screen_capture.h"

#include "platform/wayland/wayland_link.h"

#include <QElapsedTimer>

#include <cstring>
#include <poll.h>
#include <sys/mman.h>
#include <unistd.h>
#include <wayland-client.h>
#include <wlr-screencopy-client.h>

namespace lantern::platform {

namespace {

constexpr int kPatienceMs = 1000; ///< an output that is switched off has no next picture
constexpr uint32_t kUpsideDown = 1;

/// Memory that is shared with the compositor.
class SharedMemory {
public:
    explicit SharedMemory(size_t bytes) : m_bytes(bytes), m_fd(memfd_create("look", MFD_CLOEXEC))
    {
        if (m_fd >= 0 && ftruncate(m_fd, static_cast<off_t>(bytes)) == 0)
            m_data = mmap(nullptr, bytes, PROT_READ | PROT_WRITE, MAP_SHARED, m_fd, 0);
    }
    ~SharedMemory()
    {
        if (m_data != MAP_FAILED)
            munmap(m_data, m_bytes);
        if (m_fd >= 0)
            close(m_fd);
    }
    SharedMemory(const SharedMemory &) = delete;
    SharedMemory &operator=(const SharedMemory &) = delete;
    [[nodiscard]] bool isThere() const { return m_data != MAP_FAILED; }
    [[nodiscard]] int descriptor() const { return m_fd; }
    [[nodiscard]] const char *data() const { return static_cast<const char *>(m_data); }

private:
    size_t m_bytes;
    int m_fd;
    void *m_data = MAP_FAILED;
};

/// 0xRRGGBB, or nothing for a format that is not one of four bytes.
std::optional<uint32_t> colourOf(uint32_t pixel, uint32_t format)
{
    if (format == WL_SHM_FORMAT_XRGB8888 || format == WL_SHM_FORMAT_ARGB8888)
        return pixel & 0xffffff;
    if (format == WL_SHM_FORMAT_XBGR8888 || format == WL_SHM_FORMAT_ABGR8888)
        return (pixel & 0xff) << 16 | (pixel & 0xff00) | ((pixel >> 16) & 0xff);
    return std::nullopt;
}

} // namespace

struct ScreenCapture::Frame {
    zwlr_screencopy_frame_v1 *frame = nullptr;
    uint32_t format = 0, width = 0, height = 0, stride = 0, flags = 0;
    bool isDescribed = false, isReady = false, failed = false;
    std::optional<Shot> shot = {};

    ~Frame() { zwlr_screencopy_frame_v1_destroy(frame); }
};

ScreenCapture::ScreenCapture() : m_link(std::make_unique<WaylandLink>()) {}

ScreenCapture::~ScreenCapture() = default;

bool ScreenCapture::isOffered() const
{
    return m_link->isUsable() && m_link->screencopy() && m_link->sharedMemory();
}

/// Events until the compositor has said enough. False: it did not in time.
static bool waitFor(wl_display *display, const bool &enough, const bool &failed)
{
    QElapsedTimer since;
    since.start();
    while (!enough && !failed) {
        const auto left = kPatienceMs - static_cast<int>(since.elapsed());
        pollfd there = {wl_display_get_fd(display), POLLIN, 0};
        if (left <= 0 || wl_display_flush(display) < 0)
            return false;
        if (wl_display_prepare_read(display) != 0) {
            wl_display_dispatch_pending(display);
            continue;
        }
        if (poll(&there, 1, left) <= 0) {
            wl_display_cancel_read(display);
            return false;
        }
        if (wl_display_read_events(display) < 0 || wl_display_dispatch_pending(display) < 0)
            return false;
    }
    return !failed;
}

bool ScreenCapture::copyInto(Frame &frame)
{
    if (frame.stride < 4 * frame.width || frame.height == 0)
        return false;
    const SharedMemory memory(static_cast<size_t>(frame.stride) * frame.height);
    if (!memory.isThere())
        return false;
    wl_shm_pool *pool = wl_shm_create_pool(m_link->sharedMemory(), memory.descriptor(),
                                           static_cast<int32_t>(frame.stride * frame.height));
    wl_buffer *buffer = wl_shm_pool_create_buffer(pool, 0, static_cast<int32_t>(frame.width),
                                                  static_cast<int32_t>(frame.height),
                                                  static_cast<int32_t>(frame.stride), frame.format);
    zwlr_screencopy_frame_v1_copy(frame.frame, buffer);
    const bool copied = waitFor(m_link->display(), frame.isReady, frame.failed);
    wl_buffer_destroy(buffer);
    wl_shm_pool_destroy(pool);
    if (!copied)
        return false;
    Shot shot{static_cast<int>(frame.width), static_cast<int>(frame.height), {}};
    for (int y = 0; y < shot.height; ++y) {
        const int from = frame.flags & kUpsideDown ? shot.height - 1 - y : y;
        for (int x = 0; x < shot.width; ++x) {
            uint32_t pixel = 0;
            std::memcpy(&pixel, memory.data() + static_cast<size_t>(from) * frame.stride + 4 * x,
                        sizeof pixel);
            const auto colour = colourOf(pixel, frame.format);
            if (!colour)
                return false;
            shot.pixels.push_back(*colour);
        }
    }
    frame.shot = std::move(shot);
    return true;
}

std::optional<ScreenCapture::Shot> ScreenCapture::look(const QString &output, const QRect &part)
{
    if (!m_link->roundtrip() || !m_link->roundtrip() || !isOffered())
        return std::nullopt;
    const WaylandLink::Head *head = m_link->head(output);
    if (!head)
        return std::nullopt;
    Frame frame{zwlr_screencopy_manager_v1_capture_output_region(
        m_link->screencopy(), 0, head->output, part.x(), part.y(), part.width(), part.height())};
    static const zwlr_screencopy_frame_v1_listener listener = {
        [](void *data, zwlr_screencopy_frame_v1 *, uint32_t format, uint32_t width, uint32_t height,
           uint32_t stride) {
            auto &f = *static_cast<Frame *>(data);
            f.format = format;
            f.width = width;
            f.height = height;
            f.stride = stride;
            f.isDescribed = true;
        },
        [](void *data, zwlr_screencopy_frame_v1 *, uint32_t flags) {
            static_cast<Frame *>(data)->flags = flags;
        },
        [](void *data, zwlr_screencopy_frame_v1 *, uint32_t, uint32_t, uint32_t) {
            static_cast<Frame *>(data)->isReady = true;
        },
        [](void *data, zwlr_screencopy_frame_v1 *) { static_cast<Frame *>(data)->failed = true; }};
    zwlr_screencopy_frame_v1_add_listener(frame.frame, &listener, &frame);
    if (!waitFor(m_link->display(), frame.isDescribed, frame.failed) || !copyInto(frame))
        return std::nullopt;
    return frame.shot;
}

} // namespace lantern::platform
