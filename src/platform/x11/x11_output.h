#pragma once

#include "platform/lut_tables.h"
#include "platform/output.h"

namespace lantern::platform {

/// Connection to the X server, of its own, usable from any one thread at a time.
class X11Connection;

/// Active outputs of the X server of $DISPLAY; empty when there is none to talk to.
std::vector<Output> x11Outputs();

/// RandR gamma of one output. Source: X Resize, Rotate and Reflect Extension 1.5, section 7.
class X11VideoLut : public TableLut {
public:
    /// \throws Error Device when the server is gone or the output has no LUT
    explicit X11VideoLut(const Output &output);
    ~X11VideoLut() override;

private:
    int size() override { return m_size; }
    LutTables tables() override;
    void setTables(const LutTables &tables) override;

    std::unique_ptr<X11Connection> m_connection;
    Output m_output;
    int m_size = 0;
};

/// The root window's `_ICC_PROFILE` property (`_ICC_PROFILE_n` for further outputs). Source: ICC
/// Profiles in X Specification 0.4.
class X11ProfileStore : public ProfileHome {
public:
    explicit X11ProfileStore(const Output &output);
    ~X11ProfileStore() override;
    QByteArray inUse() override;
    void declare(const QByteArray &icc) override;

private:
    std::unique_ptr<X11Connection> m_connection;
    QByteArray m_property;
};

} // namespace lantern::platform
