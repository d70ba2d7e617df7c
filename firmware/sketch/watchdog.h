// A loop that hangs is reset, by what each chip has; and what a reset leaves of the count of starts.

namespace chip {

struct Survivor {
  uint32_t sign;
  uint8_t resets, inverse, unused[2];
};
const uint32_t SIGN = 0x1A7C5E03;

#if defined(LATCH_ON_DESK)
void start_watchdog() {}
void feed_watchdog() {}
Survivor left;
Survivor read_survivor() { return left; }
void write_survivor(Survivor survivor) { left = survivor; }
#elif defined(LATCH_ON_ESP8266)
// It is fed whenever the loop comes round, and bites after about three seconds.
void start_watchdog() {}
void feed_watchdog() {}
/** Behind what the boot loader itself keeps there. */
const uint32_t RTC_PLACE = 32;
Survivor read_survivor() {
  Survivor survivor;
  ESP.rtcUserMemoryRead(RTC_PLACE, reinterpret_cast<uint32_t *>(&survivor), sizeof survivor);
  return survivor;
}
void write_survivor(Survivor survivor) { ESP.rtcUserMemoryWrite(RTC_PLACE, reinterpret_cast<uint32_t *>(&survivor), sizeof survivor); }
#elif defined(LATCH_ON_ESP32)
// The core feeds it whenever the loop comes round.
void start_watchdog() { enableLoopWDT(); }
void feed_watchdog() {}
RTC_NOINIT_ATTR Survivor left;
Survivor read_survivor() { return left; }
void write_survivor(Survivor survivor) { left = survivor; }
#elif defined(LATCH_ON_RP2040)
void start_watchdog() { rp2040.wdt_begin(latch::board::WATCHDOG_MS > 8300 ? 8300 : latch::board::WATCHDOG_MS); }
void feed_watchdog() { rp2040.wdt_reset(); }
Survivor left __attribute__((section(".uninitialized_data.latch")));
Survivor read_survivor() { return left; }
void write_survivor(Survivor survivor) { left = survivor; }
#endif

/** Memory that power has left bears no sign: then it is the first start. */
uint8_t count_resets() {
  Survivor survivor = read_survivor();
  bool is_known = SIGN == survivor.sign && static_cast<uint8_t>(~survivor.inverse) == survivor.resets;
  return is_known && survivor.resets < 255 ? static_cast<uint8_t>(survivor.resets + 1) : 0;
}

void remember_resets(uint8_t resets) {
  static uint8_t last = 255;
  if (last == resets) return;
  last = resets;
  Survivor survivor = {SIGN, resets, static_cast<uint8_t>(~resets), {0, 0}};
  write_survivor(survivor);
}

}  // namespace chip
