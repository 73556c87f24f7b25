#pragma once

#include <QComboBox>

namespace lantern::app {

/// A box of choices that may be narrower than its longest one. \param words for those who cannot
/// see it \param letters that it has room for at least
inline QComboBox *makeSmallBox(const char *name, const QString &words, int letters)
{
    auto *box = new QComboBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(words);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(letters);
    return box;
}

/// Other choices, where they have changed: what a person is looking at stays.
inline void setChoices(QComboBox *box, const QStringList &titles)
{
    QStringList shown;
    for (int i = 0; i < box->count(); ++i)
        shown << box->itemText(i);
    if (shown == titles)
        return;
    box->clear();
    box->addItems(titles);
}

} // namespace lantern::app
