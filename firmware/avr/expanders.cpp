#include <avr/io.h>
#include <util/delay.h>

#include "chip.h"

// Expanders with 8 and 16 bits on the two-wire bus, and chained shift registers. What changed is written once in a pass; a bus that hangs
// is given up after a while, so that nothing else waits for it.
namespace chip {

namespace {

using latch::board::EXPANDER_COUNT;

struct State {
  uint16_t outputs, inputs, levels;  // a set bit: high; read by the program; high
  uint16_t driven;                   // what is used as an output: all else stays an input
  bool has_changed;
};
State states[latch::room(EXPANDER_COUNT)];

/** Waits for the bus: longer than a byte takes at 100 kHz, and no longer. */
bool is_done() {
  // A byte takes 90 us: it cannot be over before a tenth of that.
  _delay_us(10);
  for (uint16_t turns = 0; turns < 2000; ++turns) {
    if (TWCR & _BV(TWINT)) return true;
  }
  TWCR = 0;
  return false;
}

/** An address or a byte was acknowledged: by one that is written to, or read from. Some simulators call the first by the second’s number.
 */
bool is_acknowledged() {
  uint8_t status = TWSR & 0xF8;
  return 0x18 == status || 0x28 == status || 0x40 == status;
}

bool begin_to(uint8_t address, bool reads) {
  TWCR = _BV(TWINT) | _BV(TWSTA) | _BV(TWEN);
  if (!is_done()) return false;
  TWDR = static_cast<uint8_t>(address << 1 | (reads ? 1 : 0));
  TWCR = _BV(TWINT) | _BV(TWEN);
  return is_done() && is_acknowledged();
}

bool send(uint8_t byte) {
  TWDR = byte;
  TWCR = _BV(TWINT) | _BV(TWEN);
  return is_done() && is_acknowledged();
}

bool receive(uint8_t *byte, bool is_last) {
  TWCR = static_cast<uint8_t>(_BV(TWINT) | _BV(TWEN) | (is_last ? 0 : _BV(TWEA)));
  if (!is_done()) return false;
  *byte = TWDR;
  return true;
}

/** The bus is free again before anybody is called anew. */
void stop() {
  TWCR = _BV(TWINT) | _BV(TWEN) | _BV(TWSTO);
  for (uint16_t turns = 0; turns < 200 && (TWCR & _BV(TWSTO)); ++turns) {
  }
}

bool write_pair(uint8_t address, uint8_t from, uint16_t both) {
  bool is_sent = begin_to(address, false) && send(from) && send(static_cast<uint8_t>(both)) && send(static_cast<uint8_t>(both >> 8));
  stop();
  return is_sent;
}

void write_one(const latch::ExpanderRow &row, State &state) {
  if (latch::EIGHT_BITS == row.kind) {
    // Its inputs are outputs that are let go high.
    bool is_sent = begin_to(row.address, false) && send(static_cast<uint8_t>(state.outputs | ~state.driven));
    stop();
    state.has_changed = !is_sent;
  } else if (latch::SIXTEEN_BITS == row.kind) {
    // Levels before directions; inputs have their pull-ups.
    state.has_changed = !(write_pair(row.address, 0x14, state.outputs) && write_pair(row.address, 0x0C, state.inputs) &&
                          write_pair(row.address, 0x00, static_cast<uint16_t>(~state.driven)));
  } else {
    latch::Pin data = latch::row_of(latch::board::REGISTER_PINS, row.address);
    latch::Pin clock = latch::row_of(latch::board::REGISTER_PINS, static_cast<uint8_t>(row.address + 1));
    latch::Pin hold = latch::row_of(latch::board::REGISTER_PINS, static_cast<uint8_t>(row.address + 2));
    for (uint8_t bit = 8; bit-- > 0;) {
      put(data, 0 != (state.outputs & (1U << bit)));
      put(clock, true);
      put(clock, false);
    }
    put(hold, true);
    put(hold, false);
    state.has_changed = false;
  }
}

}  // namespace

void begin_expanders() {
  if (0 == EXPANDER_COUNT) return;
  // 100 kHz.
  TWSR = 0;
  TWBR = static_cast<uint8_t>((F_CPU / 100000UL - 16) / 2);
  for (uint8_t place = 0; place < latch::board::REGISTER_PIN_COUNT; ++place)
    make_output(latch::row_of(latch::board::REGISTER_PINS, place), false);
}

void read_expanders() {
  for (uint8_t place = 0; place < EXPANDER_COUNT; ++place) {
    latch::ExpanderRow row = latch::row_of(latch::board::EXPANDERS, place);
    State &state = states[place];
    if (0 == state.inputs || latch::SHIFT_REGISTER == row.kind) continue;
    uint8_t low = 0, high = 0;
    bool is_read = false;
    if (latch::EIGHT_BITS == row.kind) {
      is_read = begin_to(row.address, true) && receive(&low, true);
    } else if (begin_to(row.address, false) && send(0x12)) {
      is_read = begin_to(row.address, true) && receive(&low, false) && receive(&high, true);
    }
    stop();
    if (is_read) state.levels = static_cast<uint16_t>(low | high << 8);
  }
}

void write_expanders() {
  for (uint8_t place = 0; place < EXPANDER_COUNT; ++place) {
    if (states[place].has_changed) write_one(latch::row_of(latch::board::EXPANDERS, place), states[place]);
  }
}

bool expander_level(uint8_t expander, uint8_t bit) { return 0 != (states[expander].levels & (1U << bit)); }

void expander_output(uint8_t expander, uint8_t bit, bool high) {
  State &state = states[expander];
  uint16_t mask = static_cast<uint16_t>(1U << bit);
  state.outputs = static_cast<uint16_t>(high ? state.outputs | mask : state.outputs & ~mask);
  state.has_changed = true;
  state.driven = static_cast<uint16_t>(state.driven | mask);
}

void expander_input(uint8_t expander, uint8_t bit) {
  State &state = states[expander];
  state.inputs = static_cast<uint16_t>(state.inputs | (1U << bit));
  state.levels = static_cast<uint16_t>(state.levels | (1U << bit));
  state.has_changed = true;
}

}  // namespace chip
