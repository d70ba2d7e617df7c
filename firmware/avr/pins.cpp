#include <avr/io.h>

#include "../loop/chip.h"

namespace chip {

namespace {

/** Ports lie three registers apart, from port B: PIN, DDR, PORT. */
volatile uint8_t &port_register(const latch::Pin &pin, uint8_t which) { return *(&PINB + 3 * (pin.port - 1) + which); }
uint8_t mask_of(const latch::Pin &pin) { return static_cast<uint8_t>(1U << pin.bit); }
bool is_far(const latch::Pin &pin) { return pin.port >= latch::EXPANDER && pin.port != latch::NONE; }

void write(const latch::Pin &pin, uint8_t which, bool high) {
  volatile uint8_t &at = port_register(pin, which);
  at = static_cast<uint8_t>(high ? at | mask_of(pin) : at & ~mask_of(pin));
}

}  // namespace

bool is_own(const latch::Pin &pin) { return pin.port >= 1 && pin.port <= 3; }

/** The level first, then the direction: until the pin drives, it rests at the level that it will have. */
void make_output(const latch::Pin &pin, bool active) {
  bool high = active == (0 != pin.high);
  if (is_far(pin)) return expander_output(static_cast<uint8_t>(pin.port - latch::EXPANDER), pin.bit, high);
  if (latch::NONE == pin.port) return;
  write(pin, 2, high);
  write(pin, 1, true);
}

void make_input(const latch::Pin &pin) {
  if (is_far(pin)) return expander_input(static_cast<uint8_t>(pin.port - latch::EXPANDER), pin.bit);
  if (latch::NONE == pin.port) return;
  write(pin, 1, false);
  write(pin, 2, 0 != pin.pulls);
}

void put(const latch::Pin &pin, bool active) {
  bool high = active == (0 != pin.high);
  if (is_far(pin)) return expander_output(static_cast<uint8_t>(pin.port - latch::EXPANDER), pin.bit, high);
  if (latch::NONE != pin.port) write(pin, 2, high);
}

bool is_high(const latch::Pin &pin) {
  if (is_far(pin)) return expander_level(static_cast<uint8_t>(pin.port - latch::EXPANDER), pin.bit);
  return latch::NONE != pin.port && 0 != (port_register(pin, 0) & mask_of(pin));
}

bool is_active(const latch::Pin &pin) { return is_high(pin) == (0 != pin.high); }

/** One conversion against the supply; it takes a tenth of a millisecond. Port C is the analogue one. */
uint16_t analogue(const latch::Pin &pin) {
  ADMUX = static_cast<uint8_t>(_BV(REFS0) | (pin.bit & 7));
  ADCSRA = _BV(ADEN) | _BV(ADSC) | _BV(ADPS2) | _BV(ADPS1) | _BV(ADPS0);
  while (ADCSRA & _BV(ADSC)) {
  }
  return ADC;
}

}  // namespace chip
