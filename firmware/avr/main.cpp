// Whatever runs on the 8-bit chip: started, passed through for ever, asleep in between.
#include <avr/interrupt.h>
#include <avr/io.h>
#include <avr/sleep.h>
#include <avr/wdt.h>

#include "../loop/chip.h"
#include "../loop/job.h"

namespace {

/** What a reset leaves: power that goes takes it along. */
struct Survivor {
  uint16_t sign;
  uint8_t resets, inverse;
};
const uint16_t SIGN = 0x1A7C;
Survivor survivor __attribute__((section(".noinit")));
uint8_t reset_cause __attribute__((section(".noinit")));

}  // namespace

/** The watchdog runs on after its own reset, at its shortest: it is stopped before anything else. */
void stop_watchdog() __attribute__((naked, used, section(".init3")));
void stop_watchdog() {
  reset_cause = MCUSR;
  MCUSR = 0;
  wdt_disable();
}

namespace chip {

void begin_chip() {
  begin_clock();
  begin_edges();
  begin_serial(latch::board::SERIAL_RATE);
  set_sleep_mode(SLEEP_MODE_IDLE);
  sei();
}

void start_watchdog() { wdt_enable(latch::board::WATCHDOG); }
void feed_watchdog() { wdt_reset(); }
void rest() { sleep_mode(); }
void kept_record() {}

uint8_t count_resets() {
  bool is_power = 0 != (reset_cause & _BV(PORF));
  bool is_known = !is_power && SIGN == survivor.sign && static_cast<uint8_t>(~survivor.inverse) == survivor.resets;
  return is_known && survivor.resets < 255 ? static_cast<uint8_t>(survivor.resets + 1) : 0;
}

void remember_resets(uint8_t resets) {
  survivor.sign = SIGN;
  survivor.resets = resets;
  survivor.inverse = static_cast<uint8_t>(~resets);
}

}  // namespace chip

int main() {
  job::begin();
  for (;;) {
    job::pass();
    chip::rest();
  }
}
