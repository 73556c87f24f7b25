#pragma once

#include <QRect>
#include <QString>

#include <cstdint>
#include <memory>
#include <optional>
#include <vector>

namespace lantern::platform {

class WaylandLink;

/// What a compositor has put together for an output, where it lets programs look
/// (wlr-screencopy-unstable-v1): before whatever it converts for the panel, and before the video
/// LUT.
class ScreenCapture {
public:
    ScreenCapture();
    ~ScreenCapture();

    [[nodiscard]] bool isOffered() const;
    struct Shot {
        int width = 0, height = 0;
        std::vector<uint32_t> pixels; ///< rows from the top, 0xRRGGBB
    };
    /// Waits for the output's next picture. \param part in the output's own logical pixels
    /// \returns nothing where the output is gone or shows nothing
    std::optional<Shot> look(const QString &output, const QRect &part);

private:
    struct Frame;
    bool copyInto(Frame &frame);
    std::unique_ptr<WaylandLink> m_link;
};

} // namespace lantern::platform
