#include "panel.h"

#include "digest.h"

namespace reach {

using namespace latch;

namespace {

const uint8_t TEXT = 1, CLOSE = 8, PING = 9, PONG = 10;
const char GUID[] = "258EAFA5-E914-47DA-95CA-C5AB0DC85B11";  // RFC 6455, section 1.3
const uint16_t MOST_AT_ONCE = 256;

uint8_t length_of(const char *text) {
  uint8_t length = 0;
  while ('\0' != text[length]) ++length;
  return length;
}

char small(char letter) { return letter >= 'A' && letter <= 'Z' ? static_cast<char>(letter - 'A' + 'a') : letter; }

/** What stands behind a header’s name; null where it is another header. */
const char *value_of(const char *line, const char *name) {
  for (; '\0' != *name; ++name, ++line) {
    if (small(*line) != *name) return nullptr;
  }
  if (':' != *line++) return nullptr;
  while (' ' == *line || '\t' == *line) ++line;
  return line;
}

bool is(const char *one, const char *other) {
  for (; '\0' != *one && *one == *other; ++one, ++other) {
  }
  return *one == *other;
}

bool is_in_small(const char *one, const char *other) {
  for (; '\0' != *one && small(*one) == *other; ++one, ++other) {
  }
  return small(*one) == *other;
}

bool begins(const char *text, const char *with) {
  for (; '\0' != *with; ++text, ++with) {
    if (*text != *with) return false;
  }
  return true;
}

const char *after_scheme(const char *origin) { return begins(origin, "http://") ? origin + 7 : ""; }

}  // namespace

void Panel::begin(uint8_t channel, const char *key) {
  channel_ = channel;
  // One that is short, or that nobody has chosen yet, is none.
  key_ = length_of(key) < LEAST_KEY || begins(key, "FILL IN") ? "" : key;
}

bool Panel::offer(const Stream &stream, Time now) {
  for (uint8_t place = 0; place < SLOTS; ++place) {
    Slot &slot = slots_[place];
    if (FREE != slot.state) continue;
    slot.stream = stream;
    slot.state = REQUEST;
    slot.since = slot.heard_at = slot.pinged_at = now;
    slot.out.clear();
    slot.length = 0;
    slot.heard = slot.sent = 0;
    slot.owes = false;
    slot.is_first = true;
    slot.is_get = slot.is_root = slot.is_socket = slot.is_host = slot.is_foreign = slot.has_origin = false;
    slot.upgrades = slot.is_version = slot.is_long = false;
    slot.nonce[0] = '\0';
    slot.frame = OPENS;
    return true;
  }
  return false;
}

void Panel::pass(Program &program, const char *own, Time now) {
  own_ = own;
  if (is_barred_ && latch::is_over(barred_until_, now)) is_barred_ = false;
  for (uint8_t place = 0; place < SLOTS; ++place) {
    if (FREE == slots_[place].state) continue;
    speaks_ = place;
    step(slots_[place], program, now);
  }
  speaks_ = NONE;
}

void Panel::step(Slot &slot, Program &program, Time now) {
  if (IS_GONE == slot.stream.state(slot.stream.of)) return close(slot);
  if (slot.out.flush(slot.stream) && slot.state < STRANGER) slot.since = now;
  if (PAGE == slot.state && slot.out.is_empty()) page(slot);
  if (LEAVING == slot.state && slot.out.is_empty()) return close(slot);
  // A request and an answer have their time, and so has a socket whose other end is silent.
  Time patience = slot.state >= STRANGER && LEAVING != slot.state ? SILENT_MS : REQUEST_MS;
  Time from = KNOWN == slot.state ? slot.heard_at : slot.since;
  if (now - from >= (STRANGER == slot.state ? REQUEST_MS : patience)) return close(slot);
  uint8_t bytes[64];
  for (uint16_t taken = 0; taken < MOST_AT_ONCE && FREE != slot.state;) {
    uint16_t count = slot.stream.read(slot.stream.of, bytes, sizeof bytes);
    if (count > sizeof bytes) count = sizeof bytes;
    if (0 == count) break;
    slot.heard_at = now;
    for (uint16_t place = 0; place < count; ++place) {
      if (REQUEST == slot.state) {
        take_letter(slot, static_cast<char>(bytes[place]), now);
      } else if (STRANGER == slot.state || KNOWN == slot.state) {
        take_byte(slot, bytes[place], program, now);
      }
    }
    taken = static_cast<uint16_t>(taken + count);
  }
  if (KNOWN != slot.state) return;
  if (now - slot.pinged_at >= PING_MS && slot.out.has_room(2)) {
    slot.pinged_at = now;
    frame(slot, PING, "", 0);
  }
  if (slot.owes && slot.out.is_empty()) {
    slot.owes = false;
    program.linked(channel_, true, now);
  }
}

void Panel::take_letter(Slot &slot, char letter, Time now) {
  if (++slot.heard > MOST_HEADERS) return close(slot);
  if ('\n' != letter) {
    if (slot.length < sizeof slot.line - 1) {
      slot.line[slot.length++] = letter;
    } else {
      slot.is_long = true;
    }
    return;
  }
  if (slot.length > 0 && '\r' == slot.line[slot.length - 1]) --slot.length;
  slot.line[slot.length] = '\0';
  if (slot.is_first) {
    request_line(slot);
  } else if (0 == slot.length && !slot.is_long) {
    return answer(slot, now);
  } else if (!slot.is_long) {
    header(slot);
  }
  slot.length = 0;
  slot.is_long = false;
}

void Panel::request_line(Slot &slot) {
  slot.is_first = false;
  slot.is_get = !slot.is_long && begins(slot.line, "GET /");
  slot.is_root = slot.is_get && begins(slot.line, "GET / HTTP/1.1");
  slot.is_socket = slot.is_get && begins(slot.line, "GET /words HTTP/1.1");
}

void Panel::header(Slot &slot) {
  const char *value = value_of(slot.line, "host");
  if (nullptr != value) {
    // A second one that says otherwise is a trick.
    slot.is_foreign = slot.is_foreign || !is(value, own_);
    slot.is_host = true;
  }
  value = value_of(slot.line, "origin");
  if (nullptr != value) {
    slot.is_foreign = slot.is_foreign || !is(after_scheme(value), own_);
    slot.has_origin = true;
  }
  value = value_of(slot.line, "upgrade");
  if (nullptr != value) slot.upgrades = is_in_small(value, "websocket");
  value = value_of(slot.line, "sec-websocket-version");
  if (nullptr != value) slot.is_version = is(value, "13");
  value = value_of(slot.line, "sec-websocket-key");
  if (nullptr != value && 24 == length_of(value)) {
    for (uint8_t place = 0; place < 25; ++place) slot.nonce[place] = value[place];
  }
}

/** The request is whole. */
void Panel::answer(Slot &slot, Time now) {
  slot.since = now;
  if (!slot.is_get) return reply(slot, "HTTP/1.1 405 Method Not Allowed\r\nAllow: GET\r\n");
  if (!slot.is_host || slot.is_foreign || '\0' == own_[0]) return reply(slot, "HTTP/1.1 421 Misdirected Request\r\n");
  if (slot.is_root) {
    slot.state = PAGE;
    return;
  }
  if (!slot.is_socket) return reply(slot, "HTTP/1.1 404 Not Found\r\n");
  if (!slot.has_origin) return reply(slot, "HTTP/1.1 403 Forbidden\r\n");
  if (!slot.upgrades || !slot.is_version || '\0' == slot.nonce[0]) {
    return reply(slot, "HTTP/1.1 426 Upgrade Required\r\nUpgrade: websocket\r\nSec-WebSocket-Version: 13\r\n");
  }
  char joined[24 + sizeof GUID];
  for (uint8_t place = 0; place < 24; ++place) joined[place] = slot.nonce[place];
  for (uint8_t place = 0; place < sizeof GUID; ++place) joined[24 + place] = GUID[place];
  uint8_t digest[20];
  char accepts[29];
  sha1(joined, length_of(joined), digest);
  base64(digest, sizeof digest, accepts);
  const char *parts[] = {"HTTP/1.1 101 Switching Protocols\r\nUpgrade: websocket\r\nConnection: Upgrade\r\nSec-WebSocket-Accept: ", accepts,
                         "\r\n\r\n"};
  for (uint8_t part = 0; part < 3; ++part) {
    for (const char *from = parts[part]; '\0' != *from; ++from) slot.out.put(static_cast<uint8_t>(*from));
  }
  slot.state = STRANGER;
}

/** A short answer without a body, and nothing in it that tells anything. */
void Panel::reply(Slot &slot, const char *head) {
  for (; '\0' != *head; ++head) slot.out.put(static_cast<uint8_t>(*head));
  for (const char *end = "Content-Length: 0\r\nConnection: close\r\n\r\n"; '\0' != *end; ++end) slot.out.put(static_cast<uint8_t>(*end));
  slot.state = LEAVING;
}

/** The next piece of the page. */
void Panel::page(Slot &slot) {
  while (slot.sent < board::PANEL_BYTES && slot.out.has_room(1)) slot.out.put(flash_byte(board::PANEL_PAGE + slot.sent++));
  if (slot.sent >= board::PANEL_BYTES) slot.state = LEAVING;
}

void Panel::take_byte(Slot &slot, uint8_t byte, Program &program, Time now) {
  switch (slot.frame) {
    case OPENS:
      slot.opcode = byte;
      slot.frame = LENGTH;
      return;
    case LENGTH: {
      slot.left = byte & 0x7F;
      slot.size = 0;
      slot.masked = 0;
      slot.frame = MASK;
      bool is_known =
          (0x80 | TEXT) == slot.opcode || (0x80 | CLOSE) == slot.opcode || (0x80 | PING) == slot.opcode || (0x80 | PONG) == slot.opcode;
      // Whole, of a kind that is spoken here, masked, and short.
      if (!is_known) return leave(slot, 1003);
      if (!(byte & 0x80)) return leave(slot, 1002);
      if (slot.left > 125) return leave(slot, 1009);
      return;
    }
    case MASK:
      slot.mask[slot.masked++] = byte;
      if (slot.masked < 4) return;
      slot.frame = BODY;
      if (0 == slot.left) framed(slot, program, now);
      return;
    default:
      slot.says[slot.size] = static_cast<char>(byte ^ slot.mask[slot.size % 4]);
      if (++slot.size == slot.left) framed(slot, program, now);
      return;
  }
}

void Panel::framed(Slot &slot, Program &program, Time now) {
  slot.frame = OPENS;
  slot.says[slot.size] = '\0';
  switch (slot.opcode & 0x0F) {
    case TEXT: return word(slot, program, now);
    case PING: return frame(slot, PONG, slot.says, slot.size);
    case CLOSE: return leave(slot, 1000);
    default: return;
  }
}

/** The first word is the key; every other is for a line. */
void Panel::word(Slot &slot, Program &program, Time now) {
  if (STRANGER == slot.state) {
    if (is_barred_) return leave(slot, 4008);
    if (!is_key(slot.says, slot.size)) {
      is_barred_ = true;
      barred_until_ = now + wait_ms_;
      wait_ms_ = wait_ms_ * 2 > LONGEST_WAIT_MS ? LONGEST_WAIT_MS : wait_ms_ * 2;
      return leave(slot, 4003);
    }
    wait_ms_ = FIRST_WAIT_MS;
    slot.state = KNOWN;
    frame(slot, TEXT, "ready", 5);
    slot.owes = true;
    return;
  }
  uint8_t blank = 0;
  while (blank < slot.size && ' ' != slot.says[blank]) ++blank;
  if (blank >= slot.size || length_of(slot.says) != slot.size) return ignored();
  slot.says[blank] = '\0';
  program.message(channel_, slot.says, slot.says + blank + 1, now);
}

/** As long for a wrong one as for the right one. */
bool Panel::is_key(const char *says, uint8_t size) const {
  const char before[] = "key ";
  uint8_t length = length_of(key_);
  uint8_t differs = static_cast<uint8_t>(size != length + 4 || 0 == length);
  for (uint8_t place = 0; place < size; ++place) {
    char wanted = place < 4 ? before[place] : key_[0 == length ? 0 : (place - 4) % length];
    differs = static_cast<uint8_t>(differs | (says[place] ^ wanted));
  }
  return 0 == differs;
}

void Panel::frame(Slot &slot, uint8_t opcode, const char *bytes, uint8_t count) {
  if (!slot.out.has_room(static_cast<uint16_t>(count + 2))) return;
  slot.out.put(static_cast<uint8_t>(0x80 | opcode));
  slot.out.put(count);
  for (uint8_t place = 0; place < count; ++place) slot.out.put(static_cast<uint8_t>(bytes[place]));
}

void Panel::leave(Slot &slot, uint16_t code) {
  char bytes[2] = {static_cast<char>(code >> 8), static_cast<char>(code)};
  frame(slot, CLOSE, bytes, 2);
  slot.state = LEAVING;
}

void Panel::close(Slot &slot) {
  slot.stream.end(slot.stream.of);
  slot.state = FREE;
}

void Panel::ignored() {
  if (speaks_ < SLOTS && KNOWN == slots_[speaks_].state) frame(slots_[speaks_], TEXT, "?", 1);
}

void Panel::say(Slot &slot, const char *where, const char *says, bool in_flash) {
  char text[125];
  uint8_t length = 0;
  for (uint8_t letter = flash_byte(where); 0 != letter && length < 120; letter = flash_byte(++where)) {
    text[length++] = static_cast<char>(letter);
  }
  text[length++] = ' ';
  while (length < sizeof text) {
    char letter = in_flash ? static_cast<char>(flash_byte(says)) : *says;
    if ('\0' == letter) break;
    text[length++] = letter;
    ++says;
  }
  if (!slot.out.has_room(static_cast<uint16_t>(length + 2))) {
    slot.owes = true;
    return;
  }
  frame(slot, TEXT, text, length);
}

void Panel::tell(const char *where, const char *says) {
  for (uint8_t place = 0; place < SLOTS; ++place) {
    if (KNOWN == slots_[place].state) say(slots_[place], where, says, true);
  }
}

void Panel::tell_number(const char *where, uint8_t number) {
  char digits[4];
  uint8_t length = 0;
  if (number >= 100) digits[length++] = static_cast<char>('0' + number / 100);
  if (number >= 10) digits[length++] = static_cast<char>('0' + number / 10 % 10);
  digits[length++] = static_cast<char>('0' + number % 10);
  digits[length] = '\0';
  for (uint8_t place = 0; place < SLOTS; ++place) {
    if (KNOWN == slots_[place].state) say(slots_[place], where, digits, false);
  }
}

}  // namespace reach
