// What a network brings: streams to brokers, callers of the panel, and the board’s own address. Nothing of it waits.
#pragma once
#include "stream.h"

namespace net {

/** Joins the network, and goes on seeking it; names are resolved here, before the loop. */
void begin();
void pass(uint32_t now);
/** In numbers, with the port where it is not 80; empty while the board has none. */
const char *own();
/** The way to a broker, by its place among the channels that have one. */
reach::Stream broker(uint8_t place);
/** Somebody who calls the panel; false for nobody. */
bool accept(reach::Stream *stream);

}  // namespace net
