#include "core/colour/spectral_table.h"

#include "core/base/cgats.h"
#include "core/base/error.h"
#include "core/base/text.h"

#include <algorithm>
#include <cctype>
#include <map>
#include <sstream>

namespace lantern {

namespace {

constexpr size_t kFewest = 10;
constexpr double kWidestStepNm = 20;
constexpr double kShortestNm = 200, kLongestNm = 1200;

std::string lower(std::string text)
{
    std::transform(text.begin(), text.end(), text.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

std::string trimmed(const std::string &text)
{
    const char *blank = " \t\r\"";
    const size_t first = text.find_first_not_of(blank);
    return first == std::string::npos
               ? std::string()
               : text.substr(first, text.find_last_not_of(blank) - first + 1);
}

std::vector<std::string> cells(const std::string &line, char separator)
{
    std::vector<std::string> out;
    std::istringstream stream(line);
    for (std::string cell; std::getline(stream, cell, separator);)
        out.push_back(trimmed(cell));
    return out;
}

[[noreturn]] void refuse(const std::string &place, const Message &problem,
                         const Message &advice = {})
{
    throw Error(ErrorKind::BadInput, place, problem, advice);
}

double number(const std::string &text, const std::string &place)
{
    const auto value = parseNumber(text);
    if (!value)
        refuse(place, {"\"%1\" is not a finite number", {text.substr(0, 40)}});
    return *value;
}

SpectralTable fromCsv(const std::string &text, const std::string &source)
{
    SpectralTable table;
    std::istringstream stream(text);
    char separator = ',';
    int lineNumber = 0;
    for (std::string line; std::getline(stream, line);) {
        ++lineNumber;
        if (trimmed(line).empty() || line.front() == '#')
            continue;
        const std::string place = source + ", line " + std::to_string(lineNumber);
        if (table.curves.empty()) {
            for (const char candidate : {';', '\t', ','})
                if (line.find(candidate) != std::string::npos) {
                    separator = candidate;
                    break;
                }
            const auto titles = cells(line, separator);
            if (titles.size() < 2 || lower(titles.front()) != "nm")
                refuse(place, "the first column is not titled \"nm\"",
                       "Begin with a line such as: nm,red,green,blue");
            for (size_t i = 1; i < titles.size(); ++i)
                table.curves.push_back({titles[i], {}});
            continue;
        }
        const auto values = cells(line, separator);
        if (values.size() != table.curves.size() + 1)
            refuse(place,
                   {"%1 values for %2 columns",
                    {std::to_string(values.size()), std::to_string(table.curves.size() + 1)}});
        table.nm.push_back(number(values[0], place));
        for (size_t i = 1; i < values.size(); ++i)
            table.curves[i - 1].values.push_back(number(values[i], place));
    }
    return table;
}

/// Wavelength of a field such as SPECTRAL_380 or nm380.
std::optional<double> wavelengthOf(const std::string &field)
{
    const std::string name = lower(field);
    if (name.rfind("spectral", 0) != 0 && name.rfind("nm", 0) != 0)
        return std::nullopt;
    const size_t digit = name.find_first_of("0123456789");
    return digit == std::string::npos ? std::nullopt : parseNumber(name.substr(digit));
}

SpectralTable fromCgats(const std::string &text, const std::string &source)
{
    const CgatsTable cgats = parseCgats(text, source);
    std::map<double, size_t> columns;
    for (size_t i = 0; i < cgats.fields.size(); ++i)
        if (const auto nm = wavelengthOf(cgats.fields[i]))
            columns[*nm] = i;
    auto name = cgats.column("SAMPLE_NAME");
    if (!name)
        name = cgats.column("SAMPLE_ID");
    SpectralTable table;
    for (const auto &[nm, column] : columns)
        table.nm.push_back(nm);
    for (size_t row = 0; row < cgats.rows.size(); ++row) {
        SpectralTable::Curve curve;
        curve.name = name ? cgats.rows[row][*name].text : std::to_string(row + 1);
        for (const auto &[nm, column] : columns)
            curve.values.push_back(cgatsNumber(cgats, row, column, source));
        table.curves.push_back(std::move(curve));
    }
    return table;
}

void check(const SpectralTable &table, const std::string &source)
{
    if (table.nm.size() < kFewest || table.curves.empty())
        refuse(source,
               {"holds no spectra: %1 wavelengths of %2 curves",
                {std::to_string(table.nm.size()), std::to_string(table.curves.size())}},
               "Give at least 10 wavelengths, every 20 nm or closer.");
    if (table.nm.front() < kShortestNm || table.nm.back() > kLongestNm)
        refuse(source, "wavelengths lie within 200 to 1200 nm");
    for (size_t i = 1; i < table.nm.size(); ++i) {
        const double step = table.nm[i] - table.nm[i - 1];
        if (step <= 0 || step > kWidestStepNm)
            refuse(source,
                   {"after %1 nm comes %2 nm",
                    {shortNumber(table.nm[i - 1]), shortNumber(table.nm[i])}},
                   "Wavelengths rise in steps of 20 nm or less.");
    }
}

} // namespace

const SpectralTable::Curve &SpectralTable::curve(const std::string &name,
                                                 const std::string &source) const
{
    std::string known;
    for (const Curve &c : curves) {
        if (lower(c.name) == lower(name))
            return c;
        known += (known.empty() ? "" : ", ") + c.name;
    }
    refuse(source, {"there is no curve \"%1\"", {name}}, {"It holds: %1.", {known}});
}

bool SpectralTable::has(const std::string &name) const
{
    return std::any_of(curves.begin(), curves.end(),
                       [&](const Curve &c) { return lower(c.name) == lower(name); });
}

double SpectralTable::at(const Curve &curve, double nanometres) const
{
    const auto after = std::lower_bound(nm.begin(), nm.end(), nanometres);
    if (after == nm.end() || (after == nm.begin() && *after > nanometres))
        return 0;
    const auto i = static_cast<size_t>(after - nm.begin());
    if (i == 0)
        return curve.values.front();
    const double f = (nanometres - nm[i - 1]) / (nm[i] - nm[i - 1]);
    return (1 - f) * curve.values[i - 1] + f * curve.values[i];
}

SpectralTable spectraFromText(const std::string &text, const std::string &source)
{
    const bool cgats = text.find("BEGIN_DATA") != std::string::npos;
    const SpectralTable table = cgats ? fromCgats(text, source) : fromCsv(text, source);
    check(table, source);
    return table;
}

std::string spectraToCsv(const SpectralTable &table)
{
    std::string text = "nm";
    for (const SpectralTable::Curve &curve : table.curves)
        text += "," + curve.name;
    text += '\n';
    for (size_t i = 0; i < table.nm.size(); ++i) {
        text += exactNumber(table.nm[i]);
        for (const SpectralTable::Curve &curve : table.curves)
            text += "," + exactNumber(curve.values[i]);
        text += '\n';
    }
    return text;
}

} // namespace lantern
