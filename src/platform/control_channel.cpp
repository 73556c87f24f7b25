#include "platform/control_channel.h"

#include "core/base/error.h"

#include <QCoreApplication>

#include <cmath>
#include <cstring>
#include <ddcutil_c_api.h>
#include <ddcutil_status_codes.h>
#include <dlfcn.h>
#include <map>
#include <unistd.h>

namespace lantern::platform {

namespace {

constexpr size_t kEdidBlock = 128;

struct Control {
    DDCA_Vcp_Feature_Code code;
    double MonitorControls::*field;
    const char *name;
};
constexpr Control kControls[] = {{0x10, &MonitorControls::brightness, "brightness"},
                                 {0x12, &MonitorControls::contrast, "contrast"},
                                 {0x16, &MonitorControls::redGain, "red gain"},
                                 {0x18, &MonitorControls::greenGain, "green gain"},
                                 {0x1a, &MonitorControls::blueGain, "blue gain"}};

QString words(const char *text)
{
    return QCoreApplication::translate("ControlChannel", text);
}

/// While it lives, what the process prints on standard output goes to standard error.
class OutputAside {
public:
    OutputAside() : m_kept(::dup(STDOUT_FILENO))
    {
        std::fflush(stdout);
        if (m_kept >= 0)
            ::dup2(STDERR_FILENO, STDOUT_FILENO);
    }
    ~OutputAside()
    {
        std::fflush(stdout);
        if (m_kept >= 0) {
            ::dup2(m_kept, STDOUT_FILENO);
            ::close(m_kept);
        }
    }
    OutputAside(const OutputAside &) = delete;
    OutputAside &operator=(const OutputAside &) = delete;

private:
    int m_kept;
};

/// The library, loaded when a channel is first looked for: it searches the machine as soon as it is
/// loaded, and prints what it misses there.
struct Library {
    decltype(&ddca_close_display) closeDisplay = nullptr;
    decltype(&ddca_free_display_info_list) freeList = nullptr;
    decltype(&ddca_get_display_info_list2) list = nullptr;
    decltype(&ddca_get_non_table_vcp_value) get = nullptr;
    decltype(&ddca_open_display2) openDisplay = nullptr;
    decltype(&ddca_rc_desc) describe = nullptr;
    decltype(&ddca_set_non_table_vcp_value) set = nullptr;
    bool complete = false;

    Library()
    {
        const OutputAside aside;
        void *handle = ::dlopen("libddcutil.so.4", RTLD_NOW | RTLD_LOCAL); // as long as we run
        if (!handle)
            return;
        const auto find = [handle](auto &function, const char *name) {
            function = reinterpret_cast<std::remove_reference_t<decltype(function)>>(
                ::dlsym(handle, name));
            return function != nullptr;
        };
        complete = find(closeDisplay, "ddca_close_display") &&
                   find(freeList, "ddca_free_display_info_list") &&
                   find(list, "ddca_get_display_info_list2") &&
                   find(get, "ddca_get_non_table_vcp_value") &&
                   find(openDisplay, "ddca_open_display2") && find(describe, "ddca_rc_desc") &&
                   find(set, "ddca_set_non_table_vcp_value");
    }
};

const Library &library()
{
    static const Library loaded;
    return loaded;
}

} // namespace

struct ControlChannel::Handle {
    DDCA_Display_Handle display = nullptr;
    std::string name;
    std::map<DDCA_Vcp_Feature_Code, int> maxima; ///< of the controls that it has
    std::map<DDCA_Vcp_Feature_Code, int> written;

    ~Handle()
    {
        if (display)
            library().closeDisplay(display);
    }

    /// Present and largest value; nothing when the monitor has no such control.
    std::optional<std::pair<int, int>> value(DDCA_Vcp_Feature_Code code) const
    {
        DDCA_Non_Table_Vcp_Value v{};
        if (library().get(display, code, &v) != 0)
            return std::nullopt;
        const int largest = v.mh << 8 | v.ml;
        if (largest <= 0)
            return std::nullopt;
        return std::pair{v.sh << 8 | v.sl, largest};
    }
};

ControlChannel::ControlChannel(std::unique_ptr<Handle> handle) : m_handle(std::move(handle)) {}

ControlChannel::~ControlChannel() = default;

std::unique_ptr<ControlChannel> ControlChannel::find(const QByteArray &edid, QString *reason)
{
    const auto none = [&](const QString &why) {
        if (reason)
            *reason = why;
        return nullptr;
    };
    if (static_cast<size_t>(edid.size()) < kEdidBlock)
        return none(words("The display does not say who it is, so its control channel cannot be "
                          "told from others."));
    if (!library().complete)
        return none(words("The library for control channels, libddcutil, is not installed. Install "
                          "it, or turn the controls by hand."));
    const OutputAside aside;
    DDCA_Display_Info_List *list = nullptr;
    if (const DDCA_Status status = library().list(false, &list); status != 0)
        return none(words("The control channels cannot be searched: %1. Load the kernel module "
                          "i2c-dev and allow yourself its devices, or turn the controls by hand.")
                        .arg(QString::fromUtf8(library().describe(status))));
    std::unique_ptr<Handle> handle;
    DDCA_Status opened = 0;
    for (int i = 0; i < list->ct; ++i) {
        const DDCA_Display_Info &info = list->info[i];
        if (std::memcmp(info.edid_bytes, edid.constData(), kEdidBlock) != 0)
            continue;
        handle = std::make_unique<Handle>();
        handle->name = info.model_name;
        opened = library().openDisplay(info.dref, /*wait=*/true, &handle->display);
        break;
    }
    library().freeList(list);
    if (!handle)
        return none(words("The monitor does not answer on its control channel. Turn its controls "
                          "by hand."));
    if (opened != 0)
        return none(words("The monitor's control channel cannot be opened: %1.")
                        .arg(QString::fromUtf8(library().describe(opened))));
    for (const Control &control : kControls)
        if (const auto v = handle->value(control.code))
            handle->maxima[control.code] = v->second;
    if (handle->maxima.empty())
        return none(words("The monitor answers but lets none of its controls be read."));
    return std::unique_ptr<ControlChannel>(new ControlChannel(std::move(handle)));
}

ControlCapabilities ControlChannel::capabilities() const
{
    const auto has = [this](DDCA_Vcp_Feature_Code code) {
        return m_handle->maxima.count(code) != 0;
    };
    return {has(0x10), has(0x16) && has(0x18) && has(0x1a)};
}

std::optional<MonitorControls> ControlChannel::read()
{
    MonitorControls controls;
    for (const Control &control : kControls) {
        const auto largest = m_handle->maxima.find(control.code);
        if (largest == m_handle->maxima.end())
            continue;
        const auto v = m_handle->value(control.code);
        if (!v)
            throw Error(ErrorKind::Device, m_handle->name,
                        {"its %1 cannot be read any more", {control.name}},
                        "Is it still connected?");
        controls.*control.field = std::round(100.0 * v->first / largest->second);
        m_handle->written[control.code] = v->first;
    }
    return controls;
}

void ControlChannel::write(const MonitorControls &controls)
{
    for (const Control &control : kControls) {
        const auto largest = m_handle->maxima.find(control.code);
        if (largest == m_handle->maxima.end())
            continue;
        const int value =
            static_cast<int>(std::lround(controls.*control.field * largest->second / 100));
        if (const auto before = m_handle->written.find(control.code);
            before != m_handle->written.end() && before->second == value)
            continue; // each write costs time and wears the monitor's memory
        const DDCA_Status status =
            library().set(m_handle->display, control.code, static_cast<uint8_t>(value >> 8),
                          static_cast<uint8_t>(value & 0xff));
        if (status != 0)
            throw Error(ErrorKind::Device, m_handle->name,
                        {"its %1 cannot be set: %2", {control.name, library().describe(status)}},
                        "Turn it by hand, or go on.");
        m_handle->written[control.code] = value;
    }
}

} // namespace lantern::platform
