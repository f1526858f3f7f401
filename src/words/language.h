#pragma once

#include <string>
#include <string_view>

namespace arbor::words {

/// Puts the program's texts into the reader's language. Words know no translation files: the programs hand one of these
/// over when they start.
class Language {
public:
    virtual ~Language() = default;
    /// @param text  English, as it stands in the code; {names} stay as they are
    /// @param note  tells apart what is alike in English; may be null
    /// @param count  for the plural, in place of %n; negative: nothing is counted
    virtual std::string translated(const char* text, const char* note, int count) const;
    virtual char decimalPoint() const { return '.'; }
    virtual bool nounsAreCapital() const { return false; } ///< in the middle of a sentence
};

/// @param language  must outlive its use; null: English
void speak(const Language* language);
const Language& spoken();

/// A text of the catalogue, with what is named in it put in: tr("limit {size}").with("size", "0.02 mm").
class Text {
public:
    explicit Text(std::string text) : m_text(std::move(text)) {}
    Text with(std::string_view name, const std::string& value) const;
    Text with(std::string_view name, int value) const { return with(name, std::to_string(value)); }
    std::string text() const { return m_text; }
    operator std::string() const { return m_text; } // NOLINT(google-explicit-constructor): it is one

private:
    std::string m_text;
};

/// What lupdate reads: the texts of words and of the command line stand in its calls.
Text tr(const char* text, const char* note = nullptr, int count = -1);

} // namespace arbor::words
