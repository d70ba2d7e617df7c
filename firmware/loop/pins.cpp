#include "chip.h"

namespace chip {

void begin_pins() {
  begin_expanders();
  for (uint8_t place = 0; place < latch::board::PIN_COUNT; ++place) make_output(latch::row_of(latch::board::PINS, place), false);
  for (uint8_t place = 0; place < latch::board::CONTACT_COUNT; ++place) make_input(latch::row_of(latch::board::CONTACT_PINS, place));
  for (uint8_t place = 0; place < latch::board::RECEIVER_COUNT; ++place) make_input(latch::row_of(latch::board::RECEIVER_PINS, place));
  for (uint8_t place = 0; place < latch::board::SENSE_COUNT; ++place) make_input(latch::row_of(latch::board::SENSE_PINS, place));
  for (uint8_t place = 0; place < latch::board::LADDER_COUNT; ++place) make_input(latch::row_of(latch::board::LADDER_PINS, place));
  for (uint8_t place = 0; place < latch::board::SENSOR_COUNT; ++place) make_input(latch::row_of(latch::board::SENSOR_PINS, place));
  write_expanders();
}

}  // namespace chip
