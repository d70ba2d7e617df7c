// What the 8-bit chip brings: its clock, its pins by registers, its serial line, its memory that keeps. Nothing but avr-libc.
#pragma once
#include <stdint.h>

#include "latch/pins.h"

namespace chip {

/** Milliseconds since the start; microseconds of the same clock, which wrap after 71 minutes. */
uint32_t now();
uint32_t micros();
void begin_clock();

/** Pins of the chip itself and of its expanders. */
void begin_pins();
void make_output(const latch::Pin &pin, bool active);
void make_input(const latch::Pin &pin);
void put(const latch::Pin &pin, bool active);
bool is_active(const latch::Pin &pin);
bool is_high(const latch::Pin &pin);
uint16_t analogue(const latch::Pin &pin);

/** Expanders are read and written as a whole, once in each pass. */
void begin_expanders();
void read_expanders();
void write_expanders();
bool expander_level(uint8_t expander, uint8_t bit);
void expander_output(uint8_t expander, uint8_t bit, bool high);
void expander_input(uint8_t expander, uint8_t bit);

/** Edges of infrared receivers, as they came. */
struct Edge {
  uint32_t micros;
  uint8_t receiver;
  bool mark;
};
void begin_edges();
bool next_edge(Edge *edge);

void begin_serial(uint32_t rate);
bool serial_read(uint8_t *byte);
void serial_write(uint8_t byte);
/** A text that lies where the tables lie. */
void serial_say(const char *text);
void serial_number(uint32_t number);

void begin_sensors();
/** Reads what is due, a little at a time; true where a sensor has come to a reading, or has failed. */
bool next_reading(uint8_t *sensor, bool *says, int32_t *value);

}  // namespace chip
