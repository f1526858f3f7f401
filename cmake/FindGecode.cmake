# The constraint solver of the day board, without its graphical part (libgecode-dev). A build without it plans no day and
# says so; -DBRISK_ARBOR_SOLVER=OFF asks for that.
find_path(GECODE_INCLUDE_DIR gecode/search.hh)
set(GECODE_PARTS search minimodel int kernel support)
foreach(part IN LISTS GECODE_PARTS)
  find_library(GECODE_${part}_LIBRARY gecode${part})
  list(APPEND GECODE_LIBRARIES ${GECODE_${part}_LIBRARY})
  list(APPEND GECODE_VARIABLES GECODE_${part}_LIBRARY)
endforeach()
include(FindPackageHandleStandardArgs)
find_package_handle_standard_args(Gecode REQUIRED_VARS GECODE_INCLUDE_DIR ${GECODE_VARIABLES})
if(Gecode_FOUND AND NOT TARGET Gecode::gecode)
  add_library(Gecode::gecode INTERFACE IMPORTED)
  set_target_properties(Gecode::gecode PROPERTIES INTERFACE_LINK_LIBRARIES "${GECODE_LIBRARIES}"
    INTERFACE_INCLUDE_DIRECTORIES ${GECODE_INCLUDE_DIR})
endif()
