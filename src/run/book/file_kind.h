#pragma once

#include <QString>

namespace lantern::run {

/// What a file is, by what is in it; its name does not matter.
enum class FileKind {
    Aim,              ///< JSON, bold-lantern-aim
    Tolerance,        ///< JSON, bold-lantern-tolerance
    Report,           ///< JSON, bold-lantern-report
    Correction,       ///< JSON, bold-lantern-correction
    Certificate,      ///< JSON, bold-lantern-certificate
    Readings,         ///< CGATS with RGB and XYZ
    Characterisation, ///< CGATS with CMYK
    Colours,          ///< CGATS, CxF or CSV with colours to be shown
    DisplayProfile,   ///< ICC, class mntr
    OutputProfile,    ///< ICC, any other class
    Picture,          ///< PNG, JPEG, TIFF, WebP
    Logbook,          ///< SQLite
    Unknown,
};

/// \throws Error BadInput where the file cannot be read, or begins as JSON and is none
FileKind fileKind(const QString &path);

} // namespace lantern::run
