// What outlives a power cut, in a memory that wears: records lie one behind the other around a ring, each with its number and a checksum,
// so that a cut while one is written leaves the one before. A record is written a byte at a time, and nothing waits for it.
#pragma once
#include "tables.h"

namespace latch {

/** The memory that keeps: a hardware layer says how its bytes are read and written. */
namespace store {
uint8_t read(uint16_t address);
/** Begins to write one byte; only called while `is_ready`. */
void write(uint16_t address, uint8_t byte);
bool is_ready();
}  // namespace store

class KeptRing {
 public:
  /** Number, steps, checksum. */
  static const uint8_t RECORD = static_cast<uint8_t>(2 + board::LINE_COUNT + 2);

  explicit KeptRing(uint16_t size) : slots_(static_cast<uint16_t>(size / RECORD)), slot_(0), number_(0), has_any_(false), at_(NONE) {}

  /** The newest sound record; false where there is none. */
  bool load(uint8_t *steps);
  /** Puts a record in line to be written, in place of one that still waits. */
  void keep(const uint8_t *steps);
  /** Writes one byte of what is to be written, if the memory is ready. */
  void step();
  bool is_busy() const { return NONE != at_; }

 private:
  uint8_t byte_of(uint16_t slot, uint8_t place) const { return store::read(static_cast<uint16_t>(slot * RECORD + place)); }
  uint16_t number_of(uint16_t slot) const;
  bool is_sound(uint16_t slot) const;
  static bool is_newer(uint16_t one, uint16_t other);

  static const uint16_t EMPTY = 0xFFFF;

  uint16_t slots_;
  uint16_t slot_;    // of the newest record
  uint16_t number_;  // of the newest record
  bool has_any_;
  uint8_t at_;  // the byte that is written next; NONE for nothing to do
  uint8_t record_[RECORD];
};

}  // namespace latch
