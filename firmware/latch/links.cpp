// The ways by which the program hears from afar and tells what is: reached, lost, and sought again without holding up anything.
#include "program.h"
#include "usual.h"

namespace latch {

namespace {

char small(char letter) { return letter >= 'A' && letter <= 'Z' ? static_cast<char>(letter - 'A' + 'a') : letter; }
bool is_digit(char letter) { return letter >= '0' && letter <= '9'; }
bool is_blank(char letter) { return ' ' == letter || '\t' == letter || '\n' == letter || '\r' == letter || '\v' == letter; }
char flash_char(const char *text, size_t place) { return static_cast<char>(flash_byte(text + place)); }
bool is_empty(const char *text) { return '\0' == flash_char(text, 0); }

size_t length_of(const char *text) {
  size_t length = 0;
  while ('\0' != text[length]) ++length;
  return length;
}

/** A stretch of what was heard. */
struct Heard {
  const char *text;
  size_t length;
};

bool begins_with(const Heard &heard, const char *word, bool ignores_case, size_t *end) {
  size_t place = 0;
  for (char letter = flash_char(word, 0); '\0' != letter; letter = flash_char(word, place)) {
    if (place >= heard.length) return false;
    char said = heard.text[place];
    if (ignores_case ? small(said) != small(letter) : said != letter) return false;
    ++place;
  }
  *end = place;
  return true;
}

bool is_word(const Heard &heard, const char *word, bool ignores_case) {
  size_t end;
  return !is_empty(word) && begins_with(heard, word, ignores_case, &end) && end == heard.length;
}

/** A number of at most nine digits, whose fraction does not count; less than nothing is nothing. */
bool takes_number(Heard *heard, uint32_t *number) {
  size_t place = 0;
  bool is_negative = place < heard->length && '-' == heard->text[place];
  if (is_negative) ++place;
  size_t first = place;
  uint32_t value = 0;
  while (place < heard->length && is_digit(heard->text[place]) && place - first < 9) {
    value = value * 10 + static_cast<uint32_t>(heard->text[place] - '0');
    ++place;
  }
  if (place == first) return false;
  if (place + 1 < heard->length && '.' == heard->text[place] && is_digit(heard->text[place + 1])) {
    ++place;
    while (place < heard->length && is_digit(heard->text[place])) ++place;
  }
  heard->text += place;
  heard->length -= place;
  *number = is_negative ? 0 : value;
  return true;
}

uint8_t range_of(const Message &message, uint8_t percent) {
  uint8_t step = 0;
  for (uint8_t place = 0; place < message.ranges; ++place) {
    if (percent >= flash_byte(board::RANGES + message.first_range + place)) step = place;
  }
  return 0 == percent ? 0 : step;
}

/** What a text asks for; false where it means nothing. */
bool understood(const Message &message, const Heard &heard, bool ignores_case, Act *act, uint8_t *value) {
  *act = message.act;
  *value = 0;
  if (is_word(heard, message.on, ignores_case)) {
    act->wish = WISH_SCENE == message.act.wish ? WISH_SCENE : WISH_ON;
    return true;
  }
  if (is_word(heard, message.off, ignores_case)) {
    act->wish = WISH_OFF;
    return true;
  }
  if (is_word(heard, message.toggle, ignores_case)) {
    act->wish = WISH_TOGGLE;
    return true;
  }
  size_t end;
  if (TAKES_NONE == message.takes || !begins_with(heard, message.before, ignores_case, &end)) return false;
  Heard rest = {heard.text + end, heard.length - end};
  uint32_t number;
  if (!takes_number(&rest, &number) || !begins_with(rest, message.after, ignores_case, &end) || end != rest.length) return false;
  if (TAKES_STEP == message.takes) {
    act->wish = WISH_STEP;
    *value = number > 254 ? 254 : static_cast<uint8_t>(number);
    return true;
  }
  uint8_t percent = number > 100 ? 100 : static_cast<uint8_t>(number);
  act->wish = TAKES_RANGES == message.takes ? WISH_STEP : WISH_PERCENT;
  *value = TAKES_RANGES == message.takes ? range_of(message, percent) : percent;
  return true;
}

}  // namespace

void Program::begin_links() {
  for (uint8_t channel = 0; channel < board::CHANNEL_COUNT; ++channel) {
    bool connects = 0 != row_of(board::CHANNELS, channel).connects;
    memory_.channels[channel].is_linked = !connects;
    memory_.channels[channel].retry_ms = FIRST_RETRY_MS;
    if (connects) world::connect(channel);
  }
}

/** The other end is reached, an attempt has failed, or what was reached is gone. */
void Program::linked(uint8_t channel, bool up, Time now) {
  at(now);
  Memory &m = memory_;
  Channel facts = row_of(board::CHANNELS, channel);
  ChannelState &one = m.channels[channel];
  one.is_linked = up;
  m.forget(DUE_RETRY, channel);
  if (up) {
    // It waits no longer than until it is answered.
    if (m.is_busy && !is_over(m.busy_until, now)) m.busy_until = now;
    one.retry_ms = FIRST_RETRY_MS;
    if (!is_empty(facts.presence)) world::tell(channel, true, facts.presence, facts.here);
    for (uint8_t line = 0; line < board::LINE_COUNT; ++line) tell(channel, line, state(line));
  } else if (facts.connects) {
    m.later(DUE_RETRY, channel, now + one.retry_ms + static_cast<uint32_t>(one.retry_ms * 0.25 * m.chance() + 0.5));
    one.retry_ms = one.retry_ms * 2 > LONGEST_RETRY_MS ? LONGEST_RETRY_MS : one.retry_ms * 2;
  }
  done();
}

/** Seeks the other end once more; where that blocks, everything else waits. */
void Program::attempt(uint8_t channel) {
  world::connect(channel);
  Time until = memory_.now + row_of(board::CHANNELS, channel).block_ms;
  memory_.busy_until = memory_.is_busy ? later_of(memory_.busy_until, until) : until;
  memory_.is_busy = memory_.busy_until != memory_.now;
}

void Program::message(uint8_t channel, const char *to, const char *says, Time now) {
  at(now);
  Channel facts = row_of(board::CHANNELS, channel);
  Heard heard = {says, length_of(says)};
  while (facts.trims && heard.length > 0 && is_blank(heard.text[0])) {
    ++heard.text;
    --heard.length;
  }
  while (facts.trims && heard.length > 0 && is_blank(heard.text[heard.length - 1])) --heard.length;
  Heard address = {to, length_of(to)};
  bool is_known = false, is_understood = false;
  for (uint8_t place = 0; place < facts.messages; ++place) {
    Message message = row_of(board::MESSAGES, static_cast<uint8_t>(facts.first_message + place));
    size_t end;
    if (!begins_with(address, message.address, false, &end) || end != address.length) continue;
    is_known = true;
    Act asks;
    uint8_t value;
    if (understood(message, heard, 0 != facts.ignores_case, &asks, &value)) {
      is_understood = true;
      act(asks, value);
    }
  }
  if (!is_understood) world::ignore_text(channel, is_known);
  done();
}

/** Tells every channel what has changed. */
void Program::tell_all() {
  for (uint8_t line = 0; line < board::LINE_COUNT; ++line) {
    uint8_t now = state(line);
    if (memory_.lines[line].told == now) continue;
    memory_.lines[line].told = now;
    for (uint8_t channel = 0; channel < board::CHANNEL_COUNT; ++channel) {
      if (memory_.channels[channel].is_linked) tell(channel, line, now);
    }
  }
}

void Program::tell(uint8_t channel, uint8_t line, uint8_t state) {
  Channel facts = row_of(board::CHANNELS, channel);
  uint8_t top = row_of(board::LINES, line).steps;
  for (uint8_t place = 0; place < facts.messages; ++place) {
    Message message = row_of(board::MESSAGES, static_cast<uint8_t>(facts.first_message + place));
    if (message.act.target != line || is_empty(message.state)) continue;
    if (TAKES_NONE == message.takes) {
      world::tell(channel, 0 != facts.keeps_states, message.state, state > 0 ? message.told_on : message.off);
    } else if (TAKES_STEP == message.takes) {
      world::tell_number(channel, 0 != facts.keeps_states, message.state, state);
    } else {
      uint8_t most = 0 == top ? 1 : top;
      uint8_t percent = static_cast<uint8_t>((200U * (state < top ? state : top) + most) / (2U * most));
      world::tell_number(channel, 0 != facts.keeps_states, message.state, percent);
    }
  }
}

/** Whether everything that can be reached is. */
bool Program::is_whole() const {
  for (uint8_t channel = 0; channel < board::CHANNEL_COUNT; ++channel) {
    if (!memory_.channels[channel].is_linked) return false;
  }
  return board::CHANNEL_COUNT > 0;
}

}  // namespace latch
