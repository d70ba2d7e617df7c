// The loop of every program: reads what changed, tells the program, writes what it says, and feeds the watchdog. Nothing in it waits.
#include "../latch/kept.h"
#include "../latch/program.h"
#include "chip.h"
#include "job.h"
#include "ways.h"

using namespace latch;

namespace {

Program program;
KeptRing ring(board::KEPT_BYTES);
/** Between two contacts of a knob its wiper is open, or touches both. */
const uint32_t LADDER_RESTS_MS = 20;

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

void read_sensors() {
  uint8_t sensor;
  bool says = false;
  int32_t value = 0;
  if (chip::next_reading(&sensor, &says, &value)) program.sensor(sensor, says, value, chip::now());
}

/** The time of the week is told when it becomes known, and again each hour: clocks drift. */
void tell_time(uint32_t now) {
  static uint32_t told_at = 0;
  static bool was_told = false;
  uint32_t week_ms;
  if (0 == board::TIMER_COUNT || (was_told && now - told_at < 3600000UL) || !chip::time_of_week(&week_ms)) return;
  was_told = true;
  told_at = now;
  program.time(week_ms, now);
}

void keep_step() {
  bool was_busy = ring.is_busy();
  ring.step();
  if (was_busy && !ring.is_busy()) chip::kept_record();
}

}  // namespace

namespace latch {
namespace world {

void output(uint8_t pin, bool active) { chip::put(row_of(board::PINS, pin), active); }
void lamp(uint8_t pin, bool lit) { chip::put(row_of(board::PINS, pin), lit); }
void keep(const uint8_t *steps) { ring.keep(steps); }
void tell(uint8_t channel, bool retained, const char *where, const char *says) { ways::tell(channel, retained, where, says); }
void tell_number(uint8_t channel, bool retained, const char *where, uint8_t number) { ways::tell_number(channel, retained, where, number); }
void connect(uint8_t channel) { ways::connect(channel); }
void ignore_text(uint8_t channel, bool is_known) { ways::ignored(channel, is_known); }
// What else the program says is for whoever watches a trial.
void refuse(uint8_t, Refusal) {}
void wait(uint8_t, uint32_t) {}
void ignore_code(uint8_t, uint32_t) {}
void alarm(uint8_t, AlarmOf) {}

}  // namespace world
}  // namespace latch

namespace job {

void begin() {
  // Outputs first, each at its idle level before it drives; what must never start by itself before all others.
  chip::begin_pins();
  chip::begin_chip();
  chip::serial_say(board::STAMP);
  ways::begin();
  // Until here all is off, and stays so if nothing follows.
  chip::start_watchdog();
  chip::read_expanders();

  uint8_t steps[room(board::LINE_COUNT)];
  bool knows = ring.load(steps);
  uint8_t closed[board::CONTACT_COUNT / 8 + 1] = {0};
  for (uint8_t place = 0; place < board::CONTACT_COUNT; ++place)
    set_bit(closed, place, chip::is_active(row_of(board::CONTACT_PINS, place)));
  Kept kept = {knows ? steps : nullptr, chip::count_resets()};
  program.start(kept, closed, chip::now(), 1);
  chip::remember_resets(program.resets());
  read_contacts(chip::now());
  read_ladders(chip::now());
  chip::begin_sensors();
}

void pass() {
  chip::read_expanders();
  uint32_t now = chip::now();
  chip::Edge edge;
  while (chip::next_edge(&edge)) program.edge(edge.receiver, edge.mark, edge.micros, now);
  read_contacts(now);
  read_senses(now);
  read_ladders(now);
  ways::pass(program, now);
  tell_time(now);
  read_sensors();
  program.pass(chip::now());
  chip::write_expanders();
  keep_step();
  chip::remember_resets(program.resets());
  // Only here, where inputs were read and outputs were written: a loop that hangs anywhere is reset.
  chip::feed_watchdog();
}

}  // namespace job
