#pragma once

#include "ui/shop/list_model.h"
#include "ui/stations/typed.h"
#include "ui/text.h"

#include <cmath>
#include <utility>

// The columns that lists of a shop are made of.
namespace arbor::ui {

template <class Row>
Column<Row> textColumn(const QString& heading, std::string Row::*text) {
    return {heading, [text](const Row& row) { return q(row.*text); },
            [text](Row& row, const QString& typed) {
                row.*text = typed.toStdString();
                return true;
            }};
}

/// A number of the row's, wherever it lies in it. @param unit  of the table, in that of the row
template <class Row, class Of>
Column<Row> numberColumnOf(const QString& heading, Of of, double unit = 1) {
    return {heading,
            [of, unit](const Row& row) { return numberTyped(of(row) / unit); },
            [of, unit](Row& row, const QString& typed) {
                const auto value = numberIn(typed);
                if (value) of(row) = *value * unit;
                return value.has_value();
            },
            {},
            wanted("a number")};
}
template <class Row>
Column<Row> numberColumn(const QString& heading, double Row::*number, double unit = 1) {
    return numberColumnOf<Row>(
        heading, [number](auto& row) -> auto& { return row.*number; }, unit);
}

/// One of few, each with its word.
template <class Row, class Value, class Of>
Column<Row> choiceColumnOf(const QString& heading, Of of, std::vector<std::pair<Value, QString>> words) {
    QStringList all;
    for (const auto& [value, word] : words)
        all << word;
    const auto wordOf = [of, words](const Row& row) {
        for (const auto& [value, word] : words)
            if (of(row) == value) return word;
        return QString();
    };
    return {heading, wordOf,
            [of, words](Row& row, const QString& typed) {
                for (const auto& [value, word] : words)
                    if (word.compare(typed, Qt::CaseInsensitive) == 0) {
                        of(row) = value;
                        return true;
                    }
                return false;
            },
            all};
}
template <class Row, class Value>
Column<Row> choiceColumn(const QString& heading, Value Row::*member, std::vector<std::pair<Value, QString>> words) {
    return choiceColumnOf<Row, Value>(
        heading, [member](auto& row) -> auto& { return row.*member; }, std::move(words));
}
template <class Row>
Column<Row> yesColumn(const QString& heading, bool Row::*flag) {
    return choiceColumn<Row, bool>(heading, flag, {{true, QObject::tr("yes")}, {false, QObject::tr("no")}});
}

/// Whether a row is the shop's or ships. It is said, not typed.
template <class Row>
Column<Row> whoseColumn(bool Row::*own) {
    return {QObject::tr("whose"),
            [own](const Row& row) { return row.*own ? QObject::tr("this shop’s") : QObject::tr("the program’s"); }};
}

/// A number that no row has yet: "P1".
template <class Row>
std::string freeId(const std::vector<Row>& rows, std::string Row::*id, const std::string& front) {
    for (int number = 1;; ++number) {
        auto made = front + std::to_string(number);
        const bool taken = std::any_of(rows.begin(), rows.end(), [&](const Row& row) { return row.*id == made; });
        if (!taken) return made;
    }
}

} // namespace arbor::ui
