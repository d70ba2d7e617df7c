#include <avr/eeprom.h>
#include <avr/interrupt.h>
#include <avr/io.h>

#include "../latch/kept.h"

namespace latch {
namespace store {

uint8_t read(uint16_t address) { return eeprom_read_byte(reinterpret_cast<const uint8_t *>(address)); }

bool is_ready() { return eeprom_is_ready(); }

/** Begun and not waited for: a byte takes 3.4 ms. */
void write(uint16_t address, uint8_t byte) {
  EEAR = address;
  EEDR = byte;
  uint8_t interrupts = SREG;
  cli();
  EECR = _BV(EEMPE);
  EECR = static_cast<uint8_t>(EECR | _BV(EEPE));
  SREG = interrupts;
}

}  // namespace store
}  // namespace latch
