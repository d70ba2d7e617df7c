// Brings lines to what is asked of them, as soon as rest, dead time, limit and the others of their group let it.
#include "program.h"
#include "usual.h"

namespace latch {

void Program::act(const Act &act, uint8_t value) {
  if (act.target >= GROUP) {
    act_on_group(static_cast<uint8_t>(act.target - GROUP), act, value);
  } else {
    act_on(act.target, act, act.wish, value, false);
  }
}

void Program::act_on_group(uint8_t group, const Act &act, uint8_t value) {
  Group facts = row_of(board::GROUPS, group);
  // A toggle is decided once for all of them, so that they end up alike.
  bool is_any_on = false;
  for (uint8_t one = 0; one < facts.count; ++one) {
    is_any_on = is_any_on || memory_.lines[row_of(board::MEMBERS, static_cast<uint8_t>(facts.first + one)).line].wanted > 0;
  }
  uint8_t starts = 0;
  for (uint8_t one = 0; one < facts.count; ++one) {
    Member member = row_of(board::MEMBERS, static_cast<uint8_t>(facts.first + one));
    uint8_t wish = act.wish;
    if (WISH_SCENE == act.wish) wish = member.lit ? WISH_ON : WISH_OFF;
    if (WISH_TOGGLE == act.wish) wish = is_any_on ? WISH_OFF : WISH_ON;
    LineState &line = memory_.lines[member.line];
    bool was_on = line.wanted > 0;
    line.not_before = memory_.now + static_cast<Time>(starts) * board::STAGGER_MS;
    line.has_turn = true;
    act_on(member.line, act, wish, value, true);
    if (!was_on && line.wanted > 0) ++starts;
  }
}

void Program::act_on(uint8_t line, const Act &act, uint8_t wish, uint8_t value, bool by_group) {
  Line facts = row_of(board::LINES, line);
  uint8_t step = asked(line, facts, wish, value);
  if (!by_group) memory_.lines[line].has_turn = false;
  Refusal why;
  if (step > 0 && refuses(line, facts, act.presence, by_group, &why)) {
    world::refuse(line, why);
    return;
  }
  want(line, step);
}

/** The step that is asked for, 0 for off. */
uint8_t Program::asked(uint8_t line, const Line &facts, uint8_t wish, uint8_t value) const {
  const LineState &one = memory_.lines[line];
  uint8_t now = one.wanted;
  if (facts.flags & TWO_WAY) now = (one.is_heard ? one.is_on : one.step > 0) ? 1 : 0;
  uint8_t top = facts.steps;
  switch (wish) {
    case WISH_ON:
    case WISH_SCENE: return now > 0 ? now : on_step(line, facts);
    case WISH_TOGGLE: return now > 0 ? 0 : on_step(line, facts);
    case WISH_UP: return now + 1 < top ? static_cast<uint8_t>(now + 1) : top;
    case WISH_DOWN: return now > 0 ? static_cast<uint8_t>(now - 1) : 0;
    case WISH_NEXT: return now < top ? static_cast<uint8_t>(now + 1) : 0;
    case WISH_STEP: return value < top ? value : top;
    case WISH_PERCENT: {
      if (0 == value) return 0;
      // Half a step counts as a whole one.
      uint16_t nearest = static_cast<uint16_t>((2U * value * top + 100U) / 200U);
      if (nearest > top) nearest = top;
      return nearest < 1 ? 1 : static_cast<uint8_t>(nearest);
    }
    default: return 0;
  }
}

/** A motor that runs both ways goes the other way than it did; all else takes the step in which it last ran, or the first. */
uint8_t Program::on_step(uint8_t line, const Line &facts) const {
  uint8_t last = memory_.lines[line].last;
  if (0 == facts.steps) return 0;
  if (facts.flags & BOTH_WAYS) return 1 == last ? 2 : 1;
  if (last > facts.steps) last = facts.steps;
  return last < 1 ? 1 : last;
}

bool Program::refuses(uint8_t line, const Line &facts, uint8_t presence, bool by_group, Refusal *why) const {
  bool must_not = 0 != (facts.flags & MUST_NOT_START);
  bool may = HERE == presence || !must_not || (AWAY == presence && 0 != (facts.flags & REMOTE_START));
  if (memory_.is_halted) {
    *why = STARTED_TOO_OFTEN;
  } else if (!may) {
    *why = MUST_NOT_BY_ITSELF;
  } else if (by_group && 0 != (facts.flags & BARRED)) {
    *why = BARRED_FROM_GROUPS;
  } else if (by_group && must_not) {
    *why = NOT_BY_A_GROUP;
  } else if (is_full(line, facts)) {
    *why = TOO_MANY_AT_ONCE;
  } else {
    return false;
  }
  return true;
}

bool Program::is_full(uint8_t line, const Line &facts) const {
  if (NONE == board::AT_ONCE || 0 == (facts.flags & COUNTS) || memory_.lines[line].wanted > 0) return false;
  uint8_t running = 0;
  for (uint8_t other = 0; other < board::LINE_COUNT; ++other) {
    if (0 == memory_.lines[other].wanted || 0 == (row_of(board::LINES, other).flags & COUNTS)) continue;
    bool makes_room = false;
    for (uint8_t one = 0; one < facts.aparts; ++one) {
      makes_room = makes_room || row_of(board::APARTS, static_cast<uint8_t>(facts.first_apart + one)).line == other;
    }
    if (!makes_room) ++running;
  }
  return running >= board::AT_ONCE;
}

/** Asks a line for a step; whoever may not run beside it makes room. */
void Program::want(uint8_t line, uint8_t step) {
  memory_.lines[line].wanted = step;
  if (step > 0) {
    Line facts = row_of(board::LINES, line);
    for (uint8_t one = 0; one < facts.aparts; ++one) {
      uint8_t other = row_of(board::APARTS, static_cast<uint8_t>(facts.first_apart + one)).line;
      memory_.lines[other].wanted = 0;
      settle(other);
    }
  }
  settle(line);
}

/** Brings a line as far as it may go at this moment. */
void Program::settle(uint8_t line) {
  LineState &one = memory_.lines[line];
  Line facts = row_of(board::LINES, line);
  memory_.forget(DUE_LINE, line);
  if (facts.flags & TWO_WAY) return settle_two_way(line, facts);
  if (one.wanted == one.step) return;
  if (one.step > 0) {
    open(line, facts);
    one.is_stepping = true;
  }
  if (0 == one.wanted) {
    one.is_stepping = false;
    return;
  }
  Time at;
  if (starts_later(line, facts, &at)) {
    memory_.later(DUE_LINE, line, at);
    world::wait(line, at - memory_.now);
    return;
  }
  close(line, facts, one.wanted);
}

/** Whether a line may only start at a later moment, and at which. */
bool Program::starts_later(uint8_t line, const Line &facts, Time *at) const {
  const LineState &one = memory_.lines[line];
  Time now = memory_.now;
  *at = now;
  if (one.has_turn) *at = later_of(*at, one.not_before);
  if (one.was_open) {
    // Between two steps only the pause counts; a rest is for what has stood still.
    uint32_t rest = one.is_stepping ? 0 : facts.rest_ms;
    uint32_t pause = facts.steps > 1 ? facts.pause_ms : 0;
    *at = later_of(*at, one.opened_at + (rest > pause ? rest : pause));
  }
  for (uint8_t place = 0; place < facts.aparts; ++place) {
    Apart apart = row_of(board::APARTS, static_cast<uint8_t>(facts.first_apart + place));
    const LineState &other = memory_.lines[apart.line];
    if (other.was_open) *at = later_of(*at, other.opened_at + apart.pause_ms);
  }
  return *at != now;
}

void Program::close(uint8_t line, const Line &facts, uint8_t step) {
  LineState &one = memory_.lines[line];
  one.step = one.last = step;
  one.has_turn = one.is_stepping = false;
  Part outputs = row_of(board::STEPS, static_cast<uint8_t>(facts.first_step + step - 1));
  for (uint8_t place = 0; place < outputs.count; ++place) drive(flash_byte(board::STEP_OUTPUTS + outputs.first + place), true);
  if (facts.run_ms > 0) memory_.later(DUE_RUN, line, memory_.now + facts.run_ms);
}

void Program::open(uint8_t line, const Line &facts) {
  LineState &one = memory_.lines[line];
  one.step = 0;
  one.opened_at = memory_.now;
  one.was_open = true;
  memory_.forget(DUE_RUN, line);
  for (uint8_t place = 0; place < facts.outputs; ++place) drive(static_cast<uint8_t>(facts.first_output + place), false);
  if (facts.flags & SENSED) memory_.later(DUE_WELD, line, memory_.now + WELD_ALARM_MS);
}

/** One end of a two-way circuit: it is turned over where what is sensed is not what is wanted. */
void Program::settle_two_way(uint8_t line, const Line &facts) {
  const LineState &one = memory_.lines[line];
  bool is_on = one.is_heard ? one.is_on : one.step > 0;
  if (is_on == (one.wanted > 0)) return;
  if (one.step > 0) {
    open(line, facts);
  } else {
    close(line, facts, 1);
  }
  memory_.forget(DUE_WELD, line);
}

/** Closes or opens one contact. */
void Program::drive(uint8_t output, bool closed) {
  Output facts = row_of(board::OUTPUTS, output);
  bool active = closed != (0 != facts.rests_closed);
  if (0 == facts.pulse_ms) return set(facts.pin, active);
  uint8_t pin = active ? facts.pin : facts.opener;
  uint8_t other = active ? facts.opener : facts.pin;
  if (NONE == pin) return;
  if (NONE != other) set(other, false);
  set(pin, true);
  memory_.later(DUE_PULSE, pin, memory_.now + facts.pulse_ms);
}

void Program::set(uint8_t pin, bool active) {
  if (bit_of(memory_.active, pin) == active) return;
  set_bit(memory_.active, pin, active);
  if (!active) memory_.forget(DUE_PULSE, pin);
  world::output(pin, active);
}

/** What lines do when the program starts: one after the other, each in its own way. */
void Program::restore(const Kept &kept) {
  uint8_t starts = 0;
  for (uint8_t line = 0; line < board::LINE_COUNT; ++line) {
    Line facts = row_of(board::LINES, line);
    LineState &one = memory_.lines[line];
    uint8_t step = 0;
    if (AS_IT_WAS == facts.restore && nullptr != kept.steps) step = kept.steps[line];
    if (GOES_ON == facts.restore) step = on_step(line, facts);
    bool on = false;
    if ((facts.flags & FOLLOWS_SWITCH) && switch_says(line, &on)) step = !on ? 0 : step > 0 ? step : 1;
    if (step > facts.steps) step = facts.steps;
    if (step > 0 && ((facts.flags & MUST_NOT_START) || memory_.is_halted || is_full(line, facts))) step = 0;
    if (step > 0) {
      one.not_before = memory_.now + static_cast<Time>(starts++) * board::STAGGER_MS;
      one.has_turn = true;
      one.last = step;
      want(line, step);
    }
  }
}

/** What the maintained switch of a line says by its position; false where it has none. */
bool Program::switch_says(uint8_t line, bool *on) const {
  for (uint8_t contact = 0; contact < board::CONTACT_COUNT; ++contact) {
    Contact facts = row_of(board::CONTACTS, contact);
    for (uint8_t place = 0; facts.stays && place < facts.acts; ++place) {
      Act asks = row_of(board::ACTS, static_cast<uint8_t>(facts.first_act + place));
      if (asks.target == line && EXPLICIT == asks.operation) {
        *on = bit_of(memory_.closed, contact);
        return true;
      }
    }
  }
  return false;
}

/** The true state of a line: what is sensed where it can be, else what its contacts were told. */
uint8_t Program::state(uint8_t line) const {
  const LineState &one = memory_.lines[line];
  if (!one.is_heard || 0 == (row_of(board::LINES, line).flags & SENSED)) return one.step;
  if (!one.is_on) return 0;
  return one.step > 0 ? one.step : 1;
}

}  // namespace latch
