#include <avr/interrupt.h>
#include <avr/io.h>
#include <avr/pgmspace.h>

#include "chip.h"

namespace chip {

namespace {

const uint8_t ROOM = 64;
volatile uint8_t begin = 0, end = 0;
volatile uint8_t heard[ROOM];

}  // namespace

void begin_serial(uint32_t rate) {
  // Rounded, at eight samples a bit: what the customary rates miss least by at 16 MHz.
  UBRR0 = static_cast<uint16_t>((F_CPU / 4 / rate - 1) / 2);
  UCSR0A = _BV(U2X0);
  UCSR0B = _BV(RXEN0) | _BV(TXEN0) | _BV(RXCIE0);
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

bool serial_is_free() { return 0 != (UCSR0A & _BV(UDRE0)); }

void serial_write(uint8_t byte) {
  while (!(UCSR0A & _BV(UDRE0))) {
  }
  UDR0 = byte;
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
