# -Wno-restrict: GCC 12 reports string concatenation in the standard library itself (GCC bug 105651).
# -Wno-array-bounds: and a map inside JSON that is never looked at while it is none (GCC 12 again).
# -Wno-sign-conversion: Clang counts it into -Wconversion, GCC for C++ does not.
# One interface target carries the warning policy; third-party headers come in as SYSTEM. Warnings are errors in our own
# presets only: another compiler's new warning must not stop whoever just builds.
option(BRISK_ARBOR_WERROR "Warnings are errors" OFF)
add_library(arbor_warnings INTERFACE)
target_compile_options(arbor_warnings INTERFACE
  -Wall -Wextra -Wconversion -Wno-sign-conversion -Wfloat-conversion -Wswitch -Wshadow -Wnon-virtual-dtor
  $<$<CXX_COMPILER_ID:GNU>:-Wno-restrict> $<$<CXX_COMPILER_ID:GNU>:-Wno-array-bounds> $<$<BOOL:${BRISK_ARBOR_WERROR}>:-Werror>)
