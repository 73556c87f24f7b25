#include "core/base/error.h"

namespace lantern {

std::string errorText(const std::string &place, const std::string &problem,
                      const std::string &advice)
{
    return (place.empty() ? "" : place + ": ") + problem + (problem.ends_with('.') ? "" : ".") +
           (advice.empty() ? "" : " " + advice);
}

Error::Error(ErrorKind kind, std::string place, Message problem, Message advice)
    : std::runtime_error(errorText(place, problem.inEnglish(), advice.inEnglish())),
      kind(kind),
      place(std::move(place)),
      problem(std::move(problem)),
      advice(std::move(advice))
{}

} // namespace lantern
