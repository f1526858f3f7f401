#pragma once

#include "ui/session/shop.h"
#include "ui/shop/list_model.h"
#include "words/display.h"

namespace arbor::ui {

// The lists of a shop, each as its table shows it; what is changed is in its file at once.
std::unique_ptr<ListModel> pressList(Shop& shop);
std::unique_ptr<ListModel> heatList(Shop& shop);
std::unique_ptr<ListModel> gaugeList(Shop& shop);
std::unique_ptr<ListModel> peopleList(Shop& shop);
std::unique_ptr<ListModel> priceList(Shop& shop);
std::unique_ptr<ListModel> materialList(Shop& shop);
std::unique_ptr<ListModel> bearingList(Shop& shop);
std::unique_ptr<ListModel> bandList(Shop& shop, const words::Display& display);

} // namespace arbor::ui
