#include "infrared.h"

namespace latch {

namespace {

const uint32_t HEAD_MARK = 9000, HEAD_SPACE = 4500, REPEAT_SPACE = 2250;
const uint32_t BIT_MARK = 562, ZERO_SPACE = 562, ONE_SPACE = 1687;
const uint8_t BITS = 32;
/** Short times may miss by more than their quarter: by what a receiver stretches. */
const uint32_t STRETCH = 250;

bool is_near(uint32_t length, uint32_t nominal) {
  uint32_t misses = length > nominal ? length - nominal : nominal - length;
  uint32_t may = nominal / 4 > STRETCH ? nominal / 4 : STRETCH;
  return misses <= may;
}

}  // namespace

InfraredDecoder::Heard InfraredDecoder::edge(uint32_t micros, bool mark_begins) {
  uint32_t length = has_edge_ ? micros - edge_at_ : 0;
  bool was_mark = is_mark_;
  has_edge_ = true;
  edge_at_ = micros;
  is_mark_ = mark_begins;
  if (was_mark) return mark(length);
  space(length);
  return NOTHING;
}

InfraredDecoder::Heard InfraredDecoder::mark(uint32_t length) {
  if (is_near(length, HEAD_MARK)) {
    state_ = BEHIND_HEAD;
    return NOTHING;
  }
  if (state_ < IN_BITS || !is_near(length, BIT_MARK)) {
    state_ = OUTSIDE;
    return NOTHING;
  }
  if (BEFORE_REPEAT == state_) {
    state_ = OUTSIDE;
    return REPEAT;
  }
  if (BITS == bits_) {
    state_ = OUTSIDE;
    return CODE;
  }
  return NOTHING;
}

void InfraredDecoder::space(uint32_t length) {
  if (BEHIND_HEAD == state_) {
    state_ = is_near(length, HEAD_SPACE) ? IN_BITS : is_near(length, REPEAT_SPACE) ? BEFORE_REPEAT : OUTSIDE;
    value_ = 0;
    bits_ = 0;
  } else if (IN_BITS == state_) {
    bool is_one = is_near(length, ONE_SPACE);
    if (bits_ >= BITS || (!is_one && !is_near(length, ZERO_SPACE))) {
      state_ = OUTSIDE;
      return;
    }
    value_ = (value_ << 1) | (is_one ? 1U : 0U);
    ++bits_;
  }
}

uint32_t either_way(uint32_t code) {
  uint32_t turned = 0;
  for (uint8_t bit = 0; bit < 32; ++bit) turned = (turned << 1) | ((code >> bit) & 1U);
  return turned < code ? turned : code;
}

}  // namespace latch
