option(BRISK_ARBOR_TESTS "Build the tests" OFF)
option(BRISK_ARBOR_BENCH "Build the benchmarks" OFF)
option(BRISK_ARBOR_SANITIZE "Address and undefined-behaviour sanitizers" OFF)
option(BRISK_ARBOR_FUZZ "Programs that libFuzzer drives; by Clang, with the sanitizers" OFF)
option(BRISK_ARBOR_THREADS "Thread sanitizer" OFF)
option(BRISK_ARBOR_SOLVER "Plan the day, with Gecode where it is there" ON)
option(BRISK_ARBOR_COVERAGE "Instrument for coverage" OFF)

set(CMAKE_CXX_STANDARD 20)
set(CMAKE_CXX_STANDARD_REQUIRED ON)
set(CMAKE_CXX_EXTENSIONS OFF)
set(CMAKE_EXPORT_COMPILE_COMMANDS ON)
if(NOT CMAKE_BUILD_TYPE)
  set(CMAKE_BUILD_TYPE Release)
endif()

# Two cores rebuild often; a compiler cache is used when the machine has one. The sloppiness is what it asks for before it
# keeps what was compiled with a precompiled header.
find_program(CCACHE ccache)
if(CCACHE)
  set(CMAKE_CXX_COMPILER_LAUNCHER
      ${CMAKE_COMMAND} -E env CCACHE_DEPEND=1 CCACHE_SLOPPINESS=pch_defines,time_macros,include_file_mtime,include_file_ctime ${CCACHE})
endif()
