// “192.168.1.5:1883” in numbers.

namespace net {

struct Address {
  uint8_t bytes[4];
  uint16_t port;
};

/** False where it is a name. */
bool in_numbers(const char *text, Address *address, uint16_t usual_port) {
  for (uint8_t byte = 0; byte < 4; ++byte) {
    uint16_t value = 0;
    uint8_t digits = 0;
    for (; *text >= '0' && *text <= '9' && digits < 3; ++text, ++digits) value = static_cast<uint16_t>(10 * value + (*text - '0'));
    if (0 == digits || value > 255 || (byte < 3 && '.' != *text++)) return false;
    address->bytes[byte] = static_cast<uint8_t>(value);
  }
  address->port = usual_port;
  if ('\0' == *text) return true;
  if (':' != *text++) return false;
  uint32_t port = 0;
  for (uint8_t digits = 0; *text >= '0' && *text <= '9' && digits < 5; ++text, ++digits)
    port = 10 * port + static_cast<uint32_t>(*text - '0');
  address->port = static_cast<uint16_t>(port);
  return '\0' == *text && port > 0 && port < 65536;
}

/** “192.168.1.20”, with the port where it is not 80. */
void written(const uint8_t bytes[4], uint16_t port, char *to) {
  uint16_t numbers[5] = {bytes[0], bytes[1], bytes[2], bytes[3], port};
  for (uint8_t place = 0; place < (80 == port ? 4 : 5); ++place) {
    if (place > 0) *to++ = 4 == place ? ':' : '.';
    char digits[6];
    uint8_t count = 0;
    for (uint16_t left = numbers[place]; 0 == count || left > 0; left = static_cast<uint16_t>(left / 10))
      digits[count++] = static_cast<char>('0' + left % 10);
    while (count > 0) *to++ = digits[--count];
  }
  *to = '\0';
}

}  // namespace net
