#pragma once

#include <QString>

#include <string>

namespace lantern::run {

/// The printing condition that a desk proofs for.
struct PrintChoice {
    QString path;           ///< characterisation or ICC output profile; empty: none
    bool paperWhite = true; ///< the paper's own white is shown, else the display's stands for it
    std::string tolerance = "soft-proof"; ///< name of a set of limits, ours or the person's own
    bool operator==(const PrintChoice &) const = default;
};

/// Format "bold-lantern-print" version 1. The usual choice where there is no such file.
/// \throws Error BadInput, Device
PrintChoice readPrintChoice(const QString &path);
/// \throws Error Device
void writePrintChoice(const QString &path, const PrintChoice &choice);

} // namespace lantern::run
