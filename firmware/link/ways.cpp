// All ways of a board with a network: a serial line, brokers, and the panel that it serves itself.
#include "../loop/ways.h"

#include "../loop/chip.h"
#include "../loop/serial_way.h"
#include "broker.h"
#include "net.h"
#include "panel.h"
#include "secrets.h"

namespace ways {

using namespace latch;

namespace {

reach::Broker brokers[room(board::BROKER_COUNT)];
reach::Panel panel;
uint8_t places[room(board::CHANNEL_COUNT)];

uint8_t way_of(uint8_t channel) { return flash_byte(board::WAYS + channel); }

}  // namespace

void begin() {
  net::begin();
  uint8_t place = 0;
  for (uint8_t channel = 0; channel < board::CHANNEL_COUNT; ++channel) {
    if (BY_BROKER == way_of(channel)) {
      places[channel] = place;
      brokers[place].begin(channel, net::broker(place), secrets::LOGINS[place]);
      ++place;
    }
    if (BY_PANEL == way_of(channel)) panel.begin(channel, secrets::PANEL_KEY);
  }
}

void pass(Program &program, uint32_t now) {
  net::pass(now);
  serial_way::hear(program, now);
  for (uint8_t place = 0; place < board::BROKER_COUNT; ++place) brokers[place].pass(program, now);
  if (NONE == board::PANEL_CHANNEL) return;
  reach::Stream caller;
  if (net::accept(&caller) && !panel.offer(caller, now)) caller.end(caller.of);
  panel.pass(program, net::own(), now);
}

void tell(uint8_t channel, bool retained, const char *where, const char *says) {
  switch (way_of(channel)) {
    case BY_SERIAL: return serial_way::tell(says);
    case BY_BROKER: return brokers[places[channel]].tell(retained, where, says);
    case BY_PANEL: return panel.tell(where, says);
    default: return;
  }
}

void tell_number(uint8_t channel, bool retained, const char *where, uint8_t number) {
  switch (way_of(channel)) {
    case BY_SERIAL: return serial_way::tell_number(number);
    case BY_BROKER: return brokers[places[channel]].tell_number(retained, where, number);
    case BY_PANEL: return panel.tell_number(where, number);
    default: return;
  }
}

void connect(uint8_t channel) {
  if (BY_BROKER == way_of(channel)) brokers[places[channel]].connect(chip::now());
}

void ignored(uint8_t channel, bool) {
  if (BY_PANEL == way_of(channel)) panel.ignored();
}

}  // namespace ways
