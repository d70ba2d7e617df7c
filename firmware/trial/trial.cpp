// A trial of the wiring on the bench, at low voltage and before any mains: says what every contact, key and sensor does as it is read, and
// walks the relays one by one. Lamps may stand in for relays. On the serial line: “n” the next relay, “o” all off.
#include <avr/interrupt.h>
#include <avr/wdt.h>

#include "avr/chip.h"
#include "latch/infrared.h"

using namespace latch;

namespace {

uint8_t walked = NONE;

void say_name(const char *const *names, uint8_t place) {
  const char *name;
  uint8_t *bytes = reinterpret_cast<uint8_t *>(&name);
  for (uint8_t byte = 0; byte < sizeof name; ++byte) bytes[byte] = flash_byte(reinterpret_cast<const uint8_t *>(names + place) + byte);
  chip::serial_say(name);
}

void end_line() {
  chip::serial_write('\r');
  chip::serial_write('\n');
}

void put(uint8_t place, bool on) {
  chip::put(row_of(board::PINS, place), on);
  say_name(board::PIN_NAMES, place);
  chip::serial_say(on ? board::SAYS_ON : board::SAYS_OFF);
  end_line();
}

void walk() {
  if (NONE != walked) put(walked, false);
  walked = NONE == walked || walked + 1 >= board::PIN_COUNT ? 0 : static_cast<uint8_t>(walked + 1);
  if (board::PIN_COUNT > 0) put(walked, true);
}

void say_hex(uint32_t code) {
  for (uint8_t digit = 8; digit-- > 0;) chip::serial_write(static_cast<uint8_t>("0123456789ABCDEF"[(code >> (4 * digit)) & 15]));
}

}  // namespace

int main() {
  MCUSR = 0;
  wdt_disable();
  chip::begin_expanders();
  chip::begin_pins();
  chip::write_expanders();
  chip::begin_clock();
  chip::begin_edges();
  chip::begin_serial(board::SERIAL_RATE);
  chip::begin_sensors();
  sei();
  chip::serial_say(board::STAMP);
  static InfraredDecoder decoders[room(board::RECEIVER_COUNT)];
  static uint8_t were[board::CONTACT_COUNT + 1], senses[board::SENSE_COUNT + 1];
  for (uint8_t place = 0; place < board::CONTACT_COUNT; ++place) were[place] = 2;
  for (uint8_t place = 0; place < board::SENSE_COUNT; ++place) senses[place] = 2;
  for (;;) {
    chip::read_expanders();
    for (uint8_t place = 0; place < board::CONTACT_COUNT; ++place) {
      uint8_t closed = chip::is_active(row_of(board::CONTACT_PINS, place));
      if (closed == were[place]) continue;
      were[place] = closed;
      say_name(board::CONTACT_NAMES, place);
      chip::serial_say(closed ? board::SAYS_CLOSED : board::SAYS_OPEN);
      end_line();
    }
    for (uint8_t place = 0; place < board::SENSE_COUNT; ++place) {
      uint8_t on = chip::is_active(row_of(board::SENSE_PINS, place));
      if (on == senses[place]) continue;
      senses[place] = on;
      say_name(board::SENSE_NAMES, place);
      chip::serial_say(on ? board::SAYS_ON : board::SAYS_OFF);
      end_line();
    }
    chip::Edge edge;
    while (chip::next_edge(&edge)) {
      if (InfraredDecoder::CODE != decoders[edge.receiver].edge(edge.micros, edge.mark)) continue;
      say_name(board::RECEIVER_NAMES, edge.receiver);
      chip::serial_say(board::SAYS_CODE);
      say_hex(decoders[edge.receiver].code());
      end_line();
    }
    uint8_t sensor;
    bool says;
    int32_t value;
    if (chip::next_reading(&sensor, &says, &value)) {
      say_name(board::SENSOR_NAMES, sensor);
      chip::serial_say(says ? board::SAYS_READS : board::SAYS_NOTHING);
      if (says && value < 0) chip::serial_write('-');
      if (says) chip::serial_number(static_cast<uint32_t>(value < 0 ? -value : value) / 10000);
      if (says) chip::serial_write('.');
      if (says) chip::serial_number(static_cast<uint32_t>(value < 0 ? -value : value) / 1000 % 10);
      end_line();
    }
    uint8_t byte;
    while (chip::serial_read(&byte)) {
      if ('n' == byte) walk();
      if ('o' == byte && NONE != walked) {
        put(walked, false);
        walked = NONE;
      }
    }
    chip::write_expanders();
  }
}
