// The serial line: what finds no room is lost, and nothing waits. Which one it is, and where, the sketch says.

namespace chip {

void begin_serial(uint32_t) { LATCH_BEGIN_LINE; }

bool serial_read(uint8_t *byte) {
  if (!latch::board::SERIAL_HEARS || LATCH_LINE.available() < 1) return false;
  *byte = static_cast<uint8_t>(LATCH_LINE.read());
  return true;
}

void serial_write(uint8_t byte) {
  if (latch::board::SERIAL_SAYS && LATCH_LINE.availableForWrite() > 0) LATCH_LINE.write(byte);
}

void serial_say(const char *text) {
  for (uint8_t byte = latch::flash_byte(text); 0 != byte; byte = latch::flash_byte(++text)) serial_write(byte);
}

void serial_number(uint32_t number) {
  if (number >= 10) serial_number(number / 10);
  serial_write(static_cast<uint8_t>('0' + number % 10));
}

}  // namespace chip
