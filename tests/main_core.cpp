#include "runner.h"

#include <QCoreApplication>

int main(int argc, char **argv)
{
    const QCoreApplication app(argc, argv);
    return lantern::test::runAll(argc, argv);
}
