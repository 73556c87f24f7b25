#include "run/book/print_choice.h"

#include "core/base/json_object.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QFileInfo>

namespace lantern::run {

namespace {

constexpr const char *kFormat = "bold-lantern-print";

} // namespace

PrintChoice readPrintChoice(const QString &path)
{
    if (!QFileInfo::exists(path))
        return {};
    const std::string source = path.toStdString();
    const Json json = parseJson(readFile(path).toStdString(), source);
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    PrintChoice choice;
    choice.path = QString::fromStdString(root.string("path"));
    choice.paperWhite = root.boolean("paper_white");
    choice.tolerance = root.string("tolerance");
    root.finish();
    return choice;
}

void writePrintChoice(const QString &path, const PrintChoice &choice)
{
    const Json json = {{"format", kFormat},
                       {"version", 1},
                       {"path", choice.path.toStdString()},
                       {"paper_white", choice.paperWhite},
                       {"tolerance", choice.tolerance}};
    makeFolder(QFileInfo(path).absolutePath());
    writeFile(path, QByteArray::fromStdString(json.dump(2) + "\n"));
}

} // namespace lantern::run
