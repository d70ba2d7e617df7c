// Interrupts note when each receiver changed: a frame is read from these moments, and nothing waits for it.
#ifndef IRAM_ATTR
#define IRAM_ATTR
#endif

namespace chip {

const uint8_t EDGE_ROOM = 96;
volatile uint8_t edges_begin = 0, edges_end = 0;
volatile uint32_t edge_micros[EDGE_ROOM];
volatile uint8_t edge_says[EDGE_ROOM];  // the receiver, twice, and one where it is a mark
uint8_t receiver_numbers[latch::room(latch::board::RECEIVER_COUNT)], receiver_highs[latch::room(latch::board::RECEIVER_COUNT)];

void IRAM_ATTR note_edge(uint8_t receiver) {
  uint8_t next = static_cast<uint8_t>((edges_end + 1) % EDGE_ROOM);
  if (next == edges_begin) return;
  bool is_mark = (HIGH == digitalRead(receiver_numbers[receiver])) == (0 != receiver_highs[receiver]);
  edge_micros[edges_end] = static_cast<uint32_t>(::micros());
  edge_says[edges_end] = static_cast<uint8_t>(2 * receiver + (is_mark ? 1 : 0));
  edges_end = next;
}

// Each pin has a function of its own: nothing is handed over to it.
void IRAM_ATTR note_first() { note_edge(0); }
void IRAM_ATTR note_second() { note_edge(1); }
void IRAM_ATTR note_third() { note_edge(2); }
void IRAM_ATTR note_fourth() { note_edge(3); }

void begin_edges() {
  void (*const notes[])() = {note_first, note_second, note_third, note_fourth};
  for (uint8_t receiver = 0; receiver < latch::board::RECEIVER_COUNT && receiver < 4; ++receiver) {
    latch::Pin pin = latch::row_of(latch::board::RECEIVER_PINS, receiver);
    receiver_numbers[receiver] = pin.number;
    receiver_highs[receiver] = pin.high;
    if (is_own(pin)) attachInterrupt(digitalPinToInterrupt(pin.number), notes[receiver], CHANGE);
  }
}

bool next_edge(Edge *edge) {
  if (edges_begin == edges_end) return false;
  edge->micros = edge_micros[edges_begin];
  edge->receiver = static_cast<uint8_t>(edge_says[edges_begin] / 2);
  edge->mark = 0 != edge_says[edges_begin] % 2;
  edges_begin = static_cast<uint8_t>((edges_begin + 1) % EDGE_ROOM);
  return true;
}

}  // namespace chip
