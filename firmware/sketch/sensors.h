#include "../loop/readers.h"

namespace chip {

/** A wire that is pulled low or let go. An output that only pulls is quicker than a pin that turns round. */
struct SketchWire {
  uint8_t number;

  explicit SketchWire(const latch::Pin &pin) : number(pin.number) {
#ifdef OUTPUT_OPEN_DRAIN
    digitalWrite(number, HIGH);
    pinMode(number, OUTPUT_OPEN_DRAIN);
    digitalWrite(number, HIGH);
#else
    pinMode(number, INPUT);
#endif
  }
  void low() {
#ifdef OUTPUT_OPEN_DRAIN
    digitalWrite(number, LOW);
#else
    digitalWrite(number, LOW);
    pinMode(number, OUTPUT);
#endif
  }
  void free() {
#ifdef OUTPUT_OPEN_DRAIN
    digitalWrite(number, HIGH);
#else
    pinMode(number, INPUT);
#endif
  }
  bool is_high() const { return HIGH == digitalRead(number); }
  void lock() { noInterrupts(); }
  void unlock() { interrupts(); }
  template <unsigned MICROS>
  static void wait() {
    delayMicroseconds(MICROS);
  }
};

void begin_sensors() { readers::begin(); }
bool next_reading(uint8_t *sensor, bool *says, int32_t *value) { return readers::next<SketchWire>(sensor, says, value); }

}  // namespace chip
