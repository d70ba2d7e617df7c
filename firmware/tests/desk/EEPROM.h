// Memory that keeps: what was not committed is gone with the power.
#pragma once
#include "core.h"

struct KeepingMemory {
  uint8_t bytes[4096], written[4096];
  void begin(size_t) {}
  uint8_t read(int at) { return bytes[at]; }
  void write(int at, uint8_t byte) { bytes[at] = byte; }
  bool commit() {
    memcpy(written, bytes, sizeof written);
    return true;
  }
};
extern KeepingMemory &EEPROM;
