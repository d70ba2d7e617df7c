// Texts on the serial line: a line end ends one, or a pause where nothing else does.
#pragma once
#include "../latch/program.h"

namespace serial_way {

void hear(latch::Program &program, uint32_t now);
void tell(const char *says);
void tell_number(uint8_t number);

}  // namespace serial_way
