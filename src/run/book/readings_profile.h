#pragma once

#include "core/profile/profile_writer.h"
#include "core/reading/drift.h"
#include "core/reading/stray_light.h"
#include "run/book/profile_form.h"

#include <optional>
#include <string>

namespace lantern::run {

/// A profile made of a file of readings, apart from any run.
struct ReadingsProfile {
    BuiltProfile built;
    DriftCorrection steady; ///< the readings it was built from
    SignalPath path;        ///< how their code values reached the panel
};

/// \param name of the profile; empty: the display's as the file has it
/// \param light of the room, that is added; nothing: the readings as they are
/// \param source for messages \throws Error BadInput as buildProfile()
ReadingsProfile profileFromReadings(const ReadingSet &set, const ProfileForm &form,
                                    const std::string &name, const std::optional<StrayLight> &light,
                                    const std::string &source);

} // namespace lantern::run
