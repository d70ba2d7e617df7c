// A stand-in for the customary interface, so that a sketch runs on a computer: pins that a script moves and that are written down, a clock
// that is real or a script’s, and sensors that answer on their wire.
#pragma once
#include <arpa/inet.h>
#include <errno.h>
#include <fcntl.h>
#include <netdb.h>
#include <netinet/in.h>
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/mman.h>
#include <sys/select.h>
#include <sys/socket.h>
#include <sys/wait.h>
#include <time.h>
#include <unistd.h>

// Compiled for a chip of its own, with nothing behind it, where that is asked for.
#ifndef LATCH_STUBS
#define LATCH_ON_DESK 1
#define LATCH_PANEL_PORT desk::panel_port
#endif
#define INPUT 0
#define OUTPUT 1
#define INPUT_PULLUP 2
#define OUTPUT_OPEN_DRAIN 3
#define LOW 0
#define HIGH 1
#define CHANGE 3

namespace desk {

const int PINS = 64;
enum Sensor { NO_SENSOR, THERMOMETER, HUMIDITY };

struct Pin {
  int mode, driven;   // as the program has set it; -1 for never
  int held, outside;  // something pulls it, and where to
  int told;
  int analogue;
  void (*changed)();
  Sensor sensor;
  bool is_there;
  int value;
  // The wire of a sensor: since when it is low or free, and what it says then.
  bool is_low;
  uint64_t moved_at;
  int command, bits, sends, sent;
  uint8_t bytes[9];
  uint64_t low_from, low_until, answers_at;
};

extern Pin *const pins;
extern uint16_t panel_port;
uint64_t micros();
void wait(uint64_t micros);
void set(int pin, int mode, int driven);
int level(int pin);
bool is_scripted();

}  // namespace desk

// In a script’s time nothing may be under way between two ends: sockets of one machine deliver at once, those of a network do not.
int desk_socket(int domain, int type, int protocol);
int desk_connect(int handle, const sockaddr *to, socklen_t size);
#define socket desk_socket
#define connect desk_connect

inline void pinMode(int pin, int mode) { desk::set(pin, mode, -1); }
inline void digitalWrite(int pin, int level) { desk::set(pin, -1, level); }
inline int digitalRead(int pin) { return desk::level(pin); }
inline void analogReadResolution(int) {}
inline int analogRead(int pin) { return desk::pins[pin].analogue; }
inline unsigned long millis() { return static_cast<unsigned long>(desk::micros() / 1000); }
inline unsigned long micros() { return static_cast<unsigned long>(desk::micros()); }
inline void delay(unsigned long ms) { desk::wait(1000 * ms); }
inline void delayMicroseconds(unsigned us) { desk::wait(us); }
inline void yield() {}
inline void noInterrupts() {}
inline void interrupts() {}
inline int digitalPinToInterrupt(int pin) { return pin; }
inline void attachInterrupt(int pin, void (*changed)(), int) { desk::pins[pin].changed = changed; }

struct SerialLine {
  void begin(unsigned long) {}
  void begin(unsigned long, int) {}
  void begin(unsigned long, int, int) {}
  void begin(unsigned long, int, int, int) {}
  void setRX(int) {}
  void setTX(int) {}
  int available();
  int read();
  int availableForWrite() { return 64; }
  void write(uint8_t byte);
};
extern SerialLine Serial, Serial1, Serial2;
#define SERIAL_8N1 0
#define SERIAL_RX_ONLY 1
#define SERIAL_TX_ONLY 2
#define UART_PIN_NOT_DEFINED 255

struct IPAddress {
  uint8_t bytes[4];
  IPAddress() : bytes() {}
  IPAddress(uint8_t a, uint8_t b, uint8_t c, uint8_t d) {
    uint8_t own[4] = {a, b, c, d};
    memcpy(bytes, own, sizeof bytes);
  }
  uint8_t operator[](int place) const { return bytes[place]; }
};

enum { WL_CONNECTED = 3, WIFI_STA = 1 };
struct Radio {
  void persistent(bool) {}
  void mode(int) {}
  void setAutoReconnect(bool) {}
  void begin(const char *, const char *) {}
  int status() { return WL_CONNECTED; }
  IPAddress localIP() { return IPAddress(127, 0, 0, 1); }
  int hostByName(const char *name, IPAddress &found);
};
extern Radio WiFi;

#ifdef LATCH_STUBS
#define RTC_NOINIT_ATTR
struct OwnChip {
  bool rtcUserMemoryRead(uint32_t, uint32_t *, size_t) { return true; }
  bool rtcUserMemoryWrite(uint32_t, uint32_t *, size_t) { return true; }
};
extern OwnChip ESP;
struct SmallChip {
  void wdt_begin(uint32_t) {}
  void wdt_reset() {}
};
extern SmallChip rp2040;
struct TimeClient {
  void begin(const char *) {}
};
extern TimeClient NTP;
inline void enableLoopWDT() {}
inline void configTime(const char *, const char *) {}
inline void configTzTime(const char *, const char *) {}
#endif
