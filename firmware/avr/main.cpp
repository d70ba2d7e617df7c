// The loop on the 8-bit chip: reads what changed, tells the program, writes what it says, feeds the watchdog, and sleeps until something
// happens. Nothing in it waits.
#include <avr/interrupt.h>
#include <avr/io.h>
#include <avr/sleep.h>
#include <avr/wdt.h>

#include "chip.h"
#include "latch/kept.h"
#include "latch/program.h"

using namespace latch;

namespace {

Program program;
KeptRing ring(1024);

/** What a reset leaves: power that goes takes it along. */
struct Survivor {
  uint16_t sign;
  uint8_t resets, inverse;
};
const uint16_t SIGN = 0x1A7C;
/** Between two contacts of a knob its wiper is open, or touches both. */
const uint32_t LADDER_RESTS_MS = 20;
Survivor survivor __attribute__((section(".noinit")));
uint8_t reset_cause __attribute__((section(".noinit")));

char text[64];
uint8_t text_length = 0;
bool text_overflows = false;
uint32_t last_heard = 0;

void end_text() {
  text[text_length] = '\0';
  if (text_length > 0 && !text_overflows) program.message(board::SERIAL_CHANNEL, "", text, chip::now());
  text_length = 0;
  text_overflows = false;
}

void hear(uint8_t byte) {
  last_heard = chip::now();
  if ('\n' != byte && '\r' != byte) {
    if (text_length < sizeof text - 1) {
      text[text_length++] = static_cast<char>(byte);
    } else {
      // A text that is longer than any that is known means nothing.
      text_overflows = true;
    }
    return;
  }
  end_text();
}

/** Which start this is, counted from the last time that power came or ten minutes were quiet. */
uint8_t count_resets() {
  bool is_power = 0 != (reset_cause & _BV(PORF));
  bool is_known = !is_power && SIGN == survivor.sign && static_cast<uint8_t>(~survivor.inverse) == survivor.resets;
  return is_known && survivor.resets < 255 ? static_cast<uint8_t>(survivor.resets + 1) : 0;
}

void remember_resets() {
  survivor.sign = SIGN;
  survivor.resets = program.resets();
  survivor.inverse = static_cast<uint8_t>(~survivor.resets);
}

void read_contacts(uint32_t now) {
  static uint8_t were[board::CONTACT_COUNT / 8 + 1];
  static bool is_first = true;
  for (uint8_t place = 0; place < board::CONTACT_COUNT; ++place) {
    bool closed = chip::is_active(row_of(board::CONTACT_PINS, place));
    if (is_first || bit_of(were, place) != closed) {
      set_bit(were, place, closed);
      if (!is_first) program.contact(place, closed, now);
    }
  }
  is_first = false;
}

/** The position at which a ladder stands; NONE between two contacts. */
uint8_t position_of(uint8_t place, const Ladder &ladder) {
  uint16_t reading = chip::analogue(row_of(board::LADDER_PINS, place));
  for (uint8_t position = 0; position < ladder.limits; ++position) {
    if (reading < row_of(board::LADDER_LIMITS, static_cast<uint8_t>(ladder.first_limit + position))) return position;
  }
  return NONE;
}

/** A knob counts when it has rested at another position than before, and not where it stood at the start. */
void read_ladders(uint32_t now) {
  static uint8_t seen[room(board::LADDER_COUNT)], stood[room(board::LADDER_COUNT)];
  static uint32_t since[room(board::LADDER_COUNT)];
  static bool is_first = true;
  for (uint8_t place = 0; place < board::LADDER_COUNT; ++place) {
    Ladder ladder = row_of(board::LADDERS, place);
    uint8_t position = position_of(place, ladder);
    if (is_first || position != seen[place]) {
      seen[place] = position;
      since[place] = now;
      if (is_first) stood[place] = position;
    } else if (NONE != position && position != stood[place] && now - since[place] >= LADDER_RESTS_MS) {
      stood[place] = position;
      program.ladder(ladder.selector, position, now);
    }
  }
  is_first = false;
}

void read_senses(uint32_t now) {
  static uint8_t were[board::SENSE_COUNT / 8 + 1];
  static bool is_first = true;
  for (uint8_t place = 0; place < board::SENSE_COUNT; ++place) {
    bool on = chip::is_active(row_of(board::SENSE_PINS, place));
    if (is_first || bit_of(were, place) != on) {
      set_bit(were, place, on);
      program.sense(place, on, now);
    }
  }
  is_first = false;
}

}  // namespace

/** The watchdog runs on after its own reset, at its shortest: it is stopped before anything else. */
void stop_watchdog() __attribute__((naked, used, section(".init3")));
void stop_watchdog() {
  reset_cause = MCUSR;
  MCUSR = 0;
  wdt_disable();
}

namespace latch {
namespace world {

void output(uint8_t pin, bool active) { chip::put(row_of(board::PINS, pin), active); }
void lamp(uint8_t pin, bool lit) { chip::put(row_of(board::PINS, pin), lit); }
void keep(const uint8_t *steps) { ring.keep(steps); }
void tell(uint8_t channel, bool, const char *, const char *says) {
  if (channel != board::SERIAL_CHANNEL) return;
  chip::serial_say(says);
  chip::serial_write('\n');
}
void tell_number(uint8_t channel, bool, const char *, uint8_t number) {
  if (channel != board::SERIAL_CHANNEL) return;
  chip::serial_number(number);
  chip::serial_write('\n');
}
// What else the program says is for whoever watches a trial.
void connect(uint8_t) {}
void refuse(uint8_t, Refusal) {}
void wait(uint8_t, uint32_t) {}
void ignore_code(uint8_t, uint32_t) {}
void ignore_text(uint8_t, bool) {}
void alarm(uint8_t, AlarmOf) {}

}  // namespace world
}  // namespace latch

int main() {
  // Outputs first, each at its idle level before it drives; what must never start by itself before all others.
  chip::begin_expanders();
  chip::begin_pins();
  chip::write_expanders();
  wdt_enable(board::WATCHDOG);
  chip::begin_clock();
  chip::begin_edges();
  chip::begin_serial(board::SERIAL_RATE);
  set_sleep_mode(SLEEP_MODE_IDLE);
  sei();
  chip::serial_say(board::STAMP);
  chip::read_expanders();

  uint8_t steps[room(board::LINE_COUNT)];
  bool knows = ring.load(steps);
  uint8_t closed[board::CONTACT_COUNT / 8 + 1] = {0};
  for (uint8_t place = 0; place < board::CONTACT_COUNT; ++place)
    set_bit(closed, place, chip::is_active(row_of(board::CONTACT_PINS, place)));
  Kept kept = {knows ? steps : nullptr, count_resets()};
  program.start(kept, closed, chip::now(), 1);
  remember_resets();
  read_contacts(chip::now());
  read_ladders(chip::now());
  chip::begin_sensors();

  for (;;) {
    chip::read_expanders();
    uint32_t now = chip::now();
    chip::Edge edge;
    while (chip::next_edge(&edge)) program.edge(edge.receiver, edge.mark, edge.micros, now);
    read_contacts(now);
    read_senses(now);
    read_ladders(now);
    uint8_t byte;
    while (board::SERIAL_CHANNEL != NONE && chip::serial_read(&byte)) hear(byte);
    // Where nothing ends a text, a pause does.
    if (board::SERIAL_PAUSE_MS > 0 && text_length > 0 && now - last_heard >= board::SERIAL_PAUSE_MS) end_text();
    uint8_t sensor;
    bool says;
    int32_t value;
    if (chip::next_reading(&sensor, &says, &value)) program.sensor(sensor, says, value, chip::now());
    program.pass(chip::now());
    chip::write_expanders();
    ring.step();
    remember_resets();
    // Only here, where inputs were read and outputs were written: a loop that hangs anywhere is reset.
    wdt_reset();
    sleep_mode();
  }
}
