#include "core/profile/lcms_context.h"

namespace lantern {

LcmsContext::LcmsContext()
    : m_lastError(std::make_unique<std::string>()),
      m_context(cmsCreateContext(nullptr, m_lastError.get()))
{
    cmsSetLogErrorHandlerTHR(m_context.get(), [](cmsContext c, cmsUInt32Number, const char *text) {
        *static_cast<std::string *>(cmsGetContextUserData(c)) = text;
    });
}

} // namespace lantern
