#pragma once

#include "run/book/language.h"

#include <QTest>

namespace lantern::test {

/// A row of a test for each language that the program comes in.
inline void eachLanguage()
{
    QTest::addColumn<QString>("language");
    for (const run::Language &language : run::languages())
        QTest::newRow(qPrintable(language.code)) << language.code;
}

} // namespace lantern::test
