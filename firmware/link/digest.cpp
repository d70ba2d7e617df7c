#include "digest.h"

namespace reach {

namespace {

uint32_t turned(uint32_t word, uint8_t bits) { return word << bits | word >> (32 - bits); }

void block(const uint8_t *bytes, uint32_t state[5]) {
  uint32_t words[80];
  for (uint8_t place = 0; place < 16; ++place) {
    words[place] = static_cast<uint32_t>(bytes[4 * place]) << 24 | static_cast<uint32_t>(bytes[4 * place + 1]) << 16 |
                   static_cast<uint32_t>(bytes[4 * place + 2]) << 8 | bytes[4 * place + 3];
  }
  for (uint8_t place = 16; place < 80; ++place)
    words[place] = turned(words[place - 3] ^ words[place - 8] ^ words[place - 14] ^ words[place - 16], 1);
  uint32_t a = state[0], b = state[1], c = state[2], d = state[3], e = state[4];
  for (uint8_t round = 0; round < 80; ++round) {
    uint32_t mixed, constant;
    if (round < 20) {
      mixed = (b & c) | (~b & d);
      constant = 0x5A827999;
    } else if (round < 40) {
      mixed = b ^ c ^ d;
      constant = 0x6ED9EBA1;
    } else if (round < 60) {
      mixed = (b & c) | (b & d) | (c & d);
      constant = 0x8F1BBCDC;
    } else {
      mixed = b ^ c ^ d;
      constant = 0xCA62C1D6;
    }
    uint32_t next = turned(a, 5) + mixed + e + constant + words[round];
    e = d;
    d = c;
    c = turned(b, 30);
    b = a;
    a = next;
  }
  state[0] += a;
  state[1] += b;
  state[2] += c;
  state[3] += d;
  state[4] += e;
}

}  // namespace

void sha1(const char *text, uint8_t length, uint8_t digest[20]) {
  uint8_t bytes[128] = {0};
  for (uint8_t place = 0; place < length && place < 119; ++place) bytes[place] = static_cast<uint8_t>(text[place]);
  bytes[length] = 0x80;
  uint8_t blocks = static_cast<uint8_t>((length + 8) / 64 + 1);
  uint16_t bits = static_cast<uint16_t>(8 * length);
  bytes[64 * blocks - 2] = static_cast<uint8_t>(bits >> 8);
  bytes[64 * blocks - 1] = static_cast<uint8_t>(bits);
  uint32_t state[5] = {0x67452301, 0xEFCDAB89, 0x98BADCFE, 0x10325476, 0xC3D2E1F0};
  for (uint8_t place = 0; place < blocks; ++place) block(bytes + 64 * place, state);
  for (uint8_t place = 0; place < 20; ++place) digest[place] = static_cast<uint8_t>(state[place / 4] >> (24 - 8 * (place % 4)));
}

void base64(const uint8_t *bytes, uint8_t count, char *to) {
  static const char LETTERS[] = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";
  for (uint8_t place = 0; place < count; place = static_cast<uint8_t>(place + 3)) {
    uint8_t left = static_cast<uint8_t>(count - place);
    uint32_t three = static_cast<uint32_t>(bytes[place]) << 16 | (left > 1 ? static_cast<uint32_t>(bytes[place + 1]) << 8 : 0) |
                     (left > 2 ? bytes[place + 2] : 0U);
    *to++ = LETTERS[three >> 18 & 63];
    *to++ = LETTERS[three >> 12 & 63];
    *to++ = left > 1 ? LETTERS[three >> 6 & 63] : '=';
    *to++ = left > 2 ? LETTERS[three & 63] : '=';
  }
  *to = '\0';
}

}  // namespace reach
