// Anything may come by the serial line and from a receiver: so many random texts and edges, for sanitizers to look at.
#include "latch/program.h"
#include "silent_world.h"

#include <stdio.h>
#include <stdlib.h>

namespace {

/** A word that is known, mangled; or nothing that is known. */
void text(char *to, size_t room) {
  size_t length = any() % room;
  for (size_t place = 0; place < length; ++place)
    to[place] = 0 == any() % 4 ? static_cast<char>(any()) : "LO0123456789+-.% onf"[any() % 20];
  to[length] = '\0';
}

}  // namespace

int main(int count, char **words) {
  using namespace latch;
  static Program program;
  unsigned long times = count > 1 ? strtoul(words[1], nullptr, 10) : 100000;
  uint8_t closed[board::CONTACT_COUNT / 8 + 1] = {0};
  Kept kept = {nullptr, 0};
  program.start(kept, closed, 0, 1);
  Time now = 4294900000UL;  // the clock wraps on the way
  uint32_t micros = any();
  for (unsigned long time = 0; time < times; ++time) {
    char to[40], says[200];
    now += any() % 700;
    for (uint8_t channel = 0; channel < board::CHANNEL_COUNT; ++channel) {
      text(to, 0 == any() % 2 ? 1 : sizeof to);
      text(says, sizeof says);
      program.message(channel, to, says, now);
    }
    for (uint8_t edge = 0; edge < 80 && board::RECEIVER_COUNT > 0; ++edge) {
      uint32_t lengths[] = {9000, 4500, 2250, 562, 562, 562, 1687, any() % 20000};
      micros += lengths[any() % 8] + any() % 300;
      program.edge(static_cast<uint8_t>(any() % board::RECEIVER_COUNT), 0 != (edge & 1), micros, now);
    }
    program.pass(now);
    for (uint8_t line = 0; line < board::LINE_COUNT; ++line) {
      if (program.step(line) > row_of(board::LINES, line).steps) return printf("line %u is in step %u\n", line, program.step(line)), 1;
    }
  }
  printf("ok\n");
  return 0;
}
