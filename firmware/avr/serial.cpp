#include <avr/interrupt.h>
#include <avr/io.h>
#include <avr/pgmspace.h>

#include "../loop/chip.h"

namespace chip {

namespace {

const uint8_t ROOM = 64;
volatile uint8_t begin = 0, end = 0;
volatile uint8_t heard[ROOM];

const uint8_t SAID_ROOM = 160;
volatile uint8_t said_begin = 0, said_end = 0;
uint8_t said[SAID_ROOM];

}  // namespace

void begin_serial(uint32_t rate) {
  // What is not spoken leaves its pin to whatever sits there.
  if (!latch::board::SERIAL_HEARS && !latch::board::SERIAL_SAYS) return;
  // Rounded, at eight samples a bit: what the customary rates miss least by at 16 MHz.
  UBRR0 = static_cast<uint16_t>((F_CPU / 4 / rate - 1) / 2);
  UCSR0A = _BV(U2X0);
  UCSR0B = static_cast<uint8_t>((latch::board::SERIAL_HEARS ? _BV(RXEN0) | _BV(RXCIE0) : 0) | (latch::board::SERIAL_SAYS ? _BV(TXEN0) : 0));
  UCSR0C = _BV(UCSZ01) | _BV(UCSZ00);
}

void note_byte() {
  uint8_t byte = UDR0;
  uint8_t next = static_cast<uint8_t>((end + 1) % ROOM);
  if (next == begin) return;
  heard[end] = byte;
  end = next;
}

bool serial_read(uint8_t *byte) {
  if (begin == end) return false;
  *byte = heard[begin];
  begin = static_cast<uint8_t>((begin + 1) % ROOM);
  return true;
}

/** Put into a line and sent letter by letter; what finds no room is lost, and nothing waits. */
void serial_write(uint8_t byte) {
  if (!latch::board::SERIAL_SAYS) return;
  uint8_t next = static_cast<uint8_t>((said_end + 1) % SAID_ROOM);
  if (next == said_begin) return;
  said[said_end] = byte;
  said_end = next;
  UCSR0B = static_cast<uint8_t>(UCSR0B | _BV(UDRIE0));
}

void send_byte() {
  if (said_begin == said_end) {
    UCSR0B = static_cast<uint8_t>(UCSR0B & ~_BV(UDRIE0));
    return;
  }
  UDR0 = said[said_begin];
  said_begin = static_cast<uint8_t>((said_begin + 1) % SAID_ROOM);
}

void serial_say(const char *text) {
  for (uint8_t byte = pgm_read_byte(text); 0 != byte; byte = pgm_read_byte(++text)) serial_write(byte);
}

void serial_number(uint32_t number) {
  if (number >= 10) serial_number(number / 10);
  serial_write(static_cast<uint8_t>('0' + number % 10));
}

}  // namespace chip

ISR(USART_RX_vect) { chip::note_byte(); }
ISR(USART_UDRE_vect) { chip::send_byte(); }
