#pragma once

#include "words/language.h"

#include <QLocale>
#include <QTranslator>

namespace arbor::language {

/// The texts of one language, out of the catalogue that ships. It serves the words (words::speak) and, installed in the
/// application, the window's own texts: the catalogue has one context, whichever class asks. Without texts of the
/// language English stays.
class Catalogue : public QTranslator, public words::Language {
public:
    /// @param numbers  decimal sign
    Catalogue(const QLocale& texts, const QLocale& numbers);

    QString translate(const char* context, const char* source, const char* note, int count) const override;
    bool isEmpty() const override { return false; }

    std::string translated(const char* text, const char* note, int count) const override;
    char decimalPoint() const override { return m_decimalPoint; }
    bool nounsAreCapital() const override { return m_nounsAreCapital; }

private:
    char m_decimalPoint;
    bool m_nounsAreCapital;
};

/// A language the program ships in.
struct Shipped {
    const char* code; ///< "de"
    const char* name; ///< as it calls itself
};
inline constexpr Shipped kShipped[] = {{"en", "English"}, {"de", "Deutsch"}};

/// As long as it lives, words and window speak one language, and numbers are shown as its country writes them.
/// @param code  of a shipped language; anything else: the desktop's (LANG and its kin), or English where that does not
/// ship
class Spoken {
public:
    explicit Spoken(const QString& code);
    ~Spoken();
    Spoken(const Spoken&) = delete;
    Spoken& operator=(const Spoken&) = delete;

private:
    Catalogue m_catalogue;
    QTranslator m_dialogs; ///< that come with Qt
    QLocale m_before;
};

} // namespace arbor::language
