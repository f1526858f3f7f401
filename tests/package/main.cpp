// The pressure of a ring of 62 mm in a housing of grey cast iron, 30 µm tight, and what the refusal of nonsense says.
#include "core/catalog/material.h"
#include "core/fit/press_joint.h"

#include <cstdio>
#include <fstream>
#include <iterator>

using namespace arbor;

namespace {

fit::Elastic elastic(const catalog::Material& material) {
    return {material.E_MPa, material.nu, material.alpha_perK};
}

} // namespace

int main() {
    std::ifstream file(BRISK_ARBOR_DATA "/catalog/materials.json");
    const auto materials = catalog::parseMaterials(std::string{std::istreambuf_iterator<char>(file), {}});
    if (!materials) return 1;
    const auto joint = fit::pressJoint({.interfaceDia_mm = 62,
                                        .innerBoreDia_mm = 54,
                                        .outerOutsideDia_mm = 92,
                                        .inner = elastic(materials->at("bearing_steel")),
                                        .outer = elastic(materials->at("grey_cast_iron")),
                                        .interferenceDia_mm = 0.030});
    if (!joint) return 1;
    std::printf("%.3f MPa\n", joint->pressure_MPa);
    const auto nonsense = fit::pressJoint({.interfaceDia_mm = -1});
    if (!nonsense) std::printf("%s\n", nonsense.error().field.c_str());
}
