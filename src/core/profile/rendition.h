#pragma once

#include "core/colour/colour.h"

#include <cstddef>
#include <cstdint>
#include <functional>
#include <memory>
#include <string>
#include <vector>

namespace lantern {

/// Turns the pixels of pictures, of 8 bits a channel, from one device's code values into another's
/// or into colours. Pixels are four bytes: blue, green, red, and one that is left alone (as a 32
/// bit number 0xffRRGGBB lies in memory). Calls may come from several threads at once.
class Rendition {
public:
    enum class Black {
        Kept,     ///< each black stays what it is
        Adjusted, ///< black point compensation, as programs show pictures
    };
    enum class Precision {
        Quick, ///< by tables that the library makes itself: some codes off in deep shadow
        Exact, ///< to one code, a tenth as fast
    };
    using Bytes = std::vector<uint8_t>;
    /// From one profile's codes to another's, relative colorimetric, by Little CMS. \param from
    /// empty: sRGB \throws Error BadInput
    static Rendition between(const Bytes &from, const Bytes &to, Black black);
    /// A picture as a print shows it, on a display: through the printing condition's profile
    /// (relative colorimetric, black point compensated), and what that prints, on the display.
    /// \param from of the picture, empty: sRGB \param print an output profile, CMYK or RGB
    /// \param paperWhite the paper's own white is shown, else the display's stands for it
    /// \throws Error BadInput
    static Rendition ofPrint(const Bytes &from, const Bytes &print, const Bytes &to,
                             bool paperWhite);
    /// By a rule for single colours, worked out at the nodes of a table and linear between them.
    static Rendition of(const std::function<DeviceRgb(const DeviceRgb &)> &rule);
    /// Nothing is changed.
    static Rendition none();

    void apply(const uint8_t *in, uint8_t *out, size_t pixels,
               Precision precision = Precision::Exact) const;

private:
    struct Work;
    explicit Rendition(std::shared_ptr<const Work> work) : m_work(std::move(work)) {}
    std::shared_ptr<const Work> m_work;
};

/// PCS Lab of many pixels of a device, three floats each.
class PixelColours {
public:
    /// \throws Error BadInput
    explicit PixelColours(const std::vector<uint8_t> &icc);
    /// The colours that a print of a picture has, as Rendition::ofPrint() asks them of a display:
    /// what that shows can be held against these. \throws Error BadInput
    static PixelColours ofPrint(const std::vector<uint8_t> &from, const std::vector<uint8_t> &print,
                                bool paperWhite);
    /// By a rule for single colours, worked out at the nodes of a table and linear between them.
    static PixelColours of(const std::function<Lab(const DeviceRgb &)> &rule);
    void apply(const uint8_t *in, float *lab, size_t pixels) const;

private:
    struct Work;
    explicit PixelColours(std::shared_ptr<const Work> work) : m_work(std::move(work)) {}
    std::shared_ptr<const Work> m_work;
};

/// A profile of a display from a few readings of it (white, black, primaries and greys), for
/// showing what it was like. \throws Error BadInput
std::vector<uint8_t> profileOfFewReadings(const std::vector<struct Reading> &readings,
                                          const std::string &source);

} // namespace lantern
