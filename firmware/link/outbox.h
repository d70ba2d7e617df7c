// What is to be said and has not been taken yet, in a ring of fixed size. Whatever finds no room is not begun: nothing is said by halves.
#pragma once
#include "stream.h"

namespace reach {

template <uint16_t SIZE>
class Outbox {
 public:
  Outbox() : first_(0), count_(0) {}

  void clear() { first_ = count_ = 0; }
  bool is_empty() const { return 0 == count_; }
  bool has_room(uint16_t bytes) const { return static_cast<uint16_t>(SIZE - count_) >= bytes; }
  void put(uint8_t byte) {
    if (count_ < SIZE) bytes_[static_cast<uint16_t>(first_ + count_++) % SIZE] = byte;
  }
  /** Gives the stream as much as it takes at once; whether it took any. */
  bool flush(const Stream &stream) {
    if (0 == count_) return false;
    uint16_t whole = static_cast<uint16_t>(SIZE - first_) < count_ ? static_cast<uint16_t>(SIZE - first_) : count_;
    uint16_t taken = stream.write(stream.of, bytes_ + first_, whole);
    if (taken > whole) taken = whole;
    first_ = static_cast<uint16_t>((first_ + taken) % SIZE);
    count_ = static_cast<uint16_t>(count_ - taken);
    return taken > 0;
  }

 private:
  uint8_t bytes_[SIZE];
  uint16_t first_, count_;
};

}  // namespace reach
