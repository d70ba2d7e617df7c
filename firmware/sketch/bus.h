// The two-wire bus of expanders, at 100 kHz on the pins of the board.
#if LATCH_HAS_BUS
#include <Wire.h>
#endif

namespace chip {

#if LATCH_HAS_BUS
void begin_bus() { LATCH_BEGIN_BUS; }

bool bus_talk(uint8_t address, const uint8_t *says, uint8_t count, uint8_t *hears, uint8_t most) {
  if (count > 0) {
    ::Wire.beginTransmission(address);
    ::Wire.write(says, count);
    if (0 != ::Wire.endTransmission(0 == most)) return false;
  }
  if (0 == most) return true;
  if (most != ::Wire.requestFrom(address, most)) return false;
  for (uint8_t byte = 0; byte < most; ++byte) hears[byte] = static_cast<uint8_t>(::Wire.read());
  return true;
}
#else
void begin_bus() {}
bool bus_talk(uint8_t, const uint8_t *, uint8_t, uint8_t *, uint8_t) { return false; }
#endif

}  // namespace chip
