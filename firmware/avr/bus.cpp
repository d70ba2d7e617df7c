#include <avr/io.h>
#include <util/delay.h>

#include "../loop/chip.h"

// The two-wire bus at 100 kHz; one that hangs is given up after a while, so that nothing else waits for it.
namespace chip {

namespace {

/** Waits for the bus: longer than a byte takes at 100 kHz, and no longer. */
bool is_done() {
  // A byte takes 90 us: it cannot be over before a tenth of that.
  _delay_us(10);
  for (uint16_t turns = 0; turns < 2000; ++turns) {
    if (TWCR & _BV(TWINT)) return true;
  }
  TWCR = 0;
  return false;
}

/** An address or a byte was acknowledged: by one that is written to, or read from. Some simulators call the first by the second’s number.
 */
bool is_acknowledged() {
  uint8_t status = TWSR & 0xF8;
  return 0x18 == status || 0x28 == status || 0x40 == status;
}

bool begin_to(uint8_t address, bool reads) {
  TWCR = _BV(TWINT) | _BV(TWSTA) | _BV(TWEN);
  if (!is_done()) return false;
  TWDR = static_cast<uint8_t>(address << 1 | (reads ? 1 : 0));
  TWCR = _BV(TWINT) | _BV(TWEN);
  return is_done() && is_acknowledged();
}

bool send(uint8_t byte) {
  TWDR = byte;
  TWCR = _BV(TWINT) | _BV(TWEN);
  return is_done() && is_acknowledged();
}

bool receive(uint8_t *byte, bool is_last) {
  TWCR = static_cast<uint8_t>(_BV(TWINT) | _BV(TWEN) | (is_last ? 0 : _BV(TWEA)));
  if (!is_done()) return false;
  *byte = TWDR;
  return true;
}

/** The bus is free again before anybody is called anew. */
void stop() {
  TWCR = _BV(TWINT) | _BV(TWEN) | _BV(TWSTO);
  for (uint16_t turns = 0; turns < 200 && (TWCR & _BV(TWSTO)); ++turns) {
  }
}

}  // namespace

void begin_bus() {
  TWSR = 0;
  TWBR = static_cast<uint8_t>((F_CPU / 100000UL - 16) / 2);
}

bool bus_talk(uint8_t address, const uint8_t *says, uint8_t count, uint8_t *hears, uint8_t most) {
  bool is_well = true;
  if (count > 0) {
    is_well = begin_to(address, false);
    for (uint8_t byte = 0; is_well && byte < count; ++byte) is_well = send(says[byte]);
  }
  if (is_well && most > 0) {
    is_well = begin_to(address, true);
    for (uint8_t byte = 0; is_well && byte < most; ++byte) is_well = receive(hears + byte, byte + 1 == most);
  }
  stop();
  return is_well;
}

}  // namespace chip
