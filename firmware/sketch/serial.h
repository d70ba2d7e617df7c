// The serial line: what finds no room is lost, and nothing waits.

namespace chip {

void begin_serial(uint32_t rate) { Serial.begin(rate); }

bool serial_read(uint8_t *byte) {
  if (Serial.available() < 1) return false;
  *byte = static_cast<uint8_t>(Serial.read());
  return true;
}

void serial_write(uint8_t byte) {
  if (Serial.availableForWrite() > 0) Serial.write(byte);
}

void serial_say(const char *text) {
  for (uint8_t byte = latch::flash_byte(text); 0 != byte; byte = latch::flash_byte(++text)) serial_write(byte);
}

void serial_number(uint32_t number) {
  if (number >= 10) serial_number(number / 10);
  serial_write(static_cast<uint8_t>('0' + number % 10));
}

}  // namespace chip
