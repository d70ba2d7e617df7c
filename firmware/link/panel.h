// The hand panel that the board serves itself: one page by HTTP/1.1 (RFC 9110, 9112), and behind it a web socket (RFC 6455) that carries
// the words of the message list: “lamp on” from the phone, “lamp on” back when it is so.
//
// Nobody switches a line but a page that this board has served and that knows its key. The address that is called must be the board’s own
// in numbers (a foreign name that points here is refused), the origin must be that page, and the first word must be the key; after a wrong
// one nobody is let in for a while, longer each time. Each slot goes a step in each pass, and whoever is slow is left.
#pragma once
#include "../latch/program.h"
#include "outbox.h"
#include "tables.h"

namespace reach {

using latch::Time;

class Panel {
 public:
  static const uint8_t SLOTS = 3;
  static const Time REQUEST_MS = 5000, PING_MS = 15000, SILENT_MS = 40000, FIRST_WAIT_MS = 1000, LONGEST_WAIT_MS = 60000;
  static const uint8_t LEAST_KEY = 12;
  static const uint16_t MOST_HEADERS = 4096;

  Panel() : channel_(latch::NONE), key_(""), own_(""), barred_until_(0), wait_ms_(FIRST_WAIT_MS), is_barred_(false), speaks_(0) {
    for (uint8_t place = 0; place < SLOTS; ++place) slots_[place].state = FREE;
  }

  /** Without a key nobody is let in. */
  void begin(uint8_t channel, const char *key);
  /** Somebody calls; false where there is no room. */
  bool offer(const Stream &stream, Time now);
  /** `own` is the address in numbers by which the board is called, with its port where that is not 80. */
  void pass(latch::Program &program, const char *own, Time now);
  void tell(const char *where, const char *says);
  void tell_number(const char *where, uint8_t number);
  /** What was just said means nothing here. */
  void ignored();

 private:
  enum State : uint8_t { FREE, REQUEST, REPLY, PAGE, STRANGER, KNOWN, LEAVING };
  enum Frame : uint8_t { OPENS, LENGTH, MASK, BODY };

  struct Slot {
    Stream stream;
    State state;
    Time since, heard_at, pinged_at;
    bool owes;
    Outbox<512> out;
    uint16_t sent;  // of the page
    // The request.
    char line[192];
    uint8_t length;
    uint16_t heard;
    bool is_first, is_get, is_root, is_socket, is_host, is_foreign, has_origin, upgrades, is_version, is_long;
    char nonce[25];
    // The frame.
    Frame frame;
    uint8_t opcode, masked, left, size;
    uint8_t mask[4];
    char says[126];
  };

  void step(Slot &slot, latch::Program &program, Time now);
  void take_letter(Slot &slot, char letter, Time now);
  void request_line(Slot &slot);
  void header(Slot &slot);
  void answer(Slot &slot, Time now);
  void reply(Slot &slot, const char *head);
  void page(Slot &slot);
  void take_byte(Slot &slot, uint8_t byte, latch::Program &program, Time now);
  void framed(Slot &slot, latch::Program &program, Time now);
  void word(Slot &slot, latch::Program &program, Time now);
  void frame(Slot &slot, uint8_t opcode, const char *bytes, uint8_t count);
  void leave(Slot &slot, uint16_t code);
  void close(Slot &slot);
  bool is_key(const char *says, uint8_t size) const;
  void say(Slot &slot, const char *where, const char *says, bool in_flash);

  Slot slots_[SLOTS];
  uint8_t channel_;
  const char *key_, *own_;
  Time barred_until_, wait_ms_;
  bool is_barred_;
  uint8_t speaks_;  // the slot whose word is being heard
};

}  // namespace reach
