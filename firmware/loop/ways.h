// The ways by which the program is reached: a serial line, a broker, its own panel. Each channel of the tables has one, or none.
#pragma once
#include "../latch/program.h"

namespace ways {

void begin();
/** Hears what came, and moves on what is being sent: a step at a time. */
void pass(latch::Program &program, uint32_t now);
void tell(uint8_t channel, bool retained, const char *where, const char *says);
void tell_number(uint8_t channel, bool retained, const char *where, uint8_t number);
void connect(uint8_t channel);
void ignored(uint8_t channel, bool is_known);

}  // namespace ways
