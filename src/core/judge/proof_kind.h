#pragma once

#include "core/judge/validation.h"

namespace lantern {

/// What was proved is the profile that is in use, relative to the white it is for: its mean may
/// stand for the display. Held against a space, or against the aimed white, a display that is well
/// profiled may be far off.
inline bool provesProfile(const Validation &v)
{
    return v.against.empty() && !v.isAbsolute;
}

} // namespace lantern
