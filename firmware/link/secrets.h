// What each copy keeps to itself: read from a file that never leaves the house.
#pragma once
#include "broker.h"

namespace secrets {

extern const char *const NETWORK, *const PASSWORD;
/** Empty where the board serves no panel. */
extern const char *const PANEL_KEY;
extern const reach::Login LOGINS[];
/** “192.168.1.5”, or with “:1883” behind it. */
extern const char *const HOSTS[];

}  // namespace secrets
