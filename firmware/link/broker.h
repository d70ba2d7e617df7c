// A client of a message broker (MQTT 3.1.1, OASIS standard of 29 October 2014): connects, subscribes to what the tables listen to, and
// publishes what the program tells. Everything goes in steps of the loop; nothing waits, and nothing is asked of a heap.
//
// Commands that the broker has kept are not obeyed: they would be played again at each connection. What is too long to be known, or known
// to nobody, is left out and said so. A server that breaks the protocol is left, and sought again like one that is gone.
#pragma once
#include "../latch/program.h"
#include "outbox.h"
#include "tables.h"

namespace reach {

using latch::Time;

/** Whom to say one is; texts in memory, empty where there is none. */
struct Login {
  const char *client, *user, *password;
};

class Broker {
 public:
  static const uint16_t KEEP_ALIVE_S = 30;
  /** Longest without an answer: to a connection that begins, to a greeting, to a ping. */
  static const Time PATIENCE_MS = 10000;

  Broker() : stream_(), login_(), channel_(latch::NONE), state_(OFF) {}

  void begin(uint8_t channel, const Stream &stream, const Login &login);
  /** Seeks the other end; what comes of it is told to the program. */
  void connect(Time now);
  void pass(latch::Program &program, Time now);
  void tell(bool retained, const char *where, const char *says);
  void tell_number(bool retained, const char *where, uint8_t number);
  bool is_up() const { return UP == state_; }

 private:
  enum State : uint8_t { OFF, FAILED, OPENING, GREETING, ASKING, UP };
  enum Part : uint8_t { HEAD, LENGTH, BODY };

  bool open_packet(uint8_t head, uint32_t length);
  void say(const char *text, uint16_t length, bool in_flash);
  void text(const char *text, bool in_flash);
  void greet();
  void ask();
  bool is_first_of_its_address(uint8_t place) const;
  bool announce();
  void publish(bool retained, const char *where, const char *says, uint16_t length, bool in_flash);
  void hear(latch::Program &program, Time now);
  bool take(uint8_t byte, latch::Program &program, Time now);
  bool take_body(uint8_t byte);
  bool answered(latch::Program &program, Time now);
  void arrived(latch::Program &program, Time now);
  void fail(latch::Program &program, Time now);

  Stream stream_;
  Login login_;
  uint8_t channel_;
  State state_;
  Time since_, heard_at_, said_at_;
  uint8_t asked_;      // messages whose addresses were subscribed to
  uint8_t announced_;  // announcements that were made
  bool pings_;
  bool owes_;  // how everything is: told when there is room for it

  Outbox<latch::board::LINK_BYTES> out_;
  // The packet that comes in.
  Part part_;
  uint8_t head_, length_bytes_;
  uint32_t left_, at_;
  uint16_t topic_length_;
  uint16_t payload_length_;
  bool fits_;
  char topic_[latch::board::TOPIC_BYTES], payload_[latch::board::PAYLOAD_BYTES];
};

}  // namespace reach
