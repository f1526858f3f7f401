#pragma once

#include "log/entry.h"

namespace arbor::log {

struct FieldName {
    const char* exported; ///< in JSON and CSV
    const char* column;   ///< in the table of presses
};

/// Every field but the document, in the order of exports, inserts and what is read back.
template <class E, class Text, class Number>
void eachField(E& e, Text text, Number number) {
    text(FieldName{"id", "id"}, e.id);
    text(FieldName{"job", "job_id"}, e.jobId);
    text(FieldName{"title", "title"}, e.title);
    text(FieldName{"position", "position"}, e.position);
    text(FieldName{"shape", "shape"}, e.shape);
    text(FieldName{"customer", "customer"}, e.customer);
    text(FieldName{"bearing", "bearing"}, e.bearing);
    text(FieldName{"family", "family"}, e.family);
    text(FieldName{"bore", "bore"}, e.bore);
    text(FieldName{"step", "step"}, e.step);
    text(FieldName{"who", "who"}, e.who);
    text(FieldName{"when", "done_at"}, e.when);
    text(FieldName{"notes", "notes"}, e.notes);
    text(FieldName{"tools", "tools"}, e.tools);
    text(FieldName{"verdict", "verdict"}, e.verdict);
    text(FieldName{"press_verdict", "press_verdict"}, e.pressVerdict);
    text(FieldName{"seat_material", "seat_material"}, e.seatMaterial);
    text(FieldName{"lubricant", "lubricant"}, e.lubricant);
    number(FieldName{"interference_um", "interference_um"}, e.interference_um);
    number(FieldName{"expected_N", "expected_n"}, e.expected_N);
    number(FieldName{"peak_N", "peak_n"}, e.peak_N);
    number(FieldName{"friction", "friction"}, e.friction);
    number(FieldName{"rise_um", "rise_um"}, e.rise_um);
    number(FieldName{"outer_degC", "outer_degc"}, e.outer_C);
    number(FieldName{"inner_degC", "inner_degc"}, e.inner_C);
    number(FieldName{"minutes", "minutes"}, e.minutes);
}

} // namespace arbor::log
