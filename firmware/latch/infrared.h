// Finds codes in the edges that a receiver gives, by their times alone.
//
// The 32-bit pulse-distance code: a mark of 9 ms and a space of 4.5 ms; each bit a mark of 562.5 us and a space of 562.5 us for 0 or
// 1687.5 us for 1; a last mark ends it. While the key is held: 9 ms, 2.25 ms, a last mark. Times may miss by a quarter.
#pragma once
#include <stdint.h>

namespace latch {

class InfraredDecoder {
 public:
  enum Heard : uint8_t { NOTHING, CODE, REPEAT };

  InfraredDecoder() : edge_at_(0), value_(0), bits_(0), state_(OUTSIDE), is_mark_(false), has_edge_(false) {}

  /** Carrier begins, or ends, at a moment in microseconds that may wrap. */
  Heard edge(uint32_t micros, bool mark);
  /** The 32 bits of the code that was heard last, the first one sent in front. */
  uint32_t code() const { return value_; }

 private:
  enum State : uint8_t { OUTSIDE, BEHIND_HEAD, IN_BITS, BEFORE_REPEAT };

  Heard mark(uint32_t length);
  void space(uint32_t length);

  uint32_t edge_at_;
  uint32_t value_;
  uint8_t bits_;
  uint8_t state_;
  bool is_mark_;
  bool has_edge_;
};

/** The same for both orders of bits, so that a code is found however a receiver prints it. */
uint32_t either_way(uint32_t code);

}  // namespace latch
