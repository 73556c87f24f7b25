#pragma once

#include "core/reading/certificate.h"
#include "core/reading/meter_correction.h"

#include <QString>

#include <optional>
#include <string>
#include <vector>

namespace lantern::run {

/// What is known about the person's meters: certificates and corrections, in files of a folder for
/// each meter. Files that cannot be read count as missing and are named by problems().
class MeterShelf {
public:
    explicit MeterShelf(QString folder) : m_folder(std::move(folder)) {}

    [[nodiscard]] std::optional<Certificate> certificate(const std::string &meter) const;
    /// Of all meters that have one, in no order.
    [[nodiscard]] std::vector<Certificate> certificates() const;
    /// \throws Error Device
    void keep(const std::string &meter, const Certificate &certificate) const;

    /// All corrections of a meter, by file name.
    [[nodiscard]] std::vector<MeterCorrection> corrections(const std::string &meter) const;
    /// The best for a display: one made on it, else the newest for panels of its technology.
    [[nodiscard]] std::optional<MeterCorrection> correction(const std::string &meter,
                                                            const std::string &displayName,
                                                            const std::string &technology) const;
    /// Takes the place of the one for the same technology, display and method. \throws Error Device
    void keep(const std::string &meter, const MeterCorrection &correction) const;

    /// Spectra of a display's red, green, blue and white as a meter that sees them read them; a
    /// correction of any meter with known sensitivities comes from them. \throws Error Device
    void keepPanel(const std::string &displayId, const SpectralTable &spectra) const;
    /// Nothing: none were read, or their file is damaged.
    [[nodiscard]] std::optional<SpectralTable> panel(const std::string &displayId) const;

    /// Takes everything about a meter away. \throws Error Device
    void forget(const std::string &meter) const;

    [[nodiscard]] QStringList problems(const std::string &meter) const;

private:
    [[nodiscard]] QString folderOf(const std::string &meter) const;
    [[nodiscard]] QString panelFile(const std::string &displayId) const;
    QString m_folder;
};

} // namespace lantern::run
