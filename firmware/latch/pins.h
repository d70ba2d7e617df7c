// Where on the chip each place of the tables sits. Only hardware layers read this.
#pragma once
#include "tables.h"

namespace latch {

/** An expander is a port of its own, counted from here. */
const uint8_t EXPANDER = 128;

struct Pin {
  uint8_t port;  // of the chip: 1 for its port B and so on, by its letter; EXPANDER and more: an expander; NONE: by number alone
  uint8_t bit;
  uint8_t number;  // as programs of the customary core call it
  uint8_t high;    // the level that means active, lit, closed, on or carrier
  uint8_t pulls;   // the pull-up inside the chip is wanted
};

enum SensorKind : uint8_t { READS_LEVEL, READS_ONE_WIRE, READS_PULSES, READS_ANALOGUE, READS_HALF_OF_RANGE, READS_NOTHING };

enum ExpanderKind : uint8_t { EIGHT_BITS, SIXTEEN_BITS, SHIFT_REGISTER };

struct ExpanderRow {
  uint8_t kind;
  uint8_t address;  // 7-bit; of a shift register the place of its data, clock and latch among the pins of registers
};

/** A knob with a ladder of resistors: below which readings its positions end. */
struct Ladder {
  uint8_t selector;
  uint8_t first_limit, limits;
};

namespace board {

extern const Pin PINS[];
extern const Pin CONTACT_PINS[];
extern const Pin RECEIVER_PINS[];
extern const Pin SENSE_PINS[];
extern const Pin SENSOR_PINS[];
extern const uint8_t SENSOR_KINDS[];
extern const Pin LADDER_PINS[];
extern const Ladder LADDERS[];
extern const uint16_t LADDER_LIMITS[];
extern const ExpanderRow EXPANDERS[];
extern const Pin REGISTER_PINS[];

// Both names of each pin, and words, for whoever tries the wiring.
extern const char *const PIN_NAMES[];
extern const char *const CONTACT_NAMES[];
extern const char *const RECEIVER_NAMES[];
extern const char *const SENSE_NAMES[];
extern const char *const SENSOR_NAMES[];
extern const char SAYS_ON[], SAYS_OFF[], SAYS_OPEN[], SAYS_CLOSED[], SAYS_CODE[], SAYS_READS[], SAYS_NOTHING[];

}  // namespace board
}  // namespace latch
