#pragma once

#include "core/colour/colour.h"
#include "core/model/gamut_boundary.h"
#include "core/signal/video_lut.h"

#include <array>
#include <cstdint>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// Throws Error BadInput unless the bytes begin with an ICC header and are as long as it says.
void checkIccHeader(const std::vector<uint8_t> &icc, const std::string &source);

/// An RGB display profile read from its bytes, ready to convert colours (relative colorimetric).
class ProfileFile {
public:
    /// \param source file name for messages
    /// \throws Error BadInput when the bytes are no ICC profile, are cut off, or hold no usable RGB
    ///         display profile.
    ProfileFile(const std::vector<uint8_t> &icc, const std::string &source);
    /// The same for the RGB profile embedded in a picture, of whatever device class; where it works
    /// one way only, as a camera's does, what asks it for code values throws Error BadInput.
    static ProfileFile ofPicture(const std::vector<uint8_t> &icc, const std::string &source);
    ~ProfileFile();
    ProfileFile(ProfileFile &&) noexcept;
    ProfileFile &operator=(ProfileFile &&) noexcept;

    /// PCS Lab (D50) to code values 0..255, clamped, not rounded.
    [[nodiscard]] DeviceRgb toDevice(const Lab &lab) const;
    /// The same by the perceptual intent with black point compensation, as programs show pictures.
    [[nodiscard]] DeviceRgb toDevicePerceptual(const Lab &lab) const;
    /// Code values 0..255 to PCS Lab (D50).
    [[nodiscard]] Lab toLab(const DeviceRgb &rgb) const;

    [[nodiscard]] const std::string &name() const { return m_name; }
    /// The `vcgt` tag, if there is one.
    [[nodiscard]] const std::optional<VideoLut> &videoLut() const { return m_lut; }
    /// Keys and values of the `meta` tag.
    [[nodiscard]] const std::map<std::string, std::string> &metadata() const { return m_metadata; }
    /// `lumi`, cd/m², if given.
    [[nodiscard]] std::optional<double> luminanceCdM2() const { return m_luminance; }

    /// Gamut in Lab, relative colorimetric, and u'v' of the primaries relative to white in D50.
    [[nodiscard]] GamutBoundary gamut() const;
    [[nodiscard]] std::array<Chromaticity, 3> primaries() const;

private:
    enum class Accept { Displays, AnyRgb };
    ProfileFile(const std::vector<uint8_t> &icc, const std::string &source, Accept accept);
    struct Engine;
    std::unique_ptr<Engine> m_engine;
    std::string m_name;
    std::optional<VideoLut> m_lut;
    std::optional<double> m_luminance;
    std::map<std::string, std::string> m_metadata;
};

} // namespace lantern
