// All that a running program remembers: nothing else of it changes.
#pragma once
#include "infrared.h"
#include "tables.h"

namespace latch {

/** Milliseconds of one clock that only goes forward, and wraps after 49 days: moments are compared by their difference. */
typedef uint32_t Time;

inline bool is_over(Time moment, Time now) { return static_cast<int32_t>(now - moment) >= 0; }
inline Time later_of(Time one, Time other) { return is_over(one, other) ? other : one; }

/** What is put off. */
enum Due : uint8_t {
  DUE_LINE,
  DUE_RUN,
  DUE_PULSE,
  DUE_WELD,
  DUE_CONTACT,
  DUE_GAP,
  DUE_KEY,
  DUE_RULE,
  DUE_TIMER,
  DUE_RETRY,
  DUE_KEEP,
  DUE_QUIET
};

struct Pending {
  Time at;
  uint8_t what;
  uint8_t which;
};

struct LineState {
  Time opened_at;   // when its contacts last opened
  Time not_before;  // others of its group go first
  uint8_t wanted, step, last, told, kept, pending;
  bool was_open : 1;  // opened_at counts still
  bool has_turn : 1;  // not_before counts
  bool is_stepping : 1;
  bool is_heard : 1;  // is_on is known
  bool is_on : 1;
  bool is_welded : 1;
};

struct RuleState {
  Time changed_at;
  bool is_known : 1, wants : 1, has_changed : 1;
};

struct SensorState {
  int32_t value;
  bool says;
};

struct ReceiverState {
  InfraredDecoder decoder;
  uint32_t held;
  bool is_held;
};

struct ChannelState {
  uint32_t retry_ms;
  bool is_linked;
};

/** Each thing that can be put off has room: what a board has stands in its header. */
const uint16_t MOST_DUE = board::LINE_COUNT + board::RUN_LIMITS + board::SENSED_LINES + board::PULSED_PINS + board::CONTACT_COUNT +
                          board::SELECTOR_COUNT + board::RECEIVER_COUNT + board::RULE_COUNT + board::TIMER_COUNT + board::CHANNEL_COUNT + 2;

struct Memory {
  Time now, started_at, busy_until, looked_at, aged_at;
  bool is_busy;
  uint8_t resets;
  bool is_halted;
  uint32_t seed;

  Pending due[MOST_DUE];
  uint8_t dues;

  LineState lines[room(board::LINE_COUNT)];
  uint8_t active[(board::PIN_COUNT + 7) / 8 + 1];
  uint8_t lit[(board::PIN_COUNT + 7) / 8 + 1];
  uint8_t closed[board::CONTACT_COUNT / 8 + 1];  // as a contact rests
  uint8_t raw[board::CONTACT_COUNT / 8 + 1];     // at this moment, bounce included
  uint8_t position[room(board::SELECTOR_COUNT)];
  ReceiverState receivers[room(board::RECEIVER_COUNT)];
  RuleState rules[room(board::RULE_COUNT)];
  SensorState sensors[room(board::SENSOR_COUNT)];
  ChannelState channels[room(board::CHANNEL_COUNT)];

  bool knows_kept, is_pending;
  bool knows_time;
  uint32_t week;  // milliseconds from Monday 00:00, at `looked_at`

  void later(Due what, uint8_t which, Time at);
  void later_if_free(Due what, uint8_t which, Time at);
  void forget(Due what, uint8_t which);
  /** A number from 0 to less than 1 that follows from the seed alone. */
  double chance();
};

inline bool bit_of(const uint8_t *bits, uint8_t place) { return 0 != (bits[place / 8] & (1U << (place % 8))); }
inline void set_bit(uint8_t *bits, uint8_t place, bool on) {
  uint8_t mask = static_cast<uint8_t>(1U << (place % 8));
  bits[place / 8] = static_cast<uint8_t>(on ? bits[place / 8] | mask : bits[place / 8] & ~mask);
}

}  // namespace latch
