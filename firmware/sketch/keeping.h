// Memory that keeps, emulated in flash: a record is written there when it is whole. Power that goes in these few ten milliseconds may take
// all of it along; then lines come back as if nothing had ever been kept, which is off.
#include <EEPROM.h>

namespace latch {
namespace store {

uint8_t read(uint16_t address) { return static_cast<uint8_t>(EEPROM.read(address)); }
bool is_ready() { return true; }
void write(uint16_t address, uint8_t byte) { EEPROM.write(address, byte); }

}  // namespace store
}  // namespace latch

namespace chip {

void begin_keeping() { EEPROM.begin(latch::board::KEPT_BYTES); }
void kept_record() { EEPROM.commit(); }

}  // namespace chip
