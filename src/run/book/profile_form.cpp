#include "run/book/profile_form.h"

#include "core/profile/profile_tables.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QFile>
#include <QFileInfo>

namespace lantern::run {

namespace {

constexpr const char *kFormat = "bold-lantern-profile-form";

} // namespace

ProfileForm readProfileForm(const QString &path)
{
    ProfileForm form;
    if (!QFile::exists(path))
        return form;
    const std::string source = path.toStdString();
    const Json json = parseJson(readFile(path).toStdString(), source);
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    form.kind = profileKindByKey(root.oneOf("profile", {"table", "matrix", "gamma"}));
    form.version = root.integer("icc_version", 2, 4);
    form.grid = root.integer("grid", kMinGrid, kMaxGrid);
    form.nameTemplate = root.string("name");
    form.copyright = root.string("copyright");
    root.finish();
    return form;
}

void writeProfileForm(const QString &path, const ProfileForm &form)
{
    makeFolder(QFileInfo(path).absolutePath());
    const Json json = {
        {"format", kFormat},           {"version", 1},      {"profile", profileKey(form.kind)},
        {"icc_version", form.version}, {"grid", form.grid}, {"name", form.nameTemplate},
        {"copyright", form.copyright}};
    writeFile(path, QByteArray::fromStdString(json.dump(2) + "\n"));
}

} // namespace lantern::run
