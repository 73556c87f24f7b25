#include "cli/line_input.h"

#include "core/base/error.h"
#include "core/base/text.h"

#include <iostream>
#include <sstream>
#include <string>

namespace lantern::cli {

void forEachLine(size_t count, const std::function<void(const std::vector<double> &)> &use)
{
    std::string line;
    for (int number = 1; std::getline(std::cin, line); ++number) {
        const size_t start = line.find_first_not_of(" \t\r");
        if (start == std::string::npos || line[start] == '#')
            continue;
        const std::string where = "standard input, line " + std::to_string(number);
        std::istringstream words(line);
        std::vector<double> values;
        for (std::string word; words >> word;) {
            const auto value = parseNumber(word);
            if (!value)
                throw Error(ErrorKind::BadInput, where,
                            {"\"%1\" is not a finite number", {word.substr(0, 40)}});
            values.push_back(*value);
        }
        if (values.size() != count)
            throw Error(ErrorKind::BadInput, where,
                        {"%1 numbers; %2 are expected",
                         {std::to_string(values.size()), std::to_string(count)}});
        try {
            use(values);
        } catch (const Error &e) {
            throw Error(e.kind, where + ", " + e.place, e.problem, e.advice);
        }
    }
}

} // namespace lantern::cli
