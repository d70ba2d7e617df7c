// Sensors are read one after the other, a step at a time: the longest of them holds everything up for a few milliseconds. `Wire` is a wire
// that is pulled low or let go, and says how it waits and how nothing comes between.
#pragma once
#include "chip.h"

namespace chip {
namespace readers {

using latch::board::SENSOR_COUNT;

const uint32_t EVERY_MS = 1000, CONVERTS_MS = 800;
const int32_t UNIT = 10000;

struct State {
  uint32_t next_at;
  bool is_converting;
};
static State states[latch::room(SENSOR_COUNT)];

// A temperature sensor on one wire: slots of 60 us and more, begun by pulling low; what it says is read within 15 us.
template <class Wire>
void one_wire_bit(Wire &wire, bool one) {
  wire.lock();
  wire.low();
  if (one) {
    Wire::template wait<5>();
    wire.free();
    wire.unlock();
    Wire::template wait<64>();
  } else {
    Wire::template wait<62>();
    wire.free();
    wire.unlock();
    Wire::template wait<8>();
  }
}

template <class Wire>
bool one_wire_read(Wire &wire) {
  wire.lock();
  wire.low();
  Wire::template wait<3>();
  wire.free();
  Wire::template wait<9>();
  bool one = wire.is_high();
  wire.unlock();
  Wire::template wait<55>();
  return one;
}

template <class Wire>
void one_wire_say(Wire &wire, uint8_t byte) {
  for (uint8_t bit = 0; bit < 8; ++bit) one_wire_bit(wire, 0 != (byte & (1U << bit)));
}

template <class Wire>
uint8_t one_wire_hear(Wire &wire) {
  uint8_t byte = 0;
  for (uint8_t bit = 0; bit < 8; ++bit) byte = static_cast<uint8_t>(byte >> 1 | (one_wire_read(wire) ? 0x80 : 0));
  return byte;
}

/** Whether anybody answers a reset. */
template <class Wire>
bool one_wire_reset(Wire &wire) {
  wire.low();
  Wire::template wait<490>();
  wire.lock();
  wire.free();
  Wire::template wait<68>();
  bool is_there = !wire.is_high();
  wire.unlock();
  Wire::template wait<420>();
  return is_there && wire.is_high();
}

/** Everything that a sensor has in its memory, with its checksum. */
template <class Wire>
bool read_one_wire(Wire &wire, int32_t *value) {
  if (!one_wire_reset(wire)) return false;
  one_wire_say(wire, 0xCC);  // whoever is there
  one_wire_say(wire, 0xBE);  // says its memory
  uint8_t bytes[9], sum = 0;
  for (uint8_t place = 0; place < 9; ++place) {
    bytes[place] = one_wire_hear(wire);
    uint8_t left = bytes[place];
    for (uint8_t bit = 0; bit < 8; ++bit, left = static_cast<uint8_t>(left >> 1)) {
      sum = static_cast<uint8_t>((sum ^ left) & 1 ? (sum >> 1) ^ 0x8C : sum >> 1);
    }
  }
  int16_t sixteenths = static_cast<int16_t>(bytes[0] | bytes[1] << 8);
  // 85 degrees exactly is what it says before it has measured.
  if (0 != sum || 85 * 16 == sixteenths) return false;
  *value = static_cast<int32_t>(sixteenths) * (UNIT / 16);
  return true;
}

/** How long a level lasts, in microseconds; 0 for longer than 200. */
template <class Wire>
uint8_t lasts(const Wire &wire, bool high) {
  for (uint8_t passed = 1; passed < 200; passed = static_cast<uint8_t>(passed + 5)) {
    if (wire.is_high() != high) return passed;
    Wire::template wait<5>();
  }
  return 0;
}

/** A humidity sensor that answers with 40 bits by the length of its pulses. */
template <class Wire>
bool read_pulses(Wire &wire, int32_t *value) {
  wire.low();
  Wire::template wait<1200>();
  wire.lock();
  wire.free();
  uint8_t bytes[5] = {0, 0, 0, 0, 0};
  bool is_there = lasts(wire, true) && lasts(wire, false) && lasts(wire, true);
  for (uint8_t bit = 0; is_there && bit < 40; ++bit) {
    is_there = 0 != lasts(wire, false);
    bytes[bit / 8] = static_cast<uint8_t>(bytes[bit / 8] << 1 | (lasts(wire, true) > 45 ? 1 : 0));
  }
  wire.unlock();
  uint8_t sum = static_cast<uint8_t>(bytes[0] + bytes[1] + bytes[2] + bytes[3]);
  *value = static_cast<int32_t>(bytes[0] << 8 | bytes[1]) * (UNIT / 10);
  return is_there && sum == bytes[4] && *value <= 100 * UNIT;
}

inline void begin() {
  for (uint8_t sensor = 0; sensor < SENSOR_COUNT; ++sensor) states[sensor].next_at = now();
}

/** A conversion is asked for, and read when it is over; true where there is an answer. */
template <class Wire>
bool one_wire_step(const latch::Pin &pin, State &state, uint32_t at, bool *says, int32_t *value) {
  Wire wire(pin);
  if (!state.is_converting && one_wire_reset(wire)) {
    one_wire_say(wire, 0xCC);
    one_wire_say(wire, 0x44);  // measures
    state.is_converting = true;
    state.next_at = at + CONVERTS_MS;
    return false;
  }
  *says = state.is_converting && read_one_wire(wire, value);
  state.is_converting = false;
  // What had to be measured first has used up most of its second.
  state.next_at = at + EVERY_MS - CONVERTS_MS;
  return true;
}

/** What a pin says by its level alone, or by its share of the supply. */
inline int32_t level_of(const latch::Pin &pin, uint8_t kind) {
  switch (kind) {
    case latch::READS_ANALOGUE: return static_cast<int32_t>(analogue(pin)) * 100 * UNIT / 1023;
    case latch::READS_HALF_OF_RANGE: return (analogue(pin) > 511) == (0 != pin.high) ? UNIT : 0;
    default: return is_active(pin) ? UNIT : 0;
  }
}

template <class Wire>
bool next(uint8_t *sensor, bool *says, int32_t *value) {
  uint32_t at = now();
  for (uint8_t place = 0; place < SENSOR_COUNT; ++place) {
    State &state = states[place];
    if (static_cast<int32_t>(at - state.next_at) < 0) continue;
    latch::Pin pin = latch::row_of(latch::board::SENSOR_PINS, place);
    *sensor = place;
    uint8_t kind = latch::flash_byte(latch::board::SENSOR_KINDS + place);
    if (latch::READS_ONE_WIRE == kind && is_own(pin)) return one_wire_step<Wire>(pin, state, at, says, value);
    state.next_at = at + EVERY_MS;
    if (latch::READS_PULSES == kind && is_own(pin)) {
      Wire wire(pin);
      *says = read_pulses(wire, value);
    } else {
      // A wire that carries numbers needs a pin of the chip itself.
      *says = latch::READS_NOTHING != kind && latch::READS_ONE_WIRE != kind && latch::READS_PULSES != kind;
      if (*says) *value = level_of(pin, kind);
    }
    return true;
  }
  return false;
}

}  // namespace readers
}  // namespace chip
