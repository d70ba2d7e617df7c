#include "broker.h"

namespace reach {

using namespace latch;

namespace {

// Packets by the high half of their first byte (MQTT 3.1.1, section 2.2.1).
const uint8_t CONNECT = 0x10, CONNACK = 0x20, PUBLISH = 0x30, SUBSCRIBE = 0x82, SUBACK = 0x90, PINGREQ = 0xC0, PINGRESP = 0xD0;
const uint8_t RETAINED = 0x01;
/** A pass takes no more of what comes than this: the loop goes on. */
const uint16_t MOST_AT_ONCE = 256;

uint16_t length_of(const char *text, bool in_flash) {
  uint16_t length = 0;
  while (0 != (in_flash ? flash_byte(text + length) : static_cast<uint8_t>(text[length]))) ++length;
  return length;
}

bool is_over_by(Time from, Time span, Time now) { return now - from >= span; }

}  // namespace

void Broker::begin(uint8_t channel, const Stream &stream, const Login &login) {
  channel_ = channel;
  stream_ = stream;
  login_ = login;
  state_ = OFF;
}

void Broker::connect(Time now) {
  if (NONE == channel_) return;
  stream_.end(stream_.of);
  out_.clear();
  part_ = HEAD;
  asked_ = announced_ = 0;
  pings_ = owes_ = false;
  since_ = heard_at_ = said_at_ = now;
  state_ = stream_.begin(stream_.of) ? OPENING : FAILED;
}

/** The program seeks it again, later and later. */
void Broker::fail(Program &program, Time now) {
  stream_.end(stream_.of);
  out_.clear();
  state_ = OFF;
  program.linked(channel_, false, now);
}

void Broker::pass(Program &program, Time now) {
  if (OFF == state_ || NONE == channel_) return;
  StreamState stream = FAILED == state_ ? IS_GONE : stream_.state(stream_.of);
  if (IS_GONE == stream) return fail(program, now);
  if (OPENING == state_) {
    if (is_over_by(since_, PATIENCE_MS, now)) return fail(program, now);
    if (STANDS == stream) greet();
    since_ = STANDS == stream ? now : since_;
    return;
  }
  if (out_.flush(stream_)) said_at_ = now;
  hear(program, now);
  if (OFF == state_) return;
  if (GREETING == state_ && is_over_by(since_, PATIENCE_MS, now)) return fail(program, now);
  if (is_over_by(heard_at_, KEEP_ALIVE_S * 1500UL, now)) return fail(program, now);
  if (ASKING == state_) ask();
  if (UP != state_) return;
  bool is_quiet = is_over_by(said_at_, KEEP_ALIVE_S * 500UL, now) || is_over_by(heard_at_, KEEP_ALIVE_S * 500UL, now);
  if (is_quiet && !pings_ && open_packet(PINGREQ, 0)) pings_ = true;
  if (owes_ && out_.is_empty()) {
    owes_ = false;
    program.linked(channel_, true, now);
  }
}

/** False where there is no room for all of it: then it is not begun. */
bool Broker::open_packet(uint8_t head, uint32_t length) {
  if (!out_.has_room(static_cast<uint16_t>(length + 5 > 0xFFFF ? 0xFFFF : length + 5))) return false;
  out_.put(head);
  do {
    uint8_t part = static_cast<uint8_t>(length % 128);
    length /= 128;
    out_.put(static_cast<uint8_t>(length > 0 ? part | 0x80 : part));
  } while (length > 0);
  return true;
}

void Broker::say(const char *text, uint16_t length, bool in_flash) {
  for (uint16_t place = 0; place < length; ++place) out_.put(in_flash ? flash_byte(text + place) : static_cast<uint8_t>(text[place]));
}

/** With its length before it (section 1.5.3). */
void Broker::text(const char *text, bool in_flash) {
  uint16_t length = length_of(text, in_flash);
  out_.put(static_cast<uint8_t>(length >> 8));
  out_.put(static_cast<uint8_t>(length));
  say(text, length, in_flash);
}

/** Clean session, and what is said of it when it is gone, kept for whoever comes later. */
void Broker::greet() {
  Channel facts = row_of(board::CHANNELS, channel_);
  bool has_will = 0 != flash_byte(facts.presence), has_user = '\0' != login_.user[0], has_password = '\0' != login_.password[0];
  uint32_t length = 10 + 2U + length_of(login_.client, false);
  if (has_will) length += 4U + length_of(facts.presence, true) + length_of(facts.gone, true);
  if (has_user) length += 2U + length_of(login_.user, false);
  if (has_user && has_password) length += 2U + length_of(login_.password, false);
  if (!open_packet(CONNECT, length)) {
    state_ = FAILED;
    return;
  }
  text("MQTT", false);
  out_.put(4);
  out_.put(static_cast<uint8_t>(0x02 | (has_will ? 0x24 : 0) | (has_user ? 0x80 : 0) | (has_user && has_password ? 0x40 : 0)));
  out_.put(static_cast<uint8_t>(KEEP_ALIVE_S >> 8));
  out_.put(static_cast<uint8_t>(KEEP_ALIVE_S));
  text(login_.client, false);
  if (has_will) text(facts.presence, true);
  if (has_will) text(facts.gone, true);
  if (has_user) text(login_.user, false);
  if (has_user && has_password) text(login_.password, false);
  state_ = GREETING;
}

/** Whether no message before it has the same address. */
bool Broker::is_first_of_its_address(uint8_t place) const {
  Channel facts = row_of(board::CHANNELS, channel_);
  const char *address = row_of(board::MESSAGES, static_cast<uint8_t>(facts.first_message + place)).address;
  for (uint8_t before = 0; before < place; ++before) {
    if (row_of(board::MESSAGES, static_cast<uint8_t>(facts.first_message + before)).address == address) return false;
  }
  return 0 != flash_byte(address);
}

/** One subscription in each pass, then the announcements, then all is said. */
void Broker::ask() {
  Channel facts = row_of(board::CHANNELS, channel_);
  while (asked_ < facts.messages && !is_first_of_its_address(asked_)) ++asked_;
  if (asked_ < facts.messages) {
    const char *address = row_of(board::MESSAGES, static_cast<uint8_t>(facts.first_message + asked_)).address;
    if (!open_packet(SUBSCRIBE, 5U + length_of(address, true))) return;
    out_.put(0);
    out_.put(static_cast<uint8_t>(asked_ + 1));
    text(address, true);
    out_.put(0);
    ++asked_;
    return;
  }
  if (!announce()) return;
  // From here on the program tells by itself, and first of all how everything is.
  state_ = UP;
  owes_ = true;
}

/** One announcement in each pass; true when all are made. */
bool Broker::announce() {
  while (announced_ < board::ANNOUNCEMENT_COUNT) {
    Announcement one = row_of(board::ANNOUNCEMENTS, announced_);
    if (one.channel == channel_) {
      uint16_t length = length_of(one.says, true);
      if (!out_.has_room(static_cast<uint16_t>(length + length_of(one.where, true) + 9))) {
        // One that can never find room is left out.
        if (out_.is_empty()) ++announced_;
        return false;
      }
      publish(true, one.where, one.says, length, true);
      ++announced_;
      return false;
    }
    ++announced_;
  }
  return true;
}

void Broker::publish(bool retained, const char *where, const char *says, uint16_t length, bool in_flash) {
  if (!open_packet(static_cast<uint8_t>(PUBLISH | (retained ? RETAINED : 0)), 2U + length_of(where, true) + length)) {
    // Told when there is room again: the state of then, and not this one.
    owes_ = true;
    return;
  }
  text(where, true);
  say(says, length, in_flash);
}

void Broker::tell(bool retained, const char *where, const char *says) {
  if (UP == state_) publish(retained, where, says, length_of(says, true), true);
}

void Broker::tell_number(bool retained, const char *where, uint8_t number) {
  char digits[3];
  uint16_t length = 0;
  if (number >= 100) digits[length++] = static_cast<char>('0' + number / 100);
  if (number >= 10) digits[length++] = static_cast<char>('0' + number / 10 % 10);
  digits[length++] = static_cast<char>('0' + number % 10);
  if (UP == state_) publish(retained, where, digits, length, false);
}

void Broker::hear(Program &program, Time now) {
  uint8_t bytes[64];
  for (uint16_t taken = 0; taken < MOST_AT_ONCE;) {
    uint16_t count = stream_.read(stream_.of, bytes, sizeof bytes);
    if (count > sizeof bytes) count = sizeof bytes;
    if (0 == count) return;
    heard_at_ = now;
    pings_ = false;
    for (uint16_t place = 0; place < count; ++place) {
      if (!take(bytes[place], program, now)) return fail(program, now);
    }
    taken = static_cast<uint16_t>(taken + count);
  }
}

/** False where the other end breaks the protocol. */
bool Broker::take(uint8_t byte, Program &program, Time now) {
  switch (part_) {
    case HEAD:
      head_ = byte;
      left_ = 0;
      length_bytes_ = 0;
      part_ = LENGTH;
      return true;
    case LENGTH:
      left_ |= static_cast<uint32_t>(byte & 0x7F) << (7 * length_bytes_);
      if (byte & 0x80) return ++length_bytes_ < 4;
      at_ = 0;
      topic_length_ = payload_length_ = 0;
      fits_ = true;
      part_ = BODY;
      return left_ > 0 || answered(program, now);
    default:
      if (!take_body(byte)) return false;
      return --left_ > 0 || answered(program, now);
  }
}

bool Broker::take_body(uint8_t byte) {
  uint32_t at = at_++;
  if (PUBLISH != (head_ & 0xF0)) {
    // Every other answer that is known is short.
    if (at < sizeof payload_) payload_[at] = static_cast<char>(byte);
    return at < 4;
  }
  if (at < 2) {
    topic_length_ = static_cast<uint16_t>(topic_length_ << 8 | byte);
    return true;
  }
  if (at < 2UL + topic_length_) {
    if (at - 2 < sizeof topic_ - 1) {
      topic_[at - 2] = static_cast<char>(byte);
    } else {
      fits_ = false;
    }
    return true;
  }
  if (payload_length_ < sizeof payload_ - 1) {
    payload_[payload_length_++] = static_cast<char>(byte);
  } else {
    fits_ = false;
  }
  return true;
}

/** A whole packet is there. */
bool Broker::answered(Program &program, Time now) {
  part_ = HEAD;
  switch (head_ & 0xF0) {
    case CONNACK:
      if (GREETING != state_ || 2 != at_ || 0 != payload_[1]) return false;
      state_ = ASKING;
      return true;
    // Nothing is asked for but what is delivered once at most: anything else is not for this client.
    case PUBLISH:
      if (0 != (head_ & 0x06) || at_ < 2UL + topic_length_ || state_ < ASKING) return false;
      arrived(program, now);
      return OFF != state_;
    // Whoever refuses one address may well allow the others.
    case SUBACK: return 3 == at_ && state_ >= ASKING;
    case PINGRESP: return 0 == at_;
    default: return false;
  }
}

void Broker::arrived(Program &program, Time now) {
  if (!fits_) {
    world::ignore_text(channel_, false);
    return;
  }
  if (head_ & RETAINED) {
    world::ignore_text(channel_, true);
    return;
  }
  topic_[topic_length_] = '\0';
  payload_[payload_length_] = '\0';
  // What holds a zero is nothing that is known.
  if (length_of(topic_, false) != topic_length_ || length_of(payload_, false) != payload_length_) {
    world::ignore_text(channel_, false);
    return;
  }
  program.message(channel_, topic_, payload_, now);
}

}  // namespace reach
