// The library on a computer: reads events, one in each line, and writes down what the program did. Numbers are places in the tables.
#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#include "latch/program.h"

namespace {

char said[3][512];

/** A text that is written in hexadecimal, so that any byte can be in it; “-” is an empty one. */
const char *text_of(const char *hex, char *to) {
  size_t length = 0;
  for (; '-' != hex[0] && '\0' != hex[0] && '\0' != hex[1] && length < 500; hex += 2) {
    char two[3] = {hex[0], hex[1], '\0'};
    to[length++] = static_cast<char>(strtoul(two, nullptr, 16));
  }
  to[length] = '\0';
  return to;
}

void hex(const char *text) {
  for (; '\0' != *text; ++text) printf("%02x", static_cast<unsigned>(static_cast<unsigned char>(*text)));
}

}  // namespace

namespace latch {
namespace world {

void output(uint8_t pin, bool active) { printf("output %u %u\n", pin, active ? 1U : 0U); }
void lamp(uint8_t pin, bool lit) { printf("lamp %u %u\n", pin, lit ? 1U : 0U); }
void tell(uint8_t channel, bool retained, const char *where, const char *says) {
  printf("told %u %u ", channel, retained ? 1U : 0U);
  hex(where);
  printf(" ");
  hex(says);
  printf("\n");
}
void tell_number(uint8_t channel, bool retained, const char *where, uint8_t number) {
  char digits[8];
  snprintf(digits, sizeof digits, "%u", number);
  tell(channel, retained, where, digits);
}
void connect(uint8_t channel) { printf("connect %u\n", channel); }
void keep(const uint8_t *steps) {
  printf("kept");
  for (uint8_t line = 0; line < board::LINE_COUNT; ++line) printf(" %u", steps[line]);
  printf("\n");
}
void refuse(uint8_t line, Refusal why) { printf("refused %u %u\n", line, why); }
void wait(uint8_t line, uint32_t ms) { printf("waits %u %lu\n", line, static_cast<unsigned long>(ms)); }
void ignore_code(uint8_t receiver, uint32_t code) { printf("ignored-code %u %08lX\n", receiver, static_cast<unsigned long>(code)); }
void ignore_text(uint8_t channel, bool is_known) { printf("ignored-text %u %u\n", channel, is_known ? 1U : 0U); }
void alarm(uint8_t line, AlarmOf what) { printf("alarm %u %u\n", line, what); }

}  // namespace world
}  // namespace latch

int main() {
  using namespace latch;
  static Program program;
  char line[4096];
  while (nullptr != fgets(line, sizeof line, stdin)) {
    char word[16] = "";
    unsigned long now = 0, a = 0, b = 0;
    long value = 0;
    char one[1100] = "-", two[1100] = "-";
    if (sscanf(line, "%15s %lu", word, &now) < 1) continue;
    uint32_t at = static_cast<uint32_t>(now);
    if (0 == strcmp(word, "start")) {
      // start NOW SEED RESETS KEPT… | CLOSED…
      uint8_t steps[room(board::LINE_COUNT)] = {0}, closed[board::CONTACT_COUNT / 8 + 1] = {0};
      char *rest = line + strlen("start");
      strtoul(rest, &rest, 10);
      uint32_t seed = static_cast<uint32_t>(strtoul(rest, &rest, 10));
      uint8_t resets = static_cast<uint8_t>(strtoul(rest, &rest, 10));
      bool knows = 0 != strtoul(rest, &rest, 10);
      for (uint8_t place = 0; place < board::LINE_COUNT; ++place) steps[place] = static_cast<uint8_t>(strtoul(rest, &rest, 10));
      for (uint8_t place = 0; place < board::CONTACT_COUNT; ++place) set_bit(closed, place, 0 != strtoul(rest, &rest, 10));
      Kept kept = {knows ? steps : nullptr, resets};
      program.start(kept, closed, at, seed);
    } else if (0 == strcmp(word, "pass")) {
      program.pass(at);
    } else if (0 == strcmp(word, "contact") && 3 == sscanf(line, "%*s %lu %lu %lu", &now, &a, &b)) {
      program.contact(static_cast<uint8_t>(a), 0 != b, at);
    } else if (0 == strcmp(word, "ladder") && 3 == sscanf(line, "%*s %lu %lu %lu", &now, &a, &b)) {
      program.ladder(static_cast<uint8_t>(a), static_cast<uint8_t>(b), at);
    } else if (0 == strcmp(word, "edge") && 4 == sscanf(line, "%*s %lu %lu %lu %ld", &now, &a, &b, &value)) {
      program.edge(static_cast<uint8_t>(a), 0 != b, static_cast<uint32_t>(value), at);
    } else if (0 == strcmp(word, "message") && 4 == sscanf(line, "%*s %lu %lu %1050s %1050s", &now, &a, one, two)) {
      program.message(static_cast<uint8_t>(a), text_of(one, said[0]), text_of(two, said[1]), at);
    } else if (0 == strcmp(word, "linked") && 3 == sscanf(line, "%*s %lu %lu %lu", &now, &a, &b)) {
      program.linked(static_cast<uint8_t>(a), 0 != b, at);
    } else if (0 == strcmp(word, "sensor") && 4 == sscanf(line, "%*s %lu %lu %lu %ld", &now, &a, &b, &value)) {
      program.sensor(static_cast<uint8_t>(a), 0 != b, static_cast<int32_t>(value), at);
    } else if (0 == strcmp(word, "sense") && 3 == sscanf(line, "%*s %lu %lu %lu", &now, &a, &b)) {
      program.sense(static_cast<uint8_t>(a), 0 != b, at);
    } else if (0 == strcmp(word, "time") && 2 == sscanf(line, "%*s %lu %lu", &now, &a)) {
      program.time(static_cast<uint32_t>(a), at);
    } else {
      printf("what is “%s”?\n", word);
    }
    Time due;
    if (program.due(&due)) {
      printf("due %lu\n", static_cast<unsigned long>(due));
    } else {
      printf("due -\n");
    }
    for (uint8_t place = 0; place < board::LINE_COUNT; ++place) printf("%u/%u ", program.step(place), program.wanted(place));
    printf(".\n");
  }
  return 0;
}
