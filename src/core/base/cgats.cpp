#include "core/base/cgats.h"

#include "core/base/error.h"
#include "core/base/text.h"

#include <algorithm>
#include <set>

namespace lantern {

namespace {

constexpr size_t kMaxCells = 2'000'000;

struct Token {
    std::string text;
    int line = 1;
    bool quoted = false;
    bool firstOnLine = false;
};

class Tokenizer {
public:
    Tokenizer(const std::string &text, const std::string &source) : m_text(text), m_source(source)
    {
        skip();
    }

    [[nodiscard]] bool atEnd() const { return m_at >= m_text.size(); }
    [[nodiscard]] int line() const { return m_line; }
    [[nodiscard]] bool atLineStart() const { return m_lineStart; }

    Token next()
    {
        Token token{{}, m_line, false, m_lineStart};
        m_lineStart = false;
        if (m_text[m_at] == '"')
            readQuoted(token);
        else
            while (!atEnd() && !isSpace(m_text[m_at]))
                token.text += m_text[m_at++];
        skip();
        return token;
    }

private:
    static bool isSpace(char c) { return c == ' ' || c == '\t' || c == '\r' || c == '\n'; }

    void readQuoted(Token &token)
    {
        token.quoted = true;
        ++m_at;
        while (true) {
            if (atEnd() || m_text[m_at] == '\n')
                throw Error(ErrorKind::BadInput, m_source + ", line " + std::to_string(m_line),
                            "a quoted text is not closed");
            if (m_text[m_at] == '"') {
                ++m_at;
                if (atEnd() || m_text[m_at] != '"')
                    return;
            }
            token.text += m_text[m_at++];
        }
    }

    /// To the next token, over white space and comments.
    void skip()
    {
        while (!atEnd()) {
            const char c = m_text[m_at];
            if (c == '#') {
                while (!atEnd() && m_text[m_at] != '\n')
                    ++m_at;
            } else if (isSpace(c)) {
                if (c == '\n') {
                    ++m_line;
                    m_lineStart = true;
                }
                ++m_at;
            } else
                return;
        }
    }

    const std::string &m_text;
    const std::string &m_source;
    size_t m_at = 0;
    int m_line = 1;
    bool m_lineStart = true;
};

class Parser {
public:
    Parser(const std::string &text, const std::string &source)
        : m_tokens(text, source), m_source(source)
    {}

    [[nodiscard]] bool atEnd() const { return m_tokens.atEnd(); }

    /// The next table. A later one may do without an identifier of its own.
    CgatsTable parse()
    {
        if (m_tokens.atEnd())
            fail(1, "the file is empty");
        m_table = {};
        m_fieldCount.reset();
        m_setCount.reset();
        const Token first = m_tokens.next();
        if (first.text == "BEGIN_DATA_FORMAT")
            readFormat(first.line);
        else if (m_tokens.atLineStart() || m_tokens.atEnd() || !m_anyRead)
            m_table.identifier = first.text;
        else
            readKeyword(first);
        m_anyRead = true;
        while (!m_tokens.atEnd()) {
            const Token token = m_tokens.next();
            if (token.text == "BEGIN_DATA_FORMAT")
                readFormat(token.line);
            else if (token.text == "BEGIN_DATA") {
                readData(token.line);
                return m_table;
            } else
                readKeyword(token);
        }
        fail(m_tokens.line(), "there is no BEGIN_DATA section");
    }

private:
    [[noreturn]] void fail(int line, const Message &problem) const
    {
        throw Error(ErrorKind::BadInput, m_source + ", line " + std::to_string(line), problem,
                    "A CGATS file (ISO 28178) is expected.");
    }

    void readKeyword(const Token &token)
    {
        if (!token.firstOnLine)
            fail(token.line, {"unexpected text \"%1\"", {token.text.substr(0, 40)}});
        std::string value;
        while (!m_tokens.atEnd() && !m_tokens.atLineStart()) {
            const Token part = m_tokens.next();
            value += (value.empty() ? "" : " ") + part.text;
        }
        if (token.text == "KEYWORD")
            return; // declares a keyword of the writer's own; its value follows on another line
        if (token.text == "NUMBER_OF_FIELDS")
            m_fieldCount = count(value, token);
        else if (token.text == "NUMBER_OF_SETS")
            m_setCount = count(value, token);
        else
            m_table.keywords[token.text] = value;
    }

    size_t count(const std::string &value, const Token &token) const
    {
        const auto number = parseNumber(value);
        if (!number || *number < 0 || *number > kMaxCells ||
            *number != static_cast<double>(static_cast<size_t>(*number)))
            fail(token.line, {"%1 is \"%2\"; a whole number up to 2 million is expected",
                              {token.text, value.substr(0, 40)}});
        return static_cast<size_t>(*number);
    }

    void readFormat(int beginLine)
    {
        std::set<std::string> seen;
        m_table.fields.clear();
        while (!m_tokens.atEnd()) {
            const Token token = m_tokens.next();
            if (token.text == "END_DATA_FORMAT")
                return;
            if (token.text == "BEGIN_DATA")
                break;
            if (!seen.insert(token.text).second)
                fail(token.line, {"the field %1 stands twice in the data format", {token.text}});
            m_table.fields.push_back(token.text);
        }
        fail(beginLine, "BEGIN_DATA_FORMAT has no END_DATA_FORMAT; the file seems cut off");
    }

    void readData(int beginLine)
    {
        if (m_table.fields.empty())
            fail(beginLine, "there is no data format before BEGIN_DATA");
        if (m_fieldCount && *m_fieldCount != m_table.fields.size())
            fail(beginLine,
                 {"NUMBER_OF_FIELDS says %1, the data format names %2",
                  {std::to_string(*m_fieldCount), std::to_string(m_table.fields.size())}});
        std::vector<CgatsCell> cells;
        while (true) {
            if (m_tokens.atEnd())
                fail(m_tokens.line(),
                     {"the data have no END_DATA; the file seems cut off after %1 rows",
                      {std::to_string(m_table.rows.size())}});
            Token token = m_tokens.next();
            if (!token.quoted && token.text == "END_DATA") {
                finishData(cells, token.line);
                return;
            }
            cells.push_back({std::move(token.text), token.line});
            if (cells.size() == m_table.fields.size()) {
                m_table.rows.push_back(std::move(cells));
                cells.clear();
                if (m_table.rows.size() * m_table.fields.size() > kMaxCells)
                    fail(token.line, "more than 2 million values");
            }
        }
    }

    void finishData(const std::vector<CgatsCell> &rest, int line) const
    {
        if (!rest.empty())
            fail(rest.front().line,
                 {"a row has %1 of %2 values",
                  {std::to_string(rest.size()), std::to_string(m_table.fields.size())}});
        if (m_setCount && *m_setCount != m_table.rows.size())
            fail(line, {"NUMBER_OF_SETS says %1, the data have %2 rows",
                        {std::to_string(*m_setCount), std::to_string(m_table.rows.size())}});
        if (m_table.rows.empty())
            fail(line, "the data are empty");
    }

    Tokenizer m_tokens;
    const std::string &m_source;
    CgatsTable m_table;
    bool m_anyRead = false;
    std::optional<size_t> m_fieldCount;
    std::optional<size_t> m_setCount;
};

std::string quoted(const std::string &text)
{
    std::string out = "\"";
    for (const char c : text) {
        if (c == '"')
            out += '"';
        out += c == '\n' || c == '\r' ? ' ' : c;
    }
    return out + '"';
}

bool needsQuotes(const std::string &text)
{
    return text.empty() || text.find_first_of(" \t\r\n\"#") != std::string::npos;
}

} // namespace

std::optional<size_t> CgatsTable::column(const std::string &field) const
{
    const auto it = std::find(fields.begin(), fields.end(), field);
    if (it == fields.end())
        return std::nullopt;
    return static_cast<size_t>(it - fields.begin());
}

CgatsTable parseCgats(const std::string &text, const std::string &source)
{
    return Parser(text, source).parse();
}

std::vector<CgatsTable> parseCgatsTables(const std::string &text, const std::string &source)
{
    Parser parser(text, source);
    std::vector<CgatsTable> tables;
    size_t cells = 0;
    do {
        tables.push_back(parser.parse());
        cells += tables.back().rows.size() * tables.back().fields.size();
        if (cells > kMaxCells)
            throw Error(ErrorKind::BadInput, source, "more than 2 million values");
    } while (!parser.atEnd());
    return tables;
}

std::string writeCgats(const std::vector<CgatsTable> &tables)
{
    std::string out;
    for (const CgatsTable &table : tables)
        out += (out.empty() ? "" : "\n") + writeCgats(table);
    return out;
}

std::string writeCgats(const CgatsTable &table)
{
    std::string out = table.identifier + "\n\n";
    for (const auto &[key, value] : table.keywords)
        out += key + " " + (parseNumber(value) ? value : quoted(value)) + "\n";
    out += "\nNUMBER_OF_FIELDS " + std::to_string(table.fields.size()) + "\nBEGIN_DATA_FORMAT\n";
    for (size_t i = 0; i < table.fields.size(); ++i)
        out += (i ? " " : "") + table.fields[i];
    out += "\nEND_DATA_FORMAT\n\nNUMBER_OF_SETS " + std::to_string(table.rows.size()) +
           "\nBEGIN_DATA\n";
    for (const auto &row : table.rows) {
        for (size_t i = 0; i < row.size(); ++i) {
            if (i)
                out += ' ';
            out += needsQuotes(row[i].text) ? quoted(row[i].text) : row[i].text;
        }
        out += '\n';
    }
    return out + "END_DATA\n";
}

double cgatsNumber(const CgatsTable &table, size_t row, size_t column, const std::string &source)
{
    const CgatsCell &cell = table.rows[row][column];
    const auto value = parseNumber(cell.text);
    if (!value)
        throw Error(ErrorKind::BadInput,
                    source + ", line " + std::to_string(cell.line) + ", field " +
                        table.fields[column],
                    {"\"%1\" is not a finite number", {cell.text.substr(0, 40)}});
    return *value;
}

} // namespace lantern
