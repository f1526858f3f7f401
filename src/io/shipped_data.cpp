#include "io/shipped_data.h"

#include <QResource>

// The macro must stand outside any namespace.
static void initialise() {
    Q_INIT_RESOURCE(shipped_data);
}

namespace arbor::io {

void useShippedData() {
    initialise();
}

} // namespace arbor::io
