#include "io/pin.h"

#include <QByteArray>
#include <QPasswordDigestor>
#include <QRandomGenerator>

namespace arbor::io {

namespace {

constexpr int kRounds = 100'000, kBytes = 24, kSaltBytes = 12;

QByteArray freshSalt() {
    QByteArray out;
    for (int i = 0; i < kSaltBytes; ++i)
        out += static_cast<char>(QRandomGenerator::system()->bounded(256));
    return out.toBase64(QByteArray::OmitTrailingEquals);
}

} // namespace

std::string scrambledPin(const std::string& pin, const std::string& salt) {
    const auto with = salt.empty() ? freshSalt() : QByteArray::fromStdString(salt);
    const auto key = QPasswordDigestor::deriveKeyPbkdf2(QCryptographicHash::Sha256, QByteArray::fromStdString(pin),
                                                        with, kRounds, kBytes);
    return (with + '$' + key.toBase64(QByteArray::OmitTrailingEquals)).toStdString();
}

bool isPin(const std::string& pin, const std::string& scrambled) {
    const auto salt = scrambled.substr(0, scrambled.find('$'));
    return !salt.empty() && scrambledPin(pin, salt) == scrambled;
}

} // namespace arbor::io
