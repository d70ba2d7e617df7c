// What runs on the chip: the program itself, or the trial of the wiring.
#pragma once

namespace job {

void begin();
/** Over and over, with a rest of a millisecond at most in between. */
void pass();

}  // namespace job
