// The tables of the board that this is built for: `constants.h` is written by Iron Latch and defines them in `tables.cpp` alone.
#pragma once
#include "facts.h"
// Behind it, for its rows are of these shapes.
#include "constants.h"

namespace latch {
namespace board {

extern const Line LINES[];
extern const Output OUTPUTS[];
extern const Part STEPS[];
extern const uint8_t STEP_OUTPUTS[];
extern const Apart APARTS[];
extern const Group GROUPS[];
extern const Member MEMBERS[];
extern const Act ACTS[];
extern const Contact CONTACTS[];
extern const Selector SELECTORS[];
extern const uint8_t SELECTOR_CONTACTS[];
extern const Key KEYS[];
extern const Channel CHANNELS[];
extern const Message MESSAGES[];
extern const uint8_t RANGES[];
extern const Rule RULES[];
extern const Timer TIMERS[];
extern const Moment MOMENTS[];
extern const Lamp LAMPS[];
extern const uint8_t SENSES[];

}  // namespace board

/** A table of nothing still has a row. */
constexpr uint8_t room(uint8_t count) { return 0 == count ? 1 : count; }

}  // namespace latch
