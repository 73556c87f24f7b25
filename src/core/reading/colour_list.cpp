#include "core/reading/colour_list.h"

#include "core/base/cgats.h"
#include "core/base/error.h"
#include "core/base/text.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <functional>
#include <map>
#include <pugixml.hpp>
#include <sstream>

namespace lantern {

namespace {

constexpr size_t kMostColours = 100'000;

[[noreturn]] void refuse(const std::string &place, const Message &problem)
{
    throw Error(ErrorKind::BadInput, place, problem);
}

Lab checkedLab(const Vec3 &v, const std::string &place)
{
    if (!v.allFinite() || v[0] < -1 || v[0] > 200 || std::abs(v[1]) > 300 || std::abs(v[2]) > 300)
        refuse(place, "this is not a surface colour (L* 0 to 100, a* and b* within 300)");
    return toLabType(v);
}

DeviceRgb checkedRgb(const Vec3 &v, const std::string &place)
{
    if (!v.allFinite() || v.minCoeff() < 0 || v.maxCoeff() > 255)
        refuse(place, "code values lie within 0 to 255");
    return toDeviceRgb(v);
}

Lab labOfXyz100(const Vec3 &v, const std::string &place)
{
    return checkedLab(vec(labFromXyz(toRelXyz(v / 100), kD50)), place);
}

using Triple = std::array<const char *, 3>;

std::vector<ListedColour> fromCgats(const std::string &text, const std::string &source)
{
    const CgatsTable table = parseCgats(text, source);
    auto columns = [&](const Triple &names) -> std::optional<std::array<size_t, 3>> {
        std::array<size_t, 3> found{};
        for (int i = 0; i < 3; ++i) {
            const auto column = table.column(names[i]);
            if (!column)
                return std::nullopt;
            found[i] = *column;
        }
        return found;
    };
    const auto lab = columns({"LAB_L", "LAB_A", "LAB_B"});
    const auto xyz = columns({"XYZ_X", "XYZ_Y", "XYZ_Z"});
    const auto rgb = columns({"RGB_R", "RGB_G", "RGB_B"});
    if (!lab && !xyz && !rgb)
        throw Error(ErrorKind::BadInput, source, "the data have no field LAB_L, XYZ_X or RGB_R",
                    "Colours need LAB_L LAB_A LAB_B, XYZ_X XYZ_Y XYZ_Z (D50), or RGB_R RGB_G "
                    "RGB_B.");
    auto name = table.column("SAMPLE_NAME");
    if (!name)
        name = table.column("SAMPLE_ID");
    if (table.rows.size() > kMostColours)
        refuse(source, "more than 100,000 colours");
    std::vector<ListedColour> out;
    for (size_t row = 0; row < table.rows.size(); ++row) {
        const std::string place = source + ", line " + std::to_string(table.rows[row][0].line);
        auto values = [&](const std::array<size_t, 3> &at) {
            return Vec3(cgatsNumber(table, row, at[0], source),
                        cgatsNumber(table, row, at[1], source),
                        cgatsNumber(table, row, at[2], source));
        };
        ListedColour c;
        c.name = name ? table.rows[row][*name].text : std::to_string(row + 1);
        if (lab)
            c.lab = checkedLab(values(*lab), place);
        else if (xyz)
            c.lab = labOfXyz100(values(*xyz), place);
        if (rgb)
            c.rgb = checkedRgb(values(*rgb), place);
        out.push_back(std::move(c));
    }
    return out;
}

/// Name of an element without its namespace prefix.
std::string_view localName(const pugi::xml_node &node)
{
    const std::string_view name = node.name();
    const size_t colon = name.find(':');
    return colon == std::string_view::npos ? name : name.substr(colon + 1);
}

std::optional<Vec3> childNumbers(const pugi::xml_node &node, const Triple &names,
                                 const std::string &place)
{
    Vec3 v;
    for (int i = 0; i < 3; ++i) {
        bool found = false;
        for (const pugi::xml_node &child : node.children())
            if (localName(child) == names[i]) {
                const auto number = parseNumber(child.text().get());
                if (!number)
                    refuse(place, {"\"%1\" is not a finite number",
                                   {std::string(child.text().get()).substr(0, 40)}});
                v[i] = *number;
                found = true;
            }
        if (!found)
            refuse(place, {"lacks the value %1", {names[i]}});
    }
    return v;
}

void readCxfObject(const pugi::xml_node &object, const std::string &source,
                   std::vector<ListedColour> &out)
{
    ListedColour c;
    c.name = object.attribute("Name").as_string();
    if (c.name.empty())
        c.name = object.attribute("Id").as_string(std::to_string(out.size() + 1).c_str());
    const std::string place = source + ", object \"" + c.name.substr(0, 60) + "\"";
    for (const pugi::xml_node &values : object.children()) {
        if (localName(values) != "ColorValues")
            continue;
        for (const pugi::xml_node &value : values.children()) {
            const std::string_view kind = localName(value);
            if (kind == "ColorCIELab" && !c.lab)
                c.lab = checkedLab(*childNumbers(value, {"L", "A", "B"}, place), place);
            else if (kind == "ColorCIEXYZ" && !c.lab)
                c.lab = labOfXyz100(*childNumbers(value, {"X", "Y", "Z"}, place), place);
            else if (kind == "ColorSRGB" && !c.rgb)
                c.rgb = checkedRgb(*childNumbers(value, {"R", "G", "B"}, place), place);
        }
    }
    if (c.lab || c.rgb)
        out.push_back(std::move(c));
}

std::vector<ListedColour> fromCxf(const std::string &text, const std::string &source)
{
    pugi::xml_document document;
    const pugi::xml_parse_result result = document.load_buffer(text.data(), text.size());
    if (!result) {
        const auto end =
            text.begin() +
            static_cast<long>(std::min(text.size(), static_cast<size_t>(result.offset)));
        refuse(source + ", line " + std::to_string(1 + std::count(text.begin(), end, '\n')),
               {"not valid XML: %1", {result.description()}});
    }
    // Walked without recursion: files may be nested however deeply.
    std::vector<ListedColour> out;
    struct Walker : pugi::xml_tree_walker {
        std::function<void(const pugi::xml_node &)> visit;
        bool for_each(pugi::xml_node &node) override
        {
            if (localName(node) == "Object")
                visit(node);
            return true;
        }
    } walker;
    walker.visit = [&](const pugi::xml_node &node) {
        if (out.size() >= kMostColours)
            refuse(source, "more than 100,000 colours");
        readCxfObject(node, source, out);
    };
    document.traverse(walker);
    if (out.empty())
        throw Error(
            ErrorKind::BadInput, source, "no colours found",
            "A CxF3 file (ISO 17972-1) with ColorCIELab, ColorCIEXYZ or ColorSRGB values is "
            "expected.");
    return out;
}

std::string lowered(std::string text)
{
    std::transform(text.begin(), text.end(), text.begin(), [](unsigned char c) {
        return static_cast<char>(c < 128 ? std::tolower(c) : c);
    });
    return text;
}

std::vector<std::string> csvCells(const std::string &line, char separator)
{
    std::vector<std::string> cells(1);
    bool quoted = false;
    for (size_t i = 0; i < line.size(); ++i) {
        const char c = line[i];
        if (quoted && c == '"' && i + 1 < line.size() && line[i + 1] == '"')
            cells.back() += line[++i];
        else if (c == '"')
            quoted = !quoted;
        else if (c == separator && !quoted)
            cells.emplace_back();
        else if (c != '\r')
            cells.back() += c;
    }
    for (std::string &cell : cells) {
        const size_t first = cell.find_first_not_of(" \t");
        const size_t last = cell.find_last_not_of(" \t");
        cell = first == std::string::npos ? "" : cell.substr(first, last - first + 1);
    }
    return cells;
}

std::vector<ListedColour> fromCsv(const std::string &text, const std::string &source)
{
    std::istringstream lines(text);
    std::string line;
    std::getline(lines, line);
    if (line.starts_with("\xEF\xBB\xBF"))
        line.erase(0, 3);
    const char separator = line.find(';') != std::string::npos    ? ';'
                           : line.find('\t') != std::string::npos ? '\t'
                                                                  : ',';
    std::map<std::string, size_t> columns;
    const auto titles = csvCells(line, separator);
    for (size_t i = 0; i < titles.size(); ++i)
        columns.emplace(lowered(titles[i]), i);
    auto all = [&](const Triple &names) -> std::optional<std::array<size_t, 3>> {
        std::array<size_t, 3> found{};
        for (int i = 0; i < 3; ++i) {
            const auto it = columns.find(names[i]);
            if (it == columns.end())
                return std::nullopt;
            found[i] = it->second;
        }
        return found;
    };
    // "b" alone is b* of Lab where L and a are there too; RGB then needs its long names.
    const auto lab = all({"l", "a", "b"}) ? all({"l", "a", "b"}) : all({"lab_l", "lab_a", "lab_b"});
    const auto rgb = all({"rgb_r", "rgb_g", "rgb_b"}) ? all({"rgb_r", "rgb_g", "rgb_b"})
                     : !lab                           ? all({"r", "g", "b"})
                                                      : std::nullopt;
    if (!lab && !rgb)
        throw Error(ErrorKind::BadInput, source, "no list of colours was recognised",
                    "A CGATS or CxF3 file is expected, or CSV whose first line names the columns "
                    "name, L, a, b or name, R, G, B.");
    const auto name = columns.find("name");
    std::vector<ListedColour> out;
    for (int number = 2; std::getline(lines, line); ++number) {
        const auto cells = csvCells(line, separator);
        if (cells.size() == 1 && cells[0].empty())
            continue;
        const std::string place = source + ", line " + std::to_string(number);
        if (out.size() >= kMostColours)
            refuse(source, "more than 100,000 colours");
        auto values = [&](const std::array<size_t, 3> &at) {
            Vec3 v;
            for (int i = 0; i < 3; ++i) {
                if (at[i] >= cells.size())
                    refuse(place, {"has %1 cells; the first line has %2",
                                   {std::to_string(cells.size()), std::to_string(titles.size())}});
                const auto value = parseNumber(cells[at[i]]);
                if (!value)
                    refuse(place, {"\"%1\" is not a finite number", {cells[at[i]].substr(0, 40)}});
                v[i] = *value;
            }
            return v;
        };
        ListedColour c;
        c.name = name != columns.end() && name->second < cells.size()
                     ? cells[name->second]
                     : std::to_string(out.size() + 1);
        if (lab)
            c.lab = checkedLab(values(*lab), place);
        if (rgb)
            c.rgb = checkedRgb(values(*rgb), place);
        out.push_back(std::move(c));
    }
    if (out.empty())
        refuse(source, "the list is empty");
    return out;
}

} // namespace

std::vector<ListedColour> parseColourList(const std::string &text, const std::string &source)
{
    const size_t start = text.find_first_not_of(" \t\r\n\xEF\xBB\xBF");
    if (start == std::string::npos)
        refuse(source, "the file is empty");
    if (text[start] == '<')
        return fromCxf(text, source);
    if (text.find("BEGIN_DATA") != std::string::npos)
        return fromCgats(text, source);
    return fromCsv(text, source);
}

} // namespace lantern
