#include "program.h"

#include "usual.h"

namespace latch {

void Memory::later(Due what, uint8_t which, Time at) {
  for (uint8_t place = 0; place < dues; ++place) {
    if (due[place].what == what && due[place].which == which) {
      due[place].at = at;
      return;
    }
  }
  if (dues < MOST_DUE) {
    due[dues].what = what;
    due[dues].which = which;
    due[dues].at = at;
    ++dues;
  }
}

void Memory::later_if_free(Due what, uint8_t which, Time at) {
  for (uint8_t place = 0; place < dues; ++place) {
    if (due[place].what == what && due[place].which == which) return;
  }
  later(what, which, at);
}

void Memory::forget(Due what, uint8_t which) {
  for (uint8_t place = 0; place < dues; ++place) {
    if (due[place].what == what && due[place].which == which) {
      --dues;
      // What is due at the same moment comes in the order in which it was put off.
      for (; place < dues; ++place) due[place] = due[place + 1];
      return;
    }
  }
}

double Memory::chance() {
  seed = (seed * 1103515245UL + 12345UL) & 0x7FFFFFFFUL;
  return static_cast<double>(seed) / 2147483648.0;
}

void Program::start(const Kept &kept, const uint8_t *closed, Time now, uint32_t seed) {
  Memory &m = memory_;
  m = Memory();
  m.seed = seed;
  m.now = m.started_at = m.looked_at = m.aged_at = now;
  m.resets = kept.resets;
  m.knows_kept = nullptr != kept.steps;
  for (uint8_t place = 0; place <= board::CONTACT_COUNT / 8; ++place) m.closed[place] = m.raw[place] = closed[place];
  for (uint8_t knob = 0; knob < board::SELECTOR_COUNT; ++knob) m.position[knob] = NONE;
  for (uint8_t line = 0; line < board::LINE_COUNT; ++line) {
    m.lines[line].opened_at = now;
    m.lines[line].was_open = true;
    m.lines[line].told = NONE;
    m.lines[line].kept = m.knows_kept ? kept.steps[line] : 0;
    Line facts = row_of(board::LINES, line);
    for (uint8_t one = 0; one < facts.outputs; ++one) drive(static_cast<uint8_t>(facts.first_output + one), false);
  }
  if (m.resets >= RESETS) {
    m.is_halted = true;
    world::alarm(NONE, OF_RESETS);
  }
  m.later(DUE_QUIET, 0, now + QUIET_MS);
  restore(kept);
  begin_links();
  done();
}

bool Program::due(Time *at) const {
  bool is_any = false;
  for (uint8_t place = 0; place < memory_.dues; ++place) {
    if (!is_any || !is_over(*at, memory_.due[place].at)) *at = memory_.due[place].at;
    is_any = true;
  }
  if (is_any && memory_.is_busy) *at = later_of(*at, memory_.busy_until);
  return is_any;
}

void Program::pass(Time now) {
  Memory &m = memory_;
  bool was_any = false;
  for (;;) {
    uint8_t next = NONE;
    for (uint8_t place = 0; place < m.dues; ++place) {
      // Earlier and not at the same moment: then the first one that was put off goes first.
      if (is_over(m.due[place].at, now) && (NONE == next || !is_over(m.due[next].at, m.due[place].at))) next = place;
    }
    if (NONE == next) break;
    Pending one = m.due[next];
    m.forget(static_cast<Due>(one.what), one.which);
    if (m.is_busy) one.at = later_of(one.at, m.busy_until);
    at(later_of(one.at, m.now));
    was_any = true;
    falls_due(static_cast<Due>(one.what), one.which);
    tell_all();
  }
  at(later_of(now, m.now));
  age();
  // Where nothing was due nothing has changed since the last event.
  if (was_any) done();
}

/** Moments that are so old that nothing depends on them any more would come back when the clock wraps. */
void Program::age() {
  Memory &m = memory_;
  if (m.is_busy && is_over(m.busy_until, m.now)) m.is_busy = false;
  if (m.now - m.aged_at < AGING_MS) return;
  m.aged_at = m.now;
  for (uint8_t line = 0; line < board::LINE_COUNT; ++line) {
    LineState &one = m.lines[line];
    if (one.was_open && m.now - one.opened_at > board::LONGEST_WAIT_MS) one.was_open = false;
    if (one.has_turn && is_over(one.not_before + board::LONGEST_WAIT_MS, m.now)) one.has_turn = false;
  }
  for (uint8_t rule = 0; rule < board::RULE_COUNT; ++rule) {
    RuleState &one = m.rules[rule];
    if (one.has_changed && m.now - one.changed_at > board::LONGEST_WAIT_MS) one.has_changed = false;
  }
}

void Program::at(Time now) {
  if (memory_.knows_time) {
    memory_.week = (memory_.week + (now - memory_.looked_at)) % WEEK_MS;
    memory_.looked_at = now;
  }
  memory_.now = now;
}

void Program::falls_due(Due what, uint8_t which) {
  switch (what) {
    case DUE_LINE: return settle(which);
    case DUE_RUN: world::refuse(which, TIME_IS_OVER); return want(which, 0);
    case DUE_PULSE: return set(which, false);
    case DUE_WELD:
      if (memory_.lines[which].is_heard && memory_.lines[which].is_on && 0 == memory_.lines[which].step) {
        memory_.lines[which].is_welded = true;
        world::alarm(which, OF_WELD);
      }
      return;
    case DUE_CONTACT: return settled(which);
    case DUE_GAP: return gap(which);
    case DUE_KEY: return release(which);
    case DUE_RULE: return decide(which);
    case DUE_TIMER: return time_came(which);
    case DUE_RETRY: return attempt(which);
    case DUE_KEEP: {
      uint8_t steps[room(board::LINE_COUNT)];
      for (uint8_t line = 0; line < board::LINE_COUNT; ++line) steps[line] = memory_.lines[line].kept = memory_.lines[line].wanted;
      memory_.knows_kept = true;
      return world::keep(steps);
    }
    case DUE_QUIET: memory_.resets = 0; return;
  }
}

/** Tells everybody what has changed, lights what is to be lit, and puts off what is to be kept until it has rested. */
void Program::done() {
  Memory &m = memory_;
  tell_all();
  bool is_kept = m.knows_kept, is_pending = m.is_pending;
  for (uint8_t line = 0; line < board::LINE_COUNT; ++line) {
    is_kept = is_kept && m.lines[line].wanted == m.lines[line].kept;
    is_pending = is_pending && m.lines[line].wanted == m.lines[line].pending;
  }
  // A board without lines has nothing to keep.
  if (0 == board::LINE_COUNT) is_kept = true;
  if (is_kept) {
    m.is_pending = false;
    m.forget(DUE_KEEP, 0);
  } else if (!is_pending) {
    for (uint8_t line = 0; line < board::LINE_COUNT; ++line) m.lines[line].pending = m.lines[line].wanted;
    m.is_pending = true;
    m.later(DUE_KEEP, 0, m.now + board::KEEP_MS);
  }
  light_lamps();
}

void Program::light_lamps() {
  Memory &m = memory_;
  for (uint8_t lamp = 0; lamp < board::LAMP_COUNT; ++lamp) {
    Lamp facts = row_of(board::LAMPS, lamp);
    bool lit = true;
    if (TELLS_LINE == facts.tells) lit = state(facts.line) > 0;
    if (TELLS_CONNECTED == facts.tells) lit = is_whole();
    if (TELLS_ALARM == facts.tells) {
      lit = m.is_halted;
      for (uint8_t line = 0; line < board::LINE_COUNT; ++line) lit = lit || m.lines[line].is_welded;
    }
    if (bit_of(m.lit, facts.pin) != lit) {
      set_bit(m.lit, facts.pin, lit);
      world::lamp(facts.pin, lit);
    }
  }
}

void Program::contact(uint8_t contact, bool closed, Time now) {
  at(now);
  Memory &m = memory_;
  set_bit(m.raw, contact, closed);
  if (bit_of(m.closed, contact) == closed) {
    m.forget(DUE_CONTACT, contact);
  } else {
    m.later(DUE_CONTACT, contact, now + board::DEBOUNCE_MS);
  }
  done();
}

void Program::ladder(uint8_t selector, uint8_t position, Time now) {
  at(now);
  turned(selector, position);
  done();
}

void Program::edge(uint8_t receiver, bool mark, uint32_t micros, Time now) {
  at(now);
  ReceiverState &one = memory_.receivers[receiver];
  switch (one.decoder.edge(micros, mark)) {
    case InfraredDecoder::CODE: key(receiver, one.decoder.code()); break;
    case InfraredDecoder::REPEAT:
      if (one.is_held) keep_held(receiver, one.held);
      break;
    case InfraredDecoder::NOTHING: break;
  }
  done();
}

void Program::sensor(uint8_t sensor, bool says, int32_t value, Time now) {
  at(now);
  memory_.sensors[sensor].says = says;
  memory_.sensors[sensor].value = value;
  for (uint8_t rule = 0; rule < board::RULE_COUNT; ++rule) {
    if (row_of(board::RULES, rule).sensor == sensor) decide(rule);
  }
  done();
}

void Program::sense(uint8_t sense, bool on, Time now) {
  at(now);
  uint8_t line = flash_byte(board::SENSES + sense);
  LineState &one = memory_.lines[line];
  one.is_heard = true;
  one.is_on = on;
  if (!on) {
    one.is_welded = false;
  } else if (0 == one.step && 0 == (row_of(board::LINES, line).flags & TWO_WAY)) {
    memory_.later_if_free(DUE_WELD, line, now + WELD_ALARM_MS);
  }
  done();
}

}  // namespace latch
