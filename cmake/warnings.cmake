# -Wno-restrict: GCC 12 reports string concatenation in the standard library itself (GCC bug 105651).
# One interface target carries the warning policy; third-party headers come in as SYSTEM.
add_library(arbor_warnings INTERFACE)
target_compile_options(arbor_warnings INTERFACE
  -Wall -Wextra -Wconversion -Wfloat-conversion -Wswitch -Wshadow -Wnon-virtual-dtor -Wno-restrict -Werror)
