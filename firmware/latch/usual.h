// What the program keeps to where the board states nothing (common practice, from memory).
#pragma once
#include <stdint.h>

namespace latch {

/** On so long though told to be off: the contact has welded. */
const uint32_t WELD_ALARM_MS = 1000;
/** So many starts, none followed by ten quiet minutes, and everything stays off. */
const uint8_t RESETS = 3;
const uint32_t QUIET_MS = 600000UL;
/** Attempts to reach a network again: first after so long, doubling, never longer than the other. */
const uint32_t FIRST_RETRY_MS = 1000;
const uint32_t LONGEST_RETRY_MS = 60000UL;
/** No contact of a knob closed for so long is a position of its own. */
const uint32_t GAP_MS = 300;
/** A key that is held counts anew after so long without a frame. */
const uint32_t KEY_RELEASED_MS = 150;
/** How often it is looked for moments that are too old to matter. */
const uint32_t AGING_MS = 60000UL;
const uint32_t MINUTE_MS = 60000UL;
const uint32_t WEEK_MS = 7UL * 24 * 60 * MINUTE_MS;

}  // namespace latch
