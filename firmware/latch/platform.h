// Where the tables lie: in flash on a chip that keeps flash and memory apart, anywhere else on all others.
#pragma once
#include <stddef.h>
#include <stdint.h>

#if defined(__AVR__)
#include <avr/pgmspace.h>
#define LATCH_FLASH PROGMEM
#elif defined(ESP8266)
#define LATCH_FLASH __attribute__((section(".irom.text.latch")))
#else
#define LATCH_FLASH
#endif

namespace latch {

// One byte of a table or of a text.
inline uint8_t flash_byte(const void *from) {
#if defined(__AVR__)
  return pgm_read_byte(from);
#elif defined(ESP8266)
  // Flash is read by whole words there.
  uintptr_t at = reinterpret_cast<uintptr_t>(from);
  return static_cast<uint8_t>(*reinterpret_cast<const uint32_t *>(at & ~static_cast<uintptr_t>(3)) >> (8 * (at & 3)));
#else
  return *static_cast<const uint8_t *>(from);
#endif
}

// A copy of one row, so that nobody else needs to know where rows lie.
template <typename Row>
Row row_of(const Row *table, uint8_t place) {
  Row row;
  const uint8_t *from = reinterpret_cast<const uint8_t *>(table + place);
  uint8_t *to = reinterpret_cast<uint8_t *>(&row);
  for (size_t byte = 0; byte < sizeof(Row); ++byte) to[byte] = flash_byte(from + byte);
  return row;
}

}  // namespace latch
