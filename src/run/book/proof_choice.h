#pragma once

#include "core/judge/tolerance.h"
#include "core/profile/reference_set.h"
#include "run/book/named_files.h"
#include "run/book/run_setup.h"

#include <QString>

#include <string>
#include <vector>

namespace lantern::run {

/// The person's own sets of limits, a file each in a folder.
class ToleranceShelf {
public:
    explicit ToleranceShelf(QString folder) : m_files(std::move(folder)) {}
    /// All that can be read, by title.
    [[nodiscard]] std::vector<Tolerance> tolerances() const;
    /// \throws Error Device
    void keep(const Tolerance &tolerance) const;
    void remove(const QString &name) const { m_files.remove(name); }

private:
    NamedFiles m_files;
};

/// What a display is proved with, for the proofs to come.
struct ProofChoice {
    /// See referenceByKey(); "random:COUNT" gets a seed of its own each time. With `colours`: the
    /// name of that list.
    std::string reference = "lantern72";
    std::vector<ReferenceColour> colours = {}; ///< a list of the person's own instead
    Tolerance tolerance = toleranceByName("studio");
    bool absolute = false;    ///< against the aimed white
    bool perceptual = false;  ///< rendering intent, else relative colorimetric
    std::string against = {}; ///< see RunSetup::against
    bool operator==(const ProofChoice &) const = default;

    /// \param seed of random colours
    void applyTo(RunSetup &setup, uint64_t seed) const;
};

/// Format "bold-lantern-proof" version 1. Nothing kept where there is no such file.
/// \throws Error BadInput, Device
ProofChoice readProofChoice(const QString &path);
/// \throws Error Device
void writeProofChoice(const QString &path, const ProofChoice &choice);

} // namespace lantern::run
