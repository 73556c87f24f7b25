#pragma once

#include <QString>

#include <vector>

namespace lantern::run {

/// A language that the program can speak.
struct Language {
    QString code;  ///< ISO 639, such as "de"
    QString title; ///< as those call it who speak it
};
/// English first; then those that are translated.
std::vector<Language> languages();

/// Speaks that language from now on; numbers and dates are written as its people write them. What
/// was said before stays as it is.
/// \param code see languages(); empty: the desktop's, or English where it is not among them.
/// "pseudo" is made up, for tests
void speak(const QString &code);
/// What is spoken, a code.
QString spoken();

/// What the person has chosen, kept in the desktop's settings; empty: as the desktop.
QString chosenLanguage();
void chooseLanguage(const QString &code);

} // namespace lantern::run
