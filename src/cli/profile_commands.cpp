#include "cli/commands.h"
#include "cli/inputs.h"
#include "cli/said.h"
#include "core/base/text.h"
#include "core/judge/soft_proof.h"
#include "core/plan/adaptive_plan.h"
#include "core/plan/chart_reader.h"
#include "core/profile/profile_facts.h"
#include "core/reading/meter_correction.h"
#include "core/reading/readings_file.h"
#include "core/reading/stray_light.h"
#include "core/report/report.h"
#include "run/book/readings_profile.h"
#include "run/book/run_setup.h"

#include <nlohmann/json.hpp>

#include <QDateTime>

#include <algorithm>
#include <iostream>

namespace lantern::cli {

namespace {

void writeJson(const std::string &path, const Json &json)
{
    run::writeFile(QString::fromStdString(path), QByteArray::fromStdString(json.dump(2) + "\n"));
}

std::string percent(double share)
{
    return fixedNumber(100 * share, 1) + " %";
}

/// Of the four letters of a signature those that say something.
std::string bare(std::string signature)
{
    signature.erase(signature.find_last_not_of(' ') + 1);
    return signature;
}

} // namespace

int build(const BuildOptions &o)
{
    ReadingSet set = readingsFromCgats(readText(o.readings), o.readings);
    if (!o.correction.empty()) {
        const MeterCorrection c = readCorrection(o.correction);
        for (Reading &r : set.readings)
            r.xyz = c.corrected(r.xyz);
    }
    const run::ProfileForm form{
        .kind = run::profileKindByKey(o.kind), .version = o.icc, .grid = o.grid};
    const auto [built, steady, path] =
        run::profileFromReadings(set, form, o.name, roomLight(o.room), o.readings);
    run::writeFile(QString::fromStdString(o.out),
                   QByteArray(reinterpret_cast<const char *>(built.icc.data()),
                              static_cast<qsizetype>(built.icc.size())));
    std::optional<double> expected;
    if (o.expect && form.kind == ProfileKind::Table)
        expected = expectedError(steady, path);
    if (o.json) {
        Json j = {{"profile", o.out},
                  {"readings", set.readings.size()},
                  {"residual_delta_e_2000", built.meanResidual},
                  {"drift_removed", steady.drift},
                  {"bytes", built.icc.size()}};
        if (expected)
            j["expected_delta_e_2000"] = *expected;
        std::cout << j.dump() << '\n';
    } else
        std::cout << said({"%1: %2 profile from %3 readings, mean difference from them %4 ΔE00",
                           {o.out, o.kind, std::to_string(set.readings.size()),
                            fixedNumber(built.meanResidual, 3)}})
                  << (expected ? ", " + said({"expected for all colours %1",
                                              {fixedNumber(*expected, 3)}})
                               : std::string())
                  << '\n';
    return 0;
}

int inspect(const InspectOptions &o)
{
    const auto icc = readBytes(o.profile);
    std::vector<uint8_t> other;
    if (!o.against.empty())
        other = readBytes(o.against);
    const ProfileFacts f =
        inspectProfile(icc, o.profile, o.against.empty() ? nullptr : &other, o.against);
    if (o.json) {
        std::cout << factsToJson(f).dump() << '\n';
        return 0;
    }
    std::cout << f.description << '\n'
              << said({"ICC %1, class %2, %3 to %4, made %5, %6 bytes",
                       {f.version, f.deviceClass, bare(f.colourSpace), bare(f.connectionSpace),
                        f.date, std::to_string(f.bytes)}})
              << "\nID " << f.id << "\n\n"
              << said("Tags") << '\n';
    for (const auto &t : f.tags)
        std::cout << "  " << t.signature << "  " << t.type << "  "
                  << said({"%1 bytes at %2", {std::to_string(t.size), std::to_string(t.offset)}})
                  << '\n';
    if (f.mediaWhite)
        std::cout << '\n'
                  << said({"Media white X %1 Y %2 Z %3",
                           {fixedNumber(f.mediaWhite->X, 4), fixedNumber(f.mediaWhite->Y, 4),
                            fixedNumber(f.mediaWhite->Z, 4)}});
    if (f.white)
        std::cout << '\n'
                  << said({"White of the device x %1 y %2",
                           {fixedNumber(f.white->x, 4), fixedNumber(f.white->y, 4)}});
    if (f.luminanceCdM2)
        std::cout << ", " << saidFigures(fixedNumber(*f.luminanceCdM2, 1) + " cd/m²");
    std::cout << '\n';
    if (f.gamutVolume)
        std::cout << '\n'
                  << said({"Gamut volume %1 cubic ΔE*ab", {fixedNumber(*f.gamutVolume, 0)}})
                  << '\n';
    for (const GamutComparison &g : f.gamut)
        std::cout << "  "
                  << said(
                         {"%1: holds %2 of its volume, %3 of its u'v' area; volume ratio %4",
                          {g.space, saidFigures(percent(g.volumeShare)),
                           saidFigures(percent(g.areaShare)), saidFigures(percent(g.volumeRatio))}})
                  << '\n';
    if (f.lut) {
        std::cout << '\n' << said("Video LUT (entry: red green blue, 0..1)") << '\n';
        for (int i = 0; i < VideoLut::kSize; i += 15) {
            std::cout << "  " << i << ':';
            for (const auto &channel : f.lut->channels)
                std::cout << ' ' << fixedNumber(channel[i] / 65535.0, 4);
            std::cout << '\n';
        }
    }
    return 0;
}

int recheck(const RecheckOptions &o)
{
    const auto figures = recheckReport(parseJson(readText(o.report), o.report), o.report);
    const auto wrong = std::count_if(figures.begin(), figures.end(),
                                     [](const RecheckedFigure &f) { return !f.agrees(); });
    if (o.json) {
        Json j = {{"figures", figures.size()}, {"agrees", wrong == 0}};
        j["wrong"] = Json::array();
        for (const RecheckedFigure &f : figures)
            if (!f.agrees())
                j["wrong"].push_back(
                    {{"name", f.name}, {"reported", f.reported}, {"computed", f.computed}});
        std::cout << j.dump() << '\n';
    } else {
        for (const RecheckedFigure &f : figures)
            if (!f.agrees())
                std::cout << said({"%1: the report says %2, its readings give %3",
                                   {f.name, exactNumber(f.reported), exactNumber(f.computed)}})
                          << '\n';
        const std::string count = std::to_string(figures.size());
        std::cout << (wrong == 0 ? said({"%1 figures computed anew, all agree", {count}})
                                 : said({"%1 figures computed anew, %2 disagree",
                                         {count, std::to_string(wrong)}}))
                  << '\n';
    }
    return wrong == 0 ? 0 : static_cast<int>(ErrorKind::NotGoodEnough);
}

int proof(const ProofOptions &o)
{
    const ProfileFile display(readBytes(o.profile), o.profile);
    const SoftProof p =
        softProof(printingFromBytes(readBytes(o.characterisation), o.characterisation),
                  o.characterisation, display, o.paperWhite);
    if (o.json) {
        std::cout << softProofToJson(p).dump() << '\n';
        return 0;
    }
    std::cout << said({"predicted by the profile, nothing is read: %1 of the %2 patches lie inside "
                       "the display's gamut; all: mean %3, worst %4 ΔE00",
                       {saidFigures(percent(p.insideShare)), std::to_string(p.colours.size()),
                        fixedNumber(p.all.mean, 2), fixedNumber(p.all.max, 2)}})
              << '\n';
    for (const ProofedColour &c : p.colours)
        if (!c.inside)
            std::cout << "  " << said({"outside %1", {c.name}}) << '\t'
                      << saidFigures(fixedNumber(c.deltaE00, 2)) << " ΔE00\n";
    return 0;
}

int correction(const CorrectionOptions &o)
{
    MeterCorrection c;
    if (!o.panel.empty()) {
        c.matrix = correctionFromSpectra(
            spectraFromText(readText(o.sensitivities), o.sensitivities), o.sensitivities,
            spectraFromText(readText(o.panel), o.panel), o.panel);
        c.method = MeterCorrection::Method::Spectra;
        c.meter = o.meterName;
        c.reference = "CIE 1931 observer";
        c.display = o.panel;
    } else if (!o.meter.empty()) {
        const ReadingSet meter = readingsFromCgats(readText(o.meter), o.meter);
        const ReadingSet reference = readingsFromCgats(readText(o.reference), o.reference);
        auto keyword = [](const ReadingSet &set, const char *key) {
            const auto it = set.keywords.find(key);
            return it == set.keywords.end() ? std::string() : it->second;
        };
        c.matrix = correctionMatrix(meter.readings, o.meter, reference.readings, o.reference);
        c.meter = keyword(meter, "METER");
        c.reference = keyword(reference, "METER");
        c.display = keyword(meter, "DISPLAY");
    } else
        throw Error(ErrorKind::BadInput, "correction", "nothing to make it from",
                    "Give --meter and --reference, or --sensitivities and --spectra.");
    c.technology = o.technology;
    c.created = QDateTime::currentDateTimeUtc().toString(Qt::ISODate).toStdString();
    writeJson(o.out, correctionToJson(c));
    if (o.json)
        std::cout << correctionToJson(c).dump() << '\n';
    else
        std::cout << said({"%1: correction for %2 panels", {o.out, o.technology}}) << '\n';
    return 0;
}

} // namespace lantern::cli
