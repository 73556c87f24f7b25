#include "platform/x11/x11_output.h"

#include "core/base/error.h"
#include <cstdlib>
#include <xcb/randr.h>
#include <xcb/xcb.h>

namespace lantern::platform {

namespace {

template <class T> using Reply = std::unique_ptr<T, decltype(&std::free)>;

template <class T> Reply<T> reply(T *raw)
{
    return {raw, &std::free};
}

[[noreturn]] void fail(const QString &place, const Message &problem, const Message &advice)
{
    throw Error(ErrorKind::Device, place.toStdString(), problem, advice);
}

/// Source: ICC Profiles in X Specification 0.4.
QByteArray propertyName(int index)
{
    return index == 0 ? QByteArray("_ICC_PROFILE") : "_ICC_PROFILE_" + QByteArray::number(index);
}

} // namespace

class X11Connection {
public:
    X11Connection() : m_connection(xcb_connect(nullptr, &m_screenNumber))
    {
        if (xcb_connection_has_error(m_connection))
            return;
        auto it = xcb_setup_roots_iterator(xcb_get_setup(m_connection));
        for (int i = 0; i < m_screenNumber; ++i)
            xcb_screen_next(&it);
        m_root = it.data->root;
    }
    ~X11Connection() { xcb_disconnect(m_connection); }
    X11Connection(const X11Connection &) = delete;
    X11Connection &operator=(const X11Connection &) = delete;

    [[nodiscard]] bool isUsable() const { return !xcb_connection_has_error(m_connection); }
    [[nodiscard]] xcb_connection_t *get() const { return m_connection; }
    [[nodiscard]] xcb_window_t root() const { return m_root; }

    xcb_atom_t atom(const QByteArray &name)
    {
        const auto r = reply(xcb_intern_atom_reply(
            m_connection,
            xcb_intern_atom(m_connection, 0, static_cast<uint16_t>(name.size()), name.constData()),
            nullptr));
        if (!r)
            fail(QString::fromLatin1(name), "the X server does not answer",
                 "Is the display server still running?");
        return r->atom;
    }

    /// Waits until the server has carried out a checked request.
    void expect(xcb_void_cookie_t cookie, const QString &place, const Message &problem)
    {
        const auto error = reply(xcb_request_check(m_connection, cookie));
        if (error || !isUsable())
            fail(place, problem, "Is the display still connected?");
    }

private:
    int m_screenNumber = 0;
    xcb_connection_t *m_connection;
    xcb_window_t m_root = 0;
};

namespace {

QByteArray edidOf(X11Connection &x, xcb_randr_output_t output)
{
    constexpr uint32_t kLongest = 256; // of four bytes; 8 blocks of 128
    const auto property = reply(xcb_randr_get_output_property_reply(
        x.get(),
        xcb_randr_get_output_property(x.get(), output, x.atom("EDID"), XCB_GET_PROPERTY_TYPE_ANY, 0,
                                      kLongest, 0, 0),
        nullptr));
    if (!property || property->format != 8)
        return {};
    return {reinterpret_cast<const char *>(xcb_randr_get_output_property_data(property.get())),
            xcb_randr_get_output_property_data_length(property.get())};
}

} // namespace

std::vector<Output> x11Outputs()
{
    std::vector<Output> outputs;
    X11Connection x;
    if (!x.isUsable())
        return outputs;
    const auto extension = xcb_get_extension_data(x.get(), &xcb_randr_id);
    if (!extension || !extension->present)
        return outputs;
    const auto resources = reply(xcb_randr_get_screen_resources_current_reply(
        x.get(), xcb_randr_get_screen_resources_current(x.get(), x.root()), nullptr));
    if (!resources)
        return outputs;
    const xcb_randr_output_t *ids = xcb_randr_get_screen_resources_current_outputs(resources.get());
    const int count = xcb_randr_get_screen_resources_current_outputs_length(resources.get());
    for (int i = 0; i < count; ++i) {
        const auto info = reply(xcb_randr_get_output_info_reply(
            x.get(), xcb_randr_get_output_info(x.get(), ids[i], XCB_CURRENT_TIME), nullptr));
        if (!info || info->crtc == XCB_NONE)
            continue;
        const auto crtc = reply(xcb_randr_get_crtc_info_reply(
            x.get(), xcb_randr_get_crtc_info(x.get(), info->crtc, XCB_CURRENT_TIME), nullptr));
        if (!crtc)
            continue;
        const char *name =
            reinterpret_cast<const char *>(xcb_randr_get_output_info_name(info.get()));
        outputs.push_back(
            {QString::fromUtf8(name, xcb_randr_get_output_info_name_length(info.get())),
             info->crtc,
             {crtc->x, crtc->y, crtc->width, crtc->height},
             static_cast<int>(outputs.size()),
             QSizeF(info->mm_width, info->mm_height),
             edidOf(x, ids[i])});
    }
    return outputs;
}

X11VideoLut::X11VideoLut(const Output &output)
    : m_connection(std::make_unique<X11Connection>()), m_output(output)
{
    if (!m_connection->isUsable())
        fail(output.name, "there is no X server to talk to", "");
    const auto size = reply(xcb_randr_get_crtc_gamma_size_reply(
        m_connection->get(), xcb_randr_get_crtc_gamma_size(m_connection->get(), output.crtc),
        nullptr));
    m_size = size ? size->size : 0;
    if (m_size < 2)
        fail(output.name, "this output has no video LUT",
             "It cannot be calibrated this way; a profile can still be built.");
}

X11VideoLut::~X11VideoLut() = default;

LutTables X11VideoLut::tables()
{
    const auto gamma = reply(xcb_randr_get_crtc_gamma_reply(
        m_connection->get(), xcb_randr_get_crtc_gamma(m_connection->get(), m_output.crtc),
        nullptr));
    if (!gamma || gamma->size < 2)
        fail(m_output.name, "its video LUT cannot be read", "Is the display still connected?");
    const uint16_t *raw[] = {xcb_randr_get_crtc_gamma_red(gamma.get()),
                             xcb_randr_get_crtc_gamma_green(gamma.get()),
                             xcb_randr_get_crtc_gamma_blue(gamma.get())};
    LutTables tables;
    for (int c = 0; c < 3; ++c)
        tables[c].assign(raw[c], raw[c] + gamma->size);
    return tables;
}

void X11VideoLut::setTables(const LutTables &tables)
{
    m_connection->expect(xcb_randr_set_crtc_gamma_checked(
                             m_connection->get(), m_output.crtc, static_cast<uint16_t>(m_size),
                             tables[0].data(), tables[1].data(), tables[2].data()),
                         m_output.name, "its video LUT cannot be loaded");
}

X11ProfileStore::X11ProfileStore(const Output &output)
    : m_connection(std::make_unique<X11Connection>()), m_property(propertyName(output.index))
{}

X11ProfileStore::~X11ProfileStore() = default;

void X11ProfileStore::declare(const QByteArray &icc)
{
    const xcb_atom_t property = m_connection->atom(m_property);
    const QString place = QString::fromLatin1(m_property);
    if (icc.isEmpty()) {
        m_connection->expect(
            xcb_delete_property_checked(m_connection->get(), m_connection->root(), property), place,
            "the profile could not be withdrawn");
        return;
    }
    m_connection->expect(
        xcb_change_property_checked(m_connection->get(), XCB_PROP_MODE_REPLACE,
                                    m_connection->root(), property, XCB_ATOM_CARDINAL, 8,
                                    static_cast<uint32_t>(icc.size()), icc.constData()),
        place, "the profile could not be declared to the desktop");
}

QByteArray X11ProfileStore::inUse()
{
    const auto property = reply(xcb_get_property_reply(
        m_connection->get(),
        xcb_get_property(m_connection->get(), 0, m_connection->root(),
                         m_connection->atom(m_property), XCB_ATOM_CARDINAL, 0, UINT32_MAX / 4),
        nullptr));
    if (!property)
        return {};
    return {static_cast<const char *>(xcb_get_property_value(property.get())),
            xcb_get_property_value_length(property.get())};
}

} // namespace lantern::platform
