<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LineEnding;
use IronLatch\Core\Catalogue\ExpanderKind;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Pins\SelectorLadder;
use IronLatch\Core\Review\Inspection;

/** Where each place of the program’s tables sits on the chip, for the layer that knows its registers. */
final readonly class PinTables
{
    /** Shortest time of the watchdog, doubled with each of its settings up to the ninth (from memory of the chip’s data sheet). */
    private const WATCHDOG_MILLISECONDS = 16;
    private const LONGEST_WATCHDOG = 9;
    /** A text that nothing ends is over after so long without a letter. */
    private const TEXT_PAUSE_MILLISECONDS = 30;
    private const NONE = 255;
    /** Memory that keeps: all that the 8-bit chip has, and a part of what others emulate in flash. */
    private const KEPT_BYTES = ['atmega328p' => 1024];
    private const KEPT_BYTES_EMULATED = 512;
    /** A pin that does nothing but convert, as the core of the ESP8266 counts it (from memory). */
    private const ANALOGUE_ALONE = 17;
    /** Of a converter with ten bits. */
    private const GREATEST_READING = 1023;

    /**
     * @param array<string, list<string>> $rows by table
     * @param array<string, int> $numbers by name
     * @param array<string, list<string>> $names what each pin is and both of its names, by table
     */
    private function __construct(public array $rows, public array $numbers, public array $names) {}

    public static function of(Inspection $inspection, ProgramTables $tables): self
    {
        $board = $inspection->board;
        $expanders = array_flip(array_keys($board->expanders));
        $pin = static fn(string $function, bool $high, bool $pulls = false): string => self::pin(
            $inspection->seating->pins[$function] ?? null,
            $expanders,
            $high,
            $pulls,
        );
        $input = static function (string $function, bool $whenHigh) use ($inspection, $pin): string {
            $facts = $inspection->board->functions[$function];
            $isInside = null === ($inspection->seating->pins[$function] ?? null)?->expander;

            return $pin($function, $whenHigh, $isInside && null === $facts->pull && $facts->kind->restsHigh());
        };
        $closesHigh = static fn(string $function): bool => PullDirection::Down === $board->functions[$function]->pull?->direction;
        $registers = self::registers($inspection, $pin);
        $ladders = self::ladders($inspection, $tables);
        [$ladderRows, $limits] = self::limits($ladders);

        return new self([
            'PINS' => array_map(
                static fn(string $one): string => $pin($one, self::isActiveHigh($inspection, $one)),
                array_keys($tables->pins),
            ),
            'CONTACT_PINS' => array_map(
                static fn(string $one): string => $input($one, $closesHigh($one)),
                array_keys($tables->contacts),
            ),
            // A receiver pulls its output low while it sees carrier (common practice).
            'RECEIVER_PINS' => array_map(static fn(string $one): string => $input($one, false), array_keys($tables->receivers)),
            'SENSE_PINS' => array_map(static fn(string $one): string => $input($one, $closesHigh($one)), array_keys($tables->senses)),
            'SENSOR_PINS' => array_map(static fn(string $one): string => $input(
                $one,
                SensorReading::saysYesHigh($board->functions[$one]),
            ), array_keys($tables->sensors)),
            'SENSOR_KINDS' => array_map(
                static fn(string $one): string => SensorReading::of($board, $one)->value . ',',
                array_keys($tables->sensors),
            ),
            'LADDER_PINS' => array_map(static fn(string $one): string => $input($one, true), array_keys($ladders)),
            'LADDERS' => $ladderRows,
            'LADDER_LIMITS' => $limits,
            'EXPANDERS' => self::expanders($inspection),
            'REGISTER_PINS' => $registers,
        ], [
            'LADDER_COUNT' => count($ladders),
            'EXPANDER_COUNT' => count($board->expanders),
            'REGISTER_PIN_COUNT' => count($registers),
            ...self::serial($inspection, $tables),
            'KEPT_BYTES' => self::KEPT_BYTES[$inspection->controller->chip->identity->id] ?? self::KEPT_BYTES_EMULATED,
            'WATCHDOG_MS' => ProgramTables::watchdogMilliseconds($board->program->watchdogSeconds->value ?? null),
            'WATCHDOG' => self::watchdog($board->program->watchdogSeconds->value ?? null),
        ], array_map(static fn(array $places): array => array_map(
            static fn(string $one): string => self::named($inspection, $one),
            array_keys($places),
        ), [
            'PIN_NAMES' => $tables->pins,
            'CONTACT_NAMES' => $tables->contacts,
            'RECEIVER_NAMES' => $tables->receivers,
            'SENSE_NAMES' => $tables->senses,
            'SENSOR_NAMES' => $tables->sensors,
        ]));
    }

    private static function named(Inspection $inspection, string $function): string
    {
        $pin = $inspection->seating->pins[$function] ?? null;

        return sprintf('%s, %s', $inspection->board->nameOf($function), null === $pin ? 'no pin' : $pin->bothNames());
    }

    /**
     * @param array<string, int> $expanders places by id
     */
    private static function pin(?Pin $pin, array $expanders, bool $high, bool $pulls): string
    {
        [$port, $bit] = ['NONE', '0'];
        if (null !== $pin?->expander && 1 === preg_match('/\.([A-Z]?)(\d+)$|\.[A-Z]?(\d+)$/', $pin->name(), $match)) {
            [$port, $bit] = ['EXPANDER + ' . $expanders[$pin->expander], (string) PinNumbers::ofProgram($pin)];
        } elseif (null !== $pin && 1 === preg_match('/^P([A-Z])(\d)$/', $pin->name(), $match)) {
            [$port, $bit] = [(string) (ord($match[1]) - ord('A')), $match[2]];
        }
        if (null !== $pin && 1 === preg_match('/^ADC(\d)$/', $pin->name(), $match)) {
            // Of no port: its number is that of its channel.
            $bit = $match[1];
        }
        $number = null === $pin ? null : PinNumbers::ofProgram($pin);
        if (null === $number && str_starts_with($pin?->chip->name ?? '', 'ADC')) {
            $number = self::ANALOGUE_ALONE;
        }

        return sprintf(
            '{%s, %s, %s, %d, %d},%s',
            $port,
            $bit,
            $number ?? 'NONE',
            $high,
            $pulls,
            null === $pin ? '' : '  // ' . $pin->bothNames(),
        );
    }

    private static function isActiveHigh(Inspection $inspection, string $function): bool
    {
        $board = $inspection->board;
        $relay = $board->actuatorOf($function);
        $level = null === $relay
            ? $board->functions[$function]->lamp?->litLevel()
                ?? ($board->isCarriersOwnLamp($function) ? ($inspection->seating->pins[$function] ?? null)?->header->lamp : null)
            : $board->actuator($relay)->activeLevel->value;

        return Level::Low !== $level;
    }

    /**
     * Knobs with a ladder of resistors: the place of the knob and its positions, by function.
     *
     * @return array<string, array{int, int}>
     */
    private static function ladders(Inspection $inspection, ProgramTables $tables): array
    {
        $ladders = [];
        foreach ($tables->selectors as $id => $place) {
            $function = $inspection->board->functions[$id] ?? null;
            if (FunctionKind::SelectorLadder === $function?->kind) {
                $ladders[$id] = [$place, $function->positions];
            }
        }

        return $ladders;
    }

    /**
     * Below which reading of 1023 each position ends: halfway to the next one, and for the last halfway to the open contact.
     *
     * @param array<string, array{int, int}> $ladders
     * @return array{list<string>, list<string>}
     */
    private static function limits(array $ladders): array
    {
        $rows = $limits = [];
        foreach ($ladders as [$place, $count]) {
            $positions = SelectorLadder::for($count)->positions;
            $rows[] = sprintf('{%d, %d, %d},', $place, count($limits), $count);
            foreach ($positions as $number => $one) {
                $next = $positions[$number + 1]['level']->typ ?? 1.0;
                $limits[] = sprintf('%d,', (int) round(self::GREATEST_READING * ($one['level']->typ + $next) / 2));
            }
        }

        return [$rows, $limits];
    }

    /**
     * @return list<string>
     */
    private static function expanders(Inspection $inspection): array
    {
        $rows = [];
        $registers = 0;
        foreach ($inspection->board->expanders as $fitted) {
            $kind = $inspection->board->expander($fitted)->kind;
            $rows[] = match ($kind) {
                ExpanderKind::QuasiBidirectional => sprintf('{EIGHT_BITS, 0x%02X},', $fitted->address),
                ExpanderKind::PushPull => sprintf('{SIXTEEN_BITS, 0x%02X},', $fitted->address),
                ExpanderKind::ShiftRegister => sprintf('{SHIFT_REGISTER, %d},', 3 * $registers++),
            };
        }

        return $rows;
    }

    /**
     * Data, clock and latch of each shift register.
     *
     * @param \Closure(string, bool): string $pin
     * @return list<string>
     */
    private static function registers(Inspection $inspection, \Closure $pin): array
    {
        $rows = [];
        foreach ($inspection->board->expanders as $fitted) {
            if (ExpanderKind::ShiftRegister === $inspection->board->expander($fitted)->kind) {
                foreach ([FunctionKind::RegisterData, FunctionKind::RegisterClock, FunctionKind::RegisterLatch] as $kind) {
                    foreach ($inspection->board->groups[$fitted->bus]->functions ?? [] as $function) {
                        if ($inspection->board->functions[$function]->kind === $kind) {
                            $rows[] = $pin($function, true);
                        }
                    }
                }
            }
        }

        return $rows;
    }

    /**
     * The channel that comes by the serial line, its rate, and what ends a text.
     *
     * @return array<string, int>
     */
    private static function serial(Inspection $inspection, ProgramTables $tables): array
    {
        $facts = $inspection->board->program->firmware ?? new FirmwareFacts();
        $line = SerialLine::of($inspection);
        $ending = null === $line->channel ? null : $inspection->board->channels[$line->channel]->reading?->ending;

        return [
            'SERIAL_CHANNEL' => null === $line->channel ? self::NONE : $tables->channels[$line->channel] ?? self::NONE,
            'SERIAL_RATE' => null === $line->channel ? $facts->consoleRate : $facts->radioRate,
            'SERIAL_PAUSE_MS' => LineEnding::None === $ending ? self::TEXT_PAUSE_MILLISECONDS : 0,
            'SERIAL_HEARS' => (int) $line->hears,
            'SERIAL_SAYS' => (int) $line->says,
        ];
    }

    /** The setting that is nearest to what is stated, and not shorter where there is one. */
    private static function watchdog(?float $seconds): int
    {
        $wanted = ProgramTables::watchdogMilliseconds($seconds);
        $setting = 0;
        while ($setting < self::LONGEST_WATCHDOG && self::WATCHDOG_MILLISECONDS << $setting < $wanted) {
            ++$setting;
        }

        return $setting;
    }
}
