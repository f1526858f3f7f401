#pragma once

#include "core/base/result.h"

#include <QStringList>
#include <any>
#include <functional>
#include <memory>
#include <optional>
#include <vector>

namespace arbor::ui {

/// A list of this shop as a table shows it: what its rows say, and what a cell typed anew makes of them.
class ListModel {
public:
    virtual ~ListModel() = default;
    virtual QStringList headings() const = 0;
    virtual int count() const = 0;
    virtual QStringList texts(int row) const = 0;
    virtual bool isOwn(int row) const = 0;               ///< false: it ships with the program
    virtual bool isTyped(int row, int column) const = 0; ///< can be typed over
    virtual QStringList choices(int column) const = 0;   ///< empty: anything may be typed
    /// @return the row it stands in now @errors why that cannot be; nothing is changed then
    virtual Result<int> type(int row, int column, const QString& text) = 0;
    virtual Result<int> add(int like) = 0; ///< one more, like a row or a usual one
    virtual Result<void> remove(int row) = 0;
    virtual std::any state() const = 0;
    virtual Result<void> restore(const std::any& state) = 0;
    virtual int changes() const = 0;                     ///< how often it was changed
    virtual bool isAs(const ListModel& other) const = 0; ///< the same rows of the same kind
};

/// One column of a list.
template <class Row>
struct Column {
    QString heading;
    std::function<QString(const Row&)> text;
    std::function<bool(Row&, const QString& typed)> take = {}; ///< false: that is none; not set: it is never typed
    QStringList choices = {};                                  ///< all it can be; empty: anything may be typed
    Wanted wants = {};                                         ///< what it can be, in words
};

/// What is true of the rows of one kind.
template <class Row>
struct ListSpec {
    std::vector<Column<Row>> columns; ///< the last one says whose a row is, or how it stands
    std::function<Result<void>(const std::vector<Row>&)> check;
    std::function<Row(const std::vector<Row>&, const Row* like)> another;
    std::function<Result<void>(const std::vector<Row>&)> keep; ///< in the shop's folder

    /// What becomes of a row that ships when it is typed over.
    enum class Shipped { Stays, IsCopied, IsReplaced };
    Shipped shipped = Shipped::Stays;
    bool Row::*own = nullptr; ///< null: all rows are the shop's
    /// What ships in the place of a row of the shop's; nothing: none does.
    std::function<std::optional<Row>(const Row&)> shippedInPlace = [](const Row&) { return std::nullopt; };
};

template <class Row>
class OwnList : public ListModel {
public:
    OwnList(ListSpec<Row> spec, std::vector<Row> rows) : m_spec(std::move(spec)), m_rows(std::move(rows)) {}

    QStringList headings() const override {
        QStringList out;
        for (const auto& column : m_spec.columns)
            out << column.heading;
        return out;
    }
    int count() const override { return static_cast<int>(m_rows.size()); }
    QStringList texts(int row) const override {
        QStringList out;
        for (const auto& column : m_spec.columns)
            out << column.text(at(row));
        return out;
    }
    bool isOwn(int row) const override { return !m_spec.own || at(row).*m_spec.own; }
    bool isTyped(int row, int column) const override {
        return columnAt(column).take && (isOwn(row) || m_spec.shipped != ListSpec<Row>::Shipped::Stays);
    }
    QStringList choices(int column) const override { return columnAt(column).choices; }

    Result<int> type(int row, int column, const QString& text) override {
        const auto& typed = columnAt(column);
        auto changed = at(row);
        if (!typed.take || !typed.take(changed, text.trimmed()))
            return refuse(ProblemCode::Malformed, typed.heading.toStdString(), text.toStdString(),
                          typed.choices.isEmpty() ? typed.wants : asListed(typed.choices.join(", ").toStdString()));
        if (changed == at(row)) return row;
        const bool copied = !isOwn(row) && m_spec.shipped == ListSpec<Row>::Shipped::IsCopied;
        if (m_spec.own) changed.*m_spec.own = true;
        auto next = m_rows;
        if (copied)
            next.push_back(std::move(changed));
        else
            next[static_cast<std::size_t>(row)] = std::move(changed);
        return kept(std::move(next), copied ? count() : row);
    }
    Result<int> add(int like) override {
        auto next = m_rows;
        auto row = m_spec.another(m_rows, like >= 0 && like < count() ? &at(like) : nullptr);
        if (m_spec.own) row.*m_spec.own = true;
        next.push_back(std::move(row));
        return kept(std::move(next), count());
    }
    Result<void> remove(int row) override {
        if (row < 0 || row >= count()) return {};
        if (!isOwn(row))
            return refuse(ProblemCode::NotDefined, texts(row).front().toStdString(), {},
                          wanted("a row of the shop’s own: this one ships with the program"));
        auto next = m_rows;
        const auto place = next.begin() + row;
        if (const auto shipped = m_spec.shippedInPlace(*place))
            *place = *shipped;
        else
            next.erase(place);
        const auto done = kept(std::move(next), 0);
        return done ? Result<void>() : tl::unexpected(done.error());
    }
    std::any state() const override { return m_rows; }
    Result<void> restore(const std::any& state) override {
        const auto done = kept(std::any_cast<const std::vector<Row>&>(state), 0);
        return done ? Result<void>() : tl::unexpected(done.error());
    }
    int changes() const override { return m_changes; }
    bool isAs(const ListModel& other) const override {
        const auto* same = dynamic_cast<const OwnList*>(&other);
        return same && same->m_rows == m_rows;
    }

private:
    const Column<Row>& columnAt(int column) const { return m_spec.columns.at(static_cast<std::size_t>(column)); }
    const Row& at(int row) const { return m_rows.at(static_cast<std::size_t>(row)); }
    /// On the disk before it is shown.
    Result<int> kept(std::vector<Row> next, int row) {
        if (auto ok = m_spec.check(next); !ok) return tl::unexpected(ok.error());
        if (auto ok = m_spec.keep(next); !ok) return tl::unexpected(ok.error());
        m_rows = std::move(next);
        ++m_changes;
        return row;
    }

    ListSpec<Row> m_spec;
    std::vector<Row> m_rows;
    int m_changes = 0;
};

} // namespace arbor::ui
