#pragma once

#include "core/base/json_object.h"
#include "run/book/run_setup.h"

#include <QString>

namespace lantern::run {

/// What kind of profile is built, and what it is called.
struct ProfileForm {
    ProfileKind kind = ProfileKind::Table;
    int version = 4; ///< of ICC: 4 or 2
    int grid = 33;   ///< points a side of the tables
    std::string nameTemplate = kUsualNameTemplate;
    std::string copyright = kUsualCopyright;
    bool operator==(const ProfileForm &) const = default;

    static ProfileForm of(const RunSetup &setup)
    {
        return {setup.profileKind, setup.iccVersion, setup.grid, setup.nameTemplate,
                setup.copyright};
    }
    void applyTo(RunSetup &setup) const
    {
        setup.profileKind = kind;
        setup.iccVersion = version;
        setup.grid = grid;
        setup.nameTemplate = nameTemplate;
        setup.copyright = copyright;
    }
};

/// Format "bold-lantern-profile-form" version 1. Nothing kept where there is no such file.
/// \throws Error BadInput, Device
ProfileForm readProfileForm(const QString &path);
/// \throws Error Device
void writeProfileForm(const QString &path, const ProfileForm &form);

} // namespace lantern::run
