// What a hardware layer brings: clock, pins, the bus of expanders, edges, a serial line, sensors, a watchdog. `avr/` does it by registers,
// `sketch/` by the customary interface.
#pragma once
#include <stdint.h>

#include "../latch/pins.h"

namespace chip {

/** Once, when outputs are at their idle level. */
void begin_chip();
/** Resets a loop that hangs; fed at the end of a pass that read inputs and wrote outputs, and nowhere else. */
void start_watchdog();
void feed_watchdog();
/** Until something happens, and a millisecond at most. */
void rest();
/** Which start this is, counted from the last time that power came or ten minutes were quiet. */
uint8_t count_resets();
void remember_resets(uint8_t resets);
/** A record has been written byte by byte: where memory must be told so, it is told now. */
void kept_record();

/** Milliseconds since the start; microseconds of the same clock, which wrap after 71 minutes. */
uint32_t now();
uint32_t micros();
void begin_clock();

/** Since Monday 00:00, as clocks in the house show it; false while nothing has told the time. */
bool time_of_week(uint32_t *week_ms);

/** Pins of the chip itself and of its expanders. */
void begin_pins();
/** A pin of the chip itself, and not one of an expander or none at all. */
bool is_own(const latch::Pin &pin);
void make_output(const latch::Pin &pin, bool active);
void make_input(const latch::Pin &pin);
void put(const latch::Pin &pin, bool active);
bool is_active(const latch::Pin &pin);
bool is_high(const latch::Pin &pin);
uint16_t analogue(const latch::Pin &pin);

/** Says bytes to an address of the two-wire bus, then hears some; false where nobody is there. Gives up after a while. */
void begin_bus();
bool bus_talk(uint8_t address, const uint8_t *says, uint8_t count, uint8_t *hears, uint8_t most);

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
