/*
 * A bench for the 8-bit chip: runs a program in simavr, does to its pins what a script says, and writes down what it does to them.
 *
 *   chipbench PROGRAM.elf < SCRIPT
 *
 * Each line of the script begins with microseconds, in their order:
 *   T pin D5 0|1           the world pulls a pin to a level
 *   T free D5              the world lets it go: a pull-up, inside or outside, decides
 *   T pull D4              there is a pull-up outside
 *   T byte 65              a byte arrives on the serial line
 *   T thermometer D4 N|-   a one-wire thermometer says N sixteenths of a degree, or is not there
 *   T humidity D4 N|-      a sensor that answers by the length of its pulses says N tenths of a percent, or is not there
 *   T expander 32 8|16     an expander with so many bits at that address of the two-wire bus
 *   T register D4 D5        a shift register: its data and its clock; the next line, “T latch D6”, says its latch
 *   T far 32.3 0|1         the world pulls a pin of an expander
 *   T volts C0 2500        so many millivolts stand at an analogue input
 *   T power 0|1            power goes, and comes: memory that keeps stays, all else is lost
 *   T reset watchdog|brown-out|button   a reset of that kind
 *   T hang                 the program hangs where it is, with interrupts running
 *   T end
 * It prints, with the same clock: “T D7 1”, “T D7 0” and “T D7 z” for an output and an input, “T X32.0 1” for one of an
 * expander; “T says TEXT” for a line on the serial line;
 * “T starts CAUSE” for each start.
 */
#include <ctype.h>
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#include <simavr/avr_adc.h>
#include <simavr/avr_eeprom.h>
#include <simavr/avr_ioport.h>
#include <simavr/avr_twi.h>
#include <simavr/avr_uart.h>
#include <simavr/sim_avr.h>
#include <simavr/sim_cycle_timers.h>
#include <simavr/sim_elf.h>
#include <simavr/sim_io.h>

#define EEPROM_BYTES 1024
#define PORTS 3
#define MHZ 16

static const char PORT_NAMES[PORTS] = {'B', 'C', 'D'};

static avr_t *avr;
static uint64_t base_micros; /* when this power began */
static uint8_t eeprom[EEPROM_BYTES];
static uint8_t last_port[PORTS], last_ddr[PORTS], known[PORTS];
static char said[256];
static size_t said_length;

static uint64_t micros(void) { return base_micros + avr->cycle / MHZ; }

static int port_of(const char *pin) { return toupper((unsigned char)pin[0]) - 'B'; }
static int bit_of(const char *pin) { return pin[1] - '0'; }
static avr_irq_t *pin_irq(const char *pin) {
  return avr_io_getirq(avr, AVR_IOCTL_IOPORT_GETIRQ(PORT_NAMES[port_of(pin)]), (uint32_t)bit_of(pin));
}

/* What the world does to each pin: where it does nothing, a pull-up inside the chip decides. */
static uint8_t held_masks[PORTS], held_levels[PORTS];

static void hold_port(int port) {
  avr_ioport_external_t outside = {.name = (unsigned long)PORT_NAMES[port], .mask = held_masks[port], .value = held_levels[port]};
  avr_ioctl(avr, AVR_IOCTL_IOPORT_SET_EXTERNAL(PORT_NAMES[port]), &outside);
}

static void hold(const char *pin, int is_held, int level) {
  int port = port_of(pin);
  uint8_t mask = (uint8_t)(1 << bit_of(pin));
  held_masks[port] = (uint8_t)(is_held ? held_masks[port] | mask : held_masks[port] & ~mask);
  held_levels[port] = (uint8_t)(level ? held_levels[port] | mask : held_levels[port] & ~mask);
  if (!avr) return;
  hold_port(port);
  avr_raise_irq(pin_irq(pin), (uint32_t)(is_held ? level : 1));
}

/* What stands at the analogue inputs. */
static uint32_t millivolts[8];

static void put_volts(void) {
  for (uint32_t channel = 0; channel < 8; ++channel) {
    avr_raise_irq(avr_io_getirq(avr, AVR_IOCTL_ADC_GETIRQ, ADC_IRQ_ADC0 + channel), millivolts[channel]);
  }
}

/* A shift register of eight bits, and what it shows since its latch last rose. */
static struct {
  char data[4], clock[4], hold[4];
  uint8_t shifted, shown;
  int is_known;
} chain;

static int stands_high(const char *pin, int port, uint8_t levels) {
  return (port_of(pin) == port ? levels : last_port[port_of(pin)]) >> bit_of(pin) & 1;
}

static void register_follows(int port, uint8_t levels) {
  if (!chain.hold[0]) return;
  int rises = (uint8_t)(levels & ~last_port[port]);
  if (port_of(chain.clock) == port && (rises >> bit_of(chain.clock) & 1)) {
    chain.shifted = (uint8_t)(chain.shifted << 1 | stands_high(chain.data, port, levels));
  }
  if (port_of(chain.hold) != port || !(rises >> bit_of(chain.hold) & 1)) return;
  for (int bit = 0; bit < 8; ++bit) {
    int is_high = chain.shifted >> bit & 1;
    if (!chain.is_known || is_high != (chain.shown >> bit & 1)) printf("%llu X0.%d %d\n", (unsigned long long)micros(), bit, is_high);
  }
  chain.shown = chain.shifted;
  chain.is_known = 1;
}

/* What each pin does, told when it changes. */
static void told(int port, uint8_t levels, uint8_t directions) {
  register_follows(port, levels);
  for (int bit = 0; bit < 8; ++bit) {
    uint8_t mask = (uint8_t)(1 << bit);
    int was_out = known[port] && (last_ddr[port] & mask), is_out = directions & mask;
    int was_high = last_port[port] & mask, is_high = levels & mask;
    if (is_out && (!was_out || !was_high != !is_high))
      printf("%llu %c%d %d\n", (unsigned long long)micros(), PORT_NAMES[port], bit, is_high ? 1 : 0);
    if (!is_out && was_out) printf("%llu %c%d z\n", (unsigned long long)micros(), PORT_NAMES[port], bit);
  }
  last_port[port] = levels;
  last_ddr[port] = directions;
  known[port] = 1;
}

/* A thermometer on one wire. */
static struct {
  char pin[4];
  int is_there;
  int16_t sixteenths;
  uint64_t low_since;
  int is_low;
  uint8_t command, bits;
  uint8_t bytes[9];
  int sends, sent; /* bits */
} wire;

/* The pull-up outside lifts a wire that nobody holds any more. */
static avr_cycle_count_t high_again(struct avr_t *a, avr_cycle_count_t when, void *pin) {
  (void)a;
  (void)when;
  avr_raise_irq(pin_irq((const char *)pin), 1);
  return 0;
}

static avr_cycle_count_t wire_hold(struct avr_t *a, avr_cycle_count_t when, void *parameter) {
  (void)when;
  avr_raise_irq(pin_irq(wire.pin), 0);
  avr_cycle_timer_register(a, (avr_cycle_count_t)(uintptr_t)parameter * MHZ, high_again, wire.pin);
  return 0;
}

static void wire_fill(void) {
  memset(wire.bytes, 0, sizeof wire.bytes);
  wire.bytes[0] = (uint8_t)wire.sixteenths;
  wire.bytes[1] = (uint8_t)(wire.sixteenths >> 8);
  wire.bytes[4] = 0x7F;
  wire.bytes[5] = 0xFF;
  uint8_t sum = 0;
  for (int place = 0; place < 8; ++place) {
    uint8_t left = wire.bytes[place];
    for (int bit = 0; bit < 8; ++bit, left = (uint8_t)(left >> 1)) sum = (uint8_t)((sum ^ left) & 1 ? (sum >> 1) ^ 0x8C : sum >> 1);
  }
  wire.bytes[8] = sum;
}

static void wire_changed(uint8_t levels, uint8_t directions) {
  uint8_t mask = (uint8_t)(1 << bit_of(wire.pin));
  int low = (directions & mask) && !(levels & mask);
  if (low == wire.is_low) return;
  wire.is_low = low;
  if (low) {
    wire.low_since = micros();
    return;
  }
  if (!wire.is_there) {
    avr_cycle_timer_register(avr, 1 * MHZ, high_again, wire.pin);
    return;
  }
  uint64_t lasted = micros() - wire.low_since;
  if (lasted >= 400) {
    wire.command = wire.bits = 0;
    wire.sends = wire.sent = 0;
    avr_cycle_timer_register(avr, 20 * MHZ, wire_hold, (void *)(uintptr_t)120);
    return;
  }
  if (wire.sends > 0) {
    int one = wire.bytes[wire.sent / 8] >> (wire.sent % 8) & 1;
    ++wire.sent;
    --wire.sends;
    if (!one) avr_cycle_timer_register(avr, 1 * MHZ, wire_hold, (void *)(uintptr_t)30);
    return;
  }
  wire.command = (uint8_t)(wire.command >> 1 | (lasted < 15 ? 0x80 : 0));
  if (8 == ++wire.bits) {
    wire.bits = 0;
    if (0xBE == wire.command) {
      wire_fill();
      wire.sends = 72;
      wire.sent = 0;
    }
  }
}

/* A humidity sensor: called by a pull of a millisecond, it answers with 40 bits by the length of its pulses. */
static struct {
  char pin[4];
  int is_there, is_low, step;
  uint16_t tenths;
  uint64_t low_since;
  uint8_t bytes[5];
} damp;

/* Its levels, one after the other: “here I am”, 40 bits, and the end. */
static avr_cycle_count_t damp_steps(struct avr_t *a, avr_cycle_count_t when, void *parameter) {
  (void)a;
  (void)parameter;
  int step = damp.step++;
  avr_raise_irq(pin_irq(damp.pin), (uint32_t)(step & 1));
  if (step < 2) return when + 80 * MHZ;
  int bit = (step - 2) / 2;
  if (bit > 40 || (40 == bit && (step & 1))) return 0;
  if (!(step & 1)) return when + 50 * MHZ;
  return when + (damp.bytes[bit / 8] >> (7 - bit % 8) & 1 ? 70 : 26) * MHZ;
}

static void damp_changed(uint8_t levels, uint8_t directions) {
  uint8_t mask = (uint8_t)(1 << bit_of(damp.pin));
  int low = (directions & mask) && !(levels & mask);
  if (low == damp.is_low) return;
  damp.is_low = low;
  if (low) {
    damp.low_since = micros();
    return;
  }
  avr_cycle_timer_register(avr, 1 * MHZ, high_again, damp.pin);
  if (!damp.is_there || micros() - damp.low_since < 1000) return;
  damp.bytes[0] = (uint8_t)(damp.tenths >> 8);
  damp.bytes[1] = (uint8_t)damp.tenths;
  damp.bytes[2] = 0;
  damp.bytes[3] = 215;
  damp.bytes[4] = (uint8_t)(damp.bytes[0] + damp.bytes[1] + damp.bytes[2] + damp.bytes[3]);
  damp.step = 0;
  avr_cycle_timer_register(avr, 30 * MHZ, damp_steps, NULL);
}

/* Expanders on the two-wire bus: one that has a byte and nothing else, and one with registers. */
static struct expander {
  int address, bits;
  int is_called, has_pointer;
  uint8_t pointer, registers[32];
  uint16_t outside, told_levels, told_directions;
  int is_known;
} expanders[8];
static int expander_count;

static void expander_told(struct expander *one) {
  uint16_t levels = 8 == one->bits ? one->registers[0] : (uint16_t)(one->registers[0x14] | one->registers[0x15] << 8);
  uint16_t inputs = 8 == one->bits ? 0 : (uint16_t)(one->registers[0] | one->registers[1] << 8);
  for (int bit = 0; bit < one->bits; ++bit) {
    uint16_t mask = (uint16_t)(1 << bit);
    int is_new = !one->is_known || ((one->told_levels ^ levels) & mask) || ((one->told_directions ^ inputs) & mask);
    if (is_new && !(inputs & mask)) printf("%llu X%d.%d %d\n", (unsigned long long)micros(), one->address, bit, levels & mask ? 1 : 0);
  }
  one->told_levels = levels;
  one->told_directions = inputs;
  one->is_known = 1;
}

static void expander_written(struct expander *one, uint8_t byte) {
  if (8 == one->bits) {
    one->registers[0] = byte;
  } else if (!one->has_pointer) {
    one->pointer = byte & 31;
    one->has_pointer = 1;
    return;
  } else {
    one->registers[one->pointer] = byte;
    one->pointer = (one->pointer + 1) & 31;
    /* Both halves of a pair are told together. */
    if (one->pointer & 1) return;
  }
  expander_told(one);
}

static uint8_t expander_read(struct expander *one) {
  if (8 == one->bits) return (uint8_t)(one->registers[0] & one->outside);
  uint8_t at = one->pointer;
  one->pointer = (one->pointer + 1) & 31;
  return (uint8_t)(0x12 == at ? one->outside : 0x13 == at ? one->outside >> 8 : one->registers[at]);
}

static void bus_changed(avr_irq_t *irq, uint32_t value, void *parameter) {
  (void)irq;
  (void)parameter;
  avr_twi_msg_irq_t said_;
  said_.u.v = value;
  avr_irq_t *answer = avr_io_getirq(avr, AVR_IOCTL_TWI_GETIRQ(0), TWI_IRQ_INPUT);
  for (int place = 0; place < expander_count; ++place) {
    struct expander *one = &expanders[place];
    if (said_.u.twi.msg & TWI_COND_STOP) one->is_called = 0;
    if (said_.u.twi.msg & TWI_COND_START) {
      one->is_called = said_.u.twi.addr >> 1 == one->address;
      if (!(said_.u.twi.addr & 1)) one->has_pointer = 0;
      if (one->is_called) avr_raise_irq(answer, avr_twi_irq_msg(TWI_COND_ACK, said_.u.twi.addr, 1));
    }
    if (!one->is_called) continue;
    if (said_.u.twi.msg & TWI_COND_WRITE) {
      avr_raise_irq(answer, avr_twi_irq_msg(TWI_COND_ACK, said_.u.twi.addr, 1));
      expander_written(one, said_.u.twi.data);
    }
    if (said_.u.twi.msg & TWI_COND_READ) avr_raise_irq(answer, avr_twi_irq_msg(TWI_COND_READ, said_.u.twi.addr, expander_read(one)));
  }
}

/* Without power nothing of it stays: the small one lets all its pins go high, the other makes inputs of them. */
static void expanders_begin(void) {
  for (int place = 0; place < expander_count; ++place) {
    memset(expanders[place].registers, 8 == expanders[place].bits ? 0xFF : 0, sizeof expanders[place].registers);
    if (16 == expanders[place].bits) expanders[place].registers[0] = expanders[place].registers[1] = 0xFF;
    expanders[place].is_called = expanders[place].has_pointer = expanders[place].is_known = 0;
  }
}

static void port_changed(avr_irq_t *irq, uint32_t value, void *parameter) {
  (void)irq;
  int port = (int)(intptr_t)parameter;
  if (wire.pin[0] && port == port_of(wire.pin)) wire_changed((uint8_t)value, last_ddr[port]);
  if (damp.pin[0] && port == port_of(damp.pin)) damp_changed((uint8_t)value, last_ddr[port]);
  told(port, (uint8_t)value, last_ddr[port]);
}

static void direction_changed(avr_irq_t *irq, uint32_t value, void *parameter) {
  (void)irq;
  int port = (int)(intptr_t)parameter;
  if (wire.pin[0] && port == port_of(wire.pin)) wire_changed(last_port[port], (uint8_t)value);
  if (damp.pin[0] && port == port_of(damp.pin)) damp_changed(last_port[port], (uint8_t)value);
  told(port, last_port[port], (uint8_t)value);
}

static void byte_said(avr_irq_t *irq, uint32_t value, void *parameter) {
  (void)irq;
  (void)parameter;
  if ('\n' == value) {
    said[said_length] = '\0';
    printf("%llu says %s\n", (unsigned long long)micros(), said);
    said_length = 0;
  } else if ('\r' != value && said_length + 1 < sizeof said) {
    said[said_length++] = (char)value;
  }
}

static void no_sleep(avr_t *a, avr_cycle_count_t long_) {
  (void)a;
  (void)long_;
}

static void connect_all(void) {
  for (int port = 0; port < PORTS; ++port) {
    known[port] = last_port[port] = last_ddr[port] = 0;
    avr_irq_register_notify(avr_io_getirq(avr, AVR_IOCTL_IOPORT_GETIRQ(PORT_NAMES[port]), IOPORT_IRQ_REG_PORT), port_changed,
                            (void *)(intptr_t)port);
    avr_irq_register_notify(avr_io_getirq(avr, AVR_IOCTL_IOPORT_GETIRQ(PORT_NAMES[port]), IOPORT_IRQ_DIRECTION_ALL), direction_changed,
                            (void *)(intptr_t)port);
  }
  avr_irq_register_notify(avr_io_getirq(avr, AVR_IOCTL_TWI_GETIRQ(0), TWI_IRQ_OUTPUT), bus_changed, NULL);
  expanders_begin();
  put_volts();
  uint32_t flags = 0;
  avr_ioctl(avr, AVR_IOCTL_UART_GET_FLAGS('0'), &flags);
  flags &= ~(uint32_t)(AVR_UART_FLAG_STDIO | AVR_UART_FLAG_POLL_SLEEP);
  avr_ioctl(avr, AVR_IOCTL_UART_SET_FLAGS('0'), &flags);
  avr_irq_register_notify(avr_io_getirq(avr, AVR_IOCTL_UART_GETIRQ('0'), UART_IRQ_OUTPUT), byte_said, NULL);
}

static elf_firmware_t firmware;
static void (*reset_of_chip)(struct avr_t *);
static uint8_t hung_bytes[2];
static uint32_t hung_at;
static int is_hung;

/* Any reset: pins are let go, the clock of the simulator begins anew, and a loop that hung is sound again. */
static void reset_begins(struct avr_t *a) {
  for (int port = 0; port < PORTS; ++port) told(port, 0, 0);
  base_micros += a->cycle / MHZ;
  a->cycle = 0;
  if (is_hung) memcpy(a->flash + hung_at, hung_bytes, sizeof hung_bytes);
  is_hung = 0;
  if (reset_of_chip) reset_of_chip(a);
}

static void power_on(void) {
  avr = avr_make_mcu_by_name("atmega328p");
  avr_init(avr);
  avr->frequency = MHZ * 1000000;
  avr->sleep = no_sleep;
  avr->log = 1;
  avr_load_firmware(avr, &firmware);
  avr->frequency = MHZ * 1000000;
  avr->vcc = avr->avcc = avr->aref = 5000;
  /* Memory begins as it will. */
  for (uint32_t at = 0x100; at <= avr->ramend; ++at) avr->data[at] = (uint8_t)(at * 37 + 11);
  avr_eeprom_desc_t all = {.ee = eeprom, .offset = 0, .size = EEPROM_BYTES};
  avr_ioctl(avr, AVR_IOCTL_EEPROM_SET, &all);
  reset_of_chip = avr->reset;
  avr->reset = reset_begins;
  connect_all();
  wire.is_low = damp.is_low = 0;
  for (int port = 0; port < PORTS; ++port) {
    hold_port(port);
    for (int bit = 0; bit < 8; ++bit) {
      if (held_masks[port] >> bit & 1) {
        avr_raise_irq(avr_io_getirq(avr, AVR_IOCTL_IOPORT_GETIRQ(PORT_NAMES[port]), (uint32_t)bit), held_levels[port] >> bit & 1);
      }
    }
  }
}

static void power_off(void) {
  avr_eeprom_desc_t all = {.ee = NULL, .offset = 0, .size = EEPROM_BYTES};
  avr_ioctl(avr, AVR_IOCTL_EEPROM_GET, &all);
  if (all.ee) memcpy(eeprom, all.ee, EEPROM_BYTES);
  for (int port = 0; port < PORTS; ++port) told(port, 0, 0);
  for (int place = 0; place < expander_count; ++place) {
    for (int bit = 0; bit < expanders[place].bits && expanders[place].is_known; ++bit) {
      if (!(expanders[place].told_directions >> bit & 1))
        printf("%llu X%d.%d z\n", (unsigned long long)micros(), expanders[place].address, bit);
    }
  }
  for (int bit = 0; bit < 8 && chain.is_known; ++bit) printf("%llu X0.%d z\n", (unsigned long long)micros(), bit);
  chain.is_known = 0;
  avr = NULL;
}

/* What the script says, word by word. */
static struct {
  unsigned long long at;
  char word[24], one[24], two[24];
} command;

static void reset_as(const char *kind) {
  avr_reset(avr);
  /* What each kind leaves in the register of causes: button 2, brown-out 4, watchdog 8. */
  avr->data[0x54] = !strcmp(kind, "watchdog") ? 8 : !strcmp(kind, "brown-out") ? 4 : 2;
}

/* Everything but power. */
static void apply(void) {
  if (!strcmp(command.word, "pull")) {
    hold(command.one, 1, 1);
  } else if (!strcmp(command.word, "pin")) {
    hold(command.one, 1, '1' == command.two[0]);
  } else if (!strcmp(command.word, "free")) {
    hold(command.one, 0, 1);
  } else if (!strcmp(command.word, "thermometer")) {
    snprintf(wire.pin, sizeof wire.pin, "%.2s", command.one);
    wire.is_there = '-' != command.two[0] || command.two[1] != '\0';
    wire.sixteenths = (int16_t)atoi(command.two);
  } else if (!strcmp(command.word, "humidity")) {
    snprintf(damp.pin, sizeof damp.pin, "%.2s", command.one);
    damp.is_there = '-' != command.two[0];
    damp.tenths = (uint16_t)atoi(command.two);
  } else if (!strcmp(command.word, "expander") && expander_count < 8) {
    struct expander *one = &expanders[expander_count++];
    one->address = atoi(command.one);
    one->bits = atoi(command.two);
    one->outside = 0xFFFF;
  } else if (!strcmp(command.word, "register")) {
    snprintf(chain.data, sizeof chain.data, "%.2s", command.one);
    snprintf(chain.clock, sizeof chain.clock, "%.2s", command.two);
  } else if (!strcmp(command.word, "latch")) {
    snprintf(chain.hold, sizeof chain.hold, "%.2s", command.one);
  } else if (!strcmp(command.word, "volts")) {
    millivolts[bit_of(command.one) & 7] = (uint32_t)atoi(command.two);
    if (avr) put_volts();
  } else if (!strcmp(command.word, "far")) {
    int address = 0, bit = 0;
    if (2 != sscanf(command.one, "%d.%d", &address, &bit)) return;
    for (int place = 0; place < expander_count; ++place) {
      if (expanders[place].address != address) continue;
      uint16_t mask = (uint16_t)(1 << bit);
      expanders[place].outside = (uint16_t)('1' == command.two[0] ? expanders[place].outside | mask : expanders[place].outside & ~mask);
    }
  } else if (avr && !strcmp(command.word, "byte")) {
    avr_raise_irq(avr_io_getirq(avr, AVR_IOCTL_UART_GETIRQ('0'), UART_IRQ_INPUT), (uint32_t)atoi(command.one));
  } else if (avr && !strcmp(command.word, "reset")) {
    reset_as(command.one);
  } else if (avr && !strcmp(command.word, "hang")) {
    /* A jump to itself where it stands: interrupts go on, the loop does not. */
    hung_at = avr->pc;
    memcpy(hung_bytes, avr->flash + hung_at, sizeof hung_bytes);
    is_hung = 1;
    avr->flash[avr->pc] = 0xFF;
    avr->flash[avr->pc + 1] = 0xCF;
  }
}

static int is_stopped;

/* At the very moment: a chip that sleeps would be at its next tick when it has come back from here. */
static avr_cycle_count_t apply_here(struct avr_t *a, avr_cycle_count_t when, void *parameter) {
  (void)a;
  (void)when;
  (void)parameter;
  apply();
  is_stopped = 1;
  return 0;
}

/* Runs to a moment, and does what is to be done there; 0 where the program crashed. */
static int run_to(uint64_t until) {
  uint64_t cycle = (until - base_micros) * MHZ;
  is_stopped = 0;
  avr_cycle_timer_register(avr, cycle > avr->cycle ? cycle - avr->cycle : 1, apply_here, NULL);
  while (!is_stopped) {
    int state = avr_run(avr);
    if (cpu_Done == state || cpu_Crashed == state) {
      printf("%llu crashed\n", (unsigned long long)micros());
      return 0;
    }
    /* A reset of the chip’s own forgets what was put off. */
    if (!is_stopped && micros() >= until) apply_here(avr, avr->cycle, NULL);
  }
  return 1;
}

int main(int count, char **words) {
  if (count < 2 || elf_read_firmware(words[1], &firmware) != 0) return 2;
  memset(eeprom, 0xFF, sizeof eeprom);
  char line[256];
  while (fgets(line, sizeof line, stdin)) {
    memset(&command, 0, sizeof command);
    if (sscanf(line, "%llu %23s %23s %23s", &command.at, command.word, command.one, command.two) < 2) continue;
    if (!avr) {
      apply();
    } else if (!run_to(command.at)) {
      return 1;
    }
    if (!strcmp(command.word, "end")) break;
    if (strcmp(command.word, "power")) continue;
    if ('1' == command.one[0] && !avr) {
      base_micros = command.at;
      power_on();
    } else if ('0' == command.one[0] && avr) {
      power_off();
    }
  }
  return 0;
}
