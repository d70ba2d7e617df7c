// What a board brings for its ways through a network.
#pragma once
#include "../latch/tables.h"

namespace latch {
namespace board {

extern const uint8_t WAYS[];
extern const Announcement ANNOUNCEMENTS[];
/** The head of the answer, and the page itself. */
extern const char PANEL_HEAD[], PANEL_PAGE[];

}  // namespace board
}  // namespace latch
