// One target as libFuzzer runs it; which, the build says.
#include "targets.h"

#include <cstdint>
#include <cstring>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    for (const auto& target : arbor::fuzz::targets())
        if (std::strcmp(target.name, ARBOR_FUZZ_TARGET) == 0) target.read({reinterpret_cast<const char*>(data), size});
    return 0;
}
