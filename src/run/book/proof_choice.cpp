#include "run/book/proof_choice.h"

#include "core/base/error.h"
#include "run/file/files.h"

#include <nlohmann/json.hpp>

#include <QFile>
#include <QFileInfo>

#include <algorithm>

namespace lantern::run {

namespace {

constexpr const char *kFormat = "bold-lantern-proof";

} // namespace

std::vector<Tolerance> ToleranceShelf::tolerances() const
{
    std::vector<Tolerance> out;
    m_files.read([&](const Json &json, const std::string &source) {
        out.push_back(toleranceFromJson(json, source));
    });
    std::sort(out.begin(), out.end(),
              [](const Tolerance &a, const Tolerance &b) { return a.title < b.title; });
    return out;
}

void ToleranceShelf::keep(const Tolerance &tolerance) const
{
    m_files.keep(tolerance.name, toleranceToJson(tolerance));
}

void ProofChoice::applyTo(RunSetup &setup, uint64_t seed) const
{
    setup.reference = reference;
    const bool isFresh = colours.empty() && reference.starts_with("random:") &&
                         std::count(reference.begin(), reference.end(), ':') == 1;
    if (isFresh)
        setup.reference += ":" + std::to_string(seed);
    setup.referenceColours = colours;
    setup.tolerance = tolerance.name;
    setup.ownTolerance.reset();
    const auto &ours = tolerances();
    if (std::find(ours.begin(), ours.end(), tolerance) == ours.end())
        setup.ownTolerance = tolerance;
    setup.absolute = absolute;
    setup.perceptual = perceptual;
    setup.against = against;
}

ProofChoice readProofChoice(const QString &path)
{
    if (!QFileInfo::exists(path))
        return {};
    const std::string source = path.toStdString();
    const Json json = parseJson(readFile(path).toStdString(), source);
    JsonObject root(json, source);
    root.expectFormat(kFormat, 1);
    ProofChoice c;
    c.reference = root.string("reference");
    for (const Json &one : root.raw("colours")) {
        if (!one.is_array() || one.size() != 4 || !one[0].is_string() || !one[1].is_number() ||
            !one[2].is_number() || !one[3].is_number())
            root.fail("colours", "holds something that is no colour");
        c.colours.push_back({one[0].get<std::string>(),
                             {one[1].get<double>(), one[2].get<double>(), one[3].get<double>()}});
    }
    c.tolerance = toleranceFromJson(root.raw("tolerance"), source + ", key \"tolerance\"");
    c.absolute = root.boolean("absolute");
    c.perceptual = root.boolean("perceptual");
    c.against = root.string("against");
    root.finish();
    return c;
}

void writeProofChoice(const QString &path, const ProofChoice &c)
{
    Json colours = Json::array();
    for (const ReferenceColour &one : c.colours)
        colours.push_back({one.name, one.lab.L, one.lab.a, one.lab.b});
    const Json json = {{"format", kFormat},
                       {"version", 1},
                       {"reference", c.reference},
                       {"colours", colours},
                       {"tolerance", toleranceToJson(c.tolerance)},
                       {"absolute", c.absolute},
                       {"perceptual", c.perceptual},
                       {"against", c.against}};
    makeFolder(QFileInfo(path).absolutePath());
    writeFile(path, QByteArray::fromStdString(json.dump(2) + "\n"));
}

} // namespace lantern::run
