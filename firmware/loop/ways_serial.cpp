// A chip without a network: a serial line is all that reaches it.
#include "ways.h"

#include "serial_way.h"

namespace ways {

void begin() {}
void pass(latch::Program &program, uint32_t now) { serial_way::hear(program, now); }
void tell(uint8_t channel, bool, const char *, const char *says) {
  if (latch::board::SERIAL_CHANNEL == channel) serial_way::tell(says);
}
void tell_number(uint8_t channel, bool, const char *, uint8_t number) {
  if (latch::board::SERIAL_CHANNEL == channel) serial_way::tell_number(number);
}
void connect(uint8_t) {}
void ignored(uint8_t, bool) {}

}  // namespace ways
