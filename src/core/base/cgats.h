#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace lantern {

/// One value of a CGATS table and the line it stood on.
struct CgatsCell {
    std::string text;
    int line = 0;
};

/// A CGATS file with one table: keywords, field names and rows. ISO 28178:2009.
struct CgatsTable {
    std::string identifier = "CGATS.17"; ///< first word of the file
    std::map<std::string, std::string> keywords;
    std::vector<std::string> fields;
    std::vector<std::vector<CgatsCell>> rows; ///< each as wide as `fields`

    /// Column of a field name, or nothing.
    [[nodiscard]] std::optional<size_t> column(const std::string &field) const;
};

/// Reads a CGATS text: columns in any order, quoted strings ("" inside stands for one quote),
/// comments from # to the end of the line. Of several tables the first is read.
/// \param source file name for messages
/// \throws Error BadInput with source and line: no data, counts that disagree with NUMBER_OF_FIELDS
///         or NUMBER_OF_SETS, a text that ends early, a repeated field, more than 2 million values.
CgatsTable parseCgats(const std::string &text, const std::string &source);

/// All tables of a text; errors as parseCgats.
std::vector<CgatsTable> parseCgatsTables(const std::string &text, const std::string &source);

/// Writes a table; texts that need it are quoted. Lines end with \n.
std::string writeCgats(const CgatsTable &table);
std::string writeCgats(const std::vector<CgatsTable> &tables);

/// A cell as a finite number. \throws Error BadInput naming source, line, field and value.
double cgatsNumber(const CgatsTable &table, size_t row, size_t column, const std::string &source);

} // namespace lantern
