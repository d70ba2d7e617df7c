// Contacts that must come to rest, knobs with their positions, and keys that are held.
#include "program.h"
#include "usual.h"

namespace latch {

namespace {

/** What a contact asks when it has moved; false where it asks nothing. */
bool asks_now(const Contact &contact, Act *act, bool closed) {
  if (contact.stays && EXPLICIT == act->operation) {
    act->wish = closed ? WISH_ON : WISH_OFF;
    return true;
  }
  if (contact.stays && TOGGLING == act->operation) {
    act->wish = WISH_TOGGLE;
    return true;
  }
  if (!closed && !contact.stays && PUSHING == act->operation) {
    act->wish = WISH_OFF;
    return true;
  }
  return closed;
}

}  // namespace

/** A contact has rested for long enough. */
void Program::settled(uint8_t contact) {
  bool closed = bit_of(memory_.raw, contact);
  if (bit_of(memory_.closed, contact) == closed) return;
  set_bit(memory_.closed, contact, closed);
  Contact facts = row_of(board::CONTACTS, contact);
  if (NONE != facts.selector) selected(facts.selector, facts.position, closed);
  for (uint8_t place = 0; place < facts.acts; ++place) {
    Act asks = row_of(board::ACTS, static_cast<uint8_t>(facts.first_act + place));
    if (asks_now(facts, &asks, closed)) act(asks, 0);
  }
}

void Program::selected(uint8_t selector, uint8_t position, bool closed) {
  if (closed) {
    memory_.forget(DUE_GAP, selector);
    turned(selector, position);
    return;
  }
  Selector facts = row_of(board::SELECTORS, selector);
  for (uint8_t place = 0; place < facts.contacts; ++place) {
    if (bit_of(memory_.closed, flash_byte(board::SELECTOR_CONTACTS + facts.first_contact + place))) return;
  }
  memory_.later(DUE_GAP, selector, memory_.now + GAP_MS);
}

/** A knob stands between its contacts for good: off, where it has no contact for that. */
void Program::gap(uint8_t selector) {
  Selector facts = row_of(board::SELECTORS, selector);
  memory_.position[selector] = NONE;
  for (uint8_t place = 0; place < facts.acts; ++place) {
    Act asks = row_of(board::ACTS, static_cast<uint8_t>(facts.first_act + place));
    if (facts.positions > row_of(board::LINES, asks.target).steps) continue;
    asks.wish = WISH_STEP;
    act(asks, 0);
  }
}

/** A knob counts when it is moved, and not before. With one position more than steps the first is off. */
void Program::turned(uint8_t selector, uint8_t position) {
  if (memory_.position[selector] == position) return;
  memory_.position[selector] = position;
  Selector facts = row_of(board::SELECTORS, selector);
  for (uint8_t place = 0; place < facts.acts; ++place) {
    Act asks = row_of(board::ACTS, static_cast<uint8_t>(facts.first_act + place));
    uint8_t steps = row_of(board::LINES, asks.target).steps;
    uint8_t step = facts.positions > steps ? position : static_cast<uint8_t>(position + 1);
    asks.wish = WISH_STEP;
    act(asks, step < steps ? step : steps);
  }
}

/** A frame is complete. */
void Program::key(uint8_t receiver, uint32_t code) {
  ReceiverState &one = memory_.receivers[receiver];
  uint32_t either = either_way(code);
  bool is_held = one.is_held && one.held == either;
  if (one.is_held && !is_held) release(receiver);
  keep_held(receiver, either);
  if (is_held) return;
  // A code that was written down with its kind goes before one of which only the bits are known.
  for (uint8_t raw = 0; raw < 2; ++raw) {
    bool is_known = false;
    for (uint8_t place = 0; place < board::KEY_COUNT; ++place) {
      Key facts = row_of(board::KEYS, place);
      if (facts.receiver != receiver || facts.is_raw != raw || facts.code != (raw ? code : either)) continue;
      is_known = true;
      for (uint8_t other = 0; other < facts.acts; ++other) act(row_of(board::ACTS, static_cast<uint8_t>(facts.first_act + other)), 0);
    }
    if (is_known) return;
  }
  world::ignore_code(receiver, code);
}

void Program::keep_held(uint8_t receiver, uint32_t code) {
  memory_.receivers[receiver].held = code;
  memory_.receivers[receiver].is_held = true;
  memory_.later(DUE_KEY, receiver, memory_.now + KEY_RELEASED_MS);
}

/** A key is let go: what was on only while it was held goes off. */
void Program::release(uint8_t receiver) {
  ReceiverState &one = memory_.receivers[receiver];
  uint32_t code = one.held;
  bool was_held = one.is_held;
  one.is_held = false;
  for (uint8_t place = 0; was_held && place < board::KEY_COUNT; ++place) {
    Key facts = row_of(board::KEYS, place);
    if (facts.receiver != receiver || facts.is_raw || facts.code != code) continue;
    for (uint8_t other = 0; other < facts.acts; ++other) {
      Act asks = row_of(board::ACTS, static_cast<uint8_t>(facts.first_act + other));
      if (PUSHING != asks.operation) continue;
      asks.wish = WISH_OFF;
      act(asks, 0);
    }
  }
}

}  // namespace latch
