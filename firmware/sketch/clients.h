// Streams by the clients of the customary interface. To begin one may wait, so it has a limit that a hand does not notice; nothing else
// waits.

namespace net {

const uint16_t CONNECT_MS = 40;

WiFiClient clients[latch::room(latch::board::BROKER_COUNT)];
WiFiClient callers[4];
bool is_called[4];
WiFiServer server(80);
char own_address[24] = "";

WiFiClient &of(void *self) { return *static_cast<WiFiClient *>(self); }

void end(void *self) {
  of(self).stop();
  for (uint8_t place = 0; place < 4; ++place) is_called[place] = is_called[place] && self != &callers[place];
}

bool begin_one(void *self) {
  uint8_t place = static_cast<uint8_t>(&of(self) - clients);
  if (!is_there() || !is_known[place]) return false;
  const uint8_t *to = brokers[place].bytes;
  of(self).setTimeout(CONNECT_MS);
  if (!of(self).connect(IPAddress(to[0], to[1], to[2], to[3]), brokers[place].port)) return false;
  of(self).setNoDelay(true);
  return true;
}

reach::StreamState state(void *self) { return of(self).connected() ? reach::STANDS : reach::IS_GONE; }

uint16_t read(void *self, uint8_t *to, uint16_t most) {
  int count = of(self).available();
  if (count <= 0) return 0;
  count = of(self).read(to, count < most ? static_cast<size_t>(count) : most);
  return count > 0 ? static_cast<uint16_t>(count) : 0;
}

uint16_t write(void *self, const uint8_t *from, uint16_t size) {
  int room = of(self).availableForWrite();
  if (room <= 0) return 0;
  return static_cast<uint16_t>(of(self).write(from, room < size ? static_cast<size_t>(room) : size));
}

reach::Stream broker(uint8_t place) { return {&clients[place], begin_one, state, read, write, end}; }

bool accept(reach::Stream *caller) {
  for (uint8_t place = 0; place < 4; ++place) {
    if (is_called[place]) continue;
    callers[place] = server.accept();
    if (!callers[place]) return false;
    is_called[place] = true;
    *caller = {&callers[place], begin_one, state, read, write, end};
    return true;
  }
  return false;
}

void listen_at(uint16_t) { server.begin(); }

}  // namespace net
