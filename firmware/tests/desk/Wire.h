// A two-wire bus with nobody on it.
#pragma once
#include "core.h"

struct TwoWireBus {
  void begin() {}
  void begin(int, int) {}
  void setSDA(int) {}
  void setSCL(int) {}
  void beginTransmission(uint8_t) {}
  size_t write(const uint8_t *, size_t count) { return count; }
  uint8_t endTransmission(bool) { return 2; }
  uint8_t requestFrom(uint8_t, uint8_t) { return 0; }
  int read() { return 0; }
};
extern TwoWireBus Wire;
