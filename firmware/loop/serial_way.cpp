#include "serial_way.h"

#include "chip.h"

namespace serial_way {

using namespace latch;

namespace {

char text[64];
uint8_t length = 0;
bool overflows = false;
uint32_t last_heard = 0;

void end_text(Program &program) {
  text[length] = '\0';
  if (length > 0 && !overflows) program.message(board::SERIAL_CHANNEL, "", text, chip::now());
  length = 0;
  overflows = false;
}

void hear_byte(Program &program, uint8_t byte) {
  last_heard = chip::now();
  if ('\n' == byte || '\r' == byte) return end_text(program);
  if (length < sizeof text - 1) {
    text[length++] = static_cast<char>(byte);
  } else {
    // A text that is longer than any that is known means nothing.
    overflows = true;
  }
}

}  // namespace

void hear(Program &program, uint32_t now) {
  uint8_t byte;
  while (board::SERIAL_CHANNEL != NONE && chip::serial_read(&byte)) hear_byte(program, byte);
  // Where nothing ends a text, a pause does.
  if (board::SERIAL_PAUSE_MS > 0 && length > 0 && now - last_heard >= board::SERIAL_PAUSE_MS) end_text(program);
}

void tell(const char *says) {
  chip::serial_say(says);
  chip::serial_write('\n');
}

void tell_number(uint8_t number) {
  chip::serial_number(number);
  chip::serial_write('\n');
}

}  // namespace serial_way
