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

bool write_pair(uint8_t address, uint8_t from, uint16_t both) {
  uint8_t says[3] = {from, static_cast<uint8_t>(both), static_cast<uint8_t>(both >> 8)};
  return bus_talk(address, says, 3, nullptr, 0);
}

void write_one(const latch::ExpanderRow &row, State &state) {
  if (latch::EIGHT_BITS == row.kind) {
    // Its inputs are outputs that are let go high.
    uint8_t levels = static_cast<uint8_t>(state.outputs | ~state.driven);
    state.has_changed = !bus_talk(row.address, &levels, 1, nullptr, 0);
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
  begin_bus();
  for (uint8_t place = 0; place < latch::board::REGISTER_PIN_COUNT; ++place)
    make_output(latch::row_of(latch::board::REGISTER_PINS, place), false);
}

void read_expanders() {
  for (uint8_t place = 0; place < EXPANDER_COUNT; ++place) {
    latch::ExpanderRow row = latch::row_of(latch::board::EXPANDERS, place);
    State &state = states[place];
    if (0 == state.inputs || latch::SHIFT_REGISTER == row.kind) continue;
    const uint8_t from = 0x12;
    uint8_t hears[2] = {0, 0};
    bool is_eight = latch::EIGHT_BITS == row.kind;
    if (bus_talk(row.address, is_eight ? nullptr : &from, is_eight ? 0 : 1, hears, is_eight ? 1 : 2)) {
      state.levels = static_cast<uint16_t>(hears[0] | hears[1] << 8);
    }
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
