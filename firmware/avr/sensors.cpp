#include <avr/interrupt.h>
#include <avr/io.h>
#include <util/delay.h>

#include "chip.h"

// Sensors are read one after the other, a step at a time: the longest of them holds everything up for a millisecond.
namespace chip {

namespace {

using latch::board::SENSOR_COUNT;

const uint32_t EVERY_MS = 1000, CONVERTS_MS = 800;
const int32_t UNIT = 10000;

struct State {
  uint32_t next_at;
  bool is_converting;
};
State states[latch::room(SENSOR_COUNT)];

/** A wire that is pulled low or let go, found once: a call in between would take longer than a bit may. */
struct Wire {
  volatile uint8_t *registers;  // PIN, DDR, PORT
  uint8_t mask;

  explicit Wire(const latch::Pin &pin) : registers(&PINB + 3 * (pin.port - 1)), mask(static_cast<uint8_t>(1U << pin.bit)) {
    registers[2] = static_cast<uint8_t>(registers[2] & ~mask);
  }
  void low() { registers[1] = static_cast<uint8_t>(registers[1] | mask); }
  void free() { registers[1] = static_cast<uint8_t>(registers[1] & ~mask); }
  bool is_high() const { return 0 != (registers[0] & mask); }
};

// A temperature sensor on one wire: slots of 60 us and more, begun by pulling low; what it says is read within 15 us.
void one_wire_bit(Wire &wire, bool one) {
  uint8_t interrupts = SREG;
  cli();
  wire.low();
  if (one) {
    _delay_us(5);
    wire.free();
    SREG = interrupts;
    _delay_us(64);
  } else {
    _delay_us(62);
    wire.free();
    SREG = interrupts;
    _delay_us(8);
  }
}

bool one_wire_read(Wire &wire) {
  uint8_t interrupts = SREG;
  cli();
  wire.low();
  _delay_us(3);
  wire.free();
  _delay_us(9);
  bool one = wire.is_high();
  SREG = interrupts;
  _delay_us(55);
  return one;
}

void one_wire_say(Wire &wire, uint8_t byte) {
  for (uint8_t bit = 0; bit < 8; ++bit) one_wire_bit(wire, 0 != (byte & (1U << bit)));
}

uint8_t one_wire_hear(Wire &wire) {
  uint8_t byte = 0;
  for (uint8_t bit = 0; bit < 8; ++bit) byte = static_cast<uint8_t>(byte >> 1 | (one_wire_read(wire) ? 0x80 : 0));
  return byte;
}

/** Whether anybody answers a reset. */
bool one_wire_reset(Wire &wire) {
  wire.low();
  _delay_us(490);
  uint8_t interrupts = SREG;
  cli();
  wire.free();
  _delay_us(68);
  bool is_there = !wire.is_high();
  SREG = interrupts;
  _delay_us(420);
  return is_there && wire.is_high();
}

/** Everything that a sensor has in its memory, with its checksum. */
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
uint8_t lasts(const Wire &wire, bool high) {
  for (uint8_t passed = 1; passed < 200; passed = static_cast<uint8_t>(passed + 5)) {
    if (wire.is_high() != high) return passed;
    _delay_us(5);
  }
  return 0;
}

/** A humidity sensor that answers with 40 bits by the length of its pulses. */
bool read_pulses(Wire &wire, int32_t *value) {
  wire.low();
  _delay_us(1200);
  uint8_t interrupts = SREG;
  cli();
  wire.free();
  uint8_t bytes[5] = {0, 0, 0, 0, 0};
  bool is_there = lasts(wire, true) && lasts(wire, false) && lasts(wire, true);
  for (uint8_t bit = 0; is_there && bit < 40; ++bit) {
    is_there = 0 != lasts(wire, false);
    bytes[bit / 8] = static_cast<uint8_t>(bytes[bit / 8] << 1 | (lasts(wire, true) > 45 ? 1 : 0));
  }
  SREG = interrupts;
  uint8_t sum = static_cast<uint8_t>(bytes[0] + bytes[1] + bytes[2] + bytes[3]);
  *value = static_cast<int32_t>(bytes[0] << 8 | bytes[1]) * (UNIT / 10);
  return is_there && sum == bytes[4] && *value <= 100 * UNIT;
}

}  // namespace

void begin_sensors() {
  for (uint8_t sensor = 0; sensor < SENSOR_COUNT; ++sensor) states[sensor].next_at = now();
}

bool next_reading(uint8_t *sensor, bool *says, int32_t *value) {
  uint32_t at = now();
  for (uint8_t place = 0; place < SENSOR_COUNT; ++place) {
    State &state = states[place];
    if (static_cast<int32_t>(at - state.next_at) < 0) continue;
    latch::Pin pin = latch::row_of(latch::board::SENSOR_PINS, place);
    *sensor = place;
    Wire wire(pin);
    uint8_t kind = latch::flash_byte(latch::board::SENSOR_KINDS + place);
    switch (kind) {
      case latch::READS_ONE_WIRE:
        if (!state.is_converting && one_wire_reset(wire)) {
          one_wire_say(wire, 0xCC);
          one_wire_say(wire, 0x44);  // measures
          state.is_converting = true;
          state.next_at = at + CONVERTS_MS;
          return false;
        }
        *says = state.is_converting && read_one_wire(wire, value);
        state.is_converting = false;
        break;
      case latch::READS_PULSES: *says = read_pulses(wire, value); break;
      case latch::READS_ANALOGUE:
        *says = true;
        *value = static_cast<int32_t>(analogue(pin)) * 100 * UNIT / 1023;
        break;
      case latch::READS_HALF_OF_RANGE:
        *says = true;
        *value = (analogue(pin) > 511) == (0 != pin.high) ? UNIT : 0;
        break;
      case latch::READS_NOTHING: *says = false; break;
      default:
        *says = true;
        *value = is_active(pin) ? UNIT : 0;
        break;
    }
    // What had to be measured first has used up most of its second.
    state.next_at = at + (latch::READS_ONE_WIRE == kind ? EVERY_MS - CONVERTS_MS : EVERY_MS);
    return true;
  }
  return false;
}

}  // namespace chip
