// The shape of all that a program knows of its board. The rows themselves come with the board, in one header: nothing is typed by hand.
//
// Places count from 0 in the table that a name says: a `line` is a place in the table of lines. Lists lie one after the other in a table of
// their own; whoever has a list says where it begins and how long it is. NONE is no place.
#pragma once
#include "platform.h"

namespace latch {

const uint8_t NONE = 255;
/** A target at or above this is a group of lines. */
const uint8_t GROUP = 128;

enum Wish : uint8_t { WISH_ON, WISH_OFF, WISH_TOGGLE, WISH_UP, WISH_DOWN, WISH_NEXT, WISH_STEP, WISH_PERCENT, WISH_SCENE };
/** Whether whoever acts sees the appliance: a hand, somebody elsewhere, nobody at all. */
enum Presence : uint8_t { HERE, AWAY, ITSELF };
/** How a contact or a key is meant, where it matters whether it opens again. */
enum Operation : uint8_t { PLAIN, EXPLICIT, TOGGLING, PUSHING };
enum Restore : uint8_t { STAYS_OFF, AS_IT_WAS, GOES_ON };
enum WhenLost : uint8_t { GOES_OFF, COMES_ON, STAYS };
enum Tells : uint8_t { TELLS_LINE, TELLS_CONNECTED, TELLS_ALARM, TELLS_ALIVE };

enum LineFlag : uint8_t {
  FOLLOWS_SWITCH = 1,  // a maintained switch that was moved while the board was dead wins at once
  MUST_NOT_START = 2,  // nothing and nobody but a present hand may switch it on
  REMOTE_START = 4,    // its papers allow that an absent hand does
  BARRED = 8,          // no act on a group may switch it on
  BOTH_WAYS = 16,      // its steps are the two directions of a motor
  COUNTS = 32,         // one of those of which only so many may run at once
  SENSED = 64,         // an input hears whether its appliance is on
  TWO_WAY = 128        // its contact is one end of a two-way circuit: on or off is known by the sense alone
};

struct Line {
  uint8_t first_output, outputs;
  uint8_t first_step, steps;
  uint8_t first_apart, aparts;  // lines that it must never run together with
  uint8_t restore;
  uint8_t flags;
  uint32_t rest_ms;   // that it stays off at least
  uint16_t pause_ms;  // between one of its relays opening and another closing
  uint32_t run_ms;    // after which it is stopped, whatever it hears; 0 for never
};

struct Output {
  uint8_t pin;        // the output that closes it
  uint8_t opener;     // the output whose pulse opens it; NONE where it opens by itself
  uint16_t pulse_ms;  // of a bistable relay; 0 for one that is held
  uint8_t rests_closed;
};

/** Part of a list: where it begins, how long it is. */
struct Part {
  uint8_t first, count;
};

struct Apart {
  uint8_t line;
  uint16_t pause_ms;
};

struct Group {
  uint8_t first, count;  // members
};

struct Member {
  uint8_t line;
  uint8_t lit;  // a scene puts it on
};

/** What one input asks, and of whom. */
struct Act {
  uint8_t target;
  uint8_t wish;
  uint8_t presence;
  uint8_t operation;
};

struct Contact {
  uint8_t stays;  // a maintained switch, which counts when it is moved either way
  uint8_t first_act, acts;
  uint8_t selector;  // the knob that it is a position of; NONE for none
  uint8_t position;
};

struct Selector {
  uint8_t positions;
  uint8_t first_contact, contacts;  // in a list of places of contacts; none for a ladder of resistors
  uint8_t first_act, acts;
};

struct Key {
  uint8_t receiver;
  uint8_t is_raw;  // written down without its kind: only these very bits
  uint32_t code;   // the smaller of both orders of its bits
  uint8_t first_act, acts;
};

struct Channel {
  uint8_t first_message, messages;
  uint8_t connects;  // somebody must be reached before anything is heard or told
  uint8_t ignores_case, trims, keeps_states;
  uint16_t block_ms;  // that everything else waits while it reconnects
  const char *presence, *here, *gone;
};

/** What is listened to, and told, under one address of a channel. Texts are empty where they cannot be said. */
struct Message {
  Act act;
  const char *address, *on, *off, *toggle;
  const char *before, *after;  // around a number; `takes` says what the number is
  uint8_t takes;
  const char *state;  // where the state is told
  const char *told_on;
  uint8_t first_range, ranges;
};

/** What a number in a text stands for. */
enum Takes : uint8_t { TAKES_NONE, TAKES_STEP, TAKES_PERCENT, TAKES_RANGES };

/** A sensor that switches a line. Values are in 1/10000 of °C or %. */
struct Rule {
  Act act;
  uint8_t sensor;
  uint8_t has_thresholds;
  uint8_t only_off;
  uint8_t when_lost;
  int32_t on, off;
  uint32_t least_on_ms, least_off_ms;
};

struct Timer {
  Act act;
  uint8_t only_off;
  uint8_t by_the_table;  // what was missed is made up for
  uint8_t first_moment, moments;
};

struct Moment {
  uint16_t minute;  // of the week, from Monday 00:00
  uint8_t on;
};

struct Lamp {
  uint8_t pin;
  uint8_t tells;
  uint8_t line;
};

// What only the layers around the program read.

/** An expander is a port of its own, counted from here. */
const uint8_t EXPANDER = 128;

struct Pin {
  uint8_t port;  // of the chip: 1 for its port B and so on, by its letter; EXPANDER and more: an expander; NONE: by number alone
  uint8_t bit;
  uint8_t number;  // as programs of the customary core call it
  uint8_t high;    // the level that means active, lit, closed, on or carrier
  uint8_t pulls;   // the pull-up inside the chip is wanted
};

enum SensorKind : uint8_t { READS_LEVEL, READS_ONE_WIRE, READS_PULSES, READS_ANALOGUE, READS_HALF_OF_RANGE, READS_NOTHING };

enum ExpanderKind : uint8_t { EIGHT_BITS, SIXTEEN_BITS, SHIFT_REGISTER };

struct ExpanderRow {
  uint8_t kind;
  uint8_t address;  // 7-bit; of a shift register the place of its data, clock and latch among the pins of registers
};

/** A knob with a ladder of resistors: below which readings its positions end. */
struct Ladder {
  uint8_t selector;
  uint8_t first_limit, limits;
};

/** By which way a channel is reached. */
enum WayKind : uint8_t { BY_NOTHING, BY_SERIAL, BY_BROKER, BY_PANEL };

/** What a board says of one line so that others find it by themselves. */
struct Announcement {
  uint8_t channel;
  const char *where, *says;
};

}  // namespace latch
