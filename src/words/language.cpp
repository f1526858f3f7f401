#include "words/language.h"

namespace arbor::words {

namespace {

const Language kEnglish;
const Language* inUse = &kEnglish;

std::string replaced(std::string text, const std::string& what, const std::string& by) {
    for (auto at = text.find(what); at != std::string::npos; at = text.find(what, at + by.size()))
        text.replace(at, what.size(), by);
    return text;
}

} // namespace

std::string Language::translated(const char* text, const char* /*note*/, int count) const {
    return count < 0 ? std::string(text) : replaced(text, "%n", std::to_string(count));
}

void speak(const Language* language) {
    inUse = language ? language : &kEnglish;
}

const Language& spoken() {
    return *inUse;
}

Text Text::with(std::string_view name, const std::string& value) const {
    return Text(replaced(m_text, "{" + std::string(name) + "}", value));
}

Text tr(const char* text, const char* note, int count) {
    return Text(inUse->translated(text, note, count));
}

} // namespace arbor::words
