// What anybody may say to the broker client and to the panel: random and broken bytes, for sanitizers to look at, and no output may move by
// them. A broker that says what it may not is left; nobody without the key is heard.
#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#include "link/broker.h"
#include "link/panel.h"
#include "silent_world.h"

namespace {

/** The other end: bytes that wait to be read, and whether it is still there. */
struct End {
  uint8_t bytes[4096];
  uint16_t count, at;
  bool is_there;
  unsigned long said;
};

bool begin(void *of) {
  static_cast<End *>(of)->is_there = true;
  return true;
}
reach::StreamState standing(void *of) { return static_cast<End *>(of)->is_there ? reach::STANDS : reach::IS_GONE; }
uint16_t read(void *of, uint8_t *to, uint16_t most) {
  End &end = *static_cast<End *>(of);
  uint16_t count = 0;
  uint16_t now = static_cast<uint16_t>(1 + any() % most);
  while (count < now && end.at < end.count) to[count++] = end.bytes[end.at++];
  return count;
}
/** Takes some, all or nothing. */
uint16_t write(void *of, const uint8_t *, uint16_t count) {
  uint16_t taken = static_cast<uint16_t>(any() % 3 ? count : any() % (count + 1U));
  static_cast<End *>(of)->said += taken;
  return taken;
}
void leave(void *of) { static_cast<End *>(of)->is_there = false; }

reach::Stream stream(End *end) { return {end, begin, standing, read, write, leave}; }

void put(End &end, const void *bytes, size_t count) {
  for (size_t place = 0; place < count && end.count < sizeof end.bytes; ++place) {
    end.bytes[end.count++] = static_cast<const uint8_t *>(bytes)[place];
  }
}

void rubbish(End &end, size_t most) {
  size_t count = any() % most;
  for (size_t place = 0; place < count; ++place) {
    uint8_t byte = static_cast<uint8_t>(any());
    put(end, &byte, 1);
  }
}

/** Something like a packet: a head, a length that may be wrong, and a body that may hold anything but a known address. */
void packet(End &end) {
  uint8_t heads[] = {0x20, 0x30, 0x31, 0x32, 0x34, 0x40, 0x90, 0xD0, 0xE0, static_cast<uint8_t>(any())};
  uint8_t bytes[300];
  size_t count = any() % sizeof bytes;
  for (size_t place = 0; place < count; ++place)
    bytes[place] = any() % 3 ? static_cast<uint8_t>("aldr-ow/utiyset"[any() % 15]) : static_cast<uint8_t>(any());
  put(end, &heads[any() % sizeof heads], 1);
  size_t length = any() % 8 ? count : any() % 70000;
  do {
    uint8_t part = static_cast<uint8_t>(length % 128 | (length >= 128 ? 0x80 : 0));
    put(end, &part, 1);
    length /= 128;
  } while (length > 0);
  put(end, bytes, count);
}

void request(End &end, bool is_own) {
  char text[400];
  const char *first[] = {"GET / HTTP/1.1", "GET /words HTTP/1.1", "POST / HTTP/1.1", "GET /x", "", "GET /words HTTP/1.0"};
  const char *hosts[] = {"192.168.1.20", "evil.example", "192.168.1.20:81", ""};
  snprintf(text, sizeof text,
           "%s\r\nHost: %s\r\nOrigin: http://%s\r\nUpgrade: websocket\r\nSec-WebSocket-Version: 13\r\nSec-WebSocket-Key: "
           "dGhlIHNhbXBsZSBub25jZQ==\r\n%s\r\n",
           is_own ? first[1] : first[any() % 6], is_own ? hosts[0] : hosts[any() % 4], is_own ? hosts[0] : hosts[any() % 4],
           any() % 5 ? "" : "X: y\r\n");
  put(end, text, strlen(text));
}

void frame(End &end, uint8_t head, const char *says, size_t count, bool masked) {
  uint8_t bytes[140] = {head, static_cast<uint8_t>((masked ? 0x80 : 0) | count), 1, 2, 3, 4};
  size_t at = masked ? 6 : 2;
  for (size_t place = 0; place < count; ++place) {
    bytes[at + place] = static_cast<uint8_t>(says[place] ^ (masked ? static_cast<char>(1 + place % 4) : 0));
  }
  put(end, bytes, at + count);
}

const char KEY[] = "a-key-of-the-board";

/** Frames of every kind, and texts that would be obeyed from somebody who has the key. */
void words(End &end, const char *word) {
  char text[126];
  for (unsigned times = any() % 6; times > 0; --times) {
    size_t count = any() % 125;
    for (size_t place = 0; place < count; ++place) text[place] = static_cast<char>(any());
    switch (any() % 4) {
      case 0: frame(end, 0x81, word, strlen(word), true); break;
      case 1: frame(end, static_cast<uint8_t>(any()), text, count, 0 != any() % 4); break;
      case 2: frame(end, 0x81, text, count, true); break;
      default: rubbish(end, 60); break;
    }
  }
}

}  // namespace

int main(int count, char **arguments) {
  using namespace latch;
  unsigned long times = count > 1 ? strtoul(arguments[1], nullptr, 10) : 20000;
  const char *word = count > 2 ? arguments[2] : "worktop-lamp on";
  uint8_t closed[board::CONTACT_COUNT / 8 + 1] = {0};
  static Program program;
  static End ends[4];
  Kept kept = {nullptr, 0};
  program.start(kept, closed, 0, 1);
  Time now = 4294000000UL;  // the clock wraps on the way
  uint8_t channel = 0;
  while (BY_BROKER != board::WAYS[channel]) ++channel;
  static reach::Broker broker;
  static reach::Panel panel;
  reach::Login login = {"", "user", "password"};
  broker.begin(channel, stream(&ends[0]), login);
  panel.begin(board::PANEL_CHANNEL, KEY);
  world::moved = 0;
  for (unsigned long time = 0; time < times; ++time) {
    now += any() % 50;
    if (!ends[0].is_there && 0 == any() % 4) {
      ends[0].count = ends[0].at = 0;
      if (any() % 4) put(ends[0], "\x20\x02\x00\x00", 4);
      broker.connect(now);
    }
    if (ends[0].count > 2000) ends[0].count = ends[0].at = 0;
    if (any() % 3) packet(ends[0]);
    if (0 == any() % 9) rubbish(ends[0], 300);
    if (any() % 2) broker.tell(true, board::MESSAGES[board::CHANNELS[channel].first_message].address, board::CHANNELS[channel].here);
    broker.pass(program, now);
    for (int one = 1; one < 4; ++one) {
      End &end = ends[one];
      if (end.is_there) continue;
      end.count = end.at = 0;
      request(end, 0 != any() % 2);
      if (0 == any() % 5) rubbish(end, 400);
      words(end, word);
      end.is_there = true;
      if (!panel.offer(stream(&end), now)) end.is_there = false;
    }
    if (any() % 4 == 0) panel.tell(board::MESSAGES[board::CHANNELS[channel].first_message].address, board::CHANNELS[channel].here);
    panel.pass(program, "192.168.1.20", now);
    if (world::moved > 0) {
      printf("moved in round %lu\n", time);
      return 1;
    }
  }
  // Somebody who has the key is heard: what was tried above would else prove nothing.
  End &friend_ = ends[1];
  for (int tries = 0; tries < 200 && 0 == world::moved; ++tries) {
    now += 70000;
    panel.pass(program, "192.168.1.20", now);
    friend_.count = friend_.at = 0;
    request(friend_, true);
    char says[40];
    snprintf(says, sizeof says, "key %s", KEY);
    frame(friend_, 0x81, says, strlen(says), true);
    frame(friend_, 0x81, word, strlen(word), true);
    friend_.is_there = true;
    if (!panel.offer(stream(&friend_), now)) continue;
    for (int pass = 0; pass < 50; ++pass) {
      panel.pass(program, "192.168.1.20", ++now);
      program.pass(now);
    }
  }
  printf(world::moved > 0 ? "ok\n" : "nobody is heard\n");
  return 0;
}
