// Joins the network of the house and goes on seeking it; the core does that by itself. Names of brokers are resolved here, once, before the
// loop and while everything is off.

namespace net {

/** Longest that a name is waited for at the start; addresses in numbers are waited for not at all. */
const uint32_t NAME_MS = 6000;

bool is_there() { return WL_CONNECTED == WiFi.status(); }

bool resolve(const char *name, Address *address) {
  for (uint32_t from = chip::now(); !is_there() && chip::now() - from < NAME_MS;) delay(10);
  IPAddress found;
  if (!is_there() || 1 != WiFi.hostByName(name, found)) return false;
  for (uint8_t byte = 0; byte < 4; ++byte) address->bytes[byte] = found[byte];
  address->port = BROKER_PORT;
  return true;
}

void begin() {
  WiFi.persistent(false);
  WiFi.mode(WIFI_STA);
  WiFi.setAutoReconnect(true);
  WiFi.begin(secrets::NETWORK, secrets::PASSWORD);
  uint32_t from = chip::now();
  for (uint8_t place = 0; place < latch::board::BROKER_COUNT; ++place) {
    is_known[place] = in_numbers(secrets::HOSTS[place], &brokers[place], BROKER_PORT) || resolve(secrets::HOSTS[place], &brokers[place]);
  }
  if (chip::now() - from >= 10) {
    chip::serial_number(chip::now() - from);
    for (const char *says = " ms for a name\r\n"; '\0' != *says; ++says) chip::serial_write(static_cast<uint8_t>(*says));
  }
  if (latch::NONE != latch::board::PANEL_CHANNEL) listen_at(LATCH_PANEL_PORT);
#if LATCH_HAS_TIMERS
  LATCH_ASK_TIME;
#endif
}

void pass(uint32_t) {
  if (!is_there()) {
    own_address[0] = '\0';
  } else if ('\0' == own_address[0]) {
    IPAddress address = WiFi.localIP();
    uint8_t bytes[4] = {address[0], address[1], address[2], address[3]};
    written(bytes, LATCH_PANEL_PORT, own_address);
  }
}

const char *own() { return own_address; }

}  // namespace net
