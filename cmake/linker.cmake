# The quickest linker there is: test programs are linked as often as they are run.
include(CheckLinkerFlag)
foreach(linker mold lld)
  check_linker_flag(CXX -fuse-ld=${linker} BRISK_ARBOR_HAS_${linker})
  if(BRISK_ARBOR_HAS_${linker})
    add_link_options(-fuse-ld=${linker})
    break()
  endif()
endforeach()
