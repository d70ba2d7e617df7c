// A trial of the wiring on the bench, at low voltage and before any mains: says what every contact, key and sensor does as it is read, and
// walks the relays one by one. Lamps may stand in for relays. On the serial line: “n” the next relay, “o” all off.
#include "../latch/infrared.h"
#include "../loop/chip.h"
#include "../loop/job.h"

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

InfraredDecoder decoders[room(board::RECEIVER_COUNT)];
/** As it was last said; 2 for not yet. */
uint8_t were[board::CONTACT_COUNT + 1], senses[board::SENSE_COUNT + 1];

void say_contacts() {
  for (uint8_t place = 0; place < board::CONTACT_COUNT; ++place) {
    uint8_t closed = chip::is_active(row_of(board::CONTACT_PINS, place));
    if (closed == were[place]) continue;
    were[place] = closed;
    say_name(board::CONTACT_NAMES, place);
    chip::serial_say(closed ? board::SAYS_CLOSED : board::SAYS_OPEN);
    end_line();
  }
}

void say_senses() {
  for (uint8_t place = 0; place < board::SENSE_COUNT; ++place) {
    uint8_t on = chip::is_active(row_of(board::SENSE_PINS, place));
    if (on == senses[place]) continue;
    senses[place] = on;
    say_name(board::SENSE_NAMES, place);
    chip::serial_say(on ? board::SAYS_ON : board::SAYS_OFF);
    end_line();
  }
}

void say_keys() {
  chip::Edge edge;
  while (chip::next_edge(&edge)) {
    if (InfraredDecoder::CODE != decoders[edge.receiver].edge(edge.micros, edge.mark)) continue;
    say_name(board::RECEIVER_NAMES, edge.receiver);
    chip::serial_say(board::SAYS_CODE);
    say_hex(decoders[edge.receiver].code());
    end_line();
  }
}

void say_sensors() {
  uint8_t sensor;
  bool says = false;
  int32_t value = 0;
  if (chip::next_reading(&sensor, &says, &value)) {
    say_name(board::SENSOR_NAMES, sensor);
    chip::serial_say(says ? board::SAYS_READS : board::SAYS_NOTHING);
    if (says && value < 0) chip::serial_write('-');
    if (says) chip::serial_number(static_cast<uint32_t>(value < 0 ? -value : value) / 10000);
    if (says) chip::serial_write('.');
    if (says) chip::serial_number(static_cast<uint32_t>(value < 0 ? -value : value) / 1000 % 10);
    end_line();
  }
}

void hear_letters() {
  uint8_t byte;
  while (chip::serial_read(&byte)) {
    if ('n' == byte) walk();
    if ('o' == byte && NONE != walked) {
      put(walked, false);
      walked = NONE;
    }
  }
}

}  // namespace

namespace job {

void begin() {
  chip::begin_pins();
  chip::begin_chip();
  chip::begin_sensors();
  chip::serial_say(board::STAMP);
  for (uint8_t place = 0; place < board::CONTACT_COUNT; ++place) were[place] = 2;
  for (uint8_t place = 0; place < board::SENSE_COUNT; ++place) senses[place] = 2;
}

void pass() {
  chip::read_expanders();
  say_contacts();
  say_senses();
  say_keys();
  say_sensors();
  hear_letters();
  chip::write_expanders();
}

}  // namespace job
