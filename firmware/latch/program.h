// What the program of a board does, as a state machine without a clock of its own: it is told what happens and when, and says to the world
// what it does about it. Follow one line: a contact moves (`contact`), rests (`settled`), asks for something (`act`), and its line closes
// its relay as soon as it may (`settle`, `close`, `drive`).
#pragma once
#include "memory.h"
#include "world.h"

namespace latch {

/** What outlives a power cut. */
struct Kept {
  const uint8_t *steps;  // of each line; null where nothing was ever kept
  uint8_t resets;        // one after the other, none of which was followed by ten quiet minutes
};

class Program {
 public:
  /**
   * The program has just got its pins: everything is off, then comes back what shall come back.
   * `closed` has a bit for each contact that is closed at this moment.
   */
  void start(const Kept &kept, const uint8_t *closed, Time now, uint32_t seed);
  /** Does all that is due by now, in its order. */
  void pass(Time now);
  /** When something is due without being asked; false where the program only waits. */
  bool due(Time *at) const;

  void contact(uint8_t contact, bool closed, Time now);
  /** The position of a knob with a ladder of resistors. */
  void ladder(uint8_t selector, uint8_t position, Time now);
  void edge(uint8_t receiver, bool mark, uint32_t micros, Time now);
  void message(uint8_t channel, const char *to, const char *says, Time now);
  void linked(uint8_t channel, bool up, Time now);
  /** In 1/10000 of °C or %; a sensor that says yes or no reads 10000 or 0. */
  void sensor(uint8_t sensor, bool says, int32_t value, Time now);
  void sense(uint8_t sense, bool on, Time now);
  /** The time of the week becomes known. */
  void time(uint32_t week_ms, Time now);

  uint8_t step(uint8_t line) const { return memory_.lines[line].step; }
  uint8_t wanted(uint8_t line) const { return memory_.lines[line].wanted; }
  uint8_t resets() const { return memory_.resets; }
  bool is_halted() const { return memory_.is_halted; }

 private:
  void at(Time now);
  void falls_due(Due what, uint8_t which);
  void done();
  void light_lamps();
  void age();

  // lines.cpp: as soon as rest, dead time, limit and the others of a group let it
  void act(const Act &act, uint8_t value);
  void act_on_group(uint8_t group, const Act &act, uint8_t value);
  void act_on(uint8_t line, const Act &act, uint8_t wish, uint8_t value, bool by_group);
  uint8_t asked(uint8_t line, const Line &facts, uint8_t wish, uint8_t value) const;
  uint8_t on_step(uint8_t line, const Line &facts) const;
  bool refuses(uint8_t line, const Line &facts, uint8_t presence, bool by_group, Refusal *why) const;
  bool is_full(uint8_t line, const Line &facts) const;
  void want(uint8_t line, uint8_t step);
  void settle(uint8_t line);
  void settle_two_way(uint8_t line, const Line &facts);
  bool starts_later(uint8_t line, const Line &facts, Time *at) const;
  void close(uint8_t line, const Line &facts, uint8_t step);
  void open(uint8_t line, const Line &facts);
  void drive(uint8_t output, bool closed);
  void set(uint8_t pin, bool active);
  void restore(const Kept &kept);
  bool switch_says(uint8_t line, bool *on) const;
  uint8_t state(uint8_t line) const;

  // inputs.cpp
  void settled(uint8_t contact);
  void selected(uint8_t selector, uint8_t position, bool closed);
  void gap(uint8_t selector);
  void turned(uint8_t selector, uint8_t position);
  void key(uint8_t receiver, uint32_t code);
  void keep_held(uint8_t receiver, uint32_t code);
  void release(uint8_t receiver);

  // rules.cpp
  void decide(uint8_t rule);
  void time_came(uint8_t timer);
  void put_off(uint8_t timer);
  void switch_by(const Timer &timer, bool on);

  // links.cpp
  void begin_links();
  void attempt(uint8_t channel);
  void tell_all();
  void tell(uint8_t channel, uint8_t line, uint8_t state);
  bool is_whole() const;

  Memory memory_;
};

}  // namespace latch
