#include "words/sentences.h"

#include "words/adjust_words.h"
#include "words/heat_words.h"
#include "words/language.h"
#include "words/measure_words.h"
#include "words/order_words.h"
#include "words/shipped_names.h"
#include "words/tooling_words.h"

#include <cmath>
#include <map>

namespace arbor::words {

std::string subjectWord(const std::string& subject) {
    const std::map<std::string, std::string> names{
        {"inner ring", tr("inner ring")},
        {"outer ring", tr("outer ring")},
        {"as made", tr("clearance as made")},
        {"hole", tr("housing bore")},
        {"outside", tr("outer ring outside")},
        {"journal", tr("journal")},
        {"bore", tr("inner ring bore")},
        {"finish of hole", tr("finish of the housing bore")},
        {"finish of bore", tr("finish of the inner ring bore")},
        {"finish of outside", tr("finish of the outer ring")},
        {"finish of journal", tr("finish of the journal")},
        {"temperature at hole", tr("temperatures at the housing")},
        {"temperature at bore", tr("temperatures at the shaft")},
        {"ring temperatures", tr("temperatures of the rings")},
        {"raceway", tr("raceway")},
    };
    const auto found = names.find(subject);
    return found == names.end() ? shippedName(subject) : found->second;
}

namespace {

/// Of {value} at {place}; the value may be missing.
Text codeWords(ProblemCode code) {
    switch (code) {
    case ProblemCode::NotPositive:
        return tr("{value} must be larger than zero");
    case ProblemCode::NotFinite:
        return tr("{value} is not a finite number");
    case ProblemCode::GeometryOrder:
        return tr("{value} does not go with the other sizes");
    case ProblemCode::OutOfRange:
        return tr("{value} is out of range");
    case ProblemCode::UnknownClass:
        return tr("{value}: unknown tolerance class");
    case ProblemCode::NotDefined:
        return tr("{value} does not exist at this size");
    case ProblemCode::UnknownName:
        return tr("{value} is not known");
    case ProblemCode::NoSeat:
        return tr("{value} has no seat");
    case ProblemCode::Malformed:
        return tr("{value} cannot be read");
    case ProblemCode::Missing:
        return tr("{value} is missing");
    case ProblemCode::Duplicate:
        return tr("{value} is a duplicate");
    case ProblemCode::UnknownKey:
        return tr("{value}: unknown key");
    case ProblemCode::Unreadable:
        return tr("{value} cannot be opened");
    case ProblemCode::Unwritable:
        return tr("{value} cannot be written");
    }
    return tr("{value} is invalid");
}

} // namespace

std::string wantedText(const Wanted& wanted) {
    return wanted.filled(shippedName(wanted.text()));
}

std::string say(const Problem& p) {
    const bool isKey = p.code == ProblemCode::UnknownKey && (p.value.empty() || p.value == p.field);
    std::string place;
    if (!p.file.empty()) place += p.file + ": ";
    if (!p.field.empty() && !isKey) place += p.field + ": ";
    const auto& named = isKey ? p.field : p.value;
    const std::string value = named.empty() ? tr("it").text() : "“" + named + "”";
    auto text = place + codeWords(p.code).with("value", value).text();
    if (!p.reason.empty()) text = tr("{problem}: {reason}").with("problem", text).with("reason", p.reason).text();
    if (p.limit.empty()) return text;
    return tr("{problem}; wanted: {limit}").with("problem", text).with("limit", wantedText(p.limit));
}

std::string lubricantName(catalog::Lubricant lubricant) {
    switch (lubricant) {
    case catalog::Lubricant::Dry:
        return tr("dry and clean");
    case catalog::Lubricant::LightOil:
        return tr("light oil");
    case catalog::Lubricant::Grease:
        return tr("grease or paste");
    }
    return {};
}

std::string sideName(catalog::Side side) {
    switch (side) {
    case catalog::Side::None:
        return tr("none");
    case catalog::Side::Down:
        return tr("down");
    case catalog::Side::Up:
        return tr("up");
    case catalog::Side::Both:
        return tr("both sides");
    }
    return {};
}

std::string sourceName(const std::string& key) {
    const std::map<std::string, std::string> names{{"DIN7190-1", "DIN 7190-1"},
                                                   {"ISO286-1", "ISO 286-1"},
                                                   {"ISO492", "ISO 492"},
                                                   {"ISO5753-1", "ISO 5753-1"},
                                                   {"ISO76", "ISO 76"},
                                                   {"HB1.1", tr("contacts of the section")},
                                                   {"HB4.1", tr("limits of both parts")},
                                                   {"ISO578", "ISO 578"},
                                                   {"DIN5425", tr("practice after DIN 5425-1")},
                                                   {"HB4.3", tr("linear expansion, turning rings")},
                                                   {"HB4.4", tr("Lamé")},
                                                   {"HB4.8", tr("force over area")},
                                                   {"HB4.9", tr("statics of the thread, VDI 2230")},
                                                   {"HB4.12", tr("peg in a hole")},
                                                   {"VDI2230-1", "VDI 2230-1"},
                                                   {"BEAM", tr("beam and plate theory")},
                                                   {"HB3.8", tr("practice")},
                                                   {"HB3.9", tr("practice")},
                                                   {"HB3.11", tr("practice")},
                                                   {"HB4.15", tr("pitch, contact angle, clamp")},
                                                   {"HB4.16", tr("free volume of the section")},
                                                   {"HB4.5", tr("Lamé")},
                                                   {"HB4.10", tr("linear expansion")},
                                                   {"HB4.11", tr("balance of heat")},
                                                   {"LOG", tr("this shop’s records")},
                                                   {"HB4.13", tr("least-squares plane")}};
    if (const auto found = names.find(key); found != names.end()) return found->second;
    return key.starts_with("HB") ? tr("practice").text() : key;
}

} // namespace arbor::words
