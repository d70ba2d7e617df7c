// What the program does to the world around it. A hardware layer says how; a test writes it down.
#pragma once
#include <stdint.h>

namespace latch {

enum Refusal : uint8_t { STARTED_TOO_OFTEN, MUST_NOT_BY_ITSELF, BARRED_FROM_GROUPS, NOT_BY_A_GROUP, TOO_MANY_AT_ONCE, TIME_IS_OVER };
enum AlarmOf : uint8_t { OF_RESETS, OF_WELD };

namespace world {

/** An output is set active or idle; which level that is stands in the table of pins. */
void output(uint8_t pin, bool active);
void lamp(uint8_t pin, bool lit);
/** Something is said on a channel: texts lie where the tables lie, but for a number, which stands alone. */
void tell(uint8_t channel, bool retained, const char *where, const char *says);
void tell_number(uint8_t channel, bool retained, const char *where, uint8_t number);
/** An attempt to reach the other end of a channel begins. */
void connect(uint8_t channel);
/** The steps of all lines are to outlive a power cut. */
void keep(const uint8_t *steps);
void refuse(uint8_t line, Refusal why);
void wait(uint8_t line, uint32_t ms);
/** A code that no line is on; a text that means nothing, or is for nobody. */
void ignore_code(uint8_t receiver, uint32_t code);
void ignore_text(uint8_t channel, bool is_known);
void alarm(uint8_t line, AlarmOf what);

}  // namespace world
}  // namespace latch
