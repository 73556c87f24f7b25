#pragma once

namespace lantern::remote {

/// The page that a device's browser shows; in it {{name}} stands for words, see patch_server.cpp.
extern const char *const kPageHtml;
extern const char *const kPageCss;
extern const char *const kPageScript;

} // namespace lantern::remote
