#pragma once

#include "run/book/run_results.h"
#include "run/device/devices.h"

#include <QString>

#include <memory>
#include <vector>

namespace lantern::cli {

struct RunOptions;

/// Where a command measures: a simulated display, or a real one on the desk. Its devices live in
/// the calling thread and as long as it does.
class Place {
public:
    virtual ~Place() = default;
    /// Facts of display and meter for a new run; the rest is the command's.
    [[nodiscard]] virtual run::RunSetup setup() = 0;
    /// \param folder where the command's files go
    virtual run::Devices devices(const QString &folder) = 0;
    /// What is done from now on is a trial, until ends().
    virtual void begins() {}
    /// Puts a profile with its LUT in force, between begins() and ends().
    virtual void declare(const QByteArray &icc, const VideoLut &lut) = 0;
    /// A run or a check has just told how good it is. \param meanDeltaE00 of a validation
    virtual void proved(std::optional<double> meanDeltaE00) { (void)meanDeltaE00; }
    /// Bytes of the profile in use; empty: none.
    [[nodiscard]] virtual std::vector<uint8_t> declared() { return {}; }
    /// Gives back what was found, unless something was installed.
    virtual void ends(bool installed) { (void)installed; }
    /// The files of a finished run are in its folder.
    virtual void written(const run::RunResults &results, const QString &folder)
    {
        (void)results;
        (void)folder;
    }
    [[nodiscard]] virtual int memorySlots() const { return 0; }
    [[nodiscard]] virtual bool mixesPrimaries() const { return false; }
};

/// The simulated display of the options. \throws Error BadInput
std::unique_ptr<Place> benchPlace(const RunOptions &options);

/// The display on that output with that meter, see makeMeter(). \throws Error BadInput when there
/// is none of that name, Device when there is no display server.
std::unique_ptr<Place> deskPlace(const std::string &output, const std::string &meter);

/// The display of a device whose browser shows the patches; waits until it is there. \throws Error
/// BadInput for an address or a meter that is none, Device when it cannot be listened on
std::unique_ptr<Place> pagePlace(const RunOptions &options);

/// Connects a meter that is read by hand to a person: questions go to standard error, X Y Z come
/// from standard input. Does nothing for others.
void answerByHand(run::Meter *meter);

/// Whether the choice is one of the bench's own meters.
bool isBenchMeter(const std::string &choice);

} // namespace lantern::cli
