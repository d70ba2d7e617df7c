// What a board brings for its ways through a network.
#pragma once
#include "../latch/tables.h"

namespace latch {
namespace board {

extern const uint8_t WAYS[];
extern const Announcement ANNOUNCEMENTS[];
/** The whole answer: its head, and the page itself. */
extern const char PANEL_PAGE[];

}  // namespace board
}  // namespace latch
