#pragma once

#include "core/base/message.h"

#include <lcms2.h>

#include <memory>
#include <string>
#include <vector>

namespace lantern {

/// A Little CMS context that remembers the library's last complaint instead of printing it.
class LcmsContext {
public:
    LcmsContext();
    [[nodiscard]] cmsContext get() const { return m_context.get(); }
    [[nodiscard]] const std::string &lastError() const { return *m_lastError; }

private:
    struct Deleter {
        void operator()(cmsContext c) const { cmsDeleteContext(c); }
    };
    std::unique_ptr<std::string> m_lastError; // outlives the context that points to it
    std::unique_ptr<std::remove_pointer_t<cmsContext>, Deleter> m_context;
};

/// \throws Error BadInput that names the file and what is wrong with it.
[[noreturn]] void refuseProfile(const std::string &source, const Message &problem);

struct LcmsProfileDeleter {
    void operator()(cmsHPROFILE p) const { cmsCloseProfile(p); }
};
using LcmsProfile = std::unique_ptr<void, LcmsProfileDeleter>;

struct LcmsTransformDeleter {
    void operator()(cmsHTRANSFORM t) const { cmsDeleteTransform(t); }
};
using LcmsTransform = std::unique_ptr<void, LcmsTransformDeleter>;

struct LcmsCurveDeleter {
    void operator()(cmsToneCurve *c) const { cmsFreeToneCurve(c); }
};
using LcmsCurve = std::unique_ptr<cmsToneCurve, LcmsCurveDeleter>;

struct LcmsPipelineDeleter {
    void operator()(cmsPipeline *p) const { cmsPipelineFree(p); }
};
using LcmsPipeline = std::unique_ptr<cmsPipeline, LcmsPipelineDeleter>;

} // namespace lantern
