#pragma once

#include "core/base/message.h"

#include <stdexcept>
#include <string>

namespace lantern {

/// What kind of trouble an Error is; the value is the exit code of the command line.
enum class ErrorKind {
    BadInput = 2,      ///< a file, a value or a combination of values cannot be used
    Device = 3,        ///< meter, display, folder, disk or display server
    NotGoodEnough = 4, ///< measured, and outside the tolerance
};

/// The one exception of the project, thrown where input or the machine fails us.
///
/// Its parts answer what a person asks: where was it, what was wrong, what to do. Failures that a
/// measurement expects (time-out, unplugged meter) are values, not exceptions: see run/devices.h.
class Error : public std::runtime_error {
public:
    /// \param kind    decides the exit code
    /// \param place   file, line, field or device; may be empty
    /// \param problem what was wrong, without full stop
    /// \param advice  what to do, a full sentence; may be empty
    Error(ErrorKind kind, std::string place, Message problem, Message advice = {});

    ErrorKind kind;
    std::string place;
    Message problem;
    Message advice;
};

/// The parts of an error as one text. \param problem, advice in any language
std::string errorText(const std::string &place, const std::string &problem,
                      const std::string &advice);

} // namespace lantern
