#include "core/profile/lcms_context.h"

#include "core/base/error.h"

namespace lantern {

LcmsContext::LcmsContext()
    : m_lastError(std::make_unique<std::string>()),
      m_context(cmsCreateContext(nullptr, m_lastError.get()))
{
    cmsSetLogErrorHandlerTHR(m_context.get(), [](cmsContext c, cmsUInt32Number, const char *text) {
        *static_cast<std::string *>(cmsGetContextUserData(c)) = text;
    });
}

void refuseProfile(const std::string &source, const Message &problem)
{
    throw Error(ErrorKind::BadInput, source, problem,
                "An ICC profile of an RGB display is expected.");
}

} // namespace lantern
