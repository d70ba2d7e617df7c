// Clients and servers of the customary interface, to compile against: nothing behind them.
#pragma once
#include "core.h"

struct WiFiClient {
  bool connect(IPAddress, uint16_t) { return false; }
  void setTimeout(unsigned long) {}
  void setNoDelay(bool) {}
  bool connected() { return false; }
  int available() { return 0; }
  int read(uint8_t *, size_t) { return 0; }
  int availableForWrite() { return 0; }
  size_t write(const uint8_t *, size_t) { return 0; }
  void stop() {}
  explicit operator bool() const { return false; }
};

struct WiFiServer {
  explicit WiFiServer(uint16_t) {}
  void begin() {}
  WiFiClient accept() { return WiFiClient(); }
};
