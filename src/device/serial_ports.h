#pragma once

#include <QString>
#include <vector>

namespace arbor::device {

/// A serial port of this machine.
struct SerialPort {
    QString address; ///< "/dev/ttyUSB0"
    QString name;    ///< as its maker calls it; may be empty
};
std::vector<SerialPort> serialPorts();

} // namespace arbor::device
