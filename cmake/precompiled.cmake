# Headers that nearly every source of a target reads are read once. Not part of the program: each source still includes
# what it uses, and -DCMAKE_DISABLE_PRECOMPILE_HEADERS=ON proves it (the analysis preset builds so).
function(arbor_precompiled target)
  target_precompile_headers(${target} PRIVATE ${ARGN})
  target_compile_options(${target} PRIVATE
    $<$<CXX_COMPILER_ID:GNU>:-fpch-preprocess> "$<$<CXX_COMPILER_ID:Clang>:SHELL:-Xclang -fno-pch-timestamp>")
endfunction()
