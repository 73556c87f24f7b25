#pragma once

// Heavy: for the files beside it only.

#include "core/base/message.h"
#include "core/colour/colour.h"
#include "core/report/diagram.h"
#include "core/report/speaker.h"

#include <nlohmann/json.hpp>

#include <functional>
#include <optional>
#include <string>
#include <utility>
#include <variant>
#include <vector>

namespace lantern::document {

/// Words for people: a message; or figures with their units and trade terms as the core writes
/// them, parts of which may be words, such as "gamma 2.2 · 120 cd/m²".
struct Words {
    Words() = default;
    // NOLINTBEGIN(google-explicit-constructor): each of them is words
    Words(Message message) : message(std::move(message)) {}
    template <size_t N> Words(const char (&text)[N]) : message(text) {}
    // NOLINTEND(google-explicit-constructor)
    static Words figures(std::string text)
    {
        Words w;
        w.asFigures = std::move(text);
        return w;
    }
    /// A person's own: the same in every language.
    static Words own(std::string text)
    {
        Words w;
        w.asIs = std::move(text);
        return w;
    }
    [[nodiscard]] bool empty() const
    {
        return message.empty() && asFigures.empty() && asIs.empty();
    }

    Message message;
    std::string asFigures, asIs; ///< one of the three, the others are empty
};

/// A value as it is, for programs, and in words. Null: not known.
struct Value {
    nlohmann::json data;
    Words text;
};

/// Whether a value can be worked out again from the rest of the document.
enum class Origin { Given, Derived };

/// A value under its name.
struct Entry {
    std::string key;
    nlohmann::json data;
    Origin origin = Origin::Given;
};

/// Sentences for people; their figures are entries of their own. Lines are kept.
struct Prose {
    std::vector<Words> text; ///< one after the other
    bool strong = false;

    explicit Prose(Message sentence, bool strong = false)
        : text{std::move(sentence)}, strong(strong)
    {}
    explicit Prose(std::vector<Words> sentences) : text(std::move(sentences)) {}
};

/// A heading for people over what follows it.
struct Heading {
    Message text;
    bool onNewPage = false; ///< where there are pages
};

/// Columns and rows with names for programs (key) and for people (label); either may be empty, and
/// is then of no concern to them.
struct Table {
    /// For programs: a list of rows, each its cells by column; or by column, each its cells by row.
    enum class Order { RowByRow, ColumnByColumn };
    struct Column {
        std::string key; ///< points in it lead into objects within the row's
        Words label;
        Origin origin = Origin::Given;
    };
    struct Row {
        std::string key = {};
        Words label = {};
        std::vector<Value> cells = {}; ///< as many as columns
        std::optional<Lab> swatch = {};
        Origin origin = Origin::Given;
        bool optional = false; ///< not in documents of older versions
    };
    std::string key = {}; ///< empty: the cells belong to the section itself
    Order order = Order::RowByRow;
    std::vector<Column> columns = {};
    std::vector<Row> rows = {};
};

/// A diagram.
struct Drawing {
    Diagram diagram;
    double width = 330, height = 240; ///< points
};

/// Diagrams side by side as far as there is room, for people.
struct Gallery {
    std::vector<Drawing> drawings;
};

/// Lines of figures that stand below each other, for people.
struct Listing {
    std::string text;
};

/// A picture from a file, for people.
struct Picture {
    std::string name;      ///< in the document
    std::string mediaType; ///< "image/png" …
    std::string bytes;
    double height = 48; ///< points
};

struct Block;

/// A part under its name; without a key it is for people only.
struct Section {
    explicit Section(std::string name = {});

    std::string key;
    std::vector<Block> blocks;

    template <class B> void add(B block);
};

struct Block : std::variant<Entry, Prose, Heading, Table, Gallery, Listing, Picture, Section> {
    using variant::variant;
};

inline Section::Section(std::string name) : key(std::move(name)) {}

template <class B> void Section::add(B block)
{
    blocks.emplace_back(std::move(block));
}

/// For programs: an object of all that has a key.
nlohmann::json toJson(const Section &section);

/// How drawings and pictures get into a page.
struct HtmlParts {
    std::function<std::string(const Drawing &)> drawing;
    std::function<std::string(const Picture &)> picture;
    std::function<std::string(const Listing &)> listing;
};
/// Within the page itself, so that it is one file: SVG, and pictures as data.
HtmlParts partsWithin(const Speaker &speaker);

/// For people: what stands in the body of a page.
std::string toHtml(const Section &section, const HtmlParts &parts, const Speaker &speaker);

std::string spoken(const Words &words, const Speaker &speaker);

/// Text for HTML.
std::string escape(const std::string &text);

/// A derived number of a document, where its place is, and what another document says there.
struct Compared {
    std::string name;
    nlohmann::json said;
    nlohmann::json computed;
};

/// Every derived value of `computed` with what a document for programs says in its place; parts
/// that the latter does not have are left out, values that it lacks are null.
std::vector<Compared> compare(const Section &computed, const nlohmann::json &said);

} // namespace lantern::document
