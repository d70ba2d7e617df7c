#include "WiFi.h"
