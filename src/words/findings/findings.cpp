// The words for every kind of finding: one without a say() of its own does not compile here.
#include "words/findings/adjust.h"
#include "words/findings/fit.h"
#include "words/findings/foreman.h"
#include "words/findings/heat.h"
#include "words/findings/measure.h"
#include "words/findings/own_thread.h"
#include "words/findings/path.h"
#include "words/findings/press.h"
#include "words/findings/seat.h"
#include "words/findings/tooling.h"

#include <map>

namespace arbor::words {

namespace {

using Sayer = Sentence (*)(const Advice&, const Display&);

template <class Kind>
Sentence sayAs(const Advice& advice, const Display& d) {
    return say(*advice.get<Kind>(), SayContext{advice.severity, d});
}

template <class... Kind>
std::map<std::string_view, Sayer> sayers(found::Kinds<Kind...> /*all*/) {
    return {{Kind::key, &sayAs<Kind>}...};
}

} // namespace

Sentence say(const Advice& advice, const Display& display) {
    static const auto all = sayers(found::All{});
    return all.at(advice.key())(advice, display);
}

} // namespace arbor::words
