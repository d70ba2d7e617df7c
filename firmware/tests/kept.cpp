// Power goes at every byte of every record: what is found afterwards is what was kept last, or the one before, and never anything else.
// Prints how often each byte was written at most and at least, so that wear can be judged.
#include "latch/kept.h"

#include <stdio.h>
#include <string.h>

namespace {

const uint16_t SIZE = 1024;
uint8_t memory[SIZE];
unsigned long writes[SIZE];

}  // namespace

namespace latch {
namespace store {
uint8_t read(uint16_t address) { return memory[address]; }
bool is_ready() { return true; }
void write(uint16_t address, uint8_t byte) {
  memory[address] = byte;
  ++writes[address];
}
}  // namespace store
}  // namespace latch

int main() {
  using latch::KeptRing;
  memset(memory, 0xFF, sizeof memory);
  uint8_t found[latch::room(latch::board::LINE_COUNT)], now[latch::room(latch::board::LINE_COUNT)];
  KeptRing empty(SIZE);
  if (empty.load(found)) return puts("an empty memory says something"), 1;
  memset(now, 0, sizeof now);
  unsigned long seed = 1;
  bool has_any = false;
  for (unsigned record = 0; record < 70000; ++record) {
    uint8_t next[sizeof now];
    for (size_t line = 0; line < sizeof now; ++line) {
      seed = seed * 6364136223846793005UL + 1442695040888963407UL;
      next[line] = static_cast<uint8_t>((seed >> 33) % 4);
    }
    // Every tenth record is cut off, each time a byte later.
    uint8_t cut = 0 == record % 10 ? static_cast<uint8_t>(record / 10 % KeptRing::RECORD) : latch::NONE;
    KeptRing ring(SIZE);
    ring.load(found);
    ring.keep(next);
    for (uint8_t byte = 0; ring.is_busy() && byte != cut; ++byte) ring.step();
    bool is_whole = !ring.is_busy();
    KeptRing after(SIZE);
    bool knows = after.load(found);
    bool is_next = knows && 0 == memcmp(found, next, latch::board::LINE_COUNT);
    bool is_before = has_any ? knows && 0 == memcmp(found, now, latch::board::LINE_COUNT) : !knows;
    if (is_whole ? !is_next : !is_next && !is_before) return printf("record %u, cut at %u\n", record, cut), 1;
    if (is_next) {
      memcpy(now, next, sizeof now);
      has_any = true;
    }
  }
  unsigned long most = 0, least = ~0UL;
  for (uint16_t at = 0; at < SIZE / KeptRing::RECORD * KeptRing::RECORD; ++at) {
    most = writes[at] > most ? writes[at] : most;
    least = writes[at] < least ? writes[at] : least;
  }
  printf("%u %lu %lu\n", KeptRing::RECORD, least, most);
  return 0;
}
