#pragma once

#include "core/colour.h"
#include "core/video_lut.h"

#include <cstdint>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// An RGB display profile read from its bytes, ready to convert colours (relative colorimetric).
class ProfileFile {
public:
    /// \param source file name for messages
    /// \throws Error BadInput when the bytes are no ICC profile, are cut off, or hold no usable RGB
    ///         display profile.
    ProfileFile(const std::vector<uint8_t> &icc, const std::string &source);
    ~ProfileFile();
    ProfileFile(ProfileFile &&) noexcept;
    ProfileFile &operator=(ProfileFile &&) noexcept;

    /// PCS Lab (D50) to code values 0..255, clamped, not rounded.
    [[nodiscard]] DeviceRgb toDevice(const Lab &lab) const;
    /// Code values 0..255 to PCS Lab (D50).
    [[nodiscard]] Lab toLab(const DeviceRgb &rgb) const;

    [[nodiscard]] const std::string &name() const { return m_name; }
    /// The `vcgt` tag, if there is one.
    [[nodiscard]] const std::optional<VideoLut> &videoLut() const { return m_lut; }
    /// `lumi`, cd/m², if given.
    [[nodiscard]] std::optional<double> luminanceCdM2() const { return m_luminance; }

private:
    struct Engine;
    std::unique_ptr<Engine> m_engine;
    std::string m_name;
    std::optional<VideoLut> m_lut;
    std::optional<double> m_luminance;
};

} // namespace lantern
