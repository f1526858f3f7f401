#pragma once

#include <string>
#include <vector>

namespace arbor {

/// What would have been accepted in place of what was refused: a text of the catalogue, with {1}, {2} in it for what
/// is put in. Core gives it in English, words in the reader's language. A bare literal does not become one: it would
/// miss the catalogue.
class Wanted {
public:
    Wanted() = default;
    Wanted(std::string text, std::vector<std::string> with) : m_text(std::move(text)), m_with(std::move(with)) {}

    bool empty() const { return m_text.empty(); }
    const std::string& text() const { return m_text; } ///< as it stands in the catalogue
    /// @param text  of the catalogue, in some language
    std::string filled(std::string text) const;
    std::string english() const { return filled(m_text); }

private:
    std::string m_text;
    std::vector<std::string> m_with;
};

/// A text of the catalogue: tools/catalogue.sh finds these calls.
template <class... With>
Wanted wanted(const char* text, With... with) {
    return {text, {std::string(std::move(with))...}};
}

/// Names as files and tables have them, or what a library says: alike in every language.
inline Wanted asListed(std::string names) {
    return {std::move(names), {}};
}

/// Marks a text people read that stands in one of core's tables; words look it up when it is shown.
constexpr const char* forReader(const char* text) {
    return text;
}

} // namespace arbor
