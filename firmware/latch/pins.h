// Where on the chip each place of the tables sits. Only hardware layers read this.
#pragma once
#include "tables.h"

namespace latch {

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
