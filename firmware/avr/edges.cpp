#include <avr/interrupt.h>
#include <avr/io.h>

#include "../loop/chip.h"

// Pin-change interrupts note when each receiver changed: a frame is read from these moments, and nothing waits for it.
namespace chip {

namespace {

const uint8_t ROOM = 24;
volatile uint8_t begin = 0, end = 0;
Edge edges[ROOM];
bool marks[latch::room(latch::board::RECEIVER_COUNT)];
latch::Pin receivers[latch::room(latch::board::RECEIVER_COUNT)];

}  // namespace

void note_edges() {
  uint32_t at = micros();
  for (uint8_t receiver = 0; receiver < latch::board::RECEIVER_COUNT; ++receiver) {
    bool mark = is_active(receivers[receiver]);
    uint8_t next = static_cast<uint8_t>((end + 1) % ROOM);
    if (mark == marks[receiver] || next == begin) continue;
    marks[receiver] = mark;
    edges[end].micros = at;
    edges[end].receiver = receiver;
    edges[end].mark = mark;
    end = next;
  }
}

void begin_edges() {
  for (uint8_t receiver = 0; receiver < latch::board::RECEIVER_COUNT; ++receiver) {
    latch::Pin pin = latch::row_of(latch::board::RECEIVER_PINS, receiver);
    receivers[receiver] = pin;
    marks[receiver] = false;
    if (pin.port < 1 || pin.port > 3) continue;
    PCICR = static_cast<uint8_t>(PCICR | _BV(pin.port - 1));
    volatile uint8_t &mask = 1 == pin.port ? PCMSK0 : 2 == pin.port ? PCMSK1 : PCMSK2;
    mask = static_cast<uint8_t>(mask | _BV(pin.bit));
  }
}

bool next_edge(Edge *edge) {
  if (begin == end) return false;
  *edge = edges[begin];
  begin = static_cast<uint8_t>((begin + 1) % ROOM);
  return true;
}

}  // namespace chip

ISR(PCINT0_vect) { chip::note_edges(); }
ISR(PCINT1_vect, ISR_ALIASOF(PCINT0_vect));
ISR(PCINT2_vect, ISR_ALIASOF(PCINT0_vect));
