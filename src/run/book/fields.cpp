#include "run/book/fields.h"

namespace lantern::run {

void cannotRecall(const std::string &where, const Message &problem)
{
    throw Error(ErrorKind::BadInput, where, problem,
                "The rest of the logbook is not touched by this.");
}

} // namespace lantern::run
