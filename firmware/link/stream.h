// A way to somebody else, by five functions, none of which waits.
#pragma once
#include <stdint.h>

namespace reach {

enum StreamState : uint8_t { IS_GONE, BEGINS, STANDS };

struct Stream {
  /** Whoever has the functions knows what it is of. */
  void *of;
  /** Begins to reach the other end; false where that cannot even begin. */
  bool (*begin)(void *of);
  StreamState (*state)(void *of);
  /** Bytes that have come by now, and how many. */
  uint16_t (*read)(void *of, uint8_t *to, uint16_t most);
  /** How many of the bytes were taken: the others are said again later. */
  uint16_t (*write)(void *of, const uint8_t *from, uint16_t count);
  void (*end)(void *of);
};

}  // namespace reach
