// What switches lines by itself: sensors with their two thresholds, and timers.
#include "program.h"
#include "usual.h"

namespace latch {

namespace {

enum Says : uint8_t { SAYS_OFF, SAYS_ON, SAYS_NOTHING };

/** What a reading says; between the two thresholds what was before. */
Says judged(const Rule &rule, int32_t value, Says was) {
  if (!rule.has_thresholds) {
    bool yes = value >= 5000;
    // A probe that only takes its line off does so when it says yes.
    return yes != (0 != rule.only_off) ? SAYS_ON : SAYS_OFF;
  }
  bool heats = rule.on < rule.off;
  if (heats ? value <= rule.on : value >= rule.on) return SAYS_ON;
  if (heats ? value >= rule.off : value <= rule.off) return SAYS_OFF;
  return was;
}

Says when_lost(const Rule &rule, Says was) {
  if (COMES_ON == rule.when_lost) return SAYS_ON;
  return STAYS == rule.when_lost ? was : SAYS_OFF;
}

}  // namespace

/** Judges the last reading, and acts where that changes what the rule wants. */
void Program::decide(uint8_t rule) {
  Rule facts = row_of(board::RULES, rule);
  RuleState &one = memory_.rules[rule];
  const SensorState &sensor = memory_.sensors[facts.sensor];
  memory_.forget(DUE_RULE, rule);
  Says was = !one.is_known ? SAYS_NOTHING : one.wants ? SAYS_ON : SAYS_OFF;
  Says says = sensor.says ? judged(facts, sensor.value, was) : when_lost(facts, was);
  if (SAYS_NOTHING == says || says == was) return;
  uint32_t least = SAYS_ON == was ? facts.least_on_ms : SAYS_OFF == was ? facts.least_off_ms : 0;
  Time from = one.changed_at + least;
  // A sensor that is lost waits for nothing.
  if (sensor.says && one.has_changed && least > 0 && !is_over(from, memory_.now)) {
    memory_.later(DUE_RULE, rule, from);
    return;
  }
  one.is_known = one.has_changed = true;
  one.wants = SAYS_ON == says;
  // Until its first reading the line was off, since the program began.
  one.changed_at = SAYS_NOTHING == was && !one.wants ? memory_.started_at : memory_.now;
  Act asks = facts.act;
  asks.wish = one.wants ? WISH_ON : WISH_OFF;
  if (!one.wants || !facts.only_off) act(asks, 0);
}

void Program::time(uint32_t week_ms, Time now) {
  at(now);
  bool was_known = memory_.knows_time;
  memory_.knows_time = true;
  memory_.week = week_ms % WEEK_MS;
  memory_.looked_at = now;
  for (uint8_t timer = 0; timer < board::TIMER_COUNT; ++timer) {
    Timer facts = row_of(board::TIMERS, timer);
    if (!was_known && facts.by_the_table) time_came(timer);
    put_off(timer);
  }
  done();
}

/** What the table says for now: the last moment that has passed this week, else the last of the week before. */
void Program::time_came(uint8_t timer) {
  Timer facts = row_of(board::TIMERS, timer);
  if (0 == facts.moments) return;
  bool on = 0 != row_of(board::MOMENTS, static_cast<uint8_t>(facts.first_moment + facts.moments - 1)).on;
  for (uint8_t place = 0; place < facts.moments; ++place) {
    Moment moment = row_of(board::MOMENTS, static_cast<uint8_t>(facts.first_moment + place));
    if (moment.minute * MINUTE_MS <= memory_.week) on = 0 != moment.on;
  }
  switch_by(facts, on);
  put_off(timer);
}

void Program::put_off(uint8_t timer) {
  Timer facts = row_of(board::TIMERS, timer);
  for (uint8_t place = 0; place < facts.moments; ++place) {
    uint32_t at = row_of(board::MOMENTS, static_cast<uint8_t>(facts.first_moment + place)).minute * MINUTE_MS;
    if (at > memory_.week) return memory_.later(DUE_TIMER, timer, memory_.now + (at - memory_.week));
  }
  if (facts.moments > 0) {
    uint32_t first = row_of(board::MOMENTS, facts.first_moment).minute * MINUTE_MS;
    memory_.later(DUE_TIMER, timer, memory_.now + (first + WEEK_MS - memory_.week));
  }
}

void Program::switch_by(const Timer &timer, bool on) {
  Act asks = timer.act;
  asks.wish = on ? WISH_ON : WISH_OFF;
  if (!on || !timer.only_off) act(asks, 0);
}

}  // namespace latch
