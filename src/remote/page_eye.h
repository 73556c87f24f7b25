#pragma once

#include "remote/page_presenter.h"
#include "run/device/bench_devices.h"

namespace lantern::remote {

/// What the bench's meter sees of a simulated panel that shows a device's page. Lives in the
/// presenter's thread.
class PageEye : public run::BenchEye {
    Q_OBJECT
public:
    PageEye(std::shared_ptr<PagePresenter> presenter, std::shared_ptr<run::BenchRig> rig)
        : m_presenter(std::move(presenter)), m_rig(std::move(rig))
    {}
    void look(run::Request request) override ///< from any thread
    {
        QMetaObject::invokeMethod(
            this,
            [this, request] {
                const auto shown = m_presenter->shownNow();
                bench::Bench::SeenColours seen;
                if (shown)
                    seen = m_rig->with([&](bench::Bench &b) {
                        return bench::seenBy(b, {shown->first, shown->second});
                    });
                emit looked(request, seen);
            },
            Qt::QueuedConnection);
    }

private:
    std::shared_ptr<PagePresenter> m_presenter;
    std::shared_ptr<run::BenchRig> m_rig;
};

} // namespace lantern::remote
