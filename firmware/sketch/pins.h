// Pins by the numbers that the customary interface gives them.

namespace chip {

inline bool is_far(const latch::Pin &pin) { return pin.port >= latch::EXPANDER && pin.port != latch::NONE; }
bool is_own(const latch::Pin &pin) { return !is_far(pin) && latch::NONE != pin.number; }

/** The level first, then the direction. Some cores take a level only of a pin that they know already: it is an input before. */
void make_output(const latch::Pin &pin, bool active) {
  bool high = active == (0 != pin.high);
  if (is_far(pin)) return expander_output(static_cast<uint8_t>(pin.port - latch::EXPANDER), pin.bit, high);
  if (!is_own(pin)) return;
  pinMode(pin.number, INPUT);
  digitalWrite(pin.number, high ? HIGH : LOW);
  pinMode(pin.number, OUTPUT);
}

void make_input(const latch::Pin &pin) {
  if (is_far(pin)) return expander_input(static_cast<uint8_t>(pin.port - latch::EXPANDER), pin.bit);
  if (is_own(pin)) pinMode(pin.number, pin.pulls ? INPUT_PULLUP : INPUT);
}

void put(const latch::Pin &pin, bool active) {
  bool high = active == (0 != pin.high);
  if (is_far(pin)) return expander_output(static_cast<uint8_t>(pin.port - latch::EXPANDER), pin.bit, high);
  if (is_own(pin)) digitalWrite(pin.number, high ? HIGH : LOW);
}

bool is_high(const latch::Pin &pin) {
  if (is_far(pin)) return expander_level(static_cast<uint8_t>(pin.port - latch::EXPANDER), pin.bit);
  return is_own(pin) && HIGH == digitalRead(pin.number);
}

bool is_active(const latch::Pin &pin) { return is_high(pin) == (0 != pin.high); }

/** With ten bits, as the tables say. */
uint16_t analogue(const latch::Pin &pin) { return is_own(pin) ? static_cast<uint16_t>(analogRead(pin.number)) : 0; }

}  // namespace chip
