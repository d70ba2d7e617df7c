#include <avr/interrupt.h>
#include <avr/io.h>
#include <util/delay.h>

#include "../loop/readers.h"

namespace chip {

namespace {

/** A wire whose registers are found once: a call in between would take longer than a bit may. */
struct Wire {
  volatile uint8_t *registers;  // PIN, DDR, PORT
  uint8_t mask, interrupts;

  explicit Wire(const latch::Pin &pin) : registers(&PINB + 3 * (pin.port - 1)), mask(static_cast<uint8_t>(1U << pin.bit)), interrupts(0) {
    registers[2] = static_cast<uint8_t>(registers[2] & ~mask);
  }
  void low() { registers[1] = static_cast<uint8_t>(registers[1] | mask); }
  void free() { registers[1] = static_cast<uint8_t>(registers[1] & ~mask); }
  bool is_high() const { return 0 != (registers[0] & mask); }
  void lock() {
    interrupts = SREG;
    cli();
  }
  void unlock() { SREG = interrupts; }
  template <unsigned MICROS>
  static void wait() {
    _delay_us(MICROS);
  }
};

}  // namespace

void begin_sensors() { readers::begin(); }
bool next_reading(uint8_t *sensor, bool *says, int32_t *value) { return readers::next<Wire>(sensor, says, value); }

}  // namespace chip
