#pragma once

#include <QString>

#include <string>

namespace lantern::run {

/// Where a shared book is: a PostgreSQL database.
struct BookAddress {
    QString host; ///< name, address, or folder of a socket; empty: as the machine has it
    int port = 5432;
    QString database, user;
    QString options; ///< further settings of the connection, "name=value;…", such as sslmode

    /// As it was given, for people and files; never with a password.
    [[nodiscard]] QString url() const;
    bool operator==(const BookAddress &) const = default;
};

/// "postgresql://user@host:5432/database?sslmode=verify-full&sslrootcert=FILE"; a socket's folder
/// as host=FOLDER among the settings. \throws Error BadInput naming what is wrong; a password does
/// not belong in it
BookAddress addressFromUrl(const std::string &url);

} // namespace lantern::run
