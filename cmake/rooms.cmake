# A library is compiled room by room: the sources of one folder make one unit, so that the headers they share are read
# once (and analysed once by clang-tidy). It follows CMAKE_UNITY_BUILD; without it every file is a unit of its own.
# Small rooms share one: their own text is nothing against the headers it needs.
#   arbor_rooms(target [TOGETHER "room+room" ...])
# Names in an anonymous namespace are therefore unique within a folder, and within the rooms that share a unit.
function(arbor_rooms target)
  cmake_parse_arguments(PARSE_ARGV 1 arg "" "" "TOGETHER")
  get_target_property(sources ${target} SOURCES)
  set_target_properties(${target} PROPERTIES UNITY_BUILD_MODE GROUP)
  foreach(source IN LISTS sources)
    get_filename_component(room ${source} DIRECTORY)
    foreach(shared IN LISTS arg_TOGETHER)
      string(REPLACE "+" ";" rooms ${shared})
      if(room IN_LIST rooms)
        set(room ${shared})
      endif()
    endforeach()
    string(MAKE_C_IDENTIFIER "${target}_${room}" room)
    set_source_files_properties(${source} PROPERTIES UNITY_GROUP ${room})
  endforeach()
  # The one place where a source may include a source.
  set_target_properties(${target} PROPERTIES UNITY_BUILD_CODE_BEFORE_INCLUDE "// NOLINTNEXTLINE(bugprone-suspicious-include)")
endfunction()
