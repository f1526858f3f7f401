#include "device/serial_ports.h"

#include <QSerialPortInfo>

namespace arbor::device {

std::vector<SerialPort> serialPorts() {
    std::vector<SerialPort> out;
    for (const auto& port : QSerialPortInfo::availablePorts())
        out.push_back({port.systemLocation(), port.description()});
    return out;
}

} // namespace arbor::device
