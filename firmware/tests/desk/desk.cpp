/*
 * Runs a sketch on a computer.
 *
 *   desk                 in real time; lines of standard input are done as they come: “pin 16 0”, “free 16”, “end”
 *   desk SCRIPT          in the time of a script, each line of which begins with its microseconds:
 *     T pin 16 0|1       the world pulls a pin to a level;  T free 16  lets it go
 *     T thermometer 4 N|-   N sixteenths of a degree;  T humidity 32 N|-  N tenths of a percent;  T volts 34 N  of 5000 at its full range
 *     T byte 65          arrives on the serial line
 *     T message TOPIC PAYLOAD   both in hexadecimal: published by the broker that the script brings, at DESK_BROKER_PORT
 *     T link 1|0         that broker is there, or gone; it is there from the beginning
 *     T power 1|0        power comes, and goes: what was committed stays
 *     T end
 * Prints “T 16 1”, “T 16 z” for each output that changes, “T says TEXT” for a line on the serial line. In real time, at the end: the
 * longest pass of the loop, “longest N”, and “late N”, the longest from a moved pin to the next change of an output.
 */
#include "core.h"

#include <sys/un.h>

#undef socket
#undef connect

#include "EEPROM.h"
#include "Wire.h"

void setup();
void loop();

namespace desk {

namespace {

/** What outlives the power of the chip: each power is a process of its own, so that it begins with nothing. */
struct World {
  Pin pins[PINS];
  KeepingMemory keeping;
  uint64_t clock_micros;
  size_t line;
  bool is_broker_gone;
};
World &world = *static_cast<World *>(mmap(nullptr, sizeof(World), PROT_READ | PROT_WRITE, MAP_SHARED | MAP_ANONYMOUS, -1, 0));

}  // namespace

Pin *const pins = world.pins;
uint16_t panel_port = 8081;

namespace {

bool scripted = false;
uint64_t moved_at = 0, latest = 0;
/** The output whose delay is measured; any where none is named by DESK_WATCHES. */
int watched = -1;
char heard[512];
size_t heard_first = 0, heard_count = 0;

uint64_t real_micros() {
  timespec now;
  clock_gettime(CLOCK_MONOTONIC, &now);
  return static_cast<uint64_t>(now.tv_sec) * 1000000 + static_cast<uint64_t>(now.tv_nsec) / 1000;
}

uint64_t began = 0;

void tell(int pin) {
  Pin &one = pins[pin];
  int now = OUTPUT == one.mode ? one.driven : 2;
  if (now == one.told || one.sensor) return;
  if (2 != now || (one.told >= 0 && 2 != one.told)) {
    printf("%llu %d %c\n", static_cast<unsigned long long>(micros()), pin, 2 == now ? 'z' : '0' + now);
    if (moved_at > 0 && (watched < 0 || pin == watched)) {
      uint64_t took = micros() - moved_at;
      latest = took > latest ? took : latest;
      moved_at = 0;
    }
  }
  one.told = now;
}

void fill(Pin &one) {
  memset(one.bytes, 0, sizeof one.bytes);
  if (HUMIDITY == one.sensor) {
    one.bytes[0] = static_cast<uint8_t>(one.value >> 8);
    one.bytes[1] = static_cast<uint8_t>(one.value);
    one.bytes[3] = 215;
    one.bytes[4] = static_cast<uint8_t>(one.bytes[0] + one.bytes[1] + one.bytes[3]);
    return;
  }
  one.bytes[0] = static_cast<uint8_t>(one.value);
  one.bytes[1] = static_cast<uint8_t>(one.value >> 8);
  uint8_t sum = 0;
  for (int place = 0; place < 8; ++place) {
    for (int bit = 0, left = one.bytes[place]; bit < 8; ++bit, left >>= 1)
      sum = static_cast<uint8_t>((sum ^ left) & 1 ? (sum >> 1) ^ 0x8C : sum >> 1);
  }
  one.bytes[8] = sum;
}

/** The program pulls the wire of a sensor, or lets it go. */
void moved(Pin &one, bool low) {
  if (low == one.is_low) return;
  uint64_t now = micros(), lasted = now - one.moved_at;
  one.is_low = low;
  one.moved_at = now;
  if (low || !one.is_there) return;
  if (HUMIDITY == one.sensor) {
    if (lasted < 1000) return;
    fill(one);
    one.answers_at = now + 30;
    return;
  }
  if (lasted >= 400) {
    one.command = one.bits = one.sends = one.sent = 0;
    one.low_from = now + 20;
    one.low_until = now + 140;
  } else if (one.sends > 0) {
    bool bit = one.bytes[one.sent / 8] >> (one.sent % 8) & 1;
    ++one.sent;
    --one.sends;
    one.low_from = now;
    one.low_until = bit ? now : now + 30;
  } else {
    one.command = one.command >> 1 | (lasted < 15 ? 0x80 : 0);
    if (8 != ++one.bits) return;
    one.bits = 0;
    if (0xBE != one.command) return;
    fill(one);
    one.sends = 72;
    one.sent = 0;
  }
}

/** “Here I am”, 40 bits, each a low of 50 us and a high of 26 or 70, and the end. */
int damp_level(const Pin &one) {
  uint64_t now = micros();
  if (0 == one.answers_at || now < one.answers_at) return 1;
  uint64_t at = now - one.answers_at;
  if (at < 80) return 0;
  if (at < 160) return 1;
  uint64_t from = 160;
  for (int bit = 0; bit < 40; ++bit) {
    if (at < from + 50) return 0;
    from += 50;
    uint64_t high = one.bytes[bit / 8] >> (7 - bit % 8) & 1 ? 70 : 26;
    if (at < from + high) return 1;
    from += high;
  }
  return at < from + 50 ? 0 : 1;
}

}  // namespace

bool is_scripted() { return scripted; }
uint64_t micros() { return scripted ? world.clock_micros : real_micros() - began; }
void wait(uint64_t micros) {
  if (scripted) {
    world.clock_micros += micros;
  } else {
    usleep(static_cast<useconds_t>(micros));
  }
}

void set(int pin, int mode, int driven) {
  if (pin < 0 || pin >= PINS) return;
  Pin &one = pins[pin];
  if (mode >= 0) one.mode = mode;
  if (driven >= 0) one.driven = driven;
  if (one.sensor) {
    moved(one, OUTPUT_OPEN_DRAIN == one.mode && 0 == one.driven);
  } else {
    tell(pin);
  }
}

int level(int pin) {
  if (pin < 0 || pin >= PINS) return 0;
  Pin &one = pins[pin];
  if (one.sensor) {
    if (one.is_low) return 0;
    if (HUMIDITY == one.sensor) return damp_level(one);
    return micros() >= one.low_from && micros() < one.low_until ? 0 : 1;
  }
  if (OUTPUT == one.mode) return one.driven;
  return one.held ? one.outside : 1;
}

namespace {

void hold(int pin, bool held, int to) {
  int was = level(pin);
  pins[pin].held = held;
  pins[pin].outside = to;
  if (level(pin) != was && nullptr != pins[pin].changed) pins[pin].changed();
}

void sensed(int pin, Sensor kind, const char *value) {
  pins[pin].sensor = kind;
  pins[pin].is_there = 0 != strcmp(value, "-");
  pins[pin].value = atoi(value);
}

void power_goes() {
  for (int pin = 0; pin < PINS; ++pin) {
    pins[pin].mode = INPUT;
    pins[pin].changed = nullptr;
    tell(pin);
    pins[pin].told = -1;
  }
  memcpy(world.keeping.bytes, world.keeping.written, sizeof world.keeping.bytes);
}

/** False at the end. */
bool does(const char *word, int pin, const char *value) {
  if (pin < 0 || pin >= PINS) pin = 0;
  if (!strcmp(word, "pin")) hold(pin, true, atoi(value));
  if (!strcmp(word, "free")) hold(pin, false, 1);
  if (!strcmp(word, "thermometer")) sensed(pin, THERMOMETER, value);
  if (!strcmp(word, "humidity")) sensed(pin, HUMIDITY, value);
  if (!strcmp(word, "volts")) pins[pin].analogue = atoi(value) * 1023 / 5000;
  if (!strcmp(word, "byte") && heard_count < sizeof heard) heard[(heard_first + heard_count++) % sizeof heard] = static_cast<char>(pin);
  return 0 != strcmp(word, "end");
}

struct Command {
  unsigned long long at;
  char word[16], one[200], two[100];
};
Command script[4096];
size_t commands_count = 0;

/** A broker for one client: greets, agrees to everything, and publishes what the script says. */
int broker = -1, client = -1;

void broker_ends() {
  int *const handles[] = {&broker, &client};
  for (int *handle : handles) {
    if (*handle >= 0) close(*handle);
    *handle = -1;
  }
}

/** Its name is in no folder, and goes with whoever has it. */
sockaddr_un near_by() {
  sockaddr_un at;
  memset(&at, 0, sizeof at);
  at.sun_family = AF_UNIX;
  snprintf(at.sun_path + 1, sizeof at.sun_path - 1, "latch-%d-%s", static_cast<int>(getppid()), getenv("DESK_BROKER_PORT"));
  return at;
}

void broker_begins() {
  const char *port = getenv("DESK_BROKER_PORT");
  if (nullptr == port || broker >= 0) return;
  broker = ::socket(AF_UNIX, SOCK_STREAM, 0);
  sockaddr_un at = near_by();
  if (0 != bind(broker, reinterpret_cast<sockaddr *>(&at), sizeof at) || 0 != listen(broker, 4)) exit(4);
  fcntl(broker, F_SETFL, O_NONBLOCK);
}

/** Answers what the client has said: the lengths of its packets are of one byte or two here. */
void broker_answers() {
  if (broker < 0) return;
  if (client < 0) {
    client = accept(broker, nullptr, nullptr);
    if (client < 0) return;
    fcntl(client, F_SETFL, O_NONBLOCK);
  }
  static uint8_t heard[8192];
  static size_t count = 0;
  ssize_t more = recv(client, heard + count, sizeof heard - count, 0);
  if (0 == more) {
    close(client);
    client = -1;
    count = 0;
    return;
  }
  count += more > 0 ? static_cast<size_t>(more) : 0;
  while (count >= 2) {
    size_t length = heard[1] & 0x7FU, head = 2;
    if (heard[1] & 0x80) {
      if (count < 3) return;
      length += 128U * heard[2];
      head = 3;
    }
    if (count < head + length) return;
    uint8_t kind = heard[0] & 0xF0;
    uint8_t greets[] = {0x20, 2, 0, 0}, agrees[] = {0x90, 3, heard[head], heard[head + 1], 0}, ping[] = {0xD0, 0};
    if (0x10 == kind) send(client, greets, sizeof greets, MSG_NOSIGNAL);
    if (0x80 == kind) send(client, agrees, sizeof agrees, MSG_NOSIGNAL);
    if (0xC0 == kind) send(client, ping, sizeof ping, MSG_NOSIGNAL);
    count -= head + length;
    memmove(heard, heard + head + length, count);
  }
}

size_t unhex(const char *hex, uint8_t *to, size_t most) {
  size_t count = 0;
  for (; '\0' != hex[0] && '\0' != hex[1] && count < most; hex += 2) {
    char two[3] = {hex[0], hex[1], '\0'};
    to[count++] = static_cast<uint8_t>(strtoul(two, nullptr, 16));
  }
  return count;
}

void broker_says(const char *topic, const char *payload) {
  uint8_t packet[200] = {0x30, 0, 0, 0};
  size_t topic_length = unhex(topic, packet + 4, 100);
  size_t length = topic_length + unhex(payload, packet + 4 + topic_length, 20) + 2;
  packet[1] = static_cast<uint8_t>(length);
  packet[3] = static_cast<uint8_t>(topic_length);
  if (client >= 0 && length < 128) send(client, packet, length + 2, MSG_NOSIGNAL);
}

/** Passes in each millisecond, as long as each takes. */
void run_until(uint64_t at) {
  while (world.clock_micros + 1000 <= at) {
    uint64_t next = world.clock_micros + 1000;
    broker_answers();
    loop();
    if (world.clock_micros < next) world.clock_micros = next;
  }
}

/** Everything up to where power comes, or goes. */
void follow(bool runs) {
  for (; world.line < commands_count; ++world.line) {
    const Command &now = script[world.line];
    if (runs) run_until(now.at);
    if (world.clock_micros < now.at) world.clock_micros = now.at;
    if (!strcmp(now.word, "power")) return;
    if (!strcmp(now.word, "message")) broker_says(now.one, now.two);
    if (!strcmp(now.word, "link")) {
      world.is_broker_gone = '0' == now.one[0];
      if (!runs) continue;
      if (world.is_broker_gone)
        broker_ends();
      else
        broker_begins();
    }
    if (!does(now.word, atoi(now.one), now.two)) {
      world.line = commands_count;
      return;
    }
  }
}

int run_script(const char *path) {
  FILE *file = fopen(path, "r");
  if (nullptr == file) return 2;
  char line[512];
  while (commands_count < 4096 && nullptr != fgets(line, sizeof line, file)) {
    Command &one = script[commands_count];
    if (sscanf(line, "%llu %15s %199s %99s", &one.at, one.word, one.one, one.two) >= 2) ++commands_count;
  }
  fclose(file);
  scripted = true;
  for (follow(false); world.line < commands_count; follow(false)) {
    bool comes = '1' == script[world.line].one[0];
    ++world.line;
    if (!comes) continue;
    fflush(stdout);
    pid_t child = fork();
    if (0 == child) {
      if (!world.is_broker_gone) broker_begins();
      setup();
      follow(true);
      power_goes();
      fflush(stdout);
      _exit(0);
    }
    int ended = 0;
    waitpid(child, &ended, 0);
    if (0 != ended) return 3;
  }
  return 0;
}

/** What stands on the standard input by now. */
bool commands() {
  static char line[256];
  static size_t length = 0;
  char byte;
  fd_set reads;
  FD_ZERO(&reads);
  FD_SET(0, &reads);
  timeval at_once = {0, 0};
  while (select(1, &reads, nullptr, nullptr, &at_once) > 0) {
    if (1 != ::read(0, &byte, 1)) return false;
    if ('\n' != byte) {
      if (length < sizeof line - 1) line[length++] = byte;
      continue;
    }
    line[length] = '\0';
    length = 0;
    char word[24] = "", one[256] = "", two[256] = "";
    sscanf(line, "%23s %255s %255s", word, one, two);
    moved_at = micros();
    if (!does(word, atoi(one), two)) return false;
    printf("did %s\n", word);
  }
  return true;
}

int run_now() {
  began = real_micros() - 1;
  setup();
  uint64_t longest = 0;
  while (commands()) {
    uint64_t from = micros();
    loop();
    uint64_t took = micros() - from;
    longest = took > longest ? took : longest;
    fflush(stdout);
    usleep(300);
  }
  printf("longest %llu\nlate %llu\n", static_cast<unsigned long long>(longest), static_cast<unsigned long long>(latest));
  return 0;
}

}  // namespace
}  // namespace desk

int desk_socket(int domain, int type, int protocol) { return socket(desk::is_scripted() ? AF_UNIX : domain, type, protocol); }

int desk_connect(int handle, const sockaddr *to, socklen_t size) {
  if (!desk::is_scripted()) return connect(handle, to, size);
  sockaddr_un at = desk::near_by();
  return connect(handle, reinterpret_cast<sockaddr *>(&at), sizeof at);
}

SerialLine Serial, Serial1, Serial2;
Radio WiFi;
KeepingMemory &EEPROM = desk::world.keeping;
TwoWireBus Wire;

int SerialLine::available() { return static_cast<int>(desk::heard_count); }
int SerialLine::read() {
  if (0 == desk::heard_count) return -1;
  char byte = desk::heard[desk::heard_first];
  desk::heard_first = (desk::heard_first + 1) % sizeof desk::heard;
  --desk::heard_count;
  return static_cast<unsigned char>(byte);
}
void SerialLine::write(uint8_t byte) {
  static char line[256];
  static size_t length = 0;
  if ('\n' == byte) {
    printf("%llu says %.*s\n", static_cast<unsigned long long>(desk::micros()), static_cast<int>(length), line);
    length = 0;
  } else if ('\r' != byte && length < sizeof line) {
    line[length++] = static_cast<char>(byte);
  }
}

int Radio::hostByName(const char *name, IPAddress &found) {
  addrinfo hints, *all = nullptr;
  memset(&hints, 0, sizeof hints);
  hints.ai_family = AF_INET;
  if (0 != getaddrinfo(name, nullptr, &hints, &all) || nullptr == all) return 0;
  memcpy(found.bytes, &reinterpret_cast<sockaddr_in *>(all->ai_addr)->sin_addr, 4);
  freeaddrinfo(all);
  return 1;
}

int main(int count, char **words) {
  memset(EEPROM.bytes, 0xFF, sizeof EEPROM.bytes);
  memset(EEPROM.written, 0xFF, sizeof EEPROM.written);
  for (int pin = 0; pin < desk::PINS; ++pin) desk::pins[pin].told = -1;
  if (nullptr != getenv("DESK_WATCHES")) desk::watched = atoi(getenv("DESK_WATCHES"));
  const char *port = getenv("PANEL_PORT");
  if (nullptr != port) desk::panel_port = static_cast<uint16_t>(atoi(port));
  return count > 1 ? desk::run_script(words[1]) : desk::run_now();
}
