#include "language/catalogue.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <algorithm>
#include <iterator>

namespace arbor::language {

namespace {

constexpr const char* kContext = "arbor";

QString counted(QString text, int count) {
    return count < 0 ? text : text.replace("%n", QString::number(count));
}

bool ships(const QString& code) {
    return std::any_of(std::begin(kShipped), std::end(kShipped), [&](const auto& l) { return code == l.code; });
}

QLocale textsOf(const QString& code) {
    return QLocale(ships(code) ? code : QLocale::system().uiLanguages().value(0, "en"));
}

/// Whoever chooses the desktop's own language keeps the numbers of the desktop.
QLocale numbersOf(const QString& code) {
    const QLocale chosen(code), desktop = QLocale::system();
    return ships(code) && chosen.language() != desktop.language() ? chosen : desktop;
}

} // namespace

Catalogue::Catalogue(const QLocale& texts, const QLocale& numbers)
    : m_decimalPoint(numbers.decimalPoint() == "," ? ',' : '.'),
      m_nounsAreCapital(texts.language() == QLocale::German) {
    (void)load(texts, "brisk-arbor", "_", ":/language");
}

QString Catalogue::translate(const char* /*context*/, const char* source, const char* note, int count) const {
    return QTranslator::translate(kContext, source, note, count);
}

std::string Catalogue::translated(const char* text, const char* note, int count) const {
    const auto found = translate(kContext, text, note, count);
    return counted(found.isEmpty() ? QString::fromUtf8(text) : found, count).toStdString();
}

Spoken::Spoken(const QString& code) : m_catalogue(textsOf(code), numbersOf(code)) {
    words::speak(&m_catalogue);
    QLocale::setDefault(numbersOf(code));
    if (!QCoreApplication::instance()) return; // nobody asks Qt for texts
    const auto texts = textsOf(code);
    if (m_dialogs.load(texts, "qtbase", "_", QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        QCoreApplication::installTranslator(&m_dialogs);
    QCoreApplication::installTranslator(&m_catalogue);
}

Spoken::~Spoken() {
    QLocale::setDefault(m_before);
    words::speak(nullptr);
    if (!QCoreApplication::instance()) return;
    QCoreApplication::removeTranslator(&m_catalogue);
    QCoreApplication::removeTranslator(&m_dialogs);
}

} // namespace arbor::language
