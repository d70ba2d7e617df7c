// The network of a chip with a radio. Chips without one have none of it.
#include "../link/net.h"
#include "../link/secrets.h"
#include "../link/tables.h"
#include "address.h"
#ifndef LATCH_PANEL_PORT
#define LATCH_PANEL_PORT 80
#endif

namespace net {

const uint16_t BROKER_PORT = 1883;
Address brokers[latch::room(latch::board::BROKER_COUNT)];
bool is_known[latch::room(latch::board::BROKER_COUNT)];
bool is_there();

}  // namespace net

#if defined(LATCH_ON_DESK)
#include "sockets.h"
#elif defined(LATCH_ON_ESP8266)
#include <ESP8266WiFi.h>
#include "clients.h"
#elif defined(LATCH_ON_RP2040)
#include <WiFi.h>
#include "clients.h"
#elif defined(LATCH_ON_ESP32)
#include <WiFi.h>
#include <errno.h>
#include <lwip/sockets.h>
#include <string.h>
#include "sockets.h"
#endif
#include "join.h"
