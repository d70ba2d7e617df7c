// The hardware layer by the customary interface (`pinMode`, `digitalWrite`, `millis` …), in one piece: the sketch itself includes it,
// behind what its environment puts before every sketch.
#include "../loop/chip.h"
#include "../loop/job.h"
// In this order: each may use what stands before it.
#include "clock.h"
#include "pins.h"
#include "edges.h"
#include "serial.h"
#include "bus.h"
#include "sensors.h"
#include "keeping.h"
#include "watchdog.h"
#if LATCH_HAS_NETWORK
#include "network.h"
#endif

namespace chip {

void begin_chip() {
#if LATCH_SETS_RESOLUTION
  analogReadResolution(10);
#endif
  begin_edges();
  begin_serial(latch::board::SERIAL_RATE);
  begin_keeping();
}

/** The core itself has things to do in between. */
void rest() { yield(); }

}  // namespace chip
