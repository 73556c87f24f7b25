#include "cli/said.h"

#include "core/base/text.h"
#include "run/book/in_words.h"

namespace lantern::cli {

std::string said(const Message &message)
{
    return printable(run::inWords(message).toStdString());
}

std::string saidFigures(const std::string &figures)
{
    return run::inLocale(figures).toStdString();
}

std::string shown(const QString &name)
{
    return printable(name.toStdString());
}

} // namespace lantern::cli
