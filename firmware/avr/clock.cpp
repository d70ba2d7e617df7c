#include <avr/interrupt.h>
#include <avr/io.h>

#include "../loop/chip.h"

namespace chip {

namespace {
volatile uint32_t ticks = 0;
}

/** Timer 0 counts to 250 at a 64th of the clock: a millisecond at 16 MHz. */
void begin_clock() {
  TCCR0A = _BV(WGM01);
  TCCR0B = _BV(CS01) | _BV(CS00);
  OCR0A = static_cast<uint8_t>(F_CPU / 64 / 1000 - 1);
  TIMSK0 = _BV(OCIE0A);
}

uint32_t now() {
  uint8_t interrupts = SREG;
  cli();
  uint32_t read = ticks;
  SREG = interrupts;
  return read;
}

uint32_t micros() {
  uint8_t interrupts = SREG;
  cli();
  uint32_t read = ticks;
  uint8_t part = TCNT0;
  // The millisecond is over, and nobody has counted it yet.
  if ((TIFR0 & _BV(OCF0A)) && part < OCR0A) ++read;
  SREG = interrupts;
  return read * 1000UL + part * (64000000UL / F_CPU);
}

/** Nothing tells it to this chip. */
bool time_of_week(uint32_t *) { return false; }

}  // namespace chip

ISR(TIMER0_COMPA_vect) { chip::ticks = chip::ticks + 1; }
