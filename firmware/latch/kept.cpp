#include "kept.h"

namespace latch {

namespace {

/** The 16-bit checksum of polynomial x^16 + x^12 + x^5 + 1, begun with all ones: an empty memory is not sound. */
uint16_t checked(uint16_t sum, uint8_t byte) {
  sum = static_cast<uint16_t>(sum ^ (byte << 8));
  for (uint8_t bit = 0; bit < 8; ++bit) sum = static_cast<uint16_t>(sum & 0x8000 ? (sum << 1) ^ 0x1021 : sum << 1);
  return sum;
}

}  // namespace

/** Numbers go around: the newer of two is less than half of them ahead. */
bool KeptRing::is_newer(uint16_t one, uint16_t other) { return static_cast<int16_t>(one - other) > 0; }

uint16_t KeptRing::number_of(uint16_t slot) const { return static_cast<uint16_t>(byte_of(slot, 0) | byte_of(slot, 1) << 8); }

bool KeptRing::is_sound(uint16_t slot) const {
  uint16_t sum = 0xFFFF;
  for (uint8_t place = 0; place + 2 < RECORD; ++place) sum = checked(sum, byte_of(slot, place));
  return byte_of(slot, RECORD - 2) == (sum >> 8) && byte_of(slot, RECORD - 1) == (sum & 0xFF);
}

/** The newest first: only where its checksum is wrong is the one before looked at. */
bool KeptRing::load(uint8_t *steps) {
  uint16_t before = EMPTY;
  for (uint16_t tried = 0; tried < slots_; ++tried) {
    uint16_t newest = EMPTY, slot = 0;
    for (uint16_t one = 0; one < slots_; ++one) {
      uint16_t number = number_of(one);
      if (EMPTY == number || (EMPTY != before && !is_newer(before, number))) continue;
      if (EMPTY == newest || is_newer(number, newest)) {
        newest = number;
        slot = one;
      }
    }
    if (EMPTY == newest) return false;
    if (is_sound(slot)) {
      has_any_ = true;
      slot_ = slot;
      number_ = newest;
      for (uint8_t line = 0; line < board::LINE_COUNT; ++line) steps[line] = byte_of(slot, static_cast<uint8_t>(2 + line));
      return true;
    }
    before = newest;
  }
  return false;
}

void KeptRing::keep(const uint8_t *steps) {
  // A record that is being written stays where it is: it is not sound before its last byte.
  if (!is_busy()) {
    slot_ = has_any_ && slot_ + 1 < slots_ ? static_cast<uint16_t>(slot_ + 1) : 0;
    // A memory that was never written says EMPTY everywhere.
    if (EMPTY == ++number_) ++number_;
    has_any_ = true;
  }
  record_[0] = static_cast<uint8_t>(number_);
  record_[1] = static_cast<uint8_t>(number_ >> 8);
  uint16_t sum = checked(checked(0xFFFF, record_[0]), record_[1]);
  for (uint8_t line = 0; line < board::LINE_COUNT; ++line) {
    record_[2 + line] = steps[line];
    sum = checked(sum, steps[line]);
  }
  record_[RECORD - 2] = static_cast<uint8_t>(sum >> 8);
  record_[RECORD - 1] = static_cast<uint8_t>(sum);
  at_ = 0;
}

void KeptRing::step() {
  if (!is_busy() || !store::is_ready()) return;
  // The checksum goes last. A byte that is the same already wears nothing.
  while (at_ < RECORD && byte_of(slot_, at_) == record_[at_]) ++at_;
  if (at_ >= RECORD) {
    at_ = NONE;
    return;
  }
  store::write(static_cast<uint16_t>(slot_ * RECORD + at_), record_[at_]);
  ++at_;
}

}  // namespace latch
