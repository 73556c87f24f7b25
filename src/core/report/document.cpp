#include "core/report/document.h"

#include "core/base/text.h"
#include "core/colour/spaces.h"

#include <algorithm>

namespace lantern::document {

namespace {

using nlohmann::json;

/// The place of a key in an object; points in it lead into objects within.
json &placeOf(json &object, const std::string &key)
{
    const size_t point = key.find('.');
    if (point == std::string::npos)
        return object[key];
    return placeOf(object[key.substr(0, point)], key.substr(point + 1));
}

/// Null where there is nothing.
json valueAt(const json &object, const std::string &key)
{
    const size_t point = key.find('.');
    const std::string first = key.substr(0, point);
    if (!object.is_object() || !object.contains(first))
        return {};
    return point == std::string::npos ? object[first]
                                      : valueAt(object[first], key.substr(point + 1));
}

// One overload for each kind of block in every form.

struct JsonForm {
    json &out;

    void operator()(const Entry &e) const { out[e.key] = e.data; }
    void operator()(const Prose &) const {}
    void operator()(const Gallery &) const {}
    void operator()(const Listing &) const {}
    void operator()(const Picture &) const {}
    void operator()(const Heading &) const {}
    void operator()(const Section &s) const
    {
        if (!s.key.empty())
            out[s.key] = toJson(s);
    }
    void operator()(const Table &t) const
    {
        json &place = t.key.empty() ? out : out[t.key];
        if (t.order == Table::Order::RowByRow) {
            place = json::array();
            for (const Table::Row &row : t.rows) {
                json object = json::object();
                for (size_t c = 0; c < t.columns.size(); ++c)
                    if (!t.columns[c].key.empty())
                        placeOf(object, t.columns[c].key) = row.cells[c].data;
                place.push_back(std::move(object));
            }
            return;
        }
        for (size_t c = 0; c < t.columns.size(); ++c)
            if (!t.columns[c].key.empty())
                for (const Table::Row &row : t.rows)
                    if (!row.key.empty())
                        place[t.columns[c].key][row.key] = row.cells[c].data;
    }
};

/// CSS colour of a PCS Lab.
std::string cssColour(const Lab &lab)
{
    const Vec3 rgb = vec(srgbCodesFromPcs(lab)).cwiseMax(0).cwiseMin(255);
    return "rgb(" + fixedNumber(rgb[0], 0) + "," + fixedNumber(rgb[1], 0) + "," +
           fixedNumber(rgb[2], 0) + ")";
}

/// RFC 4648, 4.
std::string base64(const std::string &bytes)
{
    constexpr const char *kDigits =
        "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";
    std::string out;
    for (size_t i = 0; i < bytes.size(); i += 3) {
        unsigned group = 0;
        for (size_t k = 0; k < 3; ++k)
            group = group << 8 | (i + k < bytes.size() ? static_cast<uint8_t>(bytes[i + k]) : 0U);
        for (size_t k = 0; k < 4; ++k)
            out += i + k > bytes.size() ? '=' : kDigits[group >> (18 - 6 * k) & 63];
    }
    return out;
}

/// Text of several lines, for HTML.
std::string escapedLines(const std::string &text)
{
    std::string out;
    for (const char c : escape(text))
        out += c == '\n' ? std::string("<br>") : std::string(1, c);
    return out;
}

struct HtmlForm {
    std::string &out;
    const HtmlParts &parts;
    const Speaker &speaker;

    void operator()(const Entry &) const {}
    void operator()(const Prose &p) const
    {
        std::string text;
        for (const Words &w : p.text)
            text += (text.empty() ? "" : " ") + escapedLines(spoken(w, speaker));
        out += (p.strong ? "<p class=\"verdict\">" : "<p>") + text + "</p>\n";
    }
    void operator()(const Heading &h) const
    {
        out += (h.onNewPage ? "<h2 class=\"page\">" : "<h2>") + escape(speaker.words(h.text)) +
               "</h2>\n";
    }
    void operator()(const Gallery &g) const
    {
        out += "<p>";
        for (const Drawing &d : g.drawings)
            out += parts.drawing(d);
        out += "</p>\n";
    }
    void operator()(const Picture &p) const { out += parts.picture(p); }
    void operator()(const Listing &l) const { out += parts.listing(l); }
    void operator()(const Section &s) const { out += toHtml(s, parts, speaker); }
    void operator()(const Table &t) const
    {
        const bool labelled = std::any_of(t.columns.begin(), t.columns.end(),
                                          [](const Table::Column &c) { return !c.label.empty(); });
        if (!labelled)
            return;
        const bool swatches = !t.rows.empty() && t.rows.front().swatch.has_value();
        const bool names = std::any_of(t.rows.begin(), t.rows.end(),
                                       [](const Table::Row &r) { return !r.label.empty(); });
        out += "<table>\n<tr>";
        if (swatches || names)
            out += "<th></th>";
        for (const Table::Column &c : t.columns)
            if (!c.label.empty())
                out += "<th>" + escape(spoken(c.label, speaker)) + "</th>";
        out += "</tr>\n";
        for (const Table::Row &row : t.rows) {
            if (names && row.label.empty())
                continue;
            out += "<tr>";
            if (swatches)
                out += "<td class=\"swatch\" style=\"background-color:" + cssColour(*row.swatch) +
                       "\">&nbsp;&nbsp;&nbsp;&nbsp;&nbsp;&nbsp;</td>";
            else if (names)
                out += "<td>" + escape(spoken(row.label, speaker)) + "</td>";
            for (size_t c = 0; c < t.columns.size(); ++c)
                if (!t.columns[c].label.empty())
                    out += "<td>" + escape(spoken(row.cells[c].text, speaker)) + "</td>";
            out += "</tr>\n";
        }
        out += "</table>\n";
    }
};

struct Comparison {
    const json &said;
    std::string place; ///< ends with a point where it is not empty
    std::vector<Compared> &found;

    void operator()(const Entry &e) const
    {
        if (e.origin == Origin::Derived)
            found.push_back({place + e.key, valueAt(said, e.key), e.data});
    }
    void operator()(const Prose &) const {}
    void operator()(const Heading &) const {}
    void operator()(const Gallery &) const {}
    void operator()(const Listing &) const {}
    void operator()(const Picture &) const {}
    void operator()(const Section &s) const
    {
        if (s.key.empty())
            walk(s, *this);
        else if (said.contains(s.key))
            walk(s, {said[s.key], place + s.key + ".", found});
    }
    void operator()(const Table &t) const
    {
        if (!t.key.empty() && !said.contains(t.key))
            return;
        const json &there = t.key.empty() ? said : said[t.key];
        const std::string name = t.key.empty() ? place : place + t.key;
        if (t.order == Table::Order::RowByRow)
            rows(t, there, name);
        else
            columns(t, there, t.key.empty() ? name : name + ".");
    }

    static void walk(const Section &s, const Comparison &comparison)
    {
        for (const Block &block : s.blocks)
            std::visit(comparison, static_cast<const Block::variant &>(block));
    }

private:
    void rows(const Table &t, const json &there, const std::string &name) const
    {
        for (size_t r = 0; r < t.rows.size(); ++r) {
            const json row = there.is_array() && r < there.size() ? there[r] : json();
            for (size_t c = 0; c < t.columns.size(); ++c)
                if (const Table::Column &column = t.columns[c]; column.origin == Origin::Derived)
                    found.push_back({name + "[" + std::to_string(r + 1) + "]." + column.key,
                                     valueAt(row, column.key), t.rows[r].cells[c].data});
        }
    }
    void columns(const Table &t, const json &there, const std::string &name) const
    {
        for (size_t c = 0; c < t.columns.size(); ++c) {
            const Table::Column &column = t.columns[c];
            if (column.key.empty() || !there.contains(column.key))
                continue;
            const json &object = there[column.key];
            for (const Table::Row &row : t.rows) {
                if (row.key.empty() || row.origin != Origin::Derived)
                    continue;
                if (!row.optional || (object.is_object() && object.contains(row.key)))
                    found.push_back({name + column.key + "." + row.key, valueAt(object, row.key),
                                     row.cells[c].data});
            }
        }
    }
};

} // namespace

std::string escape(const std::string &text)
{
    std::string out;
    for (const char c : text) {
        if (c == '&')
            out += "&amp;";
        else if (c == '<')
            out += "&lt;";
        else if (c == '>')
            out += "&gt;";
        else if (c == '"')
            out += "&quot;";
        else
            out += c;
    }
    return out;
}

nlohmann::json toJson(const Section &section)
{
    json out = json::object();
    for (const Block &block : section.blocks)
        std::visit(JsonForm{out}, static_cast<const Block::variant &>(block));
    return out;
}

std::string spoken(const Words &words, const Speaker &speaker)
{
    if (!words.asIs.empty())
        return words.asIs;
    return words.message.empty() ? speaker.figures(words.asFigures) : speaker.words(words.message);
}

HtmlParts partsWithin(const Speaker &speaker)
{
    return {
        [speaker](const Drawing &d) { return diagramToSvg(d.diagram, d.width, d.height, speaker); },
        [](const Picture &p) {
            return "<p><img alt=\"\" style=\"height:" + fixedNumber(p.height, 0) +
                   "pt\" src=\"data:" + p.mediaType + ";base64," + base64(p.bytes) + "\"></p>\n";
        },
        [](const Listing &l) { return "<pre>" + escape(l.text) + "</pre>\n"; }};
}

std::string toHtml(const Section &section, const HtmlParts &parts, const Speaker &speaker)
{
    std::string out;
    for (const Block &block : section.blocks)
        std::visit(HtmlForm{out, parts, speaker}, static_cast<const Block::variant &>(block));
    return out;
}

std::vector<Compared> compare(const Section &computed, const nlohmann::json &said)
{
    std::vector<Compared> found;
    if (said.is_object())
        Comparison::walk(computed, {said, {}, found});
    return found;
}

} // namespace lantern::document
