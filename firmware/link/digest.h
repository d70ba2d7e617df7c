// What the opening of a web socket wants: SHA-1 (FIPS 180-4) of a short text, and base64 (RFC 4648). Nothing secret rests on them.
#pragma once
#include <stdint.h>

namespace reach {

/** Of at most 119 bytes. */
void sha1(const char *text, uint8_t length, uint8_t digest[20]);
/** Ends with a zero; `to` has room for 4 letters for each 3 bytes that were begun, and that zero. */
void base64(const uint8_t *bytes, uint8_t count, char *to);

}  // namespace reach
